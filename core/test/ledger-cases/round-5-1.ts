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
const hob = (tempC: number) => at('hob', tempC);

/** The fifth round: what a file declares, other fires, and ordinary dinners that are all right. */
export const ROUND_5_1: readonly LedgerCase[] = [
  {
    name: 'a marinade said to touch nothing raw, which soaks chicken and is poured over it cooked',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 900)],
      mixtures: [marinade('herb', ['chicken'], { touchesRaw: false })],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['herb'] }),
        until('grill', at('grill', 220), 'chicken', 76),
        step('serve', table, 5, { label: 'Pour the marinade over', mixtures: ['herb'] }),
      ],
    }),
  },
  {
    name: 'a marinade said to be boiled, which no step boils, poured over cooked pork',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('pork', 'pork-tenderloin', 900)],
      mixtures: [marinade('herb', ['pork'], { boiled: true })],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['herb'] }),
        until('roast', at('oven', 200), 'pork', 66),
        step('serve', table, 5, { label: 'Spoon the marinade over', mixtures: ['herb'] }),
      ],
    }),
  },
  {
    name: 'chicken breasts in a microwave for one minute',
    verdict: 'stop',
    rule: 'core',
    meal: one(
      {
        foods: [food('chicken', 'chicken-breast', 900)],
        steps: [step('steam', at('microwave'), 1), step('slice', board, 5)],
      },
      {
        kitchen: {
          appliances: [
            { id: 'micro', kind: 'microwave', name: 'Microwave', fits: 1 },
            { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 200 },
          ],
        },
      },
    ),
  },
  {
    name: 'pork shoulder two hours under pressure',
    verdict: 'pass',
    meal: one(
      {
        foods: [food('pork', 'pork-shoulder-boneless', 1500)],
        steps: [step('braise', at('pressure-cooker'), 2 * H), step('shred', board, 10)],
      },
      {
        kitchen: {
          appliances: [
            { id: 'press', kind: 'pressure-cooker', name: 'Pressure cooker', fits: 1 },
            { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 200 },
          ],
        },
      },
    ),
  },
  {
    name: 'wings in an air fryer till 80',
    verdict: 'pass',
    meal: one(
      {
        foods: [food('wings', 'chicken-wing', 1000)],
        steps: [until('roast', at('air-fryer', 200), 'wings', 80)],
      },
      {
        kitchen: {
          appliances: [
            { id: 'fryer', kind: 'air-fryer', name: 'Air fryer', fits: 1 },
            { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 200 },
          ],
        },
      },
    ),
  },
  {
    name: 'duck legs simmered in their fat for four hours, kept a day, crisped',
    verdict: 'pass',
    meal: one({
      foods: [food('duck', 'duck-leg', 1600)],
      steps: [
        step('simmer', at('oven', 120), 4 * H, { label: 'Cook in fat' }),
        step('chill', fridge, DAY),
        until('roast', at('oven', 220), 'duck', 76),
      ],
    }),
  },
  {
    name: 'a whole trout baked by the clock for five minutes at 150',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('trout', 'fish-whole', 900)],
      steps: [step('bake', at('oven', 150), 5), step('serve', table, 5)],
    }),
  },
  {
    name: 'a whole fish baked twenty-five minutes at 200',
    verdict: 'pass',
    meal: one({
      foods: [food('trout', 'fish-whole', 900, { pieces: 2 })],
      steps: [step('bake', at('oven', 200), 25), step('serve', table, 5)],
    }),
  },
  {
    name: 'liver and mushrooms for somebody pregnant, fried through',
    verdict: 'caution',
    meal: one(
      {
        name: 'Chicken livers with mushrooms',
        foods: [food('chicken-livers', undefined, 600), food('mushrooms', 'mushrooms', 400)],
        steps: [step('fry', hob(200), 12), step('serve', table, 5)],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'roast beef pink for all, one of them frail',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('beef', 'beef-sirloin-roast', 1800)],
        steps: [
          until('roast', at('oven', 160), 'beef', 52, { doneWhen: { coreC: 52, rarer: true } }),
          step('rest', board, 15),
        ],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'a risotto with stock, finished with cheese',
    verdict: 'pass',
    meal: one({
      foods: [food('rice', 'rice-round-dry', 400)],
      mixtures: [
        mixture(
          'stock',
          'sauce',
          [],
          [line('stock-ready-made', '1.5 l'), line('wine-dry', '150 ml')],
        ),
      ],
      steps: [
        step('fry', hob(120), 4),
        step('stir', hob(95), 20, { mixtures: ['stock'] }),
        step('serve', table, 5),
      ],
      readyWithinMin: 10,
    }),
  },
  {
    name: 'mashed potatoes, and a pan of greens',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'mash',
        foods: [food('potatoes', 'potatoes', 1200)],
        steps: [step('boil', hob(100), 25), step('stir', board, 8, { label: 'Mash' })],
      }),
      dish({
        id: 'greens',
        foods: [food('spinach', 'spinach', 500)],
        steps: [step('steam', hob(100), 4)],
      }),
    ]),
  },
  {
    name: 'chicken pie: poached, picked, cooled, filled, baked',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      mixtures: [
        mixture(
          'sauce',
          'sauce',
          [],
          [line('whole-milk', '500 ml'), line('butter-unsalted', '50 g')],
        ),
      ],
      steps: [
        step('simmer', hob(95), 75),
        step('rest', board, 25),
        step('shred', board, 15),
        step('mix', board, 10, { label: 'Fill', mixtures: ['sauce'] }),
        step('bake', at('oven', 190), 40),
        step('rest', board, 10),
      ],
    }),
  },
  {
    name: 'cold poached salmon for a buffet, out for four hours',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('salmon', 'salmon-fillet', 1000)],
      steps: [
        until('simmer', hob(85), 'salmon', 63),
        step('chill', fridge, 6 * H),
        step('hold', table, 4 * H, { label: 'On the buffet' }),
      ],
    }),
  },
  {
    name: 'cold poached salmon, out of the fridge for an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('salmon', 'salmon-fillet', 1000)],
      steps: [
        until('simmer', hob(85), 'salmon', 63),
        step('chill', fridge, 6 * H),
        step('hold', table, 60, { label: 'On the buffet' }),
      ],
    }),
  },
  {
    name: 'oysters by name, raw, for somebody frail',
    verdict: 'stop',
    meal: one(
      {
        name: 'Raw oysters',
        foods: [food('oysters', undefined, 600)],
        steps: [step('prepare', board, 20, { label: 'Open the oysters' }), step('serve', table, 5)],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'gammon soaked on the counter for a night',
    verdict: 'stop',
    meal: one({
      foods: [food('ham', 'ham-bone-in', 3000)],
      steps: [
        step('soak', counter, 12 * H),
        step('simmer', hob(90), 180),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'dry beans soaked on the counter for a night, boiled hard, simmered',
    verdict: 'pass',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 400)],
      steps: [
        step('soak', counter, 10 * H),
        step('boil', hob(100), 12),
        step('simmer', hob(95), 75),
      ],
    }),
  },
  {
    name: 'dry kidney beans all day in a slow cooker on low, never boiled',
    verdict: 'stop',
    rule: 'beans',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 400)],
      steps: [step('soak', counter, 10 * H), step('braise', at('slow-cooker', 80), 8 * H)],
    }),
  },
];
