import { describe, expect, it } from 'vitest';
import { at } from '../../test/meals.ts';
import { hold, hob, smallMeal, step, type Bits } from '../../test/small-meal.ts';
import { mealOf, plan } from '../../index.ts';

const NOW = at('2026-11-20T08:00');

/** A stew of an hour that may want so much longer, and what comes after it. */
function stew(otherwise: Bits | undefined, ...behind: Bits[]) {
  const simmer = step('simmer', hob(95), 60, {
    doneWhen: { text: 'a fork goes in', ...(otherwise && { otherwise }) },
  });
  const file = smallMeal('stew', { cut: 'beef-chuck', weightG: 1000, steps: [simmer, ...behind] });
  const meal = mealOf(file, NOW);
  return { meal, made: plan(meal, meal.kitchen, NOW, { rescues: false }) };
}

const warm = {
  ...hold(0, hob(70)),
  time: { kind: 'elastic', leastMin: 0, bestMin: 10, longestMin: 90 },
};

describe('a chain that branches', () => {
  it('counts the branch in the odds: what has no room behind it is late as often as it comes to that', () => {
    expect(stew(undefined).made.onTime).toBe(1);
    for (const chance of [0.1, 0.3, 0.6]) {
      const { made } = stew({ what: 'a cup of water', minutes: 60, chance });
      const early = made.servingMin - (made.steps.at(-1)?.endMin ?? 0);
      // Ready an hour early it would be on time either way; the dish is wanted within half an hour.
      expect(early).toBeLessThan(60);
      expect(made.onTime).toBeGreaterThan(1 - chance - 0.06);
      expect(made.onTime).toBeLessThan(1 - chance + 0.06);
    }
  });

  it('holds its minutes in hand where what follows can take them up', () => {
    const { made } = stew({ what: 'a cup of water', minutes: 60, chance: 0.3 }, warm);
    expect(made.onTime).toBeGreaterThan(0.97);
    const [simmer, held] = made.steps;
    expect((held?.endMin ?? 0) - (simmer?.endMin ?? 0)).toBeGreaterThanOrEqual(60);
    expect(simmer?.otherwise).toEqual({ what: 'a cup of water', minutes: 60, chance: 0.3 });
  });
});
