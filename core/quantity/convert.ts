import { middle, QuantityError, type Quantity } from './quantity.ts';
import { GRAMS_PER, MINUTES_PER, ML_PER } from './units.ts';

/** What one must know of an ingredient to turn its volume or count into mass. */
export interface Measurable {
  readonly name: string;
  /** g per ml as one measures it (spooned, packed, chopped). */
  readonly gPerMl?: number | undefined;
  /** g of one, by what is counted ("clove", "" for the thing itself). */
  readonly countG?: Readonly<Record<string, number>> | undefined;
}

export function fahrenheitToC(f: number): number {
  return (f - 32) / 1.8;
}

export function celsiusToF(c: number): number {
  return c * 1.8 + 32;
}

/** Minutes of a time span (its middle). @throws QuantityError when it is not a time */
export function toMinutes(quantity: Quantity): number {
  return middle(quantity) * perUnit(quantity, 'time', MINUTES_PER, 'Write a time, as in “5 h 30”.');
}

/** Grams of a mass (its middle). @throws QuantityError when it is not a mass */
export function massOf(quantity: Quantity): number {
  return middle(quantity) * perUnit(quantity, 'mass', GRAMS_PER, 'Write a weight, as in “1.7 kg”.');
}

/**
 * Grams of an amount of an ingredient: a mass as it is, a volume by its density, a count by the
 * weight of one. Undefined when the ingredient lacks the figure that is needed.
 */
export function gramsOf(quantity: Quantity, ingredient: Measurable): number | undefined {
  if (quantity.dimension === 'mass') return massOf(quantity);
  if (quantity.dimension === 'volume') {
    const ml = middle(quantity) * (ML_PER[quantity.unit] ?? NaN);
    return ingredient.gPerMl === undefined ? undefined : ml * ingredient.gPerMl;
  }
  if (quantity.dimension === 'count') {
    const each = oneG(quantity.unit, ingredient);
    return each === undefined ? undefined : middle(quantity) * each;
  }
  throw wrongKind(quantity, 'Write a weight, a volume or a number.');
}

/** Millilitres of an amount of an ingredient, the other way round. Undefined as for gramsOf. */
export function mlOf(quantity: Quantity, ingredient: Measurable): number | undefined {
  if (quantity.dimension === 'volume') return middle(quantity) * (ML_PER[quantity.unit] ?? NaN);
  const grams = gramsOf(quantity, ingredient);
  return grams === undefined || ingredient.gPerMl === undefined
    ? undefined
    : grams / ingredient.gPerMl;
}

function oneG(counted: string, ingredient: Measurable): number | undefined {
  const weights = ingredient.countG ?? {};
  const found = SINGULARS.map(([plural, one]) => weights[counted.replace(plural, one)]);
  return found.find((grams) => grams !== undefined);
}

/** "cloves" → "clove", "berries" → "berry", "leaves" → "leaf"; first the word as it is. */
const SINGULARS: ReadonlyArray<readonly [RegExp, string]> = [
  [/$/, ''],
  [/ies$/, 'y'],
  [/ves$/, 'f'],
  [/es$/, ''],
  [/s$/, ''],
];

function perUnit(
  quantity: Quantity,
  dimension: Quantity['dimension'],
  sizes: Readonly<Record<string, number>>,
  mend: string,
): number {
  const size = quantity.dimension === dimension ? sizes[quantity.unit] : undefined;
  if (size === undefined) throw wrongKind(quantity, mend);
  return size;
}

function wrongKind(quantity: Quantity, mend: string): QuantityError {
  return new QuantityError(
    `${quantity.low} ${quantity.unit}`.trim(),
    `is a ${quantity.dimension} where another kind of amount is wanted`,
    mend,
  );
}
