import { bath } from './boundary.ts';
import { definePlace } from './definition.ts';

/** An insulated box, cold with ice or warm with what lies in it. */
export const box = definePlace({
  kind: 'box',
  words: { en: { name: 'box' } },
  namedBy: {
    order: 7,
    pattern:
      /\bcooler\b(?! (?:side|part|zone|end|area|spot|half|place|oven|fire|heat))|ice chest|cool box|insulated box|nevera port[aá]til/iu,
  },
  room: 'inside',
  workplace: 'board',
  band: 'rest',
  fire: false,
  appliance: { holds: 'litres', usualFits: 30, limited: false, oneHeat: false },
  environments: [
    {
      id: 'box',
      words: { en: 'box' },
      usualC: 60,
      basis: 'handbook',
      offsetSdC: 3,
      // Its walls lose half a watt for each degree, over the food's own surface.
      boundary: (_airC, { roomC }) => ({ around: bath(roomC, 4) }),
      verb: 'hold',
      saidByPlace: true,
      band: 'rest',
      holds: { en: 'in the box' },
    },
  ],
  environmentOf: () => 'box',
});
