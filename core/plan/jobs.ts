import { SWITCHED_ON } from './network/meal-network.ts';
import type { Plan, PlannedHands, PlannedStep } from './planned.ts';

/** A piece of hands-on work that is still to be done. */
export interface Job extends PlannedHands {
  readonly step: PlannedStep;
}

/** All that hands are still wanted for, in order of time. */
export function jobsOf(plan: Pick<Plan, 'steps'>): Job[] {
  return plan.steps
    .flatMap((step) => step.hands.map((hands) => ({ step, ...hands })))
    .sort((a, b) => a.startMin - b.startMin);
}

/**
 * Every moment the cook is called: the jobs, and what is only switched on and takes no time (an
 * oven that must be hot).
 */
export function callsOf(plan: Pick<Plan, 'steps'>): Job[] {
  const switches = plan.steps
    .filter((step) => !step.begun && step.hands.length === 0 && SWITCHED_ON.has(step.verb))
    .map((step) => ({ step, startMin: step.startMin, endMin: step.startMin, what: step.label }));
  return [...jobsOf(plan), ...switches].sort((a, b) => a.startMin - b.startMin);
}

/** Minutes of hands-on work between two moments. */
export function handsBetween(jobs: readonly Job[], fromMin: number, toMin: number): number {
  return jobs.reduce(
    (sum, job) => sum + Math.max(0, Math.min(job.endMin, toMin) - Math.max(job.startMin, fromMin)),
    0,
  );
}
