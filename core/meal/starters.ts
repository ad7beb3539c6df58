import { MEASURES } from '../quantity/index.ts';
import { freshId } from './ids.ts';
import { MEAL_VERSION, type Dish, type Kitchen, type Meal, type Step } from './schema.ts';

/**
 * Plain chains to begin a dish from: our own neutral figures, common practice, no source. The
 * cook changes every one of them on the weave.
 */
export const STARTERS = [
  'marinate-roast',
  'brown-braise',
  'pan-side',
  'cold-side',
  'one-step',
] as const;
export type StarterId = (typeof STARTERS)[number];

type ChainLink = Pick<Step, 'verb' | 'label' | 'time' | 'place' | 'hands'>;

const fixed = (minutes: number): Step['time'] => ({ kind: 'fixed', minutes });
const range = (leastMin: number, likelyMin: number, mostMin: number): Step['time'] => ({
  kind: 'range',
  leastMin,
  likelyMin,
  mostMin,
});
const elastic = (leastMin: number, bestMin: number, longestMin: number): Step['time'] => ({
  kind: 'elastic',
  leastMin,
  bestMin,
  longestMin,
});
const all = (what: string): Step['hands'] => [{ when: 'all', what }];
const start = (minutes: number, what: string): Step['hands'] => [{ when: 'start', minutes, what }];

const CHAINS: Readonly<Record<StarterId, readonly ChainLink[]>> = {
  'marinate-roast': [
    {
      verb: 'mix',
      label: 'Mix and coat',
      time: fixed(20),
      place: { kind: 'board' },
      hands: all('Mix and coat'),
    },
    {
      verb: 'marinate',
      label: 'Marinate',
      time: elastic(240, 720, 1440),
      place: { kind: 'fridge', tempC: 4 },
      hands: [],
    },
    {
      verb: 'temper',
      label: 'Out of the fridge',
      time: fixed(40),
      place: { kind: 'counter' },
      hands: start(5, 'Take out, pat dry'),
    },
    {
      verb: 'roast',
      label: 'Roast',
      time: range(70, 90, 120),
      place: { kind: 'oven', tempC: 180 },
      hands: start(5, 'Into the oven'),
    },
    {
      verb: 'rest',
      label: 'Rest',
      time: elastic(15, 25, 50),
      place: { kind: 'board' },
      hands: start(5, 'Take out, cover'),
    },
    {
      verb: 'slice',
      label: 'Slice',
      time: fixed(10),
      place: { kind: 'board' },
      hands: all('Slice'),
    },
  ],
  'brown-braise': [
    {
      verb: 'brown',
      label: 'Brown',
      time: range(15, 20, 30),
      place: { kind: 'hob', tempC: 220 },
      hands: all('Brown all sides'),
    },
    {
      verb: 'braise',
      label: 'Braise',
      time: range(120, 150, 190),
      place: { kind: 'oven', tempC: 150 },
      hands: start(5, 'Liquid in, lid on'),
    },
    {
      verb: 'hold',
      label: 'Keep warm, lid on',
      time: elastic(5, 20, 60),
      place: { kind: 'hob', tempC: 85 },
      hands: start(3, 'Skim'),
    },
  ],
  'pan-side': [
    {
      verb: 'prepare',
      label: 'Wash and cut',
      time: fixed(15),
      place: { kind: 'board' },
      hands: all('Wash and cut'),
    },
    {
      verb: 'fry',
      label: 'Into the pan',
      time: range(8, 10, 14),
      place: { kind: 'hob', tempC: 180 },
      hands: all('Toss in the pan'),
    },
  ],
  'cold-side': [
    {
      verb: 'prepare',
      label: 'Cut and dress',
      time: fixed(20),
      place: { kind: 'board' },
      hands: all('Cut and dress'),
    },
    {
      verb: 'chill',
      label: 'Chill',
      time: elastic(30, 120, 1440),
      place: { kind: 'fridge', tempC: 4 },
      hands: [],
    },
  ],
  'one-step': [
    {
      verb: 'prepare',
      label: 'Make it',
      time: fixed(20),
      place: { kind: 'board' },
      hands: all('Make it'),
    },
  ],
};

/** A dish from a starter chain, with ids not yet taken in the meal. */
export function starterDish(starter: StarterId, name: string, taken: ReadonlySet<string>): Dish {
  const used = new Set(taken);
  const dishId = freshId(name, used);
  used.add(dishId);
  const steps: Step[] = [];
  for (const link of CHAINS[starter]) {
    const id = freshId(`${dishId}-${link.verb}`, used);
    used.add(id);
    const before = steps.at(-1);
    const after = before
      ? [{ step: before.id, from: 'end' as const, leastMin: 0, mostMin: 15 }]
      : [];
    steps.push({ ...link, id, after, cautions: [] });
  }
  return { id: dishId, name, readyWithinMin: 15, foods: [], mixtures: [], steps };
}

/** The kitchen a new meal starts with: four rings, one oven, a fridge; asleep 23 to 7. */
export function plainKitchen(name: string): Kitchen {
  return {
    name,
    altitudeM: 0,
    units: 'metric',
    spoons: 'metric',
    clock: '24h',
    hours: [{ kind: 'asleep', from: '23:00', to: '07:00', days: [1, 2, 3, 4, 5, 6, 7] }],
    appliances: [
      { id: 'oven', kind: 'oven', name: 'Oven', fits: 2 },
      { id: 'hob', kind: 'hob', name: 'Hob', fits: 4 },
    ],
    vessels: [],
    measures: [...MEASURES],
  };
}

/** A meal with nobody's dish on it yet, for four. */
export function emptyMeal(
  id: string,
  title: string,
  at: string,
  zone: string,
  kitchen: string,
): Meal {
  return {
    zemrin: 'meal',
    version: MEAL_VERSION,
    id,
    title,
    serving: { at, zone },
    eaters: [{ count: 4, who: 'adult', portion: 1, avoids: [] }],
    kitchen: plainKitchen(kitchen),
    dishes: [],
  };
}
