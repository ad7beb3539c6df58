import { USUAL_WATER_SHARE } from '../figures/index.ts';
import type { Cut, Pantry } from '../pantry/index.ts';
import { mlOf, parseQuantity, type Measure, type SpoonSystem } from '../quantity/index.ts';
import { contentsOf, mixableOfLine } from './compose.ts';
import type { Amount } from './contact.ts';
import { NOTHING, plus, type Contents } from './contents.ts';
import { factorOf } from './bases/registry.ts';
import { needMlPerG, usualVessel, type Vessel } from './cover.ts';
import { lineOfGrams, weighLine, type WeighedLine } from './line.ts';
import type { Mixture, MixtureLine, Variant } from './mixture.ts';
import { drySaltG, equilibriumSaltG, strongSaltG } from './salting.ts';

/** A food the mixture goes on. */
export interface BatchFood {
  readonly id: string;
  readonly name: string;
  readonly weightG: number;
  readonly portions: number;
  readonly cut?: Cut | undefined;
}

/** Everything around a mixture that decides how much of it there is. */
export interface BatchFor {
  readonly foods: readonly BatchFood[];
  /** The foods of each variant, by its id. */
  readonly variantFoods: ReadonlyMap<string, readonly BatchFood[]>;
  /** Portions when it goes on no food of its own. */
  readonly portions: number;
  readonly pantry: Pantry;
  /** The dish's other mixtures, for lines that are made of them. */
  readonly siblings: readonly Mixture[];
  readonly spoons: SpoonSystem;
  readonly owned?: readonly Measure[] | undefined;
  readonly vessel?: Vessel | undefined;
  /** How this kitchen brines where the mixture does not say. */
  readonly brine: 'equilibrium' | 'strong';
  /** Stews salted at the end: salt crystals wait. */
  readonly saltAtEnd: boolean;
  /** Of a mixture made for others: how much they take. */
  readonly demandedG?: number | undefined;
}

/** A share of the batch that is kept apart: the main one, or a variant's. */
export interface Portion {
  readonly foods: readonly BatchFood[];
  readonly foodG: number;
  /** Salt that waits for the end is in here too. */
  readonly contents: Contents;
  readonly atEnd: Contents;
}

export interface WeighedVariant extends Portion {
  readonly variant: Variant;
  /** What is taken out of the common mix. */
  readonly takeG: number;
  readonly takeMl: number;
  /** What is stirred into it afterwards. */
  readonly lines: readonly WeighedLine[];
}

export interface WeighedMixture {
  /** All the food over the baseline's; 1 for a fixed mixture. */
  readonly factor: number;
  /** Lines everyone shares, in full, then those of the main part alone. */
  readonly lines: readonly WeighedLine[];
  /** How many of the lines go in before the variants are taken out. */
  readonly commonCount: number;
  readonly main: Portion;
  readonly variants: readonly WeighedVariant[];
  /** Set aside of the main part. */
  readonly reserveMl: number;
}

/**
 * A mixture at the weight of its batch, in grams: the recipe multiplied up, the variants taken
 * out before what they avoid goes in, salt by its target, the reserve part of the whole.
 */
export function weighMixture(mixture: Mixture, batch: BatchFor): WeighedMixture {
  const variants = (mixture.variants ?? []).map((variant) => ({
    variant,
    foods: batch.variantFoods.get(variant.id) ?? [],
  }));
  const mainG = sumWeight(batch.foods);
  const allG = mainG + variants.reduce((sum, { foods }) => sum + sumWeight(foods), 0);
  const base = contentsOf(mixture.lines, batch);
  const kept = reserveOfRecipe(mixture, base, batch.spoons);
  const dose = base.grams > 0 ? (base.grams - kept.grams) / base.grams : 1;
  const factor = batchFactor(mixture, batch, allG, base, dose);
  const shareOf = (foods: readonly BatchFood[]) => (allG > 0 ? sumWeight(foods) / allG : 0);
  const mainShare = allG > 0 ? mainG / allG : 1;
  const fixedReserve = mixture.reserve?.scaling === 'fixed' && base.grams > 0;
  const mainFactor = fixedReserve
    ? (factor * mainShare * (base.grams - kept.grams) + kept.grams) / base.grams
    : factor * mainShare;
  const factors = variants.map(({ foods }) => factor * shareOf(foods) * dose);
  const whole = mainFactor + factors.reduce((sum, f) => sum + f, 0);

  const lineOf = (line: MixtureLine, by: number) =>
    weighLine(line, mixableOfLine(line, batch), by, batch.spoons);
  const offends = (line: MixtureLine, variant: Variant) =>
    mixableOfLine(line, batch).holds.some((held) => variant.forAvoids.includes(held));
  const isLate = (line: MixtureLine) => variants.some(({ variant }) => offends(line, variant));
  const salted = withSalting(
    mixture,
    batch,
    mixture.lines.map((line) => lineOf(line, isLate(line) ? mainFactor : whole)),
  ).map((weighed) => waiting(weighed, batch.saltAtEnd));
  const common = salted.filter(({ line }) => !isLate(line));
  const late = salted.filter(({ line }) => isLate(line));

  const shared = lineTotals(common);
  const sharedAtEnd = lineTotals(common.filter((line) => line.atEnd));
  const weighedVariants = variants.map(({ variant, foods }, i): WeighedVariant => {
    const share = whole > 0 ? (factors[i] ?? 0) / whole : 0;
    const lines = [
      ...mixture.lines.filter((line) => isLate(line) && !offends(line, variant)),
      ...variant.instead,
    ].map((line) => waiting(lineOf(line, factors[i] ?? 0), batch.saltAtEnd));
    return {
      variant,
      foods,
      foodG: sumWeight(foods),
      takeG: shared.grams * share,
      takeMl: shared.ml * share,
      lines,
      contents: plus(lineTotals(lines), shared, share),
      atEnd: plus(lineTotals(lines.filter((line) => line.atEnd)), sharedAtEnd, share),
    };
  });
  const mainOfShared = whole > 0 ? mainFactor / whole : 1;
  return {
    factor,
    lines: [...common, ...late],
    commonCount: common.length,
    main: {
      foods: batch.foods,
      foodG: mainG,
      contents: plus(lineTotals(late), shared, mainOfShared),
      atEnd: plus(lineTotals(late.filter((line) => line.atEnd)), sharedAtEnd, mainOfShared),
    },
    variants: weighedVariants,
    reserveMl: kept.ml * (fixedReserve ? 1 : factor * mainShare),
  };
}

