import { MealError, readJson } from './document.ts';
import { impossibleInMeal } from './impossible.ts';
import { mealOf } from './parse.ts';
import type { Meal } from './schema.ts';

/** The text of a meal file, as `possibleMealOf`. @throws MealError */
export function parseMeal(text: string, nowMin: number): Meal {
  return possibleMealOf(readJson(text), nowMin);
}

/** As `mealOf`, for a file that is given: what no kitchen has is refused as well. @throws MealError */
export function possibleMealOf(json: unknown, nowMin: number): Meal {
  const meal = mealOf(json, nowMin);
  const problems = impossibleInMeal(meal);
  if (problems.length > 0) throw new MealError(problems);
  return meal;
}
