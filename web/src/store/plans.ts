import { createAction, type Action } from '@reduxjs/toolkit';
import type { Meal, Plan } from '@zemrin/core';

/** The newest plan of each meal, and the moment everything counts from. */
export interface PlansState {
  readonly nowMin: number;
  readonly plans: Readonly<Record<string, Plan>>;
  /** Meals whose plan is being made anew. */
  readonly making: Readonly<Record<string, true>>;
}

export const ticked = createAction<number>('plans/ticked');
/** A meal that is not in the library yet, to be shown planned. */
export const previewed = createAction<Meal>('plans/previewed');
export const asked = createAction<string>('plans/asked');
export const planned = createAction<Plan>('plans/planned');

const initial: PlansState = { nowMin: 0, plans: {}, making: {} };

export function plans(state: PlansState = initial, action: Action): PlansState {
  if (ticked.match(action)) return { ...state, nowMin: action.payload };
  if (asked.match(action)) {
    return { ...state, making: { ...state.making, [action.payload]: true } };
  }
  if (planned.match(action)) {
    const plan = action.payload;
    const { [plan.meal]: _made, ...making } = state.making;
    return { ...state, plans: { ...state.plans, [plan.meal]: plan }, making };
  }
  return state;
}
