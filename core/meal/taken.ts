import { FIRE_VERBS } from '../terms/index.ts';
import type { Dish, Food, Meal, Step } from './schema.ts';

/** Of what another food is a part: the food, its dish, and the step after which it is taken. */
export interface TakenFrom {
  readonly dish: Dish;
  readonly food: Food;
  readonly step: Step;
}

/** Where a food comes from that is a part of another dish's; undefined for one of its own. */
export function takenFrom(meal: Pick<Meal, 'dishes'>, { from }: Food): TakenFrom | undefined {
  if (from === undefined) return undefined;
  for (const dish of meal.dishes) {
    const step = dish.steps.find(({ id }) => id === from.step);
    const food = dish.foods.find(({ id }) => id === from.food);
    if (step && food) return { dish, food, step };
  }
  return undefined;
}

/** The foods of other dishes that are parts of this one. */
export function partsTakenOf(
  meal: Pick<Meal, 'dishes'>,
  dish: Dish,
  food: Food,
): ReadonlyArray<TakenFrom & { readonly by: { readonly dish: Dish; readonly food: Food } }> {
  return meal.dishes.flatMap((other) =>
    other.foods.flatMap((part) => {
      if (part.from?.food !== food.id) return [];
      const source = takenFrom(meal, part);
      return source?.dish.id === dish.id ? [{ ...source, by: { dish: other, food: part } }] : [];
    }),
  );
}

/** Whether a step has a fire on its food behind it, or is one. */
export function isAfterFire(dish: Dish, step: Step): boolean {
  const seen = new Set<string>();
  const burns = (one: Step): boolean => {
    if (seen.has(one.id)) return false;
    seen.add(one.id);
    if (FIRE_VERBS.has(one.verb) && one.foods?.length !== 0) return true;
    return one.after.some((gap) =>
      dish.steps.some((before) => before.id === gap.step && burns(before)),
    );
  };
  return burns(step);
}
