import { describe, expect, it } from 'vitest';
import { plan } from '../plan/index.ts';
import { mendCommands } from '../ledger/index.ts';
import { applyCommand, emptyMeal, mealOf, takenIds, type Meal } from '../meal/index.ts';
import { APPLIANCES_OF_RECIPES } from '../test/kitchen-of-recipes.ts';
import { at } from '../test/meals.ts';
import CASES from '../test/recipes/unsafe.json' with { type: 'json' };
import { draftDish, readRecipe } from './index.ts';

const NOW = at('2026-12-01T09:00');
const SERVING = '2026-12-12T19:30';

/** A recipe as it is pasted, for four healthy grown-ups. */
function mealOfText(text: string): Meal {
  const base = emptyMeal('m', 'M', SERVING, 'UTC', 'Kitchen');
  const empty = { ...base, kitchen: { ...base.kitchen, appliances: APPLIANCES_OF_RECIPES } };
  const { dish, own } = draftDish(readRecipe(text), takenIds(empty));
  const put = applyCommand(empty, { do: 'putDish', dish, own });
  return mealOf(JSON.parse(JSON.stringify(put)), NOW);
}

const judged = (meal: Meal) => plan(meal, meal.kitchen, NOW, { rescues: false }).findings;
const findingsOf = (text: string) => judged(mealOfText(text));

// The verdicts were written down before the program was asked: common practice and public guidance,
// from memory. Which rule says it may be any of those named.
it('a dish that is to keep too long is mended by keeping it as long as it does', () => {
  const meal = mealOfText(
    'Mushrooms\n500 g mushrooms\n400 ml olive oil\n\nBoil for 3 minutes. Cover with the oil. It keeps for 3 months.',
  );
  const [found] = judged(meal).filter(({ rule }) => rule === 'shelf');
  expect(found?.level).toBe('stop');
  const [mend] = found?.mends ?? [];
  const mended = mend ? mendCommands(meal, mend, (key) => key).reduce(applyCommand, meal) : meal;
  expect(judged(mended).map(({ rule }) => rule)).not.toContain('shelf');
});

it('a joint that was roasted low rests before its crust, and is not half cooked', () => {
  const roast = (coreC: number) =>
    findingsOf(
      `Rib\n1 rib of beef on the bone, 3 kg\n\nRoast at 110°C to ${coreC}°C, about 2 h 45. Rest for 35 minutes. Roast at 250°C for 8 minutes.`,
    ).map(({ rule }) => rule);
  expect(roast(48)).not.toContain('partCooking');
  expect(roast(35)).toContain('partCooking');
});

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
