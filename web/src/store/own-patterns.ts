import { createAction, type Action } from '@reduxjs/toolkit';
import type { OwnPattern } from '../storage/patterns.ts';

/** The patterns of the cook's own, the newest first; not loaded until somebody looks at Dishes. */
export interface OwnPatternsState {
  readonly loaded: boolean;
  readonly patterns: readonly OwnPattern[];
}

const initial: OwnPatternsState = { loaded: false, patterns: [] };

/** What was stored has come; what was kept before stays. */
export const patternsFound = createAction<readonly OwnPattern[]>('ownPatterns/found');
export const patternKept = createAction<OwnPattern>('ownPatterns/kept');
export const patternDropped = createAction<string>('ownPatterns/dropped');

export function ownPatterns(state: OwnPatternsState = initial, action: Action): OwnPatternsState {
  if (patternsFound.match(action)) {
    const there = new Set(state.patterns.map(({ id }) => id));
    const found = action.payload.filter(({ id }) => !there.has(id));
    return { loaded: true, patterns: [...state.patterns, ...found] };
  }
  if (patternKept.match(action)) {
    const others = state.patterns.filter(({ id }) => id !== action.payload.id);
    return { ...state, patterns: [action.payload, ...others] };
  }
  if (patternDropped.match(action)) {
    return { ...state, patterns: state.patterns.filter(({ id }) => id !== action.payload) };
  }
  return state;
}
