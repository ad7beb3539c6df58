import {
  after,
  all,
  board,
  counter,
  elastic,
  every,
  fixed,
  H,
  hob,
  line,
  mixture,
  part,
  range,
  start,
} from './parts.ts';
import type { Pattern } from './pattern.ts';
import { by, side } from './side.ts';

/** Grows with those at the table, and never lies on anything raw. */
const FOR_FOUR = { basis: { kind: 'perPortion', baseline: 4 }, touchesRaw: false } as const;

/** Dressings, crumbs and sauces. Figures: common practice, no source. */
export const SAUCES: readonly Pattern[] = [
  side('dressing', 'Leaves with a dressing', 'side', {
    foods: [by('leaves', 'leaves', 'salad-leaves', 50)],
    mixtures: [
      mixture(
        'dressing',
        'Dressing',
        'sauce',
        [
          line('olive-oil', '90 ml'),
          line('wine-vinegar', '30 ml'),
          line('mustard-dijon-style', '1 tsp'),
          line('salt-fine-table', '3 g'),
        ],
        FOR_FOUR,
      ),
    ],
    parts: [
      part('wash', 'prepare', 'Wash and dry', fixed(10), board, {
        hands: all('Wash, dry well'),
        after: [],
      }),
      part('mix', 'mix', 'Shake the dressing', fixed(4), board, {
        hands: all('Shake in a jar'),
        after: [],
        mixtures: ['dressing'],
      }),
      part(
        'toss',
        'serve',
        'Toss at the last moment',
        fixed(2),
        { kind: 'table' },
        { hands: all('Toss'), after: [...after(240, 'wash'), ...after(240, 'mix')] },
      ),
    ],
    readyWithinMin: 6,
  }),
  side('crumble', 'Crumbs, toasted', 'sauce', {
    foods: [],
    mixtures: [
      mixture(
        'crumbs',
        'Crumbs',
        'sauce',
        [
          line('panko', '80 g'),
          line('butter-unsalted', '30 g'),
          line('garlic', '2 cloves', { scaling: 'count' }),
          line('salt-fine-table', '2 g'),
        ],
        FOR_FOUR,
      ),
    ],
    parts: [
      part('toast', 'fry', 'Toast in the pan', range(6, 8, 10), hob(170), {
        hands: all('Stir until golden'),
        after: [],
        mixtures: ['crumbs'],
      }),
      part('cool', 'cool', 'Cool', elastic(10, 30, 10 * H), counter, {
        hands: start(1, 'Onto paper'),
      }),
    ],
    readyWithinMin: 10 * H,
  }),
  side('reduction', 'Reduction', 'sauce', {
    foods: [],
    mixtures: [
      mixture(
        'base',
        'To reduce',
        'sauce',
        [line('wine-dry', '300 ml'), line('stock-low-salt', '300 ml'), line('shallot', '60 g')],
        FOR_FOUR,
      ),
    ],
    parts: [
      part(
        'reduce',
        'reduce',
        'Reduce by half',
        { kind: 'reducing', ml: 600, toShare: 0.5, mixture: 'base', panCm: 24, ringW: 1800 },
        hob(100),
        {
          hands: [...start(3, 'All in, high ring'), every(8, 1, 'Look, skim')],
          after: [],
          mixtures: ['base'],
        },
      ),
      part('hold', 'hold', 'Keep warm', elastic(2, 10, 60), hob(75), {
        hands: start(2, 'Strain, butter in'),
      }),
    ],
  }),
  side('pan-sauce', 'Pan sauce', 'sauce', {
    foods: [],
    mixtures: [
      mixture(
        'sauce',
        'Pan sauce',
        'sauce',
        [
          line('cider-dry', '200 ml'),
          line('stock-low-salt', '100 ml'),
          line('butter-unsalted', '30 g'),
        ],
        FOR_FOUR,
      ),
    ],
    parts: [
      part('deglaze', 'reduce', 'Deglaze and reduce', range(5, 7, 9), hob(100), {
        hands: all('Scrape, reduce, butter in off the heat'),
        after: [],
        mixtures: ['sauce'],
      }),
    ],
    readyWithinMin: 12,
  }),
];
