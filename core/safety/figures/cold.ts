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

/**
 * Below this what lies in a freezer is frozen, and does not age as raw food does.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.5
 */
export const FROZEN_MOST_C = -5;
