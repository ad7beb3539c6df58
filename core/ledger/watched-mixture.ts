import { MAKES_FOOD, soaks, type Mixture } from '../batch/index.ts';
import { animalOf, batchOf, cutOf, type Dish, type Meal } from '../meal/index.ts';
import { isMince, pantryOf } from '../pantry/index.ts';
import { parseQuantity } from '../quantity/index.ts';
import type { Cure, WatchedMixture } from '../safety/index.ts';

/** A mixture as the rules of safety see it. */
export function watchedMixture(meal: Meal, dish: Dish, mixture: Mixture): WatchedMixture {
  const { ingredients } = pantryOf(meal.pantry);
  const raw = mixture.on.some((id) => {
    const food = dish.foods.find((one) => one.id === id);
    return food !== undefined && animalOf(meal, food) !== 'none';
  });
  const inIt = mixture.lines.flatMap((line) => {
    const solution = line.part === undefined ? ingredients.get(line.ingredient) : undefined;
    return solution ? [{ line, ...solution }] : [];
  });
  const garlic = inIt.some(({ section }) => section === FRESH);
  const oil = inIt.some(({ id }) => /(^|-)oil$/.test(id));
  const sour = inIt.some(({ acid }) => acid !== undefined);
  const curing = inIt.filter(({ nitritePct }) => nitritePct !== undefined);
  return {
    id: mixture.id,
    name: mixture.name,
    touchesRaw: raw && touches(dish, mixture),
    keptClean: mixture.reserve !== undefined,
    boiled: mixture.boiled ?? false,
    garlicInOil: garlic && oil && !sour,
    keepsDays: mixture.keepsDays,
    rawEgg: !(mixture.boiled ?? false) && inIt.some((one) => isRawEgg(one)),
    saltPct: saltPct(meal, dish, mixture),
    kind: mixture.kind,
    on: mixture.on,
    names: mixture.lines.map(({ ingredient, name = '' }) =>
      `${ingredient.replaceAll('-', ' ')} ${name}`.trim(),
    ),
    vessel: mixture.vessel,
    ...madeOf(meal, dish, mixture),
    makesFood: MAKES_FOOD.has(mixture.kind),
    apart: (mixture.variants ?? []).map(({ name }) => name),
    ...(curing.length > 0 && {
      cure: {
        ingoingPpm: ingoingPpm(meal, dish, mixture),
        immersed: mixture.kind === 'wet brine',
        on: curedOn(meal, dish, mixture),
        bySpoon: curing.some(({ line }) => parseQuantity(line.amount).dimension !== 'mass'),
      },
    }),
  };
}

/** It lies on raw food, whatever the file declares: a soak, or what a step before any fire puts on. */
function touches(dish: Dish, mixture: Mixture): boolean {
  if (!soaks(mixture)) return false;
  const soaked = dish.steps.some(
    (step) =>
      (step.time.kind === 'soak' && step.time.mixture === mixture.id) ||
      (LIES_IN.has(step.verb) && step.mixtures?.includes(mixture.id)),
  );
  return mixture.touchesRaw || soaked;
}

const LIES_IN: ReadonlySet<string> = new Set(['marinate', 'brine']);

/** The strictest of what it goes on. */
function curedOn(meal: Meal, dish: Dish, mixture: Mixture): Cure['on'] {
  const cuts = dish.foods
    .filter(({ id }) => mixture.on.includes(id))
    .flatMap((food) => cutOf(meal, food) ?? []);
  if (cuts.some(({ id }) => id.startsWith('pork-belly'))) return 'belly';
  return cuts.some(isMince) ? 'mince' : 'other';
}

function saltPct(meal: Meal, dish: Dish, mixture: Mixture): number {
  const { totals, batchG } = batchOf(meal, dish, mixture);
  const othersG = totals.grams - totals.saltG + batchG;
  return othersG > 0 ? (totals.saltG / othersG) * 100 : 0;
}

/** Egg as the hen laid it: what comes in a jar is made safe, and pasta is boiled. */
function isRawEgg({ id }: { readonly id: string }): boolean {
  return /^egg-/.test(id);
}

const FATS = /(^|-)(oil|lard|dripping|ghee|fat|butter)(-|$)/;

/** How much there is of it, and what it is made of. */
function madeOf(
  meal: Meal,
  dish: Dish,
  mixture: Mixture,
): Pick<
  WatchedMixture,
  'ml' | 'grams' | 'oilShare' | 'sugarShare' | 'saltShare' | 'alcoholShare' | 'waterShare' | 'pH'
> {
  const { ingredients } = pantryOf(meal.pantry);
  const { lines, totals, meters } = batchOf(meal, dish, mixture);
  const gramsOf = (share: (id: string) => number) =>
    lines.reduce((sum, { grams }, i) => sum + grams * share(mixture.lines[i]?.ingredient ?? ''), 0);
  const whole = Math.max(1e-9, totals.grams);
  return {
    ml: totals.ml,
    grams: totals.grams,
    oilShare: gramsOf((id) => (FATS.test(id) ? 1 : 0)) / whole,
    waterShare: gramsOf((id) => (ingredients.get(id)?.waterPct ?? 0) / 100) / whole,
    sugarShare: meters.sugarPct / 100,
    saltShare: meters.saltPct / 100,
    alcoholShare: meters.alcoholPct / 100,
    pH: meters.pH,
  };
}

/** Garlic, herbs and vegetables, whose spores come with the soil. */
const FRESH = 'greengrocer';

/**
 * Ingoing nitrite, parts per million: what the curing salt holds, over the food, and the brine
 * with it where it lies in one. Source: USDA/FSIS, Processing Inspectors' Calculations Handbook;
 * from memory.
 */
function ingoingPpm(meal: Meal, dish: Dish, mixture: Mixture): number {
  const { ingredients } = pantryOf(meal.pantry);
  const { lines, totals, batchG } = batchOf(meal, dish, mixture);
  const nitriteG = lines.reduce((sum, { grams }, i) => {
    const pct = ingredients.get(mixture.lines[i]?.ingredient ?? '')?.nitritePct ?? 0;
    return sum + (grams * pct) / 100;
  }, 0);
  const within = batchG + (mixture.kind === 'wet brine' ? totals.grams : 0);
  return within > 0 ? (nitriteG / within) * 1e6 : 0;
}
