export * from './places.ts';
export { wrappedIn, WRAPS, type BoundaryConditions, type Wrap } from './boundary.ts';
export { FITTED, USUAL_CONDITIONS, type Coefficients, type Conditions } from './conditions.ts';
export {
  definePlace,
  WORKPLACES,
  type ApplianceDefinition,
  type CookerCaution,
  type HeatEnvironment,
  type MoistAir,
  type PlaceDefinition,
  type PlaceUse,
  type Workplace,
} from './definition.ts';
export { coolsTimesOutside } from './outside.ts';
export { bandAt, waitingBand, type HeatBand } from './heat-band.ts';
export { airCAt, type Surface, type Surroundings, type Waves } from './surroundings.ts';
