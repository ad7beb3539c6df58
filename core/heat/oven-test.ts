import { KELVIN_AT_0C, LEWIS, STEFAN_BOLTZMANN } from '../figures/index.ts';
import { boilingCAt, evaporationJPerKg, rootBetween, saturationPaQuick } from '../air/index.ts';
import { FITTED } from '../places/index.ts';

/** How far off each test may be, as a standard deviation. Our own figures, no source. */
export const THERMOMETER_SD_C = 4;
export const WATER_SD_C = 15;

/** What a thermometer in the middle of an oven read, once it had settled, at a setting. */
export interface OvenReading {
  readonly setC: number;
  readonly readC: number;
}

/**
 * How much hotter an oven runs than it says, °C, by a thermometer at some settings: their mean.
 *
 * @throws RangeError without a reading
 */
export function offsetByThermometer(readings: readonly OvenReading[]): number {
  if (readings.length === 0) throw new RangeError('a test needs a reading');
  const sum = readings.reduce((all, { setC, readC }) => all + readC - setC, 0);
  return Math.round(sum / readings.length);
}

/** A pan of boiling water that stood in a hot oven and was weighed before and after. */
export interface WaterTest {
  readonly setC: number;
  readonly lostG: number;
  readonly minutes: number;
  readonly panCm: number;
  readonly altitudeM: number;
}

/** The pan's whole outside takes up heat, its open top gives off water: so many times as much. A pan a third as deep as wide, 1 + 1 + 4/3. */
const OUTSIDE_TIMES = 3.3;
/** Of metal and water. Source: engineering practice, from memory. */
const EMISSIVITY = 0.6;
const COOLEST_C = 60;
const HOTTEST_C = 320;

/**
 * How much hotter an oven runs than it says, °C, by the water a pan lost in it: what the oven gives
 * the pan evaporates, (h + 4εσT³)(Ta − Tw)·A = λ·J·A₀ with J = 6.76e-9·h·(psat(Tw) − pv). From
 * first principles with the fitted convection of an oven, confidence 0.4: a first figure, good to
 * about fifteen degrees.
 *
 * @throws RangeError where no oven between 60 and 320 °C loses so much
 */
export function offsetByWater(test: WaterTest): number {
  const { setC, lostG, minutes, panCm } = test;
  const areaM2 = (Math.PI / 4) * (panCm / 100) ** 2;
  const wanted = lostG / 1000 / (minutes * 60) / areaM2;
  const short = (airC: number) => evaporatedPerS(airC, test) - wanted;
  if (!(wanted > 0) || short(COOLEST_C) > 0 || short(HOTTEST_C) < 0) {
    throw new RangeError('no oven loses so much water');
  }
  return Math.round(rootBetween(short, COOLEST_C, HOTTEST_C) - setC);
}

/** kg/(m²·s) from the open top, once the pan is as warm as it gets. */
function evaporatedPerS(airC: number, { altitudeM }: WaterTest): number {
  const { ovenConvection, ovenVapourPa } = FITTED;
  const boilingC = boilingCAt(altitudeM);
  const leaves = (waterC: number) =>
    LEWIS * ovenConvection * (saturationPaQuick(waterC) - ovenVapourPa);
  const taken = (waterC: number) => {
    const meanK = (airC + waterC) / 2 + KELVIN_AT_0C;
    const radiation = 4 * EMISSIVITY * STEFAN_BOLTZMANN * meanK ** 3;
    return (
      (OUTSIDE_TIMES * (ovenConvection + radiation) * (airC - waterC)) / evaporationJPerKg(waterC)
    );
  };
  const top = Math.min(boilingC, airC);
  // In a very hot oven it boils, and all that is taken up goes into steam.
  if (taken(top) >= leaves(top)) return taken(top);
  return leaves(rootBetween((waterC) => leaves(waterC) - taken(waterC), 20, top));
}
