import {
  adults,
  at,
  board,
  counter,
  DAY,
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

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const serve = step('serve', table, 5);
const soon = { readyWithinMin: 15 };

/** The sixteenth round: only meals that must stop, each wrong in another place. */
export const ROUND_16: readonly LedgerCase[] = [
  {
    name: 'rolled turkey joint to 62 by the probe',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('joint', 'turkey-breast', 1500)],
      steps: [step('roast', oven(200), 60, { doneWhen: { coreC: 62 } }), step('slice', board, 8)],
    }),
  },
  {
    name: 'prawns cooked at noon, on the terrace table till six',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('prawns', 'prawns-peeled', 800)],
      steps: [step('boil', hob(100), 3), step('rest', at('outside', 24), 6 * H), serve],
    }),
  },
  {
    name: 'a pheasant hung eight days in the fridge, then roasted',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('pheasant', 'pheasant', 900)],
      steps: [step('chill', fridge, 8 * DAY), until('roast', oven(190), 'pheasant', 75), serve],
    }),
  },
  {
    name: 'meat loaf of pork to 65',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('loaf', 'pork-mince', 1200)],
      steps: [step('shape', board, 15), until('bake', oven(170), 'loaf', 65), serve],
    }),
  },
  {
    name: 'yesterday’s rice pudding, four hours on the side before it was chilled',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('rice', 'rice-round-dry', 200)],
      steps: [
        step('simmer', hob(95), 40),
        step('cool', counter, 4.5 * H),
        step('chill', fridge, 14 * H),
        serve,
      ],
    }),
  },
  {
    name: 'hot smoked sausages held on a warming tray at 45 for four hours',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('sausages', 'pork-mince', 900)],
      steps: [
        until('smoke', at('smoker', 120), 'sausages', 74),
        step('hold', oven(45), 4 * H),
        serve,
      ],
    }),
  },
  {
    name: 'carpaccio for a guest with an illness',
    verdict: 'stop',
    meal: one(
      {
        ...soon,
        foods: [food('fillet', 'beef-fillet', 500)],
        steps: [step('chill', fridge, 2 * H), step('slice', board, 15), serve],
      },
      { eaters: [adults(3), frail(1)] },
    ),
  },
  {
    name: 'raw chicken in a cool box of nobody’s measure through a day’s drive',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('thighs', 'chicken-thigh-bone-in', 1500)],
      steps: [
        step('rest', at('box'), 7 * H, { label: 'In the cool box' }),
        until('grill', at('grill', 220), 'thighs', 80),
        serve,
      ],
    }),
  },
  {
    name: 'the marinade of the pork becomes the salad’s dressing',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('pork', 'pork-collar-steak', 900), food('leaves', 'salad-leaves', 200)],
      mixtures: [marinade('lime', ['pork'])],
      steps: [
        step('marinate', fridge, 5 * H, { mixtures: ['lime'], foods: ['pork'] }),
        step('grill', at('grill', 230), 12, { doneWhen: { coreC: 68 }, foods: ['pork'] }),
        step('serve', table, 5, {
          label: 'Toss the leaves in the lime',
          mixtures: ['lime'],
          foods: ['leaves'],
        }),
      ],
    }),
  },
  {
    name: 'a liver pâté of nobody’s cut, baked to 60',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('liver-terrine', undefined, 700)],
      steps: [
        step('bake', oven(130), 50, { doneWhen: { coreC: 60 } }),
        step('chill', fridge, 10 * H),
        serve,
      ],
    }),
  },
  {
    name: 'cream custard cooked to 70 and then left out the afternoon',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('bread', 'bread-loaf', 300)],
      mixtures: [
        mixture('cream', 'sauce', [], [line('whole-milk', '500 ml'), line('egg-yolk', '120 g')]),
      ],
      steps: [
        step('simmer', hob(82), 12, { mixtures: ['cream'], foods: [] }),
        step('rest', counter, 5 * H, { mixtures: ['cream'], foods: [] }),
        serve,
      ],
    }),
  },
  {
    name: 'a leg of pork smoked cool at 60 all day, never hotter',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('leg', 'pork-leg-bone-in', 4000)],
      steps: [step('smoke', at('smoker', 55), 9 * H), step('slice', board, 15), serve],
    }),
  },
  {
    name: 'cheese cut on the board the raw steaks were salted on',
    verdict: 'stop',
    meal: meal([
      dish({
        id: 'steaks',
        ...soon,
        foods: [food('steaks', 'beef-steak', 900)],
        steps: [
          step('prepare', board, 5, { label: 'Salt the steaks' }),
          until('fry', hob(230), 'steaks', 63),
          step('rest', board, 5),
        ],
      }),
      dish({
        id: 'cheese',
        ...soon,
        foods: [food('cheese', 'cheese-board', 300)],
        steps: [
          step('slice', board, 5, {
            label: 'Cut the cheese',
            after: [{ step: 'steaks-0', mostMin: 20 }],
          }),
          serve,
        ],
      }),
    ]),
  },
  {
    name: 'beans from dry thrown into the slow cooker with the meat',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('beans', 'kidney-beans-dry', 400), food('beef', 'beef-chuck', 800)],
      steps: [
        step('soak', fridge, 10 * H, { foods: ['beans'] }),
        {
          verb: 'braise',
          place: at('slow-cooker'),
          time: { kind: 'fixed', minutes: 8 * H },
          foods: ['beans', 'beef'],
        },
        serve,
      ],
    }),
  },
];
