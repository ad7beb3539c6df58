import type { SafeGap } from '../../ledger/index.ts';
import { WAIT_HARMS_AFTER_MIN, WAITING, type WaitKind } from '../../figures/index.ts';

/**
 * A most that a plan may pass at a price: how long food waits between two steps or for the table,
 * how long a pot is left alone, and how much longer something goes on that should be over.
 */
export interface SoftLimit {
  readonly kind: 'gap' | 'fresh' | 'tend' | 'lasts';
  /** What waits, or is left alone. */
  readonly step: number;
  /** What it waits for; undefined where that is the table, or the same step's next round. */
  readonly next?: number | undefined;
  /** The later moment and the earlier one, as nodes of the network. */
  readonly later: number;
  readonly earlier: number;
  /** As long as the cook likes. */
  readonly mostMin: number;
  /** How many minutes beyond that are borne at all. */
  readonly mostOverMin: number;
  readonly wait: WaitKind;
}

/** The longest a gap may be whatever it costs, by safety, by {@link gapKey}. */
export type SafeGapLimits = ReadonlyMap<string, Pick<SafeGap, 'mostMin' | 'soaksOn'>>;

/** The name of a gap between two steps, by their ids. */
export function gapKey(before: string, next: string): string {
  return `${before} > ${next}`;
}

/** What passing a limit by so many minutes costs, in points. */
export function costOver({ wait }: Pick<SoftLimit, 'wait'>, overMin: number): number {
  const { perMin, laterTimes } = WAITING[wait];
  const late = Math.max(0, overMin - WAIT_HARMS_AFTER_MIN);
  return perMin * (overMin + late * (laterTimes - 1));
}
