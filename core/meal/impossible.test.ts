import { describe, expect, it } from 'vitest';
import { PATTERNS, patternDish } from '../patterns/index.ts';
import { supper } from '../test/meals.ts';
import { emptyMeal, mealOf, MealError, parseMeal, possibleMealOf, settingsFor } from './index.ts';
import type { Food, Meal, Step } from './schema.ts';

const nowMin = Date.UTC(2026, 10, 25, 7) / 60_000;

/** What is said of the supper with one step, or one food, put so. */
function saidOf(id: string, change: Partial<Step> | Partial<Food>): string[] {
  const meal = supper();
  const put = <T extends { id: string }>(one: T): T =>
    one.id === id ? { ...one, ...change } : one;
  const dishes = meal.dishes.map((dish) => ({
    ...dish,
    steps: dish.steps.map(put),
    foods: dish.foods.map(put),
  }));
  const changed: Meal = { ...meal, dishes };
  // What is kept already can be read again.
  expect(mealOf(JSON.parse(JSON.stringify(changed)), nowMin).dishes).toHaveLength(dishes.length);
  try {
    parseMeal(JSON.stringify(changed), nowMin);
    return [];
  } catch (error) {
    if (!(error instanceof MealError)) throw error;
    return error.problems.map(({ path, wrong, mend }) => `${path} ${wrong}. ${mend}`);
  }
}

describe('what no kitchen has is refused in a file that is given', () => {
  it.each<[string, string, Partial<Step> | Partial<Food>, RegExp]>([
    ['an oven at −20 °C', 'duck-braise', { place: { kind: 'oven', tempC: -20 } }, /25 to 500 °C/],
    ['a smoker at −20 °C', 'lamb-smoke', { place: { kind: 'smoker', tempC: -20 } }, /0 to 300 °C/],
    [
      'a simmer at 250 °C',
      'duck-braise',
      { verb: 'simmer', place: { kind: 'hob', tempC: 250 } },
      /20 to 150 °C/,
    ],
    [
      'a slow cooker at 300 °C',
      'duck-braise',
      { place: { kind: 'slow-cooker', tempC: 300 } },
      /40 to 130 °C/,
    ],
    ['a fridge at 40 °C', 'lamb-marinate', { place: { kind: 'fridge', tempC: 40 } }, /-3 to 15 °C/],
    ['a core of 300 °C', 'lamb-smoke', { doneWhen: { coreC: 300 } }, /-30 to 125 °C/],
    [
      'a leg of 300 kg',
      'duck-legs',
      { share: { kind: 'pieces', pieces: 1, pieceG: 300_000, by: 'portion' } },
      /at most 60 kg.*in how many pieces/,
    ],
    ['two kilos a millimetre thick', 'lamb-shoulder', { thicknessMm: 1 }, /Measure where it/],
  ])('%s', (_name, id, change, said) => {
    const problems = saidOf(id, change);
    expect(problems.length).toBeGreaterThan(0);
    for (const problem of problems) expect(problem).toMatch(said);
  });

  it('and what is hot for a pan, or for sugar, is none of it', () => {
    expect(saidOf('duck-brown', { place: { kind: 'hob', tempC: 300 } })).toEqual([]);
    expect(saidOf('gloss-reduce', { doneWhen: { coreC: 160 } })).toEqual([]);
    expect(settingsFor('hob', 'sear')).not.toEqual(settingsFor('hob', 'simmer'));
  });

  it.each(PATTERNS.map((pattern) => [pattern.id, pattern] as const))(
    'nor is %s',
    (_id, pattern) => {
      const table = emptyMeal('m', 'M', '2026-12-05T19:00', 'UTC', 'Kitchen');
      const meal = { ...table, dishes: [patternDish(pattern, {}, new Set())] };
      expect(possibleMealOf(meal, nowMin).dishes).toHaveLength(1);
    },
  );
});
