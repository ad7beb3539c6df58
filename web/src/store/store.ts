import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import type { Meal } from '@zemrin/core';
import { useDispatch, useSelector } from 'react-redux';
import { notifyError } from '../notices/notify.ts';
import { binMeal, loadAll, saveMeal, type Db } from '../storage/db.ts';
import { words } from '../words/words.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { nowMinute } from './clock.ts';
import { library, loaded, type LibraryState } from './library.ts';
import { asked, planned, plans, previewed, searched, searchStopped, ticked } from './plans.ts';

const listener = createListenerMiddleware();

export const store = configureStore({
  reducer: { library, plans },
  middleware: (defaults) =>
    // Meals are parsed at the edge; checking their whole history on every key costs too much.
    defaults({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
const startListening = listener.startListening.withTypes<RootState, typeof store.dispatch>();
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

/** Connects the store to the browser's storage, the clock and the planner, and fills it. */
export async function startStore(db: Promise<Db>, planner: PlanRequests): Promise<void> {
  listenForPlans(planner);
  store.dispatch(ticked(nowMinute()));
  setInterval(() => {
    if (nowMinute() !== store.getState().plans.nowMin) store.dispatch(ticked(nowMinute()));
  }, 1000);
  try {
    const opened = await db;
    const stored = await loadAll(opened, nowMinute());
    store.dispatch(loaded({ meals: stored.meals, bin: stored.bin }));
    stored.problems.forEach((why) => notifyError(words('app.oldMeal', { why })));
    listenForSaving(opened);
  } catch (error) {
    store.dispatch(loaded({ meals: [], bin: [] }));
    sayStorageFailed(error);
  }
}

/** Every meal that differs from before is stored, every one that is gone is put in the bin. */
function listenForSaving(db: Db): void {
  let written: Promise<unknown> = Promise.resolve();
  startListening({
    predicate: (_action, now, before) => now.library.meals !== before.library.meals,
    effect: (_action, api) => {
      const now = api.getState().library;
      const before = api.getOriginalState().library;
      written = written.then(() => writeChanges(db, before, now)).catch(sayStorageFailed);
    },
  });
}

async function writeChanges(db: Db, before: LibraryState, now: LibraryState): Promise<void> {
  for (const [id, meal] of Object.entries(now.meals)) {
    if (before.meals[id] !== meal) await saveMeal(db, meal);
  }
  for (const [id, meal] of Object.entries(before.meals)) {
    if (!now.meals[id]) await binMeal(db, { meal, deletedMin: nowMinute() });
  }
}

function sayStorageFailed(error: unknown): void {
  const why = error instanceof Error ? error.message : String(error);
  notifyError(words('app.storageFailed', { why }), { duration: Infinity });
}

/** Plans anew whatever changed, and everything still to come when the minute turns. */
function listenForPlans(planner: PlanRequests): void {
  const ask = (meal: Meal, because: 'change' | 'time') => {
    store.dispatch(asked(meal.id));
    let first = true;
    planner.request({
      meal,
      nowMin: nowMinute(),
      thorough: because === 'change',
      previous: store.getState().plans.plans[meal.id],
      done: (plan) => {
        store.dispatch(planned({ plan, because: first ? because : 'better' }));
        first = false;
      },
      progress: (share) => store.dispatch(searched({ meal: meal.id, share })),
      failed: (why) => notifyError(why),
    });
  };
  startListening({
    actionCreator: searchStopped,
    effect: ({ payload }) => planner.stop(payload),
  });
  startListening({
    actionCreator: previewed,
    effect: ({ payload }) => ask(payload, 'change'),
  });
  startListening({
    predicate: (action, now, before) =>
      ticked.match(action) || now.library.meals !== before.library.meals,
    effect: (action, api) => {
      const now = api.getState().library.meals;
      const before = api.getOriginalState().library.meals;
      for (const [id, meal] of Object.entries(now)) {
        if (ticked.match(action) || before[id] !== meal) {
          ask(meal, ticked.match(action) ? 'time' : 'change');
        }
      }
    },
  });
}
