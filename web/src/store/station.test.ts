import { beginRun, eventsOf, mealOf, type Deed } from '@zemrin/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { listenForRuns } from './running.ts';
import { deedsDone, runBegun } from './runs.ts';
import { silentPlanner } from '../test/silent-planner.ts';
import { store } from './store.ts';

const NOW = Date.parse('2026-11-28T12:00:00+01:00') / 60_000;
const supper = mealOf(supperFile, NOW);
const eventually = <T>(holds: () => T | Promise<T>) => vi.waitFor(holds, { timeout: 60_000 });

/** The station as this page hears it, and what it was told. */
const sources: FakeSource[] = [];
const told: string[] = [];
class FakeSource {
  private readonly hearing: Array<(event: { data: string }) => void> = [];
  closed = false;
  constructor(readonly url: string) {
    sources.push(this);
  }
  addEventListener(_type: string, heard: (event: { data: string }) => void): void {
    this.hearing.push(heard);
  }
  close(): void {
    this.closed = true;
  }
  say(reading: object): void {
    for (const heard of this.hearing) heard({ data: JSON.stringify(reading) });
  }
}
const open = () => sources.filter(({ closed }) => !closed);
const readOf = (run: string) =>
  (store.getState().runs.runs[run]?.run.events ?? []).filter(({ did }) => did === 'read');

beforeEach(() => {
  vi.stubGlobal('EventSource', FakeSource);
  vi.stubGlobal('fetch', (path: string) => {
    told.push(path);
    return Promise.resolve(new Response());
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('the thermometer station', () => {
  it('is heard on every page, while a probe is in something that goes on', async () => {
    const channel = { say: () => undefined, hear: () => undefined };
    await listenForRuns({ db: undefined, channel, planner: silentPlanner });
    const begun: Deed[] = [
      ...['lamb-paste', 'lamb-marinate', 'lamb-fire', 'lamb-temper'].map((step): Deed => ({
        did: 'done',
        step,
      })),
      { did: 'started', step: 'lamb-smoke' },
    ];
    const fresh = beginRun(supper, 'run-heard', NOW - 600);
    const events = eventsOf(begun, [], { by: 'phone', atMin: NOW - 60 });
    store.dispatch(runBegun({ run: { ...fresh, events } }));
    expect(open()).toHaveLength(0);
    // An older supper was served with its probe still in: it tells the station nothing.
    const older: Deed[] = [
      { did: 'started', step: 'lamb-smoke' },
      { did: 'probed', probe: 'probe 1', step: 'lamb-smoke' },
      { did: 'served' },
    ];
    const old = eventsOf(older, [], { by: 'phone', atMin: NOW - 5000 });
    store.dispatch(runBegun({ run: { ...beginRun(supper, 'run-old', NOW - 6000), events: old } }));

    const put: Deed = { did: 'probed', probe: 'probe 1', step: 'lamb-smoke' };
    store.dispatch(deedsDone({ run: 'run-heard', deeds: [put] }));
    await eventually(() => expect(open()).toHaveLength(1));
    expect(told).toEqual(['/station/probes/probe%201']);

    const reading = { probe: 'probe 1', minute: 1, coreC: 21.5, battery: 1, signal: 1 };
    open()[0]?.say({ ...reading, probe: 'probe 7' });
    open()[0]?.say({ hot: true });
    open()[0]?.say(reading);
    await eventually(() => expect(readOf('run-heard')).toHaveLength(1));
    // Within the minute it says the same again.
    open()[0]?.say(reading);
    store.dispatch(deedsDone({ run: 'run-heard', deeds: [{ did: 'done', step: 'lamb-smoke' }] }));
    await eventually(() => expect(open()).toHaveLength(0));
    expect(readOf('run-heard')).toHaveLength(1);
  });
});
