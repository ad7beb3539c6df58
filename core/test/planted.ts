import type { Verb } from '../terms/index.ts';
import type { Dish, Kitchen, Meal, Place, Step, StepTime } from '../index.ts';
import { randomOf } from '../solve/index.ts';
import { at, dish, elastic, fixed, mealOfDishes, NIGHT, SATURDAY, step, WORK } from './meals.ts';

/**
 * Meals that can be done, because they were: chains are laid into four days one after another,
 * where the cook is awake and at home and hands, ovens, rings, the smoker and the steamer are
 * free; what the meal asks for is read off those days with a little room to spare. So a planner
 * that finds nothing is wrong, and not the meal.
 */
export function plantedMeal(seed: number, size: PlantedSize): Meal {
  const random = new Random(seed);
  const { dishes, links } = SIZES[size];
  const days = new Days();
  const made: Dish[] = [];
  for (let d = 0; d < dishes; d++) {
    const kind = random.pick(['roast', 'stove', 'braise', 'cold', 'smoke', 'steam'] as const);
    const chain = lengthened(chainOf(kind, random), links, random);
    made.push(plant(`d${d}`, chain, days, random));
  }
  const meal = mealOfDishes(made, [NIGHT, WORK]);
  return { ...meal, kitchen: { ...meal.kitchen, ...KITCHEN } };
}

export type PlantedSize = keyof typeof SIZES;

/** About 20, 60 and 150 steps. */
const SIZES = {
  small: { dishes: 3, links: 7 },
  middle: { dishes: 6, links: 10 },
  large: { dishes: 12, links: 12.5 },
} as const;

const ROOM = { oven: 2, hob: 4, smoker: 1, steamer: 1 } as const;

const KITCHEN: Pick<Kitchen, 'appliances' | 'vessels'> = {
  appliances: [
    { id: 'oven', kind: 'oven', name: 'Oven', fits: ROOM.oven },
    { id: 'hob', kind: 'hob', name: 'Hob', fits: ROOM.hob },
    { id: 'smoker', kind: 'smoker', name: 'Smoker', fits: ROOM.smoker },
  ],
  vessels: [{ id: 'steamer', name: 'Steamer', kind: 'steamer', capacityMl: 5000 }],
};

class Random {
  private readonly next: () => number;

  constructor(seed: number) {
    this.next = randomOf(seed);
  }

  some(least: number, most: number): number {
    return least + Math.floor(this.next() * (most - least + 1));
  }

  pick<T>(items: readonly T[]): T {
    return items[this.some(0, items.length - 1)] as T;
  }
}

/** One step to be laid into the days. */
interface Link {
  readonly verb: Verb;
  readonly place: Place;
  readonly minutes: number;
  /** From a third of its length to half as long again. */
  readonly elastic: boolean;
  readonly startHands: number;
  readonly tendEvery?: number;
  readonly steams?: boolean;
}

const work = (verb: Verb, minutes: number): Link => ({
  verb,
  place: { kind: 'board' },
  minutes,
  elastic: false,
  startHands: minutes,
});

const cook = (verb: Verb, place: Place, minutes: number, more: Partial<Link> = {}): Link => ({
  verb,
  place,
  minutes,
  elastic: false,
  startHands: 3,
  ...more,
});

const soak = (verb: Verb, place: Place, minutes: number): Link => ({
  verb,
  place,
  minutes,
  elastic: true,
  startHands: 2,
});

const FRIDGE: Place = { kind: 'fridge', tempC: 4 };

function chainOf(
  kind: 'roast' | 'stove' | 'braise' | 'cold' | 'smoke' | 'steam',
  r: Random,
): Link[] {
  const brine = () => soak('brine', FRIDGE, r.pick([720, 1200, 2400]));
  const marinate = () => soak('marinate', FRIDGE, r.pick([240, 720, 1800]));
  const rest = (minutes: number) => soak('rest', { kind: 'counter' }, minutes);
  const oven = (tempC: number): Place => ({ kind: 'oven', tempC });
  const hob: Place = { kind: 'hob', tempC: 100 };
  switch (kind) {
    case 'roast':
      return [
        work('mix', r.some(6, 15)),
        brine(),
        cook('roast', oven(r.pick([160, 180, 200, 220])), r.some(30, 90)),
        rest(20),
        work('slice', r.some(4, 10)),
      ];
    case 'stove':
      return [
        work('prepare', r.some(6, 18)),
        cook('simmer', hob, r.some(20, 50), { tendEvery: r.some(7, 15) }),
      ];
    case 'braise':
      return [
        work('mix', r.some(5, 12)),
        marinate(),
        work('brown', r.some(10, 20)),
        cook('braise', oven(r.pick([160, 180])), r.some(100, 170), { tendEvery: 45 }),
        rest(10),
      ];
    case 'cold':
      return [work('prepare', r.some(8, 20)), soak('soak', FRIDGE, r.some(120, 600))];
    case 'smoke':
      return [
        work('mix', r.some(10, 20)),
        marinate(),
        cook('light', { kind: 'smoker', tempC: 110 }, 30, { startHands: 6 }),
        cook('smoke', { kind: 'smoker', tempC: 110 }, r.some(180, 300), { tendEvery: 60 }),
        rest(90),
        work('shred', r.some(6, 14)),
      ];
    case 'steam':
      return [
        work('prepare', r.some(5, 15)),
        rest(20),
        cook('steam', hob, r.some(15, 30), { steams: true }),
      ];
  }
}

