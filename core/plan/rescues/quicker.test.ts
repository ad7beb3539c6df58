import { describe, expect, it } from 'vitest';
import { applyCommand, PATTERNS, plan, type Meal } from '../../index.ts';
import { mealOfPattern, NOW } from '../../test/pattern-meal.ts';
import { quickerWays } from './quicker.ts';

const iso = (min: number) => new Date(min * 60_000).toISOString().replace('.000Z', '+00:00');

/** A chain of the book whose fire should have begun so many minutes ago; all before it is done. */
function late(id: string, minutes: number): { meal: Meal; nowMin: number } {
  const pattern = PATTERNS.find((one) => one.id === id);
  if (!pattern) throw new Error(id);
  const meal = mealOfPattern(pattern);
  const made = plan(meal, meal.kitchen, NOW, { rescues: false });
  const fire = made.steps.find(({ id: step }) =>
    meal.dishes.some((d) => d.steps.some((s) => s.id === step && s.time.kind === 'heat')),
  );
  const from = fire?.startMin ?? 0;
  const dishes = meal.dishes.map((dish) => ({
    ...dish,
    steps: dish.steps.map((step) => {
      const planned = made.steps.find((one) => one.id === step.id);
      const over = planned !== undefined && planned.startMin < from;
      return over
        ? { ...step, begunAt: iso(planned.startMin), endedAt: iso(planned.endMin) }
        : step;
    }),
  }));
  return { meal: { ...meal, dishes }, nowMin: (fire?.mustStartByMin ?? from) + minutes };
}

describe('what makes a dish done sooner', () => {
  it.each([
    ['long-roast', 'rescue.hotter'],
    ['slow-cooker-joint', 'rescue.sliceInstead'],
  ])('is offered for a late %s, and works when it is taken', (id, key) => {
    const { meal, nowMin } = late(id, 40);
    const { rescues, status } = plan(meal, meal.kitchen, nowMin);
    expect(status).toBe('cannot');
    const way = rescues.find(({ text }) => text.key === key);
    const then = way?.changes.reduce(applyCommand, meal) ?? meal;
    expect(plan(then, then.kitchen, nowMin, { rescues: false }).status).not.toBe('cannot');
  });

  it('is a change that keeps the file good, of every kind', () => {
    const kinds = ['covered-oven-braise', 'reduction', 'long-roast', 'slow-cooker-joint'].flatMap(
      (id) => {
        const { meal, nowMin } = late(id, 0);
        const made = plan(meal, meal.kitchen, nowMin, { rescues: false });
        return meal.dishes.flatMap((dish) =>
          quickerWays(dish, meal, made).map(({ text, changes }) => {
            const then = changes.reduce(applyCommand, meal);
            expect(then).not.toEqual(meal);
            expect(plan(then, then.kitchen, nowMin, { rescues: false }).steps.length).toBe(
              then.dishes.flatMap(({ steps }) => steps).length,
            );
            return text.key;
          }),
        );
      },
    );
    expect(new Set(kinds)).toEqual(
      new Set([
        'rescue.hotter',
        'rescue.withoutReducing',
        'rescue.sliceInstead',
        'rescue.pressure',
      ]),
    );
  });
});
