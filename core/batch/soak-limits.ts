import { MINUTES_PER_DAY } from '../figures/index.ts';
import type { SoakGroup } from '../pantry/index.ts';

/**
 * How long meats bear what is in a marinade before their surface turns mealy. Kitchen
 * convention, from memory; quality, not safety.
 */
export interface SoakLimit {
  /** In a marinade as sour as is usual (1.5 % acid). Undefined: acid does it no harm. */
  readonly acidH?: number | undefined;
  /** In sour milk, which is gentler. */
  readonly dairyH?: number | undefined;
  /** With 100 g of strong raw fruit to a kilo of it. Undefined: it does no harm. */
  readonly enzymeMin?: number | undefined;
  /** With neither. */
  readonly plainH: number;
}

export const SOAK_LIMITS: Readonly<Record<SoakGroup, SoakLimit>> = {
  fish: { acidH: 0.5, enzymeMin: 10, plainH: 6 },
  shellfish: { acidH: 0.5, enzymeMin: 10, plainH: 2 },
  squid: { acidH: 1, enzymeMin: 30, plainH: 12 },
  'poultry-pieces': { acidH: 4, dairyH: 24, enzymeMin: 45, plainH: 36 },
  'poultry-whole': { acidH: 12, dairyH: 24, enzymeMin: 60, plainH: 48 },
  turkey: { acidH: 12, dairyH: 24, enzymeMin: 60, plainH: 48 },
  'pork-tender': { acidH: 6, dairyH: 24, enzymeMin: 45, plainH: 48 },
  'pork-tough': { acidH: 24, dairyH: 48, enzymeMin: 120, plainH: 48 },
  'beef-tender': { acidH: 4, dairyH: 24, enzymeMin: 60, plainH: 48 },
  'beef-tough': { acidH: 24, dairyH: 48, enzymeMin: 120, plainH: 48 },
  lamb: { acidH: 12, dairyH: 24, enzymeMin: 60, plainH: 48 },
  game: { acidH: 24, dairyH: 48, enzymeMin: 60, plainH: 48 },
  tofu: { acidH: 24, plainH: 48 },
  vegetables: { acidH: 2, plainH: 12 },
};

/** What the table's marinades hold, % as acetic acid. Common practice, no source. */
const USUAL_ACID_PCT = 1.5;
/** Less than this does nothing to meat in days. Common practice, no source. */
const FAINT_ACID_PCT = 0.15;
/** The dose the table has in mind: grams of strong raw fruit to a kilo of food. Common practice, no source. */
const USUAL_FRUIT_G_PER_KG = 100;
/** Pear, apple and mango are taken as so much less of a strong fruit. Common practice, no source. */
const MILD_SHARE = 1 / 4;
/** Less than this on a kilo does nothing in days, g. Common practice, no source. */
const FAINT_FRUIT_G_PER_KG = 2;
/** Where fish would bear it for less than this, fruit is better left out, minutes. Common practice, no source. */
const NEVER_BELOW_MIN = 30;
/** Raw fruit is never left on for longer, however little. Common practice, no source. */
export const FRUIT_LONGEST_MIN = 2 * MINUTES_PER_DAY;
/** The thickness the table has in mind. Thicker pieces bear more: the surface is less of them. */
const USUAL_THICKNESS_MM = 25;
/** Fish and shellfish are spoilt at the surface, however thick. */
const SURFACE_ONLY: ReadonlySet<SoakGroup> = new Set(['fish', 'shellfish', 'squid']);

function byThickness(group: SoakGroup, thicknessMm: number): number {
  if (SURFACE_ONLY.has(group)) return 1;
  return clamp(Math.sqrt(thicknessMm / USUAL_THICKNESS_MM), 0.6, 1.6);
}

/**
 * Minutes until acid shows, or undefined when there is too little of it, or it does no harm.
 * Above the usual, half the acid may stay on twice as long; below it four times, and no longer
 * than the food bears anything.
 *
 * @param acidPct of the mixture, as acetic acid
 * @param dairy most of the acid is of sour milk
 */
export function acidLimitMin(
  group: SoakGroup,
  thicknessMm: number,
  acidPct: number,
  dairy: boolean,
): number | undefined {
  const limit = SOAK_LIMITS[group];
  if (limit.acidH === undefined || acidPct < FAINT_ACID_PCT) return undefined;
  if (dairy && limit.dairyH !== undefined) return limit.dairyH * 60;
  const less = USUAL_ACID_PCT / acidPct;
  const strength = clamp(less > 1 ? less * less : less, 0.5, 16);
  const byAcid = limit.acidH * 60 * strength * byThickness(group, thicknessMm);
  return Math.min(byAcid, limit.plainH * 60);
}

/**
 * Raw fruit on food by what softens it: grams of strong fruit to a kilo of food. The rest of the
 * mixture does not count: oil thins what is in the bowl, not what lies on the meat.
 *
 * @param strongG pineapple, kiwi, papaya, fig, ginger: grams on the food
 * @param mildG pear, apple, mango: grams on the food
 */
export function fruitDose(strongG: number, mildG: number, foodG: number): number {
  return foodG > 0 ? ((strongG + mildG * MILD_SHARE) / foodG) * 1000 : 0;
}

/**
 * Minutes until raw fruit shows, or undefined without any. Above the usual dose half the fruit
 * may stay on twice as long; below it four times: the little there is is spent at the surface. So
 * 20 g of kiwi to a kilo of steaks may lie over night, and 300 g make a paste in a quarter of an
 * hour. Never past two days. Common practice, no source.
 *
 * @param doseGPerKg of strong fruit, as fruitDose counts it
 */
export function enzymeLimitMin(
  group: SoakGroup,
  thicknessMm: number,
  doseGPerKg: number,
): number | undefined {
  const minutes = SOAK_LIMITS[group].enzymeMin;
  if (minutes === undefined || doseGPerKg < FAINT_FRUIT_G_PER_KG) return undefined;
  const less = USUAL_FRUIT_G_PER_KG / doseGPerKg;
  const byDose = minutes * byThickness(group, thicknessMm) * (less > 1 ? less * less : less);
  return Math.min(FRUIT_LONGEST_MIN, byDose);
}

/** Fish and shellfish with so much raw fruit that it is better left out, or cooked first. */
export function fruitNever(group: SoakGroup, doseGPerKg: number): boolean {
  const limit = SURFACE_ONLY.has(group) ? enzymeLimitMin(group, 0, doseGPerKg) : undefined;
  return group !== 'squid' && limit !== undefined && limit < NEVER_BELOW_MIN;
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
