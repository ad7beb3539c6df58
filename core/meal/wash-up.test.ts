import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from '../reader/index.ts';
import { plan } from '../plan/index.ts';
import { at } from '../test/meals.ts';
import { smallMeal } from '../test/small-meal.ts';
import { applyCommand, mealOf, withWash, type Meal, type Step } from './index.ts';

const NOW = at('2026-11-01T08:00');

const RAW = `Chicken with greens

1 kg chicken thighs
2 tbsp oil

Rub the chicken with the oil.
Roast for 40 minutes at 200 C, until 74 C in the middle.
Slice the chicken.`;

function mealWith(text: string): Meal {
  const empty = mealOf(smallMeal('empty', { steps: [] }), NOW);
  const { dish, own } = draftDish(readRecipe(text));
  return applyCommand({ ...empty, dishes: [] }, { do: 'putDish', dish, own });
}

const washingSaid = (meal: Meal) =>
  plan(meal, meal.kitchen, NOW, { work: 200, rescues: false }).findings.filter(
    ({ rule }) => rule === 'washing',
  );

describe('hands on raw meat at the board', () => {
  it('wash up after themselves in a dish that was read, so that nothing is left to say', () => {
    const meal = mealWith(RAW);
    const [rub, , slice] = meal.dishes[0]?.steps ?? [];
    expect(rub).toMatchObject({ washes: true });
    expect(rub?.hands.at(-1)?.what).toMatch(/wash board/i);
    expect(slice?.washes).toBeUndefined();
    expect(washingSaid(meal)).toEqual([]);
    // The same without it is remarked on: the wash is what keeps the rule silent.
    const dry = meal.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.map((step): Step => ({ ...step, washes: false })),
    }));
    expect(washingSaid({ ...meal, dishes: dry })).toHaveLength(1);
  });

  it('do not where nothing is raw, and not where the cook has said so', () => {
    const greens = mealWith(RAW.replaceAll(/chicken(?: thighs)?/giu, 'carrots'));
    expect(greens.dishes[0]?.steps.some(({ washes }) => washes)).toBe(false);
    const { dish } = draftDish(readRecipe(RAW));
    const said = { ...dish, steps: dish.steps.map((step): Step => ({ ...step, washes: false })) };
    for (const { id } of said.steps) expect(withWash({}, said, id)).toEqual(said);
  });

  it('take the minutes of the wash, and a step typed later has it too', () => {
    const meal = mealWith(RAW);
    const dish = meal.dishes[0];
    const [first] = dish?.steps ?? [];
    if (!dish || !first) throw new Error('no dish');
    const trim: Step = {
      id: 'trim',
      verb: 'prepare',
      label: 'Trim',
      after: [],
      time: { kind: 'fixed', minutes: 10 },
      place: { kind: 'board' },
      hands: [{ when: 'start', minutes: 5, what: 'Trim' }],
      cautions: [],
    };
    const grown = applyCommand(meal, { do: 'addStepAfter', step: first.id, new: trim });
    const added = grown.dishes[0]?.steps.find(({ id }) => id === 'trim');
    expect(added).toMatchObject({ washes: true, time: { minutes: 14 } });
    expect(added?.hands.at(-1)).toMatchObject({ when: 'end', minutes: 4 });
  });
});
