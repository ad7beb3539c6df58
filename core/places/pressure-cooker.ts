import { bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** Above the air's own, Pa: a hob cooker's second ring. Handbook figure, from memory. */
const OVER_PA = 80_000;

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
          ...bath(boilingCUnder(OVER_PA), 1000),
          boilingC: boilingCUnder(OVER_PA),
          fromC: boilingC - 10,
          lagMin: 4,
        },
      }),
      verb: 'braise',
      caution: 'pressure',
    },
  ],
  environmentOf: () => 'pressure',
});
