/**
 * Cold enough for raw food, 41 °F.
 *
 * @unit °C
 * @source FDA Food Code, 3-501.16, from memory
 * @confidence 0.95
 */
export const FRIDGE_COLD_C = 5;

/**
 * A fridge warmer than this breaks the law anywhere.
 *
 * @unit °C
 * @source UK Food Standards Agency, from memory
 * @confidence 0.85
 */
export const FRIDGE_MOST_C = 8;
