import {
  at,
  board,
  counter,
  DAY,
  food,
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

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const grill = (tempC: number) => at('grill', tempC);
const serve = step('serve', table, 5);
const rest = step('rest', board, 10);
const soon = { readyWithinMin: 15 };

/** The fifteenth round: ordinary good cooking, and four meals that only look like it. */
export const ROUND_15: readonly LedgerCase[] = [
  {
    name: 'pulled pork made the day before, chilled in shallow trays, warmed in its juice',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('pork', 'pork-shoulder-boneless', 2000)],
      steps: [
        until('roast', oven(140), 'pork', 92),
        step('rest', board, 40),
        step('shred', board, 20),
        step('chill', fridge, 18 * H),
        step('bake', oven(160), 45, { doneWhen: { coreC: 78 } }),
        serve,
      ],
    }),
  },
  {
    name: 'burgers shaped in the morning, chilled, grilled to 72',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('mince', 'beef-mince', 800)],
      steps: [
        step('shape', board, 12),
        step('chill', fridge, 9 * H),
        step('grill', grill(230), 12, { doneWhen: { coreC: 72 } }),
        serve,
      ],
    }),
  },
  {
    name: 'bone broth simmered ten hours and strained, frozen for a month',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('bones', 'beef-shin', 1000)],
      steps: [
        step('simmer', hob(95), 6 * H),
        step('cool', at('counter', 2), 60, { label: 'In ice water' }),
        step('chill', at('freezer', -18), 10 * DAY),
        step('thaw', fridge, 20 * H),
        step('simmer', hob(97), 20),
        serve,
      ],
    }),
  },
  {
    name: 'lamb rump marinated a night, tempered half an hour, roasted and rested',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('leg', 'lamb-leg-boneless', 1200)],
      mixtures: [marinade('mint', ['leg'])],
      steps: [
        step('marinate', fridge, 12 * H, { mixtures: ['mint'] }),
        step('temper', counter, 30),
        until('roast', oven(190), 'leg', 63),
        rest,
      ],
    }),
  },
  {
    // Written as safe; that it is rarer than guidance is minded, as it should be.
    name: 'salmon baked to 52 that was frozen before',
    verdict: 'caution',
    meal: one({
      ...soon,
      foods: [food('salmon', 'salmon-fillet', 700, { frozenBefore: true })],
      steps: [
        until('bake', oven(150), 'salmon', 52, { doneWhen: { coreC: 52, rarer: true } }),
        serve,
      ],
    }),
  },
  {
    name: 'a quiche baked through, eaten lukewarm an hour later',
    verdict: 'pass',
    meal: one({
      readyWithinMin: 60,
      foods: [food('quiche', 'custard', 900)],
      steps: [until('bake', oven(170), 'quiche', 78), step('rest', counter, 45), serve],
    }),
  },
  {
    name: 'potatoes boiled, roasted and kept hot for half an hour',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('potatoes', 'potatoes', 1500)],
      steps: [
        step('boil', hob(100), 15),
        step('roast', oven(200), 45),
        step('hold', oven(80), 30),
        serve,
      ],
    }),
  },
  {
    name: 'a roast chicken, cold the next day for sandwiches',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('bird', 'chicken-whole', 1500)],
      steps: [
        until('roast', oven(200), 'bird', 76),
        step('rest', board, 40),
        step('chill', fridge, 18 * H),
        step('slice', board, 15),
      ],
    }),
  },
  {
    name: 'duck breasts pink at 58 by choice',
    verdict: 'caution',
    meal: one({
      ...soon,
      foods: [food('duck', 'duck-breast', 800)],
      steps: [until('fry', hob(170), 'duck', 58, { doneWhen: { coreC: 58, rarer: true } }), rest],
    }),
  },
  {
    name: 'pickled cucumbers in vinegar brine, a week in the fridge',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('cucumbers', 'cucumbers-small', 1000)],
      mixtures: [
        mixture(
          'brine',
          'pickle',
          ['cucumbers'],
          [line('wine-vinegar', '500 ml'), line('water', '500 ml'), line('salt-fine-sea', '40 g')],
        ),
      ],
      steps: [step('marinate', fridge, 7 * DAY, { mixtures: ['brine'] }), serve],
    }),
  },
  {
    name: 'steamed mussels, bought that morning',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('mussels', 'mussels', 1800)],
      steps: [
        step('chill', fridge, 7 * H),
        step('prepare', board, 15, { label: 'Scrub and beard' }),
        step('steam', hob(100), 6),
        serve,
      ],
    }),
  },
  {
    name: 'a turkey crown wet-brined a day, smoked and finished in the oven',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('crown', 'turkey-breast-bone-in', 2500)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['crown'],
          [line('water', '4 l'), line('salt-fine-sea', '200 g')],
        ),
      ],
      steps: [
        step('brine', fridge, 20 * H, { mixtures: ['brine'] }),
        until('smoke', at('smoker', 130), 'crown', 60),
        until('roast', oven(190), 'crown', 74),
        step('rest', board, 20),
      ],
    }),
  },
  {
    name: 'spare ribs: boiled gently, cooled an hour, glazed on the grill the same evening',
    verdict: 'pass',
    meal: one({
      ...soon,
      foods: [food('ribs', 'pork-spare-ribs', 2000)],
      steps: [
        step('simmer', hob(92), 75),
        step('cool', counter, 50),
        step('grill', grill(200), 15, { doneWhen: { coreC: 80 } }),
        serve,
      ],
    }),
  },
  {
    name: 'risotto with stock kept simmering',
    verdict: 'pass',
    meal: one({
      readyWithinMin: 5,
      foods: [food('rice', 'rice-round-dry', 320)],
      steps: [step('simmer', hob(96), 18), serve],
    }),
  },
  {
    name: 'garlic confit in oil, left on the counter for three days',
    verdict: 'stop',
    rule: 'garlicOil',
    meal: one({
      ...soon,
      foods: [food('loaf', 'bread-loaf', 500)],
      mixtures: [
        mixture('confit', 'sauce', [], [line('garlic', '200 g'), line('olive-oil', '300 ml')]),
      ],
      steps: [
        step('simmer', hob(90), 40, { mixtures: ['confit'], foods: [] }),
        step('rest', counter, 3 * DAY, { mixtures: ['confit'], foods: [] }),
        serve,
      ],
    }),
  },
  {
    name: 'kebabs of minced lamb taken off at 63',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      ...soon,
      foods: [food('kebabs', undefined, 800)],
      steps: [
        step('shape', board, 15, { label: 'Shape the minced lamb kebabs' }),
        step('grill', grill(220), 9, { doneWhen: { coreC: 63 } }),
        serve,
      ],
    }),
  },
  {
    name: 'a chicken roasted by the clock, forty minutes at 170',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      ...soon,
      foods: [food('bird', 'chicken-whole', 2000)],
      steps: [step('roast', oven(170), 40), rest, serve],
    }),
  },
  {
    name: 'a cheesecake with a soft middle on a warm table for five hours',
    verdict: 'stop',
    meal: one({
      readyWithinMin: 10,
      foods: [food('cake', 'cheesecake', 1200)],
      steps: [
        until('bake', oven(140), 'cake', 70),
        step('chill', fridge, 8 * H),
        step('rest', at('table', 26), 5 * H),
      ],
    }),
  },
];
