export {
  bestCandidate,
  plan,
  planCandidates,
  planThoroughly,
  surerPlan,
  THOROUGH_WORK,
  withRescues,
  type PlanCandidate,
  type PlanOptions,
} from './plan.ts';
export { asPlanned } from './more-in-hand.ts';
export { replan, withProgress, type Progress, type Replanned } from './replan.ts';
export type { ExpectedLengths } from './network/expanded-steps.ts';
export { movesBetween, type Move } from './moves.ts';
export { WarmStartDecisionSchema, type PlanOrder } from './scheduling/warm-start-decision.ts';
export { BUFFER_FACTOR, MOST_IN_HAND } from './scheduling/buffered-chains.ts';
export type {
  CostBound,
  Clash,
  Danger,
  DishChance,
  Plan,
  PlannedHands,
  PlannedStep,
  Compromise,
  Rescue,
  Surer,
} from './planned.ts';
export { planFigures, type DishFiguresPlanned, type PlanFigures } from './plan-figures.ts';
export { mealVariants, type MealVariant } from './meal-variants.ts';
export { comesTo, type ComesTo } from './comes-to.ts';
export { audit } from './audit/audit.ts';
export type { AuditFinding } from './audit/finding.ts';
export { callsOf, handsBetween, jobsOf, type Job } from './jobs.ts';
export { SWITCHED_ON } from './network/meal-network.ts';
export { stopsOf, works } from './rescues/tried.ts';
