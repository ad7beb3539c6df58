import { mealMarkdown } from '../tables.ts';
import type { ExportFormat } from './definition.ts';

/** The whole meal as a page of text. */
export const md: ExportFormat = {
  id: 'md',
  mediaType: 'text/markdown',
  holdsList: false,
  write: ({ meal, plan }) => mealMarkdown(meal, plan),
};
