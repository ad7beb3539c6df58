/**
 * A pan smokes from here on.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const PAN_SMOKES_C = 230;

/**
 * Sugar is hotter than boiling water from here on, and it sticks.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const HOT_SUGAR_C = 140;
