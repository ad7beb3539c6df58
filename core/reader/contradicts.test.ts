import { describe, expect, it } from 'vitest';
import type { ReadAct } from './context.ts';
import { contradicts } from './contradicts.ts';

/** A step of half an hour, or of no length. */
const step = (verb: ReadAct['verb'], place: ReadAct['place'], isTimed = true): ReadAct[] => [
  {
    verb,
    place,
    ...(isTimed && { likelyMin: 30 }),
    text: '',
    line: 0,
    meanwhile: false,
    dayBefore: false,
    lit: [],
    guessed: false,
  },
];

describe('a sentence and what it was read as', () => {
  it.each([
    ['1st fry 130C 8 mins.', step('roast', 'oven')],
    ['Let the ribs sweat on the counter for 40 minutes.', step('marinate', 'fridge')],
    ['An hour before eating light the barbecue.', step('grill', 'grill')],
    ['Cook above the embers for an hour, mopping with the marinade.', step('marinate', 'fridge')],
    ['Pan-cook 3 minutes on the hob.', step('roast', 'oven')],
    ['Congela el salmón 5 días.', step('marinate', 'fridge')],
    ['Oil at 165, 14 min.', step('roast', 'oven')],
  ])('contradict each other: %s', (text, acts) => expect(contradicts(text, acts)).toBe(true));

  it.each([
    ['Take it out 45 minutes before roasting.', step('temper', 'counter')],
    ['Sácalo una hora antes de asarlo.', step('temper', 'counter')],
    ['Stand the roast on the worktop for 25 minutes.', step('rest', 'board')],
    ['Let the marinated pork come to room temperature.', step('temper', 'counter')],
    ['Temper it for 40 minutes while the coals burn down.', step('temper', 'counter')],
    ['Fry the onions.', step('prepare', 'board', false)],
    [
      'Rub it and leave it in the fridge, then on the counter for an hour.',
      step('marinate', 'fridge'),
    ],
  ])('or do not: %s', (text, acts) => expect(contradicts(text, acts)).toBe(false));
});
