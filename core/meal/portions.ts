import { AMONG_OTHERS_SHARE } from '../figures/index.ts';
import type { Cut } from '../pantry/index.ts';
import { writeNumber } from '../quantity/index.ts';
import { cutOf } from './amounts.ts';
import type { Dish, Food, Meal } from './schema.ts';

/** Appetites one may choose: a child's half, the usual, a teenager's or a big eater's. Same source. */
export const PORTIONS = [0.5, 1, 1.25, 1.5] as const;
export const CHILD_PORTION = PORTIONS[0];

/** What becomes of a raw weight. The parts add up to the whole, in grams. */
export interface Yield {
  readonly boneG: number;
  readonly trimG: number;
  /** What cooking takes; negative for grains, which take water up. */
  readonly shrinkG: number;
  readonly servedG: number;
}

export function yieldOf(cut: Cut, weightG: number): Yield {
  const boneG = weightG * cut.boneShare;
  const trimG = weightG * cut.trimShare;
  const servedG = weightG * cut.servedShare;
  return { boneG, trimG, servedG, shrinkG: weightG - boneG - trimG - servedG };
}

/**
 * How many adult portions a raw weight makes: by the piece where a cut is eaten so, else by the
 * usual raw weight for one.
 */
export function feeds(cut: Cut, weightG: number, shareOfPlate = 1): { low: number; high: number } {
  if (cut.pieceG !== undefined && cut.piecesPerAdult !== undefined) {
    const portions = weightG / cut.pieceG / cut.piecesPerAdult;
    return { low: portions, high: portions };
  }
  return {
    low: weightG / (cut.rawPerAdultG.high * shareOfPlate),
    high: weightG / (cut.rawPerAdultG.low * shareOfPlate),
  };
}

/** As one says it: "10 to 12", "8". At least one half. */
export function sayFeeds({ low, high }: { low: number; high: number }): string {
  const half = (portions: number) => Math.max(0.5, Math.round(portions * 2) / 2);
  const whole = (portions: number) => (portions < 3 ? half(portions) : Math.round(portions));
  const [from, to] = [whole(low), whole(high)];
  return from === to ? writeNumber(from) : `${writeNumber(from)}–${writeNumber(to)}`;
}

/** How much of a usual portion a dish is among the others: less beside a second meat. */
export function shareOfPlate(meal: Pick<Meal, 'dishes' | 'pantry'>, dish: Dish): number {
  const isMeat = (other: Dish) =>
    other.foods.some((food) => (cutOf(meal, food)?.animal ?? 'none') !== 'none');
  const meats = meal.dishes.filter(isMeat);
  return isMeat(dish) && meats.length > 1 ? AMONG_OTHERS_SHARE : 1;
}

/**
 * What to ask of a cut for one portion: the middle of its usual raw weight, less beside another
 * meat; in pieces where it is sold and served so. Children and appetites are in the portions.
 */
export function shareFor(
  meal: Pick<Meal, 'dishes' | 'pantry'>,
  dish: Dish,
  cut: Cut,
): Food['share'] {
  if (cut.pieceG !== undefined && cut.piecesPerAdult !== undefined) {
    return {
      kind: 'pieces',
      pieces: cut.piecesPerAdult,
      pieceG: cut.pieceG,
      by: cut.piecesPerAdult <= 1 ? 'head' : 'portion',
    };
  }
  const middleG = (cut.rawPerAdultG.low + cut.rawPerAdultG.high) / 2;
  return { kind: 'weight', rawG: Math.round((middleG * shareOfPlate(meal, dish)) / 5) * 5 };
}
