import { coolingOf, type CoolingEstimate } from './cooling.ts';
import { acidPct, pct, pHOf, plus, times, type Contents } from './contents.ts';
import { mixed, ontoRaw, setAside, type Boiled, type Clean, type TouchedRaw } from './contact.ts';
import { coverOf, type Cover } from './cover.ts';
import { readAsSpoons } from '../quantity/index.ts';
import { measureLine, type ScaledLine } from './line.ts';
import type { Mixture, Variant } from './mixture.ts';
import { saltAtRest } from './salting.ts';
import { batchWarnings, type BatchWarning } from './warnings.ts';
import {
  allFoods,
  lineTotals,
  saltedFood,
  saltingBy,
  weighMixture,
  type BatchFor,
  type WeighedMixture,
} from './weigh.ts';
import { fruitOn, saltTakenUp, soakWindow, type SoakWindow } from './window.ts';

/** A mixture at the weight of its batch. */
export interface Batch {
  /** Weight of all its food over the baseline's. 1 for a fixed mixture. */
  readonly factor: number;
  readonly baselineG?: number | undefined;
  /** The food of the main part. */
  readonly batchG: number;
  /** All the food, variants with it. */
  readonly allG: number;
  /** Everything one measures, in the order it goes in. */
  readonly lines: readonly ScaledLine[];
  /** So many lines go in before the variants are taken out. */
  readonly commonCount: number;
  readonly variants: readonly VariantBatch[];
  /** Set aside clean, before anything touches raw food. */
  readonly reserve?: Reserve | undefined;
  /** What goes on the food of the main part. */
  readonly onFood: Clean | TouchedRaw | Boiled;
  /** Of it, for each food, kept apart. */
  readonly split: ReadonlyArray<{
    readonly food: string;
    readonly name: string;
    readonly weightG: number;
    readonly grams: number;
    readonly ml: number;
    /** "⅓ cup + 1 tbsp": its share as one takes it. */
    readonly measure: string;
  }>;
  readonly totals: BatchTotals;
  readonly meters: Meters;
  readonly window?: SoakWindow | undefined;
  readonly cover?: Cover | undefined;
  /** A boiled mixture's way to fridge-cold. */
  readonly cooling?: CoolingEstimate | undefined;
  readonly warnings: readonly BatchWarning[];
}

export interface BatchTotals {
  readonly grams: number;
  readonly ml: number;
  readonly onFoodMl: number;
  readonly onFoodG: number;
  readonly saltG: number;
  readonly sugarG: number;
  /** Of the salt and all else that is eaten, shared over the portions. */
  readonly sodiumMgPerServing: number;
  readonly sugarGPerServing: number;
  /** Salt that reaches the food, % of its weight. */
  readonly saltPctOfFood: number;
}

/** What is in the mixture, as the cook judges it. % of its weight. */
export interface Meters {
  readonly acidPct: number;
  readonly pH?: number | undefined;
  /** Raw fruit on a kilo of the food, g, as so much strong fruit. */
  readonly fruitGPerKg: number;
  readonly sugarPct: number;
  readonly alcoholPct: number;
  readonly saltPct: number;
}

export interface VariantBatch {
  readonly id: string;
  readonly name: string;
  readonly forAvoids: Variant['forAvoids'];
  readonly foods: ReadonlyArray<{ readonly name: string; readonly weightG: number }>;
  readonly foodG: number;
  /** To be taken out of what everyone shares. */
  readonly takeG: number;
  readonly takeMl: number;
  /** What is stirred in afterwards. */
  readonly lines: readonly ScaledLine[];
  readonly saltPctOfFood: number;
}

export interface Reserve {
  readonly ml: number;
  readonly grams: number;
  /** As one takes it with spoons and cups. */
  readonly measure: string;
  readonly purpose: string;
  /** Its share of the main part, 0 to 1. */
  readonly share: number;
  readonly kept: Clean;
}

/**
 * Scales a mixture from its baseline to the weight of its batch. The reserve is part of the
 * whole: it is set aside first, and what is left goes on the food. A reserve of fixed size makes
 * the rest, not the whole, grow with the batch.
 */
export function scaleMixture(mixture: Mixture, batch: BatchFor): Batch {
  const weighed = weighMixture(mixture, batch);
  const { main } = weighed;
  const whole = mixed(main.contents);
  const share = 1 - usedShare(weighed);
  const { kept, rest } = setAside(whole, share);
  const reserve =
    mixture.reserve && whole.grams > 0
      ? {
          ml: kept.ml,
          grams: kept.grams,
          measure: takenAs(kept.ml, batch),
          purpose: mixture.reserve.purpose,
          share,
          kept,
        }
      : undefined;
  const onFood = soakingContents(weighed);
  const totals = totalsOf(mixture, batch, weighed, share);
  // Variants lie in vessels of their own.
  const inVessel = times(main.contents, 1 - share);
  const cover = coverOf(mixture, main.foodG, inVessel, batch.vessel);
  const window = soakWindow(mixture, batch, onFood);
  const { saltPctOfFood } = totals;
  return {
    factor: weighed.factor,
    baselineG: mixture.basis.kind === 'perWeight' ? mixture.basis.baselineG : undefined,
    batchG: main.foodG,
    allG: sum(allFoods(batch), 'weightG'),
    lines: measuredLines(mixture, batch, weighed),
    commonCount: weighed.commonCount,
    variants: weighed.variants.map((part) => variantBatch(part, mixture, batch)),
    reserve,
    onFood: mixture.touchesRaw ? ontoRaw(rest) : rest,
    split: splitOver(batch, rest),
    totals,
    meters: metersOf(onFood, fruitOn(mixture, batch, onFood)),
    window,
    cover,
    cooling: mixture.boiled ? coolingOfMixture(weighed) : undefined,
    warnings: batchWarnings({ mixture, batch, weighed, onFood, saltPctOfFood, cover, window }),
  };
}

