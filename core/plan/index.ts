export {
  plan,
  planCandidates,
  THOROUGH_WORK,
  withRescues,
  type PlanCandidate,
  type PlanOptions,
} from './plan.ts';
export { replan, withProgress, type Progress, type Replanned } from './live.ts';
export { movesBetween, type Move } from './moves.ts';
export { COOLING_C_PER_MIN, HEATING_C_PER_MIN } from './loads.ts';
export { BUFFER_FACTOR } from './runs.ts';
export type {
  CostBound,
  Clash,
  Danger,
  DishChance,
  Plan,
  PlannedHands,
  PlannedStep,
  Rescue,
} from './types.ts';
export { audit } from './audit.ts';
export { mendCommands, mendMessage } from './mends.ts';
export { safetyOf } from './watch.ts';
export type { AuditFinding } from './finding.ts';
export type { DurationEstimate } from './expand.ts';
export { callsOf, handsBetween, jobsOf, type Job } from './jobs.ts';
