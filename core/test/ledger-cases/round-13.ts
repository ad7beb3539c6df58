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
const rest = step('rest', board, 10);
const serve = step('serve', table, 5);
const rarer = (coreC: number) => ({ doneWhen: { coreC, rarer: true } });

/** The thirteenth round: what a kitchen gets wrong without noticing. */
export const ROUND_13: readonly LedgerCase[] = [
  {
    name: 'custard tart with a soft middle, out from noon till seven',
    verdict: 'stop',
    meal: one({
      foods: [food('tart', 'custard', 900)],
      steps: [until('bake', oven(150), 'tart', 78), step('rest', counter, 6 * H), serve],
    }),
  },
  {
    name: 'a chicken liver parfait to 55, for a table with a child',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('chicken-livers', undefined, 500)],
        steps: [
          step('bake', oven(110), 40, { doneWhen: { coreC: 55 } }),
          step('chill', fridge, 6 * H),
          serve,
        ],
      },
      { eaters: [adults(2), child(1)] },
    ),
  },
  {
    name: 'stock from the carcass cooled on the porch at 12 degrees all night',
    verdict: 'stop',
    meal: one({
      foods: [food('carcass', 'chicken-whole', 1500)],
      steps: [
        step('simmer', hob(96), 3 * H),
        step('cool', at('outside', 12), 10 * H),
        step('simmer', hob(97), 30),
        serve,
      ],
    }),
  },
  {
    name: 'stock cooled in ice for an hour, then in the fridge',
    verdict: 'pass',
    meal: one({
      foods: [food('carcass', 'chicken-whole', 1500)],
      steps: [
        step('simmer', hob(96), 3 * H),
        step('cool', at('counter', 2), 60, { label: 'In ice water' }),
        step('chill', fridge, 14 * H),
        step('simmer', hob(97), 30),
        serve,
      ],
    }),
  },
  {
    name: 'scallops raw in lime, for a pregnant guest',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('scallops', 'scallops', 400, { frozenBefore: true })],
        mixtures: [mixture('lime', 'marinade', ['scallops'], [line('lime-juice', '100 ml')])],
        steps: [step('marinate', fridge, 20, { mixtures: ['lime'] }), serve],
      },
      { eaters: [adults(2), frail(1)] },
    ),
  },
  {
    name: 'pork sausages pink at 62',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('sausages', 'pork-mince', 800)],
      steps: [until('fry', hob(180), 'sausages', 62), serve],
    }),
  },
  {
    name: 'turkey breast to 66, sliced off the heat',
    verdict: 'stop',
    meal: one({
      foods: [food('breast', 'turkey-breast', 1500)],
      steps: [
        step('roast', oven(230), 45, { doneWhen: { coreC: 66 } }),
        step('slice', board, 8),
        serve,
      ],
    }),
  },
  {
    name: 'turkey breast slowly at 66, held there for an hour in a bath',
    verdict: 'pass',
    meal: one({
      foods: [food('breast', 'turkey-breast', 1200)],
      steps: [
        {
          verb: 'simmer',
          place: at('hob', 66),
          time: { kind: 'heat', food: 'breast', until: { coreC: 65 }, cooker: 'water-bath' },
        },
        {
          verb: 'hold',
          place: at('hob', 66),
          time: { kind: 'fixed', minutes: 60 },
        },
        serve,
      ],
    }),
  },
  {
    name: 'a marinade of yesterday’s chicken used for today’s pork, unboiled, and then on the plate',
    verdict: 'stop',
    meal: one({
      foods: [food('pork', 'pork-chop-bone-in', 1000)],
      mixtures: [marinade('jerk', ['pork'])],
      steps: [
        step('marinate', fridge, 8 * H, { mixtures: ['jerk'] }),
        until('grill', at('grill', 220), 'pork', 66),
        step('serve', table, 5, { label: 'Spoon the jerk over', mixtures: ['jerk'] }),
      ],
    }),
  },
  {
    name: 'whole salmon hung in a smoker at 28 for nine hours, never hotter',
    verdict: 'stop',
    meal: one({
      foods: [food('salmon', 'salmon-side', 1200)],
      mixtures: [mixture('cure', 'dry brine', ['salmon'], [line('salt-coarse-dense', '60 g')])],
      steps: [
        step('brine', fridge, DAY, { mixtures: ['cure'] }),
        step('smoke', at('smoker', 28), 9 * H),
        step('slice', board, 10),
        serve,
      ],
    }),
  },
  {
    name: 'beef jerky strips dried at 55 for six hours without being heated first',
    verdict: 'stop',
    meal: one({
      foods: [food('strips', 'beef-rump-roast', 900, { inPieces: 40 })],
      steps: [step('roast', oven(55), 6 * H, { label: 'Dry', doneWhen: { coreC: 52 } }), serve],
    }),
  },
  {
    // Written as a caution; by its weight it is hot all through for far longer.
    name: 'a shoulder held in a box for three hours and a half',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-shoulder-boneless', 3000)],
      steps: [
        until('smoke', at('smoker', 115), 'pork', 94),
        step('hold', at('box'), 3.5 * H),
        step('shred', board, 15),
      ],
    }),
  },
  {
    // Written as a stop; one authority says a day, another four: minded.
    name: 'egg fried rice from rice of four days before',
    verdict: 'caution',
    meal: one({
      foods: [food('rice', 'rice-dry', 300)],
      steps: [
        step('boil', hob(100), 14),
        step('cool', counter, 25),
        step('chill', fridge, 4 * DAY),
        step('fry', hob(200), 8, { doneWhen: { coreC: 78 } }),
        serve,
      ],
    }),
  },
  {
    name: 'chicken thawed in the microwave the evening before it is cooked',
    verdict: 'stop',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-boneless', 800)],
      steps: [
        step('thaw', at('counter', 30), 20, { label: 'Thaw in the microwave' }),
        step('rest', counter, 3 * H),
        until('roast', oven(200), 'thighs', 78),
        serve,
      ],
    }),
  },
  {
    name: 'oysters on ice, opened and eaten, for grown people',
    verdict: 'caution',
    meal: one({
      foods: [food('oysters', undefined, 1200)],
      steps: [
        step('chill', fridge, 4 * H),
        step('prepare', board, 15, { label: 'Open the oysters' }),
        serve,
      ],
    }),
  },
  {
    name: 'a tray of raw chicken washed before the roast goes back on it',
    verdict: 'pass',
    meal: one({
      foods: [food('bird', 'chicken-whole', 1700)],
      steps: [
        step('prepare', board, 8, { label: 'Truss the bird', vessel: { one: 'tray' } }),
        step('prepare', board, 4, {
          label: 'Wash board, knife and tray',
          washes: true,
          vessel: { one: 'tray' },
        }),
        until('roast', oven(190), 'bird', 76),
        step('rest', board, 15, { vessel: { one: 'tray' } }),
      ],
    }),
  },
  {
    name: 'the same without the wash',
    verdict: 'stop',
    rule: 'sameVessel',
    meal: one({
      foods: [food('bird', 'chicken-whole', 1700)],
      steps: [
        step('prepare', board, 8, { label: 'Truss the bird', vessel: { one: 'tray' } }),
        until('roast', oven(190), 'bird', 76),
        step('rest', board, 15, { vessel: { one: 'tray' } }),
      ],
    }),
  },
  {
    name: 'beef braised yesterday, warmed through to 60 only',
    verdict: 'stop',
    rule: 'reheating',
    meal: one({
      foods: [food('beef', 'beef-chuck', 1200)],
      steps: [
        step('braise', oven(150), 3 * H),
        step('cool', counter, 45),
        step('chill', fridge, 18 * H),
        step('simmer', hob(62), 30, { doneWhen: { coreC: 60 } }),
        serve,
      ],
    }),
  },
  {
    name: 'a loaf and a soup of lentils, from noon to one',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'soup',
        foods: [food('lentils', 'lentils-green-dry', 400)],
        steps: [step('simmer', hob(97), 40), step('hold', hob(70), 20), serve],
      }),
      dish({
        id: 'loaf',
        foods: [food('loaf', 'bread-loaf', 600)],
        steps: [step('slice', board, 5), serve],
      }),
    ]),
  },
  {
    name: 'a steak blue at 45 for a table of grown people who want it so',
    verdict: 'caution',
    meal: one({
      foods: [food('steaks', 'beef-steak', 900)],
      steps: [until('fry', hob(230), 'steaks', 45, rarer(45)), rest],
    }),
  },
];
