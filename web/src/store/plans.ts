import { createAction, type Action } from '@reduxjs/toolkit';
import { movesBetween, type Meal, type Move, type Plan } from '@zemrin/core';
import { deleted } from './library.ts';

/** The newest plan of each meal, and the moment everything counts from. */
export interface PlansState {
  readonly nowMin: number;
  readonly plans: Readonly<Record<string, Plan>>;
  /** Meals whose plan is being made anew. */
  readonly making: Readonly<Record<string, true>>;
  /** How far the search for a better plan of a meal is, 0 to 1; none where nothing is looked for. */
  readonly searching: Readonly<Record<string, number>>;
  /** The plan of a meal before its last change, and what that change moved. */
  readonly before: Readonly<Record<string, Plan>>;
  readonly moved: Readonly<Record<string, readonly Move[]>>;
}

export const ticked = createAction<number>('plans/ticked');
/** A meal that is not in the library yet, to be shown planned. */
export const previewed = createAction<Meal>('plans/previewed');
/** It is looked at no more. */
export const previewLeft = createAction<string>('plans/previewLeft');
export const asked = createAction<string>('plans/asked');
/** A plan has come; `because` of a change of the meal, of time gone by, or as a better one. */
export const planned = createAction<{ plan: Plan; because: 'change' | 'time' | 'better' }>(
  'plans/planned',
);
export const searched = createAction<{ meal: string; share: number | undefined }>('plans/searched');
export const searchStopped = createAction<string>('plans/searchStopped');

const initial: PlansState = {
  nowMin: 0,
  plans: {},
  making: {},
  searching: {},
  before: {},
  moved: {},
};

export function plans(state: PlansState = initial, action: Action): PlansState {
  if (ticked.match(action)) return { ...state, nowMin: action.payload };
  if (asked.match(action)) {
    return { ...state, making: { ...state.making, [action.payload]: true } };
  }
  if (planned.match(action)) {
    const { plan, because } = action.payload;
    const making = without(state.making, plan.meal);
    const shown = state.plans[plan.meal];
    const before =
      because === 'change' && shown ? { ...state.before, [plan.meal]: shown } : state.before;
    const from = because === 'time' ? undefined : before[plan.meal];
    // A better plan that follows a change is counted from before the change too.
    const moved = from ? { ...state.moved, [plan.meal]: movesBetween(from, plan) } : state.moved;
    return { ...state, plans: { ...state.plans, [plan.meal]: plan }, making, before, moved };
  }
  if (searched.match(action)) {
    const { meal, share } = action.payload;
    const others = without(state.searching, meal);
    return { ...state, searching: share === undefined ? others : { ...others, [meal]: share } };
  }
  // Should the meal come again, its plan begins from nothing.
  if (deleted.match(action)) return forget(state, action.payload.meal);
  return state;
}

function forget(state: PlansState, meal: string): PlansState {
  return {
    ...state,
    plans: without(state.plans, meal),
    before: without(state.before, meal),
    moved: without(state.moved, meal),
  };
}

function without<T>(all: Readonly<Record<string, T>>, meal: string): Record<string, T> {
  const { [meal]: _gone, ...others } = all;
  return others;
}
