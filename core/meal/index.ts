export * from './schema.ts';
export * from './kitchen-schema.ts';
export * from './parse.ts';
export * from './parse-file.ts';
export { settingsFor } from './settings-for.ts';
export { printMeal } from './print.ts';
export { servingMin, tableMinOf } from './serving.ts';
export { horizonProblem } from './horizon.ts';
export {
  DOCUMENTS,
  migrated,
  newestVersion,
  type DocumentKind,
  type Migration,
  type RawDocument,
} from './versions.ts';
export { MealError, problemsOf, readJson } from './document.ts';
export { checkReferences } from './references.ts';
export type { MealProblem } from './problem.ts';
export * from './amounts.ts';
export * from './commands.ts';
export { isCommand } from './command-names.ts';
export type { BatchCommand, LineChange, MixtureChange } from './batch-commands.ts';
export * from './new-meal.ts';
export { partAsideNotes, partFromNotes } from './part-notes.ts';
export { copyDish } from './copy-dish.ts';
export { isAfterFire, takenFrom, type TakenFrom } from './taken.ts';
export { cookedCutOf, cookedParts, partSources, withPart, type PartSource } from './take-part.ts';
export { keptSince, withLeftOver, withoutLeftOvers, type LeftOverFood } from './left-over.ts';
export {
  chainOf,
  mayFollow,
  moveStep,
  withFollows,
  withoutStep,
  withoutSteps,
  type ChainSpot,
} from './chain.ts';
export { fromMoment, reachedAt, withCoreGaps } from './gaps.ts';
export { changesOf, changesOfCut } from './heat-changes.ts';
export { panFit, panMl, type PanFit } from './fit-pan.ts';
export { splitDish, splitForEaters } from './split-dish.ts';
export { withWash } from './wash-up.ts';
export * from './avoids.ts';
export * from './seats.ts';
export {
  batchOf,
  coolingOfBatch,
  recipeBatchOf,
  saltInMeat,
  soakWindowOf,
  type NotedBatch,
} from './batches.ts';
export { seenOf, type Seen } from './same-recipe.ts';
export { animalsOf, batchFor, isStew, type Cooked } from './batch-for.ts';
export {
  conditionsOf,
  cookerOf,
  cookUpTo,
  heatOfStep,
  heatSteps,
  chainUpTo,
  pieceOf,
  placeOfCook,
  stageOf,
  type HeatTime,
  type StepHeat,
  type DoneUntil,
} from './cook-of-step.ts';
export {
  draftCook,
  draftOfCut,
  draftCommands,
  withStages,
  type DraftCook,
  type DraftStage,
} from './draft-cook.ts';
export * from './practices.ts';
export { freshId, takenIds } from './ids.ts';
export { keepsWarm } from './keeps-warm.ts';
export { namesFood, animalOf, foodFacts, foodsByStep, isAside, washesUp } from './works-on.ts';
export * from './portions.ts';
export { weekOf, type WeekPiece } from './week.ts';
export {
  allowedMinutes,
  isElastic,
  settledTime,
  stageMinutes,
  stepTimeNamed,
  type StepTimeKind,
} from './step-times/registry.ts';
export type {
  DurationEstimate,
  SettledTime,
  StepFacts,
  StepTimeDefinition,
} from './step-times/definition.ts';
export { partTaken, type PartTaken } from './part-taken.ts';
export { reducingMl } from './step-times/reducing.ts';
export { freshWithinMin } from './fresh-within.ts';
export { leavesFood } from './leaves-food.ts';
export { isOnce, once } from './once.ts';
export { stepFactsOf } from './step-facts.ts';
