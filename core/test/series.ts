import { rootBetween } from '../air/root-finding.ts';

/**
 * Exact solutions of warming in a medium of one temperature, as series: for a slab, and by
 * products of slabs and cylinders for bricks and short cylinders. θ = (T − T∞)/(T0 − T∞).
 * Source: Carslaw and Jaeger, Conduction of Heat in Solids, 1959, from memory.
 */

const TERMS = 40;

/** θ at the core of a slab by Fourier number, for one Biot number. */
export function slabCore(biot: number): (fourier: number) => number {
  const roots = Array.from({ length: TERMS }, (_unused, i) =>
    rootBetween((mu) => mu * Math.sin(mu) - biot * Math.cos(mu), i * Math.PI, (i + 0.5) * Math.PI),
  );
  const weights = roots.map((mu) => (4 * Math.sin(mu)) / (2 * mu + Math.sin(2 * mu)));
  return sumOf(roots, weights);
}

/** θ at the core of a long cylinder. */
export function cylinderCore(biot: number): (fourier: number) => number {
  const condition = (mu: number) => mu * bessel(1, mu) - biot * bessel(0, mu);
  const roots: number[] = [];
  for (let mu = 1e-6; roots.length < TERMS; mu += 0.05) {
    if (condition(mu) < 0 === condition(mu + 0.05) < 0) continue;
    roots.push(rootBetween(condition, mu, mu + 0.05));
  }
  const weights = roots.map((mu) => {
    const [j0, j1] = [bessel(0, mu), bessel(1, mu)];
    return ((2 / mu) * j1) / (j0 * j0 + j1 * j1);
  });
  return sumOf(roots, weights);
}

/** The first moment at which a falling curve is down at a value. */
export function timeTo(curve: (time: number) => number, value: number): number {
  let high = 1e-3;
  while (curve(high) > value) high *= 2;
  return rootBetween((time) => value - curve(time), 0, high);
}

function sumOf(roots: readonly number[], weights: readonly number[]): (fourier: number) => number {
  return (fourier) => {
    // The series needs many terms before heat has come in at all.
    if (fourier < 2e-3) return 1;
    let sum = 0;
    for (let i = 0; i < roots.length; i++) {
      const mu = roots[i] ?? 0;
      sum += (weights[i] ?? 0) * Math.exp(-mu * mu * fourier);
    }
    return sum;
  };
}

/** J₀ and J₁ by their integral. */
function bessel(order: 0 | 1, x: number): number {
  const steps = 400;
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const angle = ((i + 0.5) / steps) * Math.PI;
    sum += Math.cos(order * angle - x * Math.sin(angle));
  }
  return sum / steps;
}
