import {
  DAYS,
  HOURS,
  chill,
  counter,
  done,
  fridge,
  heat,
  hob,
  hold,
  ice,
  lain,
  line,
  mixture,
  oven,
  rest,
  roast,
  simmer,
  soak,
  step,
} from './small-meal.ts';
import type { CaseRow } from './safety-cold.ts';

const table = { kind: 'table' };
const smoker = (tempC: number) => ({ kind: 'smoker', tempC });
const herbOil = (ingredient: string, keepsDays: number) =>
  mixture({
    name: 'Oil',
    on: [],
    kind: 'sauce',
    keepsDays,
    basis: { kind: 'fixed' },
    lines: [line(ingredient, '20 g'), line('olive-oil', '200 ml')],
  });

/** Cases written down before looking whether the rules catch them. A third of them were missed at first. */
export const UNSEEN_CASES: readonly CaseRow[] = [
  [
    'pork brined in a porch at 3 degrees',
    'nothing',
    { cut: 'pork-loin-boneless', steps: [soak(600, ice), done] },
  ],
  [
    'pork brined in a cellar at 13',
    'counter',
    { cut: 'pork-loin-boneless', steps: [soak(600, { kind: 'counter', tempC: 13 }), done] },
  ],
  [
    'beef a day in a fridge at 10',
    'counter',
    { steps: [soak(DAYS, { kind: 'fridge', tempC: 10 }), done] },
  ],
  [
    'beef eight hours in a cool box nobody has measured',
    'counter',
    { steps: [soak(8 * HOURS, { kind: 'box' }), done] },
  ],
  [
    'a roast three hours on the table',
    'holding',
    { steps: [roast(70), step('serve', table, 180)] },
  ],
  [
    'chicken cooling three hours on the counter',
    'cooling',
    {
      cut: 'chicken-thigh-boneless',
      weightG: 900,
      steps: [roast(76), step('cool', counter, 180), chill(300)],
    },
  ],
  [
    'basted early with a raw marinade, then forty minutes more',
    'nothing',
    {
      mixtures: [mixture()],
      steps: [
        lain,
        step('roast', oven(180), 30),
        step('baste', oven(180), 3, { mixtures: ['mix'] }),
        roast(70, 40),
      ],
    },
  ],
  [
    'a used marinade served as it is',
    'contact',
    {
      mixtures: [mixture()],
      steps: [lain, roast(70), step('serve', table, 5, { mixtures: ['mix'] })],
    },
  ],
  [
    'a used marinade reduced to a dip',
    'nothing',
    {
      mixtures: [mixture()],
      steps: [
        lain,
        roast(70),
        step('reduce', hob(100), 15, { mixtures: ['mix'] }),
        step('serve', table, 5, { mixtures: ['mix'] }),
      ],
    },
  ],
  [
    'a used marinade only warmed',
    'contact',
    {
      mixtures: [mixture()],
      steps: [
        lain,
        roast(70),
        step('simmer', hob(70), 15, { mixtures: ['mix'] }),
        step('serve', table, 5, { mixtures: ['mix'] }),
      ],
    },
  ],
  [
    'a ham to warm, to 60',
    'nothing',
    { cut: 'ham-cooked-bone-in', weightG: 3500, steps: [heat(60, oven(160))] },
  ],
  [
    'kidney beans boiled for five minutes',
    'beans',
    { cut: 'kidney-beans-dry', weightG: 400, steps: [step('boil', hob(100), 5), simmer(90)] },
  ],
  [
    'beef to 55, then three hours in an oven at 60',
    'nothing',
    { steps: [heat(55, oven(110)), hold(180, oven(60))] },
  ],
  [
    'chicken to 61, then two hours in an oven at 66',
    'nothing',
    { cut: 'chicken-breast', weightG: 800, steps: [heat(61, oven(110)), hold(120, oven(66))] },
  ],
  [
    'fish in lime that no fire sees',
    'core',
    {
      cut: 'white-fish-fillet',
      weightG: 600,
      mixtures: [mixture({}, [line('lime-juice', '100 ml')])],
      steps: [soak(30, fridge, { mixtures: ['mix'] }), step('serve', table, 5)],
    },
  ],
  [
    'the same of fish that was frozen hard',
    'nothing',
    {
      cut: 'white-fish-fillet',
      weightG: 600,
      food: { frozenBefore: true },
      mixtures: [mixture({}, [line('lime-juice', '100 ml')])],
      steps: [soak(30, fridge, { mixtures: ['mix'] }), step('serve', table, 5)],
    },
  ],
  [
    'beef chopped and eaten raw',
    'core',
    {
      cut: 'beef-fillet',
      weightG: 500,
      steps: [step('prepare', { kind: 'board' }, 20), step('serve', table, 5)],
    },
  ],
  [
    'chicken seared four minutes and eaten',
    'core',
    { cut: 'chicken-breast', weightG: 800, steps: [step('sear', hob(210), 4), rest(3)] },
  ],
  [
    'a whole chicken roasted for half an hour',
    'core',
    { cut: 'chicken-whole', weightG: 1800, steps: [step('roast', oven(190), 30)] },
  ],
  [
    'a whole chicken roasted for an hour and forty minutes',
    'nothing',
    { cut: 'chicken-whole', weightG: 1500, steps: [step('roast', oven(190), 100), rest(15)] },
  ],
  [
    'a ham hock soaked twelve hours on the counter',
    'counter',
    { cut: 'ham-hock', steps: [step('soak', counter, 720), simmer(150)] },
  ],
  [
    'a ham hock soaked twelve hours in the fridge',
    'nothing',
    { cut: 'ham-hock', steps: [step('soak', fridge, 720), simmer(150)] },
  ],
  [
    'salmon smoked six hours at 28',
    'core',
    { cut: 'salmon-fillet', weightG: 1000, steps: [step('smoke', smoker(28), 360)] },
  ],
  [
    'chicken two hours in water at 57',
    'core',
    { cut: 'chicken-breast', weightG: 700, steps: [heat(55, hob(57), 'simmer')] },
  ],
  [
    'rosemary in oil, kept three weeks',
    'garlicOil',
    { mixtures: [herbOil('rosemary-sprig', 21)], steps: [done] },
  ],
  [
    'dried chilli in oil, kept a month',
    'nothing',
    { mixtures: [herbOil('chilli-flakes', 30)], steps: [done] },
  ],
  [
    'a shoulder in pieces, in a slow cooker on low',
    'nothing',
    {
      cut: 'pork-shoulder-boneless',
      food: { inPieces: 3 },
      steps: [
        {
          verb: 'braise',
          place: counter,
          time: {
            kind: 'heat',
            food: 'food',
            until: { tender: 'pulls' },
            cooker: 'slow-cooker-low',
          },
        },
      ],
    },
  ],
  [
    'a stew on the hob overnight, the ring off',
    'holding',
    { cut: 'beef-chuck', weightG: 2000, steps: [simmer(150), hold(600, hob(20)), simmer(20)] },
  ],
];
