import { printLibrary, printMeal, type Meal } from '@zemrin/core';
import { patternTexts } from '../../store/keep-pattern.ts';
import { copyLinkOf } from '../../store/share-link.ts';
import { download } from '../../ui/download.ts';

/** A meal as a file; what writes files is fetched when one is written. */
export function exportMeal(meal: Meal): void {
  download(printMeal(meal), `${meal.id}.json`, 'application/json');
}

/** Every meal, and every pattern of the cook's own, in one file. */
export async function exportLibrary(
  meals: readonly Meal[],
  inMemory: Parameters<typeof patternTexts>[0],
): Promise<void> {
  const patterns = await patternTexts(inMemory);
  download(printLibrary(meals, patterns), 'zemrin-library.json', 'application/json');
}

/** A link that carries the whole meal. @param copied what is said once it can be pasted */
export function linkMeal(meal: Meal, copied: string): Promise<void> {
  return copyLinkOf(JSON.parse(printMeal(meal)), copied);
}
