import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { at, supper } from '../test/meals.ts';
import {
  applyCommand,
  audit,
  batchOf,
  mealOf,
  plan as planOf,
  printMeal,
  PRACTICE_NAMES,
  PRACTICES,
  type Meal,
  type PracticeName,
} from '../index.ts';

const NOW = at('2026-11-25T08:00');
const set = (meal: Meal, school: PracticeName, to: string | null, dish?: string) =>
  applyCommand(meal, { do: 'setSchool', school, to, ...(dish === undefined ? {} : { dish }) });
const lamb = (meal: Meal) => {
  const found = meal.dishes.find((dish) => dish.id === 'lamb');
  if (!found) throw new Error('the example has changed');
  return found;
};
const labels = (meal: Meal) => lamb(meal).steps.map((step) => step.label);

describe('schools of practice', () => {
  it('put their steps into the plan, and take them out again', () => {
    const before = supper();
    const washed = set(before, 'washing', 'acid', 'lamb');
    expect(labels(washed)).toContain('Wash the meat, then sink and hands');
    const planned = planOf(washed, washed.kitchen, NOW).steps.find((step) =>
      step.label.startsWith('Wash'),
    );
    expect(planned?.cautions.map(({ message }) => message.key)).toContain('caution.washing');
    expect(planned?.hands).toHaveLength(1);
    expect(lamb(set(washed, 'washing', null, 'lamb')).steps).toEqual(lamb(before).steps);
  });

  it('begin on the counter, where it counts toward the two hours, and go on in the fridge', () => {
    const before = supper();
    const counter = set(before, 'firstHalfHour', 'counter');
    const plan = planOf(counter, counter.kitchen, NOW);
    const [first, soak] = ['lamb-counter', 'lamb-marinate'].map((id) =>
      plan.steps.find((step) => step.id === id),
    );
    expect(first?.place.kind).toBe('counter');
    // Said once, at whichever comes first.
    const said = plan.steps.find(({ cautions }) =>
      cautions.some(({ message }) => message.key === 'caution.twoHours'),
    );
    expect(said?.place.kind).toBe('counter');
    expect(said?.startMin).toBeLessThanOrEqual(first?.startMin ?? NaN);
    expect(soak?.startMin).toBe(first?.endMin);
    expect(soak?.hands[0]?.what).toBe('Marinate');
    expect(lamb(set(counter, 'firstHalfHour', 'fridge')).steps).toEqual(lamb(before).steps);
  });

  it('take meat straight from the cold, and let it stand again as long as before', () => {
    const before = supper();
    const cold = set(before, 'tempering', 'cold', 'lamb');
    const of = (meal: Meal) => lamb(meal).steps.find(({ verb }) => verb === 'temper')?.time;
    expect(of(before)).toMatchObject({ kind: 'fixed', minutes: 40 });
    expect(of(cold)).toMatchObject({ kind: 'fixed', minutes: 5 });
    const smoke = (meal: Meal) =>
      planOf(meal, meal.kitchen, NOW).steps.find(({ id }) => id === 'lamb-smoke');
    expect(smoke(cold)?.duration.likelyMin).toBeGreaterThan(
      smoke(before)?.duration.likelyMin ?? NaN,
    );
    expect(lamb(set(cold, 'tempering', 'short', 'lamb')).steps).toEqual(lamb(before).steps);
  });

  it('boil what the meat lay in before it is served', () => {
    const boiled = set(supper(), 'usedMarinade', 'boiled', 'lamb');
    const plan = planOf(boiled, boiled.kitchen, NOW);
    const boil = plan.steps.find((step) => step.verb === 'boil' && step.dish === 'lamb');
    const soak = plan.steps.find((step) => step.id === 'lamb-marinate');
    expect(boil?.startMin).toBeGreaterThanOrEqual(soak?.endMin ?? Infinity);
    expect(boil?.cautions.map(({ message }) => message.key)).toContain('caution.boilUsed');
  });

  it('soften by fruit at a price: it sets its own longest', () => {
    const meal = set(supper(), 'tenderising', 'fruit', 'lamb');
    const [paste] = lamb(meal).mixtures;
    if (!paste) throw new Error('the example has changed');
    expect(paste.lines.at(-1)).toMatchObject({ ingredient: 'kiwi-raw', amount: '75 g' });
    const { window } = batchOf(meal, lamb(meal), paste);
    expect(window?.limitedBy.key).toBe('window.enzyme');
    expect(window?.longestMin).toBeLessThan(1440);
    const other = set(meal, 'tenderising', 'bicarbonate', 'lamb');
    expect(lamb(other).mixtures[0]?.lines.map((line) => line.ingredient)).not.toContain('kiwi-raw');
  });

  it('go by the dish before the kitchen, and the kitchen before the default', () => {
    const kitchen = set(supper(), 'washing', 'flour');
    expect(labels(kitchen).some((label) => label.startsWith('Wash'))).toBe(true);
    const own = set(kitchen, 'washing', 'none', 'lamb');
    expect(labels(own).some((label) => label.startsWith('Wash'))).toBe(false);
    expect(set(own, 'washing', 'with soap')).toEqual(own);
  });

  it('leave a good file and a plan that keeps its word, in any order; defaults undo them all', () => {
    const answer = fc.constantFrom(...PRACTICE_NAMES).chain((school) =>
      fc.record({
        school: fc.constant(school),
        to: fc.constantFrom<string | null>(...PRACTICES[school], null),
        dish: fc.constantFrom<string | undefined>(undefined, 'lamb', 'duck'),
      }),
    );
    fc.assert(
      fc.property(fc.array(answer, { minLength: 1, maxLength: 6 }), (answers) => {
        const meal = answers.reduce(
          (m, { school, to, dish }) => set(m, school, to, dish),
          supper(),
        );
        expect(mealOf(JSON.parse(printMeal(meal)), NOW)).toEqual(meal);
        const plan = planOf(meal, meal.kitchen, NOW);
        expect(audit(plan, meal, meal.kitchen)).toEqual([]);
        const back = PRACTICE_NAMES.flatMap((school) =>
          [undefined, 'lamb', 'duck'].map((dish) => ({ school, dish })),
        ).reduce((m, { school, dish }) => set(m, school, null, dish), meal);
        expect(back.dishes.map((dish) => dish.steps)).toEqual(
          supper().dishes.map((dish) => dish.steps),
        );
        expect(back.dishes.map((dish) => dish.mixtures)).toEqual(
          supper().dishes.map((dish) => dish.mixtures),
        );
      }),
      { numRuns: 25 },
    );
  });
});
