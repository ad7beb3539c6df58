import { HELD_BACK_EXPONENT } from '../figures/index.ts';
import { soaks, type Mixture, type MixtureLine } from '../batch/index.ts';
import { coreWords } from '../words/index.ts';
import { animalOf } from './works-on.ts';
import { freshId, takenIds } from './ids.ts';
import type { Dish, Meal, Step } from './schema.ts';
import { practicesOf, type PracticeName, type Practices } from './practices.ts';

/**
 * Brings every dish in line with how it is to be done: steps and lines a school asks for are
 * put in, those of a school no longer chosen are taken out. What the cook wrote stays.
 */
export function applyPractices(meal: Meal): Meal {
  const taken = takenIds(meal);
  return {
    ...meal,
    dishes: meal.dishes.map((dish) =>
      practisedDish(meal, dish, practicesOf(meal.kitchen, dish), taken),
    ),
  };
}

function practisedDish(meal: Meal, given: Dish, schools: Practices, taken: Set<string>): Dish {
  const dish = tempered(given, schools.tempering === 'cold');
  const soak = dish.steps.find((step) => step.time.kind === 'soak' && rawMixture(dish, step));
  const handled = firstHandled(meal, dish, soak);
  let done = settle(dish, 'washing', schools.washing !== 'none' && handled !== undefined, (d) =>
    washFirst(d, handled?.id ?? '', taken),
  );
  if (!soak) return withoutSchool(done, 'firstHalfHour', 'usedMarinade', 'tenderising');
  done = settle(done, 'firstHalfHour', schools.firstHalfHour === 'counter', (d) =>
    counterFirst(d, soak.id, taken),
  );
  done = settle(done, 'usedMarinade', schools.usedMarinade === 'boiled', (d) =>
    boilAfter(d, soak.id, taken),
  );
  return tenderised(done, soak, schools.tenderising);
}

/**
 * The step before which raw meat is washed, where it is: what is mixed onto it before it soaks, or
 * what first cuts or salts it. Undefined where there is no meat.
 */
function firstHandled(meal: Meal, dish: Dish, soak: Step | undefined): Step | undefined {
  if (!dish.foods.some((food) => animalOf(meal, food) !== 'none')) return undefined;
  const mixed = soak?.after
    .map((gap) => dish.steps.find(({ id }) => id === gap.step))
    .find((step) => step?.verb === 'mix' || step?.verb === 'prepare');
  return mixed ?? soak ?? dish.steps.find(({ verb }) => verb === 'prepare');
}

/**
 * Straight from the cold, a step out of the fridge is only as long as its hands; how long it was
 * stays with it, for when the cook changes their mind.
 */
function tempered(dish: Dish, cold: boolean): Dish {
  if (!dish.steps.some(({ verb }) => verb === 'temper')) return dish;
  return {
    ...dish,
    steps: dish.steps.map((step): Step => {
      if (step.verb !== 'temper' || cold === (step.temperTime !== undefined)) return step;
      const { temperTime, ...rest } = step;
      if (temperTime) return { ...rest, time: temperTime };
      const minutes = step.hands.map((hands) => (hands.when === 'start' ? hands.minutes : 0));
      return {
        ...step,
        temperTime: step.time,
        time: { kind: 'fixed', minutes: Math.max(1, ...minutes) },
      };
    }),
  };
}

function rawMixture(dish: Dish, step: Step): Mixture | undefined {
  const time = step.time;
  if (time.kind !== 'soak') return undefined;
  return dish.mixtures.find(
    (mixture) => mixture.id === time.mixture && mixture.touchesRaw && soaks(mixture),
  );
}

/** Puts a school's step in where it is wanted and missing, or out where it is not wanted. */
function settle(
  dish: Dish,
  school: PracticeName,
  wanted: boolean,
  add: (dish: Dish) => Dish,
): Dish {
  const there = dish.steps.some((step) => step.school === school);
  if (wanted === there) return dish;
  return wanted ? add(dish) : withoutSchool(dish, school);
}

function washFirst(dish: Dish, before: string, taken: Set<string>): Dish {
  const wash: Step = {
    ...plainStep(newId(`${dish.id}-wash`, taken), 'school.step.wash', 'washing'),
    verb: 'prepare',
    time: { kind: 'fixed', minutes: 15 },
    place: { kind: 'board' },
    hands: [{ when: 'all', what: coreWords['school.step.wash'] }],
  };
  return {
    ...dish,
    steps: dish.steps.flatMap((step) =>
      step.id === before ? [wash, { ...step, after: [...step.after, gap(wash.id, 60)] }] : [step],
    ),
  };
}

