import { NINE_IN_TEN_Z } from '../figures/index.ts';
import { cooks } from '../places/index.ts';
import type { Cook, CookOptions } from './cook.ts';
import { checkedByOf, spreadOf, type CheckedBy, type Spread } from './checked-by.ts';
import { NOMINAL, cookOnce, type CookSpec, type Variation } from './cook-spec.ts';

/** Minutes: one evening in ten it is shorter than the least, one in ten longer than the most. */
export interface Band {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

/** How long a cook takes: on the fire, and stage by stage. */
export interface Forecast {
  readonly minutes: Band;
  readonly stages: ReadonlyArray<{ readonly minutes: Band; readonly reached: boolean }>;
  /** False when a stage never comes to its end: the fire is too cool. */
  readonly reached: boolean;
  /** What it rests on. */
  readonly checkedBy: CheckedBy;
}

/**
 * How far one cook in three is from what is said: the surface by a third more or less open, the
 * start by a degree and a half. Our own figures, no source; the cooker's own is in the registry of
 * places, the thickness and the model's in checked-by.ts.
 */
const MOISTURE_LOG_SD = 0.35;
const START_SD_C = 1.5;

/** A variation from four standard normal numbers. */
export function variationOf(
  [thickness, offset, moisture, start]: readonly number[],
  { thicknessLog, offsetTimes }: Spread,
): Variation {
  return {
    thickness: Math.exp(thicknessLog * (thickness ?? 0)),
    offset: offsetTimes * (offset ?? 0),
    moisture: Math.exp(MOISTURE_LOG_SD * (moisture ?? 0)),
    startC: START_SD_C * (start ?? 0),
  };
}

export const VARIED = 4;

/**
 * How long a cook takes, with bands, from ten runs: as said, and with each thing that may be
 * otherwise a standard deviation to either side; their effects add as squares. The ensemble of
 * many members says nearly the same and costs ten times as much.
 */
export function forecast(spec: CookSpec, options: Partial<CookOptions> = {}): Forecast {
  const spread = spreadOf(spec);
  const quick = { everyMin: 1e6, ...options };
  const likely = cookOnce(spec, NOMINAL, quick);
  // Ratios hardly depend on the grid, so what varies is reckoned on a coarse one.
  const coarse = { ...quick, cells: COARSE_CELLS };
  const base = cookOnce(spec, NOMINAL, coarse);
  const varied = Array.from({ length: VARIED }, (_unused, i) =>
    [-1, 1].map((z) => {
      const numbers = Array.from({ length: VARIED }, (_one, j) => (i === j ? z : 0));
      return cookOnce(spec, variationOf(numbers, spread), coarse);
    }),
  );
  const band = (of: (cook: Cook) => number): Band =>
    bandOf(
      of(likely),
      of(base),
      varied.map((boundary) => boundary.map((one) => of(one))),
      spread.modelLog,
    );
  return {
    minutes: band((one) => cookedMinutes(spec, one)),
    stages: spec.stages.map(({ end }, i) => {
      const at = (one: Cook) => one.stages[i]?.minutes ?? 0;
      return {
        minutes: end.kind === 'minutes' ? sure(end.minutes) : band(at),
        // What comes after a stage that never ends is never reached either.
        reached: likely.stages.slice(0, i + 1).every(({ reached }) => reached),
      };
    }),
    reached: likely.stages.every(({ reached }) => reached),
    checkedBy: checkedByOf(spec),
  };
}

/** Minutes on the fire, from the first stage that cooks to the last; of a mere rest or thaw, all. */
export function cookedMinutes({ stages }: CookSpec, { stages: ends }: Cook): number {
  const first = stages.findIndex(({ cooker }) => cooks(cooker));
  const last = stages.findLastIndex(({ cooker }) => cooks(cooker));
  const onFire = last === -1 ? ends : ends.slice(first, last + 1);
  return onFire.reduce((sum, { minutes }) => sum + minutes, 0);
}

/** With 8 cells instead of 20 the band's ends move by less than 1.2 % in 95 of 100 cooks. */
const COARSE_CELLS = 8;

function bandOf(
  likely: number,
  base: number,
  boundary: readonly (readonly number[])[],
  modelSd: number,
): Band {
  let shorter = modelSd ** 2;
  let longer = modelSd ** 2;
  for (const [a = base, b = base] of boundary) {
    const logs = [a, b].map((one) => Math.log(Math.max(one, 1e-6) / Math.max(base, 1e-6)));
    shorter += Math.min(0, ...logs) ** 2;
    longer += Math.max(0, ...logs) ** 2;
  }
  return {
    least: likely * Math.exp(-NINE_IN_TEN_Z * Math.sqrt(shorter)),
    likely,
    most: likely * Math.exp(NINE_IN_TEN_Z * Math.sqrt(longer)),
  };
}

function sure(minutes: number): Band {
  return { least: minutes, likely: minutes, most: minutes };
}
