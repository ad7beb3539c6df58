import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

/** Each step in a line: the verb, its minutes, heat, core, how often it is tended, where. */
const said = (method: string, list = '1 kg lamb shoulder') =>
  readRecipe(`${list}\n\n${method}`).acts.map(
    ({ verb, likelyMin = '-', tempC, untilC, tendEveryMin, place }) =>
      [
        verb,
        likelyMin,
        ...(tempC === undefined ? [] : [`@${tempC}`]),
        ...(untilC === undefined ? [] : [`to ${untilC}`]),
        ...(tendEveryMin === undefined ? [] : [`every ${tendEveryMin}`]),
        place,
      ].join(' '),
  );

describe('a number that leaves its unit to what stands around it', () => {
  it.each([
    [
      'Deep-fry at 160 °C for 6 minutes, then again at 190 °C for 2.',
      ['fry 6 @160 hob', 'fry 2 @190 hob'],
    ],
    [
      'Smoke at 110 °C for 3 hours, then wrapped for 2 more.',
      ['smoke 180 @110 smoker', 'smoke 120 @110 smoker'],
    ],
    ['Slow-cook on high for an hour, then on low for 7.', ['braise 60 hob', 'braise 420 hob']],
    ['Roast at 170 °C for 2 hours. Rest 5 warm plate.', ['roast 120 @170 oven', 'rest 5 board']],
    ['Sear each side for 90 seconds in a dry pan.', ['sear 3 hob']],
    ['Grill for 12 minutes, 6 a side.', ['grill 12 grill']],
    ['Simmer for 5 minutes. Ice bath 15m.', ['simmer 5 hob', 'cool 15 counter']],
    ['Rest 5 minutes. Oven 200 / 8 min.', ['rest 5 board', 'roast 8 @200 oven']],
    ['Bath 54.5C/2 hrs. Cast iron, smoking, 45 sec/side.', ['simmer 120 @54.5 hob', 'sear 2 hob']],
    ['Stir-fry in two batches of 3 minutes.', ['fry 6 hob']],
    [
      'Roast at 240°C for 20 minutes, then ease it down to 170°C for the remaining hour.',
      ['roast 20 @240 oven', 'roast 60 @170 oven'],
    ],
    [
      'Steam for 12 minutes, then let stand with the lid on for another 5.',
      ['steam 12 hob', 'rest 5 board'],
    ],
    ['Oven 180, 4-5 min to 54.', ['roast 5 @180 to 54 oven']],
    ['Roast to core 54°C.', ['roast - to 54 oven']],
    ['Mix with stock, oven 120°C, 6 h.', ['mix - board', 'roast 360 @120 oven']],
    ['Grill 8 min each side. Should read 80 by the bone.', ['grill 16 to 80 grill']],
    [
      'Smoke at 120C to 74 internal. Back on til 95.',
      ['smoke - @120 to 74 smoker', 'smoke - @120 to 95 smoker'],
    ],
    [
      'Braise for 2 hours at 150°C. Let it have half an hour more at 200 so the top catches.',
      ['braise 120 @150 oven', 'braise 30 @200 oven'],
    ],
    [
      'Roast for 45 minutes. Turn up to 220 and brown for the last 10 minutes.',
      ['roast 45 oven', 'roast 10 @220 oven'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('a turn that was misread', () => {
  it.each([
    ['Sit it on the counter for 40 minutes before it goes in the oven.', ['temper 40 counter']],
    [
      'Simmer for 1 hour. Turn off and leave in the water for 15 minutes.',
      ['simmer 60 hob', 'rest 15 board'],
    ],
    [
      'Cook at a bare simmer for 2 hours, topping up with hot water every half hour.',
      ['simmer 120 every 30 hob'],
    ],
    ['Smoke for 50 minutes at 85 °C.', ['smoke 50 @85 smoker']],
    [
      'I get the smoker to about 110 and they go on for three hours, and every hour I spray them.',
      ['preheat - @110 smoker', 'smoke 180 @110 every 60 smoker'],
    ],
    [
      'Rub the butter into the flour, wrap and chill for 30 minutes.',
      ['prepare - board', 'chill 30 fridge'],
    ],
    [
      'After 2 hours take off the foil and roast 30 minutes more.',
      ['roast 120 oven', 'roast 30 oven'],
    ],
    [
      'Halve the shallots, oil and salt, 140 °C for 2½ hours.',
      ['prepare - board', 'roast 150 @140 oven'],
    ],
    ['Once boiling, lower the heat and cook for 25 minutes.', ['simmer 25 hob']],
    ['Roast overnight for 12 hours at 80 °C.', ['roast 600 @80 oven']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it('soaks what only the list says was soaked, and stands at its line', () => {
    const list = '400 g dried chickpeas, soaked overnight in cold water\n1 onion\n1 carrot';
    const recipe = readRecipe(`Chickpeas\n\n${list}\n\nSimmer for 90 minutes.`);
    expect(recipe.acts.map(({ verb, likelyMin }) => [verb, likelyMin])).toEqual([
      ['soak', 600],
      ['simmer', 90],
    ]);
    const told = recipe.lines.find(({ text }) => text.startsWith('400 g'));
    expect(told).toMatchObject({ part: 'ingredient', acts: [0] });
    expect(said('Soak them for 12 hours. Simmer for 90 minutes.', list)).toHaveLength(2);
  });

  it('parts a list at its semicolons, however long', () => {
    const list = '1.2 kg potatoes; 600 g haddock, skinned; 300 g prawns; 600 ml milk; 60 g butter';
    const { ingredients, unread } = readRecipe(`Pie\n\n${list}\n\nBake for 40 minutes.`);
    expect(ingredients.map(({ grams, ml }) => grams ?? ml)).toEqual([1200, 600, 300, 618, 60]);
    expect(unread).toEqual([]);
  });

  it('is no list of ingredients: two times behind a colon', () => {
    expect(said('Hot griddle: 3 minutes on one side and 2 on the other.')).not.toEqual([]);
  });

  it('two hours out are planned shorter, and marked', () => {
    const recipe = readRecipe('1 kg lamb shoulder\n\nTake it out of the fridge for 2 hours.');
    expect(recipe.acts).toMatchObject([{ verb: 'temper', likelyMin: 120, guessed: true }]);
    expect(draftDish(recipe).dish.steps[0]?.time).toMatchObject({ longestMin: 95 });
  });

  it('what keeps for days is no step', () => {
    expect(said('Roast at 180 °C for 1 hour; any left keeps two days in the fridge.')).toEqual([
      'roast 60 @180 oven',
    ]);
  });
});

describe('what a step is done to', () => {
  const foodsOf = (text: string) =>
    draftDish(readRecipe(text)).dish.steps.map(({ verb, foods }) => [verb, foods?.length]);

  it('is all of it, where everything goes in', () => {
    const text = `Chilli

400 g dried kidney beans
500 g beef mince

Boil the beans for 15 minutes. Put everything in the slow cooker on low for 8 hours.`;
    expect(foodsOf(text)).toEqual([
      ['boil', 1],
      ['braise', 2],
    ]);
  });

  it('is the chillies, where they are toasted and then soaked', () => {
    const text = `Adobo

1 kg pork shoulder
6 dried chillies

Toast the chillies for 1 minute and soak them in hot water for 15 minutes. Simmer the pork for 2 hours.`;
    expect(foodsOf(text).slice(0, 2)).toEqual([
      ['fry', 0],
      ['soak', 0],
    ]);
  });

  it('is its brine, which is boiled and cold before meat lies in it', () => {
    const text = `Brined pork loin

1.2 kg pork loin
For the brine: 1 l water, 60 g salt

Bring the water and salt to the boil and cool. Submerge the loin and refrigerate for 12 hours. Roast at 180 °C for 70 minutes.`;
    const { steps, mixtures } = draftDish(readRecipe(text)).dish;
    expect(steps.map(({ verb, time }) => [verb, time.kind])).toContainEqual(['cool', 'cooling']);
    expect(mixtures[0]).toMatchObject({ kind: 'wet brine', boiled: true });
  });
});
