/**
 * Flavour without salt stays at the surface: the least.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const SURFACE_LEAST_MIN = 30;

/**
 * And the best.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const SURFACE_BEST_MIN = 4 * 60;

/**
 * Fish and shellfish take flavour in minutes: the least.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const FISH_LEAST_MIN = 10;

/**
 * And the best.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const FISH_BEST_MIN = 20;

/**
 * A quick pickle.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const PICKLE_MIN = { leastMin: 30, bestMin: 12 * 60, longestMin: 14 * 1440 } as const;

/**
 * Of what has been on the food, so much comes off again; the rest clings.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.5
 */
export const COMES_OFF_SHARE = 0.6;

/**
 * Bicarbonate slackens a surface within this; then it tastes of soap.
 *
 * @unit min
 * @source kitchen convention, from memory
 * @confidence 0.7
 */
export const BICARBONATE_LONGEST_MIN = 45;

/**
 * A night, by the clock of a kitchen.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.7
 */
export const NIGHT_MIN = { least: 480, likely: 600, most: 720 };

/**
 * Taking a piece out of its marinade, wiping it and putting it back in the fridge.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const OUT_OF_SOAK_MIN = 3;
