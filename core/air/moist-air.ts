import psychrolib from 'psychrolib';
import { EVAPORATION_LINE } from '../figures/index.ts';
import { rootBetween } from './root-finding.ts';

/**
 * Moist air and boiling, by the formulas of the ASHRAE Handbook, Fundamentals, 2017, chapter 1,
 * as the package psychrolib has them.
 */
psychrolib.SetUnitSystem(psychrolib.SI);

/** Pressure of the standard atmosphere, Pa. */
export function pressurePaAt(altitudeM: number): number {
  return psychrolib.GetStandardAtmPressure(altitudeM);
}

/** The temperature at which water boils under a pressure in Pa, 40 to 140 °C. */
export function boilingCAtPressure(pressurePa: number): number {
  return rootBetween((tempC) => saturationPa(tempC) - pressurePa, 40, 140);
}

let lastAltitudeM: number | undefined;
let lastBoilingC = 0;

/** The temperature at which water boils at an altitude. Kept for the next: a kitchen does not climb. */
export function boilingCAt(altitudeM: number): number {
  if (altitudeM !== lastAltitudeM) {
    lastBoilingC = boilingCAtPressure(pressurePaAt(altitudeM));
    lastAltitudeM = altitudeM;
  }
  return lastBoilingC;
}

/** Pressure of the vapour in air, Pa. @param relativeHumidity 0 to 1 */
export function vapourPaOf(airC: number, relativeHumidity: number): number {
  return psychrolib.GetVapPresFromRelHum(airC, relativeHumidity);
}

/** Pressure of saturated vapour, Pa. */
export function saturationPa(tempC: number): number {
  return psychrolib.GetSatVapPres(tempC);
}

const TABLE_FROM_C = -45;
const TABLE_TO_C = 145;
const PER_C = 4;
const TABLE = /* @__PURE__ */ (() =>
  Float64Array.from({ length: (TABLE_TO_C - TABLE_FROM_C) * PER_C + 2 }, (_unused, i) =>
    saturationPa(TABLE_FROM_C + i / PER_C),
  ))();

/** The same from a table, for inner loops: within 0.01 %. Beyond −45 and 145 °C, the value there. */
export function saturationPaQuick(tempC: number): number {
  const at = Math.min(Math.max(tempC, TABLE_FROM_C), TABLE_TO_C);
  const place = (at - TABLE_FROM_C) * PER_C;
  const below = Math.floor(place);
  const low = TABLE[below] as number;
  return low + (place - below) * ((TABLE[below + 1] as number) - low);
}

/** Heat to evaporate water, J/kg. Source: linear fit to steam tables, from memory. */
export function evaporationJPerKg(tempC: number): number {
  return EVAPORATION_LINE.at0C + EVAPORATION_LINE.perC * tempC;
}
