import { z } from 'zod';
import file from './cut-dimensions.json';

const mm3 = z.tuple([z.number().positive(), z.number().positive(), z.number().positive()]);

const CutDimensionsSchema = z.strictObject({
  /** The weight of a piece so large, g. */
  atG: z.number().positive(),
  /** The box about the whole piece: thickness, width, length. */
  boxMm: mm3,
  /** The part that is last to be done: the same three. */
  slowestMm: mm3,
  /** Each grows with its power of the weight. */
  growth: z.tuple([z.number().min(0), z.number().min(0), z.number().min(0)]),
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

/** By the id of the cut. */
export const CUT_DIMENSIONS: ReadonlyMap<string, CutDimensions> = new Map(
  Object.entries(z.record(z.string(), CutDimensionsSchema).parse(file.dimensions)),
);
