/**
 * Kidney beans boil hard for this before anything else.
 *
 * @unit min
 * @source FDA, Bad Bug Book, from memory
 * @confidence 0.7
 */
export const BEANS_BOIL_MIN = 10;

/**
 * Vegetables soured in salt have at least this.
 *
 * @unit % of weight
 * @source National Center for Home Food Preservation, from memory
 * @confidence 0.85
 */
export const SOURED_SALT_PCT = 2;

/**
 * Under a day nothing sours. Our own line, no source.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const SOURS_FROM_MIN = 24 * 60;
