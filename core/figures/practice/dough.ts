/**
 * A dough may be taken a little short of double.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const RISES_LEAST_SHARE = 0.85;

/**
 * And falls when it is left long past it.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const RISES_LONGEST_SHARE = 1.45;
