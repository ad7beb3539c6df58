import { mealOf, type Meal } from '@zemrin/core';

/** Reads a meal file that is JSON already; fetched when there is one to read. */
export function readMeal(json: unknown, nowMin: number): Meal {
  return mealOf(json, nowMin);
}
