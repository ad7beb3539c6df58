import { PIERCED_CORE_C, CLOCK_DOUBT_C, CLOCK_RAW_C } from '../figures/index.ts';
import {
  CORE_ROUNDING_C,
  MINCED_CORE_C,
  POULTRY_CORE_C,
  WHOLE_CUT_CORE_C,
} from '../figures/index.ts';
import { leastCoreOf } from '../least-core.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import {
  rawFoods,
  type WatchedAct,
  type WatchedDish,
  type WatchedFood,
  type WatchedMeal,
} from '../watched.ts';

/**
 * The least core by food, or the same safety by less heat for longer: the reduction along the
 * planned curve at its coldest point. Rarer is the cook's choice, and is said.
 */
export const core: Rule = {
  id: 'core',
  title: 'rule.core',
  source: 'source.fsisChart',
  figures: {
    key: 'figures.core',
    values: {
      poultry: { tempC: POULTRY_CORE_C },
      minced: { tempC: MINCED_CORE_C },
      whole: { tempC: WHOLE_CUT_CORE_C },
      pierced: { tempC: PIERCED_CORE_C },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => [
      ...neverCooked(dish),
      ...dish.acts.flatMap((act): SafetyFinding[] => {
        const own = rawFoods(dish).filter(({ id }) => act.food === undefined || id === act.food);
        const food = strictest(own);
        if (!food || !act.last) return [];
        const least = leastFor(food);
        if (act.coreC === undefined) {
          const probed = dish.acts.some((other) => other.last && other.coreC !== undefined);
          // Shellfish is judged by its look: opaque, or open.
          const byLook = food.animal === 'shellfish';
          return probed || byLook ? [] : byClock(dish.id, act, least);
        }
        if (act.coreC >= least - CORE_ROUNDING_C || isEnough(act, food)) return [];
        return [tooCool(meal, dish.id, act, food, least)];
      }),
    ]),
};

/** Meat or fish that no fire ever sees; fish that was frozen hard is the cook's choice. */
function neverCooked({ id, foods, acts }: WatchedDish): SafetyFinding[] {
  const food = foods.find(({ animal, ready }) => animal !== 'none' && !ready);
  const last = acts.at(-1);
  if (!food || !last || acts.some((act) => act.last)) return [];
  const fish = food.animal === 'fish' || food.animal === 'shellfish';
  return [
    {
      rule: 'core',
      level: fish && food.frozenFirst ? 'caution' : 'stop',
      dish: id,
      step: last.id,
      message: { key: 'safety.neverCooked', values: { food: food.name } },
      source: 'source.fsisChart',
      mends: fish && !food.frozenFirst ? [{ kind: 'frozen', food: food.id }] : [],
    },
  ];
}

/** Nothing says how hot it gets, and by its weight it may be too little. */
function byClock(dish: string, act: WatchedAct, leastC: number): SafetyFinding[] {
  if (act.clockC === undefined || act.clockC >= leastC - CLOCK_DOUBT_C) return [];
  const values = { tempC: { tempC: act.clockC }, least: { tempC: leastC } };
  return [
    {
      rule: 'core',
      level: act.clockC < leastC - CLOCK_RAW_C ? 'stop' : 'caution',
      dish,
      step: act.id,
      message: { key: 'safety.byClock', values },
      source: 'source.fsisChart',
      mends: [{ kind: 'core', step: act.id, coreC: Math.ceil(leastC) }],
    },
  ];
}

/** Raw food that no row of the chart names is held to the whole cuts'. */
function leastFor(food: WatchedFood): number {
  return leastCoreOf(food) ?? WHOLE_CUT_CORE_C;
}

function strictest(foods: readonly WatchedFood[]): WatchedFood | undefined {
  return foods.reduce<WatchedFood | undefined>(
    (most, food) => (most && leastFor(most) >= leastFor(food) ? most : food),
    undefined,
  );
}

/** Held long enough at less heat. Printed tables speak of whole cuts and poultry, not of mince or fish. */
function isEnough({ temperatures }: WatchedAct, { animal, minced }: WatchedFood): boolean {
  if (!temperatures || minced || animal === 'fish' || animal === 'shellfish') return false;
  return temperatures.logs >= temperatures.wanted;
}

function tooCool(
  meal: WatchedMeal,
  dish: string,
  act: WatchedAct,
  food: WatchedFood,
  leastC: number,
): SafetyFinding {
  const key = meal.frail
    ? 'safety.coreFrail'
    : meal.children
      ? 'safety.coreChildren'
      : 'safety.core';
  return {
    rule: 'core',
    level: 'stop',
    dish,
    step: act.id,
    message: {
      key,
      values: { food: food.name, tempC: { tempC: act.coreC ?? 0 }, least: { tempC: leastC } },
    },
    source: 'source.fsisChart',
    mends: [{ kind: 'core', step: act.id, coreC: Math.ceil(leastC) }],
  };
}
