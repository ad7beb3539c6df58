import {
  at,
  board,
  counter,
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
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const serve = step('serve', table, 5);
const rarer = (coreC: number) => ({ doneWhen: { coreC, rarer: true } });

/** The twelfth round, second half: ordinary evenings, half of them gone wrong in one ordinary way. */
export const ROUND_12_2: readonly LedgerCase[] = [
  {
    name: 'pork chops to 63 with five minutes of rest',
    verdict: 'pass',
    meal: one({
      foods: [food('chops', 'pork-chop-bone-in', 1000)],
      steps: [until('fry', hob(200), 'chops', 63), step('rest', board, 5), serve],
    }),
  },
  {
    name: 'mayonnaise of raw yolks on the buffet from five to nine',
    verdict: 'stop',
    meal: one({
      readyWithinMin: 10,
      foods: [food('bread', 'bread-loaf', 500)],
      mixtures: [
        mixture(
          'mayo',
          'sauce',
          [],
          [
            line('egg-yolk', '40 g'),
            line('rapeseed-oil', '250 ml'),
            line('mustard-dijon-style', '10 g'),
          ],
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['mayo'] }),
        step('rest', counter, 4 * H, { mixtures: ['mayo'], label: 'Stand the mayonnaise out' }),
        serve,
      ],
    }),
  },
  {
    name: 'ceviche of trout never frozen, for grown people',
    verdict: 'stop',
    meal: one({
      foods: [food('bass', 'trout-fillet', 600)],
      mixtures: [mixture('lime', 'marinade', ['bass'], [line('lime-juice', '200 ml')])],
      steps: [step('marinate', fridge, 30, { mixtures: ['lime'] }), serve],
    }),
  },
  {
    name: 'ham, cooked by the butcher, carved cold',
    verdict: 'pass',
    meal: one({
      foods: [food('ham', 'ham-cooked-bone-in', 1500)],
      steps: [step('slice', board, 15), serve],
    }),
  },
  {
    name: 'prawns thawed in cold water, in the pan at once',
    verdict: 'pass',
    meal: one({
      foods: [food('prawns', 'prawns-peeled', 600)],
      steps: [
        step('thaw', at('counter', 10), 30, { label: 'Thaw in cold water' }),
        step('fry', hob(200), 5),
        serve,
      ],
    }),
  },
  {
    name: 'pulled pork chilled in its two kilos in one deep pot, still warm the next morning',
    verdict: 'stop',
    meal: one({
      foods: [food('pork', 'pork-shoulder-boneless', 4000)],
      steps: [
        step('braise', oven(150), 4 * H),
        step('shred', board, 15),
        step('cool', counter, 9 * H),
        step('chill', fridge, 6 * H),
        step('simmer', hob(97), 30, { doneWhen: { coreC: 80 } }),
        serve,
      ],
    }),
  },
  {
    name: 'steaks seared the evening before and warmed to 50',
    verdict: 'stop',
    meal: one({
      foods: [food('steaks', 'beef-steak', 900)],
      steps: [
        step('sear', hob(230), 4, rarer(45)),
        step('chill', fridge, 20 * H),
        step('roast', oven(120), 25, rarer(50)),
        serve,
      ],
    }),
  },
  {
    name: 'a leg of lamb pink at 57 by choice, nobody frail',
    verdict: 'caution',
    meal: one({
      foods: [food('leg', 'lamb-leg-bone-in', 2200)],
      steps: [until('roast', oven(180), 'leg', 57, rarer(57)), step('rest', board, 20)],
    }),
  },
  {
    name: 'the same leg with a grandmother who is ill',
    verdict: 'stop',
    rule: 'core',
    meal: one(
      {
        foods: [food('leg', 'lamb-leg-bone-in', 2200)],
        steps: [until('roast', oven(180), 'leg', 57, rarer(57)), step('rest', board, 20)],
      },
      { eaters: [{ count: 4, who: 'adult', portion: 1, avoids: [] }, frail(1)] },
    ),
  },
  {
    name: 'potato salad dressed warm and chilled till the evening',
    verdict: 'pass',
    meal: one({
      foods: [food('potatoes', 'potatoes-small', 1200)],
      steps: [
        step('boil', hob(100), 20),
        step('cool', counter, 30),
        step('chill', fridge, 5 * H),
        serve,
      ],
    }),
  },
  {
    name: 'raw mince shaped on the board, then tomatoes sliced for the same burgers',
    verdict: 'stop',
    rule: 'washing',
    meal: meal([
      dish({
        id: 'burgers',
        foods: [food('mince', 'beef-mince', 800)],
        steps: [step('shape', board, 12), until('fry', hob(220), 'mince', 73), serve],
      }),
      dish({
        id: 'tomatoes',
        foods: [food('tomatoes', undefined, 400)],
        steps: [
          step('slice', board, 5, {
            label: 'Slice the tomatoes',
            after: [{ step: 'burgers-0', mostMin: 20 }],
          }),
          serve,
        ],
      }),
    ]),
  },
  {
    name: 'tomatoes sliced first, then the mince shaped',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'tomatoes',
        foods: [food('tomatoes', undefined, 400)],
        steps: [step('slice', board, 5, { label: 'Slice the tomatoes' }), serve],
      }),
      dish({
        id: 'burgers',
        foods: [food('mince', 'beef-mince', 800)],
        steps: [
          step('shape', board, 12, { after: [{ step: 'tomatoes-0', mostMin: 90 }] }),
          until('fry', hob(220), 'mince', 73),
          serve,
        ],
      }),
    ]),
  },
];
