/**
 * Fits the one-dimensional bodies that stand in for bricks and short cylinders: of which dimension
 * and which half-size, so that the core reaches θ 0.6 and θ 0.2 when the real body's does (product
 * solution). Writes core/heat/bodies.json. Run: npx tsx scripts/heat/fit-bodies.ts
 */
import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { rootBetween } from '../../core/air/root-finding.ts';
import { cylinderCore, slabCore, timeTo } from '../../core/test/series.ts';

/** Thickness over width, and over length. 0: endless. */
const SHARES = [0, 0.2, 0.4, 0.6, 0.8, 1];
const BIOTS = [0.1, 0.3, 1, 3, 10, 30];
/** Beyond this the two times no longer tell dimension from size. */
const MOST_DIMENSION = 3.6;
/** Of the brackets: to a part in a million. */
const HALVINGS = 20;

type Curve = (fourier: number) => number;

/** The core of a brick, a rod (radius 1, so long) or a disc (half height 1, so wide), all by the smallest half-size. */
const BODIES: Record<string, (biot: number, a: number, b: number) => Curve> = {
  brick: (biot, a, b) => {
    const [thick, wide, long] = [slabCore(biot), sideCore(biot, a), sideCore(biot, b)];
    return (fo) => thick(fo) * wide(fo) * long(fo);
  },
  rod: (biot, a) => {
    const [round, long] = [cylinderCore(biot), sideCore(biot, a)];
    return (fo) => round(fo) * long(fo);
  },
  disc: (biot, a) => {
    const thick = slabCore(biot);
    if (a === 0) return thick;
    const round = cylinderCore(biot / a);
    return (fo) => thick(fo) * round(fo * a * a);
  },
};

function sideCore(biot: number, share: number): Curve {
  if (share === 0) return () => 1;
  const core = slabCore(biot / share);
  return (fo) => core(fo * share * share);
}

/** Times at which the core of a body of dimension E and half-size s is at 0.6 and at 0.2. */
function timesOf(dimension: number, half: number, biot: number): [number, number] {
  const cells = 48;
  const dx = half / cells;
  const face = Array.from({ length: cells + 1 }, (_unused, i) => (i * dx) ** (dimension - 1));
  const power = (i: number, n: number) => ((i * dx) ** n - ((i - 1) * dx) ** n) / n;
  const volume = Array.from({ length: cells }, (_unused, i) => power(i + 1, dimension));
  const square = (i: number) => power(i + 1, dimension + 2) / (volume[i] ?? 1);
  const conductance = face.map((area, i) =>
    i === 0 ? 0 : area / (i < cells ? dx : dx / 2 + 1 / biot),
  );
  const dt = (half * half * (0.5 + 1 / (biot * half))) / dimension / 300;
  const at = new Float64Array(cells).fill(1);
  const outward = square(0) / (square(1) - square(0));
  const found: number[] = [];
  let before = 1;
  for (let step = 1; found.length < 2; step++) {
    // The first steps fully implicit, so that the jump at the surface does not ring.
    advance(at, volume, conductance, dt, step < 4 ? 1 : 0.5);
    const core = (at[0] ?? 0) - ((at[1] ?? 0) - (at[0] ?? 0)) * outward;
    for (const value of [0.6, 0.2].slice(found.length)) {
      if (core <= value) found.push(dt * (step - (value - core) / (before - core)));
    }
    before = core;
  }
  return [found[0] ?? NaN, found[1] ?? NaN];
}

/** One step of a θ-scheme against a medium at 0, by elimination. */
function advance(
  at: Float64Array,
  volume: readonly number[],
  conductance: readonly number[],
  dt: number,
  implicit: number,
): void {
  const n = at.length;
  const upper = new Float64Array(n);
  const right = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const [left, out, here] = [conductance[i] ?? 0, conductance[i + 1] ?? 0, at[i] ?? 0];
    const flow = left * ((at[i - 1] ?? 0) - here) + out * ((at[i + 1] ?? 0) - here);
    const store = (volume[i] ?? 0) / dt;
    let diagonal = store + implicit * (left + out);
    let known = store * here + (1 - implicit) * flow;
    if (i > 0) {
      diagonal += implicit * left * (upper[i - 1] ?? 0);
      known += implicit * left * (right[i - 1] ?? 0);
    }
    upper[i] = i < n - 1 ? (-implicit * out) / diagonal : 0;
    right[i] = known / diagonal;
  }
  for (let i = n - 1; i >= 0; i--) at[i] = (right[i] ?? 0) - (upper[i] ?? 0) * (at[i + 1] ?? 0);
}

function fit(curve: Curve, biot: number): [number, number] {
  const [t6, t2] = [timeTo(curve, 0.6), timeTo(curve, 0.2)];
  const halfFor = (dimension: number) =>
    rootBetween((half) => timesOf(dimension, half, biot)[1] - t2, 0.3, 6, HALVINGS);
  const miss = (dimension: number) => timesOf(dimension, halfFor(dimension), biot)[0] - t6;
  const dimension =
    miss(MOST_DIMENSION) < 0
      ? MOST_DIMENSION
      : rootBetween((one) => miss(one), 0.9, MOST_DIMENSION, HALVINGS);
  return [round(dimension), round(halfFor(dimension))];
}

const round = (value: number) => Math.round(value * 1e4) / 1e4;

const rows: Record<string, unknown[]> = { brick: [], rod: [], disc: [] };
for (const [kind, curveOf] of Object.entries(BODIES)) {
  for (const a of SHARES) {
    for (const b of kind === 'brick' ? SHARES.filter((share) => share <= a) : [0]) {
      for (const biot of BIOTS) {
        const [dimension, half] = fit(curveOf(biot, a, b), biot);
        rows[kind]?.push(
          kind === 'brick' ? [a, b, biot, dimension, half] : [a, biot, dimension, half],
        );
      }
    }
    console.log(kind, a);
  }
}
const source =
  'Fitted by scripts/heat/fit-bodies.ts to product solutions (Carslaw and Jaeger 1959, from memory).';
const json = JSON.stringify({ source, shares: SHARES, biots: BIOTS, ...rows });
writeFileSync('core/heat/bodies.json', await format(json, { parser: 'json', printWidth: 100 }));
