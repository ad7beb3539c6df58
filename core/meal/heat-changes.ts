import {
  CHANGES_BY_HEAT,
  changesAlong,
  stuffedWith,
  type Cook,
  type Reached,
} from '../heat/index.ts';
import { SUGAR_SHOWS_PCT } from '../batch/index.ts';
import type { Cut } from '../pantry/index.ts';
import { batchOf } from './batches.ts';
import type { Dish, Food, Meal } from './schema.ts';

/** What heat does to a food along a cook, and to the sugar that was put on it where that is hot enough. */
export function changesOf(meal: Meal, dish: Dish, food: Food, cut: Cut, cook: Cook): Reached[] {
  const sweet = dish.mixtures.some(
    (mixture) =>
      mixture.on.includes(food.id) &&
      batchOf(meal, dish, mixture).meters.sugarPct >= SUGAR_SHOWS_PCT,
  );
  return changesOfCut(cut, cook, sweet);
}

/** The same of a cut by itself. @param sweet something on it has sugar enough to show */
export function changesOfCut(cut: Cut, cook: Cook, sweet = false): Reached[] {
  const has = stuffedWith(cut);
  return changesAlong(sweet ? has.add('sugar') : has, cook).filter(
    ({ what, beginsMin }) => beginsMin !== undefined || CHANGES_BY_HEAT[what].in !== 'sugar',
  );
}
