import { describe, expect, it } from 'vitest';
import { fixed, hob, oven, smallMeal } from '../test/small-meal.ts';
import { at } from '../test/meals.ts';
import { chainUpTo } from './cook-of-step.ts';
import { mealOf } from './parse.ts';

const NOW = at('2026-11-25T08:00');
const roasting = (minutes: number) => ({ verb: 'roast', place: oven(160), time: fixed(minutes) });
const passing = (verb: string) => ({ verb, place: { kind: 'board' }, time: fixed(2) });

describe('the stages of a cook', () => {
  it.each(['turn', 'baste', 'stir', 'prepare'])('go on through a step to %s', (verb) => {
    const spec = { cut: 'duck-whole', steps: [roasting(75), passing(verb), roasting(45)] };
    const [dish] = mealOf(smallMeal('duck', spec), NOW).dishes;
    const last = dish?.steps.at(-1);
    if (!dish || !last) throw new Error('no dish');
    expect(chainUpTo(dish, last).chain.map(({ verb: one }) => one)).toEqual(['roast', 'roast']);
  });

  it.each([
    ['on no food', []],
    ['on another food', ['onions']],
  ])('leave out what is fried between them %s', (_what, foods) => {
    const fry = { verb: 'fry', place: hob(180), time: fixed(10), foods };
    const last = {
      verb: 'roast',
      place: oven(160),
      time: { kind: 'heat', food: 'food', until: { coreC: 74 } },
    };
    const spec = { cut: 'duck-whole', steps: [roasting(75), fry, last] };
    const document = smallMeal('duck', spec) as { dishes: { foods: object[] }[] };
    document.dishes[0]?.foods.push({
      id: 'onions',
      name: 'onions',
      share: { kind: 'fixed', weightG: 200 },
    });
    const [dish] = mealOf(document, NOW).dishes;
    const roast = dish?.steps.at(-1);
    if (!dish || !roast) throw new Error('no dish');
    expect(chainUpTo(dish, roast).chain.map(({ verb }) => verb)).toEqual(['roast', 'roast']);
  });
});
