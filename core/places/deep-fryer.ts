import { bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** Deep fat. Coefficient: handbook figure, from memory. */
export const deepFryer = definePlace({
  kind: 'deep-fryer',
  words: { en: { name: 'deep fryer' } },
  room: 'inside',
  workplace: 'hob',
  band: 'strong',
  fire: true,
  standsOn: 'hob',
  appliance: {
    holds: 'pots',
    usualFits: 1,
    limited: true,
    oneHeat: true,
    drawn: { width: 56, height: 42 },
    potDoes: true,
  },
  environments: [
    {
      id: 'deep-fryer',
      words: { en: 'deep fat' },
      usualC: 175,
      heats: [130, 195],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 6,
      boundary: (airC) => ({ around: bath(airC, 400) }),
      verb: 'fry',
      caution: 'deepFat',
    },
  ],
  environmentOf: () => 'deep-fryer',
});