/** More work at the board and more rests before the chain, as a longer recipe has. */
function lengthened(chain: readonly Link[], links: number, random: Random): Link[] {
  const longer = [...chain];
  const wanted = Math.round(links + random.some(-1, 1));
  while (longer.length < wanted) {
    const before = random.some(0, 1) === 0;
    longer.unshift(
      before
        ? work(random.pick(['prepare', 'mix', 'knead', 'shape']), random.some(4, 15))
        : soak('rest', FRIDGE, random.pick([30, 60, 180])),
    );
  }
  return longer;
}

interface Placed extends Link {
  readonly startMin: number;
  readonly endMin: number;
}

function plant(id: string, chain: readonly Link[], days: Days, random: Random): Dish {
  const serving = at(SATURDAY);
  const placed: Placed[] = [];
  let by = serving - random.some(0, 25);
  for (const link of [...chain].reverse()) {
    const found = days.lay(link, by);
    placed.unshift(found);
    by = found.startMin - random.some(0, 30);
  }
  const steps = placed.map((here, i): Step => {
    const before = placed[i - 1];
    const gap = before ? here.startMin - before.endMin : 0;
    // What was apart for a night may be so; what is cut waits for hours, what is hot does not.
    const waits = before?.place.kind === 'board' ? random.some(60, 240) : random.some(15, 45);
    const mostMin = gap > 240 ? {} : { mostMin: gap + waits };
    return step({
      id: `${id}-${i}`,
      verb: here.verb,
      time: timeOf(here),
      place: here.place,
      hands: handsOf(here, `${id}-${i}`),
      after: before ? [{ step: `${id}-${i - 1}`, from: 'end', leastMin: 0, ...mostMin }] : [],
      ...(here.steams ? { vessel: { kind: 'steamer' } } : {}),
    });
  });
  return dish(id, steps, serving - (placed.at(-1)?.endMin ?? serving) + random.some(20, 120));
}

function timeOf({ elastic: gives, minutes }: Placed): StepTime {
  return gives
    ? elastic(Math.round(minutes * 0.6), minutes, Math.round(minutes * 1.5))
    : fixed(minutes);
}

function handsOf({ startHands, tendEvery, minutes }: Placed, what: string): Step['hands'] {
  const start =
    startHands >= minutes
      ? { when: 'all' as const, what }
      : { when: 'start' as const, minutes: startHands, what };
  return tendEvery === undefined
    ? [start]
    : [start, { when: 'every', everyMin: tendEvery, minutes: 1, what: `${what} tend` }];
}

/** Four days, and what is taken in them. */
class Days {
  private readonly laid: Placed[] = [];

  /** Lays a link as late as it goes. */
  lay(link: Link, by: number): Placed {
    for (let endMin = by; ; endMin--) {
      const here = { ...link, startMin: endMin - link.minutes, endMin };
      if (!this.fits(here)) continue;
      this.laid.push(here);
      return here;
    }
  }

  private fits(here: Placed): boolean {
    const work = workOf(here);
    if (work.some(([from, to]) => from < to && !atHome(from, to))) return false;
    const others = this.laid.flatMap(workOf);
    const clash = work.some(([from, to]) => others.some(([a, b]) => from < b && a < to));
    return !clash && this.placeFits(here);
  }

  private placeFits(here: Placed): boolean {
    const kind = here.place.kind;
    if (here.steams && this.overlapping(here, (other) => other.steams === true) > 0) return false;
    if (kind !== 'oven' && kind !== 'hob' && kind !== 'smoker') return true;
    if (!atHome(here.endMin, here.endMin + 1)) return false;
    if (kind !== 'hob' && this.laid.some((other) => tooHotOrCold(here, other))) return false;
    const there = (min: number) =>
      this.laid.filter((o) => o.place.kind === kind && o.startMin <= min && min < o.endMin).length;
    const moments = [
      here.startMin,
      ...this.laid.flatMap((o) =>
        o.startMin > here.startMin && o.startMin < here.endMin ? [o.startMin] : [],
      ),
    ];
    return moments.every((min) => there(min) < ROOM[kind]);
  }

  private overlapping(here: Placed, wanted: (other: Placed) => boolean): number {
    // A few minutes to wash up between.
    return this.laid.filter(
      (o) => wanted(o) && o.startMin < here.endMin + 6 && here.startMin < o.endMin + 6,
    ).length;
  }
}

/** Two heats in one place, or too soon after each other. */
function tooHotOrCold(here: Placed, other: Placed): boolean {
  if (other.place.kind !== here.place.kind) return false;
  const change = Math.abs((other.place.tempC ?? 0) - (here.place.tempC ?? 0));
  // A little more than any oven needs to climb or to fall.
  const wait = Math.ceil(change / 4);
  return change > 0 && here.startMin < other.endMin + wait && other.startMin < here.endMin + wait;
}

/** The pieces of work of a step: its start, and each time it is looked after. */
function workOf({ startMin, endMin, startHands, tendEvery }: Placed): [number, number][] {
  const pieces: [number, number][] = [[startMin, startMin + startHands]];
  if (tendEvery === undefined) return pieces;
  for (let min = startMin + tendEvery; min + 1 < endMin; min += tendEvery)
    pieces.push([min, min + 1]);
  return pieces;
}

function atHome(from: number, to: number): boolean {
  return !BLOCKS.some(([start, end]) => from < end && to > start);
}

/** The nights and work days before the Saturday. */
const BLOCKS: readonly (readonly [number, number])[] = [20, 21, 22, 23, 24, 25, 26, 27, 28].flatMap(
  (day): [number, number][] => {
    const local = (d: number, clock: string) =>
      at(`2026-11-${String(d).padStart(2, '0')}T${clock}`);
    const night: [number, number] = [local(day - 1, '23:00'), local(day, '07:00')];
    const weekend = day === 21 || day === 22 || day === 28;
    return weekend ? [night] : [night, [local(day, '09:00'), local(day, '17:00')]];
  },
);
