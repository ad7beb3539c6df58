import type { Action } from '@reduxjs/toolkit';
import type { Channel } from '../storage/channel.ts';
import { holdsAnything, type Db, type DbEvents } from '../storage/db.ts';
import type { Stored } from '../storage/meals.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { nowMinute } from './clock.ts';
import { foldedIn, loaded } from './library.ts';
import { listenForPlans } from './planning.ts';
import { ticked } from './plans.ts';
import type { RunPlanner } from '../workers/runs.ts';
import { runBegun } from './runs.ts';
import type { Saver } from './saving.ts';
import { startListening, store } from './store.ts';
import { storageIs, unreadableFound } from './storage-status.ts';

/** What the application is connected to. */
export interface Connections {
  readonly openDb: (events: DbEvents) => Promise<Db>;
  readonly planner: PlanRequests;
  readonly channel: Channel;
  /** What runs are told other windows by, and planned on by. */
  readonly runs: { readonly channel: Channel; readonly planner: () => RunPlanner };
}

/** How long an answer of the store is waited for before the page goes on without it. */
const SLOW_MS = 3000;

/**
 * Connects the store to the browser's storage, the clock and the planner, and fills it. Storage
 * that is forbidden, absent, slow or failing keeps nobody from working: meals then live in memory,
 * and the page says so.
 */
export async function startStore({ openDb, planner, channel, runs }: Connections): Promise<void> {
  listenForPlans(planner);
  store.dispatch(ticked(nowMinute()));
  setInterval(() => {
    if (nowMinute() !== store.getState().plans.nowMin) store.dispatch(ticked(nowMinute()));
  }, 1000);
  const slow = setTimeout(() => {
    store.dispatch(storageIs({ condition: 'slow' }));
    store.dispatch(loaded({ meals: [], bin: [] }));
  }, SLOW_MS);
  try {
    const db = await openDb({
      onTaken: () => store.dispatch(storageIs({ condition: 'taken' })),
      onClosed: () => storageFails('failing', new Error('the browser closed it')),
    });
    const shown = new Set<string>();
    const stored = await readAll(db, ({ meals, bin }) => {
      clearTimeout(slow);
      for (const { meal } of meals) shown.add(meal.id);
      store.dispatch(loaded({ meals: meals.map(({ meal }) => meal), bin }));
      store.dispatch(storageIs({ condition: 'ok' }));
    });
    store.dispatch(unreadableFound(stored.unreadable));
    const others = stored.meals.flatMap(({ meal }) => (shown.has(meal.id) ? [] : meal));
    if (others.length > 0) store.dispatch(loaded({ meals: others, bin: [] }));
    listenForSaving(db, channel, stored);
    await keepRuns(db, runs);
  } catch (error) {
    clearTimeout(slow);
    store.dispatch(loaded({ meals: [], bin: [] }));
    storageFails('none', error);
    await keepRuns(undefined, runs);
  }
}

/** What keeps runs is fetched when there is one: here, or in another window. */
async function keepRuns(
  db: Db | undefined,
  { channel, planner }: Connections['runs'],
): Promise<void> {
  let begun: Promise<void> | undefined;
  const begin = (): Promise<void> =>
    (begun ??= import('./running.ts').then(({ listenForRuns }) =>
      listenForRuns({ db, channel, planner }),
    ));
  if (db && (await db.count('runs')) > 0) return begin();
  channel.hear(() => void begin());
  startListening({
    actionCreator: runBegun,
    effect: async (_action, api) => {
      api.unsubscribe();
      await begin();
    },
  });
}

function storageFails(condition: 'none' | 'failing', error: unknown): void {
  const why = error instanceof Error ? error.message : String(error);
  store.dispatch(storageIs({ condition, why }));
}

/** What reads meals is fetched when there are any: a first visit has none. */
async function readAll(
  db: Db,
  onFirst: (first: Pick<Stored, 'meals' | 'bin'>) => void,
): Promise<Stored> {
  if (await holdsAnything(db)) {
    const { loadAll } = await import('../storage/meals.ts');
    return loadAll(db, nowMinute(), onFirst);
  }
  onFirst({ meals: [], bin: [] });
  return { meals: [], bin: [], unreadable: [] };
}

/**
 * Every change is written; what failed is tried again as the minutes turn. Whoever leaves before
 * that is asked first: a page that goes takes with it what is not written yet.
 */
function listenForSaving(db: Db, channel: Channel, { meals }: Stored): void {
  let begun: Promise<Saver | undefined> | undefined;
  let writer: Saver | undefined;
  /** Changes a writer has not been told of, or has in hand. */
  let asked = 0;
  let untold = false;
  const begin = async (): Promise<Saver> => {
    const { Saver } = await import('./saving.ts');
    const connection = {
      library: () => store.getState().library,
      dispatch: (action: Action) => void store.dispatch(action),
      nowMin: nowMinute,
    };
    const saver = new Saver(db, channel, connection, (failed) =>
      failed === undefined
        ? store.dispatch(storageIs({ condition: 'ok' }))
        : storageFails('failing', failed),
    );
    saver.start(meals);
    untold = false;
    return (writer = saver);
  };
  // Its code may not come, from a server that has gone: said, and asked for again.
  const saver = () =>
    (begun ??= begin().catch((error: unknown) => {
      begun = undefined;
      storageFails('failing', error);
      return undefined;
    }));
  startListening({
    predicate: (action, now, before) =>
      now.library.meals !== before.library.meals &&
      !foldedIn.match(action) &&
      !loaded.match(action),
    effect: async (action, api) => {
      const [before, now] = [api.getOriginalState().library, api.getState().library];
      asked++;
      try {
        const one = await saver();
        if (one === undefined) untold = true;
        one?.changed(before, now, action);
        await one?.settled();
      } finally {
        asked--;
      }
    },
  });
  channel.hear((meal) => void saver().then((one) => one?.heard(meal)));
  startListening({ actionCreator: ticked, effect: async () => (await saver())?.retry() });
  globalThis.addEventListener?.('beforeunload', (event) => {
    if (asked > 0 || untold || writer?.pending) event.preventDefault();
  });
  // Where other windows cannot be heard, they are looked at when this one is.
  globalThis.document?.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void begun?.then((one) => one?.refreshAll());
  });
  // Fetched beside the first page, so that the first change is written the moment it is made.
  void saver();
}
