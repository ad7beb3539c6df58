import { useEffect, useRef, useState } from 'react';
import { Tick } from '../../ui/Tick.tsx';
import { useWords } from '../../words/words.ts';
import { chime, mayNotify, recall, remember, showNotice, speak, type Reminder } from './remind.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

const KINDS: readonly Reminder[] = ['sound', 'voice', 'notices'];

/** Says, chimes and notifies what is due, each once; each can be off. */
export function Reminders({ page }: { page: RunOnPage }) {
  const t = useWords();
  const words = useCallWords(page);
  const [on, setOn] = useState(recall);
  const told = useRef(new Set<string>());
  const due = [
    ...page.calls
      .filter(({ atMin }) => atMin <= page.nowMin)
      .slice(0, 1)
      .map((call) => ({
        key: call.key,
        text: t('cook.saidDue', { what: words.what(call), dish: call.step?.dishName ?? '' }),
      })),
    ...page.state.timers
      .filter(({ untilMin }) => untilMin <= page.nowMin)
      .map(({ id, label }) => ({ key: `timer ${id}`, text: label })),
  ];
  const keys = due.map(({ key }) => key).join('|');
  useEffect(() => {
    for (const { key, text } of due) {
      if (told.current.has(key)) continue;
      told.current.add(key);
      if (on.sound) chime();
      if (on.voice) speak(text);
      if (on.notices) showNotice(text);
    }
    // Once for each that is due, whatever is switched meanwhile.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [keys]);
  const turn = async (kind: Reminder, wanted: boolean) => {
    const may = kind !== 'notices' || !wanted || (await mayNotify());
    const next = { ...on, [kind]: wanted && may };
    setOn(next);
    remember(next);
  };
  return (
    <div className="flex flex-wrap gap-x-4">
      {KINDS.map((kind) => (
        <Tick key={kind} checked={on[kind]} onChange={(wanted) => void turn(kind, wanted)}>
          {t(`cook.${kind}`)}
        </Tick>
      ))}
    </div>
  );
}
