export * from './fields.ts';
export { LineSchema, MixtureSchema, type Mixture, type MixtureLine } from './mixture.ts';
export { scaleMixture, type Batch, type BatchFor, type Reserve } from './scale.ts';
export { roundCount, type ScaledLine } from './line.ts';
export type { Cover, Vessel } from './cover.ts';
export type { BatchWarning } from './warnings.ts';
