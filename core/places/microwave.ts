import { definePlace } from './definition.ts';

/** It heats from within, which heat here does not reckon: steps in it go by the clock. */
export const microwave = definePlace({
  kind: 'microwave',
  words: { en: { name: 'microwave' } },
  room: 'inside',
  workplace: 'oven',
  band: 'strong',
  fire: true,
  appliance: {
    holds: 'pieces',
    usualFits: 1,
    limited: true,
    oneHeat: false,
    drawn: { width: 78, height: 46 },
  },
  environments: [],
  environmentOf: () => undefined,
});
