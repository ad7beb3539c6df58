import { describe, expect, it } from 'vitest';
import { applyCommand, audit, plan, type Meal } from '../../index.ts';
import { randomMeal } from '../../test/real-meals.ts';
import { at, dish, mealOfDishes, step } from '../../test/meals.ts';

const SERVE = '2026-12-02T19:00';
const nowMin = at('2026-12-02T18:00');

/** A soup that is done in half an hour, and a roast that wants an hour and a half from now. */
function soupAndRoast(): Meal {
  const fixed = (minutes: number) => ({ kind: 'fixed' as const, minutes });
  const soup = dish('soup', [step({ id: 'simmer', time: fixed(30) })], 15);
  const roast = dish('roast', [step({ id: 'roast', time: fixed(90) })], 15);
  return mealOfDishes([soup, roast], [], SERVE);
}

const made = plan(soupAndRoast(), soupAndRoast().kitchen, nowMin);
const halves = made.rescues.find(({ text }) => text.key === 'rescue.twoServings');
const changed = (halves?.changes ?? []).reduce(applyCommand, soupAndRoast());
const after = plan(changed, changed.kitchen, nowMin, { rescues: false });
const stepOf = (id: string) => after.steps.find((one) => one.id === id);

describe('a roast that cannot be ready with the soup', () => {
  it('is served after it, the soup as asked', () => {
    expect(made.status).toBe('cannot');
    expect(halves?.text.values).toMatchObject({
      dish: 'roast',
      at: { at: at('2026-12-02T19:30') },
    });
    expect(after.status).not.toBe('cannot');
    expect(audit(after, changed, changed.kitchen)).toEqual([]);
    expect(stepOf('simmer')?.endMin).toBeLessThanOrEqual(at(SERVE));
    expect(stepOf('simmer')?.endMin).toBeGreaterThanOrEqual(at(SERVE) - 15);
    expect(stepOf('roast')?.endMin).toBeLessThanOrEqual(at('2026-12-02T19:30'));
  });

  it('costs more than a later hour for all, and less than another day', () => {
    const cost = (key: string) => made.rescues.find(({ text }) => text.key === key)?.cost ?? NaN;
    expect(halves?.cost).toBeGreaterThan(cost('rescue.serveAt'));
    expect(halves?.cost).toBeLessThan(cost('rescue.serveNextDay'));
  });

  it('is late where it is late for its own serving', () => {
    const chance = after.onTimeOf.map(({ dish: id, onTime }) => [id, onTime]);
    expect(chance).toEqual([
      ['soup', 1],
      ['roast', 1],
    ]);
  });
});

describe('a first serving at a real table', () => {
  it('is planned so that the audit finds nothing', () => {
    let planned = 0;
    for (let seed = 0; seed < 8; seed++) {
      const { meal, nowMin: now } = randomMeal(seed);
      const first = meal.dishes[0]?.id ?? '';
      const early = applyCommand(meal, { do: 'serveDishBefore', dish: first, minutes: 45 });
      const plan1 = plan(early, early.kitchen, now, { rescues: false });
      if (plan1.status === 'cannot') continue;
      planned++;
      expect(audit(plan1, early, early.kitchen)).toEqual([]);
      const ends = plan1.steps.filter((one) => one.dish === first).map(({ endMin }) => endMin);
      expect(Math.max(...ends)).toBeLessThanOrEqual(plan1.servingMin - 45);
    }
    expect(planned).toBeGreaterThanOrEqual(4);
  });
});
