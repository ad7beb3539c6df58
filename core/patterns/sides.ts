import {
  after,
  all,
  board,
  elastic,
  every,
  fixed,
  fridge,
  H,
  hob,
  line,
  mixture,
  oven,
  part,
  preheat,
  range,
  start,
} from './parts.ts';
import { doughLines, doughParts, madeOf } from './dough-parts.ts';
import type { Pattern } from './pattern.ts';
import { by, side } from './side.ts';

const flour = {
  id: 'flour',
  name: 'flour',
  cut: 'flour-for-flatbread',
  share: { kind: 'pieces' as const, pieces: 2, pieceG: 40, by: 'head' as const },
};
const dough = (waterPct: number) => madeOf('dough', 'flour', 'Dough', 500, doughLines(waterPct));

/** Sides of dough, oven and pan. Figures: our own neutral defaults, common practice, no source. */
export const SIDES: readonly Pattern[] = [
  side('griddled-bread', 'Dough, risen and griddled', 'dough', {
    foods: [flour],
    mixtures: [dough(64)],
    parts: [
      ...doughParts('dough'),
      part(
        'griddle',
        'grill',
        'Griddle',
        { kind: 'batches', food: 'flour', perBatch: 4, leastMin: 4, likelyMin: 5, mostMin: 6 },
        hob(250),
        { hands: all('Two to three minutes a side'), after: after(15, 'prove') },
      ),
    ],
    readyWithinMin: 30,
  }),
  side('baked-rolls', 'Dough, risen and baked', 'dough', {
    foods: [flour],
    mixtures: [dough(62)],
    parts: [
      ...doughParts('dough'),
      preheat(220),
      part('bake', 'bake', 'Bake', range(16, 19, 23), oven(220), {
        hands: start(3, 'Into the oven'),
        after: [...after(15, 'prove'), ...after(20, 'preheat')],
        doneWhen: { coreC: 94, text: 'hollow when knocked' },
      }),
      part('cool', 'cool', 'Cool', elastic(10, 20, 120), board, { hands: start(1, 'Onto a rack') }),
    ],
    readyWithinMin: 120,
  }),
  side('steamed-buns', 'Dough, risen and steamed', 'dough', {
    foods: [flour],
    mixtures: [dough(56)],
    parts: [
      ...doughParts('dough'),
      part(
        'steam',
        'steam',
        'Steam',
        { kind: 'batches', food: 'flour', perBatch: 8, leastMin: 10, likelyMin: 12, mostMin: 15 },
        hob(100),
        { hands: start(3, 'Into the steamer'), after: after(15, 'prove') },
      ),
    ],
    readyWithinMin: 25,
  }),
  side('quick-pickle', 'Quick pickle', 'side', {
    foods: [by('vegetable', 'cucumber, radish or onion', 'vegetable-side', 70)],
    mixtures: [
      mixture(
        'pickle',
        'Pickle',
        'pickle',
        [
          line('white-vinegar', '150 ml'),
          line('water', '150 ml'),
          line('granulated-sugar', '40 g'),
          line('salt-fine-table', '9 g'),
        ],
        {
          on: ['vegetable'],
          basis: { kind: 'perWeight', baselineG: 500 },
          touchesRaw: false,
          window: { leastMin: 30, bestMin: 3 * H, longestMin: 72 * H },
        },
      ),
    ],
    parts: [
      part('cut', 'prepare', 'Slice, pour on', fixed(15), board, {
        hands: all('Slice thinly, dissolve, pour on'),
        after: [],
        mixtures: ['pickle'],
      }),
      part('soak', 'soak', 'Pickle', { kind: 'soak', mixture: 'pickle' }, fridge, {
        after: after(10, 'cut'),
      }),
    ],
    readyWithinMin: 60,
  }),
  side('roast-roots', 'Roots from the oven', 'side', {
    foods: [by('roots', 'mixed roots', 'roots-mixed', 180)],
    mixtures: [],
    parts: [
      part('cut', 'prepare', 'Peel, cut to a thumb', fixed(20), board, {
        hands: all('Peel, cut, toss in oil'),
        after: [],
      }),
      preheat(200),
      part(
        'roast',
        'roast',
        'Roast',
        range(38, 45, 55),
        { ...oven(200), fromC: 180, toC: 220 },
        {
          hands: [...start(2, 'In, well spread'), every(20, 2, 'Turn')],
          after: [...after(120, 'cut'), ...after(30, 'preheat')],
        },
      ),
    ],
  }),
  side('pan-vegetables', 'Vegetables in the pan', 'side', {
    foods: [by('vegetable', 'peppers, courgettes, mushrooms', 'vegetable-side', 130)],
    mixtures: [],
    parts: [
      part('cut', 'prepare', 'Wash and cut', fixed(15), board, {
        hands: all('Wash, cut alike'),
        after: [],
      }),
      part('fry', 'fry', 'Into the hot pan', range(8, 10, 13), hob(210), {
        hands: all('Toss until they catch'),
        after: after(undefined, 'cut'),
      }),
    ],
    readyWithinMin: 10,
  }),
];
