import { air, EMISSIVITY } from './boundary.ts';
import { convection } from './coefficient.ts';
import { OVEN_VAPOUR } from './conditions.ts';
import { definePlace } from './definition.ts';

const CONVECTION = convection(35, [20, 60], 'air blown fast through a small basket');

/** A small box of fast hot air, on the counter. No chart has checked it. */
export const airFryer = definePlace({
  kind: 'air-fryer',
  words: { en: { name: 'air fryer' } },
  room: 'inside',
  workplace: 'oven',
  band: 'strong',
  fire: true,
  appliance: {
    holds: 'pieces',
    usualFits: 1,
    limited: true,
    oneHeat: true,
    drawn: { width: 60, height: 58 },
  },
  environments: [
    {
      id: 'air-fryer',
      words: { en: 'air fryer' },
      usualC: 185,
      heats: [80, 210],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 10,
      boundary: (airC, _conditions, { ovenVapourPa }) => ({
        around: air(airC, CONVECTION.value, ovenVapourPa),
      }),
      coefficients: { convection: CONVECTION, vapour: OVEN_VAPOUR, emissivity: EMISSIVITY },
      verb: 'roast',
      saidByPlace: true,
    },
  ],
  environmentOf: () => 'air-fryer',
  readying: { 'air-fryer': [2, 5] },
});
