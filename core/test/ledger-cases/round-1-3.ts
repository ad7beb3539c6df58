import {
  at,
  board,
  counter,
  food,
  fridge,
  H,
  line,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

/** The first round: the misses that were known, and their neighbours. */
export const ROUND_1_3: readonly LedgerCase[] = [
  {
    name: 'a raw egg sauce for healthy grown-ups',
    verdict: 'pass',
    meal: one({
      mixtures: [
        mixture('emulsion', 'sauce', [], [line('egg-yolk', '40 g'), line('olive-oil', '150 ml')]),
      ],
      foods: [food('asparagus', 'asparagus', 600)],
      steps: [step('mix', board, 8, { mixtures: ['emulsion'] }), step('steam', at('hob', 100), 8)],
    }),
  },
  {
    name: 'rice cooked, kept hot and served',
    verdict: 'pass',
    meal: one({
      foods: [food('rice', 'rice-basmati-dry', 300)],
      steps: [step('simmer', at('hob', 96), 14), step('hold', at('hob', 70), 60)],
    }),
  },
  {
    name: 'bread: raised, shaped, baked',
    verdict: 'pass',
    meal: one({
      mixtures: [
        mixture(
          'dough',
          'dough',
          [],
          [line('bread-flour', '500 g'), line('water', '325 g'), line('salt-fine-sea', '10 g')],
        ),
      ],
      steps: [
        step('mix', board, 15, { mixtures: ['dough'] }),
        step('rise', counter, 120),
        step('bake', at('oven', 230), 35),
      ],
    }),
  },
  {
    name: 'roast pork with its clean glaze brushed on at the end',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-loin-boneless', 1500)],
      mixtures: [
        mixture('glaze', 'glaze', ['pork'], [line('honey', '60 g'), line('soy-sauce', '40 ml')]),
      ],
      steps: [
        step('mix', board, 5, { mixtures: ['glaze'] }),
        until('roast', at('oven', 180), 'pork', 63),
        step('glaze', at('oven', 200), 8, { mixtures: ['glaze'] }),
        step('rest', board, 12),
        step('slice', board, 8),
      ],
    }),
  },
  {
    name: 'chicken cooked for tomorrow’s salad, chilled at once, eaten cold',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 800)],
      steps: [
        until('roast', at('oven', 190), 'chicken', 76),
        step('cool', counter, 30),
        step('chill', fridge, 20 * H),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'a stew with beef and pork in one pot',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck', 900), food('pork', 'pork-shoulder-boneless', 700)],
      steps: [
        step('brown', at('hob', 200), 20),
        step('braise', at('oven', 150), 0, {
          time: { kind: 'heat', food: 'beef', until: { tender: 'slices' } },
        }),
      ],
    }),
  },
];
