import { readRecipes, type ReadRecipe, type SpoonSystem } from '@zemrin/core';
import { useEffect, useMemo, useState } from 'react';
import { readLong, stopReading } from '../../workers/reader.ts';

/** A paste of so many letters is read while one types; a longer one beside the page. */
const AT_ONCE_LETTERS = 40_000;

/** A long paste on its way. */
interface LongReading {
  /** Which text, with which answers. */
  readonly of: object;
  readonly share: number;
  readonly read?: readonly ReadRecipe[] | undefined;
  readonly stopped?: boolean;
}

/** What is being read, or was. */
export interface Reading {
  readonly read: readonly ReadRecipe[];
  /** How much of a long paste is read, 0 to 1; undefined when none is being read. */
  readonly share?: number | undefined;
  /** The cook has left it off. */
  readonly stopped: boolean;
  readonly onStop: () => void;
  /** Reads on what was left off, from its beginning. */
  readonly onAgain: () => void;
}

const NOTHING: readonly ReadRecipe[] = [];

/** The recipes of a paste: a short one at once, a long one with its progress, to be left off. */
export function useReading(
  text: string,
  spoons: SpoonSystem,
  rather: ReadonlyMap<number, ReadonlySet<number>>,
): Reading {
  const isLong = text.length > AT_ONCE_LETTERS;
  const short = useMemo(
    () => (isLong || text.trim() === '' ? NOTHING : readRecipes(text, spoons, rather)),
    [isLong, text, spoons, rather],
  );
  const [again, setAgain] = useState(0);
  // One object for what is asked: what comes of anything else is not shown.
  const asked = useMemo(() => ({ text, spoons, rather, again }), [text, spoons, rather, again]);
  const [long, setLong] = useState<LongReading>({ of: asked, share: 0 });
  useEffect(() => {
    if (!isLong) return undefined;
    let over = false;
    // What was left off is not told any more, though a word of it may still be on its way.
    const told = (now: Omit<LongReading, 'of'>) =>
      setLong((was) => (over || (was.of === asked && was.stopped) ? was : { of: asked, ...now }));
    readLong(asked.text, asked.spoons, asked.rather, (share) => told({ share })).then(
      (read) => {
        if (read) told({ share: 1, read });
      },
      () => told({ share: 1, read: NOTHING }),
    );
    return () => {
      over = true;
      stopReading();
    };
  }, [isLong, asked]);
  const onStop = () => {
    stopReading();
    setLong({ of: asked, share: 0, stopped: true });
  };
  const onAgain = () => setAgain((times) => times + 1);
  const mine = long.of === asked ? long : undefined;
  if (!isLong) return { read: short, stopped: false, onStop, onAgain };
  const stopped = mine?.stopped === true;
  const share = mine?.read || stopped ? undefined : (mine?.share ?? 0);
  return { read: mine?.read ?? NOTHING, share, stopped, onStop, onAgain };
}
