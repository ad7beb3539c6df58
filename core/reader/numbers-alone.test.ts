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

  it('and in Spanish', () => {
    expect(
      said('A la parrilla, 5 minutos por cada lado, y 10 de reposo.', '1 kg de cordero'),
    ).toEqual(['grill 10 grill', 'rest 10 board']);
  });

  it('are shown where nothing takes them', () => {
    const { unread } = readRecipe(
      '1 kg beans\n\nBoil the beans for 10 minutes, 40 with the lid on.\n',
    );
    expect(unread.length).toBeGreaterThan(0);
  });
});
