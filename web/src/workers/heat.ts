import { wrap, type Remote } from 'comlink';
import type { HeatApi } from './heat.worker.ts';

let remote: Remote<HeatApi> | undefined;

/** The worker that studies cooks, started when it is first wanted. */
export function heatWorker(): Remote<HeatApi> {
  // The bundler finds the worker by this very form.
  remote ??= wrap<HeatApi>(
    new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}
