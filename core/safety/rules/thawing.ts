import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, rawFoods, type WatchedAct } from '../watched.ts';

/** Cold from the tap; it stays so for half an hour. Source: USDA/FSIS, The Big Thaw; from memory. */
const WATER_C = 15;
/** A day for five pounds in the fridge, half an hour a pound in water. Same source. */
const FRIDGE_MIN_PER_KG = 635;
const WATER_MIN_PER_KG = 66;
/** Small and thin pieces thaw faster by the kilogram than the rule says; less than this is too little. */
const TOO_LITTLE = 0.7;
/** Thawed food stays no longer in water. Source: FDA Food Code, 3-501.13, four hours above 5 °C; from memory. */
const THAWED_WET_MIN = 240;
/** Below this the thickness decides, and no rule by weight. Our own line, no source. */
const BY_WEIGHT_FROM_G = 2500;

/** Thawing in the fridge or in cold water, never on the counter, and long enough. */
export const thawing: Rule = {
  id: 'thawing',
  source: 'source.fsisThaw',
  figures: {
    key: 'figures.thawing',
    values: { perKg: { minutes: FRIDGE_MIN_PER_KG }, water: { minutes: WATER_MIN_PER_KG } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.filter(({ verb }) => verb === 'thaw').flatMap((act) => of(dish.id, act));
    }),
};

function of(dish: string, act: WatchedAct): SafetyFinding[] {
  const base = { rule: 'thawing', dish, step: act.id, source: 'source.fsisThaw' } as const;
  // Cold water is said by the heat of the place it stands in.
  const inWater = act.place !== 'fridge' && act.tempC !== undefined && act.tempC < WATER_C;
  if (act.place !== 'fridge' && !inWater) {
    const mends = [{ kind: 'fridge', step: act.id }] as const;
    return [{ ...base, level: 'stop', message: { key: 'safety.thawCounter' }, mends }];
  }
  if (inWater && minutesOf(act) > byWeightMin(act, WATER_MIN_PER_KG) + THAWED_WET_MIN) {
    const mends = [{ kind: 'fridge', step: act.id }] as const;
    const values = { minutes: { minutes: minutesOf(act) } };
    return [{ ...base, level: 'stop', message: { key: 'safety.thawLong', values }, mends }];
  }
  const needs = neededMin(act, inWater ? WATER_MIN_PER_KG : FRIDGE_MIN_PER_KG);
  if (minutesOf(act) < TOO_LITTLE * needs) {
    const values = { minutes: { minutes: needs } };
    const mends = [{ kind: 'minutes', step: act.id, minutes: needs }] as const;
    return [{ ...base, level: 'stop', message: { key: 'safety.thawShort', values }, mends }];
  }
  return inWater
    ? [{ ...base, level: 'caution', message: { key: 'safety.thawWater' }, mends: [] }]
    : [];
}

function neededMin(act: WatchedAct, perKg: number): number {
  const small = (act.wrappedFrozen?.pieceG ?? 0) < BY_WEIGHT_FROM_G;
  return small ? 0 : byWeightMin(act, perKg);
}

function byWeightMin({ wrappedFrozen }: WatchedAct, perKg: number): number {
  return Math.round((perKg * (wrappedFrozen?.pieceG ?? 0)) / 1000 / 30) * 30;
}
