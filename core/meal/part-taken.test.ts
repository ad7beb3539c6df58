import { describe, expect, it } from 'vitest';
import { at as atLocal } from '../test/meals.ts';
import { board, food, fridge, H, marinade, one, step } from '../test/ledger-cases/case.ts';
import { mealOf } from './index.ts';
import { partTaken } from './part-taken.ts';

/** What the last step of a dish takes, which follows a soak in a marinade that keeps a part clean. */
function takenBy(label: string, more: object = {}) {
  const meal = mealOf(
    one({
      foods: [food('thighs', 'chicken-thigh-bone-in', 1200)],
      mixtures: [
        marinade('citrus', ['thighs'], {
          reserve: { amount: '60 ml', scaling: 'linear', purpose: 'for the table' },
        }),
      ],
      steps: [
        step('mix', board, 5, { mixtures: ['citrus'] }),
        step('marinate', fridge, 4 * H, { mixtures: ['citrus'] }),
        step('glaze', board, 3, { label, mixtures: ['citrus'], ...more }),
      ],
    }),
    atLocal('2026-11-01T08:00'),
  );
  const [dish] = meal.dishes;
  const [first, last] = [dish?.steps[0], dish?.steps.at(-1)];
  return dish && first && last && { first: partTaken(dish, first), last: partTaken(dish, last) };
}

describe('which part of a mixture a step takes', () => {
  it.each([
    ['Brush the thighs', 'reserve'],
    ['Brush with the marinade they lay in', 'used'],
    ['Spoon over what is left of it', 'used'],
    ['Spoon over the part that was kept clean, from the bowl it has been in', 'reserve'],
  ] as const)('“%s”: %s', (label, part) => expect(takenBy(label)?.last).toBe(part));

  it('is the whole before anything has soaked in it, and what the step itself says', () => {
    expect(takenBy('Brush the thighs')?.first).toBeUndefined();
    expect(takenBy('Brush the thighs', { part: 'used' })?.last).toBe('used');
  });
});
