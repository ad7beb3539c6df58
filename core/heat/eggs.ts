/**
 * How long an egg in its shell takes in boiling water until the boundary of yolk and white is at a
 * temperature: 63 °C soft, 77 °C hard. Source: a published popular-science formula, from memory,
 * confidence 0.85; kitchens give about a minute more.
 *
 * @param shellG weight in its shell
 * @param fromC of the egg
 * @param waterC of the water, which boils cooler high up
 * @param boundaryC wanted where yolk meets white
 * @returns minutes
 * @throws RangeError where the boundary would be cooler than the egg is, or hotter than the water
 */
export function eggMinutes(
  shellG: number,
  fromC: number,
  waterC: number,
  boundaryC: number,
): number {
  const ratio = (0.76 * (fromC - waterC)) / (boundaryC - waterC);
  if (boundaryC >= waterC || ratio <= 1) {
    throw new RangeError(`an egg from ${fromC} to ${boundaryC} °C in water of ${waterC} °C`);
  }
  return 0.451 * shellG ** (2 / 3) * Math.log(ratio);
}
