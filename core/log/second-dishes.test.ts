import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  beginRun,
  eventsOf,
  keepsUntil,
  leftOversOf,
  patternDish,
  PATTERNS,
  plan,
  secondDishesOf,
  withLeftOver,
  type Meal,
  type Run,
} from '../index.ts';
import { mealOfPattern, NOW, ZONE } from '../test/pattern-meal.ts';

const DAY = 24 * 60;
const SERVED = NOW - DAY / 2;

/** A run of a dish of which so much was left. */
function runWithLeft(pattern: string, food: string, weightG: number, cut?: string): Run {
  const found = PATTERNS.find(({ id }) => id === pattern);
  if (!found) throw new Error(`no pattern ${pattern}`);
  const of = {
    ...found,
    chain: (choice: Parameters<typeof found.chain>[0]) =>
      found.chain({ ...choice, ...(cut && { cut }) }),
  };
  const run = beginRun(mealOfPattern(of), 'run-1', SERVED - 300);
  const id = run.meal.dishes[0]?.foods.find(({ cut }) => cut?.includes(food))?.id ?? '';
  const served = eventsOf([{ did: 'served' }], [], { by: 'a', atMin: SERVED });
  const weighed = eventsOf([{ did: 'weighed', food: id, when: 'left', weightG }], served, {
    by: 'a',
    atMin: SERVED + 30,
  });
  return { ...run, events: [...served, ...weighed] };
}

/** The next evening's meal, made of what is left. */
function secondMeal(run: Run): { meal: Meal; name: string } {
  const [left] = leftOversOf([run], NOW);
  const [pattern] = secondDishesOf(left?.cut);
  if (!left?.cut || !pattern) throw new Error('nothing is made of it');
  const own = patternDish(pattern, { cut: left.cut }, new Set());
  const dish = withLeftOver(own, own.foods[0]?.id ?? '', { ...left, cut: left.cut }, ZONE);
  const kitchen = mealOfPattern(pattern);
  const empty = { ...kitchen, id: 'second', dishes: [] };
  const meal = applyCommand(empty, { do: 'putDish', dish, own: [] });
  const served = { ...meal, serving: { at: '2026-12-03T19:00', zone: ZONE } };
  return { meal: served, name: pattern.id };
}

describe('what is left of a side or of fish', () => {
  it.each([
    ['rice', 'rice', 'cooked-rice', 'fried-rice', undefined],
    ['roast-roots', '', 'cooked-vegetables', 'vegetables-again', undefined],
    ['steamed-catch', '', 'cooked-fish', 'fish-cakes', 'white-fish-fillet'],
  ])('of %s becomes another dish, planned safely', (pattern, food, cut, dish, from) => {
    const run = runWithLeft(pattern, food, 360, from);
    expect(leftOversOf([run], NOW)[0]?.cut).toBe(cut);
    const { meal, name } = secondMeal(run);
    expect(name).toBe(dish);
    expect(meal.dishes[0]?.foods[0]).toMatchObject({ weighedG: 360, cut });
    const made = plan(meal, meal.kitchen, NOW);
    expect(made.status).not.toBe('cannot');
    expect(made.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  });

  it('keeps a day where it is rice, and three or four where it is not', () => {
    // The least and the most of the chart: core/safety/figures/keeping.ts has its source.
    const [rice] = leftOversOf([runWithLeft('rice', 'rice', 360)], NOW);
    const [roots] = leftOversOf([runWithLeft('roast-roots', '', 360)], NOW);
    if (!rice || !roots) throw new Error('nothing is left');
    expect([rice.untilMin - SERVED, roots.untilMin - SERVED]).toEqual([DAY, 3 * DAY]);
    expect(keepsUntil(rice, SERVED + 3 * DAY)).toBe(true);
    expect(keepsUntil(rice, SERVED + 5 * DAY)).toBe(false);
  });

  it('of leaves, eggs and bread is made into nothing', () => {
    expect(secondDishesOf(undefined)).toEqual([]);
  });
});
