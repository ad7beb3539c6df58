/** Everything food is warmed, kept warm, cooled or thawed in. */
const FIRES = [
  'oven',
  'fan-oven',
  'smoker',
  'grill-direct',
  'grill-indirect',
  'pan',
  'griddle',
  'deep-fryer',
  'boil',
  'simmer',
  'braise',
  'slow-cooker-low',
  'slow-cooker-high',
  'steam',
  'pressure',
] as const;

/** Places food rests, cools, thaws or waits in: nothing is cooked there. */
export const NON_COOKING_PLACES = [
  'fridge',
  'freezer',
  'cold-water',
  'running-water',
  'ice-bath',
  'counter',
  'outdoors',
  'foil',
  'warm-oven',
  'box',
] as const;

export const COOKERS = [...FIRES, ...NON_COOKING_PLACES] as const;
export type Cooker = (typeof COOKERS)[number];

export const WRAPS = ['foil', 'lid'] as const;
export type Wrap = (typeof WRAPS)[number];
