import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readRecipe, readRecipes } from '../index.ts';
import { uncolumned } from './columns.ts';
import { unwrapped } from './unwrap.ts';

const words = (text: string) => text.split(/\s+/u).filter((word) => word !== '');

describe('a printed page', () => {
  it('has its broken lines joined, and its hyphenated words whole', () => {
    const { acts, unread, ingredients } = readRecipe(
      [
        'Shin of beef',
        '',
        '1.2 kg shin of beef',
        '400 ml stock',
        '',
        'Brown the meat in a little oil for',
        '12 minutes, turning it now and then. Add the stock, bring it to the boil and sim-',
        'mer it very gently under a lid until',
        'a fork goes in without any resist-',
        'ance, about 3 hours.',
      ].join('\n'),
    );
    expect(unread).toEqual([]);
    expect(ingredients.map(({ grams }) => grams)).toEqual([1200, 400]);
    expect(acts.map(({ verb, likelyMin }) => [verb, likelyMin])).toEqual([
      ['brown', 12],
      ['boil', undefined],
      ['simmer', 180],
    ]);
  });

  it('keeps a hyphen that belongs to its word', () => {
    expect(unwrapped('Serve with a spoonful of the slow-\ncooked onions.')).toBe(
      'Serve with a spoonful of the slow-cooked onions.',
    );
  });

  it('leaves a list of ingredients as it stands', () => {
    const list = 'a very generous handful of flat parsley\nsalt\n2 tbsp oil\nblack pepper';
    expect(unwrapped(`Things\n\n${list}`).split('\n').length).toBeGreaterThanOrEqual(5);
  });

  it('in two columns is read down the left one first', () => {
    const left = [
      '1 kg chicken thighs',
      '200 ml stock',
      '2 leeks',
      '1 tbsp mustard',
      '30 g butter',
    ];
    const right = [
      'Brown the thighs for 10 minutes.',
      'Soften the leeks for 8 minutes.',
      'Add the stock.',
      'Simmer for 30 minutes.',
      'Rest for 5 minutes.',
    ];
    const page = left.map((line, i) => `${line.padEnd(28)}${right[i]}`).join('\n');
    const read = readRecipe(`Chicken and leeks\n\n${page}`);
    expect(read.ingredients).toHaveLength(5);
    expect(read.acts.map(({ verb, likelyMin }) => [verb, likelyMin])).toEqual([
      ['brown', 10],
      ['fry', 8],
      ['simmer', 30],
      ['rest', 5],
    ]);
  });

  it('loses no word, however it is broken', () => {
    const word = fc.stringMatching(/^[a-z]{1,9}[.,]?$/);
    const line = fc.array(fc.oneof(word, fc.constant('    ')), { maxLength: 9 });
    const text = fc
      .array(line, { maxLength: 12 })
      .map((lines) => lines.map((one) => one.join(' ')).join('\n'));
    fc.assert(
      fc.property(text, (page) => {
        expect(words(unwrapped(page))).toEqual(words(page));
        expect(words(uncolumned(page)).sort()).toEqual(words(page).sort());
      }),
    );
  });
});

describe('several recipes in a paste', () => {
  const soup = 'Leek soup\n\nIngredients\n4 leeks\n1 l stock\n\nMethod\nSimmer for 25 minutes.';
  const fish =
    'Baked hake\n\nIngredients\n600 g hake\n1 lemon\n\nMethod\nBake at 180°C for 20 minutes.';
  const names = (paste: string) => readRecipes(paste).map(({ title }) => title);

  it.each([
    ['one below the other', `${soup}\n\n${fish}`],
    ['with a line between', `${soup}\n\n---\n\n${fish}`],
    ['as Markdown', `# ${soup}\n\n# ${fish}`],
    [
      'as linked data',
      JSON.stringify(
        [
          ['Leek soup', 'Simmer for 25 minutes.'],
          ['Baked hake', 'Bake at 180°C for 20 minutes.'],
        ].map(([name, step]) => ({
          '@type': 'Recipe',
          name,
          recipeIngredient: ['600 g hake'],
          recipeInstructions: [step],
        })),
      ),
    ],
  ])('are read each for itself: %s', (_how, paste) => {
    expect(names(paste)).toEqual(['Leek soup', 'Baked hake']);
    expect(readRecipes(paste).map(({ acts }) => acts.map(({ likelyMin }) => likelyMin))).toEqual([
      [25],
      [20],
    ]);
  });

  it.each([
    ['one', soup],
    [
      'parts of one',
      `# Pie\n\n## Filling\n\n500 g leeks\n1 onion\n\n## Method\n\nSimmer 20 minutes.`,
    ],
    ['a line within one', soup.replace('Method', '---\n\nMethod')],
  ])('and no more than there are: %s', (_what, paste) => {
    expect(readRecipes(paste)).toHaveLength(1);
  });
});
