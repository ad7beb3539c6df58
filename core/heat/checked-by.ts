import { cooks, environmentNamed } from '../places/index.ts';
import { CHART_FACTORS } from './charts/chart-factors.ts';
import type { CookSpec } from './cook-spec.ts';

/** What a forecast rests on: how much of it has been checked or measured. */
export interface CheckedBy {
  /** Its least checked fire: calibrated in this kitchen, fitted to printed charts, or by a handbook's figures. */
  readonly fire: 'calibrated' | 'fitted' | 'handbook';
  /** Whether a printed chart has the cut. */
  readonly cut: 'charted' | 'uncharted';
  readonly thickness: 'measured' | 'usual';
}

/** How far off a forecast may be, as standard deviations. */
export interface Spread {
  /** What the model itself is off by: of the logarithm of the minutes. */
  readonly modelLog: number;
  /** Of the logarithm of the thickness. */
  readonly thicknessLog: number;
  /** Times what one such cooker in three is off. */
  readonly offsetTimes: number;
}

export function checkedByOf({ piece, stages, offsetC }: CookSpec): CheckedBy {
  const fires = stages.map(({ cooker }) => cooker).filter((cooker) => cooks(cooker));
  const checked =
    fires.length > 0 && fires.every((one) => environmentNamed(one).basis === 'fitted');
  const calibrated = checked && fires.every((one) => offsetC?.[one] !== undefined);
  return {
    fire: calibrated ? 'calibrated' : checked ? 'fitted' : 'handbook',
    cut: CHART_FACTORS.has(piece.cut.id) ? 'charted' : 'uncharted',
    thickness: piece.thicknessMm === undefined ? 'usual' : 'measured',
  };
}

/**
 * Set so that the bands hold about eight in ten of the printed charts, and of each cut's with that
 * cut left out of the fit (`npm run bench -- heat`). Thickness and calibration: our own figures, no
 * source.
 */
const MODEL_LOG_SD = {
  charted: { calibrated: 0.05, fitted: 0.05, handbook: 0.135 },
  uncharted: { calibrated: 0.11, fitted: 0.11, handbook: 0.16 },
} as const;
const THICKNESS_LOG_SD = { measured: 0.03, usual: 0.06 } as const;
/** Where it is not known how surely a fire was calibrated. */
const CALIBRATED_TIMES = 0.5;

export function spreadOf(spec: CookSpec): Spread {
  const { fire, cut, thickness } = checkedByOf(spec);
  return {
    modelLog: MODEL_LOG_SD[cut][fire],
    thicknessLog: THICKNESS_LOG_SD[thickness],
    offsetTimes: fire === 'calibrated' ? calibratedTimes(spec) : 1,
  };
}

/** How sure the calibration is of its least sure fire, against one such cooker in three. */
function calibratedTimes({ stages, offsetSdC }: CookSpec): number {
  const known = stages.flatMap(({ cooker }) => {
    const sdC = cooks(cooker) ? offsetSdC?.[cooker] : undefined;
    return sdC === undefined ? [] : [sdC / environmentNamed(cooker).offsetSdC];
  });
  return known.length > 0 ? Math.min(1, Math.max(...known)) : CALIBRATED_TIMES;
}
