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
  /** With a tenth of strong raw fruit. 0: never. Undefined: it does no harm. */
  readonly enzymeMin?: number | undefined;
  /** With neither. */
  readonly plainH: number;
}

export const SOAK_LIMITS: Readonly<Record<SoakGroup, SoakLimit>> = {
  fish: { acidH: 0.5, enzymeMin: 0, plainH: 6 },
  shellfish: { acidH: 0.5, enzymeMin: 0, plainH: 2 },
  squid: { acidH: 1, enzymeMin: 30, plainH: 12 },
  'poultry-pieces': { acidH: 4, dairyH: 24, enzymeMin: 30, plainH: 24 },
  'poultry-whole': { acidH: 12, dairyH: 24, enzymeMin: 60, plainH: 48 },
  turkey: { acidH: 12, dairyH: 24, enzymeMin: 60, plainH: 48 },
  'pork-tender': { acidH: 6, dairyH: 24, enzymeMin: 45, plainH: 24 },
  'pork-tough': { acidH: 24, dairyH: 48, enzymeMin: 120, plainH: 48 },
  'beef-tender': { acidH: 4, dairyH: 24, enzymeMin: 30, plainH: 24 },
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
/** What the table's fruit marinades hold, % of strong raw fruit. Common practice, no source. */
const USUAL_FRUIT_PCT = 10;
/** Ginger and pear take so many times as long. Common practice, no source. */
const MILD_TIMES = 12;
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
 * Half the acid may stay on twice as long, up to four times.
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
  const strength = clamp(USUAL_ACID_PCT / acidPct, 0.5, 4);
  return limit.acidH * 60 * strength * byThickness(group, thicknessMm);
}

/**
 * Minutes until raw fruit shows, or undefined without any. Half the fruit may stay on twice as
 * long; never past two days.
 *
 * @param strongPct pineapple, kiwi, papaya, fig: % of the mixture
 * @param mildPct ginger, pear, mango
 */
export function enzymeLimitMin(
  group: SoakGroup,
  thicknessMm: number,
  strongPct: number,
  mildPct: number,
): number | undefined {
  const minutes = SOAK_LIMITS[group].enzymeMin;
  const dose = strongPct + mildPct / MILD_TIMES;
  if (minutes === undefined || dose < 0.02) return undefined;
  const byDose = (minutes * USUAL_FRUIT_PCT * byThickness(group, thicknessMm)) / dose;
  return Math.min(FRUIT_LONGEST_MIN, byDose);
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
