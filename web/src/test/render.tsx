import { configureStore, type Middleware } from '@reduxjs/toolkit';
import { render } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { mealOf, plan, type Meal, type Plan } from '@zemrin/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, useLocation } from 'react-router';
import supperFile from '../../../demo/first-frost-supper.json';
import { library, loaded } from '../store/library.ts';
import { ownPatterns } from '../store/own-patterns.ts';
import { planned, plans, ticked } from '../store/plans.ts';
import { storage } from '../store/storage-status.ts';
import { runs } from '../store/runs.ts';
import { useAppSelector } from '../store/store.ts';
import { table } from '../words/en/table.ts';
import { learn } from '../words/words.ts';

// What every place at the table is told by.
learn(table);

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
  // What was asked of the store, also where nothing here answers it.
  const actions: unknown[] = [];
  const keep: Middleware = () => (next) => (action) => {
    actions.push(action);
    return next(action);
  };
  const store = configureStore({
    reducer: { library, ownPatterns, plans, runs, storage },
    middleware: (defaults) =>
      defaults({ serializableCheck: false, immutableCheck: false }).concat(keep),
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
  return { store, actions, mealNow, user: userEvent.setup() };
}

function Live({ id, part }: { id: string; part: (meal: Meal) => ReactNode }) {
  const meal = useAppSelector((state) => state.library.meals[id]);
  return meal && part(meal);
}

/** Shows a part of one meal as the store has it, whatever is done to it. */
export function showLive(meal: Meal, part: (meal: Meal) => ReactNode, more: Shown = {}) {
  const shown = show(<Live id={meal.id} part={part} />, { ...more, meals: [meal] });
  const now = (): Meal => {
    const there = shown.mealNow(meal.id);
    if (!there) throw new Error('The meal is gone.');
    return there;
  };
  const undoable = () => shown.store.getState().library.past.length;
  return { ...shown, now, undoable };
}

/** The one of this id, which the test knows is there. */
export function one<T extends { readonly id: string }>(all: readonly T[], id: string): T {
  const found = all.find((each) => each.id === id);
  if (!found) throw new Error(`There is no ${id}.`);
  return found;
}

/** Types over what stands in a field, and takes it with Enter. */
export async function typeOver(user: UserEvent, field: HTMLElement, text: string) {
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}
