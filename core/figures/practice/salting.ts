/**
 * Salt of the brine for cucumbers.
 *
 * @unit % of weight
 * @source kitchen convention 3.5 to 5, from memory
 * @confidence 0.85
 */
export const CUCUMBER_BRINE_PCT = 4.5;

/**
 * The strongest salting most people still like.
 *
 * @unit % of the food
 * @source common practice, no source
 * @confidence 0.6
 */
export const SALT_HIGH_PCT = 2.5;

/**
 * Salt on the food that draws in by itself.
 *
 * @unit % of the food
 * @source common practice, no source
 * @confidence 0.5
 */
export const SALT_DRAWS_IN_PCT = 0.3;

/**
 * Too salty is so many times as much as one wanted.
 *
 * @unit times
 * @source common practice, no source
 * @confidence 0.5
 */
export const TOO_SALTY_TIMES = 1.5;

/**
 * Meat whose composition is not known is so much water.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.7
 */
export const USUAL_WATER_SHARE = 0.72;

/**
 * A fresh egg floats in a brine of about so much, by which one judges it without a scale.
 *
 * @unit % of weight
 * @source kitchen convention, from memory
 * @confidence 0.8
 */
export const EGG_FLOATS_PCT = { from: 10, to: 11 } as const;

/**
 * A cure goes a quarter inch a day into the thickness.
 *
 * @unit mm/day
 * @source kitchen convention, from memory
 * @confidence 0.75
 */
export const CURE_MM_PER_DAY = 6;

/**
 * And two days more.
 *
 * @unit days
 * @source kitchen convention, from memory
 * @confidence 0.75
 */
export const CURE_MORE_DAYS = 2;

/**
 * Fresh water for soaking out, for a gram of food.
 *
 * @unit g/g
 * @source common practice, no source
 * @confidence 0.5
 */
export const FRESH_WATER_PER_G = 2;
