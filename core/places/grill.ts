import { air } from './boundary.ts';
import type { Conditions } from './conditions.ts';
import { definePlace, type MoistAir } from './definition.ts';
import type { Surroundings } from './surroundings.ts';

/** Glowing coals, °C above the air at the grate, and the share of its view they take. Handbook figures, from memory. */
const COALS_HOTTER_C = 310;
const COALS_VIEW = 0.75;
/** How much of the fire's warmth the air above the grate has. */
const OVER_COALS = 0.45;

/** The side away from the coals: warm air from them, mixed with what the wind brings. */
function openSide(
  airC: number,
  { outdoorC, windMPerS }: Conditions,
  { vapourPa }: MoistAir,
): Surroundings {
  const mixedC = outdoorC + OVER_COALS * (airC - outdoorC);
  return air(mixedC, 10 + 2 * windMPerS, vapourPa(outdoorC, 0.6));
}

/** A fire of coals outside, with a hot and a cool side. */
export const grill = definePlace({
  kind: 'grill',
  words: { en: { name: 'grill' } },
  namedBy: {
    order: 3,
    pattern:
      /(?<!pre)(?:grill(?! pan)|barbecue(?! sauce)|bbq|charcoal|coals|(?:on|up) (?:the |a |your )?kettle(?! on|['’]s)|kettle (?:grill|barbecue)|parrilla|barbacoa|brasas?)/iu,
  },
  room: 'outside',
  workplace: 'fire',
  band: 'sear',
  fire: true,
  coals: true,
  appliance: {
    holds: 'pieces',
    usualFits: 6,
    limited: true,
    oneHeat: true,
    toleranceC: 40,
    twoSided: true,
  },
  environments: [
    {
      id: 'grill-direct',
      words: { en: 'over the coals' },
      usualC: 230,
      heats: [150, 350],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 30,
      boundary: (airC, conditions, { smokerVapourPa }, moistAir) => ({
        around: {
          ...air(airC, 25, smokerVapourPa),
          wallC: airC + COALS_HOTTER_C,
          emissivity: COALS_VIEW,
        },
        under: openSide(airC, conditions, moistAir),
      }),
      verb: 'grill',
      zone: 'direct',
      saidByPlace: true,
      twoSided: true,
    },
    {
      id: 'grill-indirect',
      words: { en: 'beside the coals' },
      usualC: 160,
      heats: [90, 260],
      cooks: true,
      basis: 'handbook',
      offsetSdC: 15,
      boundary: (airC, _conditions, { smokerConvection, smokerVapourPa }) => ({
        around: air(airC, smokerConvection, smokerVapourPa),
      }),
      verb: 'grill',
      zone: 'indirect',
      saidByPlace: true,
    },
  ],
  environmentOf: ({ zone }) => (zone === 'indirect' ? 'grill-indirect' : 'grill-direct'),
  readying: {
    'chimney-briquettes': [20, 25],
    'chimney-lump': [12, 18],
    'wood-embers': [45, 60],
    'gas-grill': [10, 15],
  },
});
