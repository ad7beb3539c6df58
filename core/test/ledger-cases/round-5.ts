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
const hob = (tempC: number) => at('hob', tempC);

/** The fifth round: what a file declares, other fires, and ordinary dinners that are all right. */
export const ROUND_5: readonly LedgerCase[] = [
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
