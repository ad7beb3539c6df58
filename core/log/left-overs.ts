import { MINUTES_PER_DAY } from '../figures/index.ts';
import {
  cookedCutOf,
  cutOf,
  heldByFood,
  keptSince,
  type LeftOverFood,
  type Meal,
} from '../meal/index.ts';
import { foldRun, type Run, type RunState } from '../run/index.ts';
import { KEEPING } from '../safety/index.ts';
import { atTable } from './tasting.ts';

/** What was left of a food, where it is kept, and how long. */
export interface LeftOver extends Omit<LeftOverFood, 'cut'> {
  readonly dishName: string;
  readonly name: string;
  /** The cut it is now; undefined where no second dish is made of it. */
  readonly cut: string | undefined;
  /** The evening it is to be eaten by, epoch minutes: the least the chart promises. */
  readonly untilMin: number;
}

/** What has been past it so long is not told any more. */
const TOLD_DAYS = 2;
const DAYS_A_MONTH = 30;
/** Less is nothing, g. */
const LEAST_G = 1;

/**
 * What is left of earlier meals and still to be eaten, or just past it; the most pressing first.
 * What was weighed as nothing is eaten, and what a meal already counts on is that meal's. Source of
 * the days and months: FoodSafety.gov, cold storage chart.
 *
 * @param meals those planned, which may take some of it
 */
export function leftOversOf(
  runs: readonly Run[],
  nowMin: number,
  meals: readonly Meal[] = [],
): LeftOver[] {
  const taken = takenG([...runs.map((run) => run.meal), ...meals]);
  return runs
    .flatMap((run) => (run.events.some(({ did }) => did === 'weighed') ? leftOf(run, taken) : []))
    .filter(({ untilMin }) => untilMin > nowMin - TOLD_DAYS * MINUTES_PER_DAY)
    .sort((a, b) => a.untilMin - b.untilMin);
}

/** Whether it keeps until a meal: in the freezer, or within the most days of the fridge. */
export function keepsUntil({ frozenMin, cookedMin, cut }: LeftOver, servingMin: number): boolean {
  const [, most] = keepingOf(cut).fridgeDays;
  return frozenMin !== undefined || servingMin - cookedMin <= most * MINUTES_PER_DAY;
}

function keepingOf(cut: string | undefined) {
  return cut === 'cooked-rice' ? KEEPING.cookedRice : KEEPING.cookedMeat;
}

function leftOf(run: Run, taken: ReadonlyMap<string, number>): LeftOver[] {
  const state = foldRun(run);
  const { meal, servedMin = run.startedMin } = state;
  return atTable(state).flatMap(({ dish: id, weights }) => {
    const dish = meal.dishes.find((one) => one.id === id);
    return weights.flatMap(({ food: foodId, leftG = 0 }): LeftOver[] => {
      const food = dish?.foods.find((one) => one.id === foodId);
      const weightG = leftG - (taken.get(keyOf(run.id, foodId)) ?? 0);
      if (!dish || !food || weightG < LEAST_G) return [];
      const was = cutOf(meal, food);
      const cut = was && cookedCutOf(was);
      const { fridgeDays, freezerMonths } = keepingOf(cut);
      const frozenMin = frozenSince(state, foodId);
      // What was left over before is no younger for being warmed again.
      const { cookedMin = servedMin } = keptSince(meal, food);
      return [
        {
          run: run.id,
          dishName: dish.name,
          food: food.id,
          name: food.name,
          cut,
          weightG,
          cookedMin,
          frozenMin,
          holds: [...heldByFood(meal, dish, food)],
          untilMin: Math.round(
            frozenMin === undefined
              ? cookedMin + fridgeDays[0] * MINUTES_PER_DAY
              : frozenMin + freezerMonths[0] * DAYS_A_MONTH * MINUTES_PER_DAY,
          ),
        },
      ];
    });
  });
}

function frozenSince({ events }: RunState, food: string): number | undefined {
  return events.find((event) => event.did === 'frozen' && event.food === food)?.atMin;
}

/** How much of what is left meals already count on; a meal that is cooked is counted once. */
function takenG(meals: readonly Meal[]): ReadonlyMap<string, number> {
  const once = new Map(meals.map((meal) => [meal.id, meal]));
  const taken = new Map<string, number>();
  for (const { leftOver, weighedG = 0 } of [...once.values()].flatMap(({ dishes }) =>
    dishes.flatMap(({ foods }) => foods),
  )) {
    if (!leftOver) continue;
    const key = keyOf(leftOver.run, leftOver.food);
    taken.set(key, (taken.get(key) ?? 0) + weighedG);
  }
  return taken;
}

const keyOf = (run: string, food: string): string => `${run} ${food}`;
