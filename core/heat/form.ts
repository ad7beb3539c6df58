import { isMince, type Cut, type Prepared } from '../pantry/index.ts';
import type { Form } from './body.ts';
import { dimensionsOf, type CutDimensions } from './cut-dimensions.ts';
import { densityOf } from './composition.ts';
import { compositionOf } from './makeup.ts';

/** One piece of food, as it goes in. */
export interface Piece {
  readonly cut: Cut;
  readonly weightG: number;
  /** What the cook measured; left out, from the cut and the weight. */
  readonly thicknessMm?: number | undefined;
  /** Of a bird: not as it comes. */
  readonly prepared?: Prepared | undefined;
}

/** What lies with its inside on a tray, or over a fire, takes heat by both faces, less by that. Common practice, no source. */
const FLATTENED_FACES = 1.7;

/**
 * The form of a piece by its weight: of the part that is last to be done. A measured thickness wins;
 * what is thinner than usual for its weight is wider and longer.
 *
 * @param frozenShare 0 to 1: what is hollow counts as a block as far as it is frozen
 */
export function formOf(piece: Piece, frozenShare = 0): Form {
  const usual = dimensionsOf(piece.cut);
  if (!usual) return plainForm(piece);
  const flat = piece.prepared === 'flattened' && usual.boxMm !== undefined;
  const dimensions = flat ? { ...usual, faces: FLATTENED_FACES, boxMm: undefined } : usual;
  if (isBall(piece)) return { kind: 'sphere', halfM: ballM(piece) / 2 };
  const thawed = withStuffing(
    measured(slowestOf(dimensions, piece), piece.thicknessMm),
    dimensions,
    piece,
  );
  if (frozenShare <= 0 || !dimensions.boxMm) return sectioned(dimensions, thawed);
  const solid = blockOf(dimensions, dimensions.boxMm, piece);
  const hollow = { ...thawed, thick: (thawed.thick * 2) / dimensions.faces };
  const mixed = (of: keyof Extent) => hollow[of] + frozenShare * (solid[of] - hollow[of]);
  return ellipsoid({ thick: mixed('thick'), wide: mixed('wide'), long: mixed('long') });
}

/** The usual thickness of a piece where it is last to be done, mm. */
export function thicknessMmOf(piece: Piece): number {
  const { cut, thicknessMm } = piece;
  if (thicknessMm !== undefined) return thicknessMm;
  if (isBall(piece)) return 1000 * ballM(piece);
  const dimensions = dimensionsOf(cut);
  return dimensions ? 1000 * slowestOf(dimensions, piece).thick : cut.thicknessMm;
}

/** Of mince so little is rolled into a ball, and more is a patty. Common practice, no source. */
const BALL_MOST_G = 70;

function isBall({ cut, weightG, thicknessMm }: Piece): boolean {
  return isMince(cut) && weightG <= BALL_MOST_G && thicknessMm === undefined;
}

/** Across, m. */
function ballM({ cut, weightG }: Piece): number {
  return Math.cbrt((6 * weightG) / 1000 / densityOf(compositionOf(cut), 5) / Math.PI);
}

/**
 * What lies in a bird is warmed through it: with it the bird warms as one so much thicker. Fitted to
 * the stuffed rows of the FSIS roasting chart (stuffed.test.ts).
 */
const STUFFING_MM = 6;

function withStuffing(extent: Extent, { boxMm }: CutDimensions, { prepared }: Piece): Extent {
  if (prepared !== 'stuffed' || boxMm === undefined) return extent;
  return { ...extent, thick: extent.thick + STUFFING_MM / 1000 };
}

type Millimetres = CutDimensions['slowestMm'];

/** Thickness, width and length, m. */
interface Extent {
  readonly thick: number;
  readonly wide: number;
  readonly long: number;
}

/**
 * The weight of one of what is cut, or grows, in pieces: what weighs far more is several, unless
 * the cook measured it thicker.
 */
function eachG({ pieces, atG, slowestMm }: CutDimensions, piece: Piece): number {
  if (!pieces) return piece.weightG;
  const thicker = Math.max(1, (piece.thicknessMm ?? 0) / slowestMm[0]);
  return Math.min(piece.weightG, LARGE_PIECE_TIMES * atG * thicker ** 2);
}

/** Times its usual weight, a large one. Common practice, no source. */
const LARGE_PIECE_TIMES = 1.25;

function slowestOf(dimensions: CutDimensions, piece: Piece): Extent {
  return grown(dimensions.slowestMm, dimensions, eachG(dimensions, piece));
}

function grown(
  [thick, wide, long]: Millimetres,
  { growth, atG }: CutDimensions,
  weightG: number,
): Extent {
  const times = weightG / atG;
  return {
    thick: (thick / 1000) * times ** growth[0],
    wide: (wide / 1000) * times ** growth[1],
    long: (long / 1000) * times ** growth[2],
  };
}

function measured(usual: Extent, thicknessMm: number | undefined): Extent {
  if (thicknessMm === undefined) return usual;
  const thick = thicknessMm / 1000;
  const stretch = Math.sqrt(usual.thick / thick);
  // A thickness is the least there is of a piece: what would be narrower is shorter instead.
  const wide = Math.max(thick, usual.wide * stretch);
  return { thick, wide, long: (usual.thick * usual.wide * usual.long) / (thick * wide) };
}

/** A hollow piece frozen through: its box, as round as its weight makes it. */
function blockOf(dimensions: CutDimensions, boxMm: Millimetres, { cut, weightG }: Piece): Extent {
  const { thick, wide, long } = grown(boxMm, dimensions, weightG);
  const volume = weightG / 1000 / densityOf(compositionOf(cut), 5);
  const times = Math.cbrt(volume / ((Math.PI / 6) * thick * wide * long));
  return { thick: thick * times, wide: wide * times, long: long * times };
}

function sectioned({ section, faces }: CutDimensions, extent: Extent): Form {
  const thick = (extent.thick * 2) / faces;
  const whole = { ...extent, thick };
  switch (section) {
    case 'flat':
      return brick(whole);
    case 'oval':
      return oval(whole);
    case 'ellipsoid':
      return ellipsoid(whole);
  }
}

function plainForm({ cut, weightG, thicknessMm }: Piece): Form {
  const volume = weightG / 1000 / densityOf(compositionOf(cut), 5);
  const thick = (thicknessMm ?? cut.thicknessMm) / 1000;
  switch (cut.shape) {
    case 'sphere':
      return { kind: 'sphere', halfM: thick / 2 };
    case 'cube':
      return { kind: 'brick', halfM: thick / 2, wide: 1, long: 1 };
    case 'cylinder':
      return oval({ thick, wide: thick, long: volume / ((Math.PI / 4) * thick ** 2) });
    case 'brick':
    case 'slab':
      return brick({ thick, wide: Math.sqrt(volume / thick), long: Math.sqrt(volume / thick) });
  }
}

function brick({ thick, wide, long }: Extent): Form {
  const [least = thick, middle = thick, most = thick] = [thick, wide, long].sort((a, b) => a - b);
  return { kind: 'brick', halfM: least / 2, wide: middle / least, long: most / least };
}

/** Round across, with flat ends; it may be shorter than it is thick. */
function oval({ thick, wide, long }: Extent): Form {
  const [least, most] = [Math.min(thick, wide), Math.max(thick, wide)];
  return { kind: 'oval', halfM: least / 2, wide: most / least, long: long / least };
}

function ellipsoid(extent: Extent): Form {
  const { halfM, wide, long } = { wide: 1, long: 1, ...brick(extent) };
  return { kind: 'ellipsoid', halfM, wide, long };
}
