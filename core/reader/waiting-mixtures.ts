import type { Mixture } from '../batch/index.ts';
import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';

const MIXES: ReadonlySet<Verb> = new Set(['mix', 'prepare']);
const WAITS: ReadonlySet<Verb> = new Set(['rest', 'cool', 'chill']);
/** Minutes: what stands for less is used before it matters how warm it stands. */
const LONG_MIN = 60;
/** One that is named may be anything's; two are what a mixture is made of. */
const LEAST_NAMED = 2;

/**
 * Which mixture stands and waits at an act, by the act's index: an aioli that is whisked and left
 * for hours, beside food that has nothing to do with it.
 *
 * @param foods the foods each act works on, as step-foods.ts tells them
 */
export function mixturesThatWait(
  acts: readonly ReadAct[],
  foods: ReadonlyArray<readonly string[] | undefined>,
  mixtures: readonly Mixture[],
): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  acts.forEach((act, i) => {
    const made = acts[i - 1];
    const apart = foods[i]?.length === 0 && foods[i - 1]?.length === 0;
    if (!made || !apart || !MIXES.has(made.verb) || !WAITS.has(act.verb)) return;
    if ((act.leastMin ?? act.likelyMin ?? 0) < LONG_MIN) return;
    const words = wordsOf(made.text);
    const one = mixtures.find(
      ({ lines }) =>
        lines.filter(({ name, ingredient }) =>
          wordsOf(name ?? ingredient).some((word) => words.includes(word)),
        ).length >= LEAST_NAMED,
    );
    if (one) found.set(i, one.id);
  });
  return found;
}

function wordsOf(text: string): string[] {
  const words = text.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  return words.map((word) => word.replace(/e?s$/u, ''));
}
