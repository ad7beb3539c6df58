import { BEFORE_BED_MIN, ON_WAKING_MIN, SUPPER_HOURS_MIN } from '../../figures/index.ts';
import type { Block } from '../../time/index.ts';
import type { Person } from './people.ts';

/**
 * The people with the hours that are better kept free of work closed as well: the last before bed
 * and the first after waking. The hours before the meal itself are never spared.
 */
export function withSparedHours(people: readonly Person[], servingMin: number): Person[] {
  return people.map((person, i) =>
    i > 0 ? person : { ...person, closed: spared(person.closed, servingMin) },
  );
}

function spared(closed: readonly Block[], servingMin: number): Block[] {
  const last = servingMin - SUPPER_HOURS_MIN;
  return closed.flatMap((block, i): Block[] => {
    if (block.kind !== 'asleep') return [block];
    const { startMin, endMin } = block;
    const before = Math.max(closed[i - 1]?.endMin ?? -Infinity, startMin - BEFORE_BED_MIN);
    const after = Math.min(closed[i + 1]?.startMin ?? Infinity, endMin + ON_WAKING_MIN);
    return [
      ...(startMin <= last && before < startMin
        ? [{ kind: 'spared', startMin: before, endMin: startMin } as const]
        : []),
      block,
      ...(after <= last && endMin < after
        ? [{ kind: 'spared', startMin: endMin, endMin: after } as const]
        : []),
    ];
  });
}
