import { epochMinOf } from '../time/index.ts';
import type { Dish, Meal } from './schema.ts';

/** A list of a thousand meals is sorted by it. */
const known = new WeakMap<Meal['serving'], number>();

/** The serving time in epoch minutes. */
export function servingMin({ serving }: Pick<Meal, 'serving'>): number {
  const before = known.get(serving);
  if (before !== undefined) return before;
  const at = epochMinOf(serving.at, serving.zone);
  known.set(serving, at);
  return at;
}

/**
 * When a dish is on the table, epoch minutes: with the meal, or so long before it as the dish says.
 *
 * @param servingMin when the meal is served
 */
export function tableMinOf(
  { servedBeforeMin = 0 }: Pick<Dish, 'servedBeforeMin'>,
  servingMin: number,
): number {
  return servingMin - servedBeforeMin;
}
