import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  batchOf,
  mealOf,
  patternDish,
  PATTERNS,
  plan,
  type Kitchen,
  type Meal,
} from '../index.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';

/** A pattern put on the table for so many, in a kitchen changed by hand. */
function mealFor(
  id: string,
  count: number,
  kitchen: Partial<Kitchen> = {},
  weightG?: number,
): Meal {
  const pattern = PATTERNS.find((one) => one.id === id);
  if (!pattern) throw new Error(`no pattern “${id}”`);
  const base = mealOfPattern(pattern);
  const eaters = [{ count, who: 'adult' as const, portion: 1, avoids: [] }];
  const dish = patternDish(pattern, weightG === undefined ? {} : { weightG }, new Set());
  const empty = { ...base, kitchen: { ...base.kitchen, ...kitchen }, eaters, dishes: [] };
  const put = applyCommand(empty, { do: 'putDish', dish, own: [] });
  return mealOf(JSON.parse(JSON.stringify(put)), NOW);
}

const batchesOf = (meal: Meal) =>
  meal.dishes.flatMap((dish) => dish.mixtures.map((mixture) => batchOf(meal, dish, mixture)));

describe('a sauce that goes on no food', () => {
  it.each(['dressing', 'crumble', 'reduction', 'pan-sauce'])(
    'grows with those at the table: %s',
    (id) => {
      const factors = [2, 4, 10].map((count) => batchesOf(mealFor(id, count))[0]?.factor);
      expect(factors).toEqual([0.5, 1, 2.5]);
    },
  );

  it('takes longer to reduce when there is more of it', () => {
    const minutes = [4, 8].map((count) => {
      const meal = mealFor('reduction', count);
      const made = plan(meal, meal.kitchen, NOW, { rescues: false });
      const reduce = made.steps.find(({ verb }) => verb === 'reduce');
      return reduce ? reduce.endMin - reduce.startMin : NaN;
    });
    const [four = NaN, eight = NaN] = minutes;
    // Twice the water over the same ring: as good as twice the time.
    expect(eight / four).toBeGreaterThan(1.8);
    expect(eight / four).toBeLessThan(2.2);
  });
});

describe('a joint that liquid covers', () => {
  const pots = (capacityMl: number): Partial<Kitchen> => ({
    vessels: [
      { id: 'small', kind: 'pot', name: 'Milk pan', capacityMl: 1200 },
      { id: 'large', kind: 'pot', name: 'Stockpot', capacityMl },
    ],
  });
  const said = (capacityMl: number) =>
    batchesOf(mealFor('slow-cooker-joint', 4, pots(capacityMl), 2500)).flatMap(({ warnings }) =>
      warnings.filter(({ key }) => key === 'batch.overflows'),
    );

  it('says when not even the largest pot holds both, and is silent when it does', () => {
    expect(said(4000)[0]?.values).toMatchObject({ vessel: 'Stockpot' });
    expect(said(9000)).toEqual([]);
  });
});
