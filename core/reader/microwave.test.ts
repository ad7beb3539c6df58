import { expect, it } from 'vitest';
import { stepsTold as said } from '../test/steps-told.ts';

it.each([
  ['Microwave the potatoes for 8 minutes.', ['simmer 8 microwave']],
  ['Defrost in the microwave for 6 minutes.', ['thaw 6 microwave']],
  [
    'Cover and microwave for 5 minutes, then let stand for 2 minutes.',
    ['simmer 5 microwave', 'rest 2 board'],
  ],
  ['Calentar en el microondas 2 minutos.', ['simmer 2 microwave']],
  // Another way to do it.
  ['Simmer for 20 minutes (or 8 minutes in the microwave).', ['simmer 20 hob']],
])('a microwave is a place of its own: %s', (method, steps) => expect(said(method)).toEqual(steps));
