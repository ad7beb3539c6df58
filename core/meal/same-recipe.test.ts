import { describe, expect, it } from 'vitest';
import { PATTERNS, withProgress, type Dish, type Meal, type Step } from '../index.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';
import { foodsByStep } from './works-on.ts';
import { isSameRecipe, isSameTable, seenOf, type Seen } from './same-recipe.ts';
import type { Mixture } from '../batch/index.ts';

const pattern = PATTERNS.find(({ id }) => id === 'brined-breast');
if (!pattern) throw new Error('no breast in the book');
const meal = mealOfPattern(pattern);
const dishOf = (of: Meal): Dish => {
  const [dish] = of.dishes;
  if (!dish) throw new Error('no dish');
  return dish;
};
const dish = dishOf(meal);
const first = dish.steps[0]?.id ?? '';
const begun = withProgress(meal, { nowMin: NOW, begun: { [first]: NOW }, ended: {}, frozen: [] });
const withStep = (change: (step: Step) => Step): Dish => ({
  ...dish,
  steps: dish.steps.map((step) => (step.id === first ? change(step) : step)),
});

describe('two states of a dish', () => {
  it('are one recipe, whatever has happened', () => {
    expect(dishOf(begun)).not.toBe(dish);
    expect(isSameRecipe(dish, dishOf(begun))).toBe(true);
    expect(foodsByStep(begun, dishOf(begun))).toBe(foodsByStep(meal, dish));
  });

  it.each<[string, Dish]>([
    ['a step is done otherwise', withStep((step) => ({ ...step, verb: 'fry' }))],
    ['a step is called otherwise', withStep((step) => ({ ...step, label: 'Something else' }))],
    ['a step says its foods', withStep((step) => ({ ...step, foods: [] }))],
    ['a step says its mixtures', withStep((step) => ({ ...step, mixtures: ['one-more'] }))],
    [
      'a step follows another',
      withStep((step) => ({ ...step, after: [{ step: 'x', from: 'end', leastMin: 0 }] })),
    ],
    ['a step is gone', { ...dish, steps: dish.steps.slice(1) }],
    ['a food weighs more', { ...dish, foods: dish.foods.map((f) => ({ ...f, weighedG: 9000 })) }],
    ['a school is another', { ...dish, schools: { brine: 'strong' } }],
  ])('are two recipes where %s', (_why, other) => {
    expect(isSameRecipe(dish, other)).toBe(false);
    expect(isSameRecipe(other, dish)).toBe(false);
  });
});

describe('what was found for a mixture', () => {
  const other: Dish = { ...dish, id: 'another', name: 'Another' };
  const two: Meal = { ...meal, dishes: [dish, other] };
  const heavier = (of: Dish): Dish => ({
    ...of,
    foods: of.foods.map((food) => ({ ...food, weighedG: 9000 })),
  });

  it('is asked for once, until its own dish, the eaters or the kitchen change', () => {
    const known = new WeakMap<Mixture, Seen<number>>();
    const [mixture] = dish.mixtures;
    if (!mixture) throw new Error('no mixture');
    let asked = 0;
    const ask = (of: Meal) => seenOf(known, of, dishOf(of), mixture, () => ++asked);
    expect([ask(meal), ask(begun), ask(meal)]).toEqual([1, 1, 1]);
    expect(ask({ ...meal, eaters: [...meal.eaters] })).toBe(2);
    expect(ask({ ...meal, dishes: [heavier(dish)] })).toBe(3);
  });

  it('stays where a dish beside it changes, unless one is made of another', () => {
    expect(isSameTable(two, { ...two, dishes: [dish, heavier(other)] }, dish.id)).toBe(true);
    const [food] = other.foods;
    const from = { food: dish.foods[0]?.id ?? '', step: first };
    const linked: Dish = { ...other, foods: food ? [{ ...food, from }] : [] };
    const before: Meal = { ...meal, dishes: [dish, linked] };
    expect(isSameTable(before, { ...meal, dishes: [dish, heavier(linked)] }, dish.id)).toBe(false);
  });
});
