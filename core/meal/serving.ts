import { epochMinOf } from '../time/index.ts';
import type { Meal } from './schema.ts';

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
