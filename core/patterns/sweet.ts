import { madeOf } from './dough-parts.ts';
import {
  after,
  all,
  board,
  D,
  elastic,
  every,
  fixed,
  fridge,
  H,
  hob,
  line,
  oven,
  part,
  preheat,
  range,
  start,
  type Part,
} from './parts.ts';
import type { Pattern } from './pattern.ts';
import type { Food } from '../meal/index.ts';

const CUP_G = 130;
const cup = (cut: string): Food => ({
  id: 'cups',
  name: 'cups',
  cut,
  share: { kind: 'pieces', pieces: 1, pieceG: CUP_G, by: 'head' },
});

/** Cold until it is eaten: a cup is cold in time where a whole tin would not be. */
const coldCups: Part[] = [
  part('stand', 'rest', 'Out of the water', elastic(10, 20, 40), board, {
    hands: start(3, 'Lift the cups out of the water'),
  }),
  part('chill', 'chill', 'Cold', elastic(2 * H, 6 * H, 2 * D), fridge, {
    hands: start(2, 'Cover, into the fridge'),
    after: after(30, 'stand'),
  }),
];

/**
 * Custards, baked in cups. Cores: kitchen convention, from memory, confidence 0.8: custard 77 to 82,
 * cheesecake 66; the rest common practice, no source.
 */
export const SWEET: readonly Pattern[] = [
  {
    id: 'baked-custard',
    name: 'Custard, baked in cups',
    kind: 'sweet',
    cuts: [],
    cores: () => [80, 77, 82],
    schools: [],
    chain: ({ coreC }) => ({
      foods: [cup('custard')],
      mixtures: [
        madeOf('batter', 'cups', 'Custard', 780, [
          line('whole-milk', '400 ml'),
          line('cream-36', '150 ml'),
          line('egg-beaten', '3 eggs', { scaling: 'count' }),
          line('granulated-sugar', '80 g'),
          line('vanilla-pod', '1'),
        ]),
      ],
      parts: [
        part('warm', 'simmer', 'Milk warm, sugar in', fixed(10), hob(80), {
          hands: all('Warm the milk with sugar and vanilla, below the boil'),
          after: [],
        }),
        part('mix', 'mix', 'Onto the eggs, strain, pour', fixed(12), board, {
          hands: all('Pour onto the eggs stirring, strain, fill the cups'),
          mixtures: ['batter'],
          after: after(10, 'warm'),
        }),
        preheat(150),
        part('bake', 'bake', 'Bake in a water bath', range(28, 35, 45), oven(150), {
          hands: start(4, 'Hot water round the cups to half their height'),
          after: [...after(15, 'mix'), ...after(20, 'preheat')],
          doneWhen: { coreC, text: 'the middle still trembles' },
        }),
        ...coldCups,
      ],
      readyWithinMin: 30,
    }),
  },
  {
    id: 'cheesecake-cups',
    name: 'Cheesecake, baked in cups',
    kind: 'sweet',
    cuts: [],
    cores: () => [66, 71],
    schools: [],
    chain: ({ coreC }) => ({
      foods: [cup('cheesecake')],
      mixtures: [
        madeOf('batter', 'cups', 'Cheesecake', 780, [
          line('soft-white-cheese', '400 g'),
          line('sour-cream', '100 g'),
          line('egg-beaten', '2 eggs', { scaling: 'count' }),
          line('granulated-sugar', '90 g'),
          line('butter-unsalted', '40 g'),
          line('dried-breadcrumbs', '60 g'),
          line('lemon-zest', '4 g'),
        ]),
      ],
      parts: [
        part('mix', 'mix', 'Crumbs in, cheese beaten', fixed(20), board, {
          hands: all('Press buttered crumbs into the cups; beat the rest smooth, pour'),
          mixtures: ['batter'],
          after: [],
        }),
        preheat(150),
        part('bake', 'bake', 'Bake in a water bath', range(22, 28, 36), oven(150), {
          hands: [...start(4, 'Hot water round the cups'), every(15, 1, 'Look: no browning')],
          after: [...after(30, 'mix'), ...after(20, 'preheat')],
          doneWhen: { coreC, text: 'a coin of the middle trembles' },
        }),
        ...coldCups,
      ],
      readyWithinMin: 30,
    }),
  },
];
