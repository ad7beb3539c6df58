import { wrap } from 'comlink';
import type { PlannerApi } from './planner.worker.ts';

type Remote = ReturnType<typeof wrap<PlannerApi>>;

let started: Remote | undefined;

/** A planner beside the one that is at work, for meals as they might be instead; started when first wanted. */
export function variantPlanner(): Pick<Remote, 'variants' | 'figures'> {
  // The bundler finds the worker by this very form.
  started ??= wrap<PlannerApi>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );
  return started;
}
