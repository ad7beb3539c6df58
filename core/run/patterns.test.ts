import { describe, expect, it } from 'vitest';
import { epochMinOf, foldRun, PATTERNS, plan, rehearse } from '../index.ts';
import { mealOfPattern, NOW, SERVING, ZONE } from '../test/pattern-meal.ts';

describe('every chain of the book can be cooked as it is called', () => {
  it.each(PATTERNS.map((pattern) => [pattern.id, pattern] as const))('%s', (_id, pattern) => {
    const meal = mealOfPattern(pattern);
    const { firstJobMin = NOW } = plan(meal, meal.kitchen, NOW, { rescues: false });
    const {
      run,
      servedMin = Infinity,
      wantedMin,
      stops,
    } = rehearse(meal, {
      nowMin: Math.max(NOW, firstJobMin - 3),
      seed: 11,
    });
    const of = (did: string) =>
      new Set(run.events.flatMap((one) => (one.did === did && 'step' in one ? [one.step] : [])));
    // What was done early may have been kept hot: a step the run added.
    const steps = foldRun(run).meal.dishes.flatMap((dish) => dish.steps.map(({ id }) => id));
    expect(stops).toEqual([]);
    expect([...of('done')].sort()).toEqual([...steps].sort());
    // Of one dish the food decides: it is told later where it is, and then it is so.
    expect(servedMin - wantedMin).toBeLessThanOrEqual(5);
    expect(wantedMin - epochMinOf(SERVING, ZONE)).toBeLessThanOrEqual(30);
  });
});
