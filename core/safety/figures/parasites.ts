/**
 * Parasites of fish die at this; cooler fish has to have been frozen.
 *
 * @unit °C
 * @source FDA Food Code, 3-402.11, from memory
 * @confidence 0.8
 */
export const FISH_PARASITES_C = 60;

/**
 * Frozen so hard for so long, or harder and shorter; the EU asks a day at −20 °C.
 *
 * @unit °C and h
 * @source FDA Food Code, 3-402.11, from memory
 * @confidence 0.85
 */
export const FISH_FROZEN = {
  cold: { tempC: -20, hours: 168 },
  coldest: { tempC: -35, hours: 15 },
} as const;

/**
 * Freezing does nothing to the parasites of game; only heat does.
 *
 * @unit °C
 * @source FoodSafety.gov and CDC, 160 °F, from memory
 * @confidence 0.8
 */
export const GAME_PARASITES_C = 71;

/**
 * Trichinae die at once.
 *
 * @unit °C
 * @source USDA, 9 CFR 318.10, from memory
 * @confidence 0.8
 */
export const TRICHINAE_AT_ONCE_C = 62.2;

/**
 * Trichinae are dead after so many minutes at a core.
 *
 * @unit °C and min
 * @source USDA, 9 CFR 318.10, prescribed treatment of pork, a few rows of the table, from memory
 * @confidence 0.8
 */
export const TRICHINAE: ReadonlyArray<readonly [tempC: number, minutes: number]> = [
  [49, 21 * 60],
  [52.2, 132],
  [54.4, 30],
  [57.8, 3],
  [60, 1],
  [62.2, 0],
];

/**
 * Fish that is eaten raw without having been frozen: large tuna, whose parasites are no danger.
 * What was farmed on clean feed is exempt as well; a cut does not say that, the food does.
 *
 * @unit the first word of a cut
 * @source FDA Food Code, 3-402.11 (B), from memory
 * @confidence 0.8
 */
export const FISH_EXEMPT = 'tuna';

/**
 * Shellfish that is eaten raw without having been frozen: it carries no such parasites.
 *
 * @unit words of a cut or a name
 * @source FDA Food Code, 3-402.11 (B), molluscan shellfish and shucked scallops, from memory
 * @confidence 0.8
 */
export const SHELLFISH_EXEMPT = /\b(oyster|scallop)s?\b/i;
