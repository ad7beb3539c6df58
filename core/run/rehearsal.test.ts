import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { foldRun, parseMeal, plan, rehearse, TROUBLES, type Meal, type Trouble } from '../index.ts';

const NOW = Date.parse('2026-11-27T08:00:00+01:00') / 60_000;
const read = (name: string): Meal =>
  parseMeal(readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8'), NOW);

function played(meal: Meal, seed: number, troubles: readonly Trouble[] = []) {
  const { firstJobMin = NOW } = plan(meal, meal.kitchen, NOW, { rescues: false });
  return rehearse(meal, { nowMin: Math.max(NOW, firstJobMin - 3), seed, troubles });
}

describe('a rehearsed supper', () => {
  it('is served within five minutes of its time when nothing goes wrong', () => {
    const { wantedMin, servedMin = Infinity, stops, run } = played(read('first-frost-supper'), 2);
    expect(servedMin - wantedMin).toBeLessThanOrEqual(5);
    expect(stops).toEqual([]);
    const steps = run.meal.dishes.flatMap((dish) => dish.steps);
    const done = run.events.filter(({ did }) => did === 'done').length;
    expect(done).toBe(steps.length);
  });

  it('is served within five minutes of the moved time with all that may go wrong', () => {
    const troubles = TROUBLES.filter((one) => one !== 'dropped');
    const one = played(read('first-frost-supper'), 5, troubles);
    expect((one.servedMin ?? Infinity) - one.wantedMin).toBeLessThanOrEqual(5);
    expect(one.stops).toEqual([]);
    const why = one.run.events.flatMap((event) => (event.did === 'changed' ? [event.why] : []));
    expect(why).toContain('one more guest');
  });

  it('is the same every time for one seed, and another for another', () => {
    const meal = read('towpath-lunch');
    const [a, b, c] = [played(meal, 3), played(meal, 3), played(meal, 4)];
    expect(b.run.events).toEqual(a.run.events);
    expect(c.run.events).not.toEqual(a.run.events);
  });
});

describe('what is done early', () => {
  it('is kept hot where the cook is offered it, and breaks no rule', () => {
    // In this kitchen the lamb is done nearly three hours before anyone wants it.
    const { run, stops } = played(read('first-frost-supper'), 4);
    const kept = run.events.filter((one) => one.did === 'changed' && one.why === 'keep it hot');
    expect(kept).toHaveLength(1);
    const state = foldRun(run);
    const hot = state.meal.dishes
      .flatMap(({ steps }) => steps)
      .find(({ verb, place }) => verb === 'hold' && place.tempC !== undefined);
    expect(hot?.place.tempC).toBeGreaterThanOrEqual(57);
    expect(
      (state.ended.get('lamb-keep-hot') ?? 0) - (state.begun.get('lamb-keep-hot') ?? 0),
    ).toBeGreaterThan(60);
    expect(stops).toEqual([]);
  });
});
