import {
  DAYS,
  HOURS,
  bake,
  brine,
  chill,
  counter,
  cure,
  done,
  fixed,
  fridge,
  garlicOil,
  heat,
  hob,
  hold,
  inBrine,
  line,
  oven,
  rest,
  roast,
  salted,
  simmer,
  soak,
  sours,
} from './small-meal.ts';
import type { CaseRow } from './safety-cold.ts';

/** Four cups, each by itself. */
const CUPS = { share: { kind: 'pieces', pieces: 1, pieceG: 130, by: 'head' } };

/** Cases on the fire and after it: cores, warming, holding, cooling, keeping. */
export const HOT_CASES: readonly CaseRow[] = [
  ['chicken off at 65', 'core', { cut: 'chicken-breast', steps: [roast(65)] }],
  ['chicken off at 74', 'nothing', { cut: 'chicken-breast', steps: [roast(74)] }],
  ['a beef roast off at 54, quickly', 'core', { steps: [roast(54, 40)] }],
  ['a beef roast off at 63', 'nothing', { steps: [roast(63)] }],
  ['minced beef off at 63', 'core', { cut: 'beef-mince', steps: [roast(63)] }],
  ['minced beef off at 72', 'nothing', { cut: 'beef-mince', steps: [roast(72)] }],
  ['minced chicken off at 71', 'core', { cut: 'chicken-mince', steps: [roast(71)] }],
  ['minced chicken off at 74', 'nothing', { cut: 'chicken-mince', steps: [roast(74)] }],
  ['venison off at 54', 'core', { cut: 'venison-loin', steps: [roast(54, 40)] }],
  ['venison off at 72', 'nothing', { cut: 'venison-haunch', steps: [roast(72)] }],
  [
    'a pierced steak off at 63',
    'core',
    { cut: 'beef-steak', food: { pierced: true }, steps: [roast(63)] },
  ],
  [
    'a pierced steak off at 68',
    'nothing',
    { cut: 'beef-steak', food: { pierced: true }, steps: [roast(68)] },
  ],
  [
    'a steak seared to 52 and eaten',
    'core',
    { cut: 'beef-steak', weightG: 350, steps: [heat(52, hob(200), 'sear')] },
  ],
  [
    'a roast in a low oven to 61, rested under foil: long enough',
    'nothing',
    { steps: [heat(61, oven(110)), rest(30)] },
  ],
  [
    'a chicken in a hot oven to 60, cut at once',
    'core',
    { cut: 'chicken-whole', weightG: 1600, steps: [heat(60, oven(220))] },
  ],
  [
    'a chicken to 74',
    'nothing',
    { cut: 'chicken-whole', weightG: 1600, steps: [heat(74, oven(180)), rest(15)] },
  ],
  ['salmon off at 50', 'core', { cut: 'salmon-fillet', weightG: 700, steps: [roast(50, 15)] }],
  ['salmon off at 63', 'nothing', { cut: 'salmon-fillet', weightG: 700, steps: [roast(63, 20)] }],
  [
    'a huge shoulder in a smoker at 75',
    'slowWarming',
    {
      cut: 'pork-shoulder-bone-in',
      weightG: 9000,
      steps: [heat(64, { kind: 'smoker', tempC: 75 }, 'smoke')],
    },
  ],
  [
    'a shoulder in a smoker at 115',
    'nothing',
    {
      cut: 'pork-shoulder-bone-in',
      weightG: 3000,
      steps: [heat(92, { kind: 'smoker', tempC: 115 }, 'smoke'), rest(30)],
    },
  ],
  ['held three hours in an oven at 50', 'holding', { steps: [roast(70), hold(180, oven(50))] }],
  ['held three hours in an oven at 70', 'nothing', { steps: [roast(70), hold(180, oven(70))] }],
  ['carved, and three hours on the board', 'holding', { steps: [roast(70), rest(180)] }],
  ['rested half an hour', 'nothing', { steps: [roast(70), rest(30)] }],
  [
    'six hours in a box nobody has measured',
    'holding',
    { steps: [roast(70), hold(360, { kind: 'box' })] },
  ],
  [
    'a stew kept on the hob at 85',
    'nothing',
    { cut: 'beef-chuck', steps: [simmer(150), hold(240, hob(85))] },
  ],
  [
    'rice ninety minutes on the counter',
    'rice',
    { cut: 'rice-dry', steps: [simmer(18), hold(90, counter)] },
  ],
  [
    'rice half an hour under its lid',
    'nothing',
    { cut: 'rice-dry', steps: [simmer(18), hold(30, counter)] },
  ],
  [
    'rice kept hot on the hob',
    'nothing',
    { cut: 'rice-dry', steps: [simmer(18), hold(180, hob(70))] },
  ],
  [
    'five kilos of stew straight into the fridge',
    'cooling',
    { cut: 'beef-chuck', weightG: 5000, steps: [simmer(150), chill(720), simmer(20)] },
  ],
  [
    'the same through an ice bath',
    'nothing',
    {
      cut: 'beef-chuck',
      weightG: 5000,
      steps: [
        simmer(150),
        { verb: 'cool', place: { kind: 'counter', tempC: 1 }, time: fixed(60) },
        chill(720),
        simmer(20),
      ],
    },
  ],
  [
    'yesterday’s joint warmed to 65',
    'reheating',
    { weightG: 250, steps: [roast(70), chill(700), roast(65, 30)] },
  ],
  [
    'yesterday’s joint heated to 74',
    'nothing',
    { weightG: 250, steps: [roast(70), chill(700), roast(74, 30)] },
  ],
  [
    'yesterday’s stew brought to a simmer',
    'nothing',
    { cut: 'beef-chuck', weightG: 120, steps: [simmer(150), chill(700), simmer(20)] },
  ],
  [
    'a chicken thawed on the counter',
    'thawing',
    { cut: 'chicken-whole', steps: [{ verb: 'thaw', place: counter, time: fixed(480) }, done] },
  ],
  [
    'a chicken thawed in the fridge',
    'nothing',
    { cut: 'chicken-whole', steps: [{ verb: 'thaw', place: fridge, time: fixed(1800) }, done] },
  ],
  [
    'a steak thawed in cold water',
    'nothing',
    {
      cut: 'beef-steak',
      steps: [{ verb: 'thaw', place: { kind: 'counter', tempC: 10 }, time: fixed(60) }, done],
    },
  ],
  ['garlic in oil, kept ten days', 'garlicOil', { mixtures: [garlicOil(10)], steps: [done] }],
  ['garlic in oil, kept three days', 'nothing', { mixtures: [garlicOil(3)], steps: [done] }],
  [
    'garlic in oil with lemon juice, kept a week',
    'nothing',
    { mixtures: [garlicOil(7, [line('lemon-juice', '60 ml')])], steps: [done] },
  ],
  [
    'a cure of 2.5 g of curing salt a kilo',
    'nothing',
    { cut: 'pork-belly', mixtures: [cure('2.5 g')], steps: [soak(5 * DAYS), done] },
  ],
  [
    'a cure of 15 g of curing salt a kilo',
    'curing',
    { cut: 'pork-belly', mixtures: [cure('15 g')], steps: [soak(5 * DAYS), done] },
  ],
  [
    'a brine with 12 g of curing salt to a kilo and a third',
    'curing',
    {
      cut: 'pork-belly',
      mixtures: [brine({ lines: [line('water', '300 ml'), line('salt-curing', '12 g')] })],
      steps: [{ ...inBrine, time: fixed(4 * DAYS) }, done],
    },
  ],
  [
    'curing salt by the spoon',
    'curing',
    { cut: 'pork-belly', mixtures: [cure('1 tsp')], steps: [soak(5 * DAYS), done] },
  ],
  [
    'bacon rubbed with twice its label’s dose',
    'curing',
    { cut: 'pork-belly', mixtures: [cure('5 g')], steps: [soak(5 * DAYS), done] },
  ],
  [
    'bacon rubbed with its label’s dose',
    'nothing',
    { cut: 'pork-belly', mixtures: [cure('2.5 g')], steps: [soak(5 * DAYS), done] },
  ],
  [
    'mince with a gram of curing salt more than its label says',
    'curing',
    { cut: 'beef-mince', mixtures: [cure('3.5 g')], steps: [soak(DAYS), done] },
  ],
  [
    'mince with its label’s dose',
    'nothing',
    { cut: 'beef-mince', mixtures: [cure('2.5 g')], steps: [soak(DAYS), done] },
  ],
  [
    'kidney beans simmered gently',
    'beans',
    { cut: 'kidney-beans-dry', weightG: 400, steps: [simmer(180)] },
  ],
  [
    'kidney beans boiled hard, then simmered',
    'nothing',
    {
      cut: 'kidney-beans-dry',
      weightG: 400,
      steps: [{ verb: 'boil', place: hob(100), time: fixed(12) }, simmer(90)],
    },
  ],
  [
    'split peas simmered gently',
    'nothing',
    { cut: 'split-peas-dry', weightG: 400, steps: [simmer(60)] },
  ],
  ['a roast in an oven at 75', 'slowWarming', { weightG: 2500, steps: [heat(63, oven(75))] }],
  [
    'a roast seared, then in an oven at 90',
    'nothing',
    { weightG: 1200, steps: [{ ...heat(25, hob(220), 'sear') }, heat(63, oven(90)), rest(10)] },
  ],
  [
    'rested an hour, carved, and held seventy minutes at room heat',
    'holding',
    { steps: [roast(70), rest(60), hold(70, counter)] },
  ],
  [
    'rested twenty minutes, carved, and held an hour',
    'nothing',
    { steps: [roast(70), rest(20), hold(60, counter)] },
  ],
  ['a custard off at 60', 'eggDishes', { cut: 'custard', weightG: 800, steps: [bake(60)] }],
  ['a custard off at 80', 'nothing', { cut: 'custard', weightG: 800, steps: [bake(80)] }],
  [
    'cheesecakes off at 66, then cold in their cups',
    'nothing',
    { cut: 'cheesecake', food: CUPS, steps: [bake(66), rest(20), chill(6 * HOURS)] },
  ],
  [
    'custards baked, then three hours on the board',
    'holding',
    { cut: 'custard', food: CUPS, steps: [bake(80), rest(3 * HOURS)] },
  ],
  [
    'cabbage soured in one percent of salt',
    'souring',
    { cut: 'cabbage-white', mixtures: [salted('10 g')], steps: [sours(10)] },
  ],
  [
    'cabbage soured in two percent of salt',
    'nothing',
    { cut: 'cabbage-white', mixtures: [salted('20.5 g')], steps: [sours(10)] },
  ],
  [
    'cabbage in one percent of salt, in the fridge',
    'nothing',
    { cut: 'cabbage-white', mixtures: [salted('10 g')], steps: [sours(2, fridge)] },
  ],
  [
    'minced pork fermenting three days on the counter',
    'counter',
    { cut: 'pork-mince', mixtures: [salted('25 g')], steps: [sours(3), done] },
  ],
];
