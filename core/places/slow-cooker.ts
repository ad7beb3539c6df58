import { bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** On low it comes to its heat by degrees. Coefficients: handbook figures, from memory. */
const LOW_UNTIL_C = 93;

/** A pot that heats itself, on the counter. */
export const slowCooker = definePlace({
  kind: 'slow-cooker',
  words: { en: { name: 'slow cooker' } },
  namedBy: {
    order: 1,
    pattern: /slow[- ]cooker|crock(?:[- ]?pot)?\b|olla (?:de cocci[oó]n )?lenta|crockery pot/iu,
  },
  room: 'inside',
  workplace: 'board',
  band: 'slow',
  fire: true,
  standsOn: 'counter',
  appliance: {
    holds: 'pots',
    usualFits: 1,
    limited: true,
    oneHeat: false,
    drawn: { width: 64, height: 46 },
  },
  environments: [
    {
      id: 'slow-cooker-low',
      words: { en: 'slow cooker, low' },
      usualC: 91,
      cooks: true,
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: { ...bath(Math.min(airC, boilingC - 2), 200), fromC: 20, lagMin: 152 },
      }),
      verb: 'braise',
      caution: 'slowCooker',
    },
    {
      id: 'slow-cooker-high',
      words: { en: 'slow cooker, high' },
      usualC: 96,
      cooks: true,
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: { ...bath(Math.min(airC, boilingC - 1), 200), fromC: 20, lagMin: 65 },
      }),
      verb: 'braise',
      caution: 'slowCooker',
    },
  ],
  environmentOf: ({ tempC }) =>
    tempC !== undefined && tempC > LOW_UNTIL_C ? 'slow-cooker-high' : 'slow-cooker-low',
});
