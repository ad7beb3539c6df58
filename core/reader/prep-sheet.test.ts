import { expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

it('is of the evening before, whatever stands below that heading, until the next', () => {
  const sheet = `Pork belly

2 kg pork belly, skin scored
2 tsp fennel seeds

NIGHT BEFORE
Rub the flesh with fennel and salt. Leave skin side up in the fridge, uncovered.

ON THE DAY
Out of the fridge 1 hour before cooking. Roast 2 hr 45 at 150 °C.`;
  const { acts } = readRecipe(sheet);
  expect(acts.map(({ verb, dayBefore }) => [verb, dayBefore])).toEqual([
    ['prepare', true],
    ['marinate', true],
    ['temper', false],
    ['roast', false],
  ]);
});

it('takes a list in one line, though not all of it is measured', () => {
  const { dish } = draftDish(
    readRecipe(`Confit of duck legs

Ingredients: 6 duck legs; 60 g coarse salt; 4 cloves of garlic; 1 kg duck fat; thyme

Cover and leave in the cold for 24 hours.`),
  );
  expect(dish.foods.map(({ cut }) => cut)).toEqual(['duck-leg']);
});

it('salts ahead, though nobody says how long', () => {
  const { acts } = readRecipe(
    'Season 2 kg beef short ribs with 20 g salt and leave in the fridge.',
  );
  expect(acts.map(({ verb, place }) => [verb, place])).toEqual([['brine', 'fridge']]);
});

it('tells a day that begins an order from one in the name of what goes in', () => {
  const { ingredients, acts } = readRecipe(
    'Roast\n\nSunday joint of beef, 2 kg\n1 onion\nThe night before, salt the joint.',
  );
  expect(ingredients.map(({ name }) => name)).toEqual(['Sunday joint of beef', 'onion']);
  expect(acts.map(({ verb }) => verb)).toEqual(['brine']);
});
