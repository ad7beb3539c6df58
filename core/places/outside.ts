import { air } from './boundary.ts';
import type { Conditions } from './conditions.ts';
import { definePlace } from './definition.ts';
import { FOIL_EMISSIVITY, STEAM_PASSES, TENT_CONVECTION } from './board.ts';

/**
 * Beside the fire, out in the open. Wind on a bare surface: Jürges (1924) for smooth surfaces, from
 * memory, 5.6 + 4 v. Under loose foil little of it comes in: our own line, no source, confidence 0.4.
 */
const WIND_UNDER_TENT = 0.5;

/** W/(m²·K) of the air under a loose tent of foil in that wind. */
function tentConvection({ windMPerS }: Conditions): number {
  return TENT_CONVECTION + WIND_UNDER_TENT * windMPerS;
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
  return Math.max(1, (colder * tentConvection(conditions)) / TENT_CONVECTION);
}

export const outside = definePlace({
  kind: 'outside',
  words: { en: { name: 'outside' } },
  namedBy: {
    order: 10,
    pattern: /\boutside\b|\boutdoors\b|out in the cold|al aire libre|\bafuera\b/iu,
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
        around: air(airC, 5.6 + 4 * windMPerS, vapourPa(airC, 0.6)),
      }),
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
          ...air(airC, tentConvection(conditions), vapourPa(airC, 0.6)),
          emissivity: FOIL_EMISSIVITY,
          wetShare: STEAM_PASSES,
        },
      }),
      verb: 'rest',
      saidByPlace: true,
      band: 'rest',
    },
  ],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil-outdoors' : 'outdoors'),
});
