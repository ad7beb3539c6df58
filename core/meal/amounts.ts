import { pantryOf, type Avoidable, type Cut } from '../pantry/index.ts';
import type { Dish, Eaters, Food, Meal } from './schema.ts';
import { isAfterFire, partsTakenOf } from './taken.ts';

/** What of a meal its amounts depend on. */
export type MealTable = Pick<Meal, 'eaters' | 'pantry' | 'dishes'>;

/** Heads and portions at a table: two children of half a portion are two heads, one portion. */
export interface Company {
  readonly heads: number;
  readonly portions: number;
}

export function companyOf(eaters: readonly Eaters[]): Company {
  return {
    heads: eaters.reduce((sum, group) => sum + group.count, 0),
    portions: eaters.reduce((sum, group) => sum + group.count * group.portion, 0),
  };
}

/** Who eats this food: those it is set apart for, or everyone for whom nothing was set apart. */
export function eatersOf(meal: Pick<Meal, 'eaters'>, dish: Dish, food: Food): Eaters[] {
  const wants = (group: Eaters, apart: readonly Avoidable[] | undefined) =>
    apart !== undefined && group.avoids.some((avoided) => apart.includes(avoided));
  if (food.forAvoids) return meal.eaters.filter((group) => wants(group, food.forAvoids));
  const apart = dish.foods.flatMap((other) => other.forAvoids ?? []);
  return meal.eaters.filter((group) => !wants(group, apart));
}

/** A food with its weight settled. */
export interface SettledFood {
  readonly food: Food;
  readonly weightG: number;
  readonly pieces?: number | undefined;
  /** What the eaters ask for, whether or not the scale has spoken; with what other dishes take. */
  readonly suggestedG: number;
  /** Of `weightG`, as it is raw: what becomes other dishes. */
  readonly forOthersG: number;
  readonly weighed: boolean;
  readonly company: Company;
  /** The cooked, edible part of a portion, where the cut's yield is known. */
  readonly servedPerPortionG?: number | undefined;
}

/**
 * The weight of a food: what the scale says, else its share times the eaters and what other dishes
 * take of it. Weights by share are rounded up to 10 g, pieces up to whole ones.
 */
export function settleFood(meal: MealTable, dish: Dish, food: Food): SettledFood {
  const company = companyOf(eatersOf(meal, dish, food));
  const forOthersG = takenByOthersG(meal, dish, food);
  const { suggestedG, pieces: asked } = byShare(food, company, forOthersG);
  const weightG = food.weighedG ?? suggestedG;
  const pieces = asked === undefined ? undefined : weighedPieces(food, asked, suggestedG);
  const yieldShare = yieldOf(meal, food);
  return {
    food,
    weightG,
    pieces,
    suggestedG,
    forOthersG: Math.min(forOthersG, weightG),
    weighed: food.weighedG !== undefined,
    company,
    servedPerPortionG:
      yieldShare === undefined || company.portions === 0
        ? undefined
        : (Math.max(0, weightG - forOthersG) * yieldShare) / company.portions,
  };
}

/** Edible and cooked over what is weighed; what was taken off another dish is that already. */
function yieldOf(meal: MealTable, food: Food): number | undefined {
  return food.from === undefined ? cutOf(meal, food)?.servedShare : 1;
}

/** What other dishes take of a food, as it is raw. */
function takenByOthersG(meal: MealTable, dish: Dish, food: Food): number {
  return partsTakenOf(meal, dish, food).reduce((sum, { step, by }) => {
    const { weightG } = settleFood(meal, by.dish, by.food);
    const cooked = food.from === undefined && isAfterFire(dish, step);
    return sum + weightG / ((cooked && cutOf(meal, food)?.servedShare) || 1);
  }, 0);
}

/** As many pieces as are asked for; where the scale says much more or less, so many more or fewer. */
function weighedPieces({ weighedG, share }: Food, asked: number, suggestedG: number): number {
  if (weighedG === undefined || share.kind !== 'pieces') return asked;
  const off = Math.abs(weighedG / Math.max(1, suggestedG) - 1);
  return off > OTHER_COUNT_SHARE ? Math.max(1, Math.round(weighedG / share.pieceG)) : asked;
}

/** Pieces differ so much in weight; beyond it there are others. Common practice, no source. */
const OTHER_COUNT_SHARE = 0.35;

function byShare(
  food: Food,
  company: Company,
  forOthersG: number,
): { suggestedG: number; pieces?: number } {
  const share = food.share;
  switch (share.kind) {
    case 'fixed':
      return { suggestedG: share.weightG + forOthersG };
    case 'weight': {
      const wantedG = share.rawG * company.portions + forOthersG;
      return { suggestedG: Math.ceil(wantedG / 10 - 1e-9) * 10 };
    }
    case 'pieces': {
      const of = share.by === 'head' ? company.heads : company.portions;
      const pieces = Math.ceil(share.pieces * of + forOthersG / share.pieceG - 1e-9);
      return { suggestedG: pieces * share.pieceG, pieces };
    }
  }
}

/** What a cook knows of a food's cut; undefined when it is none the pantry has. */
export function cutOf(meal: Pick<Meal, 'pantry'>, food: Pick<Food, 'cut'>): Cut | undefined {
  return food.cut === undefined ? undefined : pantryOf(meal.pantry).cuts.get(food.cut);
}

/** A food of a dish by its id. @throws RangeError when there is none */
export function foodOf(dish: Dish, id: string): Food {
  const found = dish.foods.find((food) => food.id === id);
  if (!found) throw new RangeError(`no food “${id}” in dish “${dish.id}”`);
  return found;
}
