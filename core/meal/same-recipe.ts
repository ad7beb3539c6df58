import type { Cooked } from './batch-for.ts';
import type { Mixture } from '../batch/index.ts';
import type { Dish, Step } from './schema.ts';

/**
 * Whether two states of a dish are one recipe: what has happened meanwhile, and when a step may
 * begin after another, are all that differs. Documents are never changed in place.
 */
export function isSameRecipe(one: Dish, other: Dish): boolean {
  if (one === other) return true;
  return (
    one.foods === other.foods &&
    one.mixtures === other.mixtures &&
    one.schools === other.schools &&
    one.steps.length === other.steps.length &&
    one.steps.every((step, i) => isSameWork(step, other.steps[i]))
  );
}

const HAPPENED = ['begunAt', 'endedAt'] as const;

function isSameWork(one: Step, other: Step | undefined): boolean {
  if (one === other) return true;
  if (!other) return false;
  // Of both: what one of them leaves out may be said by the other.
  const keys = new Set<keyof Step>(Object.keys({ ...one, ...other }) as Array<keyof Step>);
  for (const happened of HAPPENED) keys.delete(happened);
  keys.delete('after');
  return (
    [...keys].every((key) => one[key] === other[key]) &&
    one.after.length === other.after.length &&
    one.after.every(({ step }, i) => step === other.after[i]?.step)
  );
}

/** Whether all that the batches of a dish depend on is the same in two states of its meal. */
export function isSameTable(one: Cooked, other: Cooked, dish: string): boolean {
  if (
    one.eaters !== other.eaters ||
    one.kitchen !== other.kitchen ||
    one.pantry !== other.pantry ||
    one.dishes.length !== other.dishes.length
  )
    return false;
  // A dish that gives nothing to another and takes nothing from one stands for itself.
  const isLinked = [one, other].some(({ dishes }) =>
    dishes.some(({ foods }) => foods.some(({ from }) => from !== undefined)),
  );
  return one.dishes.every((before, i) => {
    const now = other.dishes[i];
    return (
      now?.id === before.id && ((!isLinked && before.id !== dish) || isSameRecipe(before, now))
    );
  });
}

/** What was found for a mixture, and for which meal and dish. */
export interface Seen<Found> {
  readonly meal: Cooked;
  readonly dish: string;
  readonly found: Found;
}

/** What was found last for a mixture of a dish, found anew where anything it depends on has changed. */
export function seenOf<Found>(
  known: WeakMap<Mixture, Seen<Found>>,
  meal: Cooked,
  dish: Dish,
  mixture: Mixture,
  find: () => Found,
): Found {
  const before = known.get(mixture);
  if (before?.dish === dish.id && isSameTable(before.meal, meal, dish.id)) return before.found;
  const found = find();
  known.set(mixture, { meal, dish: dish.id, found });
  return found;
}
