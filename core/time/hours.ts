import { daysOf, epochMinOf, wallClock } from './zone.ts';

/** A stretch of every week in which the cook's hands are not to be had. */
export interface Hours {
  readonly kind: 'asleep' | 'away';
  /** Local clock, "23:00". */
  readonly from: string;
  /** Local clock; at or before `from` it is the next day's. */
  readonly to: string;
  /** On which days it begins, 1 Monday … 7 Sunday. */
  readonly days: readonly number[];
  /** Only on this date, "2026-11-28", and on no other; a sleep stands in the place of that night's usual one. */
  readonly on?: string | undefined;
  /** What for, in the cook's word: "work". */
  readonly what?: string | undefined;
}

/** One such stretch on the time line, `[startMin, endMin)` in epoch minutes. */
export interface Block {
  /** `spared`: nobody has to work then where another hour does as well. */
  readonly kind: 'asleep' | 'away' | 'spared';
  readonly startMin: number;
  readonly endMin: number;
  readonly what?: string | undefined;
}

/** A stretch of every week, in local clock time. */
export type Weekly = Pick<Hours, 'from' | 'to' | 'days' | 'on'>;

/** A part of the time line, `[startMin, endMin)` in epoch minutes. */
interface Stretch {
  readonly startMin: number;
  readonly endMin: number;
}

/** A week on the calendar is the same for every change of a meal, and slow to lay out. */
const KNOWN = new Map<string, readonly Stretch[]>();
const MOST_KNOWN = 200;

/** Every stretch of it that touches `[fromMin, toMin]`, in order of start. */
export function stretchesOf(
  weekly: Weekly,
  zone: string,
  fromMin: number,
  toMin: number,
): readonly Stretch[] {
  const { from, to, days, on = '' } = weekly;
  const key = [zone, fromMin, toMin, from, to, on, ...days].join(' ');
  const found = KNOWN.get(key) ?? layOut(weekly, zone, fromMin, toMin);
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  KNOWN.set(key, found);
  return found;
}

function layOut(weekly: Weekly, zone: string, fromMin: number, toMin: number): Stretch[] {
  const days = daysOf(fromMin - 1440, toMin + 1440, zone);
  return days.slice(0, -1).flatMap(({ date, weekday }, i) => {
    const then = weekly.on === undefined ? weekly.days.includes(weekday) : weekly.on === date;
    if (!then) return [];
    const startMin = epochMinOf(`${date}T${weekly.from}`, zone);
    const endDate = weekly.to <= weekly.from ? (days[i + 1]?.date ?? date) : date;
    const endMin = epochMinOf(`${endDate}T${weekly.to}`, zone);
    return endMin > fromMin && startMin < toMin ? [{ startMin, endMin }] : [];
  });
}

/** All blocks that touch `[fromMin, toMin]`, in order of start. */
export function blocksOf(
  hours: readonly Hours[],
  zone: string,
  fromMin: number,
  toMin: number,
): Block[] {
  const nights = new Set(hours.flatMap(({ kind, on }) => (kind === 'asleep' && on ? [on] : [])));
  const isOther = ({ kind, on }: Hours, { startMin }: Stretch) =>
    nights.size > 0 &&
    kind === 'asleep' &&
    on === undefined &&
    nights.has(wallClock(startMin, zone).date);
  return hours
    .flatMap((stretch) =>
      stretchesOf(stretch, zone, fromMin, toMin)
        .filter((block) => !isOther(stretch, block))
        .map((block): Block => ({ kind: stretch.kind, ...block, what: stretch.what })),
    )
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
}
