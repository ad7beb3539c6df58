import {
  adults,
  at,
  board,
  child,
  counter,
  DAY,
  dish,
  food,
  frail,
  fridge,
  H,
  hands,
  line,
  marinade,
  meal,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

/** The first round: the misses that were known, and their neighbours. */
export const ROUND_1_2: readonly LedgerCase[] = [
  {
    name: 'salad cut after raw chicken, board and knife washed',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'chicken',
        foods: [food('chicken', 'chicken-thigh-boneless')],
        steps: [
          step('slice', board, 20, { ...hands('Cut the chicken'), washes: true }),
          until('fry', at('hob', 190), 'chicken', 76),
        ],
      }),
      dish({
        id: 'salad',
        foods: [food('leaves', 'salad-leaves', 200)],
        steps: [step('slice', board, 10, hands('Cut the salad'))],
      }),
    ]),
  },
  {
    name: 'a raw yolk sauce spooned over fish, for someone pregnant',
    verdict: 'stop',
    rule: 'notForThem',
    meal: one(
      {
        foods: [food('cod', 'white-fish-fillet', 800)],
        mixtures: [
          mixture(
            'emulsion',
            'sauce',
            ['cod'],
            [line('egg-yolk', '40 g'), line('olive-oil', '150 ml')],
          ),
        ],
        steps: [
          until('bake', at('oven', 180), 'cod', 63),
          step('mix', board, 8, { mixtures: ['emulsion'] }),
          step('serve', at('table'), 3, { mixtures: ['emulsion'] }),
        ],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'a counter of 34 degrees for 75 minutes, the room unsaid',
    verdict: 'stop',
    rule: 'counter',
    meal: one({
      foods: [food('lamb', 'lamb-chop', 1000)],
      steps: [step('temper', at('counter', 34), 75), until('grill', at('grill', 230), 'lamb', 64)],
    }),
  },
  {
    name: 'a counter of 20 degrees for 75 minutes',
    verdict: 'pass',
    meal: one({
      foods: [food('lamb', 'lamb-chop', 1000)],
      steps: [step('temper', counter, 75), until('grill', at('grill', 230), 'lamb', 64)],
    }),
  },
  {
    name: 'kidney beans “boiled” at 80',
    verdict: 'stop',
    rule: 'beans',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 400)],
      steps: [
        step('soak', fridge, 10 * H),
        step('boil', at('hob', 80), 40),
        step('simmer', at('hob', 80), 90),
      ],
    }),
  },
  {
    name: 'kidney beans boiled hard, then simmered',
    verdict: 'pass',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 400)],
      steps: [
        step('soak', fridge, 10 * H),
        step('boil', at('hob', 100), 40),
        step('simmer', at('hob', 95), 60),
      ],
    }),
  },
  {
    name: 'minced beef that no step mentions reaches the plate',
    verdict: 'stop',
    meal: one({
      foods: [food('mince', 'beef-mince', 500), food('potatoes', 'potatoes', 900)],
      steps: [
        step('boil', at('hob', 100), 25, { label: 'Boil the potatoes' }),
        step('serve', at('table'), 5),
      ],
    }),
  },
  {
    name: 'a stuffed chicken',
    verdict: 'caution',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1800), food('stuffing', 'stuffing', 400)],
      steps: [
        step('prepare', board, 15, { label: 'Stuff the bird' }),
        until('roast', at('oven', 180), 'chicken', 76),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'raw biscuit dough eaten off the spoon',
    verdict: 'caution',
    meal: one({
      mixtures: [
        mixture(
          'dough',
          'dough',
          [],
          [
            line('bread-flour', '200 g'),
            line('butter-unsalted', '100 g'),
            line('granulated-sugar', '80 g'),
          ],
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['dough'] }),
        step('chill', fridge, 60),
        step('serve', at('table'), 5),
      ],
    }),
  },
  {
    name: 'elderberries in a raw sauce',
    verdict: 'caution',
    meal: one({
      foods: [food('elderberries', undefined, 300)],
      steps: [step('prepare', board, 10), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'tofu on the table for five hours',
    verdict: 'caution',
    meal: one({
      foods: [food('tofu', 'tofu-firm', 500)],
      steps: [step('fry', at('hob', 180), 10), step('hold', counter, 5 * H)],
    }),
  },
  {
    name: 'mussels on their fourth day',
    verdict: 'caution',
    meal: one({
      foods: [food('mussels', 'mussels', 1500)],
      steps: [step('chill', fridge, 3 * DAY + 12 * H), step('steam', at('hob', 100), 6)],
    }),
  },
  {
    name: 'honey in a raw sauce with small children at the table',
    verdict: 'caution',
    meal: one(
      {
        mixtures: [
          mixture('dressing', 'sauce', [], [line('honey', '40 g'), line('cider-vinegar', '60 ml')]),
        ],
        foods: [food('leaves', 'salad-leaves', 200)],
        steps: [step('mix', board, 5, { mixtures: ['dressing'] }), step('serve', at('table'), 5)],
      },
      { eaters: [adults(2), child()] },
    ),
  },
  {
    name: 'soft white cheese for someone pregnant',
    verdict: 'caution',
    meal: one(
      {
        mixtures: [
          mixture(
            'spread',
            'sauce',
            [],
            [line('soft-white-cheese', '200 g'), line('chive', '10 g')],
          ),
        ],
        steps: [step('mix', board, 5, { mixtures: ['spread'] }), step('serve', at('table'), 5)],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'smoked salmon for someone pregnant',
    verdict: 'caution',
    meal: one(
      {
        foods: [food('smoked-salmon', undefined, 300)],
        steps: [step('slice', board, 5), step('serve', at('table'), 5)],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'a pan of oil fuller than half',
    verdict: 'caution',
    meal: one({
      foods: [food('potatoes', 'potatoes', 900)],
      mixtures: [
        mixture('oil', 'sauce', [], [line('neutral-vegetable-oil', '2.6 l')], { vessel: 'pan' }),
      ],
      steps: [step('fry', at('hob', 175), 12, { mixtures: ['oil'], vessel: { one: 'pan' } })],
    }),
  },
  {
    name: 'a small pot of soup chilled in the fridge',
    verdict: 'pass',
    meal: one({
      foods: [food('lentils', 'lentils-red-dry', 150)],
      steps: [
        step('simmer', at('hob', 96), 30),
        step('chill', fridge, 12 * H),
        step('simmer', at('hob', 96), 15),
      ],
    }),
  },
  {
    name: 'thawed in cold water, then into a hot oven',
    verdict: 'pass',
    meal: one({
      foods: [food('duck', 'duck-whole', 2000)],
      steps: [
        step('thaw', at('counter', 10), 150),
        until('roast', at('oven', 190), 'duck', 76),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'beef at 57 for eight hours in a slow oven',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-topside', 1500)],
      steps: [until('roast', at('oven', 110), 'beef', 56), step('hold', at('oven', 60), 8 * H)],
    }),
  },
  {
    name: 'scallops at 52, which the cook has said for this table',
    verdict: 'pass',
    meal: one(
      {
        foods: [food('scallops', 'scallops', 500)],
        steps: [until('sear', at('hob', 230), 'scallops', 52)],
      },
      { overruled: [{ rule: 'core', step: 'dish-0', words: 'That is how we like them.' }] },
    ),
  },
  {
    name: 'a slow cooker of chicken thighs, all day',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-bone-in', 1200)],
      steps: [
        step('prepare', board, 10),
        step('braise', at('slow-cooker', 95), 5 * H),
        step('hold', at('slow-cooker', 75), 60),
      ],
    }),
  },
  {
    name: 'chicken in a marinade for two hours, forgotten in it for four days',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 900)],
      mixtures: [marinade('lemon', ['chicken'])],
      steps: [
        step('marinate', fridge, 2 * H, { mixtures: ['lemon'] }),
        until('grill', at('grill', 220), 'chicken', 76, {
          after: [{ step: 'dish-0', leastMin: 4 * DAY, mostMin: 5 * DAY }],
        }),
      ],
    }),
  },
  {
    name: 'a five-hour gap on the board between rest and carving',
    verdict: 'stop',
    meal: one({
      foods: [food('lamb', 'lamb-leg-bone-in', 2200)],
      steps: [
        until('roast', at('oven', 180), 'lamb', 65),
        step('rest', board, 20),
        step('slice', board, 10, { after: [{ step: 'dish-1', leastMin: 300, mostMin: 310 }] }),
      ],
    }),
  },
];
