import { BALL_TOUCHES_SHARE, USUAL_TURN_MIN } from '../figures/index.ts';
import { boundaryConditionsOf } from './boundary-conditions.ts';
import {
  environmentNamed,
  cooks,
  FITTED,
  type BoundaryConditions,
  type Coefficients,
  type Conditions,
  type Cooker,
  type Surroundings,
  type Wrap,
} from '../places/index.ts';
import {
  cook,
  INTERACTIVE_CELLS,
  type Cook,
  type CookOptions,
  type End,
  type Stage,
} from './cook.ts';
import { CHART_FACTORS } from './charts/chart-factors.ts';
import { bodyOf, flatBodyOf, type Body, type Form } from './body.ts';
import type { Piece } from './form.ts';
import { atRest, inAir } from './form-in-air.ts';
import { propertiesOfCut, softeningOf } from './makeup.ts';
import { bodyIn, startingForm, type PreparedPiece } from './prepared-piece.ts';
import { boilingCAt } from '../air/index.ts';

/** A cook as one thinks of it: a piece, how cold it begins, and its stages. */
export interface CookSpec {
  readonly piece: Piece;
  readonly startC: number;
  readonly stages: readonly StageSpec[];
  readonly conditions: Conditions;
  /** Other coefficients than the fitted ones: for the fit itself. */
  readonly coefficients?: Coefficients | undefined;
  /** Other factors of charted cuts than the fitted ones: for the fit itself. */
  readonly chartFactors?: ReadonlyMap<string, number> | undefined;
  /** What this kitchen has taught: by cooker, how much hotter it runs than it says, °C. */
  readonly offsetC?: Readonly<Partial<Record<Cooker, number>>> | undefined;
  /** How surely that is known: its standard deviation by cooker, °C. */
  readonly offsetSdC?: Readonly<Partial<Record<Cooker, number>>> | undefined;
}

export interface StageSpec {
  readonly cooker: Cooker;
  readonly tempC?: number | undefined;
  readonly wrap?: Wrap | undefined;
  /** What lies in a pan or over coals is turned so often; left out, as cooks usually do. */
  readonly turnEveryMin?: number | undefined;
  readonly end: End;
}

/** One way in which a cook may turn out other than likely. */
export interface Variation {
  /** Times the thickness. */
  readonly thickness: number;
  /** Standard deviations by which the cooker is hotter than it says. */
  readonly offset: number;
  /** Times what a wet surface lets through. */
  readonly moisture: number;
  /** °C warmer at the beginning. */
  readonly startC: number;
}

export const NOMINAL: Variation = { thickness: 1, offset: 0, moisture: 1, startC: 0 };

/** Cooks a spec once. @throws RangeError for a cook without stages */
export function cookOnce(
  spec: CookSpec,
  variation: Variation = NOMINAL,
  options: Partial<CookOptions> = {},
): Cook {
  if (spec.stages.length === 0) throw new RangeError('a cook needs a stage');
  const form = startingForm(spec.piece, spec.startC);
  const { surface } = spec.coefficients ?? FITTED;
  const food: PreparedPiece = {
    body: bodyOf(form, 1),
    properties: propertiesOfCut(spec.piece.cut),
    surface: { ...surface, permeance: surface.permeance * variation.moisture },
    boilingC: boilingCAt(spec.conditions.altitudeM),
    weightG: spec.piece.weightG,
    startC: spec.startC + variation.startC,
    softening: softeningOf(spec.piece.cut),
  };
  const stages = spec.stages.map((stage) => stageOf(stage, spec, variation, form));
  return cook(food, stages, { cells: INTERACTIVE_CELLS, everyMin: 5, ...options });
}

/** What charts say of a cut beyond its dimensions, times its thickness. */
function chartFactorOf({ piece, chartFactors = CHART_FACTORS }: CookSpec): number {
  return chartFactors.get(piece.cut.id) ?? 1;
}

/** A stage with what the piece meets in it, and the body that stands for it there. */
function stageOf(
  stage: StageSpec,
  spec: CookSpec,
  { offset, thickness }: Variation,
  form: Form,
): Stage {
  const { cooker, tempC, wrap, turnEveryMin, end } = stage;
  const { offsetSdC, twoSided } = environmentNamed(cooker);
  const runsHotC = (spec.offsetC?.[cooker] ?? 0) + offset * offsetSdC;
  const faces = boundaryConditionsOf(cooker, tempC, wrap, spec.conditions, spec.coefficients);
  // A ball is rolled about: it has no side that lies down.
  const met = faces.under && form.kind === 'sphere' ? rolledIn(faces.around, faces.under) : faces;
  const turns = turnEveryMin ?? (twoSided ? USUAL_TURN_MIN : undefined);
  const times = thickness * chartFactorOf(spec);
  const bodyAt = (coreC: number): Body => {
    const now = startingForm(spec.piece, coreC);
    const { halfM, dimension } = met.under ? flatBodyOf(now) : bodyIn(now, stage, spec.conditions);
    return { dimension, halfM: halfM * times };
  };
  const air = inAir(form, hotterBy(runsHotC, met.around));
  return {
    around: cooks(cooker) ? air : atRest(form, bodyIn(form, stage, spec.conditions), air),
    bodyAt,
    ...(met.under && { under: inAir(form, met.under) }),
    ...(turns !== undefined && met.under && { turnEveryMin: turns }),
    end,
  };
}

/** Rolled about, each part of its surface is for a share of the time on the hot side. */
function rolledIn(hot: Surroundings, other: Surroundings): BoundaryConditions {
  const share = BALL_TOUCHES_SHARE;
  const onPan = share * hot.convection;
  const inRoom = (1 - share) * other.convection;
  const airC = (onPan * hot.airC + inRoom * other.airC) / (onPan + inRoom);
  return { around: { ...hot, airC, convection: onPan + inRoom } };
}

/** A fire that runs hotter than it says: its air, and its coals with it. */
function hotterBy(moreC: number, around: Surroundings): Surroundings {
  const { airC, wallC } = around;
  return {
    ...around,
    airC: airC + moreC,
    ...(wallC !== undefined && { wallC: wallC + moreC }),
  };
}
