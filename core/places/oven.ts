import { air, bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** Moved air, W/(m²·K). Handbook figure, from memory. */
const FAN_CONVECTION = 18;
const USUAL_C = 170;
/** How much of what would saturate it an oven full of steam holds. No source, confidence 0.5. */
const STEAM_SHARE = 0.9;
/** An oven below this only keeps warm. */
const KEEPS_WARM_BELOW_C = 85;

/** An oven, one that blows, and either as it only keeps warm. */
export const oven = definePlace({
  kind: 'oven',
  words: { en: { name: 'oven' } },
  namedBy: { order: 4, pattern: /(?<!dutch )oven|\bbroil|horno/iu },
  room: 'inside',
  workplace: 'oven',
  band: 'strong',
  fire: true,
  appliance: { holds: 'shelves', usualFits: 2, limited: true, oneHeat: true },
  environments: [
    {
      id: 'oven',
      words: { en: 'oven' },
      usualC: USUAL_C,
      heats: [60, 280],
      cooks: true,
      basis: 'fitted',
      offsetSdC: 10,
      boundary: (airC, _conditions, { ovenConvection, ovenVapourPa }) => ({
        around: { ...air(airC, ovenConvection, ovenVapourPa), tray: true },
      }),
      verb: 'roast',
      saidByPlace: true,
      wraps: true,
    },
    {
      id: 'fan-oven',
      words: { en: 'fan oven' },
      usualC: 150,
      heats: [60, 260],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 8,
      boundary: (airC, _conditions, { ovenVapourPa }) => ({
        around: { ...air(airC, FAN_CONVECTION, ovenVapourPa), tray: true },
      }),
      verb: 'roast',
    },
    {
      id: 'steam-oven',
      words: { en: 'steam oven' },
      usualC: 100,
      heats: [60, 230],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 5,
      // All steam up to boiling; hotter, it stays as much.
      boundary: (airC, _conditions, _fitted, { boilingC, vapourPa }) => ({
        around: {
          ...air(airC, FAN_CONVECTION, vapourPa(Math.min(airC, boilingC), STEAM_SHARE)),
          tray: true,
        },
      }),
      verb: 'steam',
    },
    {
      id: 'warm-oven',
      words: { en: 'warm oven' },
      usualC: 70,
      heats: [55, 100],
      basis: 'handbook',
      offsetSdC: 8,
      boundary: (airC) => ({ around: bath(airC, 9) }),
      verb: 'hold',
      band: 'rest',
      holds: { en: 'in a warm oven' },
    },
  ],
  environmentOf: ({ verb, tempC, fan }) => {
    if (verb === 'braise') return 'braise';
    if ((tempC ?? USUAL_C) < KEEPS_WARM_BELOW_C) return 'warm-oven';
    return fan ? 'fan-oven' : 'oven';
  },
  readying: {
    'oven-180': [10, 15],
    'oven-230': [15, 25],
    'fan-oven': [7, 12],
    'baking-stone': [30, 60],
  },
});
