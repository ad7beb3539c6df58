import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  beginRun,
  callsOfRun,
  deedsOf,
  eventsOf,
  foldRun,
  planOn,
  readyToServe,
  rehearse,
  type Deed,
} from '../index.ts';
import { at, dish, mealOfDishes, step } from '../test/meals.ts';

const NOW = at('2026-12-02T17:00');
const fixed = (minutes: number) => ({ kind: 'fixed' as const, minutes });
const soup = dish('soup', [step({ id: 'simmer', time: fixed(30) })], 15);
const roast = dish('roast', [step({ id: 'roast', time: fixed(90) })], 15);
const meal = applyCommand(mealOfDishes([soup, roast], [], '2026-12-02T19:30'), {
  do: 'serveDishBefore',
  dish: 'soup',
  minutes: 30,
});

/** The run after these deeds, one a minute from 18:00. */
function after(...deeds: Deed[]) {
  const events = deeds.reduce(
    (log, deed, i) => [
      ...log,
      ...eventsOf([deed], log, { by: 'a', atMin: at('2026-12-02T18:00') + i }),
    ],
    [] as ReturnType<typeof eventsOf>,
  );
  const state = foldRun({ ...beginRun(meal, 'r', NOW), events });
  const { plan, due } = planOn(state, at('2026-12-02T18:00') + deeds.length);
  return { state, plan, calls: callsOfRun(state, plan, due) };
}

describe('a run with a first serving', () => {
  const done: Deed[] = [
    { did: 'started', step: 'roast' },
    { did: 'started', step: 'simmer' },
    { did: 'done', step: 'simmer' },
  ];

  it('calls the cook to serve the soup, and then the meal', () => {
    const { calls, state, plan } = after(...done);
    const serving = calls.filter(({ kind }) => kind === 'serve');
    expect(serving.map((call) => [call.dish?.id, call.atMin])).toEqual([
      ['soup', at('2026-12-02T19:00')],
      [undefined, at('2026-12-02T19:30')],
    ]);
    expect(readyToServe(state, plan, 'soup')).toBe(true);
    expect(readyToServe(state, plan)).toBe(false);
  });

  it('goes on when the soup is on the table', () => {
    const [first] = after(...done).calls.filter(({ kind }) => kind === 'serve');
    const { state, calls } = after(...done, ...(first ? deedsOf(first) : []));
    expect(state.servedMin).toBeUndefined();
    expect([...state.dishServed.keys()]).toEqual(['soup']);
    expect(calls.map(({ key }) => key)).toEqual(['end roast', 'serve']);
  });

  it('does not hold up the roast when the soup was late', () => {
    const late: Deed[] = Array.from({ length: 75 }, () => ({ did: 'noted', text: 'waits' }));
    const { plan } = after(...late, ...done);
    expect(plan.servingMin).toBe(at('2026-12-02T18:00') + 75 + 90);
  });

  it('is rehearsed to the end, the soup half an hour before', () => {
    const { run, servedMin } = rehearse(meal, { nowMin: NOW, seed: 3, troubles: [] });
    const first = run.events.find(({ did }) => did === 'dishServed');
    expect(first?.atMin).toBeLessThanOrEqual(at('2026-12-02T19:05'));
    expect(servedMin).toBeGreaterThan((first?.atMin ?? Infinity) + 20);
  });
});
