import {
  THAW_WATER_C,
  THAW_FRIDGE_MIN_PER_KG,
  THAW_WATER_MIN_PER_KG,
  THAWED_WET_MIN,
  THAW_BY_WEIGHT_FROM_G,
} from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, rawFoods, type LedgerAct } from '../ledger.ts';

/** Small and thin pieces thaw faster by the kilogram than the rule says; less than this is too little. */
const TOO_LITTLE = 0.7;

/** Thawing in the fridge or in cold water, never on the counter, and long enough. */
export const thawing: Rule = {
  id: 'thawing',
  title: 'rule.thawing',
  source: 'source.fsisThaw',
  figures: {
    key: 'figures.thawing',
    values: {
      perKg: { minutes: THAW_FRIDGE_MIN_PER_KG },
      water: { minutes: THAW_WATER_MIN_PER_KG },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.filter(({ verb }) => verb === 'thaw').flatMap((act) => of(dish.id, act));
    }),
};

function of(dish: string, act: LedgerAct): SafetyFinding[] {
  const base = { rule: 'thawing', dish, step: act.id, source: 'source.fsisThaw' } as const;
  // Cold water is said by the heat of the place it stands in.
  const inWater = act.place !== 'fridge' && act.tempC !== undefined && act.tempC < THAW_WATER_C;
  if (act.place !== 'fridge' && !inWater) {
    const mends = [{ kind: 'fridge', step: act.id }] as const;
    return [{ ...base, level: 'stop', message: { key: 'safety.thawCounter' }, mends }];
  }
  if (inWater && minutesOf(act) > byWeightMin(act, THAW_WATER_MIN_PER_KG) + THAWED_WET_MIN) {
    const mends = [{ kind: 'fridge', step: act.id }] as const;
    const values = { minutes: { minutes: minutesOf(act) } };
    return [{ ...base, level: 'stop', message: { key: 'safety.thawLong', values }, mends }];
  }
  const needs = neededMin(act, inWater ? THAW_WATER_MIN_PER_KG : THAW_FRIDGE_MIN_PER_KG);
  if (minutesOf(act) < TOO_LITTLE * needs) {
    const values = { minutes: { minutes: needs } };
    const mends = [{ kind: 'minutes', step: act.id, minutes: needs }] as const;
    return [{ ...base, level: 'stop', message: { key: 'safety.thawShort', values }, mends }];
  }
  return inWater
    ? [{ ...base, level: 'caution', message: { key: 'safety.thawWater' }, mends: [] }]
    : [];
}

function neededMin(act: LedgerAct, perKg: number): number {
  const small = (act.wrappedFrozen?.pieceG ?? 0) < THAW_BY_WEIGHT_FROM_G;
  return small ? 0 : byWeightMin(act, perKg);
}

function byWeightMin({ wrappedFrozen }: LedgerAct, perKg: number): number {
  return Math.round((perKg * (wrappedFrozen?.pieceG ?? 0)) / 1000 / 30) * 30;
}
