import { z } from 'zod';
import type { Cut } from '../pantry/index.ts';
import { dimensions } from './cut-dimensions.json';

const mm3 = z.tuple([z.number().positive(), z.number().positive(), z.number().positive()]);

const power = z.number().min(0);

const CutDimensionsSchema = z.strictObject({
  /** The weight of a piece so large, g. */
  atG: z.number().positive(),
  /** The part that is last to be done: thickness, width, length. */
  slowestMm: mm3,
  /** Of a hollow bird, the box about the whole of it: the same three. */
  boxMm: mm3.optional(),
  /** Each grows with its power of the weight. */
  growth: z.tuple([power, power, power]).default([1 / 3, 1 / 3, 1 / 3]),
  /** Of that part: with corners, round across, or round all over. */
  section: z.enum(['flat', 'oval', 'ellipsoid']),
  /** Heat comes in by both faces; by less than two where one lies over a cavity. */
  faces: z.number().min(1).max(2).default(2),
  /** What weighs far more is several of it. */
  pieces: z.boolean().default(false),
});

/**
 * How large a raw cut is, as a butcher measures it. From memory of anatomy and trade practice; what
 * each rests on, and how sure it is, stands beside it in `cut-dimensions.json`.
 */
export type CutDimensions = z.infer<typeof CutDimensionsSchema>;

const CUT_DIMENSIONS: ReadonlyMap<string, CutDimensions> = new Map(
  Object.entries(z.record(z.string(), CutDimensionsSchema).parse(dimensions)),
);

/** How large a cut is; undefined for one nobody measured. */
export function dimensionsOf({ sizedAs }: Pick<Cut, 'sizedAs'>): CutDimensions | undefined {
  return sizedAs === undefined ? undefined : CUT_DIMENSIONS.get(sizedAs);
}

/** A whole bird, or its breast on the bone: hollow inside. */
export function isHollow(cut: Pick<Cut, 'sizedAs'>): boolean {
  return dimensionsOf(cut)?.boxMm !== undefined;
}

/** A joint for a table, where a cut has no usual piece. Common practice, no source. */
const JOINT_G = 1200;

/** What one piece of a cut usually weighs, g. */
export function usualG(cut: Pick<Cut, 'sizedAs' | 'pieceG'>): number {
  return cut.pieceG ?? dimensionsOf(cut)?.atG ?? JOINT_G;
}
