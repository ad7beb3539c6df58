import {
  adults,
  at,
  board,
  counter,
  food,
  frail,
  fridge,
  H,
  line,
  marinade,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

/** The third round: neither of the rules nor of the words that were mended by then. */
export const ROUND_3_2: readonly LedgerCase[] = [
  {
    name: 'a leg of lamb pink at 55 and carved',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('lamb', 'lamb-leg-boneless', 1800)],
      steps: [until('roast', at('oven', 220), 'lamb', 55), step('slice', board, 10)],
    }),
  },
  {
    name: 'the bird’s stuffing from mince, in the cavity',
    verdict: 'caution',
    rule: 'stuffing',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1800), food('mince', 'pork-mince', 300)],
      steps: [
        step('prepare', board, 20, {
          label: 'Stuff the bird with the mince',
          foods: ['chicken', 'mince'],
        }),
        until('roast', at('oven', 180), 'chicken', 76, { foods: ['chicken', 'mince'] }),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'sprouts tossed raw, for someone frail',
    verdict: 'caution',
    meal: one(
      {
        foods: [food('bean-sprouts', undefined, 200)],
        steps: [step('mix', board, 5), step('serve', at('table'), 3)],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'rhubarb and custard, nothing amiss',
    verdict: 'pass',
    meal: one({
      foods: [food('rhubarb', undefined, 600)],
      steps: [step('bake', at('oven', 170), 25), step('rest', counter, 30)],
    }),
  },
  {
    name: 'cheese and fruit, out of the fridge for an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('cheese', 'cheese-board', 400), food('pears', undefined, 600)],
      steps: [step('hold', counter, 60), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'gravy from the roast’s juices, reduced beside it',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-topside', 1600)],
      steps: [
        until('roast', at('oven', 170), 'beef', 64),
        step('reduce', at('hob', 100), 12, { label: 'Reduce the juices' }),
        step('rest', board, 20, { after: [{ step: 'dish-0', mostMin: 30 }] }),
        step('slice', board, 8, { after: [{ step: 'dish-2', mostMin: 30 }] }),
      ],
    }),
  },
  {
    name: 'a broth to keep cold for a fortnight',
    verdict: 'caution',
    rule: 'shelf',
    meal: one({
      mixtures: [
        mixture('broth', 'sauce', [], [line('water', '2 l'), line('carrot', '300 g')], {
          keepsDays: 14,
        }),
      ],
      steps: [
        step('mix', board, 5, { mixtures: ['broth'] }),
        step('simmer', at('hob', 95), 60, { mixtures: ['broth'] }),
      ],
    }),
  },
  {
    name: 'chicken brined, patted dry, uncovered in the fridge, roasted',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1700)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['chicken'],
          [line('water', '2 l'), line('salt-fine-sea', '100 g')],
        ),
      ],
      steps: [
        step('brine', fridge, 8 * H, { mixtures: ['brine'] }),
        step('chill', fridge, 8 * H, { label: 'Dry, uncovered' }),
        until('roast', at('oven', 200), 'chicken', 76),
        step('rest', board, 15),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'a marinade that also goes into the salad, raw meat in it before',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('steak', 'beef-flank', 800)],
      mixtures: [marinade('herb-oil', ['steak'])],
      steps: [
        step('marinate', fridge, 2 * H, { mixtures: ['herb-oil'] }),
        until('grill', at('grill', 230), 'steak', 64),
        step('rest', board, 6),
        step('mix', board, 5, { label: 'Dress the salad', mixtures: ['herb-oil'] }),
      ],
    }),
  },
];
