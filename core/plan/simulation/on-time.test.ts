import { describe, expect, it } from 'vitest';
import { applyCommand } from '../../index.ts';
import { after, at, dish, mealOfDishes, step, supper } from '../../test/meals.ts';
import { plan } from '../index.ts';

const NOW = at('2026-11-20T08:00');

function chance(restMostMin: number, mostMin = 150): number {
  const meal = mealOfDishes([
    dish('d', [
      step({ id: 'smoke', time: { kind: 'range', leastMin: 100, likelyMin: 120, mostMin } }),
      step({
        id: 'rest',
        time: { kind: 'elastic', leastMin: 20, bestMin: 20, longestMin: restMostMin },
        after: after('smoke', 0, 0),
      }),
    ]),
  ]);
  return plan(meal, meal.kitchen, NOW).onTime;
}

describe('the chance to be on time', () => {
  it('is a half with nothing in hand, give or take the five minutes of grace', () => {
    // The likely time is the median: with no slack, half of all evenings overrun. Five minutes of
    // grace on a spread of 30 min at nine in ten: z = 5 / (30 / 1.2816) = 0.21, so 0.58.
    expect(chance(20)).toBeGreaterThan(0.53);
    expect(chance(20)).toBeLessThan(0.64);
  });

  it('is nine in ten with as much in hand as nine evenings in ten want', () => {
    // 50 min of rest of which 30 can be given: overruns up to 35 min, z = 1.495, so 0.93.
    expect(chance(50)).toBeGreaterThan(0.9);
    expect(chance(50)).toBeLessThan(0.96);
  });

  it('grows with what is in hand and falls with what is uncertain', () => {
    const inHand = [20, 30, 40, 60, 90].map((most) => chance(most));
    expect([...inHand].sort((a, b) => a - b)).toEqual(inHand);
    const spread = [125, 150, 200, 300].map((most) => chance(40, most));
    expect([...spread].sort((a, b) => b - a)).toEqual(spread);
  });

  it('is certain when nothing is uncertain', () => {
    const meal = mealOfDishes([
      dish('d', [step({ id: 'a', time: { kind: 'fixed', minutes: 30 } })]),
    ]);
    expect(plan(meal, meal.kitchen, NOW).onTime).toBe(1);
  });

  it('counts every dish: one more uncertain dish never makes the evening surer', () => {
    const fewer = applyCommand(supper(), { do: 'removeDish', dish: 'gloss' });
    const all = plan(supper(), supper().kitchen, NOW).onTime;
    expect(plan(fewer, fewer.kitchen, NOW).onTime).toBeGreaterThanOrEqual(all - 0.03);
  });
});
