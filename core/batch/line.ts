import { INGREDIENTS, type Ingredient } from '../pantry/index.ts';
import {
  gramsOf,
  middle,
  mlOf,
  parseQuantity,
  readAsSpoons,
  writeNumber,
  type SpoonSystem,
} from '../quantity/index.ts';
import type { MixtureLine } from './mixture.ts';

/** A mixture line at its scaled amount. */
export interface ScaledLine {
  readonly name: string;
  readonly note?: string | undefined;
  readonly scaling: MixtureLine['scaling'];
  /** By what this line was multiplied. */
  readonly factor: number;
  readonly grams: number;
  /** Undefined for what is not measured by volume. */
  readonly ml?: number | undefined;
  /** "2⅓ cups", "5½", "2 tbsp": what to take. */
  readonly measure: string;
  /** How far the measure is from the exact amount, in %. */
  readonly measureErrorPct: number;
  readonly counted: boolean;
  readonly sodiumMg: number;
  readonly sugarsG: number;
  readonly saltG: number;
}

/** Sodium is this share of salt by weight. Source: molar masses, 22.990 / 58.443. */
const SODIUM_OF_SALT = 0.3934;

/** The ingredient of a line. @throws RangeError when the pantry does not have it */
export function ingredientOf(line: MixtureLine): Ingredient {
  const found = INGREDIENTS.get(line.ingredient);
  if (!found) throw new RangeError(`the pantry has no “${line.ingredient}”`);
  return found;
}

/** Grams of a line at its baseline. Never undefined: the meal file's checks saw to it. */
export function baselineGrams(line: MixtureLine, spoons: SpoonSystem): number {
  const amount = parseQuantity(line.amount, spoons);
  const grams = gramsOf(amount, ingredientOf(line));
  if (grams === undefined) throw new RangeError(`“${line.amount}” cannot be weighed`);
  return grams;
}

/**
 * One line multiplied up.
 *
 * Linear lines by the factor; counted ones by the factor, then to a number one can take; what is
 * held back by factor^exponent, since the heat of a spice grows faster than its batch.
 */
export function scaleLine(line: MixtureLine, factor: number, spoons: SpoonSystem): ScaledLine {
  const ingredient = ingredientOf(line);
  const amount = parseQuantity(line.amount, spoons);
  const by = line.scaling === 'heldBack' ? factor ** line.exponent : factor;
  const exactG = baselineGrams(line, spoons) * by;
  const counted = amount.dimension === 'count' && (line.scaling === 'count' || !ingredient.gPerMl);
  const count = counted ? roundCount(middle(amount) * by) : undefined;
  const grams = count === undefined ? exactG : (exactG * count) / (middle(amount) * by);
  const reading = counted
    ? {
        measure: `${writeNumber(count ?? 0)} ${amount.unit}`.trim(),
        errorPct: (grams / exactG - 1) * 100,
      }
    : readMeasure(exactG, ingredient, spoons);
  return {
    name: line.name ?? ingredient.name,
    note: line.note,
    scaling: line.scaling,
    factor: by,
    grams,
    ml: counted
      ? undefined
      : mlOf({ dimension: 'mass', unit: 'g', low: grams, high: grams }, ingredient),
    measure: reading.measure,
    measureErrorPct: reading.errorPct,
    counted,
    sodiumMg: (grams * ingredient.sodiumMgPer100g) / 100,
    sugarsG: (grams * ingredient.sugarsGPer100g) / 100,
    saltG: (grams * ingredient.sodiumMgPer100g) / 100 / 1000 / SODIUM_OF_SALT,
  };
}

/** Halves up to six, whole ones beyond; at least a half. */
export function roundCount(count: number): number {
  return count <= 6 ? Math.max(0.5, Math.round(count * 2) / 2) : Math.round(count);
}

function readMeasure(
  grams: number,
  ingredient: Ingredient,
  spoons: SpoonSystem,
): { measure: string; errorPct: number } {
  if (!ingredient.gPerMl)
    return {
      measure: `${grams >= 10 ? Math.round(grams) : Number(grams.toFixed(1))} g`,
      errorPct: 0,
    };
  const reading = readAsSpoons(grams / ingredient.gPerMl, spoons, ingredient.spice ? 5 : 3);
  return { measure: reading.text, errorPct: reading.errorPct };
}
