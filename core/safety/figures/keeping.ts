/** From the least a chart promises to the most. */
export type KeepingRange = readonly [least: number, most: number];

/** How long a food keeps cold, in days, and frozen, in months. */
export interface Keeping {
  readonly fridgeDays: KeepingRange;
  /** Undefined: freezing spoils it. */
  readonly freezerMonths?: KeepingRange | undefined;
}

const WEEK = 7;

/**
 * How long food keeps in a fridge at 4 °C and a freezer at −18 °C. Where an older chart is
 * stricter, its days are the least. Cooked rice: a day by the UK Food Standards Agency, up to four
 * in the chart.
 *
 * @unit days and months
 * @source FoodSafety.gov, cold storage chart, from memory
 * @confidence 0.85
 */
export const KEEPING = {
  rawPoultry: { fridgeDays: [1, 2], freezerMonths: [9, 12] },
  rawMince: { fridgeDays: [1, 2], freezerMonths: [3, 4] },
  rawCuts: { fridgeDays: [3, 5], freezerMonths: [4, 12] },
  rawSausage: { fridgeDays: [1, 2], freezerMonths: [1, 2] },
  freshHam: { fridgeDays: [3, 5], freezerMonths: [6, 6] },
  giblets: { fridgeDays: [1, 2], freezerMonths: [3, 4] },
  fattyFish: { fridgeDays: [1, 3], freezerMonths: [2, 3] },
  leanFish: { fridgeDays: [1, 3], freezerMonths: [6, 8] },
  shellfish: { fridgeDays: [1, 5], freezerMonths: [6, 18] },
  marinatedPoultry: { fridgeDays: [2, 2] },
  marinatedMeat: { fridgeDays: [3, 5] },
  bacon: { fridgeDays: [WEEK, WEEK], freezerMonths: [1, 1] },
  hamWhole: { fridgeDays: [WEEK, WEEK], freezerMonths: [1, 2] },
  hamSliced: { fridgeDays: [3, 5], freezerMonths: [1, 2] },
  hotDogs: { fridgeDays: [WEEK, WEEK], freezerMonths: [1, 2] },
  coldCuts: { fridgeDays: [3, 5], freezerMonths: [1, 2] },
  eggs: { fridgeDays: [3 * WEEK, 5 * WEEK] },
  eggsBoiled: { fridgeDays: [WEEK, WEEK] },
  cookedMeat: { fridgeDays: [3, 4], freezerMonths: [2, 6] },
  stews: { fridgeDays: [3, 4], freezerMonths: [2, 3] },
  gravy: { fridgeDays: [1, 4], freezerMonths: [2, 3] },
  casseroles: { fridgeDays: [3, 4], freezerMonths: [1, 2] },
  custards: { fridgeDays: [3, 4] },
  dressedSalads: { fridgeDays: [3, 4] },
  cookedRice: { fridgeDays: [1, 4], freezerMonths: [1, 2] },
} as const satisfies Readonly<Record<string, Keeping>>;
export type KeepingKind = keyof typeof KEEPING;

/**
 * Without power: a closed fridge so many hours, a full freezer, one half full.
 *
 * @unit h
 * @source FoodSafety.gov, power outages, from memory
 * @confidence 0.9
 */
export const POWER_OUT_H = { fridge: 4, fullFreezer: 48, halfFreezer: 24 } as const;

/**
 * Days raw meat, poultry and fish may lie in a marinade or a brine: poultry two, fish and shellfish two.
 *
 * @unit days
 * @source USDA/FSIS, marinating guidance; FoodSafety.gov, cold storage chart, from memory
 * @confidence 0.85
 */
export const LONGEST_RAW_DAYS = {
  poultry: KEEPING.rawPoultry.fridgeDays[1],
  fish: 2,
  shellfish: 2,
} as const;

/**
 * All other meat.
 *
 * @unit days
 * @source USDA/FSIS, marinating guidance, from memory
 * @confidence 0.85
 */
export const OTHER_MEAT_DAYS = KEEPING.rawCuts.fridgeDays[1];

/**
 * Minced meat keeps as poultry does.
 *
 * @unit days
 * @source FoodSafety.gov, cold storage chart, from memory
 * @confidence 0.85
 */
export const MINCED_DAYS = KEEPING.rawMince.fridgeDays[1];

/**
 * Meat in a curing brine.
 *
 * @unit days
 * @source FoodSafety.gov, cold storage chart, from memory
 * @confidence 0.7
 */
export const CURED_DAYS = WEEK;