/** Only the window: what the planner asks for, without spoons. */
export function windowOf(mixture: Mixture, batch: BatchFor): SoakWindow | undefined {
  return soakWindow(mixture, batch, soakingContents(weighMixture(mixture, batch)));
}

/** Salt in the meat after so many minutes, % of its weight without bone; undefined unless brined. */
export function saltInMeatPct(
  mixture: Mixture,
  batch: BatchFor,
  minutes: number,
): number | undefined {
  return saltTakenUp(mixture, batch, soakingContents(weighMixture(mixture, batch)), minutes);
}

/** A boiled mixture's way to cold, from what was hot and the ice that goes in. */
export function coolingOfMixture(weighed: WeighedMixture): CoolingEstimate {
  const ice = lineTotals(weighed.lines.filter(({ of }) => of.id === 'ice')).grams;
  return coolingOf(lineTotals(weighed.lines).grams - ice, ice);
}

/** What lies on the main food while it soaks: the reserve out, salt for the end not yet in. */
function soakingContents(weighed: WeighedMixture): Contents {
  const { main } = weighed;
  return times(plus(main.contents, main.atEnd, -1), usedShare(weighed));
}

/** Of the main part, what is left once the reserve is out. */
function usedShare({ main, reserveMl }: WeighedMixture): number {
  return main.contents.ml > 0 ? 1 - Math.min(1, reserveMl / main.contents.ml) : 1;
}

function totalsOf(
  mixture: Mixture,
  batch: BatchFor,
  weighed: WeighedMixture,
  reserveShare: number,
): BatchTotals {
  const measured = lineTotals(weighed.lines);
  const { main } = weighed;
  const used = 1 - reserveShare;
  const portions = batch.foods.length > 0 ? sum(batch.foods, 'portions') : batch.portions;
  const eaten = eatenShare(mixture, batch, main.contents.saltG);
  // What is kept clean is eaten too.
  const perServing = portions === 0 ? 0 : (used * eaten + reserveShare) / portions;
  return {
    grams: measured.grams,
    ml: measured.ml,
    onFoodMl: main.contents.ml * used,
    onFoodG: main.contents.grams * used,
    saltG: measured.saltG,
    sugarG: measured.sugarG,
    sodiumMgPerServing: main.contents.sodiumMg * perServing,
    sugarGPerServing: main.contents.sugarG * perServing,
    saltPctOfFood: main.foodG === 0 ? 0 : ((main.contents.saltG * used * eaten) / main.foodG) * 100,
  };
}

/**
 * Of the salt of a mixture, what is eaten. All of a paste or a sauce; of a brine what the meat
 * holds once it is at rest, or the target of a strong one.
 */
function eatenShare(mixture: Mixture, batch: BatchFor, saltG: number): number {
  if (mixture.kind !== 'wet brine' || saltG === 0) return 1;
  const food = saltedFood(allFoods(batch));
  if (food.boneless === 0) return 1;
  const by = saltingBy(mixture, batch);
  if (mixture.salting && by === 'strong') {
    return Math.min(1, ((mixture.salting.targetPct / 100) * food.boneless) / saltG);
  }
  const water = lineTotals(weighMixture(mixture, batch).lines).waterG;
  return Math.min(1, (saltAtRest(saltG, food, water) * food.boneless) / saltG);
}

function measuredLines(mixture: Mixture, batch: BatchFor, weighed: WeighedMixture): ScaledLine[] {
  return weighed.lines.map((line) => ({
    ...measureLine(line, batch.spoons, batch.owned),
    index: mixture.lines.indexOf(line.line),
  }));
}

function variantBatch(
  part: WeighedMixture['variants'][number],
  mixture: Mixture,
  batch: BatchFor,
): VariantBatch {
  const { variant } = part;
  const eaten = eatenShare(mixture, batch, part.contents.saltG);
  return {
    id: variant.id,
    name: variant.name,
    forAvoids: variant.forAvoids,
    foods: part.foods.map(({ name, weightG }) => ({ name, weightG })),
    foodG: part.foodG,
    takeG: part.takeG,
    takeMl: part.takeMl,
    lines: part.lines.map((line) => measureLine(line, batch.spoons, batch.owned)),
    saltPctOfFood: part.foodG === 0 ? 0 : ((part.contents.saltG * eaten) / part.foodG) * 100,
  };
}

/** One mixture over several foods, by weight. */
function splitOver(batch: BatchFor, rest: Clean): Batch['split'] {
  const all = sum(batch.foods, 'weightG');
  return batch.foods.map(({ id, name, weightG }) => {
    const share = all > 0 ? weightG / all : 0;
    const ml = rest.ml * share;
    return {
      food: id,
      name,
      weightG,
      grams: rest.grams * share,
      ml,
      measure: takenAs(ml, batch),
    };
  });
}

function takenAs(ml: number, { spoons, owned }: BatchFor): string {
  return ml > 0 ? readAsSpoons(ml, spoons, 5, owned).text : '—';
}

function metersOf(onFood: Contents, fruitGPerKg: number): Meters {
  return {
    acidPct: acidPct(onFood),
    pH: pHOf(onFood),
    fruitGPerKg,
    sugarPct: pct(onFood.sugarG, onFood),
    alcoholPct: pct(onFood.alcoholG, onFood),
    saltPct: pct(onFood.saltG, onFood),
  };
}

function sum<K extends string>(items: ReadonlyArray<Readonly<Record<K, number>>>, key: K): number {
  return items.reduce((total, item) => total + item[key], 0);
}
