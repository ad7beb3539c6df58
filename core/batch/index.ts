export * from './mixture.ts';
export {
  scaleMixture,
  windowOf,
  saltInMeatPct,
  coolingOfMixture,
  type Batch,
  type Meters,
  type Reserve,
  type VariantBatch,
} from './scale.ts';
export { saltedFood, saltingBy, weighMixture, type BatchFood, type BatchFor } from './weigh.ts';
export { roundCount, type ScaledLine } from './line.ts';
export { usualVessel, VESSEL_KINDS, type Cover, type Vessel, type VesselKind } from './cover.ts';
export { holdsOf, mixableOfLine, type Shelf } from './compose.ts';
export { pHOf } from './contents.ts';
export * from './contact.ts';
export * from './cooling.ts';
export * from './diffusion.ts';
export * from './salting.ts';
export * from './strengths.ts';
export type { SoakEnd, SoakWindow } from './window.ts';
export type { BatchWarning } from './warnings.ts';
export type { WeighedLine } from './line.ts';
export { weighingSteps, type WeighingStep } from './weighing.ts';
export { effectsOf, type Effect } from './effect.ts';
export { nudgeAmount, recipeAmount } from './amounts.ts';
export * from './labels.ts';
export * from './meters.ts';
export {
  BASIS_KINDS,
  basisNamed,
  basisWords,
  factorOf,
  newBasis,
  type Basis,
  type BasisKind,
} from './bases/registry.ts';
export type { BasisDefinition, BasisFacts } from './bases/definition.ts';
