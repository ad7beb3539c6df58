import type { Batch } from '../batch/index.ts';
import { say, type Manner } from '../words/index.ts';

/** A scaled mixture as other tools read it. */
export function scaleJson(batch: Batch, manner: Manner) {
  const { window: soak, cover, reserve, totals } = batch;
  return {
    factor: batch.factor,
    lines: batch.lines.map((line) => ({
      name: line.name,
      grams: line.grams,
      ml: line.ml ?? null,
      measure: line.measure,
      measureErrorPct: line.measureErrorPct,
    })),
    variants: batch.variants.map((variant) => ({
      name: variant.name,
      foodG: variant.foodG,
      takeG: variant.takeG,
      lines: variant.lines.map(({ name, grams, measure }) => ({ name, grams, measure })),
    })),
    reserve: reserve
      ? {
          grams: reserve.grams,
          ml: reserve.ml,
          measure: reserve.measure,
          purpose: reserve.purpose,
        }
      : null,
    onFood: batch.split.map(({ name, weightG, grams, ml, measure }) => ({
      name,
      weightG,
      grams,
      ml,
      measure,
    })),
    totals: {
      grams: totals.grams,
      ml: totals.ml,
      saltG: totals.saltG,
      sugarG: totals.sugarG,
      sodiumMgPerServing: totals.sodiumMgPerServing,
    },
    window: soak
      ? {
          leastMin: soak.leastMin,
          bestMin: soak.bestMin,
          longestMin: soak.longestMin,
          limitedBy: say(soak.limitedBy, manner),
        }
      : null,
    cover: cover ? { needMl: cover.needMl, haveMl: cover.haveMl, fits: cover.fits ?? null } : null,
    warnings: batch.warnings.map((warning) => say(warning, manner)),
  };
}
