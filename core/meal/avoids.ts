import { CUTS, INGREDIENTS, type Avoidable } from '../pantry/index.ts';
import { eatersOf } from './amounts.ts';
import type { Dish, Eaters, Meal } from './schema.ts';

/** Something in a dish that an eater it is meant for avoids. */
export interface AvoidConflict {
  readonly dish: string;
  readonly avoids: Avoidable;
  /** How many eaters avoid it and would still be served it. */
  readonly heads: number;
  /** What holds it. */
  readonly because: string;
}

/**
 * Every dish that would put on a plate what its eater avoids, once for each thing avoided. A food
 * set apart for those eaters, with mixtures that do not hold it, ends the conflict.
 */
export function avoidConflicts(meal: Meal): AvoidConflict[] {
  return meal.dishes.flatMap((dish) => {
    const found = new Map<Avoidable, AvoidConflict>();
    for (const { holds, because, eaters } of [
      ...mixtureParts(meal, dish),
      ...foodParts(meal, dish),
    ]) {
      for (const avoids of holds) {
        const heads = headsAvoiding(eaters, avoids);
        if (heads > (found.get(avoids)?.heads ?? 0)) {
          found.set(avoids, { dish: dish.id, avoids, heads, because });
        }
      }
    }
    return [...found.values()];
  });
}

interface Part {
  readonly holds: readonly Avoidable[];
  readonly because: string;
  readonly eaters: readonly Eaters[];
}

function mixtureParts(meal: Meal, dish: Dish): Part[] {
  return dish.mixtures.flatMap((mixture) => {
    const foods = dish.foods.filter((food) => mixture.on.includes(food.id));
    const eaters =
      foods.length === 0 ? meal.eaters : foods.flatMap((food) => eatersOf(meal, dish, food));
    return mixture.lines.map((line) => {
      const ingredient = INGREDIENTS.get(line.ingredient);
      const because = line.name ?? ingredient?.name ?? line.ingredient;
      return { holds: ingredient?.holds ?? [], because, eaters };
    });
  });
}

function foodParts(meal: Meal, dish: Dish): Part[] {
  return dish.foods.map((food) => {
    const animal = CUTS.get(food.cut ?? '')?.animal ?? 'none';
    const holds: Avoidable[] =
      animal === 'none'
        ? []
        : animal === 'fish'
          ? ['fish']
          : animal === 'pork'
            ? ['meat', 'pork']
            : ['meat'];
    return { holds, because: food.name, eaters: eatersOf(meal, dish, food) };
  });
}

function headsAvoiding(eaters: readonly Eaters[], avoids: Avoidable): number {
  return eaters
    .filter((group) => group.avoids.includes(avoids))
    .reduce((sum, group) => sum + group.count, 0);
}
