/**
 * Cold from the tap; it stays so for half an hour.
 *
 * @unit °C
 * @source USDA/FSIS, the big thaw, from memory
 * @confidence 0.7
 */
export const THAW_WATER_C = 15;

/**
 * A day for five pounds in the fridge, half an hour a pound in water.
 *
 * @unit min/kg
 * @source USDA/FSIS, 24 hours for 4 to 5 lb, from memory
 * @confidence 0.9
 */
export const THAW_FRIDGE_MIN_PER_KG = 635;

/**
 * THAW_WATER_MIN_PER_KG
 *
 * @unit min/kg
 * @source USDA/FSIS, 30 minutes a pound, from memory
 * @confidence 0.9
 */
export const THAW_WATER_MIN_PER_KG = 66;

/**
 * Thawed food stays no longer in water.
 *
 * @unit min
 * @source FDA Food Code, 3-501.13, four hours above 5 °C, from memory
 * @confidence 0.85
 */
export const THAWED_WET_MIN = 240;

/**
 * Below this the thickness decides, and no rule by weight. Our own line, no source.
 *
 * @unit g
 * @source our own line, no source
 * @confidence 0.5
 */
export const THAW_BY_WEIGHT_FROM_G = 2500;
