import { daysOf, epochMinOf } from './zone.ts';

/** A stretch of every week in which the cook's hands are not to be had. */
export interface Hours {
  readonly kind: 'asleep' | 'away';
  /** Local clock, "23:00". */
  readonly from: string;
  /** Local clock; at or before `from` it is the next day's. */
  readonly to: string;
  /** On which days it begins, 1 Monday … 7 Sunday. */
  readonly days: readonly number[];
  /** What for, in the cook's word: "work". */
  readonly what?: string | undefined;
}

/** One such stretch on the time line, `[startMin, endMin)` in epoch minutes. */
export interface Block {
  readonly kind: 'asleep' | 'away';
  readonly startMin: number;
  readonly endMin: number;
  readonly what?: string | undefined;
}

/** All blocks that touch `[fromMin, toMin]`, in order of start. */
export function blocksOf(
  hours: readonly Hours[],
  zone: string,
  fromMin: number,
  toMin: number,
): Block[] {
  const blocks: Block[] = [];
  const days = daysOf(fromMin - 1440, toMin + 1440, zone);
  days.slice(0, -1).forEach(({ date, weekday }, i) => {
    for (const stretch of hours) {
      if (!stretch.days.includes(weekday)) continue;
      const startMin = epochMinOf(`${date}T${stretch.from}`, zone);
      const endDate = stretch.to <= stretch.from ? (days[i + 1]?.date ?? date) : date;
      const endMin = epochMinOf(`${endDate}T${stretch.to}`, zone);
      if (endMin > fromMin && startMin < toMin) {
        blocks.push({ kind: stretch.kind, startMin, endMin, what: stretch.what });
      }
    }
  });
  return blocks.sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
}
