/**
 * Water from the tap.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const TAP_WATER_C = 15;

/**
 * A full boil, with its coming to it.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const FULL_BOIL_MIN = 10;

/**
 * The widest pan of a kitchen that says nothing.
 *
 * @unit cm
 * @source common practice, no source
 * @confidence 0.7
 */
export const USUAL_PAN_CM = 28;

/**
 * How much of a pan's bottom food may cover and still brown.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const PAN_COVERED_SHARE = 0.75;

/**
 * What is thicker is no flat piece.
 *
 * @unit cm
 * @source common practice, no source
 * @confidence 0.6
 */
export const LIES_FLAT_UNTIL_CM = 5;

/**
 * A pot that simmers.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const SIMMER_C = 95;
