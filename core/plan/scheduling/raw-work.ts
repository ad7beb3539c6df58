import { PRICE_PER_MIN, RAW_NEAR_MIN, RAW_TOGETHER_MIN } from '../../figures/index.ts';
import { animalOf, foodsByStep, isAfterFire, type Meal } from '../../meal/index.ts';
import { FIRE_VERBS } from '../../terms/index.ts';
import type { HandsNode, MealNetwork } from '../network/meal-network.ts';
import type { MealSoftConstraint } from './soft-constraints.ts';

/**
 * Raw work of two dishes that lies near is wished one after the other: the board is out once, and
 * washed once. It costs no food its best: see the price.
 *
 * @param at epoch minutes of every node, each as late as it can be
 */
export function rawTogether(
  built: MealNetwork,
  meal: Meal,
  at: readonly number[],
): MealSoftConstraint[] {
  const raw = rawSteps(meal);
  const isRaw = ({ step, hands }: HandsNode) => {
    const of = built.steps[step];
    return of !== undefined && !of.past && hands.where === 'start' && raw.has(of.step.id);
  };
  const nodes = built.hands
    .filter(isRaw)
    .toSorted((a, b) => (at[a.node] ?? 0) - (at[b.node] ?? 0) || a.node - b.node);
  return nodes.flatMap((first, i): MealSoftConstraint[] => {
    const dish = built.steps[first.step]?.dish;
    const next = nodes.slice(i + 1).find(({ step }) => built.steps[step]?.dish !== dish);
    if (!next || (at[next.node] ?? 0) - (at[first.node] ?? 0) > RAW_NEAR_MIN) return [];
    return [
      {
        kind: 'together',
        step: next.step,
        other: first.step,
        from: next.node + 1,
        to: first.node + 1,
        lag: -(first.hands.minutes + RAW_TOGETHER_MIN),
        weight: PRICE_PER_MIN.rawTogether,
      },
    ];
  });
}

/** The steps, by id, that have raw meat, fish or eggs under the hands, and no fire yet. */
function rawSteps(meal: Meal): ReadonlySet<string> {
  return new Set(
    meal.dishes.flatMap((dish) => {
      const foods = foodsByStep(meal, dish);
      const animals = new Set(
        dish.foods.flatMap((food) => (animalOf(meal, food) === 'none' ? [] : [food.id])),
      );
      return dish.steps
        .filter((step) => !FIRE_VERBS.has(step.verb) && !isAfterFire(dish, step))
        .filter(({ id }) => foods.get(id)?.some((food) => animals.has(food)))
        .map(({ id }) => id);
    }),
  );
}
