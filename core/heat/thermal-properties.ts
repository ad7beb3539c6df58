import { BOILING_J_PER_KG, MELTING_J_PER_KG } from '../figures/index.ts';
import {
  conductivityOf,
  densityOf,
  heatCapacityOf,
  iceShare,
  type Composition,
} from './composition.ts';

/**
 * A food as the conduction sees it: temperature and conductivity by enthalpy. Enthalpy, and not an
 * apparent heat capacity, so that no step in time can jump over freezing or boiling.
 */
export interface ThermalProperties {
  readonly densityKgPerM3: number;
  /** J/kg at the first entry, and from one to the next. */
  readonly fromJ: number;
  readonly stepJ: number;
  /** °C and W/(m·K), in turn: what is asked for together lies together. */
  readonly tempAndConductivity: Float64Array;
  /** J/kg that steam carries away before a place inside grows hotter than boiling. */
  readonly boilsAwayJ: number;
  /** Least heat capacity anywhere above and below freezing: what a step in time must respect. */
  readonly capacity: Float64Array;
}

const COLDEST_C = -40;
const HOTTEST_C = 160;
const ENTRIES = 4096;
const FINE_C = 0.02;

/** The share of the water that can leave a place inside as steam. Our own calibration. */
const BOILED_SHARE = 0.62;

/** The properties of a food, from −40 to 160 °C. */
export function thermalPropertiesOf(composition: Composition): ThermalProperties {
  const enthalpy: number[] = [];
  const temps: number[] = [];
  let sum = 0;
  for (let tempC = COLDEST_C; tempC <= HOTTEST_C; tempC += FINE_C) {
    enthalpy.push(sum);
    temps.push(tempC);
    const melted = Math.max(
      0,
      iceShare(composition, tempC) - iceShare(composition, tempC + FINE_C),
    );
    sum += heatCapacityOf(composition, tempC + FINE_C / 2) * FINE_C + melted * MELTING_J_PER_KG;
  }
  const made = tabled(
    enthalpy,
    temps,
    (tempC) => conductivityOf(composition, tempC),
    densityOf(composition, 20),
  );
  return { ...made, boilsAwayJ: BOILING_J_PER_KG * BOILED_SHARE * composition.water };
}

/** Something whose properties do not change: for what has an exact solution. */
export function constantProperties(
  conductivity: number,
  densityKgPerM3: number,
  capacity: number,
): ThermalProperties {
  const enthalpy = [0, (HOTTEST_C - COLDEST_C) * capacity];
  return tabled(enthalpy, [COLDEST_C, HOTTEST_C], () => conductivity, densityKgPerM3);
}

/** Enthalpy of a temperature, J/kg. */
export function enthalpyOf(properties: ThermalProperties, tempC: number): number {
  const { tempAndConductivity, fromJ, stepJ } = properties;
  let [low, high] = [0, ENTRIES - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((tempAndConductivity[2 * middle] as number) <= tempC) low = middle;
    else high = middle;
  }
  const a = tempAndConductivity[2 * low] as number;
  const b = tempAndConductivity[2 * high] as number;
  return fromJ + (low + (tempC - a) / (b - a)) * stepJ;
}

function tabled(
  enthalpy: readonly number[],
  temps: readonly number[],
  conductivityAt: (tempC: number) => number,
  densityKgPerM3: number,
): ThermalProperties {
  const stepJ = (enthalpy.at(-1) ?? 0) / (ENTRIES - 1);
  const tempC = new Float64Array(ENTRIES);
  let at = 0;
  for (let i = 0; i < ENTRIES; i++) {
    const wanted = Math.min(i * stepJ, enthalpy.at(-1) ?? 0);
    while (at < enthalpy.length - 2 && (enthalpy[at + 1] ?? 0) < wanted) at++;
    const [low, high] = [enthalpy[at] ?? 0, enthalpy[at + 1] ?? 0];
    const [a, b] = [temps[at] ?? 0, temps[at + 1] ?? 0];
    tempC[i] = a + ((wanted - low) / (high - low)) * (b - a);
  }
  const capacity = new Float64Array(ENTRIES);
  for (let i = 0; i < ENTRIES; i++) {
    const j = Math.min(Math.max(i, 1), ENTRIES - 1);
    capacity[i] = stepJ / ((tempC[j] as number) - (tempC[j - 1] as number));
  }
  const tempAndConductivity = new Float64Array(2 * ENTRIES);
  for (let i = 0; i < ENTRIES; i++) {
    const temp = tempC[i] as number;
    tempAndConductivity[2 * i] = temp;
    tempAndConductivity[2 * i + 1] = conductivityAt(temp);
  }
  return { densityKgPerM3, boilsAwayJ: 0, fromJ: 0, stepJ, tempAndConductivity, capacity };
}
