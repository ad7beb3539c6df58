import { createAction, type Action } from '@reduxjs/toolkit';
import type { Command, Meal } from '@zemrin/core';
import type { Binned } from '../storage/records.ts';
import { own } from './own.ts';

/** One change that can be undone: a meal before and after; undefined where there was none. */
export interface Change {
  readonly meal: string;
  readonly before: Meal | undefined;
  readonly after: Meal | undefined;
  readonly what: ChangeName;
  /** Changes of one gesture (a drag, a held arrow key) are undone together. */
  readonly gesture?: string | undefined;
}

export type ChangeName =
  | Command['do']
  | 'addMeal'
  | 'deleteMeal'
  | 'replaceMeal'
  /** Done in another window, and folded in here. */
  | 'otherWindow';

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

/** What was stored has come; what was begun before stays. */
export const loaded = createAction<{ meals: readonly Meal[]; bin: readonly Binned[] }>(
  'library/loaded',
);
/** A command, and what it makes of a meal: see edit.ts, which views use. */
export const edited = createAction<{
  before: Meal;
  after: Meal;
  command: Command;
  gesture?: string | undefined;
}>('library/edited');
export const added = createAction<Meal>('library/added');
/** Several meals that come in together are undone together. */
export const imported = createAction<{ meals: readonly Meal[]; gesture: string }>(
  'library/imported',
);
/** A meal as another window has left it; undefined where it was deleted. */
export const foldedIn = createAction<{
  id: string;
  meal: Meal | undefined;
  binned?: Binned | undefined;
}>('library/foldedIn');
/** Two windows changed one meal at once: theirs, and what becomes of ours on top of it. */
export const rebased = createAction<{ theirs: Meal; merged: Meal }>('library/rebased');
export const deleted = createAction<{ meal: string; nowMin: number }>('library/deleted');
export const undone = createAction('library/undone');
export const redone = createAction('library/redone');

/** The meals of this browser and everything that changed them. */
export function library(state: LibraryState = initial, action: Action): LibraryState {
  if (loaded.match(action)) {
    const stored = Object.fromEntries(action.payload.meals.map((meal) => [meal.id, meal]));
    const bin = action.payload.bin.length > 0 ? action.payload.bin : state.bin;
    return { ...state, loaded: true, meals: { ...stored, ...state.meals }, bin };
  }
  if (edited.match(action)) {
    const { before, after, command, gesture } = action.payload;
    if (own(state.meals, before.id) !== before) return state;
    return record(state, { meal: before.id, before, after, what: command.do, gesture });
  }
  if (added.match(action)) {
    return add(state, action.payload);
  }
  if (imported.match(action)) {
    const { meals, gesture } = action.payload;
    return meals.reduce((all, meal) => add(all, meal, gesture), state);
  }
  if (foldedIn.match(action)) return foldIn(state, action.payload);
  if (rebased.match(action)) {
    const { theirs, merged } = action.payload;
    const folded = foldIn(state, { id: theirs.id, meal: theirs });
    if (merged === theirs) return folded;
    const what = state.past.at(-1)?.what ?? 'replaceMeal';
    return record(folded, { meal: theirs.id, before: theirs, after: merged, what });
  }
  if (deleted.match(action)) {
    const { meal: id, nowMin } = action.payload;
    const before = own(state.meals, id);
    if (!before) return state;
    const next = record(state, { meal: id, before, after: undefined, what: 'deleteMeal' });
    return { ...next, bin: [{ meal: before, deletedMin: nowMin }, ...next.bin] };
  }
  if (undone.match(action)) return undo(state);
  if (redone.match(action)) return redo(state);
  return state;
}

function add(state: LibraryState, after: Meal, gesture?: string): LibraryState {
  const before = own(state.meals, after.id);
  const what = before ? 'replaceMeal' : 'addMeal';
  return record(state, { meal: after.id, before, after, what, gesture });
}

function foldIn(
  state: LibraryState,
  { id, meal: after, binned }: { id: string; meal: Meal | undefined; binned?: Binned | undefined },
): LibraryState {
  const before = own(state.meals, id);
  if (before === after) return state;
  const next = record(state, { meal: id, before, after, what: 'otherWindow' });
  return binned ? { ...next, bin: [binned, ...next.bin] } : next;
}

/** How many of the last changes belong to one gesture: those are undone together. */
function gestureLength(changes: readonly Change[]): number {
  const gesture = changes[0]?.gesture;
  if (gesture === undefined) return Math.min(1, changes.length);
  const other = changes.findIndex((change) => change.gesture !== gesture);
  return other === -1 ? changes.length : other;
}

function undo(state: LibraryState): LibraryState {
  const latest = [...state.past].reverse();
  const together = latest.slice(0, gestureLength(latest));
  if (together.length === 0) return state;
  return {
    ...together.reduce((all, change) => place(all, change.meal, change.before), state),
    past: state.past.slice(0, -together.length),
    future: [...together.reverse(), ...state.future],
  };
}

function redo(state: LibraryState): LibraryState {
  const together = state.future.slice(0, gestureLength(state.future));
  if (together.length === 0) return state;
  return {
    ...together.reduce((all, change) => place(all, change.meal, change.after), state),
    past: [...state.past, ...together],
    future: state.future.slice(together.length),
  };
}

function record(state: LibraryState, change: Change): LibraryState {
  const last = state.past.at(-1);
  const joins =
    change.gesture !== undefined && last?.gesture === change.gesture && last.meal === change.meal;
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
