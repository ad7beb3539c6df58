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

/**
 * What lies in a pan or over coals is turned so often where nobody says: nobody leaves it on one
 * side. A piece that is never turned is said with a number longer than its cook.
 *
 * @unit minutes
 * @source common practice, no source
 * @confidence 0.5
 */
export const USUAL_TURN_MIN = 4;

/**
 * Of a ball rolled about in a little fat, so much of its surface touches the pan or the fat at a time.
 *
 * @unit share of the surface
 * @source our own estimate, from meatballs of 40 g done in about ten minutes
 * @confidence 0.4
 */
export const BALL_TOUCHES_SHARE = 0.26;
