import type { Context, ReadAct } from './context.ts';
import type { Degree } from './degree.ts';
import { hasLooseNumber } from './loose-numbers.ts';
import { momentOfOwn } from './moment.ts';
import { isSaidAgain } from './said-again.ts';
import type { ReadSentence, Seen } from './seen.ts';
import type { ReadDuration } from './span.ts';

/** What no step took; a core of what cooked before goes to that, a moment to the step beside it. */
export function withLeft(seen: Seen, said: readonly ReadAct[], { hot }: Context): ReadSentence {
  const { text, allLengths, degrees, lowered } = seen;
  const acts = withMoments(seen, said);
  const isLeft = (one: ReadDuration | Degree) =>
    !owned(one, acts, lowered) && !isSaidAgain(text, one);
  const left = degrees.filter(isLeft);
  // "Pull at 52, it climbs to 57 while resting".
  // What it is cooled to is no middle it cooks to.
  const open =
    hot !== undefined && acts.every(({ untilC, verb }) => untilC === undefined && verb !== 'cool');
  const core = open ? left.find(isCore) : undefined;
  const loose = hasLooseNumber(text, [...allLengths, ...degrees]) ? 1 : 0;
  const unweighed = allLengths.filter((one) => isUnweighed(one, acts)).length;
  return {
    acts,
    adds: core && { untilC: core.tempC },
    understood: true,
    left: allLengths.filter(isLeft).length + left.length - (core ? 1 : 0) + loose + unweighed,
  };
}

/** "Roast for 40 minutes, basting after 20". */
function withMoments({ text, allLengths }: Seen, acts: readonly ReadAct[]): readonly ReadAct[] {
  const [only] = acts;
  if (acts.length !== 1 || !only) return acts;
  const found = allLengths
    .filter((span) => !owned(span, acts, undefined))
    .flatMap((span) => momentOfOwn(text, span, only) ?? []);
  if (found.length === 0) return acts;
  const moments = [...(only.moments ?? []), ...found.map(({ moment }) => moment)];
  return [{ ...only, moments, lit: [...only.lit, ...found.map(({ at }) => at)] }];
}

/** "15 minutes a pound", of nobody knows how many pounds: a step has it, and no time from it. */
function isUnweighed({ sense, from, to }: ReadDuration, acts: readonly ReadAct[]): boolean {
  if (sense !== 'perKg') return false;
  return acts.some(
    ({ likelyMin, lit }) => likelyMin === undefined && lit.some(([a, b]) => a < to && b > from),
  );
}

/** Whether a step has taken a time or a heat, or the oven was set to it. */
function owned(
  { from, to }: { readonly from: number; readonly to: number },
  acts: readonly ReadAct[],
  lowered: Degree | undefined,
): boolean {
  if (lowered && lowered.from <= from && lowered.to >= to) return true;
  return acts.some(({ lit }) => lit.some(([a, b]) => a < to && b > from));
}

const isCore = ({ sense }: Degree): boolean => sense === 'core';
