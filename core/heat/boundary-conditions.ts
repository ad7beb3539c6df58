import { boilingCAt, boilingCAtPressure, pressurePaAt, vapourPaOf } from '../air/index.ts';
import {
  environmentNamed,
  FITTED,
  usualC,
  wrappedIn,
  type BoundaryConditions,
  type Coefficients,
  type Conditions,
  type Cooker,
  type MoistAir,
  type Wrap,
} from '../places/index.ts';

/** Moist air and boiling at an altitude. */
export function moistAirAt(altitudeM: number): MoistAir {
  return {
    boilingC: boilingCAt(altitudeM),
    boilingCUnder: (overPa) => boilingCAtPressure(pressurePaAt(altitudeM) + overPa),
    vapourPa: vapourPaOf,
  };
}

/**
 * What a food meets in a cooker.
 *
 * @param tempC what it is set to, °C; left out, the usual
 */
export function boundaryConditionsOf(
  cooker: Cooker,
  tempC: number | undefined,
  wrap: Wrap | undefined,
  conditions: Conditions,
  coefficients: Coefficients = FITTED,
): BoundaryConditions {
  const airC = tempC ?? usualC(cooker, conditions);
  const moistAir = moistAirAt(conditions.altitudeM);
  const bare = environmentNamed(cooker).boundary(airC, conditions, coefficients, moistAir);
  return wrap === undefined ? bare : wrappedIn(bare, wrap);
}
