export { beginRun, type Run } from './begin-run.ts';
export { runDocument, runOf } from './run.ts';
export { merged } from './order.ts';
export {
  eventsOf,
  RunEventSchema,
  TASTE_SCALES,
  type Deed,
  type Happening,
  type RunEvent,
  type TasteScale,
} from './event.ts';
export {
  foldRun,
  standing,
  type Confirmation,
  type RunState,
  type RunTimer,
  type StillLasts,
} from './state.ts';
export {
  freeProbe,
  handProbe,
  isByHand,
  probeables,
  probeableWords,
  stepsToProbe,
  type Probeable,
} from './probes.ts';
export { readingsDeeds, type TableFrom, type TableRefused } from './readings-table.ts';
export { keepsReading } from './readings-kept.ts';
export { lastWord, orderDeed, orderOf, spokeLast } from './kept-order.ts';
export { callsOfRun, deedsOf, readyToServe, type Call } from './calls.ts';
export { unmeasuredOf, type Unmeasured } from './unmeasured.ts';
export { warmClocks, type WarmClock } from './clocks.ts';
export { cueOf, cueToBegin, type Cue, type ProbeShape } from './cue.ts';
export { planOn, waysOutOf, type PlannedOn, type PlanOnOptions } from './plan-on.ts';
export { probedCook, probeForecast, type ProbedCook } from './probe-forecast.ts';
export {
  probedOf,
  ProbedSchema,
  specOfProbed,
  StationReadingSchema,
  type Probed,
  type StationReading,
} from './station.ts';
export { simulateCook, type HiddenKitchen, type SimulatedCook } from './simulated-cook.ts';
export { soaksToCome, weighsNow, withoutSoak } from './mishaps-of-the-cook.ts';
export { guestsLate, oneMore, TROUBLES, withoutDish, type Trouble } from './troubles.ts';
export { rehearse, type Rehearsal, type RehearsalOptions } from './rehearsal.ts';
