/**
 * The figures the safety rules rest on. Every one is from memory of the publication named, and
 * must be compared with it before anyone relies on it. A cook's local food authority comes first.
 */

/** Minutes raw or cooked food may stand between 5 and 60 °C. Source: USDA/FSIS, the two-hour rule. */
export const ROOM_LIMIT_MIN = 120;

/** Days raw food may lie in a marinade or brine. Source: USDA/FSIS, marinating guidance. */
export const LONGEST_RAW_DAYS = { poultry: 2, other: 5 } as const;

/** Core of poultry, 165 °F. Source: USDA/FSIS, safe minimum internal temperatures. */
export const POULTRY_CORE_C = 73.9;

/** Core of whole cuts of beef, pork, veal and lamb, 145 °F, with three minutes of rest. Same source. */
export const WHOLE_CUT_CORE_C = 62.8;

/** "63 °C" and "74 °C" are the same guidance written in whole degrees. */
export const CORE_ROUNDING_C = 0.5;
