import type { AcidKind, Ingredient } from '../pantry/index.ts';

/** What a mixture, or a gram of something, is made of. All of it adds up. */
export interface Contents {
  readonly grams: number;
  readonly ml: number;
  readonly saltG: number;
  readonly sodiumMg: number;
  readonly sugarG: number;
  /** Water that salt can live in: of water, ice, juices, wine, stock. */
  readonly waterG: number;
  readonly alcoholG: number;
  /** Acid in milli-equivalents. */
  readonly acidMeq: number;
  /** Of it, from milk gone sour. */
  readonly lacticMeq: number;
  /** pH times milli-equivalents, and the grams that bring the acid: for the pH of the whole. */
  readonly pHMeq: number;
  readonly acidBearingG: number;
  /** Raw fruit that softens meat, as grams of fresh fruit. */
  readonly strongEnzymeG: number;
  readonly mildEnzymeG: number;
  readonly bicarbonateG: number;
}

export const NOTHING: Contents = {
  grams: 0,
  ml: 0,
  saltG: 0,
  sodiumMg: 0,
  sugarG: 0,
  waterG: 0,
  alcoholG: 0,
  acidMeq: 0,
  lacticMeq: 0,
  pHMeq: 0,
  acidBearingG: 0,
  strongEnzymeG: 0,
  mildEnzymeG: 0,
  bicarbonateG: 0,
};

const KEYS = Object.keys(NOTHING) as ReadonlyArray<keyof Contents>;

/** The first and so many times the second. */
export function plus(a: Contents, b: Contents, times = 1): Contents {
  const sum: Record<string, number> = {};
  for (const key of KEYS) sum[key] = a[key] + b[key] * times;
  return sum as unknown as Contents;
}

export function times(contents: Contents, factor: number): Contents {
  return plus(NOTHING, contents, factor);
}

/** Grams for one equivalent of acid. Source: molar masses; citric acid has three. */
const GRAMS_PER_EQUIVALENT: Readonly<Record<AcidKind, number>> = {
  acetic: 60.05,
  citric: 192.12 / 3,
  lactic: 90.08,
};

/** What a gram of an ingredient brings. What has no density counts as water. */
export function contentsPerGram(ingredient: Ingredient): Contents {
  const { acid, enzyme } = ingredient;
  const meq = acid ? (acid.pct / 100 / GRAMS_PER_EQUIVALENT[acid.as]) * 1000 : 0;
  return {
    grams: 1,
    ml: 1 / (ingredient.gPerMl ?? 1),
    saltG: ingredient.saltPct / 100,
    sodiumMg: ingredient.sodiumMgPer100g / 100,
    sugarG: ingredient.sugarsGPer100g / 100,
    waterG: ingredient.waterPct / 100,
    alcoholG: ingredient.alcoholPct / 100,
    acidMeq: meq,
    lacticMeq: acid?.as === 'lactic' && ingredient.holds.includes('dairy') ? meq : 0,
    pHMeq: meq * (acid?.pH ?? 0),
    acidBearingG: acid ? 1 : 0,
    strongEnzymeG: enzyme === 'strong' ? ingredient.enzymeTimes : 0,
    mildEnzymeG: enzyme === 'mild' ? ingredient.enzymeTimes : 0,
    bicarbonateG: ingredient.id === 'baking-soda' ? 1 : 0,
  };
}

/** Acid as % of the weight, counted as acetic acid. */
export function acidPct(contents: Contents): number {
  if (contents.grams === 0) return 0;
  return ((contents.acidMeq / 1000) * GRAMS_PER_EQUIVALENT.acetic * 100) / contents.grams;
}

/**
 * The pH, about: the mean of what brings the acid, weighed by how much it brings, and half a
 * unit up for each tenfold dilution, as weak acids go (pH = ½(pKa − log c)). An estimate: what
 * buffers is not counted. Undefined where nothing is sour.
 */
export function pHOf(contents: Contents): number | undefined {
  if (contents.acidMeq === 0 || contents.acidBearingG === 0) return undefined;
  const mean = contents.pHMeq / contents.acidMeq;
  const dilution = Math.max(1, contents.grams / contents.acidBearingG);
  return Math.min(7, mean + 0.5 * Math.log10(dilution));
}

/** % of the weight. */
export function pct(part: number, contents: Contents): number {
  return contents.grams === 0 ? 0 : (part / contents.grams) * 100;
}
