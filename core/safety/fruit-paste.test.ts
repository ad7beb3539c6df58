import { describe, expect, it } from 'vitest';
import { mealOf, plan } from '../index.ts';
import { done, HOURS, line, mixture, smallMeal, soak, type Bits } from '../test/small-meal.ts';
import { at } from '../test/meals.ts';

const NOW = at('2026-11-01T08:00');

/** What a plan minds of raw fruit for a kilo of steaks, or other meat, so many hours in it. */
function paste(hours: number, fruit: string, amount: string, more: Bits = {}, cut = 'beef-steak') {
  const meal = mealOf(
    smallMeal('fruit', {
      cut,
      mixtures: [mixture(more, [line(fruit, amount)])],
      steps: [soak(hours * HOURS, undefined, { mixtures: ['mix'] }), done],
    }),
    NOW,
  );
  const { findings } = plan(meal, meal.kitchen, NOW, { rescues: false });
  return findings.filter(({ rule }) => rule === 'fruitPaste').map(({ level }) => level);
}

// Hours cooks name for raw fruit on meat; common practice, no source.
describe('raw fruit on meat', () => {
  it.each([
    [8, 'kiwi-raw', '300 g'],
    [4, 'pineapple-raw', '150 g'],
    [12, 'papaya-raw', '80 g'],
    [6, 'ginger-grated', '80 g'],
    [3, 'tenderising-powder', '5 g'],
  ])('%d h in %s, %s to a kilo, is told to be a paste', (hours, fruit, amount) => {
    expect(paste(hours, fruit, amount)).toEqual(['caution']);
  });

  it.each([
    [10, 'kiwi-raw', '20 g'],
    [1, 'pineapple-raw', '60 g'],
    [14, 'pear-grated', '80 g'],
    [14, 'apple-grated', '80 g'],
    [12, 'ginger-grated', '15 g'],
    [24, 'pineapple-juice-canned', '250 ml'],
  ])('%d h in %s, %s to a kilo, passes', (hours, fruit, amount) => {
    expect(paste(hours, fruit, amount)).toEqual([]);
  });

  it('does nothing once it has been boiled, and stays what it is with more oil', () => {
    expect(paste(8, 'kiwi-raw', '300 g', { boiled: true })).toEqual([]);
    const oil = [
      { ingredient: 'neutral-vegetable-oil', amount: '1 l', scaling: 'linear' },
      { ingredient: 'kiwi-raw', amount: '300 g', scaling: 'linear' },
    ];
    expect(paste(8, 'kiwi-raw', '1 g', { lines: oil })).toEqual(['caution']);
  });
});
