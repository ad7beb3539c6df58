import { middleOf } from '../../core/heat/charts/roasting-charts.ts';
import { FROM_FRIDGE_C } from '../../core/figures/index.ts';
import { fahrenheitToC } from '../../core/quantity/index.ts';
import { AGREED, type RowOff } from './chart-fit.ts';
import { leastBySimplex } from './simplex.ts';

/**
 * What a cook without a model could reckon: minutes by powers of the weight and of how far the core
 * has to go against how much hotter the oven is; fitted to all oven rows but those of the cut itself.
 */
export function regressionLeftOut(): RowOff[] {
  const rows = AGREED.filter(({ cooker }) => cooker === 'oven').map((row) => {
    const [setC, coreC] = [fahrenheitToC(row.setF), fahrenheitToC(row.targetF)];
    return {
      row,
      weight: Math.log(middleOf(row.weightLb)),
      way: Math.log((setC - FROM_FRIDGE_C) / (setC - coreC)),
      minutes: Math.log(middleOf(row.minutes)),
    };
  });
  type One = (typeof rows)[number];
  const said = ([a = 0, b = 0, c = 0]: readonly number[], { weight, way }: One) =>
    a + b * weight + c * way;
  return rows.map((one) => {
    const others = rows.filter(({ row }) => row.cut !== one.row.cut);
    const miss = (at: readonly number[]) =>
      others.reduce((sum, other) => sum + (said(at, other) - other.minutes) ** 2, 0);
    const found = leastBySimplex(miss, [4, 0.6, 0.6], SEARCH_ROUNDS);
    return { row: one.row, off: said(found, one) - one.minutes };
  });
}

const SEARCH_ROUNDS = 400;
