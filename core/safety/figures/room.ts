/**
 * Raw or cooked food may stand so long between 5 and 57 °C: the two-hour rule.
 *
 * @unit min
 * @source USDA/FSIS, the two-hour rule, from memory
 * @confidence 0.95
 */
export const ROOM_LIMIT_MIN = 120;

/**
 * In a hotter room than this, 90 °F, less is the limit.
 *
 * @unit °C
 * @source USDA/FSIS, the two-hour rule, from memory
 * @confidence 0.95
 */
export const HOT_ROOM_C = 32;

/**
 * There one hour is the limit.
 *
 * @unit min
 * @source USDA/FSIS, the two-hour rule, from memory
 * @confidence 0.95
 */
export const HOT_LIMIT_MIN = 60;

/**
 * Out so long it is thrown away.
 *
 * @unit min
 * @source UK Food Standards Agency, four hours out, from memory
 * @confidence 0.7
 */
export const THROWN_AFTER_MIN = 240;

/**
 * Said where raw food lies longer than a day.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const POWER_NOTE_FROM_MIN = 24 * 60;
