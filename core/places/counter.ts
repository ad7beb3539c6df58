import { air, bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/**
 * The counter, and what water and ice do on it. Still air 5 W/(m²·K), standing water 120, running
 * 400, stirred ice water 250: handbook figures, from memory.
 */
export const counter = definePlace({
  kind: 'counter',
  words: { en: { name: 'counter' } },
  namedBy: {
    order: 9,
    pattern:
      /room temperature|counter|temperatura ambiente|encimera|work ?tops?\b|work ?surface|windowsill|(?<=(?:leave|left|kept|stand|sit|set)\b[^.;]{0,24})\bon the (?:\w+ )?(?:table|side)\b(?! of)|(?<!warmth of )\b(?:in|around) the kitchen\b|in the (?:car|sun)\b|warm place|lugar c[aá]lido/iu,
  },
  room: 'inside',
  workplace: 'board',
  band: 'counter',
  fire: false,
  environments: [
    {
      id: 'cold-water',
      words: { en: 'cold water' },
      usualC: 10,
      heats: [2, 21],
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC) => ({ around: bath(airC, 120) }),
      verb: 'thaw',
    },
    {
      id: 'running-water',
      words: { en: 'running water' },
      usualC: 12,
      heats: [2, 21],
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC) => ({ around: bath(airC, 400) }),
      verb: 'thaw',
    },
    {
      id: 'ice-bath',
      words: { en: 'ice bath' },
      usualC: 1,
      basis: 'handbook',
      offsetSdC: 0.5,
      boundary: (airC) => ({ around: bath(airC, 250) }),
      verb: 'cool',
    },
    {
      id: 'counter',
      words: { en: 'counter' },
      usualC: 'room',
      heats: [5, 38],
      basis: 'handbook',
      offsetSdC: 2,
      boundary: (airC, { roomC }, _fitted, { vapourPa }) => ({
        around: air(airC, 5, vapourPa(roomC, 0.5)),
      }),
      verb: 'temper',
      saidByPlace: true,
      band: 'counter',
    },
  ],
  environmentOf: () => 'counter',
});
