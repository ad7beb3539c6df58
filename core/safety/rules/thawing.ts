import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, rawFoods, type WatchedAct } from '../watched.ts';

/** Cold from the tap; it stays so for half an hour. Source: USDA/FSIS, The Big Thaw; from memory. */
const WATER_C = 15;

/** Thawing in the fridge or in cold water, never on the counter. */
export const thawing: Rule = {
  id: 'thawing',
  source: 'source.fsisThaw',
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.filter(({ verb }) => verb === 'thaw').flatMap((act) => of(dish.id, act));
    }),
};

function of(dish: string, act: WatchedAct): SafetyFinding[] {
  if (act.place === 'fridge') return [];
  const base = { rule: 'thawing', dish, step: act.id, source: 'source.fsisThaw' } as const;
  // Cold water is said by the heat of the place it stands in.
  const inWater = act.tempC !== undefined && act.tempC < WATER_C;
  if (inWater) {
    const values = { minutes: { minutes: minutesOf(act) } };
    return [{ ...base, level: 'caution', message: { key: 'safety.thawWater', values }, mends: [] }];
  }
  return [
    {
      ...base,
      level: 'stop',
      message: { key: 'safety.thawCounter' },
      mends: [{ kind: 'fridge', step: act.id }],
    },
  ];
}
