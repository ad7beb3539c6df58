import { cutFromRow, type Cut } from './cut.ts';
import cutData from './cuts.json';
import { ingredientFromRow, type Ingredient } from './ingredient.ts';
import ingredientData from './ingredients.json';
import { cutFromOwn, ingredientFromOwn, type OwnPantry } from './own.ts';
import { CutFile, IngredientFile } from './rows.ts';

/** What there is to cook with, by id. */
export interface Pantry {
  readonly ingredients: ReadonlyMap<string, Ingredient>;
  readonly cuts: ReadonlyMap<string, Cut>;
}

const ingredientFile = IngredientFile.parse(ingredientData);

/** All ingredients Zemrin knows, by id. */
export const INGREDIENTS: ReadonlyMap<string, Ingredient> = new Map(
  ingredientFile.ingredients.map((row) => [row.id, ingredientFromRow(row, ingredientFile.sources)]),
);

/** All cuts Zemrin knows, by id. */
export const CUTS: ReadonlyMap<string, Cut> = new Map(
  CutFile.parse(cutData).cuts.map((row) => [row.id, cutFromRow(row)]),
);

const BUILT_IN: Pantry = { ingredients: INGREDIENTS, cuts: CUTS };
const made = new WeakMap<OwnPantry, Pantry>();

/** Zemrin's pantry with the cook's own on top: an own one wins over a built-in of its id. */
export function pantryOf(own: OwnPantry | undefined): Pantry {
  if (!own || (own.ingredients.length === 0 && own.cuts.length === 0)) return BUILT_IN;
  const found = made.get(own);
  if (found) return found;
  const pantry: Pantry = {
    ingredients: new Map([
      ...INGREDIENTS,
      ...own.ingredients.map((row) => [row.id, ingredientFromOwn(row)] as const),
    ]),
    cuts: new Map([
      ...CUTS,
      ...own.cuts.map((row) => [row.id, cutFromOwn(row, CUTS.get(row.id))] as const),
    ]),
  };
  made.set(own, pantry);
  return pantry;
}
