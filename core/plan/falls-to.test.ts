import { describe, expect, it } from 'vitest';
import { plan } from './index.ts';
import { after, at, dish, fixed, mealOfDishes, step } from '../test/meals.ts';

describe('how warm food is when a wait is over', () => {
  /** A steak that rests before another dish's last twenty minutes of hands can begin. */
  const meal = mealOfDishes([
    {
      ...dish(
        'steak',
        [
          step({
            id: 'fry',
            verb: 'fry',
            time: { kind: 'heat', food: 'meat', until: { coreC: 63 } },
            place: { kind: 'hob', tempC: 200 },
            hands: [{ when: 'all', what: 'fry' }],
          }),
          step({ id: 'rest', verb: 'rest', time: fixed(5), after: after('fry', 0, 2) }),
        ],
        2,
      ),
      foods: [
        { id: 'meat', name: 'steak', cut: 'beef-steak', share: { kind: 'fixed', weightG: 300 } },
      ],
    },
    dish('sauce', [
      step({
        id: 'whisk',
        verb: 'slice',
        time: fixed(20),
        hands: [{ when: 'all', what: 'whisk' }],
      }),
    ]),
  ]);
  const made = plan(meal, meal.kitchen, at('2026-11-28T12:00'), { rescues: false });

  it('is said of what was hot, and is no warmer than it was', () => {
    const [first] = made.compromises.filter(({ dish: id }) => id === 'steak');
    expect(first?.minutesOver).toBeGreaterThan(5);
    const { tempC } = first?.fallsTo?.values?.tempC as { tempC: number };
    expect(tempC).toBeLessThan(63);
    expect(tempC).toBeGreaterThan(21);
  });

  it('is not said of what is cold', () => {
    expect(made.compromises.filter(({ dish: id }) => id === 'sauce')).toEqual([]);
    expect(made.compromises.every(({ kind, fallsTo }) => kind !== 'tend' || !fallsTo)).toBe(true);
  });
});
