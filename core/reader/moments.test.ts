import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from '../index.ts';

const page = (method: string) =>
  readRecipe(`Plate\n\nIngredients\n2 kg pork shoulder\n\nMethod\n${method}\n`);
const acts = (method: string) =>
  page(method).acts.map(({ verb, likelyMin, tempC }) => [verb, likelyMin, tempC]);

describe('what is done while something cooks', () => {
  it.each([
    ['Simmer for 2 hours. After 40 minutes, add the carrots.', 40, 'Add the carrots'],
    ['Roast at 180°C for 90 minutes. Pour in the cider for the last 30 minutes.', 60, 'Pour in'],
    ['Guisar dos horas a fuego lento. Pasada media hora, añadir las patatas.', 30, 'Añadir las'],
  ])('is a round of its hands: “%s”', (method, firstMin, what) => {
    const read = page(method);
    expect(read.unread).toEqual([]);
    expect(read.acts).toHaveLength(1);
    const hands = draftDish(read).dish.steps.at(-1)?.hands ?? [];
    const round = hands.find((one) => one.when === 'every');
    expect(round).toMatchObject({ firstMin });
    expect(round?.what.startsWith(what)).toBe(true);
  });

  it('tells how long it cooked before, where nothing else did', () => {
    expect(
      acts('Roast at 220°C. After half an hour, turn the oven down to 160°C for 2 hours.'),
    ).toEqual([
      ['roast', 30, 220],
      ['roast', 120, 160],
    ]);
  });

  it('is shown as unread where it lies beyond what cooks', () => {
    expect(page('Simmer for 20 minutes. After 2 hours, add the carrots.').unread).toHaveLength(1);
  });
});

describe('what follows where it is not done yet', () => {
  it.each([
    ['Simmer for 2 hours. If it is still tough, another cup of water and another hour.', 60],
    ['Simmer for 2 hours. If the meat isn’t tender, give it 30 minutes more.', 30],
  ])('is a branch of the step before: “%s”', (method, minutes) => {
    const read = page(method);
    expect(read.unread).toEqual([]);
    const branches = draftDish(read).dish.steps.map(({ doneWhen }) => doneWhen?.otherwise?.minutes);
    expect(branches).toEqual([minutes]);
  });

  it('and no other condition is', () => {
    const read = page('Simmer for 2 hours. If you are in a hurry, 40 minutes will do.');
    expect(read.unread).toHaveLength(1);
  });
});

describe('another parse', () => {
  it.each([
    ['Grill 4 minutes skin side down then 2 on the flesh side.', ['grill', 'grill'], [4, 2]],
    ['Cover and cook 25 minutes, stir, cover again, 15 more.', ['simmer', 'simmer'], [25, 15]],
    ['Blind bake 15 minutes with beans at 190°C, 8 minutes without.', ['bake', 'bake'], [15, 8]],
  ])('is taken where it leaves fewer numbers, as a guess: “%s”', (method, verbs, minutes) => {
    const read = page(method);
    expect(read.unread).toEqual([]);
    expect(read.acts.map(({ verb }) => verb)).toEqual(verbs);
    expect(read.acts.map(({ likelyMin }) => likelyMin)).toEqual(minutes);
  });

  it('is not taken for a step that nobody cooks so long', () => {
    expect(page('Roast for 40 minutes at 220°C, 9 hours without.').unread).toHaveLength(1);
  });
});
