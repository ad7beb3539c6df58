import { beginRun, foldRun, mealOf, planOn, type PlannedOn } from '@zemrin/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { silentPlanner } from '../test/silent-planner.ts';
import type { RunPlanner } from '../workers/runs.ts';
import { listenForRuns } from './running.ts';
import { deedsDone, runBegun } from './runs.ts';
import { store } from './store.ts';

const nowMin = Date.parse('2026-11-28T08:00:00+01:00') / 60_000;
const supper = mealOf(supperFile, nowMin);
const channel = { say: () => undefined, hear: () => undefined };

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

describe('what the last word moved', () => {
  it('is told against the plan it came upon, however often the minutes turn since', async () => {
    const run = beginRun(supper, 'run-moved', nowMin);
    const real = planOn(foldRun(run), nowMin);
    /** Every plan is marked by its number. */
    const asked: (string | undefined)[] = [];
    const marked = (mark: string): PlannedOn => ({
      ...real,
      plan: { ...real.plan, steps: real.plan.steps.map((step) => ({ ...step, label: mark })) },
    });
    const planner = (): RunPlanner => ({
      ...silentPlanner(),
      planOn: (_run, _now, previous) => {
        asked.push(previous?.steps?.[0]?.label);
        return Promise.resolve({ planned: marked(`${asked.length}`), forecasts: [] });
      },
    });
    await listenForRuns({ db: undefined, channel, planner });
    store.dispatch(runBegun({ run, rehearsal: { speed: 1e6, fromMs: Date.now() } }));
    await vi.advanceTimersByTimeAsync(7000);
    const before = asked.length;
    expect(before).toBeGreaterThanOrEqual(3);
    expect(new Set(asked)).toEqual(new Set([undefined, '1']));
    store.dispatch(deedsDone({ run: run.id, deeds: [{ did: 'noted', text: 'guests' }] }));
    await vi.advanceTimersByTimeAsync(7000);
    expect(asked.length).toBeGreaterThanOrEqual(before + 3);
    expect(new Set(asked.slice(before))).toEqual(new Set([`${before}`]));
  });
});
