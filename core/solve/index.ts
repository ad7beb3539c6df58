export {
  rangesOverlap,
  setupMinutes,
  type SoftConstraint,
  type TemperatureRange,
  type TimeLag,
  type Machine,
  type MachineAlternatives,
  type SchedulingProblem,
  type Interval,
  type ResourceDemand,
} from './scheduling-problem.ts';
export { isProvedInfeasible } from './infeasible.ts';
export { UNRESOLVED_COST, solve, type SolveLimits, type Solution } from './solve.ts';
export { conflictsOf, type Conflict, type PartialSchedule } from './conflicts.ts';
export { lagOf, type Decision } from './search-state.ts';
export { randomOf } from './random.ts';
