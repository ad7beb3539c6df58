import { basisNamed, mixableOfLine, type Mixture, type Shelf } from '../batch/index.ts';
import { allergensNamed, pantryOf, type Avoidable } from '../pantry/index.ts';
import { cutOf, eatersOf } from './amounts.ts';
import { takenFrom } from './taken.ts';
import type { Dish, Eaters, Food, Meal } from './schema.ts';

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
      ...takenParts(meal, dish),
      ...leftOverParts(meal, dish),
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
  const shelf: Shelf = {
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
  };
  return dish.mixtures.flatMap((mixture) => {
    // What is made for other mixtures is counted in them.
    if (basisNamed(mixture.basis.kind).onlyUsed) return [];
    return [
      ...partsOfLines(mixture.lines, eatersOfFoods(meal, dish, mixture.on), shelf),
      ...(mixture.variants ?? []).flatMap((variant) => {
        const spared = mixture.lines.filter(
          (line) =>
            !mixableOfLine(line, shelf).holds.some((held) => variant.forAvoids.includes(held)),
        );
        const eaters = variant.on.length === 0 ? [] : eatersOfFoods(meal, dish, variant.on);
        return partsOfLines([...spared, ...variant.instead], eaters, shelf);
      }),
    ];
  });
}

function partsOfLines(lines: Mixture['lines'], eaters: readonly Eaters[], shelf: Shelf): Part[] {
  return lines.map((line) => {
    const { holds, name } = mixableOfLine(line, shelf);
    return { holds, because: line.name ?? name, eaters };
  });
}

function eatersOfFoods(meal: Meal, dish: Dish, ids: readonly string[]): Eaters[] {
  const foods = dish.foods.filter((food) => ids.includes(food.id));
  return foods.length === 0 ? meal.eaters : foods.flatMap((food) => eatersOf(meal, dish, food));
}

function foodParts(meal: Meal, dish: Dish): Part[] {
  return dish.foods.map((food) => ({
    holds: cutOf(meal, food)?.holds ?? allergensNamed(`${food.name} ${food.id}`),
    because: food.name,
    eaters: eatersOf(meal, dish, food),
  }));
}

/** What was taken off another dish holds what was put on it there. */
function takenParts(meal: Meal, dish: Dish): Part[] {
  return dish.foods.flatMap((food) => {
    const source = takenFrom(meal, food);
    if (!source) return [];
    const on = source.dish.mixtures.filter(
      (mixture) => mixture.on.length === 0 || mixture.on.includes(source.food.id),
    );
    const shelf = {
      pantry: pantryOf(meal.pantry),
      siblings: source.dish.mixtures,
      spoons: meal.kitchen.spoons,
    };
    const eaters = eatersOf(meal, dish, food);
    return on.flatMap(({ lines }) => partsOfLines(lines, eaters, shelf));
  });
}

/** What is left over holds what it was cooked with. */
function leftOverParts(meal: Meal, dish: Dish): Part[] {
  return dish.foods.flatMap((food) => {
    const holds = food.leftOver?.holds ?? [];
    return holds.length > 0
      ? [{ holds, because: food.name, eaters: eatersOf(meal, dish, food) }]
      : [];
  });
}

/** What a food of a dish holds, with all that was put on it, for who avoids it. */
export function heldByFood(meal: Meal, dish: Dish, food: Food): readonly Avoidable[] {
  const on = dish.mixtures.filter((one) => one.on.length === 0 || one.on.includes(food.id));
  const shelf = {
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
  };
  const alone = { ...dish, foods: [food] };
  const parts = [
    ...on.flatMap(({ lines }) => partsOfLines(lines, [], shelf)),
    ...takenParts(meal, alone),
    ...leftOverParts(meal, alone),
  ];
  return [
    ...new Set([...(cutOf(meal, food)?.holds ?? []), ...parts.flatMap(({ holds }) => holds)]),
  ];
}

function headsAvoiding(eaters: readonly Eaters[], avoids: Avoidable): number {
  return eaters
    .filter((group) => group.avoids.includes(avoids))
    .reduce((sum, group) => sum + group.count, 0);
}
