import { GAS_CONSTANT, KELVIN_AT_0C } from '../figures/index.ts';
import type { Cut, Shape } from '../pantry/index.ts';

/**
 * Salt moving into meat, as Fickian diffusion.
 *
 * D of salt in meat is 2.2e-10 m²/s at 5 °C, with an activation energy of 22 kJ/mol; spread
 * between studies 1.2 to 5e-10. Source: meat-curing diffusion studies, from memory.
 */
const D_AT_5C_M2S = 2.2e-10;
const ACTIVATION_J_MOL = 22_000;

/** Diffusivity of salt in meat, m²/s, at a temperature in °C. */
export function saltDiffusivity(tempC: number): number {
  const inverse = 1 / (tempC + KELVIN_AT_0C) - 1 / (5 + KELVIN_AT_0C);
  return D_AT_5C_M2S * Math.exp((-ACTIVATION_J_MOL / GAS_CONSTANT) * inverse);
}

/** How deep the salt front (c/c0 = erfc(1) = 0.157) is after so many minutes, in mm. */
export function saltFrontMm(minutes: number, tempC = 4): number {
  return 2 * Math.sqrt(saltDiffusivity(tempC) * minutes * 60) * 1000;
}

/** Minutes until the salt front is so many mm deep. */
export function minutesToFront(depthMm: number, tempC = 4): number {
  return (depthMm / 1000) ** 2 / (4 * saltDiffusivity(tempC)) / 60;
}

/** A body as salt sees it: a shape and half its thickness. */
export interface SaltBody {
  readonly shape: Shape;
  readonly thicknessMm: number;
}

/** A cut as salt meets it: what is hollow is walls, brined from both sides. */
export function saltBodyOf(
  cut: Pick<Cut, 'shape' | 'meatMm'> & { thicknessMm?: number },
): SaltBody {
  const hollow = cut.thicknessMm !== undefined && cut.meatMm < cut.thicknessMm;
  return { shape: hollow ? 'slab' : cut.shape, thicknessMm: cut.meatMm };
}

/** The one-dimensional body whose series stands for a shape. */
const SERIES: Readonly<Record<Shape, 'slab' | 'cylinder' | 'sphere'>> = {
  slab: 'slab',
  brick: 'slab',
  cylinder: 'cylinder',
  cube: 'sphere',
  sphere: 'sphere',
};

/** The first zeros of the Bessel function J0. Source: Abramowitz and Stegun, table 9.5. */
const J0_ZEROS = [2.404826, 5.520078, 8.653728, 11.791534, 14.930918, 18.071064, 21.211637];

/**
 * Share of the final uptake reached, 0 to 1, after so many minutes.
 *
 * Crank, The Mathematics of Diffusion, equations 4.18, 5.23 and 6.20 (slab, cylinder, sphere
 * with a constant surface concentration); below Fo 0.02 the short-time form (2/L)√(Dt/π) times
 * surface over volume.
 */
export function saltUptake(body: SaltBody, minutes: number, tempC = 4): number {
  if (minutes <= 0) return 0;
  const radiusM = body.thicknessMm / 2000;
  const fourier = (saltDiffusivity(tempC) * minutes * 60) / radiusM ** 2;
  const kind = SERIES[body.shape];
  if (fourier < 0.02) return shortTime(kind, fourier);
  return Math.min(1, 1 - remaining(kind, fourier));
}

function shortTime(kind: 'slab' | 'cylinder' | 'sphere', fourier: number): number {
  const slab = 2 * Math.sqrt(fourier / Math.PI);
  if (kind === 'slab') return slab;
  return kind === 'cylinder' ? 2 * slab - fourier : 3 * slab - 3 * fourier;
}

function remaining(kind: 'slab' | 'cylinder' | 'sphere', fourier: number): number {
  if (kind === 'cylinder')
    return J0_ZEROS.reduce((sum, q) => sum + (4 / q ** 2) * Math.exp(-(q ** 2) * fourier), 0);
  let sum = 0;
  for (let n = 0; n < 30; n++) {
    const m = kind === 'slab' ? ((2 * n + 1) * Math.PI) / 2 : (n + 1) * Math.PI;
    sum += ((kind === 'slab' ? 2 : 6) / m ** 2) * Math.exp(-(m ** 2) * fourier);
  }
  return sum;
}

/**
 * Minutes until so much of the final uptake is reached (bisection; the uptake only grows).
 *
 * @param share 0 to below 1
 */
export function minutesToUptake(body: SaltBody, share: number, tempC = 4): number {
  if (share <= 0) return 0;
  let low = 0;
  let high = 1;
  while (saltUptake(body, high, tempC) < share && high < 1e7) high *= 2;
  for (let i = 0; i < 50; i++) {
    const mid = (low + high) / 2;
    if (saltUptake(body, mid, tempC) < share) low = mid;
    else high = mid;
  }
  return high;
}
