import { createAction, type Action } from '@reduxjs/toolkit';
import { applyCommand, type Command, type Meal } from '@zemrin/core';
import type { Binned } from '../storage/db.ts';

/** One change that can be undone: a meal before and after; undefined where there was none. */
export interface Change {
  readonly meal: string;
  readonly before: Meal | undefined;
  readonly after: Meal | undefined;
  readonly what: ChangeName;
  /** Changes of one gesture (a drag, a held arrow key) are undone together. */
  readonly gesture?: string | undefined;
}

export type ChangeName = Command['do'] | 'addMeal' | 'deleteMeal';

export interface LibraryState {
  /** False until the browser's store has been read. */
  readonly loaded: boolean;
  readonly meals: Readonly<Record<string, Meal>>;
  readonly bin: readonly Binned[];
  readonly past: readonly Change[];
  readonly future: readonly Change[];
}

const UNDO_DEPTH = 200;

const initial: LibraryState = { loaded: false, meals: {}, bin: [], past: [], future: [] };

export const loaded = createAction<{ meals: Meal[]; bin: Binned[] }>('library/loaded');
export const edited = createAction<{ meal: string; command: Command; gesture?: string }>(
  'library/edited',
);
export const added = createAction<Meal>('library/added');
export const deleted = createAction<{ meal: string; nowMin: number }>('library/deleted');
export const undone = createAction('library/undone');
export const redone = createAction('library/redone');

/** The meals of this browser and everything that changed them. */
export function library(state: LibraryState = initial, action: Action): LibraryState {
  if (loaded.match(action)) {
    const meals = Object.fromEntries(action.payload.meals.map((meal) => [meal.id, meal]));
    return { ...state, loaded: true, meals, bin: action.payload.bin };
  }
  if (edited.match(action)) {
    const { meal: id, command, gesture } = action.payload;
    const before = state.meals[id];
    if (!before) return state;
    const after = applyCommand(before, command);
    return after === before
      ? state
      : record(state, { meal: id, before, after, what: command.do, gesture });
  }
  if (added.match(action)) {
    const after = action.payload;
    return record(state, { meal: after.id, before: undefined, after, what: 'addMeal' });
  }
  if (deleted.match(action)) {
    const { meal: id, nowMin } = action.payload;
    const before = state.meals[id];
    if (!before) return state;
    const next = record(state, { meal: id, before, after: undefined, what: 'deleteMeal' });
    return { ...next, bin: [{ meal: before, deletedMin: nowMin }, ...next.bin] };
  }
  if (undone.match(action)) return undo(state);
  if (redone.match(action)) return redo(state);
  return state;
}

function undo(state: LibraryState): LibraryState {
  const last = state.past.at(-1);
  if (!last) return state;
  return {
    ...place(state, last.meal, last.before),
    past: state.past.slice(0, -1),
    future: [last, ...state.future],
  };
}

function redo(state: LibraryState): LibraryState {
  const next = state.future[0];
  if (!next) return state;
  return {
    ...place(state, next.meal, next.after),
    past: [...state.past, next],
    future: state.future.slice(1),
  };
}

function record(state: LibraryState, change: Change): LibraryState {
  const last = state.past.at(-1);
  const joins = change.gesture !== undefined && last?.gesture === change.gesture;
  const entry = joins ? { ...change, before: last.before } : change;
  const past = [...(joins ? state.past.slice(0, -1) : state.past), entry].slice(-UNDO_DEPTH);
  return { ...place(state, change.meal, change.after), past, future: [] };
}

function place(state: LibraryState, id: string, meal: Meal | undefined): LibraryState {
  const { [id]: _old, ...others } = state.meals;
  const meals = meal ? { ...others, [id]: meal } : others;
  const bin = meal ? state.bin.filter((binned) => binned.meal.id !== id) : state.bin;
  return { ...state, meals, bin };
}
