import 'fake-indexeddb/auto';
import { plan, type Meal, type Plan, mealOf } from '@zemrin/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { openDb } from '../storage/db.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { added, deleted, edited, undone } from './library.ts';
import { ticked } from './plans.ts';

const NOW = new Date('2026-11-25T08:00:00+01:00');
const nowMin = NOW.getTime() / 60_000;
const supper = (): Meal => mealOf(supperFile, nowMin);

/** The planner without its worker: the same function, called at once. */
const inlinePlanner: PlanRequests = {
  request({ meal, nowMin: at, previous, done }) {
    done(plan(meal, meal.kitchen, at, { previous }));
  },
  stop() {},
};

/** A store of its own for every test, connected to a database of its own. */
async function freshStore(name: string) {
  vi.resetModules();
  const { store, startStore } = await import('./store.ts');
  await startStore(openDb(name), inlinePlanner);
  return store;
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date', 'setInterval'] });
  vi.setSystemTime(NOW);
});
afterEach(() => {
  vi.useRealTimers();
});

/** What lies in the database, once the writes under way are done. */
async function stored(name: string): Promise<{ meals: string[]; bin: string[] }> {
  const db = await openDb(name);
  const meals = (await db.getAll('meals')).map((meal) => (meal as Meal).title);
  const bin = (await db.getAll('bin')).map((binned) => binned.meal.title);
  db.close();
  return { meals, bin };
}

describe('the store', () => {
  it('plans a meal as soon as it is there, and anew when it changes', async () => {
    const store = await freshStore('plans');
    store.dispatch(added(supper()));
    const first = store.getState().plans.plans['first-frost-supper'];
    expect(first?.status).toBe('fits');
    const change = { do: 'weigh', dish: 'lamb', food: 'lamb-shoulder', weightG: 3000 } as const;
    store.dispatch(edited({ meal: 'first-frost-supper', command: change }));
    const second = store.getState().plans.plans['first-frost-supper'];
    const smoke = (made: Plan | undefined) =>
      made?.steps.find((s) => s.id === 'lamb-smoke')?.duration.likelyMin;
    // A heavier shoulder is longer on the smoke: the time comes from its heat.
    expect(smoke(second)).toBeGreaterThan((smoke(first) ?? NaN) + 20);
    expect(store.getState().plans.making).toEqual({});
  });

  it('plans everything anew when the minute turns', async () => {
    const store = await freshStore('minutes');
    store.dispatch(added(supper()));
    const at = (min: number) => {
      vi.setSystemTime(min * 60_000);
      store.dispatch(ticked(min));
      return store.getState().plans.plans['first-frost-supper'];
    };
    expect(at(nowMin + 60)?.nowMin).toBe(nowMin + 60);
    const saturdayNight = Date.parse('2026-11-28T03:00:00+01:00') / 60_000;
    expect(at(saturdayNight)?.status).toBe('cannot');
  });

  it('stores every change, bins what is deleted, and stores what comes back', async () => {
    const store = await freshStore('saving');
    store.dispatch(added(supper()));
    store.dispatch(
      edited({ meal: 'first-frost-supper', command: { do: 'rename', title: 'Other' } }),
    );
    await vi.waitFor(async () =>
      expect(await stored('saving')).toEqual({ meals: ['Other'], bin: [] }),
    );
    store.dispatch(deleted({ meal: 'first-frost-supper', nowMin }));
    await vi.waitFor(async () =>
      expect(await stored('saving')).toEqual({ meals: [], bin: ['Other'] }),
    );
    store.dispatch(undone());
    await vi.waitFor(async () =>
      expect(await stored('saving')).toEqual({ meals: ['Other'], bin: [] }),
    );
  });

  it('begins with what an earlier session stored', async () => {
    const first = await freshStore('sessions');
    first.dispatch(added(supper()));
    await vi.waitFor(async () => expect((await stored('sessions')).meals.length).toBe(1));
    const second = await freshStore('sessions');
    expect(Object.keys(second.getState().library.meals)).toEqual(['first-frost-supper']);
    expect(second.getState().plans.plans['first-frost-supper']?.status).toBe('fits');
  });
});
