import type { Dimension } from './units.ts';

/**
 * An amount as the cook said it: in the cook's own unit, exact, a range when they gave one
 * ("2–3 cloves"). `low === high` for a single value. `unit` names the unit within its dimension;
 * for a count it is what is counted ("cloves", or "" for a bare number).
 */
export interface Quantity {
  readonly dimension: Dimension;
  readonly low: number;
  readonly high: number;
  readonly unit: string;
}

/** The middle of the amount, in its own unit: what one takes when one value is needed. */
export function middle(quantity: Quantity): number {
  return (quantity.low + quantity.high) / 2;
}

/** Something the cook wrote that cannot be read: what is wrong, and what to do. */
export class QuantityError extends Error {
  constructor(
    readonly text: string,
    readonly wrong: string,
    readonly mend: string,
  ) {
    super(`“${text}” ${wrong}. ${mend}`);
    this.name = 'QuantityError';
  }
}
