import { G_PER_LB, FROM_FRIDGE_C } from '../../figures/index.ts';
import { FITTED, USUAL_CONDITIONS, type Coefficients } from '../../places/index.ts';
import { z } from 'zod';
import type { Cook } from '../cook.ts';
import { CHART_FACTORS } from './chart-factors.ts';
import { NOMINAL, cookOnce, type CookSpec, type StageSpec } from '../cook-spec.ts';
import { CUTS } from '../../pantry/index.ts';
import { fahrenheitToC } from '../../quantity/index.ts';
import file from './roasting-charts.json';

/** A row of a printed roasting or smoking chart. */
const RowSchema = z.strictObject({
  id: z.string(),
  food: z.string(),
  cut: z.string(),
  cooker: z.enum(['oven', 'smoker']),
  weightLb: z.tuple([z.number(), z.number()]),
  setF: z.number(),
  targetF: z.number(),
  wrapAtF: z.number().optional(),
  minutes: z.tuple([z.number(), z.number()]),
  confidence: z.number(),
  source: z.string(),
});
export type RoastingRow = z.infer<typeof RowSchema>;

export const ROASTING_ROWS: readonly RoastingRow[] = z.array(RowSchema).parse(file.rows);

/** Two printed charts contradict each other about this cut: it is reported apart. */
export const DISPUTED_CUT = 'beef-eye-round';

export function middleOf([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}

/** A row of a chart as a cook: the middle of its weights, from the fridge, by the core. */
export function specOfRow(row: RoastingRow): CookSpec {
  const cut = CUTS.get(row.cut);
  if (!cut) throw new RangeError(`no cut “${row.cut}” for row ${row.id}`);
  const stage = (untilF: number, wrap?: 'foil'): StageSpec => ({
    cooker: row.cooker,
    tempC: fahrenheitToC(row.setF),
    wrap,
    end: { kind: 'core', coreC: fahrenheitToC(untilF) },
  });
  return {
    piece: { cut, weightG: middleOf(row.weightLb) * G_PER_LB },
    startC: FROM_FRIDGE_C,
    stages:
      row.wrapAtF === undefined
        ? [stage(row.targetF)]
        : [stage(row.wrapAtF), stage(row.targetF, 'foil')],
    conditions: USUAL_CONDITIONS,
  };
}

/**
 * Cooks a row of a chart once.
 *
 * @param chartFactors by cut, times its thickness
 */
export function cookRow(
  row: RoastingRow,
  cells: number,
  coefficients: Coefficients = FITTED,
  chartFactors: ReadonlyMap<string, number> = CHART_FACTORS,
): Cook {
  const spec = { ...specOfRow(row), coefficients, chartFactors };
  return cookOnce(spec, NOMINAL, { cells, everyMin: 1e6, longestMin: 3000 });
}
