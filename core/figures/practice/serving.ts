/**
 * Hot enough to eat.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const HOT_TO_EAT_C = 50;

/**
 * Several meats on one table: each is taken less of.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const AMONG_OTHERS_SHARE = 0.7;

/**
 * A piece so thick is a joint, as far as its rest goes.
 *
 * @unit mm
 * @source common practice, no source
 * @confidence 0.6
 */
export const JOINT_FROM_MM = 60;

/**
 * A joint rests so long before it is carved.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.7
 */
export const JOINT_RESTS_MIN = 20;

/**
 * A steak, a breast, a chop rests so long.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.7
 */
export const PIECE_RESTS_MIN = 5;

/**
 * A joint climbs at most so much while it rests, straight from a hot oven.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const JOINT_CARRIES_C = 13;

/**
 * A steak, a breast, a chop climbs at most so much.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const PIECE_CARRIES_C = 6;

/**
 * Of the carry-over of the body that stands for a piece so much is believed: of a thin one a share,
 * of a thick one all.
 *
 * @unit mm
 * @source set so that steaks, breasts and fillets climb as cooks see them: 2 to 6 degrees; common practice, no source
 * @confidence 0.5
 */
export const CARRY_BELIEVED = { thinMm: 40, thickMm: 90, thinShare: 0.5 } as const;

/**
 * A dressing or a dip stands so long before it is served; what is of egg or cream is held by Safety.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const COLD_SAUCE_MIN = 120;

/**
 * A slice of a joint as it is carved.
 *
 * @unit mm
 * @source common practice, no source
 * @confidence 0.7
 */
export const SLICE_MM = 10;

/**
 * Slices of a joint on one plate.
 *
 * @unit g
 * @source common practice, no source
 * @confidence 0.7
 */
export const CARVED_PORTION_G = 150;

/**
 * A plate out of a warm oven that hands can still carry.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const WARMED_PLATE_C = 60;

/**
 * A dinner plate of stoneware: its weight, its width, and what warms a gram of it a degree.
 *
 * @unit g, m, J/(g·K)
 * @source kitchen scales and tables of materials, from memory
 * @confidence 0.7
 */
export const DINNER_PLATE = { weightG: 600, widthM: 0.27, jPerGK: 0.85 } as const;
