import { z } from 'zod';
import type { CookSpec } from '../heat/index.ts';
import { CUTS } from '../pantry/index.ts';
import { COOKERS, WRAPS } from '../places/index.ts';

/**
 * What a wireless thermometer of several probes says, one line at a time: documented in
 * docs/station.md. `coreC` is null where the probe gives no signal.
 */
export const StationReadingSchema = z.object({
  probe: z.string(),
  /** Minutes since the probe was put in. */
  minute: z.number(),
  coreC: z.number().nullable(),
  cookerC: z.number().optional(),
  /** Shares, 0 to 1. */
  battery: z.number().min(0).max(1),
  signal: z.number().min(0).max(1),
});
export type StationReading = z.infer<typeof StationReadingSchema>;

const celsius = z.number().min(-40).max(500);
const EndSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('minutes'), minutes: z.number().positive().max(20_000) }),
  z.object({ kind: z.literal('core'), coreC: celsius }),
  z.object({ kind: z.literal('tender'), tenderness: z.number().min(0).max(1) }),
  z.object({ kind: z.literal('surface'), surfaceC: celsius }),
  z.object({ kind: z.literal('peak') }),
]);

/** What the simulated station is told a probe is put into: it cooks it, a little otherwise. */
export const ProbedSchema = z.object({
  cut: z.string().refine((id) => CUTS.has(id), { message: 'is no cut of the pantry' }),
  weightG: z.number().positive().max(40_000),
  thicknessMm: z.number().positive().max(500).optional(),
  startC: celsius,
  /** Minutes of the cook that are over already. */
  fromMinute: z.number().min(0).max(20_000),
  stages: z
    .array(
      z.object({
        cooker: z.enum(COOKERS),
        tempC: celsius.optional(),
        wrap: z.enum(WRAPS).optional(),
        turnEveryMin: z.number().positive().optional(),
        end: EndSchema,
      }),
    )
    .min(1)
    .max(12),
  conditions: z.object({
    altitudeM: z.number().min(-430).max(6000),
    roomC: celsius,
    outdoorC: celsius,
    windMPerS: z.number().min(0).max(60),
  }),
  /** How many times as fast as the clock on the wall. */
  speed: z.number().positive().max(3600),
});
export type Probed = z.infer<typeof ProbedSchema>;

/** A cook of the pantry's own cuts, as the station is told of it; undefined for a cut of one's own. */
export function probedOf(spec: CookSpec, fromMinute: number, speed: number): Probed | undefined {
  const { cut, weightG, thicknessMm } = spec.piece;
  if (!CUTS.has(cut.id)) return undefined;
  const { altitudeM, roomC, outdoorC, windMPerS } = spec.conditions;
  return {
    cut: cut.id,
    weightG,
    ...(thicknessMm !== undefined && { thicknessMm }),
    startC: spec.startC,
    fromMinute,
    stages: spec.stages.map(({ cooker, tempC, wrap, turnEveryMin, end }) => ({
      cooker,
      ...(tempC !== undefined && { tempC }),
      ...(wrap !== undefined && { wrap }),
      ...(turnEveryMin !== undefined && { turnEveryMin }),
      end,
    })),
    conditions: { altitudeM, roomC, outdoorC, windMPerS },
    speed,
  };
}

/** And back: what it cooks. @throws RangeError for a cut that is none */
export function specOfProbed(probed: Probed): CookSpec {
  const { cut, weightG, thicknessMm, startC, stages, conditions } = probed;
  const found = CUTS.get(cut);
  if (!found) throw new RangeError(`“${cut}” is no cut of the pantry`);
  return { piece: { cut: found, weightG, thicknessMm }, startC, stages, conditions };
}
