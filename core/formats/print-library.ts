import { DOCUMENTS, newestVersion, type Meal } from '../meal/index.ts';

/** A document as it lies in a file. */
export function print(document: unknown): string {
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Every meal in one file. */
export function printLibrary(meals: readonly Meal[]): string {
  return print({ zemrin: 'library', version: newestVersion(DOCUMENTS.library), meals });
}
