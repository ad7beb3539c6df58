import type { Band } from './forecast.ts';

/** Yeast at 24 °C is 1. Source: baking practice, from memory, confidence 0.7. */
const RATES: ReadonlyArray<readonly [tempC: number, rate: number]> = [
  [2, 0.03],
  [4, 0.08],
  [15, 0.48],
  [24, 1],
  [32, 1.92],
  [38, 2],
  [45, 0.5],
];
/** Dough with 0.7 % of instant yeast doubles in so long at 24 °C. Same source. */
const USUAL_MIN = 90;
const USUAL_YEAST_PCT = 0.7;
/** Salt slows it by a twentieth for each percent of the flour. Same source. */
const SALT_SLOWS = 0.05;

/** One dough in ten is done in this share of the time, and one needs that much. No source. */
const SPREAD = { least: 0.8, most: 1.3 } as const;

/**
 * How long a dough takes to double.
 *
 * @param instantYeastPct of the flour
 * @throws RangeError below 2 or above 45 °C, where it does not rise
 */
export function risingMinutes(tempC: number, instantYeastPct: number, saltPct = 2): Band {
  const rate = rateAt(tempC) * (instantYeastPct / USUAL_YEAST_PCT) * (1 - SALT_SLOWS * saltPct);
  const likely = (USUAL_MIN * (1 - SALT_SLOWS * 2)) / rate;
  return { least: SPREAD.least * likely, likely, most: SPREAD.most * likely };
}

function rateAt(tempC: number): number {
  const above = RATES.findIndex(([at]) => at >= tempC);
  const [high, low] = [RATES[above], RATES[above - 1]];
  if (high?.[0] === tempC) return high[1];
  if (!high || !low) throw new RangeError(`yeast does not rise at ${tempC} °C`);
  const share = (tempC - low[0]) / (high[0] - low[0]);
  return Math.exp(Math.log(low[1]) * (1 - share) + Math.log(high[1]) * share);
}
