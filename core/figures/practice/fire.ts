/**
 * Where a joint is wrapped when it is: past the stall.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const WRAPPED_AT_C = 74;

/**
 * An oven climbs so fast.
 *
 * @unit °C/min
 * @source common practice, no source
 * @confidence 0.6
 */
export const HEATING_C_PER_MIN = 8;

/**
 * And falls so fast.
 *
 * @unit °C/min
 * @source common practice, no source
 * @confidence 0.6
 */
export const COOLING_C_PER_MIN = 4;

/**
 * Heats so near that a dish takes either, with its time as it is.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const NEAR_HEATS_C = 25;

/**
 * A joint cut in two takes about so much of its time: its ends are nearer.
 *
 * @unit share
 * @source from memory
 * @confidence 0.6
 */
export const CUT_IN_TWO_SHARE = 0.7;

/**
 * From here on food lies right over the coals.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const DIRECT_FROM_C = 220;

/**
 * A smoker is hardly ever hotter.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const SMOKER_MOST_C = 150;

/**
 * A covered grill is hardly ever cooler.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.7
 */
export const GRILL_LEAST_C = 150;

/**
 * A briquette.
 *
 * @unit g
 * @source kitchen convention, from memory
 * @confidence 0.65
 */
export const BRIQUETTE_G = 27;

/**
 * What a chimney holds.
 *
 * @unit kg
 * @source kitchen convention, from memory
 * @confidence 0.65
 */
export const CHIMNEY_KG = 2.2;

/**
 * Coals for an hour at low heat: six to ten.
 *
 * @unit briquettes an hour
 * @source kitchen convention, from memory
 * @confidence 0.65
 */
export const COALS_AN_HOUR = 8;

/**
 * A full chimney is useful for so long over direct heat: 45 to 60.
 *
 * @unit min
 * @source kitchen convention, from memory
 * @confidence 0.65
 */
export const CHIMNEY_MIN = 50;

/**
 * Table sugar burns from about here.
 *
 * @unit °C
 * @source kitchen convention, 350 °F, from memory
 * @confidence 0.7
 */
export const SUGAR_BURNS_C = 177;

/**
 * A fire turned up by so much has a joint done sooner, and does it little harm.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.5
 */
export const QUICKER_BY_C = 20;

/**
 * What lies for hours in a slow oven minds it no hotter or cooler than by this.
 *
 * @unit °C
 * @source common practice, no source
 * @confidence 0.6
 */
export const SLOW_OVEN_GIVE_C = 10;
