/**
 * Fat for frying fills its pan no further: it foams up as food goes in.
 *
 * @unit share of the vessel
 * @source common practice, no source
 * @confidence 0.6
 */
export const FRYING_FULL_SHARE = 0.5;

/**
 * Sugar boils up to twice its height.
 *
 * @unit share of the vessel
 * @source common practice, no source
 * @confidence 0.6
 */
export const SUGAR_FULL_SHARE = 0.4;

/**
 * A pressure cooker's valve stays free.
 *
 * @unit share of the vessel
 * @source common practice of makers' leaflets, from memory
 * @confidence 0.7
 */
export const PRESSURE_FULL_SHARE = 0.66;

/**
 * From so much fat on it is a frying bath, and no dressing.
 *
 * @unit share of weight
 * @source our own line, no source
 * @confidence 0.5
 */
export const OIL_FROM_SHARE = 0.8;

/**
 * From so much sugar on it is a syrup.
 *
 * @unit share of weight
 * @source our own line, no source
 * @confidence 0.5
 */
export const SYRUP_FROM_SHARE = 0.4;
