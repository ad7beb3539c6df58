import type { z } from 'zod';

/** What a basis reckons its factor from. */
export interface BasisFacts {
  /** Of all food the mixture goes on. */
  readonly foodG: number;
  /** Of those at the table. */
  readonly portions: number;
  /** Of the mixture as the recipe writes it. */
  readonly recipeG: number;
  readonly recipeMl: number;
  /** Of the share of the recipe that goes on food. */
  readonly dose: number;
  /** What the dish's other mixtures take of it; undefined where none does. */
  readonly demandedG: number | undefined;
  /** Millilitres that cover a gram of the food in its vessel; 0 where nothing has to. */
  readonly coverMlPerG: number;
}

/** How much of a mixture there is to be. */
export interface BasisDefinition<Schema extends z.ZodType = z.ZodType> {
  readonly kind: string;
  /** As it lies in a meal file. */
  readonly schema: Schema;
  /** In the form, and on the scale. */
  readonly words: { readonly en: { readonly name: string; readonly onScale: string } };
  /** By which the recipe's amounts are multiplied. */
  factor(basis: z.infer<Schema>, facts: BasisFacts): number;
  /** It lies on food for a time of its own; left out, it may. */
  readonly onlyUsed?: true;
  /** It grows with its food: without any it stays as the recipe has it, and that is said. */
  readonly byFood?: true;
  /** It covers the food, whatever it is. */
  readonly covers?: true;
  /** A new one, for so much food in grams. */
  readonly begin: (foodG: number) => z.input<Schema>;
}
