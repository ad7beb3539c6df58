/**
 * Raw meat and most vegetables are a little heavier than water.
 *
 * @unit g/ml
 * @source common practice, no source
 * @confidence 0.7
 */
export const FOOD_G_PER_ML = 1.05;

/**
 * Of a vessel packed with food, the share that is left between the pieces.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.5
 */
export const VOID_SHARE = {
  bag: 0.3,
  tub: 0.45,
  jar: 0.4,
  bowl: 0.5,
  pot: 0.5,
  tray: 0.55,
  pan: 0.55,
  steamer: 0.6,
} as const;

/**
 * How full each vessel may be.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const FULL_SHARE = {
  bag: 0.75,
  tub: 0.9,
  jar: 0.95,
  bowl: 0.85,
  pot: 0.85,
  tray: 0.75,
  pan: 0.7,
  steamer: 0.8,
} as const;

/**
 * How full a pot may be on the boil.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const BOILING_SHARE = 0.75;

/**
 * And with what froths: sugar, milk, beer.
 *
 * @unit share
 * @source common practice, no source
 * @confidence 0.6
 */
export const FROTHING_SHARE = 0.6;

/**
 * What is dusted, coated or turned needs less than what is covered.
 *
 * @unit ml/g
 * @source common practice, no source
 * @confidence 0.5
 */
export const COAT_ML_PER_G = {
  rub: 0.01,
  'dry brine': 0.004,
  paste: 0.1,
  glaze: 0.05,
} as const;
