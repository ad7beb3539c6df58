import { air } from './boundary.ts';
import { definePlace } from './definition.ts';

/** Fast air in a small basket, W/(m²·K). Handbook figure for blown air, from memory, confidence 0.5. */
const CONVECTION = 35;

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
        around: air(airC, CONVECTION, ovenVapourPa),
      }),
      verb: 'roast',
      saidByPlace: true,
    },
  ],
  environmentOf: () => 'air-fryer',
  readying: { 'air-fryer': [2, 5] },
});
