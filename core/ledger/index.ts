export { mendCommands, mendMessage } from './mend-commands.ts';
export {
  atMoment,
  sayStory,
  storiesOf,
  tracesAt,
  type FoodAtMoment,
  type FoodStory,
  type TraceAtMoment,
} from './story.ts';
export { ledgerOf } from './ledger-of-plan.ts';
export { findingsOf } from './safety-of-meal.ts';
export { safeGapsOf, TABLE, withSoaksEnded, type AfterSoak, type SafeGap } from './safe-gaps.ts';
export type { StepTiming } from './step-timing.ts';
