import { GAS_CONSTANT, KELVIN_AT_0C } from '../figures/index.ts';

/** How fast a food gets tender, first order in what is still firm, Arrhenius over temperature. */
export interface Softening {
  /** The rate at `atC`, 1/h. */
  readonly perHour: number;
  readonly atC: number;
  readonly activationJPerMol: number;
  /** Below it nothing softens, °C. */
  readonly beginsC: number;
  /** Where a fork or a knife is judged: half-way through the meat, or in the middle of a plant. */
  readonly judgedIn: 'fork' | 'core';
}

/**
 * How far collagen has turned to gelatine, 0 to 1: dX/dt = k(T)·(1 − X) above 55 °C, Arrhenius.
 * Calibrated on kitchen anchors (48 h at 62 °C, 7 h at 80 °C, 3 h at 95 °C), not a published
 * constant: published activation energies scatter from 60 to 170 kJ/mol.
 */
const COLLAGEN: Softening = {
  perHour: 0.3,
  atC: 80,
  activationJPerMol: 95_000,
  beginsC: 55,
  judgedIn: 'fork',
};

/**
 * How far the pectin between a plant's cells has let go, 0 to 1. Activation energy: Huang and
 * Bourne, Kinetics of thermal softening of vegetables, 1983, from memory (90 to 120 kJ/mol); the
 * rate is calibrated on minutes in boiling water, common practice, no source. Below 83 °C it hardly
 * begins.
 */
const PECTIN: Softening = {
  perHour: 13,
  atC: 100,
  activationJPerMol: 105_000,
  beginsC: 83,
  judgedIn: 'core',
};

/** Tender enough to slice, and to pull apart; of a plant: a knife goes in, and it mashes. Our own figures, from the same anchors. */
export const SLICES_AT = 0.65;
export const PULLS_AT = 0.9;

/** The softening of a meat. @param factor below 1 where it takes longer than pork shoulder */
export function collagenOf(factor: number): Softening {
  return { ...COLLAGEN, perHour: factor * COLLAGEN.perHour };
}

/** The softening of a plant. @param factor below 1 where it takes longer than a carrot */
export function pectinOf(factor: number): Softening {
  return { ...PECTIN, perHour: factor * PECTIN.perHour };
}

/** The rate k at a temperature, 1/s. */
export function tenderingPerSecond(
  tempC: number,
  { perHour, atC, activationJPerMol, beginsC }: Softening,
): number {
  if (tempC < beginsC) return 0;
  const inverse = 1 / (tempC + KELVIN_AT_0C) - 1 / (atC + KELVIN_AT_0C);
  return (perHour / 3600) * Math.exp((-activationJPerMol / GAS_CONSTANT) * inverse);
}

/** Hours at one temperature until so much is done. @throws RangeError below where it begins */
export function hoursToTender(
  tempC: number,
  tenderness: number,
  softening: Softening = COLLAGEN,
): number {
  const rate = tenderingPerSecond(tempC, softening);
  if (rate === 0)
    throw new RangeError(
      `it does not soften below ${softening.beginsC} °C. Say a higher temperature.`,
    );
  return -Math.log(1 - tenderness) / rate / 3600;
}
