import { MealError, runOf } from '@zemrin/core';
import { z } from 'zod';
import { added } from './library.ts';
import { own } from './own.ts';
import { runBegun } from './runs.ts';
import { store } from './store.ts';

/** A rehearsal's clock travels with a run that is shared. */
const RehearsalSchema = z.object({
  rehearsal: z.object({ speed: z.number().positive(), fromMs: z.number() }).optional(),
});

/**
 * Takes in a run that was begun elsewhere, with its meal where it is not here; what happened is put
 * with what is here already.
 *
 * @param how `shared`: it goes on being shared; `alone`: its meal is not put among the others
 * @returns the meal to cook
 * @throws MealError for what is no run
 */
export function takeRun(
  json: unknown,
  { shared = false, alone = false }: { readonly shared?: boolean; readonly alone?: boolean } = {},
): string {
  const run = runOf(json);
  const { rehearsal } = RehearsalSchema.catch({}).parse(json);
  const { meal } = run;
  const here = own(store.getState().library.meals, meal.id);
  if (!here && !alone) store.dispatch(added(meal));
  store.dispatch(runBegun({ run, rehearsal, shared }));
  return meal.id;
}

/** Whether a document is a run at all, sound or not. */
export function isRun(json: unknown): boolean {
  return typeof json === 'object' && json !== null && 'zemrin' in json && json.zemrin === 'run';
}

/** What is wrong with a document, in words. */
export function problemsIn(error: unknown): string[] {
  if (!(error instanceof MealError)) return [error instanceof Error ? error.message : ''];
  return error.problems.map((p) => `${p.path ? `${p.path}: ` : ''}${p.wrong}. ${p.mend}.`);
}
