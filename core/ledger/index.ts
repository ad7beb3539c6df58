export { mendCommands, mendMessage } from './mend-commands.ts';
export { safetyOf } from './safety-of-meal.ts';
export type { StepTiming } from './step-timing.ts';
