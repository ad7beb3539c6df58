import type { Batch } from './scale.ts';

/** A figure of a batch before a change and after it. */
export interface Effect {
  readonly what: 'salt' | 'sodium' | 'acid' | 'enzyme' | 'sugar' | 'total' | 'best' | 'longest';
  readonly from: number;
  readonly to: number;
}

/** Less than this, of the larger of the two, is no change one would notice. */
const NOTICED = 0.02;

/** What a change did to a batch: each figure that moved. Minutes, grams, mg and % as they are. */
export function effectsOf(before: Batch, after: Batch): Effect[] {
  const figures: ReadonlyArray<readonly [Effect['what'], (batch: Batch) => number | undefined]> = [
    ['total', (batch) => batch.totals.grams],
    ['salt', (batch) => batch.totals.saltPctOfFood],
    ['sodium', (batch) => batch.totals.sodiumMgPerServing],
    ['acid', (batch) => batch.meters.acidPct],
    ['enzyme', (batch) => batch.meters.fruitGPerKg],
    ['sugar', (batch) => batch.meters.sugarPct],
    ['best', (batch) => batch.window?.bestMin],
    ['longest', (batch) => batch.window?.longestMin],
  ];
  return figures.flatMap(([what, of]) => {
    const from = of(before);
    const to = of(after);
    if (from === undefined || to === undefined) return [];
    const noticed = Math.abs(to - from) > NOTICED * Math.max(Math.abs(from), Math.abs(to));
    return noticed ? [{ what, from, to }] : [];
  });
}
