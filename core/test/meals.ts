import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import {
  epochMinOf,
  mealOf,
  MEAL_VERSION,
  MEASURES,
  type Dish,
  type Kitchen,
  type Meal,
  type Step,
} from '../index.ts';

/** The zone all test meals are in. */
export const ZONE = 'Europe/Paris';
/** A Saturday at seven, in winter time. */
export const SATURDAY = '2026-11-28T19:00';

export const at = (local: string) => epochMinOf(local, ZONE);

export const NIGHT = {
  kind: 'asleep' as const,
  from: '23:00',
  to: '07:00',
  days: [1, 2, 3, 4, 5, 6, 7],
};
export const WORK = {
  kind: 'away' as const,
  from: '09:00',
  to: '17:00',
  days: [1, 2, 3, 4, 5],
  what: 'work',
};

/** Times of steps, short. */
export const fixed = (minutes: number) => ({ kind: 'fixed' as const, minutes });
export const elastic = (leastMin: number, bestMin: number, longestMin: number) => ({
  kind: 'elastic' as const,
  leastMin,
  bestMin,
  longestMin,
});

type PartStep = Partial<Step> & Pick<Step, 'id' | 'time'>;

/** A step with what the test does not care about filled in. */
export function step(part: PartStep): Step {
  return {
    verb: 'prepare',
    label: part.id,
    place: { kind: 'board' },
    hands: [],
    after: [],
    cautions: [],
    ...part,
  };
}

/** "b follows a", with its least and most gap. */
export function after(id: string, leastMin = 0, mostMin?: number): Step['after'] {
  return [{ step: id, from: 'end', leastMin, ...(mostMin === undefined ? {} : { mostMin }) }];
}

export function dish(id: string, steps: Step[], readyWithinMin = 0): Dish {
  return { id, name: id, readyWithinMin, foods: [], mixtures: [], steps };
}

export function mealOfDishes(
  dishes: Dish[],
  hours: Kitchen['hours'] = [],
  serveAt = SATURDAY,
): Meal {
  return {
    zemrin: 'meal',
    version: MEAL_VERSION,
    id: 'test',
    title: 'Test',
    serving: { at: serveAt, zone: ZONE },
    eaters: [{ count: 4, who: 'adult', portion: 1, avoids: [] }],
    kitchen: {
      name: 'Test',
      altitudeM: 0,
      units: 'metric',
      spoons: 'us',
      clock: '24h',
      hours,
      appliances: [{ id: 'hob', kind: 'hob', name: 'Hob', fits: 4 }],
      vessels: [],
      measures: [...MEASURES],
    },
    dishes,
  };
}

/** The example supper as it lies in the repository, its Saturday counted from `now`. */
export function supper(now = '2026-11-25T08:00'): Meal {
  const file = new URL('../../demo/first-frost-supper.json', import.meta.url);
  return mealOf(JSON.parse(readFileSync(file, 'utf8')), at(now));
}

const timeArbitrary: fc.Arbitrary<Step['time']> = fc.oneof(
  fc.integer({ min: 1, max: 90 }).map((minutes) => ({ kind: 'fixed' as const, minutes })),
  fc.tuple(fc.nat(60), fc.nat(60), fc.nat(90)).map(([a, b, c]) => ({
    kind: 'range' as const,
    leastMin: 5 + a,
    likelyMin: 5 + a + b,
    mostMin: 5 + a + b + c,
  })),
  fc.tuple(fc.nat(300), fc.nat(700), fc.nat(900)).map(([a, b, c]) => ({
    kind: 'elastic' as const,
    leastMin: 10 + a,
    bestMin: 10 + a + b,
    longestMin: 10 + a + b + c,
  })),
);

const handsArbitrary = (time: Step['time']): fc.Arbitrary<Step['hands']> => {
  const ends = fc.constantFrom<Step['hands'][]>(
    [],
    [{ when: 'start', minutes: 5, what: 'begin' }],
    [{ when: 'end', minutes: 4, what: 'finish' }],
  );
  return time.kind === 'elastic'
    ? ends
    : fc.oneof(
        ends,
        fc.constantFrom<Step['hands'][]>(
          [{ when: 'all', what: 'work' }],
          [{ when: 'every', everyMin: 20, minutes: 2, what: 'stir' }],
        ),
      );
};

/** A chain of one to five steps, each following the one before within some gap. */
function chainArbitrary(id: string): fc.Arbitrary<Dish> {
  const link = timeArbitrary.chain((time) =>
    fc.record({
      time: fc.constant(time),
      hands: handsArbitrary(time),
      least: fc.nat(20),
      slack: fc.option(fc.nat(240), { nil: undefined }),
    }),
  );
  return fc
    .tuple(
      fc.array(link, { minLength: 1, maxLength: 5 }),
      fc.nat(60),
      fc.option(fc.nat(90), { nil: undefined, freq: 4 }),
    )
    .map(([links, readyWithinMin, servedBeforeMin]) => {
      const steps = links.map(({ time, hands, least, slack }, i) =>
        step({
          id: `${id}-${i}`,
          time,
          hands,
          after:
            i === 0
              ? []
              : after(`${id}-${i - 1}`, least, slack === undefined ? undefined : least + slack),
        }),
      );
      return { ...dish(id, steps, readyWithinMin), ...(servedBeforeMin && { servedBeforeMin }) };
    });
}

/** Meals of one to three chains, with or without nights and work. */
export const mealArbitrary: fc.Arbitrary<Meal> = fc
  .tuple(
    fc
      .integer({ min: 1, max: 3 })
      .chain((n) =>
        fc.tuple(...Array.from({ length: n }, (_unused, i) => chainArbitrary(`d${i}`))),
      ),
    fc.constantFrom<Kitchen['hours'][]>([], [NIGHT], [NIGHT, WORK]),
  )
  .map(([dishes, hours]) => mealOfDishes(dishes, hours));
