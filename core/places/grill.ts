import { air, EMISSIVITY, OUTDOOR_HUMIDITY } from './boundary.ts';
import { coefficient, convection, HANDBOOK, OUR_OWN } from './coefficient.ts';
import { SMOKER_CONVECTION, SMOKER_VAPOUR, type Conditions } from './conditions.ts';
import { definePlace, type MoistAir } from './definition.ts';
import type { Surroundings } from './surroundings.ts';

const COALS_HOTTER = coefficient({
  value: 310,
  unit: 'K',
  range: [150, 600],
  correlation: 'glowing coals above the air at the grate',
  source: HANDBOOK,
});
const COALS_VIEW = coefficient({
  value: 0.75,
  unit: 'share',
  range: [0.5, 0.95],
  correlation: 'Stefan and Boltzmann, the share of its view that the coals take',
  source: HANDBOOK,
});
const OVER_COALS = coefficient({
  value: 0.45,
  unit: 'share',
  range: [0.2, 0.7],
  correlation: 'how much of the fire’s warmth the air above the food has',
  source: OUR_OWN,
});
const DRAUGHT = convection(25, [12, 45], 'hot air that rises from coals');
const OPEN_SIDE = convection(10, [5, 15], 'the upper side of what lies on a grate');
const OPEN_SIDE_WIND = coefficient({
  value: 2,
  unit: 'W/(m²·K) per m/s',
  range: [1, 4],
  correlation: 'Jürges, half in the shelter of the grill’s rim',
  source: OUR_OWN,
});

/** The side away from the coals: warm air from them, mixed with what the wind brings. */
function openSide(
  airC: number,
  { outdoorC, windMPerS }: Conditions,
  { vapourPa }: MoistAir,
): Surroundings {
  const mixedC = outdoorC + OVER_COALS.value * (airC - outdoorC);
  const moved = OPEN_SIDE.value + OPEN_SIDE_WIND.value * windMPerS;
  return air(mixedC, moved, vapourPa(outdoorC, OUTDOOR_HUMIDITY.value));
}

/** A fire of coals outside, with a hot and a cool side. */
export const grill = definePlace({
  kind: 'grill',
  words: { en: { name: 'grill' } },
  namedBy: {
    order: 3,
    pattern:
      /(?<!pre)(?:grill(?! pan)|barbecue(?! sauce)|bbq|charcoal|coals|(?:on|up) (?:the |a |your )?kettle(?! on|['’]s)|kettle (?:grill|barbecue)|parrilla|barbacoa|brasas?|fuego (?:in)?directo)/i,
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
          ...air(airC, DRAUGHT.value, smokerVapourPa),
          wallC: airC + COALS_HOTTER.value,
          emissivity: COALS_VIEW.value,
        },
        under: openSide(airC, conditions, moistAir),
      }),
      coefficients: {
        convection: DRAUGHT,
        coals: COALS_HOTTER,
        view: COALS_VIEW,
        vapour: SMOKER_VAPOUR,
        openSide: OPEN_SIDE,
        openSideWind: OPEN_SIDE_WIND,
        overCoals: OVER_COALS,
        humidity: OUTDOOR_HUMIDITY,
      },
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
      coefficients: {
        convection: SMOKER_CONVECTION,
        vapour: SMOKER_VAPOUR,
        emissivity: EMISSIVITY,
      },
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
