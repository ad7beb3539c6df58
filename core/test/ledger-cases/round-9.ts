import {
  at,
  board,
  counter,
  DAY,
  dish,
  food,
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

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const part = (from: string, of: string) => ({ from: { step: from, food: of } });
const joint = (steps: Parameters<typeof dish>[0]['steps'], readyWithinMin = 6 * DAY) =>
  dish({
    id: 'joint',
    foods: [food('shoulder', 'pork-shoulder-boneless', 2000)],
    steps,
    readyWithinMin,
  });
const second = (steps: Parameters<typeof dish>[0]['steps'], after: string, cut?: string) =>
  dish({
    id: 'second',
    foods: [food('meat', cut ?? 'pork-shoulder-boneless', 500, part(after, 'shoulder'))],
    steps: steps.map((one_, i) => (i === 0 ? { ...one_, after: [{ step: after }] } : one_)),
  });
const cooked = [
  step('braise', oven(150), 5 * H),
  step('shred', board, 15, { after: [{ step: 'joint-0', mostMin: 15 }] }),
];

/** The ninth round: parts that become other dishes, what is cooked already, and rests outside. */
export const ROUND_9: readonly LedgerCase[] = [
  {
    name: 'a part of the joint fried as soon as it is shredded',
    verdict: 'pass',
    meal: meal([
      joint(cooked, 90),
      second([step('fry', hob(200), 10, { doneWhen: { coreC: 74 } })], 'joint-1'),
    ]),
  },
  {
    name: 'a part of the joint left on the board four hours before it is fried',
    verdict: 'stop',
    rule: 'holding',
    meal: meal([
      joint(cooked, 6 * H),
      second(
        [
          step('rest', board, 4 * H),
          step('fry', hob(200), 10, { after: [{ step: 'second-0', mostMin: 10 }] }),
        ],
        'joint-1',
      ),
    ]),
  },
  {
    name: 'a part kept a week in the fridge',
    verdict: 'stop',
    rule: 'cookedKeeping',
    meal: meal([
      joint([...cooked, step('chill', fridge, 7 * DAY)], 60),
      second([step('chill', fridge, 7 * DAY), step('simmer', hob(96), 20)], 'joint-1'),
    ]),
  },
  {
    name: 'raw trimmings of the joint in a tartare',
    verdict: 'stop',
    meal: meal([
      joint([
        step('prepare', board, 15, { washes: true, ...hands('Trim, wash up') }),
        step('braise', oven(150), 5 * H),
      ]),
      second([step('prepare', board, 15), step('serve', table, 5)], 'joint-0'),
    ]),
  },
  {
    name: 'raw trimmings of the joint stewed while it braises',
    verdict: 'pass',
    meal: meal([
      joint(
        [
          step('prepare', board, 15, { washes: true, ...hands('Trim, wash up') }),
          step('braise', oven(150), 5 * H),
        ],
        4 * H,
      ),
      second([step('simmer', hob(96), 4 * H)], 'joint-0'),
    ]),
  },
  {
    name: 'a joint taken at 50°, its part warmed to 60°',
    verdict: 'stop',
    meal: meal([
      joint([until('roast', oven(140), 'shoulder', 50), step('slice', board, 10)], 2 * H),
      second([step('fry', hob(180), 6, { doneWhen: { coreC: 60 } })], 'joint-1'),
    ]),
  },
  {
    name: 'cooked chicken from the fridge, in a salad within half an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'cooked-poultry', 500), food('leaves', 'salad-leaves', 200)],
      steps: [step('prepare', board, 15), step('serve', table, 10)],
    }),
  },
  {
    name: 'cooked beef at the table’s edge all afternoon',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('beef', 'cooked-beef', 500)],
      steps: [step('rest', counter, 5 * H), step('serve', table, 5)],
    }),
  },
  {
    name: 'cooked lamb warmed through to 55°',
    verdict: 'stop',
    rule: 'reheating',
    meal: one({
      foods: [food('lamb', 'cooked-lamb', 500)],
      steps: [step('bake', oven(140), 25, { doneWhen: { coreC: 55 } })],
    }),
  },
  {
    name: 'cooked pork simmered in its sauce',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'cooked-pork', 500)],
      steps: [step('simmer', hob(96), 20), step('serve', table, 5)],
    }),
  },
  {
    name: 'cooked pork eight days in the fridge before it is fried',
    verdict: 'stop',
    rule: 'cookedKeeping',
    meal: one({
      foods: [food('pork', 'cooked-pork', 500)],
      steps: [
        step('chill', fridge, 8 * DAY),
        step('fry', hob(200), 10, { doneWhen: { coreC: 76 } }),
      ],
    }),
  },
  {
    name: 'raw chicken marinating outside at fifteen degrees, five hours',
    verdict: 'stop',
    meal: one({
      foods: [food('bird', 'chicken-thigh-boneless', 900)],
      mixtures: [marinade('lemon', ['bird'])],
      steps: [
        step('marinate', at('outside'), 5 * H, { mixtures: ['lemon'] }),
        until('grill', at('grill', 220), 'bird', 76),
      ],
    }),
  },
  {
    name: 'a steak rested ten minutes beside the fire',
    verdict: 'pass',
    meal: one({
      foods: [food('steak', 'beef-steak', 800, { thicknessMm: 30 })],
      steps: [
        until('grill', at('grill', 230), 'steak', 63),
        step('rest', at('outside'), 10),
        step('slice', board, 5),
      ],
    }),
  },
  {
    name: 'a roast left outside under foil four hours at fifteen degrees',
    verdict: 'stop',
    meal: one({
      foods: [food('roast', 'beef-sirloin-roast', 1500)],
      steps: [until('roast', oven(150), 'roast', 63), step('rest', at('outside'), 4 * H)],
      readyWithinMin: 30,
    }),
  },
  {
    name: 'a roast kept outside overnight in a frost of two degrees, raw',
    verdict: 'pass',
    meal: one(
      {
        foods: [food('roast', 'beef-sirloin-roast', 1500)],
        steps: [
          step('chill', at('outside', 2), 10 * H),
          until('roast', oven(150), 'roast', 63),
          step('rest', board, 20),
        ],
      },
      { kitchen: { outdoorC: 2 } },
    ),
  },
  {
    name: 'the chicken’s marinade spooned over the part without a boil',
    verdict: 'stop',
    meal: one({
      foods: [food('bird', 'chicken-breast', 800)],
      mixtures: [marinade('lemon', ['bird'])],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['lemon'] }),
        until('roast', oven(190), 'bird', 75),
        step('glaze', board, 3, { mixtures: ['lemon'], label: 'Spoon the marinade over' }),
        step('serve', table, 5),
      ],
    }),
  },
  {
    name: 'rice cooked at noon, on the counter until supper, then fried',
    verdict: 'stop',
    meal: one({
      foods: [food('rice', 'rice-dry', 300)],
      steps: [step('simmer', hob(96), 20), step('cool', counter, 6 * H), step('fry', hob(200), 8)],
    }),
  },
  {
    name: 'rice chilled at once, fried the next day',
    verdict: 'pass',
    meal: one({
      foods: [food('rice', 'rice-dry', 300)],
      steps: [
        step('simmer', hob(96), 20),
        step('cool', counter, 20),
        step('chill', fridge, 20 * H),
        step('fry', hob(200), 8, { doneWhen: { coreC: 80 } }),
      ],
    }),
  },
  {
    name: 'a bean stew whose dried kidney beans only ever simmer in a slow cooker',
    verdict: 'stop',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 400)],
      steps: [step('soak', counter, 8 * H), step('braise', at('slow-cooker', 80), 8 * H)],
    }),
  },
  {
    name: 'a mayonnaise of raw eggs at a table with a child',
    verdict: 'caution',
    meal: one(
      {
        foods: [food('eggs', 'eggs-medium', 120)],
        mixtures: [
          mixture(
            'mayonnaise',
            'sauce',
            [],
            [line('egg-beaten', '100 g'), line('olive-oil', '200 ml')],
          ),
        ],
        steps: [step('mix', board, 10, { mixtures: ['mayonnaise'] }), step('serve', table, 5)],
      },
      { eaters: [{ count: 1, who: 'child', portion: 0.5, avoids: [] }] },
    ),
  },
];
