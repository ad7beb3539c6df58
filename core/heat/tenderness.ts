import { GAS_CONSTANT, KELVIN_AT_0C } from '../figures/index.ts';

/**
 * How far collagen has turned to gelatine, 0 to 1: dX/dt = k(T)·(1 − X) above 55 °C, Arrhenius.
 * Calibrated on kitchen anchors (48 h at 62 °C, 7 h at 80 °C, 3 h at 95 °C), not a published
 * constant: published activation energies scatter from 60 to 170 kJ/mol.
 */
const K80_PER_H = 0.3;
const ACTIVATION_J_PER_MOL = 95_000;
const BEGINS_C = 55;

/** Tender enough to slice, and to pull apart. Our own figures, from the same anchors. */
export const SLICES_AT = 0.65;
export const PULLS_AT = 0.9;

/** The rate k, 1/s. @param factor of the meat: below 1 where it takes longer than pork shoulder */
export function tenderingPerSecond(tempC: number, factor: number): number {
  if (tempC < BEGINS_C) return 0;
  const inverse = 1 / (tempC + KELVIN_AT_0C) - 1 / (80 + KELVIN_AT_0C);
  return ((factor * K80_PER_H) / 3600) * Math.exp((-ACTIVATION_J_PER_MOL / GAS_CONSTANT) * inverse);
}

/** Hours at one temperature until so much is done. @throws RangeError below 55 °C */
export function hoursToTender(tempC: number, tenderness: number, factor = 1): number {
  const rate = tenderingPerSecond(tempC, factor);
  if (rate === 0) throw new RangeError(`collagen does not soften below ${BEGINS_C} °C`);
  return -Math.log(1 - tenderness) / rate / 3600;
}
