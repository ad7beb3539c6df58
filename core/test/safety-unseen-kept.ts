import {
  DAYS,
  HOURS,
  bake,
  boil,
  brine,
  chill,
  coals,
  counter,
  cure,
  done,
  fridge,
  garlicOil,
  glaze,
  heat,
  hob,
  hold,
  ice,
  inBrine,
  lain,
  mixture,
  oven,
  rest,
  roast,
  simmer,
  soak,
  step,
} from './small-meal.ts';
import type { CaseRow } from './safety-cold.ts';

const board = { kind: 'board' };

/** More of them: kept, cooled, reheated, boiled, poached. */
export const MORE_UNSEEN_CASES: readonly CaseRow[] = [
  [
    'a roast kept cooked for six days',
    'cookedKeeping',
    { weightG: 900, steps: [roast(70), step('cool', ice, 60), chill(6 * DAYS), roast(75, 40)] },
  ],
  [
    'a roast kept cooked for two days',
    'nothing',
    { weightG: 900, steps: [roast(70), step('cool', ice, 60), chill(2 * DAYS), roast(75, 40)] },
  ],
  [
    'stock kept for a week',
    'cookedKeeping',
    {
      cut: 'chicken-wing',
      steps: [simmer(180), step('cool', ice, 60), chill(7 * DAYS), simmer(20)],
    },
  ],
  [
    'cooked rice overnight in the fridge, then fried',
    'nothing',
    {
      cut: 'rice-dry',
      weightG: 400,
      steps: [simmer(16), step('cool', ice, 30), chill(14 * HOURS), step('fry', hob(200), 8)],
    },
  ],
  [
    'a boiled brine two hours on the counter',
    'brineCold',
    {
      cut: 'pork-loin-boneless',
      mixtures: [brine({ boiled: true })],
      steps: [boil, step('cool', counter, 120, { mixtures: ['mix'] }), inBrine, done],
    },
  ],
  [
    'a boiled brine overnight in the fridge',
    'nothing',
    {
      cut: 'pork-loin-boneless',
      mixtures: [brine({ boiled: true })],
      steps: [boil, step('cool', fridge, 720, { mixtures: ['mix'] }), inBrine, done],
    },
  ],
  [
    'duck legs three hours in fat at 85',
    'nothing',
    { cut: 'duck-leg', weightG: 1200, steps: [step('simmer', hob(85), 180)] },
  ],
  [
    'a turkey of five kilos in an oven at 80',
    'slowWarming',
    { cut: 'turkey-whole', weightG: 5000, steps: [heat(74, oven(80))] },
  ],
  ['boar off at 63', 'core', { cut: 'wild-boar-shoulder', steps: [roast(63)] }],
  [
    'a pinch of curing salt',
    'curing',
    { cut: 'pork-loin-boneless', mixtures: [cure('1 pinch')], steps: [soak(3 * DAYS), done] },
  ],
  [
    'lentils lukewarm for three hours',
    'holding',
    { cut: 'lentils-green-dry', weightG: 400, steps: [simmer(25), rest(180)] },
  ],
  [
    'boiled potatoes lukewarm for four hours',
    'holding',
    { cut: 'potatoes', weightG: 1000, steps: [step('boil', hob(100), 25), rest(240)] },
  ],
  [
    'bread six hours on the board',
    'nothing',
    {
      cut: 'flour-for-loaf',
      weightG: 500,
      steps: [bake(96), step('cool', { kind: 'board' }, 360)],
    },
  ],
  [
    'grilled aubergine an hour at room heat',
    'nothing',
    { cut: 'aubergine', weightG: 600, steps: [step('grill', coals, 10), rest(60)] },
  ],
  [
    'chicken breasts poached for six minutes',
    'core',
    { cut: 'chicken-breast', weightG: 900, steps: [step('simmer', hob(90), 6)] },
  ],
  [
    'chicken breasts poached for twenty-five minutes',
    'nothing',
    { cut: 'chicken-breast', weightG: 900, steps: [step('simmer', hob(92), 25)] },
  ],
  [
    'beef cubes browned and simmered for two hours',
    'nothing',
    { cut: 'beef-chuck', weightG: 1200, steps: [step('brown', hob(210), 12), simmer(120)] },
  ],
  [
    'chicken wings roasted for forty minutes',
    'nothing',
    { cut: 'chicken-wing', weightG: 1200, steps: [step('roast', oven(200), 40)] },
  ],
  [
    'squid four minutes over coals',
    'nothing',
    { cut: 'squid', weightG: 700, steps: [step('grill', coals, 4)] },
  ],
  [
    'glazed at the end with what the meat lay in',
    'contact',
    { cut: 'pork-loin-boneless', mixtures: [mixture()], steps: [lain, roast(66), glaze] },
  ],
  [
    'roast pork two and a half hours on a ring at 50',
    'holding',
    { cut: 'pork-loin-boneless', weightG: 1200, steps: [roast(66), hold(150, hob(50))] },
  ],
  [
    'a marinade in a fridge at 7',
    'nothing',
    { steps: [soak(12 * HOURS, { kind: 'fridge', tempC: 7 }), done] },
  ],
  [
    'a roast with its garlic oil, drawn half an hour on the counter',
    'nothing',
    { mixtures: [garlicOil(3)], steps: [done, step('rest', counter, 30, { mixtures: ['mix'] })] },
  ],
  [
    'aubergine with garlic oil that drew two days on the counter',
    'garlicOil',
    {
      cut: 'aubergine',
      mixtures: [garlicOil(4)],
      steps: [step('soak', counter, 2 * DAYS, { mixtures: ['mix'] }), done],
    },
  ],
  [
    'a chicken twenty hours in cold water',
    'thawing',
    { cut: 'chicken-whole', steps: [step('thaw', { kind: 'counter', tempC: 10 }, 1200), done] },
  ],
  [
    'a chicken three hours in cold water',
    'nothing',
    { cut: 'chicken-whole', steps: [step('thaw', { kind: 'counter', tempC: 10 }, 180), done] },
  ],
  [
    'mince shaped for two hours and a half',
    'counter',
    { cut: 'beef-mince', steps: [step('shape', board, 150), heat(72, hob(200), 'fry')] },
  ],
  [
    'mince shaped for half an hour',
    'nothing',
    { cut: 'beef-mince', steps: [step('shape', board, 30), heat(72, hob(200), 'fry')] },
  ],
  [
    'half a kilo of chicken pieces put away',
    'nothing',
    { cut: 'chicken-thigh-boneless', weightG: 500, steps: [roast(76, 30), rest(15), chill(900)] },
  ],
  [
    'chops seared, then twelve minutes in the oven',
    'nothing',
    {
      cut: 'pork-chop-bone-in',
      weightG: 1000,
      steps: [step('sear', hob(220), 6), step('roast', oven(180), 12)],
    },
  ],
  [
    'a used marinade served, with a fire for something else after it',
    'contact',
    {
      cut: 'pork-loin-boneless',
      mixtures: [mixture()],
      steps: [
        lain,
        roast(66),
        step('serve', { kind: 'table' }, 5, { mixtures: ['mix'] }),
        { ...step('grill', coals, 20), id: 'bread', after: [{ step: 's1', leastMin: 10 }] },
      ],
    },
  ],
];
