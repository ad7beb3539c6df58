import { FREEZER_C } from '../figures/index.ts';
import { bath } from './boundary.ts';
import { convection } from './coefficient.ts';
import { definePlace } from './definition.ts';

const CONVECTION = convection(8, [4, 20], 'air that moves by itself in a freezer, radiation in it');

export const freezer = definePlace({
  kind: 'freezer',
  words: { en: { name: 'freezer' } },
  namedBy: { order: 6, pattern: /freezer|congelador/i },
  room: 'inside',
  workplace: 'board',
  band: 'cold',
  fire: false,
  appliance: { holds: 'litres', usualFits: 60, limited: true, oneHeat: false, assumed: true },
  environments: [
    {
      id: 'freezer',
      words: { en: 'freezer' },
      usualC: FREEZER_C,
      heats: [-30, -10],
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC) => ({ around: bath(airC, CONVECTION.value) }),
      coefficients: { convection: CONVECTION },
      verb: 'chill',
      saidByPlace: true,
    },
  ],
  environmentOf: () => 'freezer',
});
