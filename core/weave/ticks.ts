import { placeOf, type Axis } from './axis.ts';

/** A moment worth a clock label, and how much. */
export interface TickRequest {
  readonly min: number;
  readonly weight: number;
}

/**
 * The moments to label: the weightiest first, then whatever keeps `leastGap` (a share of the axis)
 * from those already chosen. In order of time.
 */
export function chooseTicks(
  axis: Axis,
  wishes: readonly TickRequest[],
  leastGap: number,
): number[] {
  const chosen: { min: number; at: number }[] = [];
  const ordered = [...wishes].sort((a, b) => b.weight - a.weight || b.min - a.min);
  for (const { min } of ordered) {
    const at = placeOf(axis, min);
    if (at < 0 || at > 1) continue;
    if (chosen.every((other) => Math.abs(other.at - at) >= leastGap)) chosen.push({ min, at });
  }
  return chosen.map((tick) => tick.min).sort((a, b) => a - b);
}
