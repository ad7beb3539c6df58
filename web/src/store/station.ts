import {
  foldRun,
  freeProbe,
  isByHand,
  keepsReading,
  probedCook,
  probedOf,
  StationReadingSchema,
  stepsToProbe,
  type Deed,
  type RunState,
} from '@zemrin/core';
import { DEVICE } from './device.ts';
import { own } from './own.ts';
import { runMinute } from './run-clock.ts';
import { deedsDone, happened, isServed, runBegun, runsLoaded, type KeptRun } from './runs.ts';
import { startListening, store } from './store.ts';

/**
 * Hears the thermometer station on every page: what a probe of a run says is kept as it comes. In a
 * rehearsal a probe is put in by itself; else when the cook says so.
 */
export function listenForStation(): void {
  const station = new StationLink();
  const look = (id: string) => {
    const kept = own(store.getState().runs.runs, id);
    if (kept) station.look(kept);
  };
  startListening({ actionCreator: happened, effect: ({ payload }) => look(payload.run) });
  startListening({ actionCreator: runBegun, effect: ({ payload }) => look(payload.run.id) });
  startListening({
    actionCreator: runsLoaded,
    effect: ({ payload }) => payload.forEach(({ run }) => look(run.id)),
  });
  for (const id of Object.keys(store.getState().runs.runs)) look(id);
}

/** A run with a probe in what is still going on. */
interface Heard {
  readonly kept: KeptRun;
  readonly state: RunState;
}

class StationLink {
  /** By run, those that are on and have a probe. */
  private readonly heard = new Map<string, Heard>();
  /** What each probe was last told to be in, so that it is told once. */
  private readonly told = new Map<string, string>();
  private source: EventSource | undefined;

  /** Sees where a run stands: which probes are in what. */
  look(kept: KeptRun): void {
    const { id } = kept.run;
    this.heard.delete(id);
    // What was served wants nothing of the thermometer, be its steps marked or not.
    if (!isServed(kept.run.events)) this.follow(kept);
    if (this.heard.size > 0) this.open();
    else this.close();
  }

  private follow(kept: KeptRun): void {
    const state = foldRun(kept.run);
    const { id } = kept.run;
    const [step] = kept.rehearsal ? stepsToProbe(state) : [];
    // In a rehearsal every food that is cooked to a core has its probe.
    if (step !== undefined) say(id, [{ did: 'probed', probe: freeProbe(state, step), step }]);
    if (probesOn(state).length > 0) this.heard.set(id, { kept, state });
    for (const [probe, at] of probesOn(state)) {
      if (this.runOf(probe)?.kept.run.id === id) this.tell(kept, state, probe, at);
    }
  }

  /** Two runs may have a probe of one name: it is in what was begun last. */
  private runOf(probe: string): Heard | undefined {
    return [...this.heard.values()]
      .filter(({ state }) => probesOn(state).some(([name]) => name === probe))
      .toSorted((a, b) => b.kept.run.startedMin - a.kept.run.startedMin)[0];
  }

  /** What a probe is in is told to the station, once for each. */
  private tell(kept: KeptRun, state: RunState, probe: string, step: string): void {
    const { rehearsal, run } = kept;
    // A rehearsal that went on to a later minute: it is told anew where the cook stands.
    const what = `${run.id} ${step} ${rehearsal?.fromMs ?? ''}`;
    if (this.told.get(probe) === what) return;
    this.told.set(probe, what);
    const cook = probedCook(state, step);
    const minute = cook ? Math.max(0, runMinute(run.startedMin, rehearsal) - cook.fromMin) : 0;
    const probed = cook && probedOf(cook.spec, minute, rehearsal?.speed ?? 1);
    if (!probed) return;
    void fetch(`/station/probes/${encodeURIComponent(probe)}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(probed),
    }).catch(() => this.told.delete(probe));
  }

  private open(): void {
    if (this.source || !('EventSource' in globalThis)) return;
    this.source = new EventSource('/station/readings');
    this.source.addEventListener('reading', ({ data }: MessageEvent<string>) => this.hear(data));
  }

  private close(): void {
    this.source?.close();
    this.source = undefined;
  }

  private hear(data: string): void {
    const parsed = StationReadingSchema.safeParse(JSON.parse(data));
    if (!parsed.success) return;
    const { probe, coreC, cookerC } = parsed.data;
    const of = this.runOf(probe);
    if (!of) return;
    const { run, rehearsal } = of.kept;
    const nowMin = runMinute(run.startedMin, rehearsal);
    if (!keepsReading(run.events, probe, DEVICE, nowMin)) return;
    say(run.id, [{ did: 'read', probe, coreC, ...(cookerC !== undefined && { cookerC }) }]);
  }
}

/** Thermometer probes in what is still going on, each with its step. */
function probesOn({ probes, ended }: RunState): Array<readonly [string, string]> {
  return [...probes].filter(([probe, step]) => !ended.has(step) && !isByHand(probe));
}

function say(run: string, deeds: readonly Deed[]): void {
  store.dispatch(deedsDone({ run, deeds }));
}
