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

/** The second round: other dishes, other words. */
export const ROUND_2_1: readonly LedgerCase[] = [
  {
    name: 'pork belly parboiled ten minutes, cooled, finished on coals next day',
    verdict: 'stop',
    meal: one({
      foods: [food('belly', 'pork-belly-strips', 1200)],
      steps: [
        step('boil', at('hob', 100), 6),
        step('chill', fridge, 16 * H),
        until('grill', at('grill', 220), 'belly', 70),
      ],
    }),
  },
  {
    name: 'ribs braised through, chilled, glazed on coals next day to 75',
    verdict: 'pass',
    meal: one({
      foods: [food('ribs', 'pork-spare-ribs', 1600)],
      steps: [
        step('braise', at('oven', 150), 150),
        step('chill', fridge, 16 * H),
        until('grill', at('grill', 200), 'ribs', 75),
      ],
    }),
  },
  {
    name: 'sausages by name only, left in the pan for two minutes',
    verdict: 'stop',
    meal: one({
      foods: [food('sausages', undefined, 800)],
      steps: [step('fry', at('hob', 180), 2), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'sausages by name only, fried for twenty minutes',
    verdict: 'caution',
    rule: 'unknownFood',
    meal: one({
      foods: [food('sausages', undefined, 800)],
      steps: [step('fry', at('hob', 170), 20), step('serve', at('table'), 5)],
    }),
  },
  {
    name: 'a burger pink at 60',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('burger', 'beef-mince', 800)],
      steps: [until('grill', at('grill', 230), 'burger', 60)],
    }),
  },
  {
    name: 'a burger at 60 which the cook wants so, with a child at the table',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('burger', 'beef-mince', 800)],
        steps: [
          until('grill', at('grill', 230), 'burger', 60, { doneWhen: { coreC: 60, rarer: true } }),
        ],
      },
      { eaters: [adults(2), child()] },
    ),
  },
  {
    name: 'a rib steak at 54 which the cook wants so',
    verdict: 'caution',
    rule: 'core',
    meal: one({
      foods: [food('steak', 'beef-steak', 900)],
      steps: [
        until('sear', at('hob', 240), 'steak', 54, { doneWhen: { coreC: 54, rarer: true } }),
        step('rest', board, 6),
      ],
    }),
  },
  {
    name: 'a rib steak at 54 which the cook wants so, for someone pregnant',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('steak', 'beef-steak', 900)],
        steps: [
          until('sear', at('hob', 240), 'steak', 54, { doneWhen: { coreC: 54, rarer: true } }),
          step('rest', board, 6),
        ],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'the chicken’s marinade poured over it as it is served',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-boneless', 1000)],
      mixtures: [marinade('soy-mix', ['thighs'])],
      steps: [
        step('marinate', fridge, 3 * H, { time: { kind: 'soak', mixture: 'soy-mix' } }),
        until('grill', at('grill', 220), 'thighs', 76),
        step('serve', at('table'), 3, {
          label: 'Pour the marinade over, serve',
          mixtures: ['soy-mix'],
        }),
      ],
    }),
  },
  {
    name: 'a part of the marinade kept clean and poured over',
    verdict: 'pass',
    meal: one({
      foods: [food('thighs', 'chicken-thigh-boneless', 1000)],
      mixtures: [
        marinade('soy-mix', ['thighs'], {
          reserve: { amount: '80 ml', scaling: 'linear', purpose: 'for the table' },
        }),
      ],
      steps: [
        step('marinate', fridge, 3 * H, { time: { kind: 'soak', mixture: 'soy-mix' } }),
        until('grill', at('grill', 220), 'thighs', 76),
        step('serve', at('table'), 3, { mixtures: ['soy-mix'] }),
      ],
    }),
  },
  {
    name: 'basting with the marinade until the last minute',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [food('wings', 'chicken-wing', 1200)],
      mixtures: [marinade('chilli', ['wings'])],
      steps: [
        step('marinate', fridge, 3 * H, { time: { kind: 'soak', mixture: 'chilli' } }),
        until('grill', at('grill', 220), 'wings', 76),
        step('baste', board, 2, { mixtures: ['chilli'] }),
      ],
    }),
  },
  {
    name: 'rice left in its pot off the fire for six hours',
    verdict: 'stop',
    meal: one({
      foods: [food('rice', 'rice-round-dry', 400)],
      steps: [
        step('simmer', at('hob', 96), 16),
        step('serve', at('table'), 5, { after: [{ step: 'dish-0', leastMin: 360, mostMin: 370 }] }),
      ],
    }),
  },
  {
    name: 'a chilli kept warm at 50 all afternoon',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('beef', 'beef-chuck', 1200)],
      steps: [step('braise', at('oven', 150), 180), step('hold', at('slow-cooker', 50), 4 * H)],
    }),
  },
  {
    name: 'a chilli kept hot at 70 all afternoon',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck', 1200)],
      steps: [step('braise', at('oven', 150), 180), step('hold', at('slow-cooker', 70), 4 * H)],
    }),
  },
  {
    name: 'thawed on the counter overnight',
    verdict: 'stop',
    rule: 'thawing',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [step('thaw', counter, 10 * H), until('roast', at('oven', 190), 'chicken', 76)],
    }),
  },
  {
    name: 'a fish fillet two days in the fridge, then baked through',
    verdict: 'pass',
    meal: one({
      foods: [food('cod', 'white-fish-fillet', 800)],
      steps: [step('chill', fridge, 30 * H), until('bake', at('oven', 190), 'cod', 63)],
    }),
  },
  {
    name: 'a fish fillet four days in the fridge',
    verdict: 'stop',
    meal: one({
      foods: [food('cod', 'white-fish-fillet', 800)],
      steps: [step('chill', fridge, 4 * DAY), until('bake', at('oven', 190), 'cod', 63)],
    }),
  },
  {
    name: 'fruit salad cut on the board the raw pork was cubed on',
    verdict: 'stop',
    rule: 'washing',
    meal: meal([
      dish({
        id: 'pork',
        foods: [food('pork', 'pork-shoulder-boneless', 900)],
        steps: [
          step('prepare', board, 15, { ...hands('Cube the pork'), label: 'Cube the pork' }),
          step('braise', at('oven', 150), 150),
        ],
      }),
      dish({
        id: 'fruit',
        foods: [food('plums', undefined, 500)],
        readyWithinMin: 180,
        steps: [step('prepare', board, 10, { ...hands('Cut the plums'), label: 'Cut the plums' })],
      }),
    ]),
  },
  {
    name: 'fruit cut first, pork after it',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'fruit',
        foods: [food('plums', undefined, 500)],
        readyWithinMin: 600,
        steps: [
          step('prepare', board, 10, {
            ...hands('Cut the plums'),
            label: 'Cut the plums',
            pinnedBeforeServeMin: 400,
          }),
        ],
      }),
      dish({
        id: 'pork',
        foods: [food('pork', 'pork-shoulder-boneless', 900)],
        steps: [
          step('prepare', board, 15, { ...hands('Cube the pork'), label: 'Cube the pork' }),
          step('braise', at('oven', 150), 150),
        ],
      }),
    ]),
  },
  {
    name: 'the bread cut on another board after raw lamb',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'lamb',
        foods: [food('lamb', 'lamb-leg-boneless', 1200)],
        steps: [
          step('prepare', board, 15, { ...hands('Trim the lamb'), label: 'Trim the lamb' }),
          until('roast', at('oven', 180), 'lamb', 65),
          step('rest', board, 15),
        ],
      }),
      dish({
        id: 'bread',
        foods: [food('loaf', 'bread-loaf', 500)],
        steps: [
          step('slice', board, 5, {
            ...hands('Slice it on a clean board'),
            label: 'Slice the loaf on a clean board',
          }),
        ],
      }),
    ]),
  },
  {
    name: 'a brine at room heat for a night',
    verdict: 'stop',
    meal: one({
      foods: [food('turkey', 'turkey-breast', 2000)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['turkey'],
          [line('water', '3 l'), line('salt-fine-sea', '150 g')],
        ),
      ],
      steps: [
        step('brine', at('counter', 19), 11 * H, { mixtures: ['brine'] }),
        until('roast', at('oven', 180), 'turkey', 76),
      ],
    }),
  },
];
