import { MINUTES_PER_DAY } from '../figures/index.ts';
import type { Kitchen } from './schema.ts';

/** A stretch of one day, in minutes from midnight. */
export interface WeekPiece {
  readonly kind: 'asleep' | 'away' | 'helps';
  readonly fromMin: number;
  readonly toMin: number;
  /** Who helps, or what one is away for. */
  readonly who?: string | undefined;
}

const DAY_MIN = MINUTES_PER_DAY;
const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** A kitchen's week, day by day from Monday: what runs over midnight is in two pieces. */
export function weekOf(
  kitchen: Pick<Kitchen, 'hours' | 'helpers'>,
): { day: (typeof DAYS)[number]; pieces: WeekPiece[] }[] {
  const all = [
    ...kitchen.hours.map((hours) => ({ ...hours, who: hours.what })),
    ...(kitchen.helpers ?? []).map((helper) => ({
      ...helper,
      kind: 'helps' as const,
      who: helper.name,
    })),
    // What is of one date only is of no week.
  ].filter(({ on }) => on === undefined);
  return DAYS.map((day) => {
    const before = day === 1 ? 7 : day - 1;
    const pieces = all.flatMap(({ kind, from, to, days, who }): WeekPiece[] => {
      const [fromMin, toMin] = [minuteOf(from), minuteOf(to)];
      const overnight = toMin <= fromMin;
      const today = days.includes(day)
        ? [{ kind, fromMin, toMin: overnight ? DAY_MIN : toMin, who }]
        : [];
      const early =
        overnight && days.includes(before) && toMin > 0 ? [{ kind, fromMin: 0, toMin, who }] : [];
      return [...early, ...today];
    });
    return { day, pieces: pieces.sort((a, b) => a.fromMin - b.fromMin) };
  });
}

function minuteOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return hours * 60 + minutes;
}
