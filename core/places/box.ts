import { bath } from './boundary.ts';
import { convection, OUR_OWN } from './coefficient.ts';
import { definePlace } from './definition.ts';

/** Its walls lose half a watt for each degree, over the food's own surface. */
const CONVECTION = convection(4, [2, 8], 'through the walls of an insulated box', OUR_OWN);

/** An insulated box, cold with ice or warm with what lies in it. */
export const box = definePlace({
  kind: 'box',
  words: { en: { name: 'box' } },
  namedBy: {
    order: 7,
    pattern:
      /\bcooler\b(?! (?:side|part|zone|end|area|spot|half|place|oven|fire|heat))|ice chest|\b(?:in|into) the box\b(?! of)|cool box|insulated box|nevera port[aá]til/i,
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
      boundary: (_airC, { roomC }) => ({ around: bath(roomC, CONVECTION.value) }),
      coefficients: { convection: CONVECTION },
      verb: 'hold',
      saidByPlace: true,
      band: 'rest',
      holds: { en: 'in the box' },
    },
  ],
  environmentOf: () => 'box',
});
