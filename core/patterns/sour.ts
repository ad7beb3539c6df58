import { CUCUMBER_BRINE_PCT } from '../figures/index.ts';
import { strongSaltG } from '../batch/index.ts';
import {
  after,
  all,
  board,
  counter,
  D,
  elastic,
  fixed,
  fridge,
  line,
  mixture,
  part,
  start,
} from './parts.ts';
import { by, side } from './side.ts';

/** Under its brine it sours; above it, it moulds. */
const UNDER = 'Press it under its brine each day; throw away what smells or looks wrong.';
const CELLAR = { ...counter, tempC: 20 };

const kept = part('keep', 'chill', 'Keep cold', elastic(60, 1 * D, 14 * D), fridge, {
  hands: start(3, 'Lid on, into the fridge'),
  after: after(undefined, 'sour'),
});

/** Vegetables soured in salt. Salt: kitchen convention, from memory, confidence 0.85; days: common practice, no source. */
export const SOUR = [
  side('soured-cabbage', 'Cabbage, salted and soured', 'side', {
    foods: [by('cabbage', 'white cabbage', 'cabbage-white', 100)],
    mixtures: [
      mixture('salt', 'Salt', 'dry brine', [line('salt-fine-sea', '20 g')], {
        on: ['cabbage'],
        touchesRaw: false,
      }),
    ],
    parts: [
      part('shred', 'prepare', 'Shred, rub with salt, press', fixed(25), board, {
        hands: all('Shred, rub the salt in until it runs wet, press under its juice'),
        mixtures: ['salt'],
        after: [],
      }),
      part('sour', 'ferment', 'Sour', elastic(5 * D, 10 * D, 28 * D), CELLAR, {
        after: after(30, 'shred'),
        cautions: [UNDER],
      }),
      kept,
    ],
    readyWithinMin: 120,
  }),
  side('soured-cucumbers', 'Cucumbers, soured in brine', 'side', {
    foods: [by('cucumbers', 'cucumbers', 'cucumbers-small', 80)],
    mixtures: [
      mixture(
        'brine',
        'Brine',
        'wet brine',
        [
          line('water', '1000 g'),
          line('salt-fine-sea', `${Math.round(strongSaltG(CUCUMBER_BRINE_PCT / 100, 1000))} g`),
          line('garlic', '3 cloves', { scaling: 'count' }),
          line('dill-leaf', '10 g'),
        ],
        { on: ['cucumbers'], basis: { kind: 'perWeight', baselineG: 1000 }, touchesRaw: false },
      ),
    ],
    parts: [
      part('pack', 'prepare', 'Wash, pack, brine on', fixed(15), board, {
        hands: all('Wash, pack upright, pour the brine on, weigh them down'),
        mixtures: ['brine'],
        after: [],
      }),
      part('sour', 'ferment', 'Sour', elastic(3 * D, 5 * D, 8 * D), CELLAR, {
        after: after(30, 'pack'),
        cautions: [UNDER],
      }),
      kept,
    ],
    readyWithinMin: 120,
  }),
];
