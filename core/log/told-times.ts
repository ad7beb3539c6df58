import { MINUTES_PER_DAY } from '../figures/index.ts';
import { epochMinOf, wallClock } from '../time/index.ts';
import type { StepAgainstPlan, Stretch } from './against-plan.ts';

/** What the cook remembers of a step: when it began, or how long it took. */
export type Remembered =
  | { readonly began: string }
  | {
      /** Minutes, above 0. */
      readonly tookMin: number;
    };

/**
 * When a step was, by what the cook says of it afterwards. What is not said stands as it was, or
 * else as it was planned; a clock time is the one nearest to that.
 *
 * @param said a clock time as “18:40”, or minutes
 * @returns undefined for a step that has neither happened nor been planned
 */
export function toldTimes(
  { planned, was }: Pick<StepAgainstPlan, 'planned' | 'was'>,
  zone: string,
  said: Remembered,
): Stretch | undefined {
  const known = was ?? planned;
  if (!known) return undefined;
  const { startMin, endMin } = known;
  if ('tookMin' in said) return { startMin, endMin: startMin + said.tookMin };
  const begunMin = nearest(said.began, startMin, zone);
  return { startMin: begunMin, endMin: begunMin + endMin - startMin };
}

/** The moment nearest to another at which the clock shows a time. */
function nearest(clock: string, nearMin: number, zone: string): number {
  const moments = [-1, 0, 1].map((days) => {
    const { date } = wallClock(Math.round(nearMin) + days * MINUTES_PER_DAY, zone);
    return epochMinOf(`${date}T${clock}`, zone);
  });
  const away = (min: number) => Math.abs(min - nearMin);
  return moments.reduce((best, min) => (away(min) < away(best) ? min : best));
}
