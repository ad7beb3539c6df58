import { settleFood, type Dish, type Food, type Meal } from '../meal/index.ts';
import type { RunEvent, RunState } from '../run/index.ts';

/** What was said at the table of a dish, and what the scale said of its foods. */
export interface DishAtTable {
  readonly dish: string;
  /** By scale: from −2, too little, to 2, too much; the last word counts. */
  readonly tastes: ReadonlyMap<string, number>;
  readonly weights: readonly Weighed[];
  readonly notes: ReadonlyArray<Extract<RunEvent, { did: 'noted' }>>;
}

/** A food on the scale: before the fire, after it, or what was left of it. */
export interface Weighed {
  readonly food: string;
  readonly beforeG?: number | undefined;
  readonly afterG?: number | undefined;
  readonly leftG?: number | undefined;
}

/**
 * What a food weighed raw, g, as it lay on the scale or else as it was planned; and how much of that
 * the fire took, 0 to 1, where it was weighed after it.
 */
export function lossOf(
  meal: Meal,
  dish: Dish,
  food: Food,
  weighed: Weighed | undefined,
): { readonly rawG: number; readonly lostShare?: number | undefined } {
  const rawG = weighed?.beforeG ?? settleFood(meal, dish, food).weightG;
  const { afterG } = weighed ?? {};
  return { rawG, lostShare: afterG === undefined || rawG <= 0 ? undefined : 1 - afterG / rawG };
}

/** What was tasted, weighed and noted of every dish of a run. */
export function atTable({ meal, events }: RunState): DishAtTable[] {
  return meal.dishes.map(({ id, foods, steps }) => {
    const mine = (event: { dish?: string | undefined; step?: string | undefined }) =>
      event.dish === id || steps.some((step) => step.id === event.step);
    const tastes = new Map<string, number>();
    const weights = new Map<string, Weighed>();
    for (const event of events) {
      if (event.did === 'tasted' && event.dish === id) tastes.set(event.scale, event.value);
      if (event.did === 'weighed' && foods.some((food) => food.id === event.food)) {
        const was = weights.get(event.food) ?? { food: event.food };
        weights.set(event.food, { ...was, [`${event.when}G`]: event.weightG });
      }
    }
    const notes = events.filter((event) => event.did === 'noted').filter(mine);
    return { dish: id, tastes, weights: [...weights.values()], notes };
  });
}
