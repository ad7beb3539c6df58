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
  type Meal,
} from '../index.ts';
import { at, dish, elastic, fixed, mealOfDishes, step } from '../test/meals.ts';

const NOW = at('2026-12-02T17:00');
const soup = dish('soup', [step({ id: 'simmer', time: fixed(30) })], 15);
const roast = dish('roast', [step({ id: 'roast', time: fixed(90) })], 15);
const meal = applyCommand(mealOfDishes([soup, roast], [], '2026-12-02T19:30'), {
  do: 'serveDishBefore',
  dish: 'soup',
  minutes: 30,
});

/** The run of a meal after these deeds, one a minute from 18:00. */
function after(meal: Meal, ...deeds: Deed[]) {
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

describe('what soaks on until a first serving', () => {
  const pickle = dish('pickle', [step({ id: 'soak', time: elastic(30, 60, 1440) })], 30);
  const early = applyCommand(mealOfDishes([pickle, roast], [], '2026-12-02T19:30'), {
    do: 'serveDishBefore',
    dish: 'pickle',
    minutes: 30,
  });

  it('ends there and not with the meal, and is likely on time', () => {
    const { plan } = after(
      early,
      { did: 'started', step: 'roast' },
      { did: 'started', step: 'soak' },
    );
    const soak = plan.steps.find(({ id }) => id === 'soak');
    expect(soak?.endMin).toBe(at('2026-12-02T19:00'));
    expect(plan.onTimeOf.find(({ dish: id }) => id === 'pickle')?.onTime).toBeGreaterThan(0.9);
  });

  it('holds up nobody when it was begun too late for it', () => {
    const waits: Deed[] = Array.from({ length: 50 }, () => ({ did: 'noted', text: 'waits' }));
    const begun: Deed[] = [{ did: 'started', step: 'roast' }, ...waits];
    const { plan } = after(early, ...begun, { did: 'started', step: 'soak' });
    expect(plan.servingMin).toBe(at('2026-12-02T19:30'));
  });
});

describe('two dishes of one first serving', () => {
  const salad = dish('salad', [step({ id: 'toss', time: fixed(5) })], 15);
  const three = ['soup', 'salad'].reduce(
    (all, id) => applyCommand(all, { do: 'serveDishBefore', dish: id, minutes: 30 }),
    mealOfDishes([soup, salad, roast], [], '2026-12-02T19:30'),
  );
  const doneBoth: Deed[] = ['simmer', 'toss'].flatMap((id): Deed[] => [
    { did: 'started', step: id },
    { did: 'done', step: id },
  ]);

  it('come to the table with one word', () => {
    const { calls } = after(three, ...doneBoth);
    const [first] = calls.filter(({ kind }) => kind === 'serve');
    expect(first?.dishes?.map(({ id }) => id)).toEqual(['soup', 'salad']);
    const { state } = after(three, ...doneBoth, ...(first ? deedsOf(first) : []));
    expect([...state.dishServed.keys()]).toEqual(['soup', 'salad']);
  });

  it('do not wait for one another when one is late', () => {
    const waits: Deed[] = Array.from({ length: 65 }, () => ({ did: 'noted', text: 'waits' }));
    const { calls } = after(three, ...doneBoth.slice(0, 2), ...waits);
    const serving = calls.filter(({ kind }) => kind === 'serve');
    expect(serving.map(({ dishes }) => dishes?.map(({ id }) => id))).toEqual(
      expect.arrayContaining([['soup'], ['salad']]),
    );
  });
});

describe('a run with a first serving', () => {
  const done: Deed[] = [
    { did: 'started', step: 'roast' },
    { did: 'started', step: 'simmer' },
    { did: 'done', step: 'simmer' },
  ];

  it('calls the cook to serve the soup, and then the meal', () => {
    const { calls, state, plan } = after(meal, ...done);
    const serving = calls.filter(({ kind }) => kind === 'serve');
    expect(serving.map((call) => [call.dishes?.map(({ id }) => id), call.atMin])).toEqual([
      [['soup'], at('2026-12-02T19:00')],
      [undefined, at('2026-12-02T19:30')],
    ]);
    expect(readyToServe(state, plan, ['soup'])).toBe(true);
    expect(readyToServe(state, plan)).toBe(false);
  });

  it('goes on when the soup is on the table', () => {
    const [first] = after(meal, ...done).calls.filter(({ kind }) => kind === 'serve');
    const { state, calls } = after(meal, ...done, ...(first ? deedsOf(first) : []));
    expect(state.servedMin).toBeUndefined();
    expect([...state.dishServed.keys()]).toEqual(['soup']);
    expect(calls.map(({ key }) => key)).toEqual(['end roast', 'serve']);
  });

  it('does not hold up the roast when the soup was late', () => {
    const late: Deed[] = Array.from({ length: 75 }, () => ({ did: 'noted', text: 'waits' }));
    const { plan } = after(meal, ...late, ...done);
    expect(plan.servingMin).toBe(at('2026-12-02T18:00') + 75 + 90);
  });

  it('is rehearsed to the end, the soup half an hour before', () => {
    const { run, servedMin } = rehearse(meal, { nowMin: NOW, seed: 3, troubles: [] });
    const first = run.events.find(({ did }) => did === 'dishServed');
    expect(first?.atMin).toBeLessThanOrEqual(at('2026-12-02T19:05'));
    expect(servedMin).toBeGreaterThan((first?.atMin ?? Infinity) + 20);
  });
});
