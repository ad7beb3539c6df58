import type { Dish, Food, Step } from '../meal/index.ts';
import type { Deed } from './event.ts';
import type { RunState } from './state.ts';

/** A soak nobody has begun yet. */
export interface SoakToCome {
  readonly dish: Dish;
  readonly step: Step;
}

/** What is still to be marinated or brined, and can have been forgotten. */
export function soaksToCome({ meal, begun, skipped }: RunState): SoakToCome[] {
  return meal.dishes.flatMap((dish) =>
    dish.steps.flatMap((step) =>
      (step.verb === 'marinate' || step.verb === 'brine') &&
      !begun.has(step.id) &&
      !skipped.has(step.id)
        ? [{ dish, step }]
        : [],
    ),
  );
}

/** A soak was forgotten: the dish goes without, and its log says so for the next time. */
export function withoutSoak(dish: Dish, step: Step, words: string): Deed[] {
  return [
    { did: 'skipped', step: step.id },
    { did: 'noted', text: words, dish: dish.id, step: step.id },
  ];
}

/** A food weighs something else than was planned with: weighed, and all that hangs on it anew. */
export function weighsNow(dish: Dish, food: Food, weightG: number, why: string): Deed[] {
  return [
    { did: 'weighed', food: food.id, when: 'before', weightG },
    {
      did: 'changed',
      commands: [{ do: 'weigh', dish: dish.id, food: food.id, weightG }],
      why,
    },
  ];
}
