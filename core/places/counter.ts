import { air, bath, EMISSIVITY, ROOM_HUMIDITY } from './boundary.ts';
import { convection } from './coefficient.ts';
import { definePlace } from './definition.ts';

const STANDING_WATER = convection(120, [60, 250], 'water that stands');
const RUNNING_WATER = convection(400, [200, 800], 'water that runs');
const ICE_WATER = convection(250, [120, 500], 'ice water, stirred now and then');
const STILL_AIR = convection(5, [3, 10], 'still air, without radiation');

/** The counter, and what water and ice do on it. */
export const counter = definePlace({
  kind: 'counter',
  words: { en: { name: 'counter' } },
  namedBy: {
    order: 9,
    pattern:
      /room temperature|counter|\bout(?: of|side) the (?<!\b(?:take[sn]?|took|taking|bring|lift|pull|get|straight|come|remove|fetch)\b[^.;]{0,60})(?:fridge|refrigerator)|\bfuera (?:de la nevera|del (?:frigo|refrigerador))|temperatura ambiente|encimera|work ?(?:top|surface)|windowsill|\bon the (?<=(?:leave|left|kept|stand|sit|set)\b[^.;]{0,32})(?:\w+ )?(?:table|side)\b(?! of)|\b(?:in|around) the kitchen\b|in the (?:car|sun)\b|\bal sol\b|(?:near|by|next to|beside|junto a|cerca de) (?:the |la |el )?(?:stove|radiator|fire|heater|estufa|radiador|chimenea)\b|warm place|lugar c[aá]lido/i,
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
      boundary: (airC) => ({ around: bath(airC, STANDING_WATER.value) }),
      coefficients: { convection: STANDING_WATER },
      verb: 'thaw',
    },
    {
      id: 'running-water',
      words: { en: 'running water' },
      usualC: 12,
      heats: [2, 21],
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: (airC) => ({ around: bath(airC, RUNNING_WATER.value) }),
      coefficients: { convection: RUNNING_WATER },
      verb: 'thaw',
    },
    {
      id: 'ice-bath',
      words: { en: 'ice bath' },
      usualC: 1,
      basis: 'handbook',
      offsetSdC: 0.5,
      boundary: (airC) => ({ around: bath(airC, ICE_WATER.value) }),
      coefficients: { convection: ICE_WATER },
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
        around: air(airC, STILL_AIR.value, vapourPa(roomC, ROOM_HUMIDITY.value)),
      }),
      coefficients: { convection: STILL_AIR, humidity: ROOM_HUMIDITY, emissivity: EMISSIVITY },
      verb: 'temper',
      saidByPlace: true,
      band: 'counter',
    },
  ],
  environmentOf: () => 'counter',
});
