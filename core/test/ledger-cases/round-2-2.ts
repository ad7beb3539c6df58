import {
  adults,
  at,
  board,
  counter,
  dish,
  food,
  frail,
  fridge,
  H,
  line,
  marinade,
  meal,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

/** The second round: other dishes, other words. */
export const ROUND_2_2: readonly LedgerCase[] = [
  {
    name: 'a brine in the fridge for a night',
    verdict: 'pass',
    meal: one({
      foods: [food('turkey', 'turkey-breast', 2000)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['turkey'],
          [line('water', '3 l'), line('salt-fine-sea', '150 g')],
        ),
      ],
      steps: [
        step('brine', fridge, 11 * H, { mixtures: ['brine'] }),
        until('roast', at('oven', 180), 'turkey', 76),
        step('rest', board, 20),
      ],
    }),
  },
  {
    name: 'tartare: raw beef, chopped and served',
    verdict: 'stop',
    meal: one({
      foods: [food('beef', 'beef-fillet', 600)],
      steps: [step('prepare', board, 20, { label: 'Chop it fine' }), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'raw tuna that was frozen hard',
    verdict: 'caution',
    meal: one({
      foods: [food('tuna', 'tuna-steak', 600, { frozenBefore: true })],
      steps: [step('slice', board, 15), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'raw salmon that was never frozen',
    verdict: 'stop',
    meal: one({
      foods: [food('salmon', 'salmon-fillet', 600)],
      steps: [step('slice', board, 15), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'garlic in oil for three weeks',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture('garlic-oil', 'sauce', [], [line('olive-oil', '300 ml'), line('garlic', '40 g')], {
          keepsDays: 20,
        }),
      ],
      steps: [step('mix', board, 10, { mixtures: ['garlic-oil'] })],
    }),
  },
  {
    name: 'a sharp pickle to keep for two months',
    verdict: 'pass',
    meal: one({
      mixtures: [
        mixture(
          'pickle',
          'pickle',
          [],
          [
            line('white-vinegar', '400 ml'),
            line('water', '200 ml'),
            line('granulated-sugar', '60 g'),
          ],
          { keepsDays: 60 },
        ),
      ],
      steps: [step('mix', board, 10, { mixtures: ['pickle'] })],
    }),
  },
  {
    name: 'a dry rub to keep for three months',
    verdict: 'pass',
    meal: one({
      foods: [food('ribs', 'pork-back-ribs', 1500)],
      mixtures: [
        mixture(
          'rub',
          'rub',
          ['ribs'],
          [line('paprika', '30 g'), line('salt-fine-sea', '20 g'), line('cumin-ground', '8 g')],
          {
            keepsDays: 90,
          },
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['rub'] }),
        until('smoke', at('smoker', 120), 'ribs', 92),
        step('rest', board, 20),
      ],
    }),
  },
  {
    name: 'cooked potatoes on the counter from noon till supper',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('potatoes', 'potatoes', 1200)],
      steps: [step('boil', at('hob', 100), 25), step('rest', counter, 6 * H)],
    }),
  },
  {
    name: 'cooked potatoes cooled and kept in the fridge for salad',
    verdict: 'pass',
    meal: one({
      foods: [food('potatoes', 'potatoes', 800)],
      steps: [
        step('boil', at('hob', 100), 25),
        step('cool', counter, 40),
        step('chill', fridge, 10 * H),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'cassava chips',
    verdict: 'caution',
    rule: 'poisonous',
    meal: one({
      foods: [food('cassava', undefined, 800)],
      steps: [step('boil', at('hob', 100), 25), step('fry', at('hob', 180), 8)],
    }),
  },
  {
    name: 'chicken liver parfait for someone pregnant',
    verdict: 'caution',
    meal: one(
      {
        foods: [food('chicken-livers', undefined, 500)],
        steps: [
          step('fry', at('hob', 180), 12),
          step('chill', fridge, 6 * H),
          step('serve', at('table'), 5),
        ],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'syrup boiled in a pot that is nearly full',
    verdict: 'caution',
    rule: 'tooFull',
    meal: one({
      mixtures: [
        mixture('syrup', 'sauce', [], [line('granulated-sugar', '3 kg'), line('water', '1.5 l')], {
          vessel: 'pot',
        }),
      ],
      steps: [step('boil', at('hob', 110), 25, { mixtures: ['syrup'], vessel: { one: 'pot' } })],
    }),
  },
  {
    name: 'two trays of chicken swapped: raw of one dish, then the other’s potatoes',
    verdict: 'caution',
    rule: 'sameVessel',
    meal: meal([
      dish({
        id: 'chicken',
        foods: [food('chicken', 'chicken-thigh-bone-in', 1200)],
        steps: [
          step('prepare', board, 10, { vessel: { one: 'tray' }, pinnedBeforeServeMin: 150 }),
          until('grill', at('grill', 220), 'chicken', 76),
        ],
      }),
      dish({
        id: 'peppers',
        foods: [food('peppers', 'vegetable-side', 500)],
        steps: [step('hold', counter, 20, { vessel: { one: 'tray' } })],
      }),
    ]),
  },
  {
    name: 'a marinade boiled for one minute at 2,600 m',
    verdict: 'caution',
    rule: 'highBoil',
    meal: one(
      {
        foods: [food('chicken', 'chicken-breast', 900)],
        mixtures: [marinade('lemon', ['chicken'])],
        steps: [
          step('marinate', fridge, 2 * H, { time: { kind: 'soak', mixture: 'lemon' } }),
          until('grill', at('grill', 220), 'chicken', 76),
          step('boil', at('hob', 91), 1, { mixtures: ['lemon'] }),
          step('serve', at('table'), 3, { mixtures: ['lemon'] }),
        ],
      },
      { kitchen: { altitudeM: 2600 } },
    ),
  },
  {
    name: 'pineapple paste for a quarter of an hour, and nobody home for five hours',
    verdict: 'pass',
    meal: one(
      {
        foods: [food('beef', 'beef-skirt', 900)],
        mixtures: [
          mixture(
            'paste',
            'marinade',
            ['beef'],
            [line('pineapple-raw', '200 g'), line('soy-sauce', '40 ml')],
            {
              touchesRaw: true,
              window: { leastMin: 10, bestMin: 15, longestMin: 20 },
            },
          ),
        ],
        steps: [
          step('mix', board, 10, { mixtures: ['paste'], washes: true }),
          step('marinate', fridge, 15, { time: { kind: 'soak', mixture: 'paste' } }),
          until('grill', at('grill', 240), 'beef', 64),
          step('rest', board, 5),
        ],
      },
      {
        kitchen: {
          hours: [{ kind: 'away', from: '12:00', to: '17:30', days: [1, 2, 3, 4, 5, 6, 7] }],
        },
      },
    ),
  },
  {
    name: 'a whole bird by the clock, an hour and three quarters',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [
        step('roast', at('oven', 190), 105),
        step('rest', board, 15),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'a whole bird by the clock, half an hour',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [
        step('roast', at('oven', 190), 30),
        step('rest', board, 15),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'meatballs browned and simmered in their sauce',
    verdict: 'pass',
    meal: one({
      foods: [food('meatballs', 'beef-mince', 800)],
      mixtures: [
        mixture(
          'sauce',
          'sauce',
          ['meatballs'],
          [line('tomato-passata', '700 g'), line('onion-chopped', '150 g')],
          { touchesRaw: false },
        ),
      ],
      steps: [
        step('shape', board, 20, { washes: true }),
        step('brown', at('hob', 190), 10),
        step('simmer', at('hob', 95), 35, { mixtures: ['sauce'] }),
      ],
    }),
  },
  {
    name: 'a lasagne built with raw mince, baked, left out overnight, served cold',
    verdict: 'stop',
    meal: one({
      foods: [food('mince', 'beef-mince', 700), food('sheets', 'pasta-fresh', 400)],
      steps: [
        step('fry', at('hob', 180), 12, { label: 'Fry the mince' }),
        step('bake', at('oven', 190), 40),
        step('serve', at('table'), 5, { after: [{ step: 'dish-1', leastMin: 600, mostMin: 700 }] }),
      ],
    }),
  },
];
