import { bath } from './boundary.ts';
import { coefficient, convection, HANDBOOK, OUR_OWN } from './coefficient.ts';
import { definePlace } from './definition.ts';

const OVER = coefficient({
  value: 80_000,
  unit: 'Pa',
  range: [40_000, 105_000],
  correlation: 'above the air’s own pressure: a hob cooker’s second ring',
  source: HANDBOOK,
});
const CONVECTION = convection(1000, [500, 3000], 'water and steam under pressure');
const BEGINS_BELOW = coefficient({
  value: 10,
  unit: 'K',
  range: [0, 30],
  correlation: 'how far below boiling it is when its lid closes',
  source: OUR_OWN,
});
const LAG = coefficient({
  value: 4,
  unit: 'min',
  range: [2, 10],
  correlation: 'e-folding of the climb to its pressure',
  source: OUR_OWN,
});

/** A pot under pressure: water boils hotter in it. */
export const pressureCooker = definePlace({
  kind: 'pressure-cooker',
  words: { en: { name: 'pressure cooker' } },
  room: 'inside',
  workplace: 'hob',
  band: 'slow',
  fire: true,
  standsOn: 'hob',
  appliance: {
    holds: 'pots',
    usualFits: 1,
    limited: true,
    oneHeat: false,
    drawn: { width: 56, height: 54 },
  },
  environments: [
    {
      id: 'pressure',
      words: { en: 'pressure' },
      usualC: 117,
      cooks: true,
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (_airC, _where, _fitted, { boilingC, boilingCUnder }) => ({
        around: {
          ...bath(boilingCUnder(OVER.value), CONVECTION.value),
          boilingC: boilingCUnder(OVER.value),
          fromC: boilingC - BEGINS_BELOW.value,
          lagMin: LAG.value,
        },
      }),
      coefficients: { convection: CONVECTION, over: OVER, begins: BEGINS_BELOW, lag: LAG },
      verb: 'braise',
      caution: 'pressure',
    },
  ],
  environmentOf: () => 'pressure',
});
