import type { Batch } from './scale.ts';

/** One thing to do with the bowl on the scale. */
export interface WeighingStep {
  /** An ingredient, or the variant that is taken out. */
  readonly name: string;
  readonly note?: string | undefined;
  /** What the scale moves by; below nothing where something is taken out. */
  readonly grams: number;
  readonly measure?: string | undefined;
  readonly takesOut: boolean;
  /** To taste: no weight is wanted. */
  readonly open: boolean;
}

/**
 * A batch as one weighs it into a bowl: what everyone shares, the variants out of it, what only
 * the main part gets; what is to taste, or waits for the end, comes last.
 */
export function weighingSteps(batch: Batch): WeighingStep[] {
  const lines = batch.lines.map((line, i) => ({
    common: i < batch.commonCount,
    last: line.scaling === 'toTaste' || line.atEnd,
    step: {
      name: line.name,
      note: line.note,
      grams: line.grams,
      measure: line.measure,
      takesOut: false,
      open: line.scaling === 'toTaste',
    },
  }));
  const weighed = lines.filter(({ last, step }) => !last && step.grams > 0);
  const outs = batch.variants
    .filter(({ takeG }) => takeG > 0)
    .map(({ name, takeG }) => ({ name, grams: -takeG, takesOut: true, open: false }));
  return [
    ...weighed.filter(({ common }) => common).map(({ step }) => step),
    ...outs,
    ...weighed.filter(({ common }) => !common).map(({ step }) => step),
    ...lines.filter(({ last }) => last).map(({ step }) => step),
  ];
}
