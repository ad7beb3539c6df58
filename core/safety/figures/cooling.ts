/**
 * A home cook's pot that cools a little slower than the law for kitchens wants is minded; so many
 * times as slow it is stopped.
 *
 * @unit times
 * @source our own line, no source; USDA/FSIS asks home cooks only for the fridge within two hours
 * @confidence 0.5
 */
export const FAR_SLOWER_TIMES = 1.75;

/**
 * Through this cooked food falls first, and fast.
 *
 * @unit °C
 * @source FDA Food Code, 3-501.14, 70 °F, from memory
 * @confidence 0.9
 */
export const COOLED_FIRST_TO_C = 21;

/**
 * Cooked food falls from 57 to 21 °C within this.
 *
 * @unit min
 * @source FDA Food Code, 3-501.14, from memory
 * @confidence 0.9
 */
export const COOLED_TO_21_MIN = 120;

/**
 * And from 57 to 5 °C within this.
 *
 * @unit min
 * @source FDA Food Code, 3-501.14, from memory
 * @confidence 0.9
 */
export const COOLED_TO_5_MIN = 360;

/**
 * What was made at room heat is cold within this.
 *
 * @unit min
 * @source FDA Food Code, 3-501.14, from memory
 * @confidence 0.85
 */
export const MADE_COLD_MIN = 240;
