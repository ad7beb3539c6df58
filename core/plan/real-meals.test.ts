import { describe, expect, it } from 'vitest';
import { dish, elastic, fixed, mealOfDishes, NIGHT, step, after, at } from '../test/meals.ts';
import { randomMeal } from '../test/real-meals.ts';
import { applyCommand } from '../meal/index.ts';
import { audit, plan, type Plan } from './index.ts';

const planOf = (seed: number) => {
  const { meal, nowMin } = randomMeal(seed);
  return { meal, made: plan(meal, meal.kitchen, nowMin, { rescues: false }) };
};

describe('meals as cooks put them on the table', () => {
  const seeds = Array.from({ length: 24 }, (_unused, i) => 1000 + i);
  const plans = seeds.map(planOf);

  it('can be carried out as printed, or are told to be impossible', () => {
    for (const { made, meal } of plans) {
      if (made.status === 'cannot') expect(made.because).not.toEqual([]);
      // What clashes is proved to, or is searched until it does not.
      const isProved = made.status === 'cannot' && made.costBound?.proved === true;
      if (made.clashes.length > 0) expect(isProved).toBe(true);
      if (made.status !== 'cannot') expect(audit(made, meal, meal.kitchen)).toEqual([]);
    }
  });

  it('have a way out that works where they are impossible, if it be without some dishes', () => {
    const stuck = seeds.filter((_seed, i) => plans[i]?.made.status === 'cannot');
    expect(stuck.length).toBeGreaterThanOrEqual(3);
    for (const seed of stuck.slice(0, 3)) {
      const { meal, nowMin } = randomMeal(seed);
      const { rescues } = plan(meal, meal.kitchen, nowMin);
      const changed = (rescues[0]?.changes ?? []).reduce(applyCommand, meal);
      expect(plan(changed, changed.kitchen, nowMin, { rescues: false }).status).not.toBe('cannot');
      expect(changed.dishes.length).toBeGreaterThan(0);
    }
  });

  it('fit where nothing is asked of the food, and only there', () => {
    for (const { made } of plans) {
      const asks = made.compromises.length > 0 || made.onTime < 0.8;
      if (made.status !== 'cannot') expect(made.status).toBe(asks ? 'tight' : 'fits');
    }
  });

  it('buy nothing with safety: what waits warm before the table waits no longer for a price', () => {
    for (const { made } of plans) {
      if (made.status === 'cannot') continue;
      expect(made.findings.filter(({ level }) => level === 'stop')).toEqual([]);
    }
    const joint = (id: string) =>
      step({ id, verb: 'roast', time: fixed(100), hands: [{ when: 'all', what: id }] });
    const roast = (id: string) => ({
      ...dish(id, [joint(`${id}1`)], 45),
      foods: [
        {
          id: `${id}-meat`,
          name: 'Shoulder',
          cut: 'lamb-shoulder-boneless',
          share: { kind: 'weight' as const, rawG: 700 },
        },
      ],
    });
    // The first would stand warm for a hundred minutes: more than an hour is not to be had.
    const meal = mealOfDishes([roast('a'), roast('b')]);
    const made = plan(meal, meal.kitchen, at('2026-11-27T08:00'), { rescues: false });
    expect(made.status).toBe('cannot');
  });

  it('name what they ask, the worst first', () => {
    for (const { made } of plans) {
      const costs = made.compromises.map(({ cost }) => cost);
      expect(costs).toEqual([...costs].sort((a, b) => b - a));
      expect(made.compromises.every(({ minutesOver }) => minutesOver > 0)).toBe(true);
    }
  });
});

describe('hours that are spared', () => {
  const soaked = (leastMin: number, bestMin: number) =>
    mealOfDishes(
      [
        dish(
          'd',
          [
            step({
              id: 'mix',
              verb: 'mix',
              time: fixed(20),
              hands: [{ when: 'all', what: 'mix' }],
            }),
            step({
              id: 'soak',
              time: elastic(leastMin, bestMin, 2880),
              after: after('mix', 0, 10),
            }),
            step({ id: 'cook', time: fixed(30), after: after('soak', 0, 10) }),
          ],
          30,
        ),
      ],
      [NIGHT],
    );
  const mixAt = (made: Plan) => made.steps.find(({ id }) => id === 'mix')?.startMin;

  it('keep work off the last hour and a half before bed where an earlier one does as well', () => {
    // At its best it would be mixed at ten past ten.
    const meal = soaked(600, 1200);
    const made = plan(meal, meal.kitchen, at('2026-11-25T08:00'), { rescues: false });
    expect(mixAt(made)).toBeLessThanOrEqual(at('2026-11-27T21:10'));
    expect(made.compromises).toEqual([]);
  });

  it('are the cook’s own again where nothing else will do', () => {
    const meal = soaked(600, 1200);
    const made = plan(meal, meal.kitchen, at('2026-11-27T21:45'), { rescues: false });
    expect(made.status).not.toBe('cannot');
    expect(mixAt(made)).toBeGreaterThanOrEqual(at('2026-11-27T21:45'));
  });
});
