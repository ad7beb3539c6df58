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

/** The third round: neither of the rules nor of the words that were mended by then. */
export const ROUND_3_1: readonly LedgerCase[] = [
  {
    name: 'a duck smoked cold at 25 degrees and sliced',
    verdict: 'stop',
    meal: one({
      foods: [food('duck', 'duck-breast', 800)],
      steps: [step('smoke', at('smoker', 25), 5 * H), step('slice', board, 10)],
    }),
  },
  {
    name: 'mince fried in two rounds of a minute',
    verdict: 'stop',
    meal: one({
      foods: [food('patties', 'beef-mince', 900, { inPieces: 6 })],
      steps: [
        step('fry', at('hob', 200), 0, {
          time: {
            kind: 'batches',
            food: 'patties',
            perBatch: 3,
            leastMin: 1,
            likelyMin: 1,
            mostMin: 2,
          },
        }),
      ],
    }),
  },
  {
    name: 'drumsticks in the oven for fifty minutes by the clock',
    verdict: 'pass',
    meal: one({
      foods: [food('drumsticks', 'chicken-drumstick', 1200)],
      steps: [step('roast', at('oven', 200), 50), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'prawns marinated and grilled till opaque',
    verdict: 'pass',
    meal: one({
      foods: [food('prawns', 'prawns-peeled', 800)],
      mixtures: [marinade('lime', ['prawns'])],
      steps: [
        step('marinate', fridge, 20, { mixtures: ['lime'] }),
        step('grill', at('grill', 230), 6),
      ],
    }),
  },
  {
    name: 'a gammon desalted, simmered, glazed',
    verdict: 'pass',
    meal: one({
      foods: [food('ham', 'ham-bone-in', 3000)],
      mixtures: [
        mixture(
          'glaze',
          'glaze',
          ['ham'],
          [line('honey', '80 g'), line('mustard-dijon-style', '40 g')],
        ),
      ],
      steps: [
        step('soak', fridge, 12 * H),
        step('simmer', at('hob', 90), 150),
        step('glaze', at('oven', 200), 25, { mixtures: ['glaze'] }),
        step('rest', board, 15),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'lamb on the counter for ninety minutes, then forty more while the oven warms',
    verdict: 'stop',
    rule: 'counter',
    meal: one({
      foods: [food('lamb', 'lamb-leg-bone-in', 2200)],
      steps: [
        step('temper', counter, 90),
        step('hold', counter, 45, { label: 'Wait for the oven' }),
        until('roast', at('oven', 180), 'lamb', 65),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'fried chicken, drained, and the second batch waits two and a half hours',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('chicken', 'chicken-drumstick', 1200)],
      steps: [until('fry', at('hob', 175), 'chicken', 76), step('rest', counter, 150)],
    }),
  },
  {
    name: 'roast chicken kept in an oven at 70',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [until('roast', at('oven', 190), 'chicken', 76), step('hold', at('oven', 70), 100)],
    }),
  },
  {
    name: 'a raw egg mousse for children',
    verdict: 'caution',
    meal: one(
      {
        mixtures: [
          mixture(
            'mousse',
            'sauce',
            [],
            [line('egg-white', '120 g'), line('cocoa-powder', '60 g'), line('cream-36', '200 ml')],
          ),
        ],
        steps: [
          step('mix', board, 15, { mixtures: ['mousse'] }),
          step('chill', fridge, 4 * H),
          step('serve', at('table'), 5),
        ],
      },
      { eaters: [adults(2), child(2)] },
    ),
  },
  {
    name: 'a custard of yolks stirred to 82',
    verdict: 'pass',
    meal: one(
      {
        mixtures: [
          mixture(
            'custard',
            'sauce',
            [],
            [
              line('egg-yolk', '80 g'),
              line('whole-milk', '400 ml'),
              line('granulated-sugar', '60 g'),
            ],
          ),
        ],
        steps: [
          step('mix', board, 8, { mixtures: ['custard'] }),
          step('simmer', at('hob', 82), 12, { mixtures: ['custard'] }),
          step('serve', at('table'), 5, { mixtures: ['custard'] }),
        ],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'beef stew cooked today, in the fridge for nine days',
    verdict: 'stop',
    rule: 'cookedKeeping',
    meal: one({
      foods: [food('beef', 'beef-chuck', 900)],
      steps: [
        step('braise', at('oven', 150), 180),
        step('chill', fridge, 9 * DAY),
        step('simmer', at('hob', 95), 25),
      ],
    }),
  },
  {
    name: 'stew chilled and warmed to 55 only',
    verdict: 'stop',
    rule: 'reheating',
    meal: one({
      foods: [food('beef', 'beef-chuck', 900)],
      steps: [
        step('braise', at('oven', 150), 180),
        step('chill', fridge, 20 * H),
        step('simmer', at('hob', 55), 15),
      ],
    }),
  },
  {
    name: 'stew chilled and brought to the boil',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck', 900)],
      steps: [
        step('braise', at('oven', 150), 180),
        step('chill', fridge, 20 * H),
        step('simmer', at('hob', 96), 25),
      ],
    }),
  },
  {
    name: 'a box of ice nobody has measured, with chicken in it all day',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 1200)],
      steps: [step('hold', at('box'), 7 * H), until('grill', at('grill', 220), 'chicken', 76)],
    }),
  },
  {
    name: 'a box of ice at 3 degrees, with chicken in it all day',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 1200)],
      steps: [step('hold', at('box', 3), 7 * H), until('grill', at('grill', 220), 'chicken', 76)],
    }),
  },
  {
    name: 'a fridge at eleven degrees for a day',
    verdict: 'stop',
    meal: one({
      foods: [food('pork', 'pork-loin-boneless', 1200)],
      steps: [
        step('chill', at('fridge', 11), DAY),
        until('roast', at('oven', 180), 'pork', 65),
        step('rest', board, 10),
      ],
    }),
  },
  {
    name: 'fish soured in lime, never frozen, never heated',
    verdict: 'stop',
    meal: one({
      foods: [food('bream', 'white-fish-fillet', 700)],
      mixtures: [
        mixture('lime', 'marinade', ['bream'], [line('lime-juice', '200 ml')], {
          touchesRaw: true,
        }),
      ],
      steps: [step('marinate', fridge, 30, { mixtures: ['lime'] }), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'turkey in halves: the breast probed, the legs beside it unmentioned',
    verdict: 'stop',
    meal: one({
      foods: [food('breast', 'turkey-breast', 2000), food('legs', 'turkey-leg', 1600)],
      steps: [until('roast', at('oven', 180), 'breast', 74), step('rest', board, 20)],
    }),
  },
  {
    name: 'a paella pan: chicken and prawns in one, by the clock',
    verdict: 'pass',
    meal: one({
      foods: [
        food('chicken', 'chicken-thigh-boneless', 600),
        food('prawns', 'prawns-shell-on', 500),
        food('rice', 'rice-round-dry', 400),
      ],
      steps: [step('brown', at('hob', 200), 12), step('simmer', at('hob', 96), 22)],
    }),
  },
  {
    name: 'raw pork and salad on one counter, hands not washed between',
    verdict: 'stop',
    rule: 'washing',
    meal: meal([
      dish({
        id: 'pork',
        foods: [food('chops', 'pork-chop-bone-in', 1000)],
        steps: [
          step('prepare', counter, 12, {
            ...hands('Rub the chops'),
            label: 'Rub the chops',
            pinnedBeforeServeMin: 90,
          }),
          until('grill', at('grill', 220), 'chops', 65),
          step('rest', board, 5),
        ],
      }),
      dish({
        id: 'greens',
        foods: [food('leaves', 'salad-leaves', 250)],
        steps: [
          step('prepare', counter, 8, { ...hands('Pick the leaves'), label: 'Pick the leaves' }),
        ],
      }),
    ]),
  },
  {
    name: 'a leg of lamb pink at 57 for three hours in an oven at 60',
    verdict: 'pass',
    meal: one({
      foods: [food('lamb', 'lamb-leg-boneless', 1800)],
      steps: [until('roast', at('oven', 110), 'lamb', 57), step('hold', at('oven', 60), 3 * H)],
    }),
  },
];
