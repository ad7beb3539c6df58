export { plan } from './plan.ts';
export type { Clash, Plan, PlannedHands, PlannedStep, Rescue } from './types.ts';
export { audit, type Finding } from './audit.ts';
export type { Span } from './expand.ts';
export { callsOf, handsBetween, jobsOf, type Job } from './jobs.ts';
