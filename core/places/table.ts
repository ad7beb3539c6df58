import { definePlace } from './definition.ts';

/** Where it is eaten: the room's own air. */
export const table = definePlace({
  kind: 'table',
  words: { en: { name: 'table' } },
  room: 'inside',
  workplace: 'board',
  band: 'counter',
  fire: false,
  environments: [],
  environmentOf: ({ verb }) => (verb === 'rest' ? 'foil' : 'counter'),
});
