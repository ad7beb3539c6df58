import { bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** Under foil in a still room, 9.5 W/(m²·K): handbook figure, from memory. */
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
      boundary: (airC) => ({ around: bath(airC, 9.5) }),
      verb: 'rest',
      band: 'rest',
      holds: { en: 'under foil' },
    },
  ],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil' : 'counter'),
});
