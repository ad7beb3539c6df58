import { air, ROOM_HUMIDITY } from './boundary.ts';
import { coefficient, convection } from './coefficient.ts';
import { definePlace } from './definition.ts';

/** Set so that roasts climb as cooks see them climb. */
const AS_SEEN = 'our own calibration, no source';
/** Under a loose tent of foil in a still room. */
export const TENT_CONVECTION = convection(6, [3, 12], 'the air in a tent and beyond it', AS_SEEN);
export const FOIL_EMISSIVITY = coefficient({
  value: 0.25,
  unit: 'share',
  range: [0.05, 0.4],
  correlation: 'Stefan and Boltzmann, the dull side of foil',
  source: AS_SEEN,
});
export const STEAM_PASSES = coefficient({
  value: 0.16,
  unit: 'share',
  range: [0.05, 0.5],
  correlation: 'how much of its steam gets away',
  source: AS_SEEN,
});

export const board = definePlace({
  kind: 'board',
  words: { en: { name: 'board' } },
  room: 'inside',
  workplace: 'board',
  band: 'counter',
  fire: false,
  environments: [
    {
      id: 'foil',
      words: { en: 'rest, under foil' },
      usualC: 'room',
      heats: [5, 38],
      basis: 'handbook',
      offsetSdC: 2,
      boundary: (airC, { roomC }, _fitted, { vapourPa }) => ({
        around: {
          ...air(airC, TENT_CONVECTION.value, vapourPa(roomC, ROOM_HUMIDITY.value)),
          emissivity: FOIL_EMISSIVITY.value,
          wetShare: STEAM_PASSES.value,
        },
      }),
      coefficients: {
        convection: TENT_CONVECTION,
        emissivity: FOIL_EMISSIVITY,
        steam: STEAM_PASSES,
        humidity: ROOM_HUMIDITY,
      },
      verb: 'rest',
      band: 'rest',
      holds: { en: 'under foil' },
    },
  ],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil' : 'counter'),
});
