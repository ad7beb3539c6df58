import type { Channel } from '../storage/channel.ts';
import type { Db, DbEvents } from '../storage/db.ts';
import { loadAll } from '../storage/meals.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { nowMinute } from './clock.ts';
import { loaded } from './library.ts';
import { listenForPlans } from './planning.ts';
import { ticked } from './plans.ts';
import { fromElsewhere, Saver } from './saving.ts';
import { startListening, store } from './store.ts';
import { storageIs, unreadableFound } from './storage-status.ts';

/** What the application is connected to. */
export interface Connections {
  readonly openDb: (events: DbEvents) => Promise<Db>;
  readonly planner: PlanRequests;
  readonly channel: Channel;
}

/** How long an answer of the store is waited for before the page goes on without it. */
const SLOW_MS = 3000;

/**
 * Connects the store to the browser's storage, the clock and the planner, and fills it. Storage
 * that is forbidden, absent, slow or failing keeps nobody from working: meals then live in memory,
 * and the page says so.
 */
export async function startStore({ openDb, planner, channel }: Connections): Promise<void> {
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
    const stored = await loadAll(db, nowMinute());
    clearTimeout(slow);
    store.dispatch(unreadableFound(stored.unreadable));
    store.dispatch(loaded({ meals: stored.meals.map(({ meal }) => meal), bin: stored.bin }));
    store.dispatch(storageIs({ condition: 'ok' }));
    const saver = new Saver(
      db,
      channel,
      {
        library: () => store.getState().library,
        dispatch: (action) => store.dispatch(action),
        nowMin: nowMinute,
      },
      (failed) =>
        failed === undefined
          ? store.dispatch(storageIs({ condition: 'ok' }))
          : storageFails('failing', failed),
    );
    listenForSaving(saver);
    saver.start(stored.meals);
  } catch (error) {
    clearTimeout(slow);
    store.dispatch(loaded({ meals: [], bin: [] }));
    storageFails('none', error);
  }
}

function storageFails(condition: 'none' | 'failing', error: unknown): void {
  const why = error instanceof Error ? error.message : String(error);
  store.dispatch(storageIs({ condition, why }));
}

/** Every change is written; what failed is tried again as the minutes turn. */
function listenForSaving(saver: Saver): void {
  startListening({
    predicate: (action, now, before) =>
      now.library.meals !== before.library.meals && !fromElsewhere(action) && !loaded.match(action),
    effect: (action, api) => {
      saver.changed(api.getOriginalState().library, api.getState().library, action);
    },
  });
  startListening({ actionCreator: ticked, effect: () => saver.retry() });
  // Where other windows cannot be heard, they are looked at when this one is.
  globalThis.document?.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') saver.refreshAll();
  });
}
