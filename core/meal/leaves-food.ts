import type { Dish, Step } from './schema.ts';

/** Done for others of its dish, and nothing that is eaten. */
const FIRES: ReadonlySet<Step['verb']> = new Set(['light', 'preheat']);

/**
 * Whether what a step leaves is what is served: nothing of its dish follows its end. What only
 * begins beside it does not take it over; a fire is no food.
 */
export function leavesFood(dish: Dish, { id, verb }: Step): boolean {
  return !dish.steps.some(({ after }) =>
    after.some((gap) => gap.step === id && (gap.from === 'end' || FIRES.has(verb))),
  );
}
