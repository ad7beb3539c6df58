export { mendCommands, mendMessage } from './mend-commands.ts';
export { atMoment, sayStory, storiesOf, type FoodAtMoment, type FoodStory } from './story.ts';
export { findingsOf, ledgerOf, safetyOf } from './safety-of-meal.ts';
export { withSafeGaps, type AfterSoak } from './safe-gaps.ts';
export type { StepTiming } from './step-timing.ts';
