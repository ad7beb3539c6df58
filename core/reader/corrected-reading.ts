import type { Dish } from '../meal/index.ts';
import { draftDish } from './draft.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { readAnew } from './read-anew.ts';
import type { ReadRecipe } from './read.ts';

/** A recipe as it was read, with the cook's corrections beside it. */
export interface CorrectedReading {
  readonly of: ReadRecipe;
  readonly ingredients: readonly ReadIngredient[];
  /** The chain, where the cook has changed it. */
  readonly dish?: Dish | undefined;
}

/**
 * The corrections carried over to the same text read anew in one place; another text has none.
 *
 * @param taken ids its dish may not have
 */
export function carriedOver(
  { of, ingredients, dish }: CorrectedReading,
  given: ReadRecipe,
  taken: ReadonlySet<string>,
): CorrectedReading {
  const same =
    of.lines.length === given.lines.length &&
    of.lines.every(({ text }, i) => text === given.lines[i]?.text);
  if (!same) return { of: given, ingredients: given.ingredients };
  const all = [...ingredients, ...given.ingredients.slice(of.ingredients.length)];
  if (!dish) return { of: given, ingredients: all };
  const [before, after] = [
    draftDish({ ...of, ingredients }, taken).dish,
    draftDish({ ...given, ingredients: all }, taken).dish,
  ];
  return { of: given, ingredients: all, dish: readAnew(dish, before, after) };
}
