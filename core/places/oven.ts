import { air, bath, EMISSIVITY, PAN_CONTACT } from './boundary.ts';
import { coefficient, convection, OUR_OWN } from './coefficient.ts';
import { OVEN_CONVECTION, OVEN_VAPOUR } from './conditions.ts';
import { definePlace } from './definition.ts';

const FAN_CONVECTION = convection(18, [12, 30], 'air blown at one or two m/s');
const WARM_CONVECTION = convection(9, [5, 12], 'still and damp air, radiation in it');
const USUAL_C = 170;
/** How much of what would saturate it an oven full of steam holds. */
const STEAM_SHARE = coefficient({
  value: 0.9,
  unit: 'share',
  range: [0.7, 1],
  correlation: 'share of what would saturate the air at boiling',
  source: OUR_OWN,
});
/** A heavy pan as it comes from the ring, hot enough to have browned what lies in it. */
const SEARED_IN_C = coefficient({
  value: 200,
  unit: '°C',
  range: [160, 250],
  correlation: 'the metal under a piece that was just browned',
  source: OUR_OWN,
});
/** Meat takes more from its metal than the oven gives to it: it comes down so far towards what boils. */
const PAN_KEEPS = coefficient({
  value: 0.2,
  unit: 'share',
  range: [0.1, 0.35],
  correlation:
    'of the way from boiling to the oven, by what flows in from the air and out into meat',
  source: OUR_OWN,
});
const PAN_LAG = coefficient({
  value: 3,
  unit: 'min',
  range: [2, 6],
  correlation: 'e-folding of two kilos of iron under two steaks',
  source: OUR_OWN,
});
/** An oven below this only keeps warm. */
const KEEPS_WARM_BELOW_C = 85;

/** An oven, one that blows, and either as it only keeps warm. */
export const oven = definePlace({
  kind: 'oven',
  words: { en: { name: 'oven' } },
  namedBy: { order: 4, pattern: /(?<!dutch )oven|\bbroil|horno/i },
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
      coefficients: {
        convection: OVEN_CONVECTION,
        vapour: OVEN_VAPOUR,
        emissivity: EMISSIVITY,
      },
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
        around: { ...air(airC, FAN_CONVECTION.value, ovenVapourPa), tray: true },
      }),
      coefficients: { convection: FAN_CONVECTION, vapour: OVEN_VAPOUR, emissivity: EMISSIVITY },
      verb: 'roast',
    },
    {
      id: 'pan-in-oven',
      words: { en: 'hot pan, in the oven' },
      usualC: 200,
      heats: [100, 260],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 15,
      boundary: (airC, _conditions, { ovenConvection, ovenVapourPa }, { boilingC }) => ({
        around: {
          ...bath(boilingC + PAN_KEEPS.value * (airC - boilingC), PAN_CONTACT.value),
          fromC: SEARED_IN_C.value,
          lagMin: PAN_LAG.value,
        },
        under: air(airC, ovenConvection, ovenVapourPa),
      }),
      coefficients: {
        contact: PAN_CONTACT,
        from: SEARED_IN_C,
        keeps: PAN_KEEPS,
        lag: PAN_LAG,
        convection: OVEN_CONVECTION,
        vapour: OVEN_VAPOUR,
        emissivity: EMISSIVITY,
      },
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
          ...air(airC, FAN_CONVECTION.value, vapourPa(Math.min(airC, boilingC), STEAM_SHARE.value)),
          tray: true,
        },
      }),
      coefficients: { convection: FAN_CONVECTION, steam: STEAM_SHARE, emissivity: EMISSIVITY },
      verb: 'steam',
    },
    {
      id: 'warm-oven',
      words: { en: 'warm oven' },
      usualC: 70,
      heats: [55, 100],
      basis: 'handbook',
      offsetSdC: 8,
      boundary: (airC) => ({ around: bath(airC, WARM_CONVECTION.value) }),
      coefficients: { convection: WARM_CONVECTION },
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
