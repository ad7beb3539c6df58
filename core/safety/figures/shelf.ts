/**
 * Above this acidity botulism grows in a closed jar.
 *
 * @unit pH
 * @source USDA, Complete Guide to Home Canning, from memory
 * @confidence 0.95
 */
export const LOW_ACID_PH = 4.6;

/**
 * A cooked sauce or stock keeps so long cold.
 *
 * @unit days
 * @source FoodSafety.gov, cold storage chart (gravy and stock 3–4), with room for sauces, from memory
 * @confidence 0.6
 */
export const COOKED_SAUCE_DAYS = 7;

/**
 * Beyond this it is a matter of canning or freezing, and no longer of the fridge.
 *
 * @unit days
 * @source our own line, no source
 * @confidence 0.6
 */
export const SHELF_DAYS = 20;

/**
 * Salt that keeps as brines do.
 *
 * @unit share of weight
 * @source common practice, no source
 * @confidence 0.6
 */
export const PRESERVING_SALT_SHARE = 0.1;

/**
 * Sugar that keeps as jam does.
 *
 * @unit share of weight
 * @source common practice, no source
 * @confidence 0.6
 */
export const PRESERVING_SUGAR_SHARE = 0.55;

/**
 * Spirit that keeps as fortified wine does.
 *
 * @unit share of weight
 * @source common practice, no source
 * @confidence 0.6
 */
export const PRESERVING_ALCOHOL_SHARE = 0.13;

/**
 * At this height and above a boil that should kill lasts three minutes instead of one.
 *
 * @unit m
 * @source CDC, boil water guidance (6,500 ft), from memory
 * @confidence 0.9
 */
export const HIGH_FROM_M = 2000;

/**
 * So long there.
 *
 * @unit min
 * @source CDC, boil water guidance, from memory
 * @confidence 0.9
 */
export const HIGH_BOIL_MIN = 3;

/**
 * With so much egg, milk or cream in it, a mixture goes off as they do.
 *
 * @unit share of weight
 * @source our own line, no source
 * @confidence 0.5
 */
export const TENDER_SHARE = 0.15;
