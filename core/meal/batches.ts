import { scaleMixture, type Batch, type Mixture } from '../batch/index.ts';
import { CUTS, type Animal } from '../pantry/index.ts';
import { companyOf, foodOf, settleFood } from './amounts.ts';
import type { Dish, Meal } from './schema.ts';

/**
 * A mixture of a meal at the weight of the foods it goes on.
 *
 * @param weightG what the scale says, when it is not the meal's own weight
 */
export function batchOf(
  meal: Pick<Meal, 'eaters' | 'kitchen'>,
  dish: Dish,
  mixture: Mixture,
  weightG?: number,
): Batch {
  const settled = mixture.on.map((id) => settleFood(meal, dish, foodOf(dish, id)));
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  return scaleMixture(mixture, {
    batchG: weightG ?? sum(settled.map((food) => food.weightG)),
    portions:
      settled.length > 0
        ? sum(settled.map((food) => food.company.portions))
        : companyOf(meal.eaters).portions,
    animals: animalsOf(dish),
    spoons: meal.kitchen.spoons,
    vessel: meal.kitchen.vessels.find((vessel) => vessel.id === mixture.vessel),
  });
}

/** The animals a dish's cuts come from, each once. */
export function animalsOf(dish: Dish): Animal[] {
  const all = dish.foods.flatMap((food) => CUTS.get(food.cut ?? '')?.animal ?? []);
  return [...new Set(all)].filter((animal) => animal !== 'none');
}
