import {
  at,
  board,
  counter,
  DAY,
  dish,
  food,
  fridge,
  frail,
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
const grill = (tempC: number) => at('grill', tempC);
const rest = step('rest', board, 10);
const serve = step('serve', table, 5);
const rarer = (coreC: number) => ({ doneWhen: { coreC, rarer: true } });
const salt = (pct: number) =>
  mixture('salt', 'dry brine', ['veg'], [line('salt-fine-sea', `${String(pct * 10)} g`)]);

/** The eleventh round: figures guidance gives for one thing and not for its neighbour. */
export const ROUND_11: readonly LedgerCase[] = [
  {
    name: 'an injected pork loin to 63, with ten minutes of rest',
    verdict: 'pass',
    meal: one({
      foods: [food('loin', 'pork-loin-boneless', 1500, { pierced: true })],
      steps: [until('roast', oven(160), 'loin', 63), rest, serve],
    }),
  },
  {
    name: 'an injected pork loin to 63, sliced at once',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('loin', 'pork-loin-boneless', 1500, { pierced: true })],
      steps: [
        step('roast', oven(160), 70, { doneWhen: { coreC: 63 } }),
        step('slice', board, 8),
        serve,
      ],
    }),
  },
  {
    name: 'a needled steak at 54, by choice',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('steak', 'beef-steak', 900, { pierced: true })],
      steps: [until('fry', hob(220), 'steak', 54, rarer(54)), rest],
    }),
  },
  {
    name: 'a rib roast at 58 by the tables, held two and a half hours in an oven at 55',
    verdict: 'pass',
    meal: one({
      foods: [food('rib', 'beef-rib-roast-boneless', 3200)],
      steps: [
        until('roast', oven(110), 'rib', 58),
        step('hold', oven(55), 150, { doneWhen: { coreC: 55 } }),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'pulled chicken held three hours at 55',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-boneless', 1500)],
      steps: [until('roast', oven(180), 'thighs', 82), step('hold', oven(55), 180)],
    }),
  },
  {
    name: 'a partridge without a chart to 71',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('partridge', undefined, 400)],
      steps: [step('roast', oven(200), 40, { doneWhen: { coreC: 71 } }), rest],
    }),
  },
  {
    name: 'a pheasant to 74',
    verdict: 'pass',
    meal: one({
      foods: [food('pheasant', 'pheasant', 1000)],
      steps: [until('roast', oven(190), 'pheasant', 74), rest],
    }),
  },
  {
    name: 'wild boar pink at 58, by choice',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('boar', 'wild-boar-shoulder', 1500, { frozenBefore: true })],
      steps: [until('roast', oven(150), 'boar', 58, rarer(58)), rest],
    }),
  },
  {
    name: 'venison loin at 55 by choice, for grown people',
    verdict: 'caution',
    meal: one({
      foods: [food('loin', 'venison-loin', 900)],
      steps: [until('roast', oven(140), 'loin', 55, rarer(55)), rest],
    }),
  },
  {
    name: 'garlic slow in duck fat, kept a fortnight in the fridge',
    verdict: 'stop',
    rule: 'garlicOil',
    meal: one({
      foods: [food('bread', 'bread-loaf', 600)],
      mixtures: [
        mixture('confit', 'sauce', [], [line('garlic', '200 g'), line('duck-fat', '300 g')], {
          keepsDays: 14,
        }),
      ],
      steps: [step('mix', board, 10, { mixtures: ['confit'] }), serve],
    }),
  },
  {
    name: 'garlic oil with a squeeze of lemon, kept a fortnight',
    verdict: 'stop',
    rule: 'garlicOil',
    meal: one({
      foods: [food('bread', 'bread-loaf', 600)],
      mixtures: [
        mixture(
          'oil',
          'sauce',
          [],
          [line('garlic', '60 g'), line('olive-oil', '400 ml'), line('lemon-juice', '5 ml')],
          { keepsDays: 14 },
        ),
      ],
      steps: [step('mix', board, 10, { mixtures: ['oil'] }), serve],
    }),
  },
  {
    name: 'garlic oil made for tonight',
    verdict: 'pass',
    meal: one({
      foods: [food('bread', 'bread-loaf', 600)],
      mixtures: [
        mixture('oil', 'sauce', [], [line('garlic', '20 g'), line('olive-oil', '200 ml')], {
          keepsDays: 2,
        }),
      ],
      steps: [step('mix', board, 10, { mixtures: ['oil'] }), serve],
    }),
  },
  {
    name: 'cabbage soured in 2 % for twelve days at 20',
    verdict: 'pass',
    meal: one({
      foods: [food('veg', 'cabbage-white', 1000)],
      mixtures: [salt(2.1)],
      steps: [step('ferment', counter, 12 * DAY, { mixtures: ['salt'] }), serve],
    }),
  },
  {
    name: 'whole cucumbers soured in 2 % for ten days at 20',
    verdict: 'caution',
    rule: 'souring',
    meal: one({
      foods: [food('veg', 'cucumbers-small', 1000)],
      mixtures: [salt(2.1)],
      steps: [step('ferment', counter, 10 * DAY, { mixtures: ['salt'] }), serve],
    }),
  },
  {
    name: 'cabbage soured at 31 degrees',
    verdict: 'caution',
    rule: 'souring',
    meal: one({
      foods: [food('veg', 'cabbage-white', 1000)],
      mixtures: [salt(2.2)],
      steps: [step('ferment', at('counter', 31), 8 * DAY, { mixtures: ['salt'] }), serve],
    }),
  },
  {
    name: 'farmed salmon, said to be, cured and eaten raw',
    verdict: 'caution',
    meal: one({
      foods: [food('salmon', 'salmon-side', 900, { farmed: true })],
      mixtures: [mixture('cure', 'dry brine', ['salmon'], [line('salt-coarse-dense', '60 g')])],
      steps: [step('brine', fridge, DAY, { mixtures: ['cure'] }), step('slice', board, 10), serve],
    }),
  },
  {
    name: 'kidney beans boiled hard for fifteen minutes, then slowly',
    verdict: 'caution',
    rule: 'beans',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 500)],
      steps: [
        step('soak', fridge, 12 * H),
        step('boil', hob(100), 15),
        step('simmer', hob(95), 2 * H),
        serve,
      ],
    }),
  },
  {
    name: 'kidney beans boiled hard for half an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 500)],
      steps: [
        step('soak', fridge, 12 * H),
        step('boil', hob(100), 32),
        step('simmer', hob(95), 1 * H),
        serve,
      ],
    }),
  },
  {
    name: 'a part kept clean, and the used part brushed on all the same',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-bone-in', 1200)],
      mixtures: [
        marinade('citrus', ['thighs'], {
          reserve: { amount: '60 ml', scaling: 'linear', purpose: 'for the table' },
        }),
      ],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['citrus'] }),
        until('grill', grill(220), 'thighs', 78),
        step('glaze', board, 3, {
          label: 'Brush with the marinade the thighs lay in',
          mixtures: ['citrus'],
        }),
        serve,
      ],
    }),
  },
  {
    name: 'a part kept clean, and that part brushed on',
    verdict: 'pass',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-bone-in', 1200)],
      mixtures: [
        marinade('citrus', ['thighs'], {
          reserve: { amount: '60 ml', scaling: 'linear', purpose: 'for the table' },
        }),
      ],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['citrus'] }),
        until('grill', grill(220), 'thighs', 78),
        step('glaze', board, 3, {
          label: 'Brush with the marinade that was kept clean',
          mixtures: ['citrus'],
        }),
        serve,
      ],
    }),
  },
  {
    name: 'a rib roast begun slow, resting fifty minutes before its hot finish, by choice',
    verdict: 'caution',
    meal: one({
      foods: [food('rib', 'beef-rib-roast-boneless', 3000)],
      steps: [
        until('roast', oven(120), 'rib', 52, rarer(52)),
        step('rest', board, 50),
        step('roast', oven(250), 9, { label: 'Brown the rib', ...rarer(54) }),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'pork burgers browned, an hour on the side, and finished',
    verdict: 'stop',
    rule: 'partCooking',
    meal: one({
      foods: [food('mince', 'pork-mince', 800)],
      steps: [
        step('brown', hob(220), 4, { doneWhen: { coreC: 45 } }),
        step('rest', board, 60),
        until('roast', oven(180), 'mince', 73),
      ],
    }),
  },
  {
    name: 'one board: pork cut raw, and bread sliced on it for the table',
    verdict: 'stop',
    rule: 'washing',
    meal: meal([
      dish({
        id: 'pork',
        foods: [food('pork', 'pork-shoulder-boneless', 1500)],
        steps: [
          step('slice', board, 15, { label: 'Cut the pork in cubes' }),
          step('braise', oven(150), 3 * H),
          serve,
        ],
      }),
      dish({
        id: 'bread',
        foods: [food('loaf', 'bread-loaf', 600)],
        steps: [
          step('slice', board, 5, {
            label: 'Slice the loaf',
            after: [{ step: 'pork-0', mostMin: 30 }],
          }),
          serve,
        ],
      }),
    ]),
  },
  {
    name: 'liver pink for a mother to be',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('liver', undefined, 500)],
        steps: [step('fry', hob(190), 6, rarer(60)), serve],
      },
      { eaters: [{ count: 2, who: 'adult', portion: 1, avoids: [] }, frail(1)] },
    ),
  },
];
