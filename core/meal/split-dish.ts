import { mixableOfLine, type Shelf } from '../batch/index.ts';
import { pantryOf, type Avoidable } from '../pantry/index.ts';
import { freshId, takenIds } from './ids.ts';
import type { Dish, Food, Meal } from './schema.ts';

/**
 * A dish split for those who avoid something: a piece of their own of every food, and of every
 * mixture that holds it a part taken out before it goes in. What can be shared stays shared.
 */
export function splitDish(meal: Meal, dish: Dish, avoids: Avoidable, name: string): Dish {
  const used = takenIds(meal);
  const fresh = (wish: string) => {
    const id = freshId(wish, used);
    used.add(id);
    return id;
  };
  const shelf: Shelf = {
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
  };
  const holding = dish.mixtures.filter((mixture) =>
    mixture.lines.some((line) => mixableOfLine(line, shelf).holds.includes(avoids)),
  );
  const on = new Set(holding.flatMap((mixture) => mixture.on));
  const shared = dish.foods.filter(({ id, forAvoids }) => on.has(id) && forAvoids === undefined);
  const apart = new Map<string, Food>();
  for (const food of shared) {
    const { weighedG: _weighed, inPieces: _pieces, ...rest } = food;
    apart.set(food.id, {
      ...rest,
      id: fresh(`${food.id} apart`),
      name: `${food.name}, ${name}`,
      forAvoids: [avoids],
    });
  }
  return {
    ...dish,
    foods: [...dish.foods, ...apart.values()],
    mixtures: dish.mixtures.map((mixture) => {
      if (!holding.includes(mixture)) {
        return {
          ...mixture,
          on: [...mixture.on, ...mixture.on.flatMap((id) => apart.get(id)?.id ?? [])],
        };
      }
      const variant = {
        id: fresh(`${mixture.id} ${avoids}`),
        name,
        forAvoids: [avoids],
        on: mixture.on.flatMap((id) => apart.get(id)?.id ?? []),
        instead: [],
      };
      return { ...mixture, variants: [...(mixture.variants ?? []), variant] };
    }),
  };
}
