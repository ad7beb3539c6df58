import { nextWeekday } from '../time/index.ts';
import { MealSchema, type Meal, type MealFile } from './schema.ts';
import { MealError, problemsOf } from './document.ts';
import { DOCUMENTS, migrated } from './versions.ts';
import { checkReferences } from './references.ts';

/**
 * Reads a meal that is kept.
 *
 * @param json a document, of this version or an older one
 * @param nowMin epoch minutes; a serving time given as "next Saturday" is counted from it
 * @throws MealError with every problem found, each with its path
 */
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
