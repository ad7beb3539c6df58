import 'fake-indexeddb/auto';
import { plan, type Meal, type Plan, mealOf } from '@zemrin/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import type { Channel } from '../storage/channel.ts';
import { openDb, type Db } from '../storage/db.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { editAction, type Edit } from './edit.ts';
import { added, deleted, imported, undone } from './library.ts';
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
  drop() {},
};

/** No run is planned on here. */
const runs = {
  channel: { say: () => undefined, hear: () => undefined },
  planner: () => {
    throw new Error('no run is cooked in this test');
  },
};

/** Waits for what other tasks bring about: as long as a busy machine may need, not by its clock. */
const eventually = <T>(holds: () => T | Promise<T>) => vi.waitFor(holds, { timeout: 60_000 });

/** Windows of one browser, told of each other’s writing as it happens. */
function channels(): () => Channel {
  const hearing: ((meal: string) => void)[] = [];
  return () => {
    let own: ((meal: string) => void) | undefined;
    return {
      say: (meal) => hearing.filter((heard) => heard !== own).forEach((heard) => heard(meal)),
      hear: (heard) => {
        own = heard;
        hearing.push(heard);
      },
    };
  };
}

/** A window that hears nobody. */
const alone = () => channels()();

/** A window of its own: a store connected to a database that others may share. */
async function openWindow(name: string, channel = alone(), open = () => openDb(name)) {
  vi.resetModules();
  const { startStore } = await import('./starting.ts');
  const { store } = await import('./store.ts');
  await startStore({ openDb: open, planner: inlinePlanner, channel, runs });
  return store;
}

const freshStore = (name: string) => openWindow(name);
type Store = Awaited<ReturnType<typeof openWindow>>;

