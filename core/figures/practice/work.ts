/**
 * How far tending may drift from its beat: about a fifth.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const TEND_TOLERANCE = 0.2;

/**
 * Washing a pot before it is used again.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const WASH_POT_MIN = 5;

/**
 * Washing board, knife and hands.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const WASH_BOARD_MIN = 4;

/**
 * A helper comes a little before and leaves a little after.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const HELPER_SPARE_MIN = 5;

/**
 * What is cut and mixed keeps so long in the cold.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const DAY_BEFORE_MIN = 1440;

/**
 * How far from its minute a step may begin that waits for a core.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const CORE_GAP_SLACK_MIN = 3;

/**
 * A step follows the one before within this, where nothing is said.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const NEXT_STEP_MOST_MIN = 30;

/**
 * Patting dry what comes from the cold.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.6
 */
export const PAT_DRY_MIN = 10;

/**
 * Out of a soak and on to what follows: so much beyond its longest is no soaking to speak of.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.6
 */
export const SOAKS_ON_MIN = 5;

/**
 * Before bed nobody works who could have worked at six.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const BEFORE_BED_MIN = 90;

/**
 * Nobody has raw meat in hand on waking.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const ON_WAKING_MIN = 30;

/**
 * In the hours before the meal there is no hour to spare.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const SUPPER_HOURS_MIN = 240;