function counterFirst(dish: Dish, soak: string, taken: Set<string>): Dish {
  const id = newId(`${dish.id}-counter`, taken);
  return {
    ...dish,
    steps: dish.steps.flatMap((step): Step[] => {
      if (step.id !== soak) return [step];
      const counter: Step = {
        ...plainStep(id, 'school.step.counter', 'firstHalfHour'),
        verb: 'marinate',
        time: { kind: 'fixed', minutes: 30 },
        place: { kind: 'counter', tempC: 20 },
        after: step.after,
      };
      const fetched = {
        when: 'start' as const,
        minutes: 2,
        what: step.label,
        school: 'firstHalfHour',
      };
      return [counter, { ...step, after: [gap(id, 0)], hands: [fetched, ...step.hands] }];
    }),
  };
}

function boilAfter(dish: Dish, soak: string, taken: Set<string>): Dish {
  const of = dish.steps.find((step) => step.id === soak);
  const mixture = of && rawMixture(dish, of);
  if (!mixture) return dish;
  const boil: Step = {
    ...plainStep(newId(`${dish.id}-boil`, taken), 'school.step.boil', 'usedMarinade'),
    verb: 'boil',
    time: { kind: 'range', leastMin: 8, likelyMin: 10, mostMin: 15 },
    place: { kind: 'hob', tempC: 100 },
    hands: [{ when: 'all', what: coreWords['school.step.boilWhat'] }],
    after: [{ step: soak, from: 'end', leastMin: 0 }],
    mixtures: [mixture.id],
  };
  return { ...dish, steps: [...dish.steps, boil] };
}

function plainStep(
  id: string,
  label: 'school.step.wash' | 'school.step.counter' | 'school.step.boil',
  school: PracticeName,
) {
  return { id, label: coreWords[label], school, after: [], hands: [], cautions: [] };
}

function gap(step: string, mostMin: number): Step['after'][number] {
  return { step, from: 'end', leastMin: 0, mostMin };
}

function newId(wish: string, taken: Set<string>): string {
  const id = freshId(wish, taken);
  taken.add(id);
  return id;
}

/** What goes in to make meat tender, for a kilogram. Common practice, no source. */
const TENDERISERS: Readonly<
  Record<Exclude<Practices['tenderising'], 'time'>, { ingredient: string; gPerKg: number }>
> = {
  acid: { ingredient: 'lime-juice', gPerKg: 30 },
  fruit: { ingredient: 'kiwi-raw', gPerKg: 50 },
  powder: { ingredient: 'tenderising-powder', gPerKg: 2 },
  bicarbonate: { ingredient: 'baking-soda', gPerKg: 6 },
};

function tenderised(dish: Dish, soak: Step, how: Practices['tenderising']): Dish {
  const mixture = rawMixture(dish, soak);
  const wanted = how === 'time' ? undefined : TENDERISERS[how];
  const there = mixture?.lines.find((line) => line.school === 'tenderising');
  if (!mixture || there?.ingredient === wanted?.ingredient) return dish;
  const bare = withoutSchool(dish, 'tenderising');
  if (!wanted) return bare;
  const baselineG = mixture.basis.kind === 'perWeight' ? mixture.basis.baselineG : 1000;
  const line: MixtureLine = {
    ingredient: wanted.ingredient,
    amount: `${Math.max(1, Math.round((wanted.gPerKg * baselineG) / 1000))} g`,
    scaling: 'linear',
    exponent: HELD_BACK_EXPONENT,
    school: 'tenderising',
  };
  return {
    ...bare,
    mixtures: bare.mixtures.map((other) =>
      other.id === mixture.id ? { ...other, lines: [...other.lines, line] } : other,
    ),
  };
}

/** The dish without the steps and lines of these schools; what followed them follows on. */
function withoutSchool(dish: Dish, ...schools: PracticeName[]): Dish {
  const gone = (school: string | undefined) => schools.some((name) => name === school);
  const steps = new Map(dish.steps.map((step) => [step.id, step]));
  const bridged = (after: Step['after']): Step['after'] =>
    after.flatMap((link) => {
      const before = steps.get(link.step);
      return before && gone(before.school) ? bridged(before.after) : [link];
    });
  return {
    ...dish,
    steps: dish.steps
      .filter((step) => !gone(step.school))
      .map((step) => ({
        ...step,
        after: bridged(step.after),
        hands: step.hands.filter((hands) => !('school' in hands) || !gone(hands.school)),
      })),
    mixtures: dish.mixtures.map((mixture) => ({
      ...mixture,
      lines: mixture.lines.filter((line) => !gone(line.school)),
    })),
  };
}
