import { isEggDish, isMince, isReady, isShellEgg, type Animal, type Cut } from '../pantry/index.ts';
import { KEEPING } from './keeping.ts';

/**
 * The figures the safety rules rest on. Every one is from memory of the publication named, and
 * must be compared with it before anyone relies on it. A cook's local food authority comes first.
 */

/** Minutes raw or cooked food may stand between 5 and 60 °C. Source: USDA/FSIS, the two-hour rule. */
export const ROOM_LIMIT_MIN = 120;

/** In a hotter room than 90 °F one hour is the limit. Same source. */
export const HOT_ROOM_C = 32;
export const HOT_LIMIT_MIN = 60;

/**
 * Days raw food may lie in a marinade or brine. Sources: USDA/FSIS, marinating guidance (poultry
 * two, other meat five); FoodSafety.gov, cold storage chart (fish and shellfish two).
 */
const LONGEST_RAW_DAYS: Partial<Readonly<Record<Animal, number>>> = {
  poultry: KEEPING.rawPoultry.fridgeDays[1],
  fish: 2,
  shellfish: 2,
};
const OTHER_MEAT_DAYS = KEEPING.rawCuts.fridgeDays[1];
/** Minced meat keeps as poultry does; meat in a curing brine a week. Source: FoodSafety.gov, cold storage chart. */
const MINCED_DAYS = KEEPING.rawMince.fridgeDays[1];
const CURED_DAYS = 7;

/** Days a raw food keeps in the fridge, thawed or bought. Same sources. */
export function rawDays(food: {
  readonly animal: Animal;
  readonly minced: boolean;
  readonly cured: boolean;
}): number {
  const days = LONGEST_RAW_DAYS[food.animal] ?? OTHER_MEAT_DAYS;
  if (food.minced) return Math.min(days, MINCED_DAYS);
  return food.cured && days === OTHER_MEAT_DAYS ? CURED_DAYS : days;
}

/** The strictest limit among the animals, and whose it is; undefined for no animals at all. */
export function longestRaw(
  animals: readonly Animal[],
): { readonly days: number; readonly animal: Animal } | undefined {
  return animals
    .filter((animal) => animal !== 'none')
    .map((animal) => ({ animal, days: LONGEST_RAW_DAYS[animal] ?? OTHER_MEAT_DAYS }))
    .reduce<{ days: number; animal: Animal } | undefined>(
      (strictest, one) => (strictest && strictest.days <= one.days ? strictest : one),
      undefined,
    );
}

/** Core of poultry, 165 °F. Source: USDA/FSIS, safe minimum internal temperatures. */
export const POULTRY_CORE_C = 73.9;

/** Core of whole cuts of beef, pork, veal and lamb, 145 °F, with three minutes of rest. Same source. */
export const WHOLE_CUT_CORE_C = 62.8;

/** Core of minced meat, 160 °F. Same source. */
export const MINCED_CORE_C = 71.1;

/** Eggs, firm all through, 160 °F. Same source. */
export const EGG_CORE_C = 71.1;

/** Game, 160 °F. Source: FoodSafety.gov, safe minimum internal temperatures; from memory. */
export const GAME_CORE_C = 71.1;

/** Ham that is cooked already is warmed, 140 °F. Source: USDA/FSIS, safe minimum internal temperatures; from memory. */
export const READY_CORE_C = 60;

/** What public guidance wants of the middle of a food; undefined where it says nothing. */
export function leastCoreC(
  cut: Pick<Cut, 'id' | 'animal' | 'holds' | 'targets'>,
): number | undefined {
  if (isShellEgg(cut) || isEggDish(cut)) return EGG_CORE_C;
  if (cut.animal === 'none') return undefined;
  if (isReady(cut)) return READY_CORE_C;
  if (cut.animal === 'poultry') return POULTRY_CORE_C;
  if (isMince(cut)) return MINCED_CORE_C;
  return cut.animal === 'game' ? GAME_CORE_C : WHOLE_CUT_CORE_C;
}

/** "63 °C" and "74 °C" are the same guidance written in whole degrees. */
export const CORE_ROUNDING_C = 0.5;

/** Cold enough for raw food, 41 °F. Source: FDA Food Code, 3-501.16. */
export const FRIDGE_COLD_C = 5;
/** A fridge warmer than this breaks the law anywhere. Source: UK Food Standards Agency; from memory. */
export const FRIDGE_MOST_C = 8;
