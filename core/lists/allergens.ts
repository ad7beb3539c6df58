import { mixableOfLine, type Mixture, type Shelf } from '../batch/index.ts';
import { cutOf, type Dish, type Meal } from '../meal/index.ts';
import { pantryOf, type Avoidable } from '../pantry/index.ts';

/** What a dish holds, plate by plate. */
export interface DishAllergens {
  readonly dish: string;
  /** The common plate first, then each made apart. */
  readonly plates: ReadonlyArray<{
    /** Undefined for what everyone else is served. */
    readonly variant?: string | undefined;
    readonly holds: readonly Avoidable[];
  }>;
}

/** The allergens of every dish, counted for each of its variants. */
export function allergensOf(meal: Meal): DishAllergens[] {
  return meal.dishes.map((dish) => ({
    dish: dish.name,
    plates: [{ holds: holdsOf(meal, dish) }, ...variantsOf(meal, dish)],
  }));
}

function shelfOf(meal: Meal, dish: Dish): Shelf {
  return { pantry: pantryOf(meal.pantry), siblings: dish.mixtures, spoons: meal.kitchen.spoons };
}

function holdsOf(meal: Meal, dish: Dish): Avoidable[] {
  const shelf = shelfOf(meal, dish);
  const lines = dish.mixtures.flatMap(({ lines: all }) => all);
  return sorted([
    ...lines.flatMap((line) => mixableOfLine(line, shelf).holds),
    ...dish.foods
      .filter(({ forAvoids }) => forAvoids === undefined)
      .flatMap((food) => cutOf(meal, food)?.holds ?? []),
  ]);
}

function variantsOf(meal: Meal, dish: Dish): Array<DishAllergens['plates'][number]> {
  const shelf = shelfOf(meal, dish);
  const all = dish.mixtures.flatMap((mixture) =>
    (mixture.variants ?? []).map((variant) => ({ mixture, variant })),
  );
  return all.map(({ mixture, variant }) => {
    const spared = mixture.lines.filter(
      (line) => !mixableOfLine(line, shelf).holds.some((held) => variant.forAvoids.includes(held)),
    );
    const others = dish.mixtures.filter(
      ({ id }) => id !== mixture.id && isShared(dish, id, variant.on),
    );
    const lines = [...spared, ...variant.instead, ...others.flatMap((one) => one.lines)];
    const foods = dish.foods.filter(({ id }) => variant.on.includes(id));
    return {
      variant: variant.name,
      holds: sorted([
        ...lines.flatMap((line) => mixableOfLine(line, shelf).holds),
        ...foods.flatMap((food) => cutOf(meal, food)?.holds ?? []),
      ]),
    };
  });
}

/** A mixture that goes on the variant's food too, or on none in particular. */
function isShared(dish: Dish, mixture: string, foods: readonly string[]): boolean {
  const on: Mixture['on'] = dish.mixtures.find(({ id }) => id === mixture)?.on ?? [];
  return on.length === 0 || on.some((id) => foods.includes(id));
}

function sorted(holds: readonly Avoidable[]): Avoidable[] {
  return [...new Set(holds)].sort();
}
