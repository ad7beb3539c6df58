import { air, EMISSIVITY } from './boundary.ts';
import { SMOKER_CONVECTION, SMOKER_VAPOUR } from './conditions.ts';
import { definePlace } from './definition.ts';

/** A box of slow smoke, outside. */
export const smoker = definePlace({
  kind: 'smoker',
  words: { en: { name: 'smoker' } },
  namedBy: { order: 2, pattern: /smoker|ahumador/i },
  room: 'outside',
  workplace: 'fire',
  band: 'slow',
  fire: true,
  coals: true,
  appliance: { holds: 'pieces', usualFits: 2, limited: true, oneHeat: true },
  environments: [
    {
      id: 'smoker',
      words: { en: 'smoker' },
      usualC: 115,
      heats: [60, 200],
      cooks: true,
      basis: 'fitted',
      offsetSdC: 8,
      boundary: (airC, _conditions, { smokerConvection, smokerVapourPa }) => ({
        around: air(airC, smokerConvection, smokerVapourPa),
      }),
      coefficients: {
        convection: SMOKER_CONVECTION,
        vapour: SMOKER_VAPOUR,
        emissivity: EMISSIVITY,
      },
      verb: 'smoke',
      saidByPlace: true,
      wraps: true,
    },
  ],
  environmentOf: () => 'smoker',
  readying: { smoker: [30, 45], 'pellet-smoker': [10, 15], 'ceramic-cooker': [20, 40] },
});
