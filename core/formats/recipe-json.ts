import type { Verb } from '../terms/index.ts';
import { draftDish, type ReadRecipe } from '../reader/index.ts';

/** A recipe as other tools read it: the chain flat and in order, and what was not understood. */
export interface RecipeJson {
  readonly dish: unknown;
  readonly outline: readonly OutlineStep[];
  readonly ingredients: ReadonlyArray<{
    readonly name: string;
    readonly grams?: number | undefined;
    readonly ml?: number | undefined;
    readonly count?: number | undefined;
    readonly unit?: string | undefined;
    readonly mixture?: string | undefined;
  }>;
  readonly unread: readonly string[];
}

export interface OutlineStep {
  readonly verb: Verb;
  readonly leastMin?: number | undefined;
  readonly likelyMin?: number | undefined;
  readonly mostMin?: number | undefined;
  readonly tempC?: number | undefined;
  readonly untilC?: number | undefined;
  readonly tendEveryMin?: number | undefined;
  readonly place?: string | undefined;
}

export function recipeJson(recipe: ReadRecipe): RecipeJson {
  return {
    dish: draftDish(recipe).dish,
    outline: recipe.acts.map((act) => ({
      verb: act.verb,
      leastMin: act.leastMin,
      likelyMin: act.likelyMin,
      mostMin: act.mostMin,
      tempC: act.tempC,
      untilC: act.untilC,
      tendEveryMin: act.tendEveryMin,
      place: act.place,
    })),
    ingredients: recipe.ingredients.map(({ name, grams, ml, count, unit, mixture }) => ({
      name,
      grams,
      ml,
      count,
      unit,
      mixture,
    })),
    unread: recipe.unread,
  };
}
