import {
  DAYS,
  HOURS,
  type Spec,
  boil,
  brine,
  chill,
  counter,
  done,
  fixed,
  fridge,
  glaze,
  heat,
  inBrine,
  line,
  mixture,
  oven,
  rest,
  roast,
  soak,
  temper,
  thaw,
} from './small-meal.ts';

/** Its name, the rule that must stop it, and what is in it. */
export type CaseRow = readonly [string, string, Spec];

/** Cases before the fire: thawing, tempering, soaking, brines, what has touched raw food. */
export const COLD_CASES: readonly CaseRow[] = [
  [
    'a butter sauce for someone who does without dairy',
    'eaters',
    {
      avoids: ['dairy'],
      mixtures: [mixture({}, [line('butter-unsalted', '50 g')])],
      steps: [done],
    },
  ],
  [
    'an oil marinade for someone who does without dairy',
    'nothing',
    { avoids: ['dairy'], mixtures: [mixture({}, [line('olive-oil', '50 g')])], steps: [done] },
  ],
  ['a joint two hours and a minute on the counter', 'counter', { steps: [temper(121), done] }],
  ['a joint an hour on the counter', 'nothing', { steps: [temper(60), done] }],
  [
    'marinated ninety minutes and tempered forty, both on the counter',
    'counter',
    { steps: [soak(90, counter), temper(40), done] },
  ],
  ['marinated cold, tempered forty minutes', 'nothing', { steps: [soak(720), temper(40), done] }],
  [
    'tempered seventy minutes in a kitchen at 35 degrees',
    'counter',
    { kitchen: { roomC: 35 }, steps: [temper(70), done] },
  ],
  [
    'tempered fifty minutes in a kitchen at 35 degrees',
    'nothing',
    { kitchen: { roomC: 35 }, steps: [temper(50), done] },
  ],
  [
    'aubergine salted five hours on the counter',
    'nothing',
    { cut: 'aubergine', steps: [soak(300, counter), done] },
  ],
  [
    'chicken marinated three hours on the counter',
    'counter',
    { cut: 'chicken-breast', steps: [soak(180, counter), done] },
  ],
  [
    'chicken three days in its marinade',
    'longSoak',
    { cut: 'chicken-whole', steps: [soak(3 * DAYS), done] },
  ],
  [
    'chicken two days in its marinade',
    'nothing',
    { cut: 'chicken-whole', steps: [soak(2 * DAYS), done] },
  ],
  [
    'beef six days in its marinade',
    'longSoak',
    { cut: 'beef-brisket', steps: [soak(6 * DAYS), done] },
  ],
  [
    'pork five days in its brine',
    'nothing',
    { cut: 'pork-leg-bone-in', steps: [soak(5 * DAYS), done] },
  ],
  [
    'salmon three days in its marinade',
    'longSoak',
    { cut: 'salmon-fillet', steps: [soak(3 * DAYS), roast(64)] },
  ],
  [
    'duck thirty hours in salt, and thirty in a marinade',
    'longSoak',
    { cut: 'duck-leg', steps: [soak(30 * HOURS), soak(30 * HOURS), done] },
  ],
  [
    'tofu five days in its marinade',
    'nothing',
    { cut: 'tofu-firm', steps: [soak(5 * DAYS), done] },
  ],
  [
    'a boiled brine poured over raw pork',
    'brineCold',
    { cut: 'pork-loin-boneless', mixtures: [brine({ boiled: true })], steps: [inBrine, done] },
  ],
  [
    'a boiled brine, cooled first',
    'nothing',
    {
      cut: 'pork-loin-boneless',
      mixtures: [brine({ boiled: true })],
      steps: [
        { verb: 'cool', place: fridge, time: { kind: 'cooling', mixture: 'mix' } },
        inBrine,
        done,
      ],
    },
  ],
  [
    'a brine stirred cold',
    'nothing',
    { cut: 'pork-loin-boneless', mixtures: [brine()], steps: [inBrine, done] },
  ],
  [
    'glazed with what the meat lay in',
    'contact',
    {
      mixtures: [mixture()],
      steps: [soak(600, fridge, { mixtures: ['mix'] }), roast(70), glaze, rest(10)],
    },
  ],
  [
    'glazed from a part kept clean',
    'nothing',
    {
      mixtures: [mixture({ reserve: { amount: '100 ml', purpose: 'glaze' } })],
      steps: [soak(600, fridge, { mixtures: ['mix'] }), roast(70), glaze, rest(10)],
    },
  ],
  [
    'glazed with what the meat lay in, boiled hard first',
    'nothing',
    {
      mixtures: [mixture()],
      steps: [soak(600, fridge, { mixtures: ['mix'] }), boil, roast(70), glaze, rest(10)],
    },
  ],
  [
    'basted with a raw marinade to the end',
    'contact',
    {
      mixtures: [mixture()],
      steps: [
        soak(600, fridge, { mixtures: ['mix'] }),
        roast(70),
        { verb: 'baste', place: oven(170), time: fixed(5), mixtures: ['mix'] },
        rest(10),
      ],
    },
  ],
  [
    'glazed with a sauce that met nothing raw',
    'nothing',
    {
      mixtures: [mixture({ on: [], kind: 'glaze', basis: { kind: 'fixed' } })],
      steps: [roast(70), glaze, rest(10)],
    },
  ],
  [
    'marinated 110 minutes on the counter, then in the fridge, which takes its time',
    'counter',
    { steps: [soak(110, counter), soak(720), done] },
  ],
  [
    'the first half hour on the counter, then in the fridge',
    'nothing',
    { steps: [soak(30, counter), soak(720), done] },
  ],
  [
    'tempered 100 minutes, then in a slow smoker',
    'counter',
    {
      cut: 'pork-shoulder-bone-in',
      weightG: 3000,
      steps: [temper(100), heat(92, { kind: 'smoker', tempC: 100 }, 'smoke')],
    },
  ],
  [
    'tempered half an hour, then in a slow smoker',
    'nothing',
    {
      cut: 'pork-shoulder-bone-in',
      weightG: 3000,
      steps: [temper(30), heat(92, { kind: 'smoker', tempC: 110 }, 'smoke')],
    },
  ],
  [
    'a chicken thawed, and raw in the fridge two days and a half more',
    'rawKeeping',
    { cut: 'chicken-whole', steps: [thaw(1440), chill(60 * HOURS), done] },
  ],
  [
    'a chicken thawed, and raw in the fridge a day more',
    'nothing',
    { cut: 'chicken-whole', steps: [thaw(1440), chill(24 * HOURS), done] },
  ],
  [
    'mince three days in the fridge before its pan',
    'longSoak',
    { cut: 'beef-mince', steps: [soak(3 * DAYS), done] },
  ],
  [
    'brisket seven days in a curing brine',
    'nothing',
    {
      cut: 'beef-brisket',
      mixtures: [brine({ lines: [line('water', '1 l'), line('salt-curing', '5 g')] })],
      steps: [{ ...inBrine, time: fixed(7 * DAYS) }, done],
    },
  ],
  [
    'brisket nine days in a curing brine',
    'longSoak',
    {
      cut: 'beef-brisket',
      mixtures: [brine({ lines: [line('water', '1 l'), line('salt-curing', '5 g')] })],
      steps: [{ ...inBrine, time: fixed(9 * DAYS) }, done],
    },
  ],
  [
    'a turkey of eight kilos thawed in the fridge in a day',
    'thawing',
    { cut: 'turkey-whole', weightG: 8000, steps: [thaw(1440), done] },
  ],
  [
    'a turkey of eight kilos thawed in the fridge in four days',
    'nothing',
    { cut: 'turkey-whole', weightG: 8000, steps: [thaw(4 * DAYS), done] },
  ],
];
