import {
  at,
  board,
  counter,
  DAY,
  food,
  fridge,
  H,
  line,
  marinade,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const grill = at('grill', 220);

/** The eighth round, second half. */
export const ROUND_8_2: readonly LedgerCase[] = [
  {
    name: 'lamb leg in a low oven at 65, eighteen hours to 60 inside',
    verdict: 'stop',
    meal: one({
      foods: [food('leg', 'lamb-leg-bone-in', 2400)],
      steps: [
        step('roast', oven(65), 18 * H, { doneWhen: { coreC: 60 } }),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'lamb leg seared, then at 80 for seven hours to 60',
    verdict: 'caution',
    meal: one({
      foods: [food('leg', 'lamb-leg-boneless', 1600)],
      steps: [
        step('sear', hob(230), 12),
        until('roast', oven(80), 'leg', 60, { doneWhen: { coreC: 60, rarer: true } }),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'a chicken marinade boiled two minutes, then brushed on the cooked bird',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-drumstick', 1200)],
      mixtures: [marinade('herb', ['chicken'])],
      steps: [
        step('marinate', fridge, 4 * H, { mixtures: ['herb'] }),
        step('boil', hob(100), 3, { mixtures: ['herb'], after: [{ step: 'dish-0' }] }),
        until('grill', grill, 'chicken', 80, { after: [{ step: 'dish-0', mostMin: 60 }] }),
        step('glaze', board, 2, {
          mixtures: ['herb'],
          after: [{ step: 'dish-2', mostMin: 5 }, { step: 'dish-1' }],
        }),
      ],
    }),
  },
  {
    name: 'hot smoked trout kept six days in the fridge',
    verdict: 'stop',
    meal: one({
      foods: [food('trout', 'trout-whole', 900)],
      steps: [
        until('smoke', at('smoker', 100), 'trout', 65),
        step('cool', counter, 40),
        step('chill', fridge, 6 * DAY),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'cold smoked salmon, salted a day, smoked twelve hours at 20, never frozen',
    verdict: 'stop',
    meal: one({
      foods: [food('salmon', 'salmon-side', 1200)],
      mixtures: [mixture('salt', 'dry brine', ['salmon'], [line('salt-coarse-sea', '300 g')])],
      steps: [
        step('brine', fridge, 24 * H, { mixtures: ['salt'] }),
        step('smoke', at('smoker', 20), 12 * H),
        step('slice', board, 10),
      ],
    }),
  },
  {
    name: 'rice salad: boiled, spread to cool half an hour, two days in the fridge, served cold',
    verdict: 'caution',
    meal: one({
      foods: [food('rice', 'rice-dry', 400)],
      steps: [
        step('boil', hob(100), 14),
        step('cool', counter, 30),
        step('chill', fridge, 2 * DAY),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'a pot roast of venison for two and a half hours under its lid',
    verdict: 'pass',
    meal: one({
      foods: [food('deer', 'venison-haunch', 1800)],
      steps: [
        step('brown', hob(200), 12),
        step('braise', oven(150), 150, { doneWhen: { coreC: 90 } }),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'barbecued wings, half done at home, an hour in the car, finished at the park',
    verdict: 'stop',
    rule: 'partCooking',
    meal: one({
      foods: [food('wings', 'chicken-wing', 1500)],
      steps: [
        step('roast', oven(160), 12),
        step('rest', counter, 75),
        until('grill', grill, 'wings', 78),
      ],
    }),
  },
  {
    name: 'chickpeas from dry, soaked over night in the fridge, boiled an hour',
    verdict: 'pass',
    meal: one({
      foods: [food('peas', 'chickpeas-dry', 400)],
      steps: [step('soak', fridge, 12 * H), step('boil', hob(98), 75), step('serve', table, 3)],
    }),
  },
  {
    name: 'a whole turkey roasted the day before, left whole in the oven, switched off, over night',
    verdict: 'stop',
    meal: one({
      foods: [food('turkey', 'turkey-whole', 5000)],
      steps: [
        until('roast', oven(170), 'turkey', 76),
        step('rest', oven(40), 9 * H, { label: 'Left in the oven, off' }),
        step('slice', board, 20),
      ],
    }),
  },
];
