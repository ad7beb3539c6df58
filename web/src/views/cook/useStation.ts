import { probedCook, probedOf, StationReadingSchema, type Deed } from '@zemrin/core';
import { useEffect, useRef } from 'react';
import { runMinute } from '../../store/run-clock.ts';
import { freeProbe, stepsToProbe } from './probes.ts';
import type { RunOnPage } from './useRun.ts';

/** Of one probe a reading is kept so often, minutes of the run. */
const KEPT_EVERY_MIN = 1;

/**
 * Hears the thermometer station while the page is open: what a probe of this run says is kept as it
 * comes. In a rehearsal a probe is put in by itself; else when the cook says so.
 */
export function useStation(page: RunOnPage): void {
  const { state, say, kept: keptRun } = page;
  const { rehearsal } = keptRun;
  const { startedMin } = keptRun.run;
  const latest = useRef(page);
  useEffect(() => {
    latest.current = page;
  }, [page]);
  const put = useRef(new Map<string, string>());
  const kept = useRef(new Map<string, number>());
  const fromMs = useRef(keptRun.rehearsal?.fromMs);

  // In a rehearsal every food that is cooked to a core has its probe.
  useEffect(() => {
    if (!rehearsal) return;
    const [step] = stepsToProbe(state);
    if (step !== undefined) say([{ did: 'probed', probe: freeProbe(state, step), step }]);
  }, [rehearsal, state, say]);

  // What this run's probes are in is told to the station, once for each.
  useEffect(() => {
    // A rehearsal that went on to a later minute: the station is told anew where the cook stands.
    if (fromMs.current !== rehearsal?.fromMs) put.current.clear();
    fromMs.current = rehearsal?.fromMs;
    for (const [probe, step] of state.probes) {
      if (state.ended.has(step) || put.current.get(probe) === step) continue;
      put.current.set(probe, step);
      const cook = probedCook(state, step);
      const minute = cook ? Math.max(0, runMinute(startedMin, rehearsal) - cook.fromMin) : 0;
      const probed = cook && probedOf(cook.spec, minute, rehearsal?.speed ?? 1);
      if (!probed || probe.startsWith('by hand')) continue;
      void fetch(`/station/probes/${encodeURIComponent(probe)}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(probed),
      }).catch(() => put.current.delete(probe));
    }
  }, [state, rehearsal, startedMin]);

  useEffect(() => {
    if (!('EventSource' in window)) return undefined;
    const source = new EventSource('/station/readings');
    source.addEventListener('reading', (event: MessageEvent<string>) => {
      const parsed = StationReadingSchema.safeParse(JSON.parse(event.data));
      if (!parsed.success) return;
      const { probe, coreC, cookerC } = parsed.data;
      const { state: now, nowMin, say: tell } = latest.current;
      const step = now.probes.get(probe);
      if (step === undefined || now.ended.has(step) || now.servedMin !== undefined) return;
      if (nowMin - (kept.current.get(probe) ?? -Infinity) < KEPT_EVERY_MIN) return;
      kept.current.set(probe, nowMin);
      const read: Deed = { did: 'read', probe, coreC, ...(cookerC !== undefined && { cookerC }) };
      tell([read]);
    });
    return () => source.close();
  }, []);
}
