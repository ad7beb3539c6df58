import { describe, expect, it } from 'vitest';
import { applyCommand, audit, plan, type Meal, type Plan, type Rescue } from '../../index.ts';
import { at, mealOfDishes, NIGHT, WORK } from '../../test/meals.ts';
import { patternDish, patternNamed } from '../../patterns/index.ts';
import { takenIds } from '../../meal/index.ts';
import { keepsAfter } from './other-ways.ts';

const WEDNESDAY = '2026-12-02T19:30';

function mealOf(patterns: readonly string[], serveAt: string): Meal {
  const meal = mealOfDishes([], [NIGHT, WORK], serveAt);
  meal.kitchen.appliances.push({ id: 'oven', kind: 'oven', name: 'Oven', fits: 1 });
  return patterns.reduce((sum, id): Meal => {
    const pattern = patternNamed(id);
    if (!pattern) throw new Error(`no pattern ${id}`);
    return { ...sum, dishes: [...sum.dishes, patternDish(pattern, {}, takenIds(sum))] };
  }, meal);
}

const offered = (made: Plan, key: Rescue['text']['key']) =>
  made.rescues.find(({ text }) => text.key === key);

/** The plan after a way out is taken. */
function taken(meal: Meal, nowMin: number, rescue: Rescue | undefined): Plan {
  if (!rescue) throw new Error('it is not offered');
  const changed = rescue.changes.reduce(applyCommand, meal);
  const made = plan(changed, changed.kitchen, nowMin, { rescues: false });
  expect(audit(made, changed, changed.kitchen)).toEqual([]);
  expect(made.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  return made;
}

describe('a dish that cannot be cooked after work', () => {
  const meal = mealOf(['own-juice-braise'], WEDNESDAY);
  const nowMin = at('2026-11-28T09:00');
  const made = plan(meal, meal.kitchen, nowMin);

  it('is offered made ahead, cooled in ice, kept cold and heated through, safely', () => {
    expect(made.status).toBe('cannot');
    const after = taken(meal, nowMin, offered(made, 'rescue.madeAhead'));
    expect(after.status).not.toBe('cannot');
    const [cool, keep, reheat] = ['cool', 'chill', 'simmer'].map((verb) =>
      after.steps.findLast((step) => step.verb === verb),
    );
    expect(cool?.endMin).toBeLessThanOrEqual(keep?.startMin ?? 0);
    expect((keep?.endMin ?? 0) - (keep?.startMin ?? 0)).toBeLessThanOrEqual(48 * 60);
    expect(reheat?.startMin).toBe(keep?.endMin);
    expect(reheat?.startMin).toBeGreaterThanOrEqual(at('2026-12-02T17:00'));
  });

  it('is not where it is best fresh', () => {
    const fresh = ['citrus-steak', 'soured-cabbage'].flatMap((id) => {
      const pattern = patternNamed(id);
      return pattern ? [patternDish(pattern, {}, new Set())] : [];
    });
    expect(fresh.length).toBeGreaterThan(0);
    expect(fresh.map((dish) => keepsAfter(meal, dish))).toEqual(fresh.map(() => undefined));
  });
});

describe('what takes longer than there are days', () => {
  it('is bought ready made, and two of them together', () => {
    const nowMin = at('2026-11-30T09:00');
    const one = mealOf(['soured-cabbage'], WEDNESDAY);
    const bought = offered(plan(one, one.kitchen, nowMin), 'rescue.readyMade');
    expect(taken(one, nowMin, bought).steps.map(({ label }) => label)).toEqual([
      'Put on the table',
    ]);
    const two = mealOf(['soured-cabbage', 'own-juice-braise'], WEDNESDAY);
    const both = offered(plan(two, two.kitchen, nowMin), 'rescue.aheadAndBought');
    expect(taken(two, nowMin, both).status).not.toBe('cannot');
  });
});

describe('a kitchen that lacks the fire', () => {
  it('cooks it over what there is, before anything is borrowed', () => {
    const nowMin = at('2026-11-28T09:00');
    const meal = mealOf(['smoked-loin'], '2026-12-05T19:30');
    const made = plan(meal, meal.kitchen, nowMin);
    expect(made.status).toBe('cannot');
    const keys = made.rescues.map(({ text }) => text.key);
    expect(keys).toContain('rescue.over.oven');
    expect(keys.indexOf('rescue.over.oven')).toBeLessThan(keys.indexOf('rescue.newPlace'));
    const after = taken(meal, nowMin, offered(made, 'rescue.over.oven'));
    expect(after.steps.some(({ place }) => place.kind === 'smoker')).toBe(false);
  });
});
