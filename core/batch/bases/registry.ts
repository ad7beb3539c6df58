import { z } from 'zod';
import { asUsed } from './as-used.ts';
import { cover } from './cover.ts';
import type { BasisDefinition, BasisFacts } from './definition.ts';
import { fixed } from './fixed.ts';
import { perPortion } from './per-portion.ts';
import { perWeight } from './per-weight.ts';

/** Every basis of a mixture; docs/extending.md shows how to add one. */
const REGISTERED = [perWeight, perPortion, cover, asUsed, fixed] as const;

type Registered = (typeof REGISTERED)[number];
export type BasisKind = Registered['kind'];
export type Basis = z.infer<Registered['schema']>;

// Mapping a tuple forgets that it is one: the schemas are those of the list, in its order.
const schemas = REGISTERED.map(({ schema }) => schema) as unknown as SchemasOf<typeof REGISTERED>;
type SchemasOf<List extends readonly { readonly schema: z.ZodType }[]> = {
  -readonly [Place in keyof List]: List[Place]['schema'];
};

/** The basis of a mixture as it lies in a meal file. */
export const BasisSchema = z.discriminatedUnion('kind', schemas);

export const BASIS_KINDS = REGISTERED.map(({ kind }) => kind);

/** What is known of a kind of basis. @throws RangeError for a kind in no registry */
export function basisNamed(
  kind: string,
  registered: readonly BasisDefinition[] = REGISTERED,
): BasisDefinition {
  const found = registered.find((one) => one.kind === kind);
  if (!found) throw new RangeError(`“${kind}” is in no registry`);
  return found;
}

/** By how much a recipe is multiplied. */
export function factorOf(
  basis: { readonly kind: string },
  facts: BasisFacts,
  registered?: readonly BasisDefinition[],
): number {
  return basisNamed(basis.kind, registered).factor(basis, facts);
}

/** A new basis of a kind, for so much food in grams. */
export function newBasis(kind: BasisKind, foodG: number): Basis {
  return BasisSchema.parse(basisNamed(kind).begin(foodG));
}

/** The words of the registry, as the catalogues take them in. */
export const basisWords = {
  en: Object.fromEntries(
    REGISTERED.flatMap(({ kind, words }) => [
      [`basis.${kind}`, words.en.name],
      [`basis.onScale.${kind}`, words.en.onScale],
    ]),
  ) as Readonly<Record<`basis.${BasisKind}` | `basis.onScale.${BasisKind}`, string>>,
};
