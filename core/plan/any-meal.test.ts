import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, applyCommand, epochMinOf, type Meal } from '../index.ts';
import { at, mealArbitrary, ZONE } from '../test/meals.ts';
import { audit, plan } from './index.ts';

/** Without ways out: those have a property of their own. */
const BARE = { rescues: false };
const planOf = (meal: Meal) => plan(meal, meal.kitchen, at('2026-11-23T08:00'), BARE);

describe('any meal', () => {
  it('is planned so that its audit finds nothing, inside every give', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.nat(5 * 1440), (meal, before) => {
        const nowMin = epochMinOf(meal.serving.at, ZONE) - before;
        const made = plan(meal, meal.kitchen, nowMin, BARE);
        fc.pre(made.status !== 'cannot');
        expect(audit(made, meal, meal.kitchen)).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });

  it('can be done with a later serving day if it could with an earlier, and has more time then', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.nat(3 * 1440), (meal, before) => {
        const nowMin = epochMinOf(meal.serving.at, ZONE) - before;
        fc.pre(plan(meal, meal.kitchen, nowMin, BARE).status !== 'cannot');
        // A week on the hours of the cook are the same.
        const later = applyCommand(meal, { do: 'serveAt', at: addDays(meal.serving.at, 7) });
        expect(plan(later, later.kitchen, nowMin, BARE).status).not.toBe('cannot');
      }),
      { numRuns: 80 },
    );
  });

  it('gets serving times from its rescues that work', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.nat(400), (meal, before) => {
        const nowMin = epochMinOf(meal.serving.at, ZONE) - before;
        const made = plan(meal, meal.kitchen, nowMin);
        fc.pre(made.status === 'cannot');
        for (const rescue of made.rescues) {
          const mended = rescue.changes.reduce(applyCommand, meal);
          expect(plan(mended, mended.kitchen, nowMin, BARE).status).not.toBe('cannot');
        }
      }),
      { numRuns: 40 },
    );
  });

  it('gets the same plan every time', () => {
    fc.assert(
      fc.property(mealArbitrary, (meal) => {
        expect(planOf(meal)).toEqual(planOf(structuredClone(meal)));
      }),
      { numRuns: 40 },
    );
  });
});
