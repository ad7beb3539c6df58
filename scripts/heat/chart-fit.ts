/**
 * One set of coefficients per cooker, and one surface for all meat, fitted to the printed charts in
 * core/heat/charts/roasting-charts.json; never one per row. What a cut that has charts is still off
 * by becomes a factor of its thickness, drawn towards 1.
 */
import type { Coefficients } from '../../core/places/index.ts';
import { CUTS } from '../../core/pantry/index.ts';
import {
  cookRow,
  DISPUTED_CUT,
  middleOf,
  ROASTING_ROWS,
  type RoastingRow,
} from '../../core/heat/charts/roasting-charts.ts';
import { leastBySimplex } from './simplex.ts';

const CELLS = 14;
/** Vapour in a closed oven and a smoker, Pa; what evaporates hardly depends on it. No source. */
const VAPOUR_PA = 3000;
/** Where the search begins, and what it is held near where the rows say little: logarithms. */
const USUAL = [8, 12, 3e-8, 0.5, 1.5, 0.5].map(Math.log);
const HOLD = 0.002;
/** How much the cut's own cooking yield counts beside its minutes, and how far off it may be. */
const YIELD_WEIGHT = 0.015;
const YIELD_SD = 0.08;
/** Minutes go with this power of the thickness, from slabs and from what the surface holds back. */
const MINUTES_BY_THICKNESS = 1.7;

export const AGREED = ROASTING_ROWS.filter(({ cut }) => cut !== DISPUTED_CUT);
const USUAL_SIZES: ReadonlyMap<string, number> = new Map();

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

function cooked(row: RoastingRow, coefficients: Coefficients) {
  return cookRow(row, CELLS, coefficients, USUAL_SIZES);
}

function offOf(row: RoastingRow, coefficients: Coefficients): number {
  return Math.log(cooked(row, coefficients).minutes / middleOf(row.minutes));
}

/**
 * A shoulder smoked bare climbs faster again once its surface is dry: common practice, no source.
 * Minutes from 80 to 88 °C against those from 68 to 76, where those are the slowest.
 */
function stallMiss(coefficients: Coefficients): number {
  const row = AGREED.find(({ id }) => id === 's1');
  if (!row) throw new Error('no shoulder smoked bare');
  const to = (targetF: number) =>
    cookRow({ ...row, targetF }, CELLS, coefficients, USUAL_SIZES).minutes;
  const [from, until, later, last] = [68, 76, 80, 88].map((tempC) => to((tempC * 9) / 5 + 32));
  const ratio = ((last ?? 0) - (later ?? 0)) / ((until ?? 0) - (from ?? 0));
  return STALL_WEIGHT * Math.max(0, Math.log(ratio / STALL_RATIO)) ** 2;
}

const STALL_WEIGHT = 0.2;
const STALL_RATIO = 0.8;

const missOf =
  (rows: readonly RoastingRow[]) =>
  (logs: readonly number[]): number => {
    const coefficients = coefficientsOf(logs);
    let sum = 0;
    let weights = 0;
    for (const row of rows) {
      const { minutes, evaporated, dripped } = cooked(row, coefficients);
      const off = Math.abs(Math.log(minutes / middleOf(row.minutes)));
      const kept = 1 - evaporated - dripped;
      const yieldOff = (kept - (CUTS.get(row.cut)?.cookedShare ?? kept)) / YIELD_SD;
      const weight = row.confidence ** 2;
      sum += weight * (Math.min(off, 1) ** 1.5 + YIELD_WEIGHT * yieldOff ** 2);
      weights += weight;
    }
    return (
      sum / weights +
      stallMiss(coefficients) +
      HOLD * logs.reduce((all, at, i) => all + (at - (USUAL[i] ?? 0)) ** 2, 0)
    );
  };

/**
 * What each charted cut's thickness is multiplied by: its mean miss, drawn towards none as if one
 * row more had been right.
 */
function factorsOf(coefficients: Coefficients): Map<string, number> {
  const cuts = [...new Set(AGREED.map(({ cut }) => cut))];
  return new Map(
    cuts.map((cut) => {
      const rows = AGREED.filter((row) => row.cut === cut);
      const weight = rows.reduce((sum, { confidence }) => sum + confidence, 0);
      const off = rows.reduce((sum, row) => sum + row.confidence * offOf(row, coefficients), 0);
      return [cut, Math.exp(-off / (weight + 1) / MINUTES_BY_THICKNESS)];
    }),
  );
}

/** The fit to all rows one can agree on, and what each charted cut's thickness is multiplied by. */
export function fitToCharts(): { coefficients: Coefficients; factors: Map<string, number> } {
  const coefficients = coefficientsOf(fitted(AGREED, USUAL));
  return { coefficients, factors: factorsOf(coefficients) };
}

function fitted(rows: readonly RoastingRow[], from: readonly number[]): number[] {
  const rough = leastBySimplex(missOf(rows), from, ROUGH_ROUNDS);
  return leastBySimplex(missOf(rows), rough, FINE_ROUNDS);
}

const ROUGH_ROUNDS = 200;
const FINE_ROUNDS = 150;
const AGAIN_ROUNDS = 60;

/** A row, and the logarithm of what is reckoned over what is printed. */
export interface RowOff {
  readonly row: RoastingRow;
  readonly off: number;
}

/** Each row as it comes out of a fit that never saw its cut. */
export function cutLeftOut(): RowOff[] {
  const all = fitted(AGREED, USUAL);
  return [...new Set(AGREED.map(({ cut }) => cut))].flatMap((cut) => {
    const others = AGREED.filter((row) => row.cut !== cut);
    const without = coefficientsOf(leastBySimplex(missOf(others), all, AGAIN_ROUNDS));
    return AGREED.filter((row) => row.cut === cut).map((row) => ({
      row,
      off: offOf(row, without),
    }));
  });
}
