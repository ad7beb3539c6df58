import {
  addDays,
  applyCommand,
  comesTo,
  emptyMeal,
  epochMinOf,
  mealOf,
  PATTERNS,
  patternDish,
  placeOfFire,
  takenIds,
  type Kitchen,
  type Meal,
  type Pattern,
} from '../index.ts';

const ZONE = 'Europe/Paris';

type Appliances = Kitchen['appliances'];
const HOB: Appliances = [{ id: 'hob', kind: 'hob', name: 'Hob', fits: 4 }];
const OVEN: Appliances = [{ id: 'oven', kind: 'oven', name: 'Oven', fits: 2 }];
const FRIDGE: Appliances = [{ id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 160 }];

const KITCHENS: Readonly<Record<KitchenName, Appliances>> = {
  ordinary: [...OVEN, ...HOB, ...FRIDGE],
  outdoors: [
    ...OVEN,
    ...HOB,
    ...FRIDGE,
    { id: 'grill', kind: 'grill', name: 'Grill', fits: 6, fitsIndirect: 4 },
    { id: 'smoker', kind: 'smoker', name: 'Smoker', fits: 3 },
  ],
  tiny: [
    { id: 'oven', kind: 'oven', name: 'Oven', fits: 1 },
    { id: 'hob', kind: 'hob', name: 'Hob', fits: 2 },
    { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 60 },
  ],
};

const VESSELS: Kitchen['vessels'] = [
  { id: 'pot', kind: 'pot', name: 'Large pot', capacityMl: 7000 },
  { id: 'pot-2', kind: 'pot', name: 'Small pot', capacityMl: 3000 },
  { id: 'tray', kind: 'tray', name: 'Tray', capacityMl: 4000 },
];

/** A weekday evening, a Saturday night and a Sunday noon. */
const SERVINGS = ['2026-12-16T19:30', '2026-12-12T20:00', '2026-12-13T13:00'];

/** Where food is cooked; everything else is in every kitchen. */
const FIRES = new Set(['oven', 'hob', 'grill', 'smoker', 'deep-fryer', 'air-fryer', 'microwave']);

/** The same numbers on every machine. */
function numbers(seed: number): () => number {
  let x = seed >>> 0;
  return () => {
    x = (Math.imul(x, 1664525) + 1013904223) >>> 0;
    return x / 2 ** 32;
  };
}

/** A random meal of so many dishes of the pattern book, all of which the kitchen can cook. */
export function randomMeal(seed: number, dishes?: number): { meal: Meal; nowMin: number } {
  const random = numbers(seed * 7919 + 17);
  random();
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
  const appliances = KITCHENS[pick(['ordinary', 'outdoors', 'tiny'] as const)];
  const serving = pick(SERVINGS);
  const daysAhead = 1 + Math.floor(random() * 10);
  const count = dishes ?? 3 + Math.floor(random() * 4);
  const empty = emptyMeal('m', 'M', serving, ZONE, 'Kitchen');
  const hours = [
    ...empty.kitchen.hours,
    { kind: 'away' as const, from: '09:00', to: '17:00', days: [1, 2, 3, 4, 5] },
  ];
  let meal: Meal = { ...empty, kitchen: { ...empty.kitchen, appliances, vessels: VESSELS, hours } };
  const kinds = new Set(appliances.map(({ kind }) => kind as string));
  const fits = (pattern: Pattern) =>
    patternDish(pattern, {}, new Set()).steps.every(
      ({ place }) => !FIRES.has(place.kind) || kinds.has(place.kind),
    );
  const known = PATTERNS.filter(fits);
  const mains = known.filter(({ kind }) => kind === 'main');
  const others = known.filter(({ kind }) => kind !== 'main');
  for (let i = 0; i < count; i++) {
    const pattern = pick(i === 0 || random() < 0.3 ? mains : others);
    const taken = new Set(
      meal.dishes.flatMap((dish) => [
        dish.id,
        ...dish.steps.map(({ id }) => id),
        ...dish.foods.map(({ id }) => id),
        ...dish.mixtures.map(({ id }) => id),
      ]),
    );
    meal = applyCommand(meal, { do: 'putDish', dish: patternDish(pattern, {}, taken), own: [] });
  }
  const nowMin = epochMinOf(`${addDays(serving, -daysAhead).slice(0, 10)}T08:00`, ZONE);
  return { meal: mealOf(JSON.parse(JSON.stringify(meal)), nowMin), nowMin };
}

/** Where the book is tried with itself. */
export type KitchenName = 'ordinary' | 'outdoors' | 'tiny';

/** Every two patterns that a kitchen can cook on one table. */
export function pairsOfBook(kitchen: KitchenName): { meal: Meal; nowMin: number }[] {
  return PATTERNS.flatMap((first, i) =>
    PATTERNS.slice(i + 1).flatMap((second) => tableOfBook([first, second], kitchen)),
  );
}

/** So many random tables of four patterns that a kitchen can cook. */
export function foursOfBook(count: number, kitchen: KitchenName): { meal: Meal; nowMin: number }[] {
  const random = numbers(4711);
  random();
  const found: { meal: Meal; nowMin: number }[] = [];
  while (found.length < count) {
    const four = new Set<Pattern>();
    while (four.size < 4) four.add(PATTERNS[Math.floor(random() * PATTERNS.length)] as Pattern);
    found.push(...tableOfBook([...four], kitchen));
  }
  return found;
}

/** These patterns on a Saturday nine days ahead, each over a fire the kitchen has; none where it has none. */
function tableOfBook(
  patterns: readonly Pattern[],
  kitchen: KitchenName,
): { meal: Meal; nowMin: number }[] {
  const nowMin = epochMinOf('2026-12-03T08:00', ZONE);
  const appliances = KITCHENS[kitchen];
  const empty = emptyMeal('m', 'M', '2026-12-12T19:00', ZONE, 'Kitchen');
  const laid: Meal = { ...empty, kitchen: { ...empty.kitchen, appliances, vessels: VESSELS } };
  const meal = patterns.reduce<Meal>((so, pattern) => {
    const fire = pattern.fires?.find((one) =>
      appliances.some(({ kind }) => kind === placeOfFire(one)),
    );
    const dish = patternDish(pattern, fire ? { fire } : {}, takenIds(so));
    return applyCommand(so, { do: 'putDish', dish, own: [] });
  }, laid);
  const can = meal.dishes.every((dish) => comesTo(meal, dish).lacks.length === 0);
  return can ? [{ meal: mealOf(JSON.parse(JSON.stringify(meal)), nowMin), nowMin }] : [];
}
