import { z } from 'zod';
import type { Measurable } from '../quantity/index.ts';
import cutData from './cuts.json';
import ingredientData from './ingredients.json';

/** What an eater may avoid: an allergen, or something they do without. */
export const AVOIDABLE = [
  'dairy',
  'egg',
  'fish',
  'gluten',
  'mustard',
  'nuts',
  'peanuts',
  'sesame',
  'shellfish',
  'soy',
  'sulphites',
  'heat',
  'alcohol',
  'meat',
  'pork',
] as const;
export type Avoidable = (typeof AVOIDABLE)[number];

export const AnimalSchema = z.enum(['beef', 'lamb', 'pork', 'poultry', 'game', 'fish', 'none']);
export type Animal = z.infer<typeof AnimalSchema>;

/** A value with the key of its source in the same file. */
const sourced = z.tuple([z.number().nonnegative(), z.string()]);

const IngredientRow = z.strictObject({
  id: z.string(),
  name: z.string(),
  section: z.string(),
  holds: z.array(z.enum(AVOIDABLE)),
  spice: z.boolean(),
  values: z.strictObject({
    gPerMl: sourced.optional(),
    sodiumMgPer100g: sourced,
    sugarsGPer100g: sourced,
  }),
  countG: z.record(z.string(), sourced).optional(),
});

const CutRow = z.strictObject({
  id: z.string(),
  name: z.string(),
  animal: AnimalSchema,
  rawPerAdultG: z.tuple([z.tuple([z.number(), z.number()]), z.string()]),
  servedShare: sourced,
  pieceG: sourced.optional(),
  piecesPerAdult: sourced.optional(),
});

export const IngredientFile = z.strictObject({
  sources: z.record(z.string(), z.string()),
  ingredients: z.array(IngredientRow),
});

export const CutFile = z.strictObject({
  sources: z.record(z.string(), z.string()),
  cuts: z.array(CutRow),
});

export interface Ingredient extends Measurable {
  readonly id: string;
  readonly section: string;
  /** What in it an eater may avoid. */
  readonly holds: readonly Avoidable[];
  /** Measured to 5 % rather than 3 %. */
  readonly spice: boolean;
  readonly sodiumMgPer100g: number;
  readonly sugarsGPer100g: number;
}

export interface Cut {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  readonly rawPerAdultG: { readonly low: number; readonly high: number };
  /** Edible cooked weight over weight as bought. */
  readonly servedShare: number;
  readonly pieceG?: number | undefined;
  readonly piecesPerAdult?: number | undefined;
}

/** All ingredients Zemrin knows, by id. */
export const INGREDIENTS: ReadonlyMap<string, Ingredient> = new Map(
  IngredientFile.parse(ingredientData).ingredients.map((row) => [row.id, ingredientOf(row)]),
);

/** All cuts Zemrin knows, by id. */
export const CUTS: ReadonlyMap<string, Cut> = new Map(
  CutFile.parse(cutData).cuts.map((row) => [
    row.id,
    {
      id: row.id,
      name: row.name,
      animal: row.animal,
      rawPerAdultG: { low: row.rawPerAdultG[0][0], high: row.rawPerAdultG[0][1] },
      servedShare: row.servedShare[0],
      pieceG: row.pieceG?.[0],
      piecesPerAdult: row.piecesPerAdult?.[0],
    },
  ]),
);

function ingredientOf(row: z.infer<typeof IngredientRow>): Ingredient {
  const weights = Object.entries(row.countG ?? {}).map(([counted, [grams]]) => [counted, grams]);
  return {
    id: row.id,
    name: row.name,
    section: row.section,
    holds: row.holds,
    spice: row.spice,
    gPerMl: row.values.gPerMl?.[0],
    sodiumMgPer100g: row.values.sodiumMgPer100g[0],
    sugarsGPer100g: row.values.sugarsGPer100g[0],
    countG: Object.fromEntries(weights) as Record<string, number>,
  };
}
