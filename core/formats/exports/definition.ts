import type { Meal } from '../../meal/index.ts';
import type { Plan } from '../../plan/index.ts';
import type { TableName } from '../tables.ts';

/** What an export is made of. */
export interface Exported {
  readonly meal: Meal;
  readonly plan: Plan;
  /** When it is made, epoch minutes. */
  readonly nowMin: number;
  /** Which list, where the format holds one. */
  readonly list: TableName;
}

/** A way out of Zemrin, for other programs. */
export interface ExportFormat {
  /** As the command line names it, and as its files end. */
  readonly id: string;
  readonly mediaType: string;
  /** It holds one of the lists. */
  readonly holdsList: boolean;
  readonly write: (what: Exported) => string;
}
