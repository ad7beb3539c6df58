import { SUGAR_BURNS_C } from '../figures/index.ts';
import { isFirePlace } from '../places/index.ts';
import {
  scaleMixture,
  SUGAR_SHOWS_PCT,
  type Batch,
  type BatchWarning,
  type Mixture,
} from '../batch/index.ts';
import { batchFood, batchFor, type Cooked } from './batch-for.ts';
import type { Dish } from './schema.ts';

/** What only the whole dish can tell of a mixture: what it meets, and what else is on the food. */
export function dishWarnings(
  meal: Cooked,
  dish: Dish,
  mixture: Mixture,
  batch: Batch,
): BatchWarning[] {
  return [...sugarBurns(dish, mixture, batch), ...twiceSalted(meal, dish, mixture)];
}

/** Kinds that are on the food when it meets the fire. */
const LIES_ON: ReadonlySet<Mixture['kind']> = new Set([
  'marinade',
  'paste',
  'rub',
  'dry brine',
  'glaze',
]);

/** What browns food, and so burns what is on it: a chimney or an oven that heats up has none in it. */
const BROWNS: ReadonlySet<string> = new Set([
  'sear',
  'brown',
  'fry',
  'grill',
  'roast',
  'bake',
  'smoke',
  'glaze',
]);

/** Sugar on the food, and a step hot enough to burn it. */
function sugarBurns(dish: Dish, mixture: Mixture, batch: Batch): BatchWarning[] {
  const onFood = mixture.on.length > 0 && LIES_ON.has(mixture.kind);
  if (!onFood || batch.meters.sugarPct < SUGAR_SHOWS_PCT) return [];
  const hottest = dish.steps
    .filter((step) => isFirePlace(step.place.kind) && BROWNS.has(step.verb) && isOn(step, mixture))
    .filter((step) => (step.place.tempC ?? 0) >= SUGAR_BURNS_C)
    .sort((a, b) => (b.place.tempC ?? 0) - (a.place.tempC ?? 0))[0];
  if (!hottest) return [];
  const values = {
    pct: batch.meters.sugarPct.toFixed(0),
    burns: { tempC: SUGAR_BURNS_C },
    step: hottest.label,
    tempC: { tempC: hottest.place.tempC ?? 0 },
  };
  return [{ key: 'batch.sugarBurns', values }];
}

/** A step that says which food it is for has that food on the fire, and no other. */
function isOn({ time }: Dish['steps'][number], mixture: Mixture): boolean {
  return !('food' in time) || mixture.on.includes(time.food);
}

/** Salt from one mixture that counts as salting. Common practice, no source. */
const SALTS_PCT = 0.4;
/** Together more than most people like. Common practice, no source. */
const SALTY_TOGETHER_PCT = 2;

/** Two mixtures on the same food that both salt it. */
function twiceSalted(meal: Cooked, dish: Dish, mixture: Mixture): BatchWarning[] {
  const foodG = mixture.on.reduce((sum, id) => sum + batchFood(meal, dish, id).weightG, 0);
  if (foodG === 0) return [];
  const salting = dish.mixtures
    .filter((other) => other.on.some((id) => mixture.on.includes(id)))
    .map((other) => {
      const { totals } = scaleMixture(other, batchFor(meal, dish, other));
      return { name: other.name, pct: totals.saltPctOfFood };
    })
    .filter(({ pct }) => pct >= SALTS_PCT);
  const together = salting.reduce((sum, { pct }) => sum + pct, 0);
  if (salting.length < 2 || together <= SALTY_TOGETHER_PCT) return [];
  const values = {
    first: salting[0]?.name ?? '',
    second: salting[1]?.name ?? '',
    pct: together.toFixed(1),
  };
  return [{ key: 'batch.twiceSalted', values }];
}
