import { describe, expect, it } from 'vitest';
import { readIngredientLines } from './ingredient-lines.ts';

const read = (line: string) =>
  readIngredientLines(line, 'metric').map(({ said, name, preparation }) =>
    [said, name, preparation && `(${preparation})`].filter(Boolean).join(' '),
  );

describe('a line of several ingredients', () => {
  it.each([
    ['10 g salt, 7 g yeast', ['10 g salt', '7 g yeast']],
    ['1 cup milk and 2 tbsp sugar', ['1 metric cup milk', '2 metric tbsp sugar']],
    ['2 onions, chopped, 3 carrots, diced', ['2 onions (chopped)', '3 carrots (diced)']],
    ['2 carrots, 1 onion, peppercorns', ['2 carrots', '1 onion', 'peppercorns']],
    ['2 cebollas, 3 zanahorias, 1 puerro', ['2 cebollas', '3 zanahorias', '1 puerro']],
    ['1 tsp each cumin and paprika', ['1 metric tsp cumin', '1 metric tsp paprika']],
  ])('%s', (line, items) => expect(read(line)).toEqual(items));
});

describe('a size or a weight behind a name is of the same ingredient', () => {
  it.each([
    '1 chicken, about 1.8 kg',
    '4 steaks, 250 g each',
    '8 lamb chops (100 g each, 2.5 cm)',
    '2 kg pork shoulder, in 3 cm cubes',
    '150 g butter, plus 20 g for the tin',
    '4 eggs, 2 of them separated',
    '1 and 1/2 cups flour',
    'between 2 and 3 kg pork shoulder',
  ])('%s', (line) => expect(read(line)).toHaveLength(1));
});
