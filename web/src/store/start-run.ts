import { asPlanned, beginRun, type Meal, type Plan } from '@zemrin/core';
import { uniqueId } from './ids.ts';
import { machineMs, runMinute } from './run-clock.ts';
import type { KeptRun } from './runs.ts';

/** A rehearsal begins so long before its first job. */
const BEFORE_FIRST_MIN = 3;

/** A run of a meal from now on: for good, or practised quicker from just before its first job. */
export function newRun(
  given: Meal,
  plan: Plan | undefined,
  rehearse?: { readonly speed: number },
): KeptRun {
  const id = uniqueId(`run ${given.id}`);
  // What the plan keeps in hand is kept while it is cooked.
  const meal = asPlanned(given, plan ?? {});
  const nowMin = runMinute(0, undefined);
  if (!rehearse) return { run: beginRun(meal, id, nowMin) };
  const fromMin = Math.max(nowMin, (plan?.firstJobMin ?? nowMin) - BEFORE_FIRST_MIN);
  return {
    run: beginRun(meal, id, fromMin),
    rehearsal: { speed: rehearse.speed, fromMs: machineMs() },
  };
}
