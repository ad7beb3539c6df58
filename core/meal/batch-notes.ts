import { CURE_MM_PER_DAY, CURE_MORE_DAYS, FRESH_WATER_PER_G } from '../figures/index.ts';
import {
  saltFrontMm,
  saltAfterSoaking,
  saltedFood,
  saltingBy,
  saltBodyOf,
  saltUptake,
  type Batch,
  type Mixture,
} from '../batch/index.ts';
import { pantryOf } from '../pantry/index.ts';
import type { Message } from '../words/index.ts';
import { batchFor, type Cooked } from './batch-for.ts';
import type { Dish } from './schema.ts';
import { practicesOf } from './practices.ts';

/** What to know of a batch, with nothing wrong. */
export function dishNotes(meal: Cooked, dish: Dish, mixture: Mixture, batch: Batch): Message[] {
  return [
    ...keeping(mixture),
    ...towardRest(meal, dish, mixture, batch),
    ...cureDays(meal, dish, mixture),
    ...soakingOut(meal, dish, mixture, batch),
    ...usedNotes(meal, dish, mixture, batch),
  ];
}

/** How long what is made ahead keeps. */
function keeping(mixture: Mixture): Message[] {
  if (mixture.keepsDays === undefined) return [];
  return [{ key: 'batch.keeps', values: { days: String(mixture.keepsDays) } }];
}

/** How far salt gets in a brine made to come to rest. */
function towardRest(meal: Cooked, dish: Dish, mixture: Mixture, batch: Batch): Message[] {
  const around = batchFor(meal, dish, mixture);
  const cut = around.foods[0]?.cut;
  if (!mixture.salting || !batch.window || !cut) return [];
  if (mixture.kind !== 'wet brine' || saltingBy(mixture, around) !== 'equilibrium') return [];
  const minutes = batch.window.bestMin;
  const pct = Math.round(saltUptake(saltBodyOf(cut), minutes) * 100);
  return [{ key: 'batch.towardRest', values: { minutes: { minutes }, pct } }];
}

/** How long kitchens let a cure go to the middle. */
function cureDays(meal: Cooked, dish: Dish, mixture: Mixture): Message[] {
  const { ingredients } = pantryOf(meal.pantry);
  const cures = mixture.lines.some(
    ({ ingredient }) => ingredients.get(ingredient)?.nitritePct !== undefined,
  );
  const cut = batchFor(meal, dish, mixture).foods[0]?.cut;
  if (!cures || !cut) return [];
  const days = Math.ceil(cut.thicknessMm / CURE_MM_PER_DAY) + CURE_MORE_DAYS;
  return [{ key: 'batch.cureDays', values: { days, thick: String(cut.thicknessMm) } }];
}

/** What a soak in fresh water after the brine leaves of the salt. */
function soakingOut(meal: Cooked, dish: Dish, mixture: Mixture, batch: Batch): Message[] {
  if (mixture.kind !== 'wet brine') return [];
  const brined = dish.steps.find(
    (step) => step.time.kind === 'soak' && step.time.mixture === mixture.id,
  );
  const soak = dish.steps.find(
    (step) => step.verb === 'soak' && step.after.some((gap) => gap.step === brined?.id),
  );
  const minutes = soak?.time.kind === 'elastic' ? soak.time.bestMin : undefined;
  const { foods } = batchFor(meal, dish, mixture);
  const cut = foods[0]?.cut;
  if (minutes === undefined || !cut) return [];
  const food = saltedFood(foods);
  const uptake = saltUptake(saltBodyOf(cut), minutes);
  const before = batch.totals.saltPctOfFood / 100;
  const after = saltAfterSoaking(before, food, FRESH_WATER_PER_G * batch.batchG, uptake);
  const values = {
    minutes: { minutes },
    water: { ml: FRESH_WATER_PER_G * batch.batchG },
    mm: saltFrontMm(minutes).toFixed(0),
    before: (before * 100).toFixed(1),
    after: (after * 100).toFixed(1),
  };
  return [{ key: 'batch.soakedOut', values }];
}

/** What becomes of what the meat lay in, by the school of the dish. */
function usedNotes(meal: Cooked, dish: Dish, mixture: Mixture, batch: Batch): Message[] {
  const lies = mixture.kind === 'marinade' || mixture.kind === 'paste';
  if (!lies || !mixture.touchesRaw) return [];
  switch (practicesOf(meal.kitchen, dish).usedMarinade) {
    case 'keptClean':
      return mixture.reserve ? [] : [{ key: 'batch.noReserve' }];
    case 'thrown':
      return [{ key: 'batch.throwAway' }];
    case 'boiled':
      return [{ key: 'batch.boilFirst' }];
    case 'second':
      return [{ key: 'batch.secondBatch', values: { grams: { grams: batch.totals.grams } } }];
  }
}
