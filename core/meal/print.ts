import type { Meal } from './schema.ts';

/** The text of a meal file: stable order, two spaces, a newline at the end. */
export function printMeal(meal: Meal): string {
  return `${JSON.stringify(meal, null, 2)}\n`;
}
