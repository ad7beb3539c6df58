import type { Meal } from '../meal/index.ts';
import type { RunEvent } from './event.ts';

/** A meal being cooked: as it was planned, and everything that has happened since. */
export interface Run {
  readonly id: string;
  readonly startedMin: number;
  readonly meal: Meal;
  readonly events: readonly RunEvent[];
}

/** Begins a run of a meal. @param nowMin epoch minutes */
export function beginRun(meal: Meal, id: string, nowMin: number): Run {
  return { id, startedMin: nowMin, meal, events: [] };
}
