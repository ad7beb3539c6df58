import {
  adults,
  at,
  board,
  child,
  counter,
  dish,
  food,
  frail,
  fridge,
  H,
  line,
  meal,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const grill = at('grill', 220);

/** The eighth round: suppers of several dishes, parties, boxes and pantries. */
export const ROUND_8_1: readonly LedgerCase[] = [
  {
    name: 'salad dressed on the board that cut raw chicken, not washed between',
    verdict: 'stop',
    meal: meal([
      dish({
        id: 'chicken',
        foods: [food('bird', 'chicken-thigh-boneless', 900)],
        steps: [
          step('prepare', board, 15, {
            label: 'Cut up the chicken',
            vessel: { id: 'tray', filled: 'with' },
          }),
          until('fry', hob(190), 'bird', 76),
        ],
      }),
      dish({
        id: 'salad',
        foods: [food('leaves', 'salad-leaves', 200)],
        steps: [
          step('prepare', board, 10, {
            label: 'Cut the leaves',
            after: [{ step: 'chicken-0', mostMin: 5 }],
          }),
          step('serve', table, 2),
        ],
      }),
    ]),
  },
  {
    name: 'steak tartare for a grown-up table with a child at it',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('beef', 'beef-fillet', 500)],
        steps: [step('prepare', board, 20, { label: 'Chop finely' }), step('serve', table, 3)],
      },
      { eaters: [adults(3), child()] },
    ),
  },
  {
    name: 'pork chops off at 63, rested five minutes',
    verdict: 'pass',
    meal: one({
      foods: [food('chops', 'pork-chop-bone-in', 1000)],
      steps: [until('grill', grill, 'chops', 63), step('rest', board, 5)],
    }),
  },
  {
    name: 'duck breast at 57, as many like it',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('duck', 'duck-breast', 700)],
      steps: [until('fry', hob(170), 'duck', 57), step('rest', board, 8)],
    }),
  },
  {
    name: 'chicken stock of four litres, cooled in its pot on the counter, in the fridge at midnight',
    verdict: 'stop',
    meal: one({
      foods: [food('bones', 'chicken-wing', 1500)],
      mixtures: [mixture('stock', 'sauce', [], [line('water', '4 l')])],
      steps: [
        step('simmer', hob(95), 3 * H, { mixtures: ['stock'] }),
        step('cool', counter, 6 * H, { mixtures: ['stock'] }),
        step('chill', fridge, 20 * H, { mixtures: ['stock'] }),
        step('boil', hob(100), 10, { mixtures: ['stock'] }),
      ],
    }),
  },
  {
    name: 'prawns in the fridge a day in garlic and oil, grilled through',
    verdict: 'pass',
    meal: one({
      foods: [food('prawns', 'prawns-peeled', 600)],
      mixtures: [
        mixture(
          'oil',
          'marinade',
          ['prawns'],
          [line('olive-oil', '60 ml'), line('garlic', '2 cloves')],
          {
            touchesRaw: true,
          },
        ),
      ],
      steps: [
        step('marinate', fridge, 20 * H, { mixtures: ['oil'] }),
        until('grill', grill, 'prawns', 63),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'hollandaise kept at 45 for four hours beside the stove',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture(
          'sauce',
          'sauce',
          [],
          [line('egg-yolk', '4 yolks'), line('butter-unsalted', '250 g')],
        ),
      ],
      steps: [
        step('mix', hob(60), 15, { mixtures: ['sauce'] }),
        step('hold', hob(45), 4 * H, { mixtures: ['sauce'] }),
        step('serve', table, 3, { mixtures: ['sauce'] }),
      ],
    }),
  },
  {
    name: 'tiramisu-like cream of raw egg yolk for someone pregnant',
    verdict: 'stop',
    meal: one(
      {
        mixtures: [
          mixture(
            'cream',
            'sauce',
            [],
            [
              line('egg-yolk', '4 yolks'),
              line('soft-white-cheese', '400 g'),
              line('caster-sugar', '80 g'),
            ],
          ),
        ],
        steps: [
          step('mix', board, 15, { mixtures: ['cream'] }),
          step('chill', fridge, 8 * H, { mixtures: ['cream'] }),
          step('serve', table, 3, { mixtures: ['cream'] }),
        ],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'mussels steamed five minutes, eaten at once',
    verdict: 'pass',
    meal: one({
      foods: [food('mussels', 'mussels', 1500)],
      steps: [step('steam', hob(100), 5), step('serve', table, 3)],
    }),
  },
  {
    name: 'mussels steamed, three hours on a buffet',
    verdict: 'stop',
    meal: one({
      foods: [food('mussels', 'mussels', 1500)],
      steps: [step('steam', hob(100), 5), step('rest', counter, 3 * H), step('serve', table, 3)],
    }),
  },
  {
    name: 'roast chicken cut up warm with the knife that cut the raw one: the board washed first',
    verdict: 'pass',
    meal: one({
      foods: [food('bird', 'chicken-whole', 1700)],
      steps: [
        step('prepare', board, 15, { label: 'Truss', washes: true }),
        until('roast', oven(190), 'bird', 76),
        step('rest', board, 15),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'cold roast beef sliced for a party, four hours on the table in a heat wave',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('beef', 'beef-topside', 1500)],
        steps: [
          until('roast', oven(170), 'beef', 63),
          step('cool', counter, 60),
          step('chill', fridge, 12 * H),
          step('slice', board, 15),
          step('rest', table, 4 * H),
        ],
      },
      { kitchen: { roomC: 33 } },
    ),
  },
  {
    name: 'cold roast beef sliced for a picnic, an hour on the table',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-topside', 1500)],
      steps: [
        until('roast', oven(170), 'beef', 63),
        step('cool', counter, 60),
        step('chill', fridge, 12 * H),
        step('slice', board, 15),
        step('rest', table, 45),
      ],
    }),
  },
  {
    name: 'meatballs of pork mince, simmered for a minute',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('mince', 'pork-mince', 500, { inPieces: 20 })],
      steps: [
        step('shape', board, 20, { washes: true }),
        step('simmer', hob(96), 1),
        step('serve', table, 3),
      ],
    }),
  },
];
