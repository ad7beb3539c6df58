/**
 * Overnight the board has long been washed. Our own line, no source.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const OVERNIGHT_MIN = 12 * 60;

/**
 * A board on which raw food is worked for long is a counter. Our own line, no source.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const WORKED_FOR_MIN = 20;

/**
 * A brisk fire has the surface out of danger sooner, and counts nothing. Our own line, no source.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const BRISK_MIN = 30;

/**
 * Chopped things from a marinade are cooked through in a hot pan in this.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const FRIED_THROUGH_MIN = 5;

/**
 * What is brushed on raw is cooked with the food, if it stays on the fire so long.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const BRUSHED_ON_FIRE_MIN = 10;
