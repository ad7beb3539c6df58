import { describe, expect, it } from 'vitest';
import { mealOf, type Dish } from '../meal/index.ts';
import { corpus } from '../test/corpus.ts';
import { at } from '../test/meals.ts';
import { smallMeal } from '../test/small-meal.ts';
import {
  correctedIngredient,
  draftDish,
  mixtureNames,
  readRecipe,
  redrafted,
  type DraftDish,
} from './index.ts';

const NOW = at('2026-11-01T08:00');

const RECIPE = `Marinated thighs
Serves 4
Ingredients
1 kg chicken thighs
100 ml soy sauce
2 tbsp honey
Method
Marinate overnight. Roast for 40 minutes at 200 C until 74 C in the middle.`;

function stands(dish: Dish, ingredients: DraftDish['own'] = []): void {
  const pantry = { ingredients, cuts: [] };
  const meal = { ...(smallMeal('read', { steps: [] }) as object), dishes: [dish], pantry };
  expect(() => mealOf(JSON.parse(JSON.stringify(meal)), NOW)).not.toThrow();
}

describe('a recipe the cook corrects', () => {
  const read = readRecipe(RECIPE);

  it('takes a line written anew, in the recipe’s own words and spoons', () => {
    const honey = correctedIngredient(read, '3 tbsp honey, warmed', 'Glaze', 'metric');
    expect(honey).toMatchObject({ mixture: 'Glaze', preparation: 'warmed', ml: 45 });
    expect(correctedIngredient(read, '  ', undefined, 'metric')).toBeUndefined();
    const spanish = { language: 'es' as const };
    expect(correctedIngredient(spanish, '2 cucharadas de miel', undefined, 'us')?.ml).toBe(30);
    expect(mixtureNames(read.ingredients)).toContain('Glaze');
  });

  it('keeps the mended chain when an ingredient changes its name, its amount or its mixture', () => {
    const before = draftDish(read).dish;
    const mended = {
      ...before,
      steps: before.steps.map((step, i) => (i === 0 ? { ...step, label: 'My own words' } : step)),
    };
    const soaks = before.steps.find(({ time }) => time.kind === 'soak');
    expect(soaks).toBeDefined();
    const lines = ['1.2 kg chicken drumsticks', '100 ml soy sauce', '2 tbsp honey'];
    const ingredients = lines.flatMap((line, i) => {
      const one = correctedIngredient(read, line, i === 2 ? 'Glaze' : undefined, 'metric');
      return one ? [one] : [];
    });
    const after = draftDish({ ...read, ingredients }).dish;
    const dish = redrafted(mended, before, after);
    expect(dish.steps[0]?.label).toBe('My own words');
    expect(dish.foods.map(({ cut }) => cut)).toEqual(['chicken-drumstick']);
    expect(dish.mixtures).toHaveLength(2);
    stands(dish);
    // Without anything to soak in, the soak is a stretch of time.
    const bare = draftDish({ ...read, ingredients: ingredients.slice(0, 1) }).dish;
    const left = redrafted(mended, before, bare);
    expect(left.steps.map(({ time }) => time.kind)).not.toContain('soak');
    stands(left);
  });

  it('stands on a table whatever is left out, for every text of the corpus', () => {
    for (const { text } of corpus()) {
      const whole = readRecipe(text);
      const before = draftDish(whole).dish;
      for (const i of [0, whole.ingredients.length - 1]) {
        if (i < 0) continue;
        const ingredients = whole.ingredients.toSpliced(i, 1);
        const after = draftDish({ ...whole, ingredients });
        stands(redrafted(before, before, after.dish), after.own);
      }
    }
  });
});
