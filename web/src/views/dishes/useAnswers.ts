import { likelyMend, mendLine, type SpoonSystem } from '@zemrin/core';
import { useMemo, useState } from 'react';
import { useReading } from './useReading.ts';

/** What the cook has said to the lines of a text, as long as it stays as it is; by its recipes. */
interface Answers {
  readonly of: string;
  /** Lines mended as was likely. */
  readonly mended: ReadonlyMap<number, readonly number[]>;
  /** Sentences read in their other way. */
  readonly rather: ReadonlyMap<number, ReadonlySet<number>>;
}

const NOTHING_SAID: Omit<Answers, 'of'> = { mended: new Map(), rather: new Map() };

/** The recipes of a text, with what the cook has answered to what was doubtful in them. */
export function useAnswers(text: string, spoons: SpoonSystem) {
  const [said, setSaid] = useState<Answers>({ of: text, ...NOTHING_SAID });
  const answers = said.of === text ? said : { of: text, ...NOTHING_SAID };
  const { mended, rather } = answers;
  const { read, ...going } = useReading(text, spoons, rather);
  const all = useMemo(
    () =>
      read.map((one, i) =>
        (mended.get(i) ?? []).reduce((so, line) => {
          const mend = likelyMend(so, line, spoons);
          return mend ? mendLine(so, line, mend) : so;
        }, one),
      ),
    [read, mended, spoons],
  );
  const onMend = (at: number, line: number) =>
    setSaid({ ...answers, mended: new Map(mended).set(at, [...(mended.get(at) ?? []), line]) });
  const onRather = (at: number, sentence: number) => {
    const sentences = new Set(rather.get(at));
    if (!sentences.delete(sentence)) sentences.add(sentence);
    setSaid({ ...answers, rather: new Map(rather).set(at, sentences) });
  };
  const onTakeBack = (at: number) =>
    setSaid({
      ...answers,
      mended: new Map(mended).set(at, []),
      rather: new Map(rather).set(at, new Set()),
    });
  const answered = (at: number) =>
    (mended.get(at)?.length ?? 0) > 0 || (rather.get(at)?.size ?? 0) > 0;
  return { all, going, answered, onMend, onRather, onTakeBack };
}
