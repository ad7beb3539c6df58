import { bath } from './boundary.ts';
import { coefficient, convection, OUR_OWN } from './coefficient.ts';
import { definePlace } from './definition.ts';

const COVERED = convection(8, [5, 12], 'still air under a cover');
/** Of 800 W on its door; a small portion takes less, a large one a little more. */
const ABSORBED = coefficient({
  value: 450,
  unit: 'W',
  range: [250, 700],
  correlation: 'what the food takes up of the waves',
  source: OUR_OWN,
});
const DEPTH = coefficient({
  value: 12,
  unit: 'mm',
  range: [8, 20],
  correlation: 'Lambert’s law: waves of 2.45 GHz in moist food fall to 1/e so deep in',
  source: 'tables of dielectric properties of foods, from memory',
});
const M_PER_MM = 0.001;

/** It heats from within, one piece or portion at a time. In a plan steps in it go by the clock. */
export const microwave = definePlace({
  kind: 'microwave',
  words: { en: { name: 'microwave' } },
  namedBy: { order: 3, pattern: /microwave|microondas/i },
  room: 'inside',
  workplace: 'oven',
  band: 'strong',
  fire: true,
  appliance: {
    holds: 'pieces',
    usualFits: 1,
    limited: true,
    oneHeat: false,
    assumed: true,
    drawn: { width: 78, height: 46 },
  },
  environments: [
    {
      id: 'microwave',
      words: { en: 'microwave, covered' },
      usualC: 'room',
      cooks: true,
      basis: 'handbook',
      offsetSdC: 3,
      boundary: (airC) => ({
        around: {
          ...bath(airC, COVERED.value),
          waves: { absorbedW: ABSORBED.value, depthM: DEPTH.value * M_PER_MM },
        },
      }),
      coefficients: { convection: COVERED, absorbed: ABSORBED, depth: DEPTH },
      verb: 'simmer',
    },
  ],
  environmentOf: () => undefined,
});
