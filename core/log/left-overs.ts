import { MINUTES_PER_DAY } from '../figures/index.ts';
import { cutOf } from '../meal/index.ts';
import { foldRun, type Run } from '../run/index.ts';
import { KEEPING } from '../safety/index.ts';
import { atTable } from './tasting.ts';

/** What was left of a food, and how long it keeps in the fridge. */
export interface LeftOver {
  readonly run: string;
  readonly dishName: string;
  readonly food: string;
  readonly name: string;
  readonly weightG: number;
  /** The evening it is to be eaten by, epoch minutes: the least days guidance gives. */
  readonly untilMin: number;
}

const RICE = /^(?:rice|risotto)/;
/** What has been past it so long is not told any more. */
const TOLD_DAYS = 2;

/**
 * What is left of earlier meals and still to be eaten, or just past it; the most pressing first.
 * What was weighed as nothing is eaten. Source of the days: FoodSafety.gov, cold storage chart.
 */
export function leftOversOf(runs: readonly Run[], nowMin: number): LeftOver[] {
  return runs
    .flatMap((run) => {
      if (!run.events.some(({ did }) => did === 'weighed')) return [];
      const state = foldRun(run);
      const { meal, servedMin = run.startedMin } = state;
      return atTable(state).flatMap(({ dish: id, weights }) => {
        const dish = meal.dishes.find((one) => one.id === id);
        return weights.flatMap(({ food: foodId, leftG = 0 }): LeftOver[] => {
          const food = dish?.foods.find((one) => one.id === foodId);
          if (!dish || !food || leftG === 0) return [];
          const rice = RICE.test(cutOf(meal, food)?.id ?? '');
          const [days] = (rice ? KEEPING.cookedRice : KEEPING.cookedMeat).fridgeDays;
          return [
            {
              run: run.id,
              dishName: dish.name,
              food: food.id,
              name: food.name,
              weightG: leftG,
              untilMin: Math.round(servedMin + days * MINUTES_PER_DAY),
            },
          ];
        });
      });
    })
    .filter(({ untilMin }) => untilMin > nowMin - TOLD_DAYS * MINUTES_PER_DAY)
    .sort((a, b) => a.untilMin - b.untilMin);
}
