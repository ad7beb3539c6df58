import table from './bodies.json';

/** The form of a food, by its smallest half-size; widths and lengths are times its thickness. */
export type Form =
  | { readonly kind: 'slab' | 'cylinder' | 'sphere'; readonly halfM: number }
  | Sided<'brick'>
  /** Of a round section, with flat ends. */
  | Sided<'oval'>
  /** Round all over. */
  | Sided<'ellipsoid'>
  | { readonly kind: 'rod'; readonly halfM: number; readonly long: number }
  | { readonly kind: 'disc'; readonly halfM: number; readonly wide: number };

interface Sided<Kind extends string> {
  readonly kind: Kind;
  readonly halfM: number;
  readonly wide: number;
  readonly long: number;
}

/**
 * A body through which heat goes in one direction: at x the face is as x^(dimension − 1), from the
 * core at 0 to the surface at `halfM`. Slab 1, cylinder 2, sphere 3, and between for what stands
 * in for a brick.
 */
export interface Body {
  readonly dimension: number;
  readonly halfM: number;
}

/**
 * The same form lying on one of its faces, on one side of which it is hotter: its own thickness. Hot
 * fat and steam come to its sides as well, by a third as much (our own figure, confidence 0.4).
 */
export function flatBodyOf(form: Form): Body {
  if (!('wide' in form && 'long' in form)) return { dimension: 1, halfM: form.halfM };
  const { halfM, wide, long } = form;
  const [least, middle, most] = sorted(halfM, wide, long);
  const sides = 1 + SIDES_COUNT * ((least / middle) ** 2 + (least / most) ** 2);
  return { dimension: 1, halfM: (least * fastRoundness(form)) / Math.sqrt(sides) };
}

const SIDES_COUNT = 0.3;

/** The area of its edges over that of its two faces. */
export function edgesOf(form: Form): number {
  switch (form.kind) {
    case 'slab':
      return 0;
    case 'brick':
    case 'oval':
    case 'ellipsoid':
      return 1 / form.wide + 1 / form.long;
    case 'disc':
      return 2 / form.wide;
    case 'rod':
      return 1 + 1 / form.long;
    case 'cylinder':
      return 1;
    case 'sphere':
      return 2;
  }
}

const SHARES: readonly number[] = table.shares;
const BIOTS: readonly number[] = table.biots;
/** [dimension, half-size over the smallest half-size] at each grid point. */
const BRICKS = gridOf(table.brick.map(([a, b, biot, ...body]) => [key(a, b, biot), body]));
const RODS = gridOf(table.rod.map(([a, biot, ...body]) => [key(a, 0, biot), body]));
const DISCS = gridOf(table.disc.map(([a, biot, ...body]) => [key(a, 0, biot), body]));

/**
 * The one-dimensional body whose core warms as the form's does, where the surface takes heat
 * alike. Fitted to product solutions by scripts/heat/fit-bodies.ts; between its grid points by
 * interpolation.
 *
 * @param biot h·halfM/k of the cook
 */
export function bodyOf(form: Form, biot: number): Body {
  const { halfM } = form;
  switch (form.kind) {
    case 'slab':
      return { dimension: 1, halfM };
    case 'cylinder':
      return { dimension: 2, halfM };
    case 'sphere':
      return { dimension: 3, halfM };
    case 'brick': {
      const [a, b] = [1 / form.wide, 1 / form.long];
      return between(BRICKS, Math.max(a, b), Math.min(a, b), biot, halfM);
    }
    case 'oval':
    case 'ellipsoid': {
      const times = roundness(form, biot);
      const [least, middle, most] = sorted(halfM * times, form.wide, form.long);
      const brick = {
        kind: 'brick',
        halfM: least,
        wide: middle / least,
        long: most / least,
      } as const;
      return bodyOf(brick, (biot * least) / halfM);
    }
    case 'rod':
      return form.long < 1
        ? bodyOf({ kind: 'disc', halfM: halfM * form.long, wide: 1 / form.long }, biot * form.long)
        : between(RODS, 1 / form.long, 0, biot, halfM);
    case 'disc':
      return between(DISCS, 1 / form.wide, 0, biot, halfM);
  }
}

/** Half-sizes of a body from the least to the greatest, m: a short round one is a slice. */
function sorted(halfM: number, wide: number, long: number): [number, number, number] {
  const [least = halfM, middle = halfM, most = halfM] = [halfM, halfM * wide, halfM * long].sort(
    (a, b) => a - b,
  );
  return [least, middle, most];
}

type AnySided = Sided<'brick'> | Sided<'oval'> | Sided<'ellipsoid'>;

