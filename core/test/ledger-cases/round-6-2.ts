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
const oven = (tempC: number) => at('oven', tempC);

/** The rest of the sixth round. */
export const ROUND_6_2: readonly LedgerCase[] = [
  {
    name: 'chops marinated, grilled, rested on a clean board',
    verdict: 'pass',
    meal: one({
      foods: [food('chops', 'pork-chop-bone-in', 1000)],
      mixtures: [marinade('herb', ['chops'])],
      steps: [
        step('marinate', fridge, 3 * H, { mixtures: ['herb'] }),
        until('grill', at('grill', 220), 'chops', 66),
        step('rest', board, 10),
      ],
    }),
  },
  {
    name: 'a beef stew frozen, thawed in the fridge, brought to a simmer',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck', 1200)],
      steps: [
        step('braise', oven(150), 3 * H),
        step('cool', at('counter', 2), 60),
        step('chill', at('freezer', -18), 5 * DAY),
        step('thaw', fridge, 30 * H),
        step('simmer', hob(98), 30),
      ],
    }),
  },
  {
    name: 'a beef stew frozen, thawed in the fridge, eaten lukewarm at 50',
    verdict: 'stop',
    rule: 'reheating',
    meal: one({
      foods: [food('beef', 'beef-chuck', 1200)],
      steps: [
        step('braise', oven(150), 3 * H),
        step('cool', at('counter', 2), 60),
        step('chill', fridge, 2 * DAY),
        until('simmer', hob(98), 'beef', 50),
      ],
    }),
  },
  {
    name: 'prawn cocktail: cooked prawns chilled, dressed, out for an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('prawns', 'prawns-peeled', 500)],
      mixtures: [
        mixture('pink', 'sauce', [], [line('mayonnaise', '150 g'), line('ketchup', '50 g')]),
      ],
      steps: [
        step('boil', hob(100), 4),
        step('chill', fridge, 3 * H),
        step('mix', board, 10, { mixtures: ['pink'] }),
        step('serve', table, 30),
      ],
    }),
  },
  {
    name: 'prawn cocktail dressed at noon and left on the sideboard',
    verdict: 'stop',
    meal: one({
      foods: [food('prawns', 'prawns-peeled', 500)],
      mixtures: [
        mixture('pink', 'sauce', [], [line('mayonnaise', '150 g'), line('ketchup', '50 g')]),
      ],
      steps: [
        step('boil', hob(100), 4),
        step('mix', board, 10, { mixtures: ['pink'] }),
        step('hold', counter, 5 * H),
      ],
    }),
  },
  {
    name: 'a soft-boiled egg for a child',
    verdict: 'caution',
    meal: one(
      {
        foods: [food('eggs', 'eggs', 360)],
        steps: [step('boil', hob(100), 4)],
        readyWithinMin: 10,
      },
      { eaters: [adults(2), child()] },
    ),
  },
  {
    name: 'a turkey, four kilos, thawed half a day in the fridge',
    verdict: 'stop',
    rule: 'thawing',
    meal: one({
      foods: [food('turkey', 'turkey-whole', 4000)],
      steps: [
        step('thaw', fridge, 10 * H),
        until('roast', oven(170), 'turkey', 76),
        step('rest', board, 30),
      ],
    }),
  },
  {
    name: 'duck breast at 54 for everyone, wanted so, no child, nobody frail',
    verdict: 'caution',
    meal: one({
      foods: [food('duck', 'duck-breast', 800)],
      steps: [
        until('sear', hob(200), 'duck', 54, { doneWhen: { coreC: 54, rarer: true } }),
        step('rest', board, 8),
        step('slice', board, 5),
      ],
    }),
  },
  {
    name: 'venison loin at 54, wanted so, with somebody pregnant',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('venison', 'venison-loin', 800)],
        steps: [
          until('roast', oven(140), 'venison', 54, { doneWhen: { coreC: 54, rarer: true } }),
          step('rest', board, 10),
        ],
      },
      { eaters: [adults(2), frail()] },
    ),
  },
  {
    name: 'meat sauce simmered two hours, kept at 80 on the hob, pasta boiled',
    verdict: 'pass',
    meal: meal([
      dish({
        id: 'sauce',
        foods: [food('beef', 'beef-mince', 800)],
        steps: [
          step('brown', hob(200), 10),
          step('simmer', hob(95), 2 * H),
          step('hold', hob(80), 60),
        ],
      }),
      dish({
        id: 'pasta',
        foods: [food('pasta', 'pasta-thick-dry', 500)],
        steps: [step('boil', hob(100), 11)],
        readyWithinMin: 10,
      }),
    ]),
  },
  {
    name: 'meat sauce browned only, stirred into pasta',
    verdict: 'stop',
    meal: one({
      foods: [food('beef', 'beef-mince', 800), food('pasta', 'pasta-thick-dry', 500)],
      steps: [
        step('brown', hob(200), 1, { label: 'Brown the beef' }),
        step('boil', hob(100), 11, { label: 'Boil the pasta', after: [] }),
        step('mix', board, 3, { after: [{ step: 'dish-0' }, { step: 'dish-1' }] }),
      ],
    }),
  },
  {
    name: 'salmon cured two days in salt and sugar, frozen hard before',
    verdict: 'caution',
    meal: one({
      foods: [food('salmon', 'salmon-fillet', 1000)],
      mixtures: [
        mixture(
          'cure',
          'dry brine',
          ['salmon'],
          [line('salt-fine-sea', '40 g'), line('caster-sugar', '40 g')],
        ),
      ],
      steps: [
        step('chill', at('freezer', -20), 8 * DAY),
        step('thaw', fridge, DAY),
        step('brine', fridge, 36 * H, { mixtures: ['cure'] }),
        step('slice', board, 15),
      ],
    }),
  },
  {
    name: 'raw tuna and rice, the tuna never frozen',
    verdict: 'caution',
    meal: one({
      name: 'Raw tuna bowl',
      foods: [food('tuna', 'tuna-steak', 500)],
      steps: [step('slice', board, 15), step('serve', table, 5)],
    }),
  },
];
