import {
  BEFORE_BED_MIN,
  MINUTES_PER_HOUR,
  ON_WAKING_MIN,
  SUPPER_HOURS_MIN,
} from '../../figures/index.ts';
import type { Block } from '../../time/index.ts';
import type { Person } from './people.ts';

/** Which of the hours before bed and on waking are kept free of work. */
export interface Spared {
  /** Those of the night before the meal, too: what has to be done then leaves the others free. */
  readonly lastEvening: boolean;
  readonly lastMorning: boolean;
}

/** From sparing every such hour to sparing those of earlier nights only. */
const SPARINGS: readonly Spared[] = [
  { lastEvening: true, lastMorning: true },
  { lastEvening: true, lastMorning: false },
  { lastEvening: false, lastMorning: true },
  { lastEvening: false, lastMorning: false },
];

/** With so little left the night before the meal is over. */
const SAME_DAY_MIN = 12 * MINUTES_PER_HOUR;

/** What is tried to be spared, the kindest first, so many minutes before the meal. */
export function sparingsAt(leftMin: number): readonly Spared[] {
  return leftMin <= SAME_DAY_MIN ? SPARINGS.slice(0, 1) : SPARINGS;
}

/**
 * The people with the hours that are better kept free of work closed as well: the last before bed
 * and the first after waking. The hours before the meal itself are never spared.
 */
export function withSparedHours(
  people: readonly Person[],
  servingMin: number,
  which: Spared,
): Person[] {
  return people.map((person, i) =>
    i > 0 ? person : { ...person, closed: spared(person.closed, servingMin, which) },
  );
}

function spared(closed: readonly Block[], servingMin: number, which: Spared): Block[] {
  const last = servingMin - SUPPER_HOURS_MIN;
  const night = closed.findLast(({ kind, endMin }) => kind === 'asleep' && endMin <= servingMin);
  return closed.flatMap((block, i): Block[] => {
    if (block.kind !== 'asleep') return [block];
    const { startMin, endMin } = block;
    const before = Math.max(closed[i - 1]?.endMin ?? -Infinity, startMin - BEFORE_BED_MIN);
    const after = Math.min(closed[i + 1]?.startMin ?? Infinity, endMin + ON_WAKING_MIN);
    const [evening, morning] =
      block === night ? [which.lastEvening, which.lastMorning] : [true, true];
    return [
      ...(evening && startMin <= last && before < startMin
        ? [{ kind: 'spared', startMin: before, endMin: startMin } as const]
        : []),
      block,
      ...(morning && after <= last && endMin < after
        ? [{ kind: 'spared', startMin: endMin, endMin: after } as const]
        : []),
    ];
  });
}
