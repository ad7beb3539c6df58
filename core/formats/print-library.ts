import { DOCUMENTS, newestVersion, type Meal } from '../meal/index.ts';

/** A document as it lies in a file. */
export function print(document: unknown): string {
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Every meal in one file, with the patterns of the cook's own: the texts of dish files. */
export function printLibrary(meals: readonly Meal[], patterns: readonly string[] = []): string {
  return print({
    zemrin: 'library',
    version: newestVersion(DOCUMENTS.library),
    meals,
    ...(patterns.length > 0 && {
      patterns: patterns.map((text): unknown => JSON.parse(text)),
    }),
  });
}
