import { doughParts, madeOf } from './dough-parts.ts';
import {
  after,
  all,
  board,
  counter,
  elastic,
  fixed,
  fridge,
  H,
  line,
  oven,
  part,
  preheat,
  range,
  start,
} from './parts.ts';
import { by, side } from './side.ts';

const flour = by('flour', 'flour', 'flour-for-loaf', 55);

/**
 * Loaves. Cores: kitchen convention, from memory, confidence 0.8: lean bread 93 to 98, enriched 88;
 * the rest common practice, no source.
 */
export const BREADS = [
  side('enriched-loaf', 'Dough with egg and butter, a loaf', 'dough', {
    foods: [flour],
    mixtures: [
      madeOf('dough', 'flour', 'Rich dough', 500, [
        line('bread-flour', '500 g'),
        line('whole-milk', '230 ml'),
        line('egg-beaten', '1 egg', { scaling: 'count' }),
        line('butter-unsalted', '80 g'),
        line('granulated-sugar', '45 g'),
        line('instant-yeast', '7 g'),
        line('salt-fine-table', '9 g'),
      ]),
    ],
    parts: [
      ...doughParts('dough', 1.4),
      preheat(180),
      part('bake', 'bake', 'Bake', range(26, 32, 38), oven(180), {
        hands: start(3, 'Brush with egg, into the oven'),
        after: [...after(15, 'prove'), ...after(20, 'preheat')],
        doneWhen: { coreC: 88, text: 'deep brown' },
      }),
      part('cool', 'cool', 'Cool', elastic(40, 60, 600), board, { hands: start(1, 'Onto a rack') }),
    ],
    readyWithinMin: 600,
  }),
  side('sourdough-loaf', 'Dough with sourdough, a loaf', 'dough', {
    foods: [flour],
    mixtures: [
      madeOf('dough', 'flour', 'Sourdough', 500, [
        line('bread-flour', '450 g'),
        line('water', '300 g'),
        line('leaven', '100 g', { part: 'whole' }),
        line('salt-fine-table', '10 g'),
      ]),
      {
        ...madeOf('dough', 'flour', 'Leaven', 500, [
          line('bread-flour', '50 g', { note: 'with a spoonful of your starter' }),
          line('water', '50 g'),
        ]),
        id: 'leaven',
        basis: { kind: 'asUsed' },
        on: [],
      },
    ],
    parts: [
      part('feed', 'mix', 'Feed the leaven', fixed(5), board, {
        hands: all('Flour, water, a spoonful of starter'),
        mixtures: ['leaven'],
        after: [],
      }),
      part('ripen', 'ferment', 'Ripen', elastic(6 * H, 10 * H, 14 * H), counter, {
        after: after(0, 'feed'),
        doneWhen: { text: 'domed and full of bubbles' },
      }),
      part('knead', 'knead', 'Mix and knead', fixed(20), board, {
        hands: all('Mix, rest, knead until smooth'),
        mixtures: ['dough'],
        after: after(60, 'ripen'),
      }),
      part('rise', 'rise', 'Rise', { kind: 'leavening', leavenPct: 20, saltPct: 2 }, counter, {
        after: after(0, 'knead'),
        cautions: ['Fold it over itself every half hour for the first two hours.'],
        doneWhen: { text: 'half as big again, with bubbles at its edge' },
      }),
      part('shape', 'shape', 'Shape', fixed(10), board, {
        hands: all('Shape, into a floured basket'),
        after: after(0, 'rise'),
      }),
      part('prove', 'rise', 'Prove cold', elastic(8 * H, 12 * H, 30 * H), fridge, {
        hands: start(1, 'Cover, into the fridge'),
        after: after(5, 'shape'),
      }),
      preheat(230),
      part('bake', 'bake', 'Bake', range(36, 42, 48), oven(230), {
        hands: start(4, 'Slash, steam, into the oven'),
        after: [...after(15, 'prove'), ...after(20, 'preheat')],
        doneWhen: { coreC: 96, text: 'hollow when knocked' },
      }),
      part('cool', 'cool', 'Cool', elastic(60, 90, 720), board, { hands: start(1, 'Onto a rack') }),
    ],
    readyWithinMin: 720,
  }),
];
