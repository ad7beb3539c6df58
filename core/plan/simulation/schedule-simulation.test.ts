import { describe, expect, it } from 'vitest';
import { applyCommand, localOf, type Meal } from '../../index.ts';
import { at, supper, ZONE } from '../../test/meals.ts';
import { audit, plan, type Plan } from '../index.ts';

const planOf = (meal: Meal, nowMin = at('2026-11-23T08:00')) => plan(meal, meal.kitchen, nowMin);

function stepOf(made: Plan, id: string) {
  const solution = made.steps.find((s) => s.id === id);
  if (!solution) throw new Error(`no step ${id}`);
  return solution;
}

describe('an evening under way', () => {
  /** The supper with steps begun at their planned times, up to a moment. */
  function underWay(until: string): Meal {
    let meal = supper();
    for (const planned of planOf(meal).steps) {
      if (planned.startMin > at(until)) continue;
      const begunAt = `${localOf(planned.startMin, ZONE)}:00+01:00`;
      meal = applyCommand(meal, { do: 'beginStep', step: planned.id, at: begunAt });
    }
    return meal;
  }

  it.each([
    '2026-11-27T17:30',
    '2026-11-28T07:30',
    '2026-11-28T10:40',
    '2026-11-28T16:30',
    '2026-11-28T18:20',
  ])('goes on as planned from %s', (now) => {
    const meal = underWay(now);
    const made = planOf(meal, at(now));
    expect(made.status).not.toBe('cannot');
    expect(made.clashes).toEqual([]);
    expect(audit(made, meal, meal.kitchen)).toEqual([]);
    for (const step of made.steps) {
      expect(step.endMin).toBeGreaterThanOrEqual(step.startMin);
      expect(step.endMin).toBeLessThanOrEqual(made.servingMin);
    }
  });

  it('ends what has begun when the next begins, or after its likely time', () => {
    const meal = underWay('2026-11-28T12:55');
    const made = planOf(meal, at('2026-11-28T12:55'));
    const length = (id: string) => stepOf(made, id).endMin - stepOf(made, id).startMin;
    expect(length('lamb-fire')).toBe(45);
    expect(length('duck-rub')).toBe(12);
    expect(stepOf(made, 'lamb-marinate').endMin).toBe(stepOf(made, 'lamb-temper').startMin);
    expect(length('lamb-smoke')).toBe(stepOf(made, 'lamb-smoke').duration.likelyMin);
    // Looked after every 80 min: what is still to come is.
    const { hands, startMin } = stepOf(made, 'lamb-smoke');
    const looks = hands.map((h) => h.startMin - startMin);
    expect(looks.length).toBe(1);
    // Each look may drift by a fifth, counted from the one before.
    expect(Math.abs((looks[0] ?? 0) - 160)).toBeLessThanOrEqual(32);
  });

  it('takes a step nobody marked as done once the one after it has begun', () => {
    const meal = applyCommand(supper(), {
      do: 'beginStep',
      step: 'lamb-wrap',
      at: '2026-11-28T13:50:00+01:00',
    });
    const made = planOf(meal, at('2026-11-28T13:55'));
    expect(stepOf(made, 'lamb-smoke').begun).toBe(true);
    expect(stepOf(made, 'lamb-smoke').endMin).toBe(at('2026-11-28T13:50'));
  });
});
