/**
 * Hot holding: what waits for the table is no cooler.
 *
 * @unit °C
 * @source FDA Food Code, 3-501.16, 135 °F, from memory
 * @confidence 0.9
 */
export const HOT_HOLDING_C = 57;

/**
 * A roast that was cooked whole by the tables is held no cooler than this; cut up it is food like any.
 *
 * @unit °C
 * @source FDA Food Code, 3-501.16 (A)(1), 130 °F, from memory
 * @confidence 0.85
 */
export const ROAST_HOLDING_C = 54;

/**
 * A piece of meat as heavy as this is a roast.
 *
 * @unit g
 * @source common practice, no source
 * @confidence 0.5
 */
export const ROAST_FROM_G = 800;

/**
 * What is set to keep food above that, with room for an oven's swings.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.6
 */
export const HOLD_AT_C = 65;

/**
 * Cooked rice is hot or cold again within the hour.
 *
 * @unit min
 * @source UK Food Standards Agency, rice, from memory
 * @confidence 0.7
 */
export const RICE_WAITS_MIN = 60;
