import {
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
const grill = (tempC: number) => at('grill', tempC);
const rest = step('rest', board, 10);
const serve = step('serve', table, 5);
const rarer = (coreC: number) => ({ doneWhen: { coreC, rarer: true } });
const tight = { readyWithinMin: 15 };

/** The twelfth round, first half: ordinary evenings, half of them gone wrong in one ordinary way. */
export const ROUND_12_1: readonly LedgerCase[] = [
  {
    name: 'chicken thighs roasted while the raw drumsticks wait on the board for their turn, 90 minutes',
    verdict: 'pass',
    meal: one({
      ...tight,
      foods: [food('drumsticks', 'chicken-drumstick', 1200)],
      steps: [step('temper', counter, 85), until('roast', oven(200), 'drumsticks', 80), rest],
    }),
  },
  {
    name: 'drumsticks out of the fridge at two for a grill at six',
    verdict: 'stop',
    rule: 'counter',
    meal: one({
      ...tight,
      foods: [food('drumsticks', 'chicken-drumstick', 1200)],
      steps: [
        step('temper', counter, 4 * H),
        until('grill', grill(210), 'drumsticks', 80),
        step('rest', board, 5),
      ],
    }),
  },
  {
    name: 'the brush from the raw wings goes over them again as they come off',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('wings', 'chicken-wing', 1500)],
      mixtures: [marinade('paste', ['wings'])],
      steps: [
        step('marinate', fridge, 5 * H, { mixtures: ['paste'] }),
        until('grill', grill(220), 'wings', 82),
        step('glaze', board, 2, { label: 'Brush once more', mixtures: ['paste'] }),
        serve,
      ],
    }),
  },
  {
    name: 'the same paste boiled while the wings grill',
    verdict: 'pass',
    meal: one({
      foods: [food('wings', 'chicken-wing', 1500)],
      mixtures: [marinade('paste', ['wings'])],
      steps: [
        step('marinate', fridge, 5 * H, { mixtures: ['paste'] }),
        step('boil', hob(100), 5, { mixtures: ['paste'], label: 'Boil the paste hard' }),
        until('grill', grill(220), 'wings', 82),
        step('glaze', board, 2, { label: 'Brush once more', mixtures: ['paste'] }),
        serve,
      ],
    }),
  },
  {
    name: 'lasagne made at noon, left out, baked at seven',
    verdict: 'stop',
    meal: one({
      foods: [food('mince', 'beef-mince', 700)],
      steps: [
        step('brown', hob(200), 15, { doneWhen: { coreC: 75 } }),
        step('prepare', board, 20, { label: 'Layer it' }),
        step('rest', counter, 5 * H),
        step('bake', oven(190), 45, { doneWhen: { coreC: 78 } }),
        serve,
      ],
    }),
  },
  {
    name: 'lasagne made the evening before, chilled at once',
    verdict: 'pass',
    meal: one({
      foods: [food('mince', 'beef-mince', 700)],
      steps: [
        step('brown', hob(200), 15, { doneWhen: { coreC: 75 } }),
        step('prepare', board, 20, { label: 'Layer it' }),
        step('chill', fridge, 18 * H),
        step('bake', oven(190), 50, { doneWhen: { coreC: 78 } }),
        serve,
      ],
    }),
  },
  {
    name: 'rice boiled for lunch, on the side till supper, fried',
    verdict: 'stop',
    meal: one({
      foods: [food('rice', 'rice-dry', 400)],
      steps: [
        step('boil', hob(100), 14),
        step('rest', counter, 5 * H),
        step('fry', hob(200), 8),
        serve,
      ],
    }),
  },
  {
    name: 'rice boiled the day before, spread and chilled within the hour, fried',
    verdict: 'pass',
    meal: one({
      foods: [food('rice', 'rice-dry', 300)],
      steps: [
        step('boil', hob(100), 14),
        step('cool', counter, 25, { label: 'Spread on a tray' }),
        step('chill', fridge, 20 * H),
        step('fry', hob(200), 8, { doneWhen: { coreC: 78 } }),
        serve,
      ],
    }),
  },
  {
    name: 'a duck leg cured two days, slow in its fat for three hours',
    verdict: 'pass',
    meal: one({
      foods: [food('legs', 'duck-leg', 1400)],
      mixtures: [mixture('cure', 'dry brine', ['legs'], [line('salt-fine-sea', '20 g')])],
      steps: [
        step('brine', fridge, 2 * DAY, { mixtures: ['cure'] }),
        step('braise', oven(110), 3 * H),
        rest,
      ],
    }),
  },
  {
    name: 'a turkey stuffed the evening before',
    verdict: 'caution',
    meal: one({
      foods: [food('turkey', 'turkey-whole', 5000)],
      steps: [
        step('prepare', board, 20, { label: 'Stuff it with the bread stuffing' }),
        step('chill', fridge, 14 * H),
        until('roast', oven(170), 'turkey', 76),
        step('rest', board, 30),
      ],
    }),
  },
  {
    name: 'a frozen chicken put straight into the slow cooker',
    verdict: 'stop',
    meal: one({
      foods: [food('bird', 'chicken-whole', 1800)],
      steps: [
        step('chill', at('freezer', -18), 10 * DAY),
        {
          verb: 'braise',
          place: at('slow-cooker'),
          label: 'Braise from frozen',
          time: {
            kind: 'heat',
            food: 'bird',
            until: { coreC: 80 },
            cooker: 'slow-cooker-low',
          },
        },
        serve,
      ],
    }),
  },
  {
    name: 'burgers to 63 for a table with a child',
    verdict: 'stop',
    rule: 'core',
    meal: one(
      {
        foods: [food('mince', 'beef-mince', 700)],
        steps: [step('shape', board, 10), until('fry', hob(220), 'mince', 63, rarer(63)), serve],
      },
      { eaters: [{ count: 2, who: 'adult', portion: 1, avoids: [] }, child(2)] },
    ),
  },
];
