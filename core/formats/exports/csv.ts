import { tableCsv } from '../tables.ts';
import type { ExportFormat } from './definition.ts';

/** A list as a table. */
export const csv: ExportFormat = {
  id: 'csv',
  mediaType: 'text/csv',
  holdsList: true,
  write: ({ meal, plan, list }) => tableCsv(list, meal, plan),
};
