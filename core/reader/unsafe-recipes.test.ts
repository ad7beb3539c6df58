import { describe, expect, it } from 'vitest';
import { plan } from '../plan/index.ts';
import { applyCommand, emptyMeal, mealOf, takenIds } from '../meal/index.ts';
import { APPLIANCES_OF_RECIPES } from '../test/kitchen-of-recipes.ts';
import { at } from '../test/meals.ts';
import CASES from '../test/recipes/unsafe.json' with { type: 'json' };
import { draftDish, readRecipe } from './index.ts';

const NOW = at('2026-12-01T09:00');
const SERVING = '2026-12-12T19:30';

/** What the rules find in a recipe as it is pasted, for four healthy grown-ups. */
function findingsOf(text: string) {
  const base = emptyMeal('m', 'M', SERVING, 'UTC', 'Kitchen');
  const empty = { ...base, kitchen: { ...base.kitchen, appliances: APPLIANCES_OF_RECIPES } };
  const { dish, own } = draftDish(readRecipe(text), takenIds(empty));
  const put = applyCommand(empty, { do: 'putDish', dish, own });
  const meal = mealOf(JSON.parse(JSON.stringify(put)), NOW);
  return plan(meal, meal.kitchen, NOW, { rescues: false }).findings;
}

// The verdicts were written down before the program was asked: common practice and public guidance,
// from memory. Which rule says it may be any of those named.
describe('an unsafe recipe, as it is pasted', () => {
  it.each(CASES.filter(({ rules }) => rules.length > 0).map((one) => [one.name, one] as const))(
    'is stopped or minded: %s',
    (_name, { text, rules }) => {
      const told = findingsOf(text).filter(({ level }) => level !== 'note');
      expect(told.map(({ rule }) => rule)).toContainEqual(
        expect.toSatisfy((rule: string) => rules.includes(rule)),
      );
    },
  );

  it.each(CASES.filter(({ rules }) => rules.length === 0).map((one) => [one.name, one] as const))(
    'and a safe one is not stopped: %s',
    (_name, { text }) => {
      expect(findingsOf(text).filter(({ level }) => level === 'stop')).toEqual([]);
    },
  );
});
