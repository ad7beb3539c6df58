import type { Body } from './body.ts';

/**
 * A body cut into cells: from its core to its surface, or, where its two faces are in different
 * surroundings, from one face to the other. Areas and volumes are in units of the body's own.
 */
export interface Cells {
  readonly body: Body;
  readonly twoFaced: boolean;
  readonly dx: number;
  /** One more than there are cells, from the core or the inner face outward. */
  readonly faceArea: Float64Array;
  readonly volume: Float64Array;
  /** Of each face, over the way from one cell's middle to the next. */
  readonly areaPerDx: Float64Array;
  /** One over the volume of each cell. */
  readonly perVolume: Float64Array;
  readonly whole: number;
  /** How far the core lies inward of the first cell's mean, in steps from it to the second. */
  readonly coreWeight: number;
}

/** @param count of cells, at least 2 */
export function cellsOf(body: Body, twoFaced: boolean, count: number): Cells {
  const dimension = twoFaced ? 1 : body.dimension;
  const dx = ((twoFaced ? 2 : 1) * body.halfM) / count;
  const x = (i: number) => i * dx;
  const moment = (i: number, n: number) => (x(i + 1) ** n - x(i) ** n) / n;
  const volume = Float64Array.from({ length: count }, (_unused, i) => moment(i, dimension));
  // A cell's mean lies where x² is its own mean: the core is a little further in than the first.
  const square = (i: number) => moment(i, dimension + 2) / (volume[i] ?? 1);
  const faceArea = Float64Array.from({ length: count + 1 }, (_unused, i) =>
    i === 0 ? (twoFaced ? 1 : 0) : x(i) ** (dimension - 1),
  );
  return {
    body,
    twoFaced,
    dx,
    faceArea,
    volume,
    areaPerDx: faceArea.map((area) => area / dx),
    perVolume: volume.map((one) => 1 / one),
    whole: volume.reduce((sum, one) => sum + one, 0),
    coreWeight: twoFaced ? 0 : square(0) / (square(1) - square(0)),
  };
}

/** The temperature at the core of what the cells hold. */
export function coreOf({ twoFaced, coreWeight }: Cells, tempC: Float64Array): number {
  if (twoFaced) {
    const middle = tempC.length >> 1;
    return tempC.length % 2 === 1
      ? (tempC[middle] as number)
      : ((tempC[middle - 1] as number) + (tempC[middle] as number)) / 2;
  }
  const [first, second] = [tempC[0] as number, tempC[1] as number];
  return first - (second - first) * coreWeight;
}

/** The cell within which so much of the mass lies, from the core outward. */
export function cellWithin({ twoFaced, body }: Cells, count: number, massShare: number): number {
  if (twoFaced) return Math.min(count - 1, Math.floor((count * (1 + massShare)) / 2));
  return Math.min(count - 1, Math.floor(count * massShare ** (1 / body.dimension)));
}

/**
 * The same food in another body's cells: what lay so far from the core by the mass within stays so
 * far. The whole keeps what it holds. Moves any number of values, one of each cell.
 */
export function mover(from: Cells, to: Cells): (values: Float64Array) => Float64Array {
  const source = ringsOf(from, from.volume.length);
  const target = ringsOf(to, to.volume.length);
  return (values) => {
    const result = new Float64Array(target.length);
    target.forEach(({ within, upTo }, j) => {
      let sum = 0;
      let mass = 0;
      for (let i = 0; i < source.length; i++) {
        const ring = source[i] as Ring;
        const shared = Math.min(ring.upTo, upTo) - Math.max(ring.within, within);
        if (shared <= 0) continue;
        sum += ring.sides * shared * (values[i] as number);
        mass += ring.sides * shared;
      }
      result[j] = mass > 0 ? sum / mass : 0;
    });
    return result;
  };
}

/** Where a cell lies by the mass: so much lies further in, up to so much; on how many sides of the core. */
interface Ring {
  readonly within: number;
  readonly upTo: number;
  readonly sides: number;
}

function ringsOf(cells: Cells, count: number): Ring[] {
  return Array.from({ length: count }, (_unused, i) => {
    if (!cells.twoFaced) {
      const at = (j: number) => (j / count) ** cells.body.dimension;
      return { within: at(i), upTo: at(i + 1), sides: 1 };
    }
    const [a, b] = [Math.abs(2 * i - count) / count, Math.abs(2 * (i + 1) - count) / count];
    // The middle cell of an odd number lies on both sides of the core.
    if (a === b) return { within: 0, upTo: a, sides: 2 };
    return { within: Math.min(a, b), upTo: Math.max(a, b), sides: 1 };
  });
}
