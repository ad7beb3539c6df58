import type { Rescue } from '../planned.ts';

/** A way out that has not been tried yet. */
export interface RescueCandidate extends Omit<Rescue, 'onTime' | 'cost'> {
  /** What it asks of the cook and the table; the cheapest is offered first. Our own order, no source. */
  readonly price: number;
}
