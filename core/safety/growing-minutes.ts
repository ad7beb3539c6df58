import { GROWS_FROM_C, GROWS_UNTIL_C } from './figures/index.ts';

/** Minutes in which a curve is in the range where things grow. */
export function growingMinutes(minute: ArrayLike<number>, coreC: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 1; i < minute.length; i++) {
    const at = coreC[i] ?? 0;
    if (at >= GROWS_FROM_C && at < GROWS_UNTIL_C) sum += (minute[i] ?? 0) - (minute[i - 1] ?? 0);
  }
  return sum;
}
