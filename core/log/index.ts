export { learn, newestOf, type Learnt } from './learn.ts';
export { proposalsOf } from './proposals.ts';
export type { Because, Proposal } from './proposal.ts';
export {
  calibrateCooks,
  offsetSdOf,
  type ApplianceEstimate,
  type CookEvidence,
} from './calibrate.ts';
export type { PaceEstimate } from './pace.ts';
export { remarksIn, type Remark } from './remarks.ts';
export {
  runAgainstPlan,
  type DishAgainstPlan,
  type RunAgainstPlan,
  type StepAgainstPlan,
  type Stretch,
} from './against-plan.ts';
export { toldTimes, type Remembered } from './told-times.ts';
export { keepsUntil, leftOversOf, type LeftOver } from './left-overs.ts';
export { overRuns, type RunInARow } from './over-runs.ts';
export { dayOfRun } from './day-of-run.ts';
export { searchRuns } from './search.ts';
export { atTable, lossOf, type DishAtTable } from './tasting.ts';
export {
  comparableWith,
  compareRuns,
  type ComparedDish,
  type ComparedRuns,
  type DishFigures,
} from './compare-runs.ts';
