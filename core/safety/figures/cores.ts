/**
 * Core of poultry, 165 °F.
 *
 * @unit °C
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.95
 */
export const POULTRY_CORE_C = 73.9;

/**
 * Core of whole cuts of beef, pork, veal and lamb, 145 °F, with three minutes of rest.
 *
 * @unit °C
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.95
 */
export const WHOLE_CUT_CORE_C = 62.8;

/**
 * Core of minced meat, 160 °F.
 *
 * @unit °C
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.95
 */
export const MINCED_CORE_C = 71.1;

/**
 * Eggs, firm all through, 160 °F.
 *
 * @unit °C
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.9
 */
export const EGG_CORE_C = 71.1;

/**
 * Game, 160 °F.
 *
 * @unit °C
 * @source FoodSafety.gov, safe minimum internal temperatures, from memory
 * @confidence 0.85
 */
export const GAME_CORE_C = 71.1;

/**
 * Ham that is cooked already is warmed, 140 °F.
 *
 * @unit °C
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.9
 */
export const READY_CORE_C = 60;

/**
 * “63 °C” and “74 °C” are the same guidance written in whole degrees.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.9
 */
export const CORE_ROUNDING_C = 0.5;

/**
 * Mechanically tenderised or injected meat, at once; or 63 °C, held for the rest of a whole cut.
 *
 * @unit °C
 * @source FDA Food Code, 3-401.11 (155 °F for 17 s, or 145 °F for 3 min), from memory
 * @confidence 0.85
 */
export const PIERCED_CORE_C = 68;

/**
 * What a forecast by the clock, its rest reckoned in, may be off.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.5
 */
export const CLOCK_DOUBT_C = 6;

/**
 * So far below the least core no forecast is that wrong.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.5
 */
export const CLOCK_RAW_C = 20;

/**
 * A steak whose middle is so warm by the clock, its rest reckoned in, is rare by choice, and not raw
 * by mistake.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.4
 */
export const SEARED_RARE_C = 25;

/**
 * What was cooked and chilled is heated again to this, all through.
 *
 * @unit °C
 * @source FDA Food Code, 3-403.11, 165 °F, from memory
 * @confidence 0.9
 */
export const REHEATED_CORE_C = 74;

/**
 * Eggs broken and mixed, held a minute.
 *
 * @unit °C
 * @source FDA Food Code, 3-401.11, from memory
 * @confidence 0.75
 */
export const EGG_MINUTE_CORE_C = 66;

/**
 * What a probe may read too high.
 *
 * @unit °C
 * @source kitchen convention, from memory
 * @confidence 0.6
 */
export const PROBE_READS_HIGH_C = 1;

/**
 * The carry-over one may count on.
 *
 * @unit °C
 * @source kitchen convention, from memory
 * @confidence 0.6
 */
export const SURE_CARRY_C = 3;

/**
 * Pork rarer than guidance by choice, but no cooler than its parasites bear.
 *
 * @unit °C
 * @source 9 CFR 318.10 (60 °C for a minute), from memory
 * @confidence 0.8
 */
export const PORK_BY_CHOICE_C = 60;

/**
 * Game whose trichinae freezing does not kill: never rarer than guidance.
 *
 * @unit words of a cut or a name
 * @source CDC, trichinellosis, wild game, from memory
 * @confidence 0.8
 */
export const NEVER_RARE_GAME = /\b(boar|bear|walrus)s?\b/i;

/**
 * Birds some cooks choose to eat pink, whole breasts of red meat; guidance is that of all poultry.
 *
 * @unit cuts
 * @source common practice, no source
 * @confidence 0.5
 */
export const POULTRY_BY_CHOICE: ReadonlySet<string> = new Set(['duck-breast', 'wood-pigeon']);

/**
 * A sauce with egg in it that is stirred at this heat or more sets, and is no longer raw.
 *
 * @unit °C
 * @source FDA Food Code, 3-401.11 (eggs, 68 °C), from memory
 * @confidence 0.7
 */
export const RAW_EGG_HOT_C = 70;

/**
 * A fire on a food nobody can reckon is taken for one from so many minutes on.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.4
 */
export const UNRECKONED_FIRE_MIN = 5;

/**
 * Whole cuts rest so long after 63 °C: it is part of the figure.
 *
 * @unit min
 * @source USDA/FSIS, safe minimum internal temperatures, from memory
 * @confidence 0.95
 */
export const WHOLE_CUT_REST_MIN = 3;

/**
 * Cooler than what water boils at by so much, it still boils: a ring's figure is no thermometer.
 *
 * @unit °C
 * @source our own line, no source
 * @confidence 0.5
 */
export const BOIL_ROUNDING_C = 4;
