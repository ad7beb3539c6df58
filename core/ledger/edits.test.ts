import { describe, expect, it } from 'vitest';
import { mealOf, type Meal, type Step } from '../meal/index.ts';
import { audit, bestCandidate } from '../plan/index.ts';
import { at } from '../test/meals.ts';
import { ROUNDS } from '../test/ledger-cases/rounds.ts';
import { foodFacts } from '../meal/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';

const NOW = at('2026-11-01T08:00');
/** A plan, whatever its chance: what is done to the food is judged, not how sure it is. */
const planOf = (meal: Meal) =>
  bestCandidate(meal, meal.kitchen, NOW, { work: 200, samples: 1 }).plan();

const SAFE = ROUNDS.flatMap(({ cases }) => cases)
  .filter(({ verdict }) => verdict === 'pass')
  .map(({ name, meal }) => ({ name, meal: mealOf(meal, NOW) }));

const MEATY = SAFE.filter(({ meal }) =>
  meal.dishes.some(({ foods }) =>
    foods.some((food) => {
      const { animal, ready } = foodFacts(meal, food);
      return animal !== 'none' && animal !== 'shellfish' && !ready;
    }),
  ),
);

type Change = (step: Step) => Step;

function withSteps(meal: Meal, change: Change): Meal {
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({ ...dish, steps: dish.steps.map(change) })),
  };
}

const isFire = ({ verb }: Step) => FIRE_VERBS.has(verb);
const hasCore = ({ time, doneWhen }: Step) =>
  (time.kind === 'heat' && 'coreC' in time.until) || doneWhen?.coreC !== undefined;

/** One thing done wrong, where there is anything to do wrong; undefined where not. */
const HARM: Readonly<Record<string, (meal: Meal) => Meal | undefined>> = {
  'no fire at all': (meal) =>
    withSteps(meal, (step) =>
      isFire(step)
        ? {
            ...step,
            verb: 'hold',
            place: { kind: 'fridge', tempC: 4 },
            time: { kind: 'fixed', minutes: 20 },
          }
        : step,
    ),
  'a core of 42': (meal) => {
    if (!meal.dishes.every(({ steps }) => steps.filter(isFire).every(hasCore))) return undefined;
    return withSteps(meal, (step) =>
      isFire(step) && hasCore(step)
        ? {
            ...step,
            doneWhen: { coreC: 42 },
            ...(step.time.kind === 'heat' && { time: { ...step.time, until: { coreC: 42 } } }),
          }
        : step,
    );
  },
  'nobody takes it up for five hours after the fire': (meal) => {
    const follows = (step: Step) =>
      step.after.some((gap) =>
        meal.dishes.some(({ steps }) => steps.some((one) => one.id === gap.step && isFire(one))),
      ) &&
      !isFire(step) &&
      step.place.kind !== 'fridge' &&
      !(step.place.tempC !== undefined && step.place.tempC >= 57);
    if (!meal.dishes.some(({ steps }) => steps.some(follows))) return undefined;
    return withSteps(meal, (step) =>
      follows(step)
        ? { ...step, after: step.after.map((gap) => ({ ...gap, leastMin: 300, mostMin: 310 })) }
        : step,
    );
  },
  'six days in the fridge first': (meal) => ({
    ...meal,
    dishes: meal.dishes.map((dish) => {
      const [first, ...rest] = dish.steps;
      if (!first) return dish;
      const kept: Step = {
        ...first,
        id: `${dish.id}-kept`,
        label: 'Keep',
        verb: 'chill',
        place: { kind: 'fridge', tempC: 4 },
        time: { kind: 'fixed', minutes: 6 * 1440 },
        hands: [],
        after: [],
        foods: dish.foods.map(({ id }) => id),
      };
      const after = [{ step: kept.id, from: 'end' as const, leastMin: 0 }];
      return { ...dish, steps: [kept, { ...first, after }, ...rest] };
    }),
  }),
};

describe.each(Object.entries(HARM))('one harmful edit is never silent: %s', (_name, harm) => {
  const harmed = MEATY.flatMap(({ name, meal }) => {
    const to = harm(meal);
    return to ? [[name, to] as const] : [];
  });

  it.each(harmed)('%s', (_case, meal) => {
    const said = planOf(meal).findings.filter(({ level }) => level === 'stop');
    expect(said.length).toBeGreaterThan(0);
  });

  it('has meals to be tried on', () => expect(harmed.length).toBeGreaterThan(4));
});

const rulesOf = (meal: Meal) =>
  [
    ...new Set(
      planOf(meal)
        .findings.filter(({ level }) => level === 'stop')
        .map(({ rule }) => rule),
    ),
  ].sort();

/** Each meal is judged once as it is written, and once for each edit. */
const judgedAs = new Map<string, readonly string[]>();

function asWritten(name: string, meal: Meal): readonly string[] {
  const rules = judgedAs.get(name) ?? rulesOf(meal);
  judgedAs.set(name, rules);
  return rules;
}

/** What changes nothing of what is done. */
const HARMLESS: Readonly<Record<string, (meal: Meal) => Meal>> = {
  'another name': (meal) => ({
    ...meal,
    title: 'Renamed',
    dishes: meal.dishes.map((dish) => ({ ...dish, name: `${dish.name}, renamed` })),
  }),
  'the dishes in another order': (meal) => ({ ...meal, dishes: [...meal.dishes].reverse() }),
  'pounds and Fahrenheit': (meal) => ({
    ...meal,
    kitchen: { ...meal.kitchen, units: 'us', clock: '12h' },
  }),
  'a wait told as two': (meal) => ({
    ...meal,
    dishes: meal.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.flatMap((step): Step[] => {
        const { time } = step;
        const waits = step.verb === 'chill' || step.verb === 'hold' || step.verb === 'rest';
        if (!waits || time.kind !== 'fixed' || time.minutes < 4) return [step];
        const half = Math.floor(time.minutes / 2);
        const id = `${step.id}-half`;
        return [
          { ...step, id, time: { kind: 'fixed', minutes: half } },
          {
            ...step,
            time: { kind: 'fixed', minutes: time.minutes - half },
            after: [{ step: id, from: 'end', leastMin: 0, mostMin: 0 }],
          },
        ];
      }),
    })),
  }),
};

// Meal by meal, for what is known of its heat then serves every edit of it.
describe('a harmless edit changes no verdict', () => {
  const all = ROUNDS.flatMap(({ cases }) => cases).filter(
    ({ name }) => !name.includes('two and a half'),
  );
  describe.each(all.map(({ name, meal }) => [name, mealOf(meal, NOW)] as const))(
    '%s',
    (name, meal) => {
      it.each(Object.entries(HARMLESS))('%s', (_edit, edit) => {
        expect(rulesOf(edit(meal))).toEqual(asWritten(name, meal));
      });
    },
  );
});

describe('the ledger and the audit', () => {
  it.each(SAFE.map(({ name, meal }) => [name, meal] as const))('agree: %s', (_case, meal) => {
    const made = planOf(meal);
    const found = audit(made, meal, meal.kitchen).filter(
      ({ rule }) => rule === 'ledger' || rule === 'soak',
    );
    expect(found).toEqual([]);
  });
});
