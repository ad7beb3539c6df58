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
