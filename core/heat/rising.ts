import type { Band } from './forecast.ts';

type Rates = ReadonlyArray<readonly [tempC: number, rate: number]>;

/** Yeast at 24 °C is 1. Source: baking practice, from memory, confidence 0.7. */
const YEAST_RATES: Rates = [
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
  const rate =
    rateAt(tempC, YEAST_RATES) * (instantYeastPct / USUAL_YEAST_PCT) * (1 - SALT_SLOWS * saltPct);
  const likely = (USUAL_MIN * (1 - SALT_SLOWS * 2)) / rate;
  return { least: SPREAD.least * likely, likely, most: SPREAD.most * likely };
}

/**
 * Sourdough at 24 °C is 1. Its yeasts grow best at 27 °C, its souring bacteria at 33, where it is
 * sour before it has risen. Source: baking practice, from memory, confidence 0.7; between those the
 * same growth by ten degrees as yeast.
 */
const LEAVEN_RATES: Rates = [
  [4, 0.08],
  [15, 0.49],
  [24, 1],
  [27, 1.27],
  [33, 1.1],
  [40, 0.3],
];
/** With a fifth of its flour's weight of ripe leaven a dough has risen in so long at 24 °C: four to six hours. Same source. */
const LEAVEN_MIN = 300;
const USUAL_LEAVEN_PCT = 20;
/** Half as much leaven has to double once more. Our own figure, no source. */
const LEAVEN_DOUBLES_MIN = 100;

/**
 * How long a dough with sourdough takes to rise.
 *
 * @param leavenPct ripe leaven, of the flour
 * @throws RangeError below 4 or above 40 °C, where it does not rise
 */
export function leaveningMinutes(tempC: number, leavenPct: number, saltPct = 2): Band {
  const doublings = Math.log2(USUAL_LEAVEN_PCT / leavenPct);
  const usual = Math.max(LEAVEN_DOUBLES_MIN, LEAVEN_MIN + LEAVEN_DOUBLES_MIN * doublings);
  const slowed = (1 - SALT_SLOWS * 2) / (1 - SALT_SLOWS * saltPct);
  const likely = (usual * slowed) / rateAt(tempC, LEAVEN_RATES);
  return { least: SPREAD.least * likely, likely, most: SPREAD.most * likely };
}

/** A dough by what makes it rise, % of its flour. */
export type Dough =
  | { readonly kind: 'rising'; readonly yeastPct: number; readonly saltPct: number }
  | { readonly kind: 'leavening'; readonly leavenPct: number; readonly saltPct: number };

/** How long a dough takes to rise where it stands. */
export function riseOf(dough: Dough, tempC: number): Band {
  return dough.kind === 'rising'
    ? risingMinutes(tempC, dough.yeastPct, dough.saltPct)
    : leaveningMinutes(tempC, dough.leavenPct, dough.saltPct);
}

function rateAt(tempC: number, rates: Rates): number {
  const above = rates.findIndex(([at]) => at >= tempC);
  const [high, low] = [rates[above], rates[above - 1]];
  if (high?.[0] === tempC) return high[1];
  if (!high || !low) throw new RangeError(`dough does not rise at ${tempC} °C`);
  const share = (tempC - low[0]) / (high[0] - low[0]);
  return Math.exp(Math.log(low[1]) * (1 - share) + Math.log(high[1]) * share);
}