/**
 * How much smaller a brick of the same proportions is that warms as fast as a body round across or
 * round all over. Where heat comes in slowly it goes by volume over surface, where it comes fast by
 * how fast the core follows; between them by the Biot number (our own interpolation).
 */
function roundness(form: AnySided, biot: number): number {
  const fast = fastRoundness(form);
  const slow = slowRoundness(form);
  return slow + ((fast - slow) * biot) / (1 + biot);
}

/**
 * By the slowest mode of decay with the surface held: π²/4 for each pair of flat faces over their
 * half-distance squared. An ellipse's lies between that of a slab whose thickness falls off on
 * either side, π²/4 + π/2·r, and the circle's 5.783; a sphere's is π².
 */
function fastRoundness({ kind, wide, long }: AnySided): number {
  const [r, q] = [1 / wide, 1 / long];
  const brick = FLAT_MODE * (1 + r * r + q * q);
  if (kind === 'brick') return 1;
  const across = FLAT_MODE + (Math.PI / 2) * r + ROUND_SQUARE * r * r;
  if (kind === 'oval') return Math.sqrt(brick / (across + FLAT_MODE * q * q));
  const along = (Math.PI / 2) * q + ROUND_SQUARE * q * q + SPHERE_CROSS * r * q;
  return Math.sqrt(brick / (across + along));
}

/** Volume over surface of a form, m. */
export function volumeOverSurfaceM(form: Form): number {
  if (!('wide' in form && 'long' in form)) return form.halfM / (1 + edgesOf(form));
  return (form.halfM * slowRoundness(form)) / (1 + edgesOf(form));
}

/** Volume over surface against a brick's of the same half-sizes; the surface of an ellipsoid by Thomsen (2004). */
function slowRoundness({ kind, wide, long }: AnySided): number {
  const brick = 1 / (1 + 1 / wide + 1 / long);
  if (kind === 'brick') return 1;
  if (kind === 'oval') {
    // The way round an ellipse by Ramanujan (1914).
    const around = Math.PI * (3 * (1 + wide) - Math.sqrt((3 + wide) * (1 + 3 * wide)));
    return 1 / (around / (Math.PI * wide) + 1 / long) / brick;
  }
  const p = 1.6075;
  const faces = (wide ** p + long ** p + (wide * long) ** p) / 3;
  return (wide * long) / (3 * faces ** (1 / p)) / brick;
}

const FLAT_MODE = Math.PI ** 2 / 4;
/** So that a circle comes to 5.783, the square of the first root of J0. */
const ROUND_SQUARE = 5.783 - FLAT_MODE - Math.PI / 2;
/** So that a sphere comes to π². */
const SPHERE_CROSS = Math.PI ** 2 - FLAT_MODE - Math.PI - 2 * ROUND_SQUARE;

type Grid = ReadonlyMap<string, readonly [number, number]>;

function between(grid: Grid, a: number, b: number, biot: number, halfM: number): Body {
  const [a0, a1, fa] = around(SHARES, a, (one) => one);
  const [b0, b1, fb] = around(SHARES, b, (one) => one);
  const [h0, h1, fh] = around(BIOTS, biot, Math.log);
  let dimension = 0;
  let half = 0;
  for (const [x, wx] of [
    [a0, 1 - fa],
    [a1, fa],
  ] as const) {
    for (const [y, wy] of [
      [b0, 1 - fb],
      [b1, fb],
    ] as const) {
      for (const [h, wh] of [
        [h0, 1 - fh],
        [h1, fh],
      ] as const) {
        const weight = wx * wy * wh;
        if (weight === 0) continue;
        const at = grid.get(key(Math.max(x, y), Math.min(x, y), h));
        if (!at) throw new RangeError(`no body for shares ${x}, ${y}`);
        dimension += weight * at[0];
        half += weight * at[1];
      }
    }
  }
  return { dimension, halfM: half * halfM };
}

/** The two grid points about a value, and how far it lies between them; ends hold beyond them. */
function around(
  grid: readonly number[],
  value: number,
  scale: (one: number) => number,
): [number, number, number] {
  const [first, last] = [grid[0] ?? 0, grid.at(-1) ?? 0];
  const at = Math.min(Math.max(value, first), last);
  let i = 0;
  while (i < grid.length - 2 && (grid[i + 1] ?? 0) < at) i++;
  const [low, high] = [grid[i] ?? 0, grid[i + 1] ?? 0];
  return [low, high, (scale(at) - scale(low)) / (scale(high) - scale(low))];
}

function key(a = 0, b = 0, biot = 0): string {
  return `${a} ${b} ${biot}`;
}

function gridOf(rows: ReadonlyArray<readonly [string, readonly number[]]>): Grid {
  return new Map(rows.map(([at, [dimension = NaN, half = NaN]]) => [at, [dimension, half]]));
}
