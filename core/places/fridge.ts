import { FRIDGE_C } from '../figures/index.ts';
import { bath } from './boundary.ts';
import { convection } from './coefficient.ts';
import { definePlace } from './definition.ts';

const CONVECTION = convection(8, [4, 20], 'air that moves by itself in a fridge, radiation in it');

export const fridge = definePlace({
  kind: 'fridge',
  words: { en: { name: 'fridge' } },
  namedBy: {
    order: 5,
    pattern:
      /(?<!(?<![a-zß-ɏ])(?:fuera del?|out of|outside) (?:the |la |el )?)(?:fridge|refrigerat|nevera|heladera|frigo(?:r[ií]fico)?|refrigerador)/i,
  },
  room: 'inside',
  workplace: 'board',
  band: 'cold',
  fire: false,
  appliance: { holds: 'litres', usualFits: 120, limited: true, oneHeat: false, assumed: true },
  environments: [
    {
      id: 'fridge',
      words: { en: 'fridge' },
      usualC: FRIDGE_C,
      heats: [0, 8],
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC) => ({ around: bath(airC, CONVECTION.value) }),
      coefficients: { convection: CONVECTION },
      verb: 'chill',
      saidByPlace: true,
    },
  ],
  environmentOf: () => 'fridge',
});
