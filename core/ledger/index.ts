export { mendCommands, mendMessage } from './mend-commands.ts';
export { ledgerOf, safetyOf } from './safety-of-meal.ts';
export { withSafeGaps, type AfterSoak } from './safe-gaps.ts';
export type { StepTiming } from './step-timing.ts';
