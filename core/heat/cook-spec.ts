import { boundaryConditionsOf } from './boundary-conditions.ts';
import {
  environmentNamed,
  cooks,
  FITTED,
  type Coefficients,
  type Conditions,
  type Cooker,
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
import { preparedPiece, type Piece } from './piece.ts';

/** A cook as one thinks of it: a piece, how cold it begins, and its stages. */
export interface CookSpec {
  readonly piece: Piece;
  readonly startC: number;
  readonly stages: readonly StageSpec[];
  readonly conditions: Conditions;
  /** Other coefficients than the fitted ones: for the fit itself. */
  readonly coefficients?: Coefficients | undefined;
  /** What this kitchen has taught: by cooker, how much hotter it runs than it says, °C. */
  readonly offsetC?: Readonly<Partial<Record<Cooker, number>>> | undefined;
}

export interface StageSpec {
  readonly cooker: Cooker;
  readonly tempC?: number | undefined;
  readonly wrap?: Wrap | undefined;
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
  const longest = longestStage(spec);
  const food = preparedPiece(spec.piece, spec.startC + variation.startC, longest, spec.conditions);
  const { surface } = spec.coefficients ?? FITTED;
  const varied = {
    ...food,
    body: { ...food.body, halfM: food.body.halfM * variation.thickness },
    flat: { ...food.flat, halfM: food.flat.halfM * variation.thickness },
    surface: { ...surface, permeance: surface.permeance * variation.moisture },
  };
  const stages = spec.stages.map((stage) => stageOf(stage, spec, variation));
  return cook(varied, stages, { cells: INTERACTIVE_CELLS, everyMin: 5, ...options });
}

/** The stage that matters most for how heat comes in: the last that cooks. */
function longestStage({ stages }: CookSpec): StageSpec {
  const found = stages.findLast(({ cooker }) => cooks(cooker)) ?? stages[0];
  if (!found) throw new RangeError('a cook needs a stage');
  return found;
}

function stageOf(stage: StageSpec, spec: CookSpec, { offset }: Variation): Stage {
  const { cooker, tempC, wrap, turnEveryMin, end } = stage;
  const { offsetSdC } = environmentNamed(cooker);
  const runsHotC = (spec.offsetC?.[cooker] ?? 0) + offset * offsetSdC;
  const boundary = boundaryConditionsOf(cooker, tempC, wrap, spec.conditions, spec.coefficients);
  const around = { ...boundary.around, airC: boundary.around.airC + runsHotC };
  return {
    around,
    ...(boundary.under && { under: boundary.under }),
    ...(turnEveryMin !== undefined && { turnEveryMin }),
    end,
  };
}
