import {
  adults,
  at,
  board,
  child,
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
const serve = step('serve', table, 5);
const soon = { readyWithinMin: 15 };

/** The fourteenth round, what must stop: one thing wrong in an otherwise careful meal. */
export const ROUND_14_1: readonly LedgerCase[] = [
  {
    name: 'a stuffed chicken taken out at 70',
    verdict: 'stop',
    rule: 'stuffing',
    meal: one({
      ...soon,
      foods: [food('bird', 'chicken-whole', 1800)],
      steps: [
        step('prepare', board, 15, { label: 'Stuff the bird' }),
        until('roast', oven(180), 'bird', 70),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'a beef stew left in its pot on the dead stove from midnight to breakfast and warmed for lunch',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('beef', 'beef-chuck', 1800)],
      steps: [
        step('braise', oven(150), 3 * H),
        step('rest', counter, 8 * H, { label: 'Leave it on the stove' }),
        step('simmer', hob(97), 30),
        serve,
      ],
    }),
  },
  {
    name: 'minced turkey patties to 68',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      ...soon,
      foods: [food('patties', 'chicken-mince', 600)],
      steps: [step('shape', board, 10), until('fry', hob(190), 'patties', 68), serve],
    }),
  },
  {
    name: 'whole fish six days on ice',
    verdict: 'stop',
    rule: 'rawKeeping',
    meal: one({
      ...soon,
      foods: [food('fish', 'trout-whole', 900)],
      steps: [step('chill', fridge, 6 * DAY), until('bake', oven(190), 'fish', 62), serve],
    }),
  },
  {
    name: 'a wet brine at room heat for a night',
    verdict: 'stop',
    meal: one({
      ...soon,
      foods: [food('loin', 'pork-loin-boneless', 1500)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['loin'],
          [line('water', '2 l'), line('salt-fine-sea', '120 g')],
        ),
      ],
      steps: [
        step('brine', counter, 10 * H, { mixtures: ['brine'] }),
        until('roast', oven(170), 'loin', 64),
        step('rest', board, 12),
      ],
    }),
  },
  {
    name: 'gravy thickened with what the raw wings marinated in, warmed and not boiled',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      ...soon,
      foods: [food('wings', 'chicken-wing', 1400)],
      mixtures: [marinade('honey', ['wings'])],
      steps: [
        step('marinate', fridge, 6 * H, { mixtures: ['honey'] }),
        until('roast', oven(210), 'wings', 84),
        step('simmer', hob(75), 5, { label: 'Warm the honey', mixtures: ['honey'], foods: [] }),
        serve,
      ],
    }),
  },
  {
    name: 'tiramisu with raw eggs for a table with a child, cold all day',
    verdict: 'caution',
    meal: one(
      {
        ...soon,
        foods: [food('sponge', 'bread-loaf', 300)],
        mixtures: [
          mixture('cream', 'sauce', [], [line('egg-beaten', '200 g'), line('cream-36', '300 g')]),
        ],
        steps: [
          step('mix', board, 15, { mixtures: ['cream'] }),
          step('chill', fridge, 6 * H, { mixtures: ['cream'], foods: [] }),
          serve,
        ],
      },
      { eaters: [adults(2), child(1)] },
    ),
  },
  {
    name: 'rice salad from noon on a summer table till seven',
    verdict: 'stop',
    meal: one({
      readyWithinMin: 10,
      foods: [food('rice', 'rice-dry', 400)],
      steps: [
        step('boil', hob(100), 15),
        step('cool', counter, 20),
        step('rest', at('table', 27), 6 * H),
        serve,
      ],
    }),
  },
  {
    name: 'lamb kidneys and mince left raw on the counter through a long lunch',
    verdict: 'stop',
    rule: 'counter',
    meal: one({
      ...soon,
      foods: [food('mince', 'beef-mince', 700)],
      steps: [step('temper', counter, 3 * H), until('fry', hob(200), 'mince', 73), serve],
    }),
  },
  {
    name: 'smoked pork finished at 55 inside',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      ...soon,
      foods: [food('pork', 'pork-collar-steak', 1200)],
      steps: [until('smoke', at('smoker', 110), 'pork', 55), step('rest', board, 10)],
    }),
  },
  {
    name: 'chicken soup chilled in its eight litres straight into the fridge',
    verdict: 'stop',
    rule: 'cooling',
    meal: one({
      ...soon,
      foods: [food('bird', 'chicken-whole', 5500)],
      steps: [
        step('simmer', hob(96), 2 * H),
        step('chill', fridge, 20 * H, { label: 'The whole pot into the fridge' }),
        step('simmer', hob(97), 30),
        serve,
      ],
    }),
  },
  {
    name: 'a pie of wild mushrooms nobody has named, fried for two minutes',
    verdict: 'caution',
    rule: 'poisonous',
    meal: one({
      ...soon,
      foods: [food('wild-mushrooms', undefined, 400)],
      steps: [step('fry', hob(190), 2), serve],
    }),
  },
];
