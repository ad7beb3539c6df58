import {
  at,
  board,
  counter,
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
const hob = (tempC: number) => at('hob', tempC);
const oven = (tempC: number) => at('oven', tempC);

/** The sixth round: what is parted and joined, sauces by themselves, suppers of several dishes. */
export const ROUND_6_1: readonly LedgerCase[] = [
  {
    name: 'a béchamel mixed at noon, left on the hob without heat until supper',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture(
          'white',
          'sauce',
          [],
          [line('whole-milk', '800 ml'), line('butter-unsalted', '60 g')],
        ),
      ],
      steps: [
        step('stir', hob(95), 15, { mixtures: ['white'], label: 'White sauce' }),
        step('hold', counter, 5 * H, { mixtures: ['white'], label: 'Leave it' }),
      ],
    }),
  },
  {
    name: 'a béchamel poured at once over pasta and baked',
    verdict: 'pass',
    meal: one({
      foods: [food('pasta', 'pasta-thick-dry', 500)],
      mixtures: [
        mixture(
          'white',
          'sauce',
          [],
          [line('whole-milk', '800 ml'), line('butter-unsalted', '60 g')],
        ),
      ],
      steps: [
        step('boil', hob(100), 10),
        step('stir', hob(95), 12, { mixtures: ['white'], after: [] }),
        step('mix', board, 8, {
          mixtures: ['white'],
          after: [{ step: 'dish-0' }, { step: 'dish-1' }],
        }),
        step('bake', oven(190), 30),
      ],
    }),
  },
  {
    name: 'whipped cream out on a hot terrace for an hour and a half',
    verdict: 'stop',
    meal: one(
      {
        mixtures: [
          mixture('cream', 'sauce', [], [line('cream-36', '500 ml'), line('caster-sugar', '30 g')]),
        ],
        steps: [
          step('mix', board, 10, { mixtures: ['cream'] }),
          step('hold', at('table', 35), 90, { mixtures: ['cream'] }),
        ],
      },
      { kitchen: { roomC: 24 } },
    ),
  },
  {
    name: 'whipped cream in the fridge all afternoon',
    verdict: 'pass',
    meal: one({
      mixtures: [
        mixture('cream', 'sauce', [], [line('cream-36', '500 ml'), line('caster-sugar', '30 g')]),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['cream'] }),
        step('chill', fridge, 5 * H, { mixtures: ['cream'] }),
      ],
    }),
  },
  {
    name: 'dough with milk and egg, yeast in it, rising three hours',
    verdict: 'pass',
    meal: one({
      foods: [food('rolls', 'flour-for-loaf', 800)],
      mixtures: [
        mixture(
          'dough',
          'dough',
          ['rolls'],
          [
            line('bread-flour', '500 g'),
            line('whole-milk', '250 ml'),
            line('egg-beaten', '100 g'),
            line('instant-yeast', '7 g'),
          ],
        ),
      ],
      steps: [
        step('knead', board, 15, { mixtures: ['dough'] }),
        step('rise', counter, 3 * H),
        step('bake', oven(190), 25),
        step('cool', board, 30),
      ],
    }),
  },
  {
    name: 'skewers of chicken and courgette grilled till the vegetables brown',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 800), food('aubergine', 'aubergine', 400)],
      steps: [step('prepare', board, 20), step('grill', at('grill', 250), 3)],
    }),
  },
  {
    name: 'skewers of chicken thigh grilled a quarter of an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-thigh-boneless', 800)],
      steps: [step('prepare', board, 20), until('grill', at('grill', 240), 'chicken', 76)],
    }),
  },
  {
    name: 'a lamb curry in a rice cooker left on warm at 50 for four hours',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('lamb', 'lamb-neck', 1200)],
      steps: [step('braise', hob(95), 2 * H), step('hold', at('slow-cooker', 50), 4 * H)],
    }),
  },
  {
    name: 'fried rice from rice boiled at once',
    verdict: 'pass',
    meal: one({
      foods: [food('rice', 'rice-dry', 400)],
      steps: [step('boil', hob(100), 12), step('rest', board, 15), step('fry', hob(200), 6)],
      readyWithinMin: 15,
    }),
  },
  {
    name: 'fried rice from rice that stood overnight',
    verdict: 'stop',
    meal: one({
      foods: [food('rice', 'rice-dry', 400)],
      steps: [step('boil', hob(100), 12), step('hold', counter, 14 * H), step('fry', hob(200), 6)],
      readyWithinMin: 15,
    }),
  },
  {
    name: 'Sunday: a roast chicken, roast potatoes, beans, gravy of the bones',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'bird',
        foods: [food('bird', 'chicken-whole', 1800)],
        steps: [
          until('roast', oven(190), 'bird', 76),
          step('rest', board, 20),
          step('slice', board, 10),
        ],
      }),
      dish({
        id: 'spuds',
        foods: [food('potatoes', 'potatoes-halved', 1500)],
        steps: [step('boil', hob(100), 8), step('roast', oven(190), 50)],
      }),
      dish({
        id: 'beans',
        foods: [food('beans', 'green-beans', 500)],
        steps: [step('steam', hob(100), 6)],
        readyWithinMin: 15,
      }),
      dish({
        id: 'gravy',
        mixtures: [
          mixture(
            'gravy',
            'sauce',
            [],
            [line('stock-ready-made', '500 ml'), line('wine-dry', '100 ml')],
          ),
        ],
        steps: [step('simmer', hob(95), 20, { mixtures: ['gravy'] })],
      }),
    ]),
  },
  {
    name: 'the gravy boat goes round at six and stands on the table till ten: no, made at noon and left',
    verdict: 'stop',
    meal: meal([
      dish({
        id: 'gravy',
        foods: [food('gravy', 'gravy', 700)],
        steps: [step('simmer', hob(95), 30), step('hold', counter, 6 * H)],
      }),
    ]),
  },
  {
    name: 'steak tartare by choice for grown-ups who want it',
    verdict: 'stop',
    meal: one({
      foods: [food('beef', 'beef-mince', 600)],
      steps: [step('mix', board, 10), step('serve', table, 5)],
    }),
  },
  {
    name: 'carpaccio of seared fillet, 45 in the middle, by choice',
    verdict: 'caution',
    meal: one({
      foods: [food('fillet', 'beef-fillet', 800)],
      steps: [
        until('sear', hob(240), 'fillet', 45, { doneWhen: { coreC: 45, rarer: true } }),
        step('slice', board, 10),
      ],
      readyWithinMin: 20,
    }),
  },
  {
    name: 'pork and salad tongs: chops marinated, grilled, put back in the marinade tub',
    verdict: 'stop',
    meal: one({
      foods: [food('chops', 'pork-chop-bone-in', 1000)],
      mixtures: [marinade('herb', ['chops'])],
      steps: [
        step('marinate', fridge, 3 * H, { mixtures: ['herb'], vessel: { one: 'tub' } }),
        until('grill', at('grill', 220), 'chops', 66),
        step('rest', board, 10, {
          label: 'Rest in the marinade',
          mixtures: ['herb'],
          vessel: { one: 'tub' },
        }),
      ],
    }),
  },
];
