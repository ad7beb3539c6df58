import { createAction, type Action } from '@reduxjs/toolkit';
import {
  merged,
  type Deed,
  type LiveForecast,
  type PlannedOn,
  type Rescue,
  type RunEvent,
} from '@zemrin/core';
import type { KeptRun } from '../storage/runs.ts';

/** What a probe says of the end of a step. */
export interface StepForecast {
  readonly step: string;
  /** When the cook of its food began, epoch minutes. */
  readonly fromMin: number;
  readonly forecast: LiveForecast;
}

/** A run planned on, with what the probes say. */
export interface RunPlan {
  readonly run: string;
  readonly planned: PlannedOn;
  readonly forecasts: readonly StepForecast[];
}

export type { KeptRun };

/** How the link to other devices that cook the same run stands. */
export type RunLink = 'linked' | 'lost' | 'unpaired';

export interface RunsState {
  readonly runs: Readonly<Record<string, KeptRun>>;
  readonly plans: Readonly<Record<string, RunPlan>>;
  /** Of the runs that are shared. */
  readonly links: Readonly<Record<string, RunLink>>;
  /** What would have it on time again, by run. */
  readonly waysOut: Readonly<Record<string, readonly Rescue[]>>;
}

export const runsLoaded = createAction<readonly KeptRun[]>('runs/loaded');
export const runBegun = createAction<KeptRun>('runs/begun');
/** The cook says what happened; it is written before it is shown. */
export const deedsDone = createAction<{ run: string; deeds: readonly Deed[] }>('runs/deedsDone');
/** All that has happened in a run, what is new with what was there. */
export const happened = createAction<{ run: string; events: readonly RunEvent[] }>('runs/happened');
/** What was said on another device that cooks the same run. */
export const heardElsewhere = createAction<{ run: string; events: readonly RunEvent[] }>(
  'runs/heardElsewhere',
);
/** Other devices may follow a run, or no more. */
export const shareSet = createAction<{ run: string; shared: boolean }>('runs/shareSet');
export const linkIs = createAction<{ run: string; link: RunLink }>('runs/linkIs');
export const runPlanned = createAction<RunPlan>('runs/planned');
export const waysOutFound = createAction<{ run: string; waysOut: readonly Rescue[] }>(
  'runs/waysOutFound',
);

const initial: RunsState = { runs: {}, plans: {}, links: {}, waysOut: {} };

export function runs(state: RunsState = initial, action: Action): RunsState {
  if (runsLoaded.match(action)) {
    const loaded = Object.fromEntries(action.payload.map((one) => [one.run.id, one]));
    return { ...state, runs: { ...loaded, ...state.runs } };
  }
  if (runBegun.match(action)) {
    const { run, rehearsal, shared } = action.payload;
    // Begun again, by a rehearsal that goes on to a later minute or as it came from another device:
    // what happened stays.
    const was = state.runs[run.id]?.run;
    const here = was ? { ...was, events: merged(was.events, run.events) } : run;
    return { ...state, runs: { ...state.runs, [run.id]: { run: here, rehearsal, shared } } };
  }
  if (happened.match(action)) {
    const { run: id, events } = action.payload;
    const kept = state.runs[id];
    if (!kept) return state;
    if (events === kept.run.events) return state;
    const now = { ...kept, run: { ...kept.run, events } };
    return { ...state, runs: { ...state.runs, [id]: now } };
  }
  if (shareSet.match(action)) {
    const { run, shared } = action.payload;
    const kept = state.runs[run];
    if (!kept) return state;
    const { [run]: _was, ...links } = state.links;
    return { ...state, runs: { ...state.runs, [run]: { ...kept, shared } }, links };
  }
  if (linkIs.match(action)) {
    const { run, link } = action.payload;
    return { ...state, links: { ...state.links, [run]: link } };
  }
  if (runPlanned.match(action)) {
    const { run } = action.payload;
    const { lateMin, early } = action.payload.planned;
    const { [run]: _was, ...others } = state.waysOut;
    return {
      ...state,
      plans: { ...state.plans, [run]: action.payload },
      waysOut: lateMin > 0 || early ? state.waysOut : others,
    };
  }
  if (waysOutFound.match(action)) {
    const { run, waysOut } = action.payload;
    return { ...state, waysOut: { ...state.waysOut, [run]: waysOut } };
  }
  return state;
}

/** The meal of a run that is on: begun last, and not on the table yet. */
export function runOnNow({ runs: all }: RunsState): string | undefined {
  const on = Object.values(all)
    .map(({ run }) => run)
    .filter(({ events }) => !isServed(events))
    .reduce<KeptRun['run'] | undefined>(
      (newest, run) => (newest && newest.startedMin >= run.startedMin ? newest : run),
      undefined,
    );
  return on?.meal.id;
}

/** It is on the table: what comes after is told in the log. */
export function isServed(events: readonly RunEvent[]): boolean {
  const last = events.findLast(({ did }) => did === 'served');
  return (
    last !== undefined && !events.some((event) => event.did === 'undone' && event.event === last.id)
  );
}
