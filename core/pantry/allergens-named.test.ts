import { describe, expect, it } from 'vitest';
import { mealOf } from '../meal/index.ts';
import { avoidConflicts } from '../meal/avoids.ts';
import { at } from '../test/meals.ts';
import { food, line, mixture, one } from '../test/ledger-cases/case.ts';
import { allergensNamed } from './allergens-named.ts';

describe('what a thing usually holds, by its name', () => {
  // Allergens of Annex II of Regulation (EU) 1169/2011; what each is usually made with: common
  // practice, no source. Written before the table was asked.
  it.each([
    ['pesto', ['dairy', 'nuts']],
    ['satay sauce', ['peanuts']],
    ['Worcester sauce', ['fish', 'gluten']],
    ['fish sauce', ['fish']],
    ['red curry paste', ['shellfish']],
    ['teriyaki marinade', ['soy', 'gluten']],
    ['gluten-free soy sauce', ['soy']],
    ['aioli', ['egg']],
    ['vegan mayonnaise', ['mustard']],
    ['dark chocolate', ['dairy', 'soy']],
    ['marzipan', ['nuts']],
    ['hummus', ['sesame']],
    ['gravy granules', ['celery', 'gluten']],
    ['vegetable bouillon', ['celery']],
    ['suet dumplings', ['gluten', 'meat']],
    ['sage and onion stuffing', ['gluten']],
    ['pale ale', ['gluten', 'alcohol']],
    ['red wine', ['alcohol', 'sulphites']],
    ['cider vinegar', []],
    ['coconut milk', []],
    ['almond milk', ['nuts']],
    ['peanut butter', ['peanuts']],
    ['butter beans', []],
    ['cream of tartar', []],
    ['rice noodles', []],
    ['egg noodles', ['egg', 'gluten']],
    ['buttermilk', ['dairy']],
    ['pan rallado', ['gluten']],
    ['mantequilla', ['dairy']],
    ['almendras molidas', ['nuts']],
    ['caldo de pollo', ['celery', 'meat']],
    ['jamón serrano', ['meat', 'pork']],
    ['nutmeg', []],
    ['aubergine', []],
    ['smoked paprika', []],
    ['tinned tomatoes', []],
  ] as const)('%s: %j', (name, holds) => {
    expect([...allergensNamed(name)].sort()).toEqual([...holds].sort());
  });

  it('is told to who avoids it, of what a file says nothing of and of what nobody knows', () => {
    const meal = (ingredient: object) =>
      mealOf(
        {
          ...(one(
            {
              foods: [food('dumplings', undefined, 400)],
              mixtures: [mixture('sauce', 'sauce', [], [line('own-pesto', '30 g')])],
              steps: [],
            },
            { eaters: [{ count: 1, who: 'adult', portion: 1, avoids: ['gluten', 'nuts'] }] },
          ) as object),
          pantry: { ingredients: [{ id: 'own-pesto', name: 'pesto', ...ingredient }] },
        },
        at('2026-11-01T08:00'),
      );
    const told = (ingredient: object) =>
      avoidConflicts(meal(ingredient)).map(({ avoids }) => avoids);
    expect(told({}).sort()).toEqual(['gluten', 'nuts']);
    // Who has read the label is taken at their word.
    expect(told({ holds: [] })).toEqual(['gluten']);
  });
});
