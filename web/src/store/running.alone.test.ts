import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beginRun, mealOf, type Deed, type RunEvent } from '@zemrin/core';
import { describe, expect, it, vi } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { openDb } from '../storage/db.ts';
import { loadRun } from '../storage/runs.ts';
import { listenForRuns } from './running.ts';
import { deedsDone, heardElsewhere, runBegun } from './runs.ts';
import { silentPlanner } from '../test/silent-planner.ts';
import { store } from './store.ts';

const nowMin = Date.parse('2026-11-28T08:00:00+01:00') / 60_000;
const supper = mealOf(supperFile, nowMin);

const channel = { say: () => undefined, hear: () => undefined };

const eventually = <T>(holds: () => T | Promise<T>) => vi.waitFor(holds, { timeout: 60_000 });
const shown = (id: string) => store.getState().runs.runs[id]?.run.events ?? [];

describe('a run that is killed', () => {
  it('has every event that was on screen, at 25 random moments', async () => {
    const db = await openDb('killed');
    await listenForRuns({ db, channel, planner: silentPlanner });
    const run = beginRun(supper, 'run-killed', nowMin);
    store.dispatch(runBegun({ run }));
    const [moments = []] = fc.sample(
      fc.array(fc.record({ said: fc.nat(4), elsewhere: fc.boolean() }), {
        minLength: 25,
        maxLength: 25,
      }),
      { numRuns: 1, seed: 17 },
    );
    let expected = 0;
    for (const [i, { said, elsewhere }] of moments.entries()) {
      const deeds = Array.from({ length: said + 1 }, (_, n): Deed => ({
        did: 'noted',
        text: `${i}.${n}`,
      }));
      const theirs: RunEvent = {
        id: `phone-${i}`,
        by: 'phone',
        count: expected + 1,
        atMin: nowMin + i,
        did: 'noted',
        text: 'at the fire',
      };
      store.dispatch(deedsDone({ run: run.id, deeds }));
      if (elsewhere) store.dispatch(heardElsewhere({ run: run.id, events: [theirs] }));
      expected += said + 1 + (elsewhere ? 1 : 0);
      // Whatever is on screen at this moment, another process finds in the store at once.
      await eventually(async () => {
        const onScreen = shown(run.id);
        const again = await loadRun(await openDb('killed'), run.id);
        const there = new Set(again?.run.events.map(({ id }) => id));
        expect(onScreen.filter(({ id }) => !there.has(id))).toEqual([]);
        expect(onScreen).toHaveLength(expected);
        expect(again?.run.events).toEqual(onScreen);
      });
    }
  });

  it('that came from elsewhere is kept with all that happened there', async () => {
    const db = await openDb('taken');
    await listenForRuns({ db, channel, planner: silentPlanner });
    const events: RunEvent[] = [
      { id: 'phone-1', by: 'phone', count: 1, atMin: nowMin, did: 'noted', text: 'windy' },
    ];
    store.dispatch(runBegun({ run: { ...beginRun(supper, 'run-taken', nowMin), events } }));
    await eventually(async () => {
      expect((await loadRun(db, 'run-taken'))?.run.events).toEqual(events);
    });
  });

  it('keeps every run that was begun before anybody listened', async () => {
    const db = await openDb('early');
    for (const id of ['run-early-1', 'run-early-2']) {
      store.dispatch(runBegun({ run: beginRun(supper, id, nowMin) }));
    }
    await listenForRuns({ db, channel, planner: silentPlanner });
    for (const id of ['run-early-1', 'run-early-2']) {
      expect((await loadRun(db, id))?.run.meal.id).toBe(supper.id);
    }
  });
});
