import { randomOf } from '../../solve/index.ts';

/** How many draws there are: a prime, so that the evenings of one plan do not repeat. */
const COUNT = 65_521;

/**
 * Standard normal draws (Box and Muller 1958), drawn once: the same evenings for every plan, so
 * that two plans differ by what differs in them.
 */
export const NORMAL_DRAWS: Float64Array = /* @__PURE__ */ (() => {
  const random = randomOf(0x5eed);
  return Float64Array.from(
    { length: COUNT },
    () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random()),
  );
})();

let sorted: Float64Array | undefined;

/** What a share of the draws is above, 0 to 1: with it a draw decides what happens so often. */
export function drawAbove(share: number): number {
  if (share <= 0) return Infinity;
  sorted ??= Float64Array.from(NORMAL_DRAWS).sort();
  return sorted[Math.floor((1 - share) * COUNT) - 1] ?? -Infinity;
}
