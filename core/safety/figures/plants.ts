/**
 * Kidney beans boil hard for this at the least: their poison is gone, where all of them boil.
 *
 * @unit min
 * @source FDA, Bad Bug Book (10 minutes destroy it), from memory
 * @confidence 0.7
 */
export const BEANS_BOIL_MIN = 10;

/**
 * And this long to be sure of it, in fresh water after a soak.
 *
 * @unit min
 * @source FDA, Bad Bug Book (30 minutes are advised), from memory
 * @confidence 0.75
 */
export const BEANS_SURE_MIN = 30;

/**
 * Vegetables soured in salt have at least this.
 *
 * @unit % of weight
 * @source National Center for Home Food Preservation, from memory
 * @confidence 0.85
 */
export const SOURED_SALT_PCT = 2;

/**
 * Cucumbers, whole roots and peppers, in all that lies together: in less they go soft and slimy.
 *
 * @unit % of weight
 * @source National Center for Home Food Preservation, fermented dill pickles, worked out from its
 *   half cup of salt in two quarts of water on four pounds, from memory
 * @confidence 0.6
 */
export const SOURED_WHOLE_PCT = 3.3;

/**
 * Warmer than this what sours goes soft, and what spoils it is the quicker.
 *
 * @unit °C
 * @source National Center for Home Food Preservation, sauerkraut (75 °F), from memory
 * @confidence 0.75
 */
export const SOURS_UNTIL_C = 24;

/**
 * Under a day nothing sours. Our own line, no source.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const SOURS_FROM_MIN = 24 * 60;
