/**
 * How much salt a batch wants. Weights in grams, shares as fractions.
 */

/** The food a brine or a dry salting goes on, without its bone. */
export interface SaltedFood {
  readonly boneless: number;
  /** Water of the boneless part, 0 to 1. */
  readonly waterShare: number;
}

/**
 * Salt so that meat and brine come to rest with `target` salt in the meat. Salt lives in water
 * only, so the simple p·(meat + water) leaves the meat short of its target:
 * salt = p·(water + w·meat)/w. Worked in equilibrium-brine texts, from memory.
 *
 * @param waterG water of the brine, ice counted as water
 */
export function equilibriumSaltG(target: number, food: SaltedFood, waterG: number): number {
  return (target * (waterG + food.waterShare * food.boneless)) / food.waterShare;
}

/** Salt in the meat, as a fraction of its weight, once a brine with so much salt is at rest. */
export function saltAtRest(saltG: number, food: SaltedFood, waterG: number): number {
  const inWater = saltG / (waterG + food.waterShare * food.boneless);
  return inWater * food.waterShare;
}

/** Salt of a brine of a strength given as a fraction of its whole weight. */
export function strongSaltG(strength: number, waterG: number): number {
  return (strength / (1 - strength)) * waterG;
}

/** Dry salting: a fraction of the meat. */
export function drySaltG(target: number, food: SaltedFood): number {
  return target * food.boneless;
}

/**
 * Soaking out in fresh water: what of the salt is left in the meat after so much of the way to
 * rest with its water. With `uptake` 1 the salt is shared evenly over all the water.
 *
 * @param uptake share of the way to rest, 0 to 1: the same diffusion, outward
 */
export function saltAfterSoaking(
  saltShare: number,
  food: SaltedFood,
  freshWaterG: number,
  uptake: number,
): number {
  const rest = saltAtRest(saltShare * food.boneless, food, freshWaterG);
  return saltShare + (rest - saltShare) * uptake;
}
