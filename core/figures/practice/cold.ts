/**
 * What comes out of a fridge that is opened now and then.
 *
 * @unit °C
 * @source kitchen convention, from memory; printed roasting charts begin there
 * @confidence 0.75
 */
export const FROM_FRIDGE_C = 4.5;

/**
 * A freezer, and what comes out of it.
 *
 * @unit °C
 * @source FoodSafety.gov, cold storage chart, 0 °F, from memory
 * @confidence 0.9
 */
export const FREEZER_C = -18;

/**
 * A fridge.
 *
 * @unit °C
 * @source FoodSafety.gov, 40 °F or below, from memory
 * @confidence 0.9
 */
export const FRIDGE_C = 4;

/**
 * Ice water, stirred.
 *
 * @unit °C
 * @source engineering practice, from memory
 * @confidence 0.8
 */
export const ICE_WATER_C = 0.5;

/**
 * What stands at no more than this stands in ice.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.6
 */
export const ICE_BATH_UNTIL_C = 3;

/**
 * A cooling pot may be as much quicker than reckoned: the estimate knows neither the pot nor the fridge.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.5
 */
export const COOLING_LEAST_SHARE = 0.7;

/**
 * And as much slower.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.5
 */
export const COOLING_MOST_SHARE = 1.4;

/**
 * What lies in a fridge takes about so much more room than its own.
 *
 * @unit times
 * @source common practice, no source
 * @confidence 0.5
 */
export const FRIDGE_ROOM_TIMES = 1.5;

/**
 * A pot in ice water, stirred now and then.
 *
 * @unit min
 * @source common practice, no source
 * @confidence 0.5
 */
export const ICE_BATH_MIN = { leastMin: 30, likelyMin: 45, mostMin: 70 };

/**
 * Pieces beside each other in a dish keep each other warm, as if so many times as heavy.
 *
 * @unit times
 * @source our own figure, no source
 * @confidence 0.4
 */
export const BESIDE_TIMES = 2;

/**
 * The liquid a stew or a joint cools in weighs about as much as it does.
 *
 * @unit times
 * @source our own figure, no source
 * @confidence 0.4
 */
export const WITH_LIQUID_TIMES = 1.6;
