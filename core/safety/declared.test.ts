import { describe, expect, it } from 'vitest';
import { mealOf } from '../meal/index.ts';
import { plan } from '../plan/plan.ts';
import { at as atLocal } from '../test/meals.ts';
import { at, food, fridge, H, line, mixture, one, step, until } from '../test/ledger-cases/case.ts';

const NOW = atLocal('2026-11-01T08:00');

const toldOf = (declares: object, heat: number) => {
  const meal = mealOf(
    one({
      foods: [food('thighs', 'chicken-thigh-bone-in', 1200)],
      mixtures: [
        mixture('soy', 'marinade', ['thighs'], [line('soy-sauce', '60 ml')], {
          touchesRaw: true,
          ...declares,
        }),
      ],
      steps: [
        step('boil', at('hob', heat), 5, { mixtures: ['soy'], foods: [] }),
        step('cool', fridge, 2 * H, { mixtures: ['soy'], foods: [] }),
        step('marinate', fridge, 6 * H, { mixtures: ['soy'] }),
        until('roast', at('oven', 200), 'thighs', 80),
      ],
    }),
    NOW,
  );
  const { findings } = plan(meal, meal.kitchen, NOW, { work: 200, rescues: false });
  return findings.filter(({ rule }) => rule === 'declared').map(({ message }) => message.key);
};

describe('what a file declares of a mixture', () => {
  it('is nothing to speak of where its steps do so', () => {
    expect(toldOf({}, 100)).toEqual([]);
    expect(toldOf({ boiled: true }, 100)).toEqual([]);
  });

  it('is told where its steps deny it', () => {
    expect(toldOf({ touchesRaw: false }, 100)).toEqual(['safety.declaredClean']);
    expect(toldOf({ boiled: true }, 70)).toEqual(['safety.declaredBoiled']);
  });
});
