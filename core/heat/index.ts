export { type Body, type Form } from './body.ts';
export { boundaryConditionsOf, moistAirAt } from './boundary-conditions.ts';
export { INTERACTIVE_CELLS, type Cook, type End, type StageEnd } from './cook.ts';
export { isHollow, usualG } from './cut-dimensions.ts';
export { formOf, thicknessMmOf, type Piece } from './form.ts';
export { compositionOf, isVegetable } from './makeup.ts';
export { impossibleIn, impossiblePiece, type ImpossibleCook } from './cook-limits.ts';
export { cookOnce, type CookSpec, type StageSpec, type Variation } from './cook-spec.ts';
export { checkedByOf, type CheckedBy } from './checked-by.ts';
export { cookedMinutes, forecast, type Band, type Forecast } from './forecast.ts';
export { coreAt, ensembleOf, MEMBERS, type Ensemble } from './ensemble.ts';
export { carryOver, hotHoldsOf, pullCFor, type CarryOver, type Hold } from './carry-over.ts';
export { onThePlate, type OnThePlate } from './on-the-plate.ts';
export { CHANGES, changedCook, whatIfs, type Change, type WhatIf } from './what-if.ts';
export {
  aboutMinutes,
  lastOnFire,
  pointAt,
  shownCook,
  stageTimes,
  tenderAt,
} from './shown-cook.ts';
export {
  CHANGES_BY_HEAT,
  changesAlong,
  stuffedWith,
  type ChangeByHeat,
  type Reached,
} from './changes.ts';
export { quickerCooks, type QuickerCook, type Sooner } from './quicker.ts';
export { stallOf, type Stall } from './stall.ts';
export { PULLS_AT, SLICES_AT } from './tenderness.ts';
export {
  offsetByThermometer,
  THERMOMETER_SD_C,
  WATER_SD_C,
  offsetByWater,
  type OvenReading,
  type WaterTest,
} from './oven-test.ts';
export { icedC, minutesToCool, warmthAfter, type CoolingPlace, type Pot } from './cooling.ts';
export { eggMinutes } from './eggs.ts';
export { boilingMinutes, reducingMinutes, type PanOnRing } from './reducing.ts';
export { leaveningMinutes, riseOf, risingMinutes } from './rising.ts';
export { readyingMinutes } from './readying.ts';
export {
  liveForecast,
  liveMembersOf,
  type LiveForecast,
  type LiveMembers,
} from './live-forecast.ts';
export { sortReadings, type Distrust, type IgnoredReading, type ProbeReading } from './readings.ts';
