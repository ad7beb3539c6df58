import { configureStore } from '@reduxjs/toolkit';
import { cleanup, configure, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { mealOf, plan, type Meal, type Plan } from '@zemrin/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { library, loaded } from '../store/library.ts';
import { planned, plans, ticked } from '../store/plans.ts';
import { storage } from '../store/storage-status.ts';
import '../words/words.ts';

afterEach(cleanup);
// As long as a busy machine may need: no test is about time.
configure({ asyncUtilTimeout: 60_000 });

/** Wednesday, three days before the supper. */
export const NOW_MIN = Date.parse('2026-11-25T08:00:00+01:00') / 60_000;

/** The example supper as a file gives it. */
export function supper(): Meal {
  return mealOf(supperFile, NOW_MIN);
}

/** A plan as it is really made. */
export function planOf(meal: Meal): Plan {
  return plan(meal, meal.kitchen, NOW_MIN);
}

/** Where the page is, for tests that follow a link. */
function Address() {
  return <output aria-label="address">{useLocation().pathname}</output>;
}

interface Shown {
  readonly meals?: readonly Meal[];
  readonly plan?: Plan;
  readonly path?: string;
}

/** Shows a part of the application over a store of its own, and a hand to use it with. */
export function show(part: ReactNode, { meals = [], plan: made, path = '/' }: Shown = {}) {
  const store = configureStore({
    reducer: { library, plans, storage },
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }),
  });
  store.dispatch(ticked(NOW_MIN));
  store.dispatch(loaded({ meals, bin: [] }));
  if (made) store.dispatch(planned({ plan: made, because: 'change' }));
  render(
    <Provider store={store}>
      <MemoryRouter initialEntries={[path]}>
        {part}
        <Address />
      </MemoryRouter>
    </Provider>,
  );
  const mealNow = (id: string) => store.getState().library.meals[id];
  return { store, mealNow, user: userEvent.setup() };
}
