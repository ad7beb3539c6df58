import type { Dish, Kitchen, Meal, Step } from '../index.ts';
import { after, at, dish, fixed, mealOfDishes, SATURDAY, step } from './meals.ts';

/** A repeatable stream of numbers in [0, 1): mulberry32, public domain. */
export function randomOf(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

interface Placed {
  readonly place: Step['place'];
  readonly startMin: number;
  readonly endMin: number;
  readonly handsMin: number;
}

const ROOM: Readonly<Record<string, number>> = { oven: 2, hob: 2 };
const OVENS_C = [160, 180, 200, 220];

/**
 * A meal that can be done, because it was: dishes are laid into an evening one after another
 * where oven, rings and hands are free, and what the meal asks for is read off that evening with
 * a little room to spare.
 */
export function plantedMeal(seed: number, dishes: number): Meal {
  const random = randomOf(seed);
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)] as T;
  const serving = at(SATURDAY);
  const evening: Placed[] = [];
  const made: Dish[] = [];
  for (let d = 0; d < dishes; d++) {
    const kind = pick(['roast', 'stove', 'cold'] as const);
    const heat = pick(OVENS_C);
    const chain = chainOf(kind, heat, random);
    let next = serving - Math.floor(random() * 25);
    const placed: Placed[] = [];
    for (const link of [...chain].reverse()) {
      const found = latestFree(link, next, [...evening, ...placed]);
      placed.unshift(found);
      next = found.startMin - Math.floor(random() * 8);
    }
    evening.push(...placed);
    const steps = chain.map((link, i): Step => {
      const here = placed[i] as Placed;
      const before = placed[i - 1];
      const gap = before ? here.startMin - before.endMin : 0;
      return step({
        id: `d${d}-${i}`,
        label: `d${d}-${i}`,
        verb:
          link.place.kind === 'oven' ? 'roast' : link.place.kind === 'hob' ? 'simmer' : 'prepare',
        time: fixed(link.minutes),
        place: link.place,
        hands:
          link.handsMin === 0
            ? []
            : [{ when: 'start', minutes: link.handsMin, what: `d${d}-${i}` }],
        after: before ? after(`d${d}-${i - 1}`, 0, gap + 10) : [],
      });
    });
    const lastEnd = placed.at(-1)?.endMin ?? serving;
    made.push(dish(`d${d}`, steps, serving - lastEnd + 5));
  }
  const meal = mealOfDishes(made);
  const appliances: Kitchen['appliances'] = [
    { id: 'oven', kind: 'oven', name: 'Oven', fits: ROOM.oven ?? 1 },
    { id: 'hob', kind: 'hob', name: 'Hob', fits: ROOM.hob ?? 1 },
  ];
  return { ...meal, kitchen: { ...meal.kitchen, appliances } };
}

interface Link {
  readonly place: Step['place'];
  readonly minutes: number;
  readonly handsMin: number;
}

function chainOf(kind: 'roast' | 'stove' | 'cold', heat: number, random: () => number): Link[] {
  const some = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
  const board = (): Link => {
    const minutes = some(5, 20);
    return { place: { kind: 'board' }, minutes, handsMin: minutes };
  };
  if (kind === 'cold') return [board()];
  if (kind === 'stove')
    return [
      board(),
      { place: { kind: 'hob', tempC: 100 }, minutes: some(15, 50), handsMin: some(0, 4) },
    ];
  return [
    board(),
    { place: { kind: 'oven', tempC: heat }, minutes: some(20, 70), handsMin: 2 },
    { place: { kind: 'counter' }, minutes: some(5, 20), handsMin: 1 },
  ];
}

/** The last moment up to `by` at which the link's oven, ring and hands are free. */
function latestFree(link: Link, by: number, evening: readonly Placed[]): Placed {
  for (let end = by; ; end--) {
    const here = { ...link, startMin: end - link.minutes, endMin: end };
    if (fits(here, evening)) return here;
  }
}

function fits(here: Placed, evening: readonly Placed[]): boolean {
  const handsEnd = here.startMin + here.handsMin;
  const handsClash = evening.some(
    (other) =>
      here.handsMin > 0 &&
      other.handsMin > 0 &&
      here.startMin < other.startMin + other.handsMin &&
      other.startMin < handsEnd,
  );
  if (handsClash) return false;
  const room = ROOM[here.place.kind];
  if (room === undefined) return true;
  const same = evening.filter((other) => other.place.kind === here.place.kind);
  if (here.place.kind === 'oven') {
    const apart = same.every((other) => {
      const change = Math.abs((other.place.tempC ?? 0) - (here.place.tempC ?? 0));
      // A little more than any oven needs to climb or to fall.
      const wait = change === 0 ? -Infinity : Math.ceil(change / 4);
      return (
        here.startMin >= other.endMin + wait || other.startMin >= here.endMin + wait || change === 0
      );
    });
    if (!apart) return false;
  }
  for (let min = here.startMin; min < here.endMin; min++) {
    const there = same.filter((other) => other.startMin <= min && min < other.endMin).length;
    if (there >= room) return false;
  }
  return true;
}
