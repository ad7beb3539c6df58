import { MINUTES_PER_HOUR } from '../figures/index.ts';

/** The two hours of public guidance, less what the way into the fire takes. Our own line, no source. */
export const LONGEST_TEMPER_MIN = 95;

/** What guidance allows; safety judges by its own figure, and a recipe is only read here. */
const TWO_HOURS_MIN = 2 * MINUTES_PER_HOUR;

/**
 * Whether meat is said to stand out so long that with the way into its fire it would be more than two
 * hours: it is planned shorter, and marked. What is said to stand out longer still is stopped.
 */
export function isNearlyTooLong(verb: string, minutes: number | undefined): boolean {
  return (
    verb === 'temper' &&
    minutes !== undefined &&
    minutes > LONGEST_TEMPER_MIN &&
    minutes <= TWO_HOURS_MIN
  );
}
