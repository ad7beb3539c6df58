import { coreAt } from './ensemble.ts';
import type { Cook } from './cook.ts';

/** Where the core waits: the temperature about which it is slowest, from when to when. */
export interface Stall {
  readonly coreC: number;
  readonly fromMin: number;
  readonly toMin: number;
}

const LOOK_FROM_C = 50;
const BAND_C = 6;
/** So many times as long as the whole cook takes for as many degrees, and it is a stall. */
const SLOWER = 1.35;
const LEAST_MIN = 45;

/** The stall of a cook's core, where there is one worth telling. */
export function stallOf(
  cook: Pick<Cook, 'minute' | 'coreC' | 'minutes'>,
  pullC: number,
): Stall | undefined {
  const minuteAt = (tempC: number): number => {
    const after = cook.coreC.findIndex((core) => core >= tempC);
    const [a = 0, b = 0] = [cook.minute[after - 1], cook.minute[after]];
    const [low, high] = [coreAt(cook, a), coreAt(cook, b)];
    return high > low ? a + ((tempC - low) / (high - low)) * (b - a) : b;
  };
  let found: Stall | undefined;
  for (let coreC = LOOK_FROM_C + BAND_C / 2; coreC + BAND_C / 2 <= pullC; coreC++) {
    const [fromMin, toMin] = [minuteAt(coreC - BAND_C / 2), minuteAt(coreC + BAND_C / 2)];
    if (!found || toMin - fromMin > found.toMin - found.fromMin) found = { coreC, fromMin, toMin };
  }
  if (!found || found.coreC + BAND_C / 2 >= pullC - 1) return undefined;
  const usual = (minuteAt(pullC - 0.2) / pullC) * BAND_C;
  const long = found.toMin - found.fromMin;
  return long > Math.max(LEAST_MIN, SLOWER * usual) ? found : undefined;
}
