import { epochMinOf } from '../time/index.ts';
import type { Meal } from './schema.ts';

/** The serving time in epoch minutes. */
export function servingMin(meal: Meal): number {
  return epochMinOf(meal.serving.at, meal.serving.zone);
}
