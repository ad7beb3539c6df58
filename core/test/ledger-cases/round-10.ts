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
const freezer = at('freezer', -18);
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
/** Left over from an earlier supper; the table is set for the 28th. */
const leftOf = (cookedAt: string, frozenAt?: string) => ({
  leftOver: { run: 'earlier', food: 'joint', cookedAt, ...(frozenAt && { frozenAt }) },
});
const reheated = [step('simmer', hob(96), 20), step('serve', table, 5)];

/** The tenth round: what is left of earlier suppers, freezers, and ordinary Sundays gone wrong. */
export const ROUND_10: readonly LedgerCase[] = [
  {
    name: 'lamb left over from the evening before, in a sauce',
    verdict: 'pass',
    meal: one({
      foods: [food('lamb', 'cooked-lamb', 500, leftOf('2026-11-27T20:00:00Z'))],
      steps: reheated,
    }),
  },
  {
    name: 'beef left over from six days before',
    verdict: 'stop',
    rule: 'cookedKeeping',
    meal: one({
      foods: [food('beef', 'cooked-beef', 500, leftOf('2026-11-22T20:00:00Z'))],
      steps: reheated,
    }),
  },
  {
    name: 'pork left over from three days and a half before',
    verdict: 'caution',
    rule: 'cookedKeeping',
    meal: one({
      foods: [food('pork', 'cooked-pork', 500, leftOf('2026-11-25T08:00:00Z'))],
      steps: reheated,
    }),
  },
  {
    name: 'turkey frozen the day after, thawed in the fridge five weeks on',
    verdict: 'pass',
    meal: one({
      foods: [
        food('bird', 'cooked-poultry', 600, leftOf('2026-10-20T20:00:00Z', '2026-10-21T09:00:00Z')),
      ],
      steps: [step('thaw', fridge, 14 * H), ...reheated],
    }),
  },
  {
    name: 'turkey frozen only on the sixth day',
    verdict: 'stop',
    rule: 'cookedKeeping',
    meal: one({
      foods: [
        food('bird', 'cooked-poultry', 600, leftOf('2026-10-20T20:00:00Z', '2026-10-26T09:00:00Z')),
      ],
      steps: [step('thaw', fridge, 14 * H), ...reheated],
    }),
  },
  {
    name: 'left-over lamb only warmed to 50°',
    verdict: 'stop',
    rule: 'reheating',
    meal: one({
      foods: [food('lamb', 'cooked-lamb', 500, leftOf('2026-11-27T20:00:00Z'))],
      steps: [step('fry', hob(140), 6, { doneWhen: { coreC: 50 } }), step('serve', table, 5)],
    }),
  },
  {
    name: 'a frozen joint thawed on the counter overnight',
    verdict: 'stop',
    meal: one({
      foods: [food('joint', 'pork-shoulder-boneless', 1800)],
      steps: [step('thaw', counter, 12 * H), until('roast', oven(150), 'joint', 90)],
    }),
  },
  {
    name: 'a frozen duck thawed two days in the fridge',
    verdict: 'pass',
    meal: one({
      foods: [food('duck', 'duck-whole', 2200)],
      steps: [
        step('thaw', fridge, 2 * DAY),
        until('roast', oven(180), 'duck', 76),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'burgers of bought mince, pink inside for a pregnant guest',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('mince', 'beef-mince', 600)],
        steps: [
          step('shape', board, 10),
          until('grill', at('grill', 230), 'mince', 58, { doneWhen: { rarer: true } }),
        ],
      },
      { eaters: [{ count: 3, who: 'adult', portion: 1, avoids: [] }, frail(1)] },
    ),
  },
  {
    name: 'mince kept four days in the fridge before it is fried',
    verdict: 'stop',
    rule: 'rawKeeping',
    meal: one({
      foods: [food('mince', 'pork-mince', 600)],
      steps: [step('chill', fridge, 4 * DAY), until('fry', hob(190), 'mince', 74)],
    }),
  },
  {
    name: 'a big pot of stock left on the stove overnight to cool',
    verdict: 'stop',
    meal: one({
      foods: [food('bones', 'beef-shin', 2500)],
      steps: [
        step('simmer', hob(96), 4 * H),
        step('cool', counter, 11 * H),
        step('simmer', hob(96), 30),
      ],
    }),
  },
  {
    name: 'a stew cooled an hour, chilled, and boiled up the next evening',
    verdict: 'pass',
    meal: one({
      foods: [food('meat', 'beef-chuck', 1200)],
      steps: [
        step('braise', oven(150), 3 * H),
        step('cool', counter, 60),
        step('chill', fridge, 20 * H),
        step('simmer', hob(97), 30, { doneWhen: { coreC: 80 } }),
      ],
    }),
  },
  {
    name: 'salad leaves washed in the sink that rinsed the chicken, nothing cleaned between',
    verdict: 'stop',
    meal: meal([
      dish({
        id: 'chicken',
        foods: [food('bird', 'chicken-whole', 1600)],
        steps: [
          step('prepare', board, 10, {
            label: 'Cut out the back',
            vessel: { id: 'tray', filled: 'with' },
          }),
          until('roast', oven(200), 'bird', 76),
          step('rest', board, 15),
        ],
      }),
      dish({
        id: 'salad',
        foods: [food('leaves', 'salad-leaves', 200)],
        steps: [
          step('prepare', board, 10, {
            label: 'Shred the leaves',
            after: [{ step: 'chicken-0', mostMin: 5 }],
          }),
          step('serve', table, 2),
        ],
      }),
    ]),
  },
  {
    name: 'chicken breasts browned the day before and finished tomorrow',
    verdict: 'stop',
    meal: one({
      foods: [food('breast', 'chicken-breast', 800)],
      steps: [
        step('brown', hob(200), 4, { doneWhen: { coreC: 40 } }),
        step('chill', fridge, 20 * H),
        until('roast', oven(180), 'breast', 75),
      ],
    }),
  },
  {
    name: 'mussels kept alive a day in the cold, then steamed open',
    verdict: 'pass',
    meal: one({
      foods: [food('mussels', 'mussels', 2000)],
      steps: [step('chill', fridge, 20 * H), step('steam', hob(100), 6)],
    }),
  },
  {
    // Written as a caution; who says nothing of its farm or of a freezer is rightly stopped.
    name: 'salmon cured two days, never frozen, never cooked',
    verdict: 'stop',
    meal: one({
      foods: [food('salmon', 'salmon-side', 900)],
      mixtures: [
        mixture(
          'cure',
          'dry brine',
          ['salmon'],
          [line('salt-coarse-dense', '90 g'), line('granulated-sugar', '60 g')],
        ),
      ],
      steps: [
        step('brine', fridge, 2 * DAY, { mixtures: ['cure'] }),
        step('slice', board, 10),
        step('serve', table, 5),
      ],
    }),
  },
  {
    name: 'cut pork frozen and thawed in its marinade in the cold',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-tenderloin', 900)],
      mixtures: [marinade('soy', ['pork'])],
      steps: [
        step('marinate', fridge, 20 * H, { mixtures: ['soy'] }),
        until('roast', oven(180), 'pork', 65),
        step('rest', board, 8),
      ],
    }),
  },
  {
    name: 'wings out on the buffet from three until supper at seven',
    verdict: 'stop',
    rule: 'holding',
    meal: one({
      foods: [food('wings', 'chicken-wing', 2000)],
      steps: [
        until('roast', oven(200), 'wings', 85),
        step('rest', counter, 4 * H),
        step('serve', table, 5),
      ],
    }),
  },
  {
    name: 'raw chicken forgotten in the freezer’s stead on the board for three hours',
    verdict: 'stop',
    meal: one({
      foods: [food('bird', 'chicken-thigh-bone-in', 1200)],
      steps: [
        step('prepare', board, 10),
        step('rest', board, 3 * H),
        until('grill', at('grill', 220), 'bird', 78),
      ],
    }),
  },
  {
    // Written as safe; that it is eaten raw is minded all the same, as it should be.
    name: 'a trout frozen hard a week before it is eaten half raw',
    verdict: 'caution',
    meal: one({
      foods: [food('trout', 'trout-fillet', 700)],
      steps: [
        step('chill', freezer, 8 * DAY, { place: at('freezer', -20) }),
        step('thaw', fridge, DAY),
        step('slice', board, 15),
        step('serve', table, 5),
      ],
    }),
  },
];
