import { describe, expect, it } from 'vitest';
import { applyCommand, audit, plan, type Kitchen, type Meal } from '../../index.ts';
import { after, at, dish, fixed, mealOfDishes, NIGHT, step, WORK } from '../../test/meals.ts';

const nowMin = at('2026-11-24T09:00');

/** A joint over a fire that wants somebody when it begins, so long before the table on Saturday at seven. */
function longCook(minutes: number, hours: Kitchen['hours']): Meal {
  const hands = [{ when: 'start' as const, minutes: 10, what: 'Lay it on' }];
  const smoke = step({ id: 'smoke', verb: 'smoke', time: fixed(minutes), hands });
  const carve = step({ id: 'carve', verb: 'slice', time: fixed(10), after: after('smoke', 0, 5) });
  return mealOfDishes([dish('joint', [smoke, carve], 5)], hours);
}

const offered = (meal: Meal) =>
  plan(meal, meal.kitchen, nowMin).rescues.find(({ text }) => text.key === 'rescue.upEarlier');

describe('a cook that begins before the cook is up', () => {
  const meal = longCook(13 * 60, [NIGHT, WORK]);
  const found = offered(meal);

  it('is offered an earlier morning, and can be carried out then', () => {
    expect(plan(meal, meal.kitchen, nowMin, { rescues: false }).status).toBe('cannot');
    expect(found?.text.values).toEqual({ at: { at: at('2026-11-28T05:30') } });
    const changed = (found?.changes ?? []).reduce(applyCommand, meal);
    const made = plan(changed, changed.kitchen, nowMin, { rescues: false });
    expect(made.status).toBe('fits');
    expect(made.onTime).toBe(found?.onTime);
    expect(audit(made, changed, changed.kitchen)).toEqual([]);
    expect(made.firstJobMin).toBeGreaterThanOrEqual(at('2026-11-28T05:30'));
  });

  it('shortens that one night, and no Friday of a later meal', () => {
    const changed = (found?.changes ?? []).reduce(applyCommand, meal);
    expect(changed.kitchen.hours).toEqual([
      NIGHT,
      WORK,
      { ...NIGHT, to: '05:30', days: [5], on: '2026-11-27' },
    ]);
  });
});

it.each([
  ['nobody is got up before four', longCook(16 * 60, [NIGHT])],
  ['who sleeps into no morning has none to begin earlier', longCook(13 * 60, [WORK])],
  ['what fits needs no way out', longCook(8 * 60, [NIGHT])],
])('%s', (_name, meal) => expect(offered(meal)).toBeUndefined());
