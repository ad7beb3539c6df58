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

/** The first round: the misses that were known, and their neighbours. */
export const ROUND_1_1: readonly LedgerCase[] = [
  {
    name: 'only the carrots are roasted, the chicken beside them never',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-bone-in'), food('carrots', 'carrots', 600)],
      steps: [
        step('prepare', board, 15, hands('Cut')),
        step('roast', at('oven', 190), 40, { label: 'Roast the carrots' }),
        step('serve', board, 5),
      ],
    }),
  },
  {
    name: 'vegetables on the griddle, timed by them, the steak never on it',
    verdict: 'stop',
    meal: one({
      foods: [food('steak', 'beef-steak', 900), food('peppers', 'vegetable-side', 600)],
      steps: [until('grill', at('grill', 230), 'peppers', 80), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'used marinade warmed to 60 and served',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless')],
      mixtures: [marinade('lemon', ['chicken'])],
      steps: [
        step('marinate', fridge, 6 * H, { time: { kind: 'soak', mixture: 'lemon' } }),
        until('grill', at('grill', 220), 'chicken', 75),
        step('simmer', at('hob', 60), 10, { mixtures: ['lemon'], label: 'Warm the marinade' }),
        step('serve', at('table'), 5, { mixtures: ['lemon'] }),
      ],
    }),
  },
  {
    name: 'used marinade boiled hard, then served',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless')],
      mixtures: [marinade('lemon', ['chicken'])],
      steps: [
        step('marinate', fridge, 4 * H, { time: { kind: 'soak', mixture: 'lemon' } }),
        until('grill', at('grill', 220), 'chicken', 75),
        step('boil', at('hob', 100), 5, { mixtures: ['lemon'] }),
        step('serve', at('table'), 5, { mixtures: ['lemon'] }),
      ],
    }),
  },
  {
    name: 'chicken grilled to 45, chilled, finished tomorrow',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-drumstick')],
      steps: [
        until('grill', at('grill', 220), 'chicken', 45),
        step('chill', fridge, 18 * H),
        until('roast', at('oven', 190), 'chicken', 76),
      ],
    }),
  },
  {
    name: 'beef browned and braised at once',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck')],
      steps: [
        step('brown', at('hob', 200), 15),
        step('braise', at('oven', 150), 200),
        step('rest', board, 20),
      ],
    }),
  },
  {
    name: 'cooked chicken stirred back into the marinade it lay raw in',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('chicken', 'chicken-breast')],
      mixtures: [marinade('yog', ['chicken'])],
      steps: [
        step('marinate', fridge, 5 * H, { time: { kind: 'soak', mixture: 'yog' } }),
        until('roast', at('oven', 200), 'chicken', 75),
        step('mix', board, 5, { mixtures: ['yog'], label: 'Back into the bowl' }),
      ],
    }),
  },
  {
    name: 'cooked pork laid back on the tray it was raw on',
    verdict: 'stop',
    meal: one({
      foods: [food('pork', 'pork-chop-bone-in')],
      steps: [
        step('temper', counter, 30, { vessel: { one: 'tray' } }),
        until('grill', at('grill', 220), 'pork', 65),
        step('rest', counter, 8, { vessel: { one: 'tray' } }),
      ],
    }),
  },
  {
    name: 'roasted in the tray it went raw into',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-loin-boneless')],
      steps: [
        step('prepare', board, 10, { vessel: { one: 'tray' } }),
        until('roast', at('oven', 180), 'pork', 65, { vessel: { one: 'tray' } }),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'carved five hours after the roast, with no step between',
    verdict: 'stop',
    meal: one({
      foods: [food('beef', 'beef-topside', 1800)],
      steps: [
        until('roast', at('oven', 170), 'beef', 65),
        step('slice', board, 10, {
          after: [{ step: 'dish-0', leastMin: 300, mostMin: 320 }],
          ...hands('Carve'),
        }),
      ],
    }),
  },
  {
    name: 'carved twenty minutes after the roast',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-topside', 1800)],
      steps: [
        until('roast', at('oven', 170), 'beef', 65),
        step('slice', board, 10, { after: [{ step: 'dish-0', leastMin: 20, mostMin: 30 }] }),
      ],
    }),
  },
  {
    name: 'stock kept in the cupboard for sixty days',
    verdict: 'stop',
    meal: one({
      foods: [food('bones', 'chicken-wing', 1500)],
      steps: [step('simmer', at('hob', 96), 3 * H), step('hold', at('counter', 18), 5 * DAY)],
    }),
  },
  {
    name: 'vegetable stock bottled without pressure, to keep for months',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture(
          'stock',
          'sauce',
          [],
          [line('water', '2 l'), line('carrot', '300 g'), line('leek', '200 g')],
          {
            keepsDays: 180,
          },
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['stock'] }),
        step('simmer', at('hob', 96), 60, { mixtures: ['stock'] }),
      ],
    }),
  },
  {
    name: 'a freezer at six above, ten days',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [
        step('hold', at('freezer', 6), 10 * DAY),
        until('roast', at('oven', 190), 'chicken', 76),
      ],
    }),
  },
  {
    name: 'a freezer that freezes, ten days, then thawed in the fridge',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 800)],
      steps: [
        step('hold', at('freezer', -18), 10 * DAY),
        step('thaw', fridge, 16 * H),
        until('roast', at('oven', 190), 'chicken', 76),
      ],
    }),
  },
  {
    name: 'raw chicken six days in the fridge, one step',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [step('chill', fridge, 6 * DAY), until('roast', at('oven', 190), 'chicken', 76)],
    }),
  },
  {
    name: 'beef and chicken on one grill, only the beef probed',
    verdict: 'stop',
    meal: one({
      foods: [food('beef', 'beef-flank', 800), food('chicken', 'chicken-breast', 800)],
      steps: [until('grill', at('grill', 230), 'beef', 63), step('rest', board, 5)],
    }),
  },
  {
    name: 'chicken two minutes a round in the pan',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 1200)],
      steps: [
        step('fry', at('hob', 190), 0, {
          time: {
            kind: 'batches',
            food: 'chicken',
            perBatch: 3,
            leastMin: 2,
            likelyMin: 2,
            mostMin: 3,
          },
        }),
      ],
    }),
  },
  {
    name: 'chicken roasted five minutes a kilo',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1800)],
      steps: [
        step('roast', at('oven', 180), 0, {
          time: {
            kind: 'perWeight',
            food: 'chicken',
            leastMinPerKg: 5,
            likelyMinPerKg: 6,
            mostMinPerKg: 7,
          },
        }),
      ],
    }),
  },
  {
    name: 'a turkey roasted for an elastic twenty minutes',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('turkey', 'turkey-breast', 2000)],
      steps: [
        step('roast', at('oven', 180), 0, {
          time: { kind: 'elastic', leastMin: 15, bestMin: 20, longestMin: 25 },
        }),
      ],
    }),
  },
  {
    name: 'salad torn on the counter after raw chicken, nothing washed',
    verdict: 'stop',
    meal: meal([
      dish({
        id: 'chicken',
        foods: [food('chicken', 'chicken-thigh-boneless')],
        steps: [
          step('slice', board, 20, { ...hands('Cut the chicken') }),
          until('fry', at('hob', 190), 'chicken', 76),
        ],
      }),
      dish({
        id: 'salad',
        foods: [food('leaves', 'salad-leaves', 200)],
        steps: [
          step('slice', counter, 10, {
            ...hands('Cut the salad'),
            label: 'Cut the salad',
          }),
        ],
      }),
    ]),
  },
];