function batchFactor(
  mixture: Mixture,
  batch: BatchFor,
  allG: number,
  base: Contents,
  dose: number,
): number {
  return factorOf(mixture.basis, {
    foodG: allG,
    portions: batch.portions,
    recipeG: base.grams,
    recipeMl: base.ml,
    dose,
    demandedG: batch.demandedG,
    coverMlPerG: needMlPerG(mixture, batch.vessel?.kind ?? usualVessel(mixture)),
  });
}

/** Salt by the target of the mixture, less what its other lines bring; sugar by the salt. */
function withSalting(mixture: Mixture, batch: BatchFor, lines: WeighedLine[]): WeighedLine[] {
  const salting = mixture.salting;
  const salts = lines.filter(({ line, locked }) => line.scaling === 'salt' && !locked);
  if (!salting || salts.length === 0) return lines;
  const others = lineTotals(
    lines.filter(
      ({ line, locked }) => (line.scaling !== 'salt' && line.scaling !== 'sugar') || locked,
    ),
  );
  const wantedG = saltWantedG(mixture, batch, others.waterG);
  const saltG = Math.max(0, wantedG - others.saltG) / salts.length;
  const sugarG = wantedG * salting.sugarToSalt;
  const sugars = lines.filter(({ line, locked }) => line.scaling === 'sugar' && !locked);
  return lines.map((weighed) => {
    if (salts.includes(weighed))
      return lineOfGrams(weighed.line, weighed.of, perGram(saltG, weighed.of.perGram.saltG));
    if (sugars.includes(weighed)) {
      const each = sugarG / sugars.length;
      return lineOfGrams(weighed.line, weighed.of, perGram(each, weighed.of.perGram.sugarG));
    }
    return weighed;
  });
}

function perGram(wantedG: number, holdsG: number): number {
  return holdsG > 0 ? wantedG / holdsG : 0;
}

/** The salt a mixture with a salting wants in all, in grams. */
export function saltWantedG(mixture: Mixture, batch: BatchFor, waterG: number): number {
  const salting = mixture.salting;
  if (!salting) return 0;
  const food = saltedFood(allFoods(batch));
  const target = salting.targetPct / 100;
  switch (saltingBy(mixture, batch)) {
    case 'dry':
      return drySaltG(target, food);
    case 'strong':
      return strongSaltG(salting.strengthPct / 100, waterG);
    case 'equilibrium':
      return equilibriumSaltG(target, food, waterG);
  }
}

/** How a mixture is salted: as it says, or as the kitchen brines. */
export function saltingBy(
  mixture: Mixture,
  batch: Pick<BatchFor, 'brine'>,
): 'equilibrium' | 'strong' | 'dry' {
  return mixture.salting?.by ?? (mixture.kind === 'dry brine' ? 'dry' : batch.brine);
}

export function allFoods(batch: BatchFor): BatchFood[] {
  return [...batch.foods, ...[...batch.variantFoods.values()].flat()];
}

/** Foods as the salt sees them: without bone, with the water of their cut. */
export function saltedFood(foods: readonly BatchFood[]): {
  readonly boneless: number;
  readonly waterShare: number;
} {
  let boneless = 0;
  let water = 0;
  for (const { weightG, cut } of foods) {
    const meat = weightG * (1 - (cut?.boneShare ?? 0));
    boneless += meat;
    water += meat * (cut?.composition ? cut.composition.waterPct / 100 : USUAL_WATER_SHARE);
  }
  return { boneless, waterShare: boneless > 0 ? water / boneless : USUAL_WATER_SHARE };
}

function waiting(weighed: WeighedLine, saltAtEnd: boolean): WeighedLine {
  return saltAtEnd && weighed.of.crystal ? { ...weighed, atEnd: true } : weighed;
}

/** What the recipe as written sets aside; never more than there is. */
function reserveOfRecipe(mixture: Mixture, base: Contents, spoons: SpoonSystem): Amount {
  if (!mixture.reserve || base.ml === 0) return { grams: 0, ml: 0 };
  const gPerMl = base.grams / base.ml;
  const ml = mlOf(parseQuantity(mixture.reserve.amount, spoons), { name: mixture.name, gPerMl });
  const kept = Math.min(base.ml, ml ?? 0);
  return { grams: kept * gPerMl, ml: kept };
}

export function lineTotals(lines: readonly WeighedLine[]): Contents {
  return lines.reduce((sum, { of, grams }) => plus(sum, of.perGram, grams), NOTHING);
}

function sumWeight(foods: readonly BatchFood[]): number {
  return foods.reduce((sum, food) => sum + food.weightG, 0);
}
