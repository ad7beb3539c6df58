import { air } from './boundary.ts';
import { definePlace } from './definition.ts';

/**
 * Under a loose tent of foil in a still room: W/(m²·K) through the air in it and beyond, what its
 * dull side radiates, and how much of its steam gets away. Set so that roasts climb as cooks see
 * them climb; no source, confidence 0.5.
 */
export const TENT_CONVECTION = 6;
export const FOIL_EMISSIVITY = 0.25;
export const STEAM_PASSES = 0.16;

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
          ...air(airC, TENT_CONVECTION, vapourPa(roomC, 0.5)),
          emissivity: FOIL_EMISSIVITY,
          wetShare: STEAM_PASSES,
        },
      }),
      verb: 'rest',
      band: 'rest',
      holds: { en: 'under foil' },
    },
  ],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil' : 'counter'),
});
