import { describe, expect, it } from 'vitest';
import { allergensOf } from '../lists/index.ts';
import { PATTERNS, patternDish } from '../patterns/index.ts';
import { audit, plan } from '../plan/index.ts';
import { at } from '../test/meals.ts';
import { smallMeal } from '../test/small-meal.ts';
import { avoidConflicts, mealOf, settleFood, splitDish, type Dish, type Meal } from './index.ts';

const NOW = at('2026-11-01T08:00');

function mealWith(dish: Dish, avoids: string): Meal {
  const bare = smallMeal('split', { steps: [] });
  return mealOf(
    {
      ...(bare as object),
      eaters: [
        { count: 5, who: 'adult', portion: 1, avoids: [] },
        { count: 1, who: 'adult', portion: 1, avoids: [avoids] },
      ],
      dishes: [JSON.parse(JSON.stringify(dish))],
    },
    NOW,
  );
}

/** Every pattern with a mixture that holds something, and what it holds. */
const SPLITS = PATTERNS.flatMap((pattern) => {
  const dish = patternDish(pattern, {}, new Set());
  return (['dairy', 'soy', 'mustard', 'alcohol', 'heat', 'sesame'] as const).flatMap((avoids) => {
    const meal = mealWith(dish, avoids);
    const split = splitDish(meal, dish, avoids, 'apart');
    return split.foods.length > dish.foods.length ? [[pattern.id, avoids, dish] as const] : [];
  });
});

describe('a dish split for those who avoid something', () => {
  it('is a thing that happens', () => {
    expect(SPLITS.length).toBeGreaterThan(8);
  });

  it.each(SPLITS)(
    '%s without %s: their own piece and steps, first and apart',
    (_id, avoids, dish) => {
      const meal = mealWith(dish, avoids);
      const split = splitDish(meal, dish, avoids, 'apart');
      const done = mealWith(split, avoids);
      expect(avoidConflicts(done)).toEqual([]);
      const [whole] = done.dishes;
      const own = whole?.foods.find(({ forAvoids }) => forAvoids?.includes(avoids));
      const common = whole?.foods[0];
      if (!whole || !own || !common) throw new Error('no piece of their own');
      // One of six eats it: a sixth of the weight, and no more.
      const [theirs, all] = [settleFood(done, whole, own), settleFood(done, whole, common)];
      expect(theirs.weightG / (theirs.weightG + all.weightG)).toBeCloseTo(1 / 6, 1);
      const plates = allergensOf(done)[0]?.plates ?? [];
      expect(plates.some(({ variant, holds }) => variant && !holds.includes(avoids))).toBe(true);
      const added = split.steps.filter(({ id }) => !dish.steps.some((step) => step.id === id));
      const made = plan(done, done.kitchen, NOW, { rescues: false });
      expect(audit(made, done, done.kitchen)).toEqual([]);
      expect(made.status).not.toBe('cannot');
      for (const step of added) {
        const of = made.steps.find(({ id }) => id === step.id);
        const rest = made.steps.find(({ id }) => `${id}-apart` === step.id);
        if (!of || !rest) throw new Error(step.id);
        if (step.verb === 'mix' || step.verb === 'prepare' || step.verb === 'glaze')
          expect(of.endMin).toBeLessThanOrEqual(rest.startMin);
      }
    },
  );

  it('shares its fire, and waits for both before it', () => {
    const pattern = PATTERNS.find(({ id }) => id === 'skewered-cubes');
    const dish = pattern && patternDish(pattern, {}, new Set());
    if (!dish) throw new Error('no pattern');
    const split = splitDish(mealWith(dish, 'dairy'), dish, 'dairy', 'without dairy');
    const fires = split.steps.filter(({ verb }) => verb === 'grill');
    expect(fires.map(({ label }) => label)).toEqual(['Over the coals', 'On the cool side, basted']);
    const soaks = split.steps.filter(({ verb }) => verb === 'marinate');
    expect(soaks.map(({ label }) => label)).toEqual(['Marinate, without dairy', 'Marinate']);
    const thread = split.steps.find(({ id }) => id.endsWith('thread'));
    expect(thread?.after.map(({ step }) => step)).toEqual(
      expect.arrayContaining(soaks.map(({ id }) => id)),
    );
  });

  it('leaves bread of wheat as it is for who avoids gluten: the conflict stays said', () => {
    const pattern = PATTERNS.find(({ id }) => id === 'griddled-bread');
    const dish = pattern && patternDish(pattern, {}, new Set());
    if (!dish) throw new Error('no pattern');
    const meal = mealWith(dish, 'gluten');
    expect(splitDish(meal, dish, 'gluten', 'without gluten')).toBe(dish);
    expect(avoidConflicts(meal).map(({ avoids }) => avoids)).toContain('gluten');
  });
});
