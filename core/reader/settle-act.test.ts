import { describe, expect, it } from 'vitest';
import { readRecipe } from './index.ts';

const acts = (text: string) =>
  readRecipe(text).acts.map(({ verb, likelyMin, place, tendEveryMin }) => ({
    verb,
    likelyMin,
    place,
    tendEveryMin,
  }));

describe('a night that is only said to pass', () => {
  it('is spent in the fridge by what was cooked, and is marked as guessed', () => {
    const read = readRecipe(
      'Method\nBraise the cabbage for 90 minutes. Leave overnight. Reheat gently for 20 minutes.',
    ).acts;
    expect(read.map(({ verb }) => verb)).toEqual(['braise', 'chill', 'simmer']);
    expect(read[1]).toMatchObject({ place: 'fridge', likelyMin: 600, guessed: true });
  });

  it('is where it is said to be, and a dough rises through it', () => {
    const [, rested] = acts('Simmer the stock for 2 hours. Leave overnight on the counter.');
    expect(rested?.verb).not.toBe('chill');
    const dough = acts('500 g strong flour\n3 g dried yeast\n\nMix the dough. Leave overnight.');
    expect(dough.at(-1)).toMatchObject({ verb: 'rise', likelyMin: 600 });
  });
});

describe('folds that are counted', () => {
  it.each([
    ['Repeat the folds three times at 15 minute intervals.', 45, 15],
    ['Do this four times, every 30 minutes.', 120, 30],
    ['Do this three times, at intervals of half an hour.', 90, 30],
  ])('“%s” lasts as long as they take together', (text, minutes, everyMin) => {
    const dough = `500 g strong flour\n3 g dried yeast\n\nMix the dough, then fold. ${text} Bake at 230C for 25 minutes.`;
    expect(acts(dough)).toContainEqual(
      expect.objectContaining({ verb: 'rise', likelyMin: minutes, tendEveryMin: everyMin }),
    );
  });

  it('turns nothing that is cooked into a length', () => {
    const [fry] = acts('Fry the steak for 6 minutes, turning three times.');
    expect(fry).toMatchObject({ verb: 'fry', likelyMin: 6 });
  });
});

describe('an onion in Spanish', () => {
  it('is no pot, and may be soured', () => {
    const read = acts(
      '2 kg de cerdo\n1 cebolla\n\nHornea 15 minutos a 200 °C. Encurte la cebolla 30 minutos.',
    );
    expect(read.at(-1)).toMatchObject({ verb: 'soak', likelyMin: 30, place: 'counter' });
  });
});
