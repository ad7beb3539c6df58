export { plan, type Plan, type PlannedStep, type PlannedHands, type Rescue } from './plan.ts';
export { audit, type Finding } from './audit.ts';
export type { Clash } from './clashes.ts';
export type { Span } from './expand.ts';
