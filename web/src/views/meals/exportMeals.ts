import { printLibrary, printMeal, type Meal } from '@zemrin/core';
import { copyLinkOf } from '../../store/share-link.ts';
import { download } from '../../ui/download.ts';

/** A meal as a file; what writes files is fetched when one is written. */
export function exportMeal(meal: Meal): void {
  download(printMeal(meal), `${meal.id}.json`, 'application/json');
}

export function exportLibrary(meals: readonly Meal[]): void {
  download(printLibrary(meals), 'zemrin-library.json', 'application/json');
}

/** A link that carries the whole meal. @param copied what is said once it can be pasted */
export function linkMeal(meal: Meal, copied: string): Promise<void> {
  return copyLinkOf(JSON.parse(printMeal(meal)), copied);
}
