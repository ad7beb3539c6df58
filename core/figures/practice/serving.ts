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
