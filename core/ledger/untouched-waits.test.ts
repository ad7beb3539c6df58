import { expect, it } from 'vitest';
import { APPLIANCES_OF_RECIPES } from '../test/kitchen-of-recipes.ts';
import { at } from '../test/meals.ts';
import { applyCommand, emptyMeal, mealOf, takenIds } from '../meal/index.ts';
import { plan } from '../plan/index.ts';
import { draftDish, readRecipe } from '../reader/index.ts';

const NOW = at('2026-12-01T09:00');

function planned(text: string) {
  const base = emptyMeal('m', 'M', '2026-12-12T19:30', 'UTC', 'Kitchen');
  const empty = { ...base, kitchen: { ...base.kitchen, appliances: APPLIANCES_OF_RECIPES } };
  const { dish, own } = draftDish(readRecipe(text), takenIds(empty));
  const meal = mealOf(applyCommand(empty, { do: 'putDish', dish, own }), NOW);
  const made = plan(meal, meal.kitchen, NOW, { rescues: false });
  const step = (verb: string) => made.steps.find((one) => one.verb === verb);
  return {
    waitMin: (step('braise')?.startMin ?? NaN) - (step('sear')?.endMin ?? NaN),
    stops: made.findings.flatMap(({ level, rule }) => (level === 'stop' ? [rule] : [])),
  };
}

const ribs = (minutes: number) =>
  `Ribs\n\n1.8 kg beef short ribs\n2 onions\n2 carrots\n1 bottle red wine\n\nSear for 16 minutes.\nCook the onions and carrots for 12 minutes in the fat.\nPour in the wine and boil it down by half, ${minutes} minutes.\nReturn the ribs, cover and braise at 150 °C for 3 hours.`;

it('what was browned waits no longer for its vegetables and wine than half-cooked food may', () => {
  const { waitMin, stops } = planned(ribs(15));
  expect(waitMin).toBeGreaterThanOrEqual(27);
  expect(waitMin).toBeLessThanOrEqual(30);
  expect(stops).toEqual([]);
});

it('where that takes longer by itself, it is said and not hidden', () => {
  expect(planned(ribs(40)).stops).toEqual(['partCooking']);
});