function edit(store: Store, change: Edit): void {
  const action = editAction(store.getState().library, change);
  if (action) store.dispatch(action);
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
  const meals = (await db.getAll('meals')).map((meal) => (meal.document as Meal).title);
  const bin = (await db.getAll('bin')).map((binned) => (binned.document as Meal).title);
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
    edit(store, { meal: 'first-frost-supper', command: change });
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
    edit(store, { meal: 'first-frost-supper', command: { do: 'rename', title: 'Other' } });
    await eventually(async () =>
      expect(await stored('saving')).toEqual({ meals: ['Other'], bin: [] }),
    );
    store.dispatch(deleted({ meal: 'first-frost-supper', nowMin }));
    await eventually(async () =>
      expect(await stored('saving')).toEqual({ meals: [], bin: ['Other'] }),
    );
    store.dispatch(undone());
    await eventually(async () =>
      expect(await stored('saving')).toEqual({ meals: ['Other'], bin: [] }),
    );
  });

  it('begins with what an earlier session stored', async () => {
    const first = await freshStore('sessions');
    first.dispatch(added(supper()));
    await eventually(async () => expect((await stored('sessions')).meals.length).toBe(1));
    const second = await freshStore('sessions');
    expect(Object.keys(second.getState().library.meals)).toEqual(['first-frost-supper']);
    expect(second.getState().plans.plans['first-frost-supper']?.status).toBe('fits');
  });

  it('folds in at once what another window did, and gives it up on undo', async () => {
    const channel = channels();
    const one = await openWindow('two-windows', channel());
    const two = await openWindow('two-windows', channel());
    one.dispatch(added(supper()));
    const title = (store: typeof one) =>
      store.getState().library.meals['first-frost-supper']?.title;
    await eventually(() => expect(title(two)).toBe('First-frost supper'));
    edit(two, { meal: 'first-frost-supper', command: { do: 'rename', title: 'Theirs' } });
    await eventually(() => expect(title(one)).toBe('Theirs'));
    expect(one.getState().library.past.at(-1)?.what).toBe('otherWindow');
    one.dispatch(undone());
    expect(title(one)).toBe('First-frost supper');
    await eventually(() => expect(title(two)).toBe('First-frost supper'));
  });

  it('loses nothing when two windows change one meal that do not hear each other', async () => {
    const one = await openWindow('deaf');
    one.dispatch(added(supper()));
    await eventually(async () => expect((await stored('deaf')).meals.length).toBe(1));
    const two = await openWindow('deaf');
    const meal = 'first-frost-supper';
    edit(one, { meal, command: { do: 'rename', title: 'Renamed in one' } });
    await eventually(async () => expect((await stored('deaf')).meals).toEqual(['Renamed in one']));
    const weigh = { do: 'weigh', dish: 'lamb', food: 'lamb-shoulder', weightG: 3333 } as const;
    edit(two, { meal, command: weigh });
    await eventually(() =>
      expect(two.getState().library.meals[meal]?.title).toBe('Renamed in one'),
    );
    const shoulder = two
      .getState()
      .library.meals[meal]?.dishes.flatMap(({ foods }) => foods)
      .find(({ id }) => id === 'lamb-shoulder');
    expect(shoulder?.weighedG).toBe(3333);
  });

  it('keeps both meals that two windows began under one id', async () => {
    const one = await openWindow('one-id');
    const two = await openWindow('one-id');
    one.dispatch(added({ ...supper(), title: 'Mine' }));
    await eventually(async () => expect((await stored('one-id')).meals).toEqual(['Mine']));
    two.dispatch(added({ ...supper(), title: 'Yours' }));
    await eventually(async () =>
      expect((await stored('one-id')).meals.sort()).toEqual(['Mine', 'Yours']),
    );
  });

  it('undoes an import whole, and what it replaced comes back', async () => {
    const store = await freshStore('imports');
    store.dispatch(added({ ...supper(), title: 'Mine' }));
    const second = { ...supper(), id: 'second', title: 'Second' };
    const meals = [{ ...supper(), title: 'Theirs' }, second];
    store.dispatch(imported({ meals, gesture: 'import-1' }));
    const titles = () => Object.values(store.getState().library.meals).map(({ title }) => title);
    expect(titles()).toEqual(['Theirs', 'Second']);
    store.dispatch(undone());
    expect(titles()).toEqual(['Mine']);
    await eventually(async () => expect((await stored('imports')).meals).toEqual(['Mine']));
  });

  it.each<[string, () => Promise<Db>]>([
    ['is forbidden', () => Promise.reject(new DOMException('denied', 'SecurityError'))],
    ['is not there', () => Promise.reject(new TypeError('indexedDB is undefined'))],
  ])('plans in memory where storage %s, and says so', async (_how, open) => {
    const store = await openWindow('none', alone(), open);
    expect(store.getState().library.loaded).toBe(true);
    expect(store.getState().storage).toMatchObject({ condition: 'none' });
    store.dispatch(added(supper()));
    expect(store.getState().plans.plans['first-frost-supper']?.status).toBe('fits');
  });

  it('goes on without storage that is slow, and takes in what comes late', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'setTimeout', 'clearTimeout'] });
    vi.setSystemTime(NOW);
    const earlier = await openDb('slow');
    await earlier.put('meals', { revision: 1, document: supper() }, 'first-frost-supper');
    earlier.close();
    let come: () => void = () => undefined;
    const waited = new Promise<void>((resolve) => (come = resolve));
    vi.resetModules();
    const { startStore } = await import('./starting.ts');
    const { store } = await import('./store.ts');
    const started = startStore({
      runs,
      openDb: () => waited.then(() => openDb('slow')),
      planner: inlinePlanner,
      channel: alone(),
    });
    vi.advanceTimersByTime(3001);
    expect(store.getState().storage.condition).toBe('slow');
    expect(store.getState().library.loaded).toBe(true);
    store.dispatch(added({ ...supper(), id: 'begun', title: 'Begun meanwhile' }));
    vi.useRealTimers();
    come();
    await started;
    expect(Object.keys(store.getState().library.meals).sort()).toEqual([
      'begun',
      'first-frost-supper',
    ]);
    expect(store.getState().storage.condition).toBe('ok');
    await eventually(async () => expect((await stored('slow')).meals).toContain('Begun meanwhile'));
  });

  it('keeps what it cannot write, says so, and writes it when it can', async () => {
    let full = true;
    const open = async () => {
      const db = await openDb('full-disk');
      return new Proxy(db, {
        get(target, name) {
          const value: unknown = Reflect.get(target, name, target);
          if (name === 'transaction') {
            return (stores: ('meals' | 'bin')[], mode: 'readwrite') => {
              if (full && !stores.includes('aside' as 'meals')) {
                throw new DOMException('no room', 'QuotaExceededError');
              }
              return target.transaction(stores, mode);
            };
          }
          return typeof value === 'function' ? value.bind(target) : value;
        },
      });
    };
    const page = new EventTarget();
    vi.stubGlobal('addEventListener', page.addEventListener.bind(page));
    const store = await openWindow('full-disk', alone(), open);
    vi.unstubAllGlobals();
    const leavesUnasked = () => page.dispatchEvent(new Event('beforeunload', { cancelable: true }));
    await eventually(() => expect(leavesUnasked()).toBe(true));
    store.dispatch(added(supper()));
    await eventually(() =>
      expect(store.getState().storage).toEqual({
        condition: 'failing',
        why: 'no room',
        unreadable: [],
      }),
    );
    expect(Object.keys(store.getState().library.meals)).toEqual(['first-frost-supper']);
    expect(leavesUnasked()).toBe(false);
    full = false;
    store.dispatch(ticked(nowMin + 1));
    await eventually(async () => expect((await stored('full-disk')).meals.length).toBe(1));
    expect(store.getState().storage.condition).toBe('ok');
    await eventually(() => expect(leavesUnasked()).toBe(true));
  });

  it('says when the code that writes does not come, and writes all once it does', async () => {
    vi.doMock('./saving.ts', () => {
      throw new Error('the server has gone');
    });
    const store = await openWindow('no-writer');
    store.dispatch(added(supper()));
    await eventually(() => expect(store.getState().storage.condition).toBe('failing'));
    vi.doUnmock('./saving.ts');
    store.dispatch(ticked(nowMin + 1));
    await eventually(async () => expect((await stored('no-writer')).meals.length).toBe(1));
    await eventually(() => expect(store.getState().storage.condition).toBe('ok'));
  });
});
