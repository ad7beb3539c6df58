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
  meal,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

const table = at('table');
const hob = (tempC: number) => at('hob', tempC);

/** The rest of the fifth round. */
export const ROUND_5_2: readonly LedgerCase[] = [
  {
    name: 'a burger platter: raw patties shaped on the board, then the buns and tomatoes cut on it',
    verdict: 'stop',
    rule: 'washing',
    meal: meal([
      dish({
        id: 'burgers',
        foods: [food('patties', 'beef-mince', 900, { inPieces: 6 })],
        steps: [step('shape', board, 15), until('fry', hob(220), 'patties', 72)],
      }),
      dish({
        id: 'tomatoes',
        foods: [food('tomatoes', 'salad-leaves', 400)],
        steps: [
          step('slice', board, 10, { after: [{ step: 'burgers-0' }] }),
          step('serve', table, 2),
        ],
      }),
    ]),
  },
  {
    name: 'tiramisu by hand: raw yolks, cheese, coffee, a night in the fridge, for grown-ups',
    verdict: 'pass',
    meal: one({
      name: 'Coffee cream',
      mixtures: [
        mixture(
          'cream',
          'sauce',
          [],
          [
            line('egg-yolk', '80 g'),
            line('soft-white-cheese', '500 g'),
            line('caster-sugar', '100 g'),
          ],
        ),
      ],
      steps: [step('mix', board, 20, { mixtures: ['cream'] }), step('chill', fridge, 12 * H)],
    }),
  },
  {
    name: 'the same with somebody frail at the table',
    verdict: 'stop',
    rule: 'notForThem',
    meal: one(
      {
        name: 'Coffee cream',
        mixtures: [
          mixture(
            'cream',
            'sauce',
            [],
            [
              line('egg-yolk', '80 g'),
              line('soft-white-cheese', '500 g'),
              line('caster-sugar', '100 g'),
            ],
          ),
        ],
        steps: [step('mix', board, 20, { mixtures: ['cream'] }), step('chill', fridge, 12 * H)],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'custard cooked to 60 only, for children',
    verdict: 'caution',
    meal: one(
      {
        name: 'Custard',
        mixtures: [
          mixture(
            'custard',
            'sauce',
            [],
            [line('egg-yolk', '100 g'), line('whole-milk', '500 ml'), line('caster-sugar', '80 g')],
          ),
        ],
        steps: [step('stir', hob(60), 8, { mixtures: ['custard'] }), step('chill', fridge, 3 * H)],
      },
      { eaters: [adults(3), child()] },
    ),
  },
  {
    name: 'turkey breast taken from the oven at 68 by the probe and carved at once',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('turkey', 'turkey-breast', 600)],
      steps: [
        until('grill', at('grill', 280), 'turkey', 58),
        step('slice', board, 5),
        step('serve', table, 2),
      ],
    }),
  },
  {
    name: 'hare in red wine for two days, braised',
    verdict: 'pass',
    meal: one({
      foods: [food('hare', 'hare-jointed', 1800)],
      mixtures: [
        mixture(
          'wine',
          'marinade',
          ['hare'],
          [line('wine-dry', '750 ml'), line('salt-fine-sea', '12 g')],
          {
            touchesRaw: true,
          },
        ),
      ],
      steps: [
        step('marinate', fridge, 2 * DAY, { mixtures: ['wine'] }),
        step('brown', hob(200), 15),
        step('braise', at('oven', 150), 150, { mixtures: ['wine'] }),
        step('serve', table, 5),
      ],
    }),
  },
  {
    name: 'wild boar roasted to 60',
    verdict: 'caution',
    rule: 'parasites',
    meal: one({
      foods: [food('boar', 'wild-boar-shoulder', 1500)],
      steps: [until('roast', at('oven', 180), 'boar', 60), step('rest', board, 10)],
    }),
  },
  {
    name: 'a curry made the day before, cooled on the hob overnight, heated to a boil',
    verdict: 'stop',
    meal: one({
      foods: [food('lamb', 'lamb-neck', 1200)],
      steps: [
        step('braise', hob(95), 2 * H),
        step('hold', counter, 10 * H, { label: 'Leave in the pot overnight' }),
        step('boil', hob(100), 15),
      ],
    }),
  },
  {
    name: 'a curry made the day before, cooled in ice water, fridge, heated to a boil',
    verdict: 'pass',
    meal: one({
      foods: [food('lamb', 'lamb-neck', 1200)],
      steps: [
        step('braise', hob(95), 2 * H),
        step('cool', at('counter', 2), 40),
        step('chill', fridge, 14 * H),
        step('boil', hob(100), 15),
      ],
    }),
  },
  {
    name: 'squid fried two minutes in two rounds',
    verdict: 'pass',
    meal: one({
      foods: [food('squid', 'squid', 600)],
      steps: [step('fry', at('hob', 180), 6), step('serve', table, 3)],
      readyWithinMin: 15,
    }),
  },
  {
    name: 'mussels steamed for five minutes, bought that day',
    verdict: 'pass',
    meal: one({
      foods: [food('mussels', 'mussels', 1500)],
      steps: [step('steam', hob(100), 6), step('serve', table, 3)],
      readyWithinMin: 15,
    }),
  },
  {
    name: 'pancakes: batter rests on the counter for half an hour, fried',
    verdict: 'pass',
    meal: one({
      mixtures: [
        mixture(
          'batter',
          'dough',
          [],
          [line('egg-beaten', '150 g'), line('whole-milk', '500 ml'), line('cake-flour', '250 g')],
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['batter'] }),
        step('rest', counter, 30),
        step('fry', hob(190), 30, { mixtures: ['batter'] }),
      ],
    }),
  },
  {
    name: 'pancake batter with egg and milk on the counter for seven hours',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture(
          'batter',
          'dough',
          [],
          [line('egg-beaten', '150 g'), line('whole-milk', '500 ml'), line('cake-flour', '250 g')],
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['batter'] }),
        step('rest', counter, 7 * H),
        step('fry', hob(190), 30, { mixtures: ['batter'] }),
      ],
    }),
  },
  {
    name: 'pulled pork from the smoker, shredded, kept in a cooker at 75 for three hours',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-shoulder-bone-in', 3000)],
      steps: [
        until('smoke', at('smoker', 115), 'pork', 93),
        step('rest', board, 45),
        step('shred', board, 15),
        step('hold', at('slow-cooker', 75), 3 * H),
      ],
    }),
  },
  {
    name: 'pulled pork shredded, in a cold cooker on the counter for three hours',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('pork', 'pork-shoulder-bone-in', 3000)],
      steps: [
        until('smoke', at('smoker', 115), 'pork', 93),
        step('shred', board, 15),
        step('hold', counter, 3 * H),
      ],
    }),
  },
  {
    name: 'a turkey thawed two days in the fridge, roasted to 74, rested',
    verdict: 'pass',
    meal: one({
      foods: [food('turkey', 'turkey-whole', 4000, { frozen: true })],
      steps: [
        step('thaw', fridge, 2 * DAY),
        until('roast', at('oven', 170), 'turkey', 75),
        step('rest', board, 30),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'potato salad with shop mayonnaise, four hours on the picnic table at 30',
    verdict: 'stop',
    meal: one({
      foods: [food('potatoes', 'potatoes-small', 1200)],
      mixtures: [mixture('dressing', 'sauce', [], [line('mayonnaise', '200 g')])],
      steps: [
        step('boil', hob(100), 20),
        step('chill', fridge, 3 * H),
        step('mix', board, 10, { mixtures: ['dressing'] }),
        step('hold', at('table', 30), 4 * H),
      ],
    }),
  },
];
