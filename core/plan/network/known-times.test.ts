import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyCommand, isoOf, type Meal } from '../../index.ts';
import { at, mealArbitrary, SATURDAY, ZONE } from '../../test/meals.ts';
import { jobsOf, plan } from '../index.ts';

/** Without ways out, which nothing here asks for. */
const BARE = { rescues: false };
const MONDAY = at('2026-11-23T08:00');

/** The meal with every step begun that its own plan would have begun by a moment. */
function underWay(meal: Meal, untilMin: number): Meal {
  const made = plan(meal, meal.kitchen, MONDAY, BARE);
  return made.steps
    .filter((step) => step.startMin <= untilMin)
    .reduce(
      (begun, step) =>
        applyCommand(begun, { do: 'beginStep', step: step.id, at: isoOf(step.startMin, ZONE) }),
      meal,
    );
}

const moment = fc.integer({ min: 0, max: 2 * 1440 }).map((before) => at(SATURDAY) - before);

describe('any meal under way', () => {
  it('keeps what has begun where it was begun, whatever the plan becomes', () => {
    fc.assert(
      fc.property(mealArbitrary, moment, (meal, nowMin) => {
        fc.pre(plan(meal, meal.kitchen, MONDAY, BARE).status !== 'cannot');
        const begun = underWay(meal, nowMin);
        const before = new Map(
          plan(meal, meal.kitchen, MONDAY, BARE).steps.map((step) => [step.id, step.startMin]),
        );
        const made = plan(begun, begun.kitchen, nowMin, BARE);
        for (const step of made.steps) {
          if (step.begun) expect(step.startMin).toBe(before.get(step.id));
          else if (made.status !== 'cannot') expect(step.startMin).toBeGreaterThanOrEqual(nowMin);
          expect(step.endMin).toBeGreaterThanOrEqual(step.startMin);
        }
      }),
      { numRuns: 50 },
    );
  });

  it('can still be done as it was planned, when all went as likely', () => {
    let tried = 0;
    fc.assert(
      fc.property(mealArbitrary, moment, (meal, nowMin) => {
        const first = plan(meal, meal.kitchen, MONDAY, BARE);
        fc.pre(first.status !== 'cannot' && first.steps.some((s) => s.startMin <= nowMin));
        const begun = underWay(meal, nowMin);
        expect(plan(begun, begun.kitchen, nowMin, BARE).status).not.toBe('cannot');
        tried++;
      }),
      { numRuns: 50 },
    );
    expect(tried).toBeGreaterThan(20);
  });

  it('calls hands only for what is still to come', () => {
    fc.assert(
      fc.property(mealArbitrary, moment, (meal, nowMin) => {
        fc.pre(plan(meal, meal.kitchen, MONDAY, BARE).status !== 'cannot');
        const begun = underWay(meal, nowMin);
        const made = plan(begun, begun.kitchen, nowMin, BARE);
        fc.pre(made.status !== 'cannot');
        for (const job of jobsOf(made)) expect(job.endMin).toBeGreaterThanOrEqual(nowMin);
      }),
      { numRuns: 50 },
    );
  });
});
