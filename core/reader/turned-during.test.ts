import { describe, expect, it } from 'vitest';
import { readRecipe } from './index.ts';

/** What is roasted, baked or smoked, in a line each: minutes and heat; and what was not understood. */
const stages = (method: string) => {
  const read = readRecipe(`1.5 kg lamb shoulder\n\n${method}`);
  return [
    ...read.acts.map(({ likelyMin, tempC }) => `${likelyMin ?? ''}@${tempC ?? ''}`),
    ...read.unread,
  ];
};

describe('a heat that is set while a step lasts', () => {
  it('leaves the core to the last stage, and every moment to its own', () => {
    const { acts } = readRecipe(
      '1.5 kg lamb shoulder\n\nRoast at 200 °C for 80 minutes, to 60 °C inside. After 10 minutes, baste. After 40 minutes, turn it over. After 20 minutes lower the oven to 150 °C.',
    );
    const roasts = acts.filter(({ verb }) => verb === 'roast');
    expect(roasts.map(({ likelyMin, untilC }) => [likelyMin, untilC])).toEqual([
      [20, undefined],
      [60, 60],
    ]);
    expect(roasts.map(({ moments }) => moments?.map(({ afterMin }) => afterMin))).toEqual([
      [10],
      [20],
    ]);
  });

  it.each([
    [
      'Roast for 1 hour 20, lowering the oven to 150 after the first 20 minutes.',
      ['20@', '60@150'],
    ],
    [
      'Roast 80 minutes at 220 °C, turning it down to 170 after the first 20.',
      ['20@220', '60@170'],
    ],
    // 15 minutes, and no hours, though an hour was said before.
    ['Roast at 230 °C for 60 minutes, dropping to 200 after 15.', ['15@230', '45@200']],
    [
      'Roast at 200 °C for 80 minutes; after 20 minutes lower the oven to 150.',
      ['20@200', '60@150'],
    ],
    [
      'Roast for 90 minutes at 200 °C. Halfway through, reduce the heat to 160 °C.',
      ['45@200', '45@160'],
    ],
    [
      'Roast 2 hours at 170 °C, raising the oven to 220 for the last 20 minutes.',
      ['100@170', '20@220'],
    ],
    // What is left of it is told as well.
    [
      'Roast at 200 °C for 1 hour. After 20 minutes, turn the oven down to 150 and continue for 40 minutes.',
      ['20@200', '40@150'],
    ],
    ['Asar 80 minutos a 200 °C. A los 20 minutos bajar el horno a 150 °C.', ['20@200', '60@150']],
  ])('parts it in two: %s', (method, told) => expect(stages(method)).toEqual(told));

  it.each([
    [
      'Roast at 220 °C. After 20 minutes lower the oven to 150 and roast for an hour.',
      ['20@220', '60@150'],
    ],
    [
      'Roast for 90 minutes at 200 °C. For the last 15 minutes raise the oven to 240.',
      ['90@200', '15@240'],
    ],
    [
      'After half an hour at 220 °C turn the heat back to 160 °C and roast 80 minutes longer.',
      ['30@220', '80@160'],
    ],
    // Behind what was done since, it is shown, and shortens nothing.
    [
      'Roast at 200 °C for 80 minutes. Mix the sauce for 5 minutes. After 20 minutes lower the oven to 150 °C.',
      ['80@200', '5@', 'After 20 minutes lower the oven to 150 °C.'],
    ],
  ])('leaves what has its own lengths: %s', (method, told) => expect(stages(method)).toEqual(told));
});
