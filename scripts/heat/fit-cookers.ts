/**
 * Fits one set of coefficients per cooker, and one surface for all meat, to the printed charts in
 * core/heat/charts/roasting-charts.json; never one per row. Writes core/places/coefficients.json and says how far
 * each row is off. Run: npx tsx scripts/heat/fit-cookers.ts
 */
import type { Coefficients } from '../../core/places/index.ts';
import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { CUTS } from '../../core/pantry/index.ts';
import {
  cookRow,
  DISPUTED_CUT,
  middleOf,
  ROASTING_ROWS,
} from '../../core/heat/charts/roasting-charts.ts';
import { leastBySimplex } from './simplex.ts';

const CELLS = 14;
/** Vapour in a closed oven and a smoker, Pa; what evaporates hardly depends on it. No source. */
const VAPOUR_PA = 3000;
/** Where the search begins, and what it is held near where the rows say little: logarithms. */
const USUAL = [8, 12, 3e-8, 0.5, 1.5, 0.5].map(Math.log);
const HELD = [1, 1, 0, 0, 1, 1];
const HOLD = 0.002;
/** How much the cut's own cooking yield counts beside its minutes, and how far off it may be. */
const YIELD_WEIGHT = 0.015;
const YIELD_SD = 0.08;

function coefficientsOf(logs: readonly number[]): Coefficients {
  const [oven = 0, smoker = 0, permeance = 0, crust = 0, power = 0, juice = 0] = logs.map(Math.exp);
  return {
    ovenConvection: oven,
    ovenVapourPa: VAPOUR_PA,
    smokerConvection: smoker,
    smokerVapourPa: VAPOUR_PA,
    surface: {
      permeance,
      crustKgPerM2: crust,
      crustPower: power,
      juiceShare: Math.min(1, juice),
    },
  };
}

function missOf(logs: readonly number[]): number {
  const coefficients = coefficientsOf(logs);
  let sum = 0;
  let weights = 0;
  for (const row of ROASTING_ROWS.filter(({ cut }) => cut !== DISPUTED_CUT)) {
    const cooked = cookRow(row, CELLS, coefficients);
    const off = Math.abs(Math.log(cooked.minutes / middleOf(row.minutes)));
    const kept = 1 - cooked.evaporated - cooked.dripped;
    const yieldOff = (kept - (CUTS.get(row.cut)?.cookedShare ?? kept)) / YIELD_SD;
    const weight = row.confidence ** 2;
    sum += weight * (Math.min(off, 1) ** 1.5 + YIELD_WEIGHT * yieldOff ** 2);
    weights += weight;
  }
  const held = logs.reduce((all, at, i) => all + (HELD[i] ?? 0) * (at - (USUAL[i] ?? 0)) ** 2, 0);
  return sum / weights + HOLD * held;
}

const best = coefficientsOf(leastBySimplex(missOf, leastBySimplex(missOf, USUAL, 200), 150));
const rounded = JSON.parse(
  JSON.stringify(best, (_key, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(4)) : value,
  ),
) as Coefficients;
const source =
  'Fitted by scripts/heat/fit-cookers.ts to the printed charts in core/heat/charts/roasting-charts.json, one set for all rows.';
const json = JSON.stringify({ source, ...rounded });
writeFileSync(
  'core/places/coefficients.json',
  await format(json, { parser: 'json', printWidth: 100 }),
);
for (const row of ROASTING_ROWS) {
  const { minutes, evaporated, dripped } = cookRow(row, CELLS, rounded);
  const off = (100 * (minutes / middleOf(row.minutes) - 1)).toFixed(0);
  const lost = (100 * (evaporated + dripped)).toFixed(0);
  console.log(`${row.id.padEnd(5)}${row.food.padEnd(48)}${off.padStart(5)} %  loses ${lost} %`);
}
