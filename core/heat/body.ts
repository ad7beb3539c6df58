import table from './bodies.json';

/** The form of a food, by its smallest half-size; widths and lengths are times its thickness. */
export type Form =
  | { readonly kind: 'slab' | 'cylinder' | 'sphere'; readonly halfM: number }
  | { readonly kind: 'brick'; readonly halfM: number; readonly wide: number; readonly long: number }
  | { readonly kind: 'rod'; readonly halfM: number; readonly long: number }
  | { readonly kind: 'disc'; readonly halfM: number; readonly wide: number };

/**
 * A body through which heat goes in one direction: at x the face is as x^(dimension − 1), from the
 * core at 0 to the surface at `halfM`. Slab 1, cylinder 2, sphere 3, and between for what stands
 * in for a brick.
 */
export interface Body {
  readonly dimension: number;
  readonly halfM: number;
}

/** A food on one side of which it is hotter: its own thickness, and the area of its edges over that of its two faces. */
export interface Flat {
  readonly halfM: number;
  readonly edges: number;
}

/** The same form lying on one of its faces. */
export function flatOf(form: Form): Flat {
  const { halfM } = form;
  switch (form.kind) {
    case 'slab':
      return { halfM, edges: 0 };
    case 'brick':
      return { halfM, edges: 1 / form.wide + 1 / form.long };
    case 'disc':
      return { halfM, edges: 2 / form.wide };
    case 'rod':
      return { halfM, edges: 1 + 1 / form.long };
    case 'cylinder':
      return { halfM, edges: 1 };
    case 'sphere':
      return { halfM, edges: 2 };
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
    case 'rod':
      return form.long < 1
        ? bodyOf({ kind: 'disc', halfM: halfM * form.long, wide: 1 / form.long }, biot * form.long)
        : between(RODS, 1 / form.long, 0, biot, halfM);
    case 'disc':
      return between(DISCS, 1 / form.wide, 0, biot, halfM);
  }
}

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
