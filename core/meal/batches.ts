import {
  coolingOfMixture,
  saltInMeatPct,
  scaleMixture,
  weighMixture,
  windowOf,
  type Batch,
  type CoolingEstimate,
  type Mixture,
  type SoakWindow,
} from '../batch/index.ts';
import type { Message } from '../words/index.ts';
import { batchFor, type Cooked } from './batch-for.ts';
import { dishNotes } from './batch-notes.ts';
import { dishWarnings } from './batch-warnings.ts';
import { seenOf, type Seen } from './same-recipe.ts';
import type { Dish } from './schema.ts';

/** A batch with what its dish adds to it. */
export interface NotedBatch extends Batch {
  /** What to know, with nothing wrong. */
  readonly notes: readonly Message[];
}

/**
 * A mixture of a meal at the weight of the foods it goes on.
 *
 * @param weightG what the scale says of all its foods together, when it is not the meal's own
 */
export function batchOf(meal: Cooked, dish: Dish, mixture: Mixture, weightG?: number): NotedBatch {
  const batch = scaleMixture(mixture, batchFor(meal, dish, mixture, weightG));
  const more = dishWarnings(meal, dish, mixture, batch);
  const notes = dishNotes(meal, dish, mixture, batch);
  return { ...batch, warnings: [...batch.warnings, ...more], notes };
}

/** The window found last for a mixture, kept as long as nothing it depends on has changed. */
const found = new WeakMap<Mixture, Seen<SoakWindow | undefined>>();

/** How long a mixture may stay on its food; undefined for what does not soak. */
export function soakWindowOf(meal: Cooked, dish: Dish, mixture: Mixture): SoakWindow | undefined {
  return seenOf(found, meal, dish, mixture, () => windowOf(mixture, batchFor(meal, dish, mixture)));
}

/** The batch as the recipe is written: the same foods in all at the weight it is for. */
export function recipeBatchOf(meal: Cooked, dish: Dish, mixture: Mixture, batch: Batch): Batch {
  return batch.factor > 0 && batch.allG > 0
    ? batchOf(meal, dish, mixture, batch.allG / batch.factor)
    : batch;
}

/** Salt in the meat after so long in its brine, % of its weight; undefined unless brined. */
export function saltInMeat(
  meal: Cooked,
  dish: Dish,
  mixture: Mixture,
  minutes: number,
): number | undefined {
  return saltInMeatPct(mixture, batchFor(meal, dish, mixture), minutes);
}

/** How long a boiled mixture takes to fridge-cold. */
export function coolingOfBatch(meal: Cooked, dish: Dish, mixture: Mixture): CoolingEstimate {
  return coolingOfMixture(weighMixture(mixture, batchFor(meal, dish, mixture)));
}
