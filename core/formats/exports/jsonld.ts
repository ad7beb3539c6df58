import { mealLd } from '../recipe-json-ld.ts';
import type { ExportFormat } from './definition.ts';

/** The dishes as recipes, by schema.org. */
export const jsonld: ExportFormat = {
  id: 'jsonld',
  mediaType: 'application/ld+json',
  holdsList: false,
  write: ({ meal }) => `${JSON.stringify(mealLd(meal), null, 2)}\n`,
};
