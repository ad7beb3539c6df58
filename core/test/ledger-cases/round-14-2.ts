import {
  at,
  board,
  counter,
  DAY,
  dish,
  food,
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

/** The fourteenth round, what is good cooking and must not be stopped. */
export const ROUND_14_2: readonly LedgerCase[] = [
  {
    name: 'a turkey thawed three days in the fridge, roasted and rested',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('turkey', 'turkey-whole', 5000)],
      steps: [
        step('thaw', fridge, 3 * DAY),
        until('roast', oven(170), 'turkey', 75),
        step('rest', board, 35),
        step('slice', board, 15),
      ],
    }),
  },
  {
    name: 'chilli made on Thursday for Saturday, cooled in an hour in trays',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('beef', 'beef-mince', 800)],
      steps: [
        step('brown', hob(200), 12, { doneWhen: { coreC: 75 } }),
        step('simmer', hob(95), 90),
        step('cool', at('counter', 2), 50, { label: 'Cool in ice water' }),
        step('chill', fridge, 44 * H),
        step('simmer', hob(97), 25, { doneWhen: { coreC: 80 } }),
        serve,
      ],
    }),
  },
  {
    name: 'brined chicken, out of the brine and dried in the cold',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('bird', 'chicken-whole', 1700)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['bird'],
          [line('water', '3 l'), line('salt-fine-sea', '150 g')],
        ),
      ],
      steps: [
        step('brine', fridge, 8 * H, { mixtures: ['brine'] }),
        step('chill', fridge, 12 * H, { label: 'Dry on a rack' }),
        until('roast', oven(200), 'bird', 75),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'pork belly pressed overnight after its braise, crisped the next day',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('belly', 'pork-belly', 1500)],
      steps: [
        step('braise', oven(140), 3.5 * H),
        step('cool', counter, 45),
        step('chill', fridge, 18 * H),
        step('fry', hob(180), 15, { doneWhen: { coreC: 75 } }),
        serve,
      ],
    }),
  },
  {
    name: 'skewers: cut, washed up, marinated, grilled, and sauced from the clean part',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('lamb', 'lamb-leg-boneless', 1200)],
      mixtures: [
        marinade('herb', ['lamb'], {
          reserve: { amount: '50 ml', scaling: 'linear', purpose: 'for the table' },
        }),
      ],
      steps: [
        step('prepare', board, 20, { label: 'Cut the lamb in cubes' }),
        step('prepare', board, 5, { label: 'Wash board, knife and hands', washes: true }),
        step('marinate', fridge, 6 * H, { mixtures: ['herb'] }),
        step('grill', at('grill', 230), 12, { doneWhen: { coreC: 66 } }),
        step('serve', table, 5, { label: 'Spoon the kept part over', mixtures: ['herb'] }),
      ],
    }),
  },
  {
    name: 'soft-boiled eggs for grown people',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('eggs', 'eggs', 480)],
      steps: [step('boil', hob(100), 7), serve],
    }),
  },
  {
    name: 'a ham simmered, glazed and baked, cold the next day',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('ham', 'ham-bone-in', 2500)],
      steps: [
        step('simmer', hob(90), 150, { doneWhen: { coreC: 70 } }),
        step('bake', oven(200), 25),
        step('cool', counter, 70),
        step('chill', fridge, 16 * H),
        step('slice', board, 15),
      ],
    }),
  },
  {
    name: 'sourdough on the counter for a day, baked',
    verdict: 'pass',
    meal: one({
      readyWithinMin: 300,
      foods: [food('flour', 'flour-for-loaf', 1000)],
      mixtures: [
        mixture(
          'dough',
          'dough',
          ['flour'],
          [line('water', '700 ml'), line('salt-fine-sea', '20 g')],
        ),
      ],
      steps: [
        step('mix', board, 15, { mixtures: ['dough'] }),
        step('rise', counter, 10 * H),
        step('bake', oven(230), 45),
        step('cool', counter, 90),
      ],
    }),
  },
  {
    name: 'fish stew: the stock first, the fish in for the last six minutes',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('fish', 'white-fish-fillet', 800)],
      steps: [step('simmer', hob(92), 8, { doneWhen: { coreC: 64 } }), serve],
    }),
  },
  {
    name: 'a salad with dressing made of shop mayonnaise, cold till served',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('leaves', 'salad-leaves', 300)],
      mixtures: [mixture('dressing', 'sauce', [], [line('mayonnaise', '80 g')])],
      steps: [
        step('mix', board, 5, { mixtures: ['dressing'], foods: [] }),
        step('prepare', board, 10),
        serve,
      ],
    }),
  },
  {
    name: 'two roasts one after the other, the first held hot at 70 for two hours and a half',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'pork',
        ...soon,
        foods: [food('pork', 'pork-shoulder-boneless', 2000)],
        steps: [
          until('roast', oven(160), 'pork', 88),
          step('hold', at('hob', 70), 150, { doneWhen: { coreC: 70 } }),
          step('shred', board, 10),
        ],
      }),
    ]),
  },
  {
    name: 'a frozen loin thawed in cold water changed every half hour and cooked at once',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('loin', 'pork-tenderloin', 500)],
      steps: [
        step('thaw', at('counter', 8), 60, { label: 'Thaw in cold water' }),
        until('roast', oven(200), 'loin', 65),
        step('rest', board, 8),
      ],
    }),
  },
];
