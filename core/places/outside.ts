import { air, EMISSIVITY, OUTDOOR_HUMIDITY } from './boundary.ts';
import { coefficient, convection, OUR_OWN } from './coefficient.ts';
import type { Conditions } from './conditions.ts';
import { definePlace } from './definition.ts';
import { FOIL_EMISSIVITY, STEAM_PASSES, TENT_CONVECTION } from './board.ts';

const JUERGES = 'Jürges (1924) for smooth surfaces, from memory';
const OUTDOOR_AIR = convection(5.6, [4, 8], 'no wind: 5.6 + 4 v', JUERGES);
const WIND = coefficient({
  value: 4,
  unit: 'W/(m²·K) per m/s',
  range: [3, 5],
  correlation: 'wind on a bare surface: 5.6 + 4 v',
  source: JUERGES,
});
/** Under loose foil little of the wind comes in. */
const WIND_UNDER_TENT = coefficient({
  value: 0.5,
  unit: 'W/(m²·K) per m/s',
  range: [0, 2],
  correlation: 'wind on a tent of foil',
  source: OUR_OWN,
});

/** W/(m²·K) of the air under a loose tent of foil in that wind. */
function tentConvection({ windMPerS }: Conditions): number {
  return TENT_CONVECTION.value + WIND_UNDER_TENT.value * windMPerS;
}

/** What rests is about so warm at its surface, °C. Our own line, no source. */
const RESTING_C = 60;

/**
 * How many times as fast what rests under foil cools outside as it does in the room: by the warmth
 * it loses, which goes with the air's convection and with how much cooler the air is (Newton).
 * Never less than 1: a hot day makes no rest longer.
 */
export function coolsTimesOutside(conditions: Conditions): number {
  const { roomC, outdoorC } = conditions;
  const colder = (RESTING_C - outdoorC) / (RESTING_C - roomC);
  return Math.max(1, (colder * tentConvection(conditions)) / TENT_CONVECTION.value);
}

export const outside = definePlace({
  kind: 'outside',
  words: { en: { name: 'outside' } },
  namedBy: {
    order: 10,
    pattern:
      /\boutside\b(?! (?:the |its )(?:fridge|refrigerator|bag|skin|oven|crust|meat))|\boutdoors\b|out in the cold|al aire libre|\bafuera\b/i,
  },
  room: 'outside',
  workplace: 'fire',
  band: 'counter',
  fire: false,
  environments: [
    {
      id: 'outdoors',
      words: { en: 'outdoors' },
      usualC: 'outdoor',
      heats: [-20, 40],
      basis: 'handbook',
      offsetSdC: 2,
      boundary: (airC, { windMPerS }, _fitted, { vapourPa }) => ({
        around: air(
          airC,
          OUTDOOR_AIR.value + WIND.value * windMPerS,
          vapourPa(airC, OUTDOOR_HUMIDITY.value),
        ),
      }),
      coefficients: {
        convection: OUTDOOR_AIR,
        wind: WIND,
        humidity: OUTDOOR_HUMIDITY,
        emissivity: EMISSIVITY,
      },
      verb: 'temper',
      band: 'counter',
    },
    {
      id: 'foil-outdoors',
      words: { en: 'rest, under foil, outdoors' },
      usualC: 'outdoor',
      heats: [-20, 40],
      basis: 'handbook',
      offsetSdC: 2,
      boundary: (airC, conditions, _fitted, { vapourPa }) => ({
        around: {
          ...air(airC, tentConvection(conditions), vapourPa(airC, OUTDOOR_HUMIDITY.value)),
          emissivity: FOIL_EMISSIVITY.value,
          wetShare: STEAM_PASSES.value,
        },
      }),
      coefficients: {
        convection: TENT_CONVECTION,
        wind: WIND_UNDER_TENT,
        emissivity: FOIL_EMISSIVITY,
        steam: STEAM_PASSES,
        humidity: OUTDOOR_HUMIDITY,
      },
      verb: 'rest',
      saidByPlace: true,
      band: 'rest',
    },
  ],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil-outdoors' : 'outdoors'),
});
