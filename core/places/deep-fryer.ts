import { bath } from './boundary.ts';
import { convection } from './coefficient.ts';
import { definePlace } from './definition.ts';

const CONVECTION = convection(400, [200, 800], 'fat stirred by the steam that leaves the food');

/** Deep fat. */
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
      boundary: (airC) => ({ around: bath(airC, CONVECTION.value) }),
      coefficients: { convection: CONVECTION },
      verb: 'fry',
      caution: 'deepFat',
    },
  ],
  environmentOf: () => 'deep-fryer',
});
