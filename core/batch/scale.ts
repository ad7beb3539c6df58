import type { Animal } from '../pantry/index.ts';
import { mlOf, parseQuantity, type SpoonSystem } from '../quantity/index.ts';
import { coverOf, type Cover, type Vessel } from './cover.ts';
import { baselineGrams, ingredientOf, scaleLine, type ScaledLine } from './line.ts';
import type { Mixture } from './mixture.ts';
import { batchWarnings, type BatchWarning } from './warnings.ts';

/** A mixture at the weight of its batch. */
export interface Batch {
  /** Batch weight over the baseline's. 1 for a fixed mixture. */
  readonly factor: number;
  readonly baselineG?: number | undefined;
  readonly batchG: number;
  readonly lines: readonly ScaledLine[];
  /** Set aside clean, before anything touches raw food. */
  readonly reserve?: Reserve | undefined;
  readonly totals: {
    readonly grams: number;
    readonly ml: number;
    /** What is left for the food once the reserve is out. */
    readonly onFoodMl: number;
    readonly onFoodG: number;
    readonly saltG: number;
    readonly sugarG: number;
    /** If all that goes on the food were eaten, shared over the portions. */
    readonly sodiumMgPerServing: number;
    /** Salt as % of the food's weight. */
    readonly saltPctOfFood: number;
  };
  readonly window?: Mixture['window'];
  readonly cover?: Cover | undefined;
  readonly warnings: readonly BatchWarning[];
}

export interface Reserve {
  readonly ml: number;
  readonly grams: number;
  readonly purpose: string;
  /** Its share of the whole mixture, 0 to 1. */
  readonly share: number;
}

/** What the mixture goes on and who eats it. */
export interface BatchFor {
  /** All the food the mixture goes on, together. */
  readonly batchG: number;
  /** Portions it is shared over. */
  readonly portions: number;
  readonly animals: readonly Animal[];
  readonly spoons: SpoonSystem;
  readonly vessel?: Vessel | undefined;
}

/**
 * Scales a mixture from its baseline to the weight of its batch. The reserve is part of the
 * whole: it is set aside first, and what is left goes on the food. A reserve of fixed size makes
 * the rest, not the whole, grow with the batch.
 */
export function scaleMixture(mixture: Mixture, batch: BatchFor): Batch {
  const { batchG, portions, spoons } = batch;
  const baselineG = mixture.basis.kind === 'perWeight' ? mixture.basis.baselineG : undefined;
  const factor = baselineG === undefined ? 1 : batchG / baselineG;
  const base = baselineTotals(mixture, spoons);
  const lineFactor = factorOfLines(mixture, factor, base, spoons);
  const lines = mixture.lines.map((line) => scaleLine(line, lineFactor, spoons));
  const grams = sum(lines.map((line) => line.grams));
  const ml = base.grams > 0 ? (grams * base.ml) / base.grams : 0;
  const reserve = reserveOf(mixture, factor, grams, ml, base, spoons);
  const used = 1 - (reserve?.share ?? 0);
  const saltG = sum(lines.map((line) => line.saltG));
  const totals: Batch['totals'] = {
    grams,
    ml,
    onFoodMl: ml * used,
    onFoodG: grams * used,
    saltG,
    sugarG: sum(lines.map((line) => line.sugarsG)),
    sodiumMgPerServing:
      portions === 0 ? 0 : (sum(lines.map((line) => line.sodiumMg)) * used) / portions,
    saltPctOfFood: batchG === 0 ? 0 : ((saltG * used) / batchG) * 100,
  };
  const cover = coverOf(mixture, batchG, totals.onFoodMl, batch.vessel);
  return {
    factor,
    baselineG,
    batchG,
    lines,
    reserve,
    totals,
    window: mixture.window,
    cover,
    warnings: batchWarnings(batch.animals, mixture, totals, cover),
  };
}

interface BaselineTotals {
  readonly grams: number;
  readonly ml: number;
}

/** Grams and millilitres of the mixture as written; what has no density counts as water. */
function baselineTotals(mixture: Mixture, spoons: SpoonSystem): BaselineTotals {
  return mixture.lines.reduce(
    (total, line) => {
      const grams = baselineGrams(line, spoons);
      const ml = mlOf(parseQuantity(line.amount, spoons), ingredientOf(line)) ?? grams;
      return { grams: total.grams + grams, ml: total.ml + ml };
    },
    { grams: 0, ml: 0 },
  );
}

function factorOfLines(
  mixture: Mixture,
  factor: number,
  base: BaselineTotals,
  spoons: SpoonSystem,
): number {
  if (mixture.reserve?.scaling !== 'fixed' || base.grams === 0) return factor;
  const kept = reserveBaselineG(mixture, base, spoons);
  return (factor * (base.grams - kept) + kept) / base.grams;
}

function reserveBaselineG(mixture: Mixture, base: BaselineTotals, spoons: SpoonSystem): number {
  if (!mixture.reserve) return 0;
  const amount = parseQuantity(mixture.reserve.amount, spoons);
  const gPerMl = base.ml > 0 ? base.grams / base.ml : 1;
  const ml = mlOf(amount, { name: mixture.name, gPerMl }) ?? 0;
  return Math.min(base.grams, ml * gPerMl);
}

function reserveOf(
  mixture: Mixture,
  factor: number,
  grams: number,
  ml: number,
  base: BaselineTotals,
  spoons: SpoonSystem,
): Reserve | undefined {
  if (!mixture.reserve || grams === 0) return undefined;
  const wantedG =
    reserveBaselineG(mixture, base, spoons) * (mixture.reserve.scaling === 'fixed' ? 1 : factor);
  const share = Math.min(1, wantedG / grams);
  return { ml: ml * share, grams: grams * share, purpose: mixture.reserve.purpose, share };
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
