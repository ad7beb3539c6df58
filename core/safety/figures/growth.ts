/**
 * Hardly anything that makes ill grows below.
 *
 * @unit °C
 * @source USDA/FSIS, Appendix A, 50 °F, from memory
 * @confidence 0.85
 */
export const GROWS_FROM_C = 10;

/**
 * Nothing that makes ill grows from here on.
 *
 * @unit °C
 * @source USDA/FSIS, Appendix A, 130 °F, from memory
 * @confidence 0.85
 */
export const GROWS_UNTIL_C = 54.4;

/**
 * The middle passes between the two within this.
 *
 * @unit min
 * @source USDA/FSIS, Appendix A, from memory
 * @confidence 0.85
 */
export const WARMED_WITHIN_MIN = 360;

/**
 * Between two fires food that is not cooked through waits no longer than it takes to carry it over.
 *
 * @unit min
 * @source USDA/FSIS, partial cooking (“finish at once”), from memory; the minutes are our own line
 * @confidence 0.6
 */
export const PART_COOKED_WAIT_MIN = 30;

/**
 * Planned, what is cooked waits between two steps no longer than this, short of the two hours.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const SERVED_WAIT_MIN = 60;
