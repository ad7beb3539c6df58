import { wrap } from 'comlink';
import type { RunApi } from './run.worker.ts';

/** The functions that plan runs on, as they are called from this side. */
export type RunPlanner = {
  readonly [Name in keyof RunApi]: (
    ...asked: Parameters<RunApi[Name]>
  ) => Promise<Awaited<ReturnType<RunApi[Name]>>>;
};

let started: RunPlanner | undefined;

/** The worker that plans runs on, started when the first run is. */
export function runPlanner(): RunPlanner {
  if (started) return started;
  const remote = startWorker();
  // Ways out take their time; what comes next must not wait for them.
  let other: RemoteRun | undefined;
  started = {
    planOn: (run, nowMin, previous) => remote.planOn(run, nowMin, previous),
    waysOut: (run, nowMin) => (other ??= startWorker()).waysOut(run, nowMin),
    firstPlan: (run) => remote.firstPlan(run),
    proposals: (runs, meal) => remote.proposals(runs, meal),
    learnt: (runs, kitchen) => remote.learnt(runs, kitchen),
    overRuns: (runs) => remote.overRuns(runs),
  };
  return started;
}

type RemoteRun = ReturnType<typeof wrap<RunApi>>;

function startWorker(): RemoteRun {
  // The bundler finds the worker by this very form.
  return wrap<RunApi>(new Worker(new URL('./run.worker.ts', import.meta.url), { type: 'module' }));
}
