import { nextWeekday } from '../time/index.ts';
import { MealSchema, type Meal, type MealFile } from './schema.ts';
import { MealError, problemsOf, readJson } from './document.ts';
import { DOCUMENTS, migrated } from './versions.ts';
import { impossibleInMeal } from './impossible.ts';
import { checkReferences } from './references.ts';

/**
 * Reads the text of a meal file.
 *
 * @param text JSON
 * @param nowMin epoch minutes; a serving time given as "next Saturday" is counted from it
 * @throws MealError with every problem found, each with its path
 */
export function parseMeal(text: string, nowMin: number): Meal {
  return possibleMealOf(readJson(text), nowMin);
}

/** As `mealOf`, for a document that comes in: what no kitchen has is refused as well. @throws MealError */
export function possibleMealOf(json: unknown, nowMin: number): Meal {
  const meal = mealOf(json, nowMin);
  const problems = impossibleInMeal(meal);
  if (problems.length > 0) throw new MealError(problems);
  return meal;
}

/** As parseMeal, for a document that is already JSON. */
export function mealOf(json: unknown, nowMin: number): Meal {
  const parsed = MealSchema.safeParse(migrated(json, DOCUMENTS.meal));
  if (!parsed.success) throw new MealError(parsed.error.issues.flatMap(problemsOf));
  const problems = checkReferences(parsed.data);
  if (problems.length > 0) throw new MealError(problems);
  return fixServing(parsed.data, nowMin);
}

function fixServing(file: MealFile, nowMin: number): Meal {
  const { at, zone } = file.serving;
  const fixed =
    typeof at === 'string' ? at : nextWeekday(at.nextWeekday, at.time, at.leadDays, nowMin, zone);
  return { ...file, serving: { ...file.serving, at: fixed, zone } };
}
