import type { Measurable } from '../quantity/index.ts';
import type { AcidKind, Avoidable, Enzyme, IngredientRow } from './rows.ts';

/** Sodium is this share of salt by weight. Source: molar masses (IUPAC), 22.990 / 58.443. */
export const SODIUM_OF_SALT = 0.3934;

/** Something in a mixture, with what a cook must know of it. */
export interface Ingredient extends Measurable {
  readonly id: string;
  readonly section: string;
  /** What in it an eater may avoid. */
  readonly holds: readonly Avoidable[];
  /** Measured to 5 % rather than 3 %. */
  readonly spice: boolean;
  /** A salt, of whatever crystal. */
  readonly crystal: boolean;
  readonly sodiumMgPer100g: number;
  readonly sugarsGPer100g: number;
  /** Salt (sodium chloride), % of its weight. */
  readonly saltPct: number;
  readonly waterPct: number;
  readonly alcoholPct: number;
  /** Sodium nitrite, where it is a curing salt. */
  readonly nitritePct?: number | undefined;
  readonly acid?: Acid | undefined;
  readonly enzyme: Enzyme;
  /** How many times as strong on meat as fresh fruit of its kind. */
  readonly enzymeTimes: number;
  /** The cook's own. */
  readonly own: boolean;
  /** Where each value comes from, in words, by the value's name. */
  readonly sources: Readonly<Record<string, string>>;
}

export interface Acid {
  /** The acid it is counted as. */
  readonly as: AcidKind;
  readonly pct: number;
  readonly pH: number;
}

/** The salt that would bring this much sodium, in % of the weight. */
export function saltPctOfSodium(sodiumMgPer100g: number): number {
  return sodiumMgPer100g / 1000 / SODIUM_OF_SALT;
}

/** An ingredient from its row. What the row leaves out is none, or follows from what it says. */
export function ingredientFromRow(
  row: IngredientRow,
  sources: Readonly<Record<string, string>>,
): Ingredient {
  const { values, acid } = row;
  const counted = Object.entries(row.countG ?? {});
  const keyed: Array<readonly [string, string]> = [
    ...Object.entries(values).map(([name, value]) => [name, value?.[1] ?? ''] as const),
    ...counted.map(([name, [, key]]) => [`one ${name}`.trim(), key] as const),
  ];
  if (acid) keyed.push(['acidPct', acid.pct[1]], ['pH', acid.pH[1]]);
  if (row.enzyme) keyed.push(['enzyme', row.enzyme[1]]);
  const named = keyed.map(([name, key]) => [name, sources[key] ?? key]);
  if (!values.saltPct) named.push(['saltPct', 'By its sodium, from molar masses']);
  return {
    id: row.id,
    name: row.name ?? row.id.replaceAll('-', ' '),
    section: row.section,
    holds: row.holds,
    spice: row.spice,
    crystal: row.crystal,
    gPerMl: values.gPerMl?.[0],
    sodiumMgPer100g: values.sodiumMgPer100g[0],
    sugarsGPer100g: values.sugarsGPer100g[0],
    saltPct: values.saltPct?.[0] ?? Math.min(100, saltPctOfSodium(values.sodiumMgPer100g[0])),
    waterPct: values.waterPct?.[0] ?? 0,
    alcoholPct: values.alcoholPct?.[0] ?? 0,
    nitritePct: values.nitritePct?.[0],
    acid: acid && { as: acid.as, pct: acid.pct[0], pH: acid.pH[0] },
    enzyme: row.enzyme?.[0] ?? 'none',
    enzymeTimes: values.enzymeTimes?.[0] ?? 1,
    countG: Object.fromEntries(counted.map(([name, [grams]]) => [name, grams])),
    own: false,
    sources: Object.fromEntries(named) as Record<string, string>,
  };
}
