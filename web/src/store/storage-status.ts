import { createAction, type Action } from '@reduxjs/toolkit';
import type { Unreadable } from '../storage/records.ts';

/**
 * How the browser's store does. `opening` and `slow`: nothing has come of it yet. `ok`: all is
 * written. `none`: it cannot be had. `failing`: it was, and the last writing failed. `taken`: a
 * newer Zemrin in another window has it.
 */
export type StorageCondition = 'opening' | 'slow' | 'ok' | 'none' | 'failing' | 'taken';

export interface StorageState {
  readonly condition: StorageCondition;
  /** In the browser's own words, where something failed. */
  readonly why?: string | undefined;
  readonly unreadable: readonly Unreadable[];
}

export const storageIs = createAction<{ condition: StorageCondition; why?: string }>('storage/is');
export const unreadableFound = createAction<readonly Unreadable[]>('storage/unreadable');

const initial: StorageState = { condition: 'opening', unreadable: [] };

export function storage(state: StorageState = initial, action: Action): StorageState {
  if (storageIs.match(action)) {
    const { condition, why } = action.payload;
    return state.condition === condition && state.why === why
      ? state
      : { ...state, condition, why };
  }
  if (unreadableFound.match(action)) return { ...state, unreadable: action.payload };
  return state;
}
