export { plan, planning, THOROUGH, withRescues, type Better, type Planning } from './plan.ts';
export { replan, withFacts, type Facts, type Replanned } from './live.ts';
export { movesBetween, type Move } from './moves.ts';
export { DOWN_C_PER_MIN, UP_C_PER_MIN } from './loads.ts';
export { IN_HAND_FACTOR } from './runs.ts';
export type {
  Bound,
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
export type { Finding } from './finding.ts';
export type { Span } from './expand.ts';
export { callsOf, handsBetween, jobsOf, type Job } from './jobs.ts';
