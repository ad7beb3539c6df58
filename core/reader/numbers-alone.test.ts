import { describe, expect, it } from 'vitest';
import { stepsTold as said } from '../test/steps-told.ts';
import { readRecipe } from './index.ts';

describe('numbers that stand alone behind a step', () => {
  it.each([
    ['Cook the rice: 12 minutes on low, 10 off the heat.', ['simmer 12 hob', 'rest 10 board']],
    ['On the grill, 5 minutes a side, and a 10-minute rest.', ['grill 10 grill', 'rest 10 board']],
    [
      'A la parrilla, 5 minutos por cada lado, y 10 de reposo.',
      ['grill 10 grill', 'rest 10 board'],
    ],
    ['Marinate: minimum 2 hours, maximum 8.', ['marinate 120-240-480 fridge']],
    ['Brine overnight in the fridge (10 to 14 hours).', ['brine 600-720-840 fridge']],
    ['Smoke for 40 minutes, keeping the box near 85 °C.', ['smoke 40 @85 smoker']],
    [
      'Reverse-sear: 110 °C until 48 °C in the middle, then 90 seconds a side in a hot pan.',
      ['roast @110 to 48 oven', 'sear 3 hob'],
    ],
    [
      'Braise at 160 °C for 3 hours. Add the beans and give it a last 20 minutes on the hob.',
      ['braise 180 @160 oven', 'simmer 20 hob'],
    ],
    ['Montar la nata 4 minutos.', ['mix 4 board']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it.each([
    ['Fry for three minutes, add the sauce and bubble for one.', ['fry 3 hob', 'simmer 1 hob']],
    ['Boil 6 minutes, then into ice for 10, peel.', ['boil 6 hob', 'cool 10 counter']],
    [
      'Smoke at 125 °C for 5 hours. Wrap and carry on until 95 °C, another 2 to 3 hours.',
      ['smoke 300 @125 smoker', 'smoke 120-150-180 @125 to 95 smoker'],
    ],
    ['Lightly salt the cod for 20 minutes.', ['brine 20 fridge']],
    ['Purge the mussels in cold salted water for 30 minutes.', ['soak 30 counter']],
    ['Cook the mince over a high heat for 8 minutes until it browns.', ['fry 8 hob']],
    ['Crisp the chorizo for 4 minutes.', ['fry 4 hob']],
    // What it lies in, and no middle.
    [
      'Cover with cold stock and heat slowly to 80 °C. Hold it there for 10 minutes, lid on.',
      ['simmer 10 @80 hob'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it.each([
    // The others are no rest.
    ['Fry 5 minutes. Add the rest and cook 10 more.', ['fry 5 hob', 'fry 10 hob']],
    ['Sit the meat in the marinade for 30 minutes at room temperature.', ['marinate 30 counter']],
    ['Bake in the lower third of a 250 °C oven for 12 minutes.', ['bake 12 @250 oven']],
    ['Boil hard with the lid on for 8 hours.', ['boil 480 hob']],
    ['Marinate 3 hours in the fridge, or overnight.', ['marinate 180-480-720 fridge']],
    [
      'Heat the milk to 80 °C, pour over the yolks, return to the pan and cook to 83 °C.',
      ['simmer @80 to 83 hob'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it.each([
    ['Turn up the heat and leave it for 5 minutes.', ['simmer 5 hob']],
    ['Brine the pork. Press the tofu under a weight for 30 minutes.', ['rest 30 board']],
    ['Leave overnight at cool room temperature, 12 hours.', ['temper 720 counter']],
    ['Bake for 45 minutes at 180 °C and cool 20.', ['bake 45 @180 oven', 'cool 20 counter']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it.each([
    // The heat is the oven's already.
    [
      'Oven 230. Beef in for 20 min, then 150 for 1 hour 10.',
      ['preheat @230 oven', 'roast 20 @230 oven', 'roast 70 @150 oven'],
    ],
    [
      'Desalt for 4 hours in fresh water. Dry overnight.',
      ['soak 240 fridge', 'chill 480-600-720 fridge'],
    ],
    [
      'Stew the onions in the oil for 25 minutes. Cook in a hot pan 4 minutes.',
      ['fry 25 hob', 'fry 4 hob'],
    ],
    [
      'Braise the peppers for 20 minutes. Cook the chops in a hot pan 4 minutes.',
      ['braise 20 hob', 'fry 4 hob'],
    ],
    // Nobody stirs so long.
    [
      'Stir the spices into the yoghurt and coat the lamb: 2 hours in the fridge.',
      ['marinate 120 fridge'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it.each([
    ['Leave the bird to dry in the fridge for a night.', ['chill 480-600-720 fridge']],
    ['Poach until just firm, about 8 minutes at 75 °C.', ['simmer 8 @75 hob']],
    [
      'Bake for an hour at 200 °C. Let the steam go for 5 minutes.',
      ['bake 60 @200 oven', 'rest 5 board'],
    ],
    ['Whisk flour and stock, rest in the fridge for 1 hour.', ['rest 60 fridge']],
    ['Cure at 3 °C for 5 days.', ['brine 7200 fridge']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it('are of a dough that rises on, and not of the other way to do it', () => {
    expect(
      said(
        'Rise 2 hours, and give them 6 hours more, or 24 in the fridge.',
        '500 g flour\n4 g yeast',
      ),
    ).toEqual(['rise 120 counter', 'rise 360 counter']);
  });

  it('and in Spanish', () => {
    expect(
      said('A la parrilla, 5 minutos por cada lado, y 10 de reposo.', '1 kg de cordero'),
    ).toEqual(['grill 10 grill', 'rest 10 board']);
  });

  it.each([
    ['Finish in a 190 °C oven for 14 minutes.', ['roast 14 @190 oven']],
    ['Low oven (110 °C) all night, 8-10 hours.', ['roast 480-540-600 @110 oven']],
    [
      'Set the oven to 180 °C. Drop the temperature to 160 °C and keep going for 90 minutes.',
      ['preheat @180 oven', 'roast 90 @160 oven'],
    ],
    ['Brown the meat 8 min. Liquid in, 2 h on low.', ['brown 8 hob', 'simmer 120 hob']],
    // How long it keeps is nothing to do.
    ['Simmer for 4 hours. Use within 3 days.', ['simmer 240 hob']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it('are shown where an oven is set and nothing was in it then', () => {
    const { unread } = readRecipe(
      '1 kg lamb\n\nRoast at 220 °C for 20 minutes. Lower the oven to 180 °C.',
    );
    expect(unread).toEqual(['Lower the oven to 180 °C.']);
  });

  it('are shown where nothing takes them', () => {
    const { unread } = readRecipe(
      '1 kg beans\n\nBoil the beans for 10 minutes, 40 with the lid on.\n',
    );
    expect(unread.length).toBeGreaterThan(0);
  });
});
