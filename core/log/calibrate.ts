import { NINE_IN_TEN_Z } from '../figures/index.ts';
import { cookOnce, type CookSpec } from '../heat/index.ts';
import { environmentNamed, type Cooker } from '../places/index.ts';
import type { Kitchen } from '../meal/index.ts';
import type { CookFact } from './facts.ts';

/** What a kitchen's runs say of one of its appliances. */
export interface ApplianceEstimate {
  readonly appliance: string;
  /** How much hotter it runs than it says, °C; eight in ten lie between least and most. */
  readonly offsetC: number;
  readonly least: number;
  readonly most: number;
  /** What is cooked in it takes so many times as long as heat says with that offset. */
  readonly times: number;
  /** From so many cooks. */
  readonly from: number;
  /** Cooks that were left out: interrupted, or far from all others. */
  readonly leftOut: number;
}

/** Looked at from this much too cool to as much too hot, °C. */
const WIDEST_C = 60;
const STEP_C = 1;
/** Where the time of a cook is reckoned; between them it is drawn through. */
const KNOTS_C = [-45, -20, 0, 20, 45] as const;
/**
 * A cook takes longer or shorter than reckoned for reasons of its own (its weight, its thickness, how
 * wet it is): one deviation of its logarithm. Our own figure; the simulated cooks have about as much.
 */
const COOK_LOG_SD = 0.15;
/**
 * What the appliance itself adds besides its offset. Our own figure, no source: at 0.06 it took up
 * what single cooks are off by, and six cooks beside a thermometer left more than half of the error.
 */
const TIMES_LOG_SD = 0.04;
/** A thermometer beside the food is off by where it hangs, °C. Our own figure, no source. */
const BESIDE_SD_C = 4;
/** So many readings make a place known. */
const BESIDE_LEAST = 3;
/** Further from all that can be than this, and a cook is told nothing of: deviations. */
const OUTLIER_SD = 3;

/** How surely an offset is known: its standard deviation, °C. */
export function offsetSdOf({ least, most }: Pick<ApplianceEstimate, 'least' | 'most'>): number {
  return Math.max(0.1, Math.round((10 * (most - least)) / 2 / NINE_IN_TEN_Z) / 10);
}

/** What one cook says of the appliance it was in. */
export interface CookEvidence {
  /** The cook; its last stage is the one that was timed. */
  readonly spec: CookSpec;
  readonly cooker: Cooker;
  readonly tookMin: number;
  /** What was read beside the food, against what was set: hotter by so much, °C. */
  readonly besideC: readonly number[];
  /**
   * Stages with the same piece are one cook: it is as thick, and its thermometer hangs where it
   * hung, in all of them. Together they say as much as one; left out, each stands for itself.
   */
  readonly ofPiece?: string | undefined;
}

/** What each appliance of a kitchen turns out to be, from all the cooks in it. */
export function calibrate(cooks: readonly CookFact[], kitchen: Kitchen): ApplianceEstimate[] {
  return kitchen.appliances.flatMap(({ id }) => {
    const mine = cooks.filter(({ appliance }) => appliance === id);
    const good = mine
      .filter(({ interrupted }) => !interrupted)
      .map((fact) => ({ ...fact, ofPiece: pieceOf(fact) }));
    if (good.length === 0) return [];
    const { offsetC, least, most, from, ...rest } = calibrateCooks(good);
    if (from === 0) return [];
    return [
      {
        appliance: id,
        offsetC: tenths(offsetC),
        least: tenths(least),
        most: tenths(most),
        ...rest,
        from,
        leftOut: new Set(mine.map(pieceOf)).size - from,
      },
    ];
  });
}

const pieceOf = ({ run, dish }: CookFact) => `${run}/${dish.id}`;

/**
 * How much hotter than it says a cooker runs, whatever was reckoned with at the time, and what time is left over, by several cooks in it:
 * the posterior of a normal prior by its kind, so that a few cooks change little. Cooks no such
 * cooker could have done are left out.
 *
 * @throws RangeError without a cook
 */
export function calibrateCooks(
  cooks: readonly CookEvidence[],
): Pick<ApplianceEstimate, 'offsetC' | 'least' | 'most' | 'times' | 'from'> {
  const [first] = cooks;
  if (!first) throw new RangeError('a calibration needs a cook');
  const kept = weighed(cooks.map(evidenceOf).filter(isLikely));
  const { times, ...offset } = posterior(kept, environmentNamed(first.cooker).offsetSdC);
  const from = kept.reduce((sum, { weight }) => sum + weight, 0);
  return { ...offset, times: Math.round(times * 100) / 100, from: Math.round(from) };
}

/** Each stage of a piece counts as its share of one cook. */
function weighed(all: readonly Evidence[]): Weighed[] {
  const stages = (piece: string) => all.filter(({ ofPiece }) => ofPiece === piece).length;
  return all.map((one) => ({
    ...one,
    weight: one.ofPiece === undefined ? 1 : 1 / stages(one.ofPiece),
  }));
}

const tenths = (value: number) => Math.round(value * 10) / 10;

/** What one cook says: its time against every offset, and what was read beside it. */
interface Evidence {
  /** The logarithm of took over reckoned, up to the end of the stage that was timed, at each knot. */
  readonly logRatios: readonly number[];
  readonly besideC: number | undefined;
  readonly offsetSdC: number;
  readonly ofPiece: string | undefined;
}

/** With what it counts, in cooks. */
interface Weighed extends Evidence {
  readonly weight: number;
}

function evidenceOf({ spec, cooker, tookMin, besideC, ofPiece }: CookEvidence): Evidence {
  // A thick piece is late from the first stage on: its last one alone would be off by far more.
  const beforeMin = sameFireMin(spec);
  const logRatios = KNOTS_C.map((c) =>
    Math.log((beforeMin + tookMin) / (beforeMin + lastStageMin(spec, cooker, c))),
  );
  const mean = besideC.reduce((sum, c) => sum + c, 0) / Math.max(1, besideC.length);
  return {
    logRatios,
    besideC: besideC.length >= BESIDE_LEAST ? mean : undefined,
    offsetSdC: environmentNamed(cooker).offsetSdC,
    ofPiece,
  };
}

/** Minutes the piece was on the same fire before its last stage. */
function sameFireMin({ stages }: CookSpec): number {
  const last = stages.at(-1);
  return stages
    .slice(0, -1)
    .reduce(
      (sum, { cooker, end }) =>
        cooker === last?.cooker && end.kind === 'minutes' ? sum + end.minutes : sum,
      0,
    );
}

/** Minutes of the last stage where the cooker runs so much hotter than it says. */
function lastStageMin(spec: CookSpec, cooker: Cooker, hotterC: number): number {
  const offsetC = { ...spec.offsetC, [cooker]: hotterC };
  const cook = cookOnce({ ...spec, offsetC }, undefined, { everyMin: 1e6 });
  return Math.max(1, cook.stages.at(-1)?.minutes ?? 1);
}

/** The logarithm of took over reckoned at an offset, drawn through the knots. */
function logRatioAt({ logRatios }: Evidence, offsetC: number): number {
  const last = KNOTS_C.length - 2;
  const found = KNOTS_C.findIndex((knot, i) => i <= last && offsetC <= (KNOTS_C[i + 1] ?? knot));
  const i = found === -1 ? last : found;
  const [from, to] = [KNOTS_C[i] ?? 0, KNOTS_C[i + 1] ?? 0];
  const [a, b] = [logRatios[i] ?? 0, logRatios[i + 1] ?? 0];
  return a + ((b - a) * (offsetC - from)) / (to - from);
}

/** Whether any appliance of its kind could have done so. */
function isLikely(evidence: Evidence): boolean {
  const { offsetSdC } = evidence;
  let least = Infinity;
  for (let c = -WIDEST_C; c <= WIDEST_C; c += STEP_C) {
    const time = logRatioAt(evidence, c) / Math.hypot(COOK_LOG_SD, TIMES_LOG_SD);
    least = Math.min(least, Math.hypot(time, c / (2 * offsetSdC)));
  }
  return least <= OUTLIER_SD;
}

/** The offset, and what time is left over, that all the cooks together speak for. */
function posterior(
  cooks: readonly Weighed[],
  offsetSdC: number,
): { offsetC: number; least: number; most: number; times: number } {
  const offsets = Array.from(
    { length: (2 * WIDEST_C) / STEP_C + 1 },
    (_, i) => -WIDEST_C + i * STEP_C,
  );
  const timeVar = COOK_LOG_SD ** 2;
  const rows = offsets.map((c) => {
    const ratios = cooks.map((one) => ({ ratio: logRatioAt(one, c), weight: one.weight }));
    const sum = ratios.reduce((total, { ratio, weight }) => total + weight * ratio, 0);
    const count = ratios.reduce((total, { weight }) => total + weight, 0);
    // The appliance's own factor is what all have in common beyond the offset, shrunk toward none.
    const factor = sum / (count + timeVar / TIMES_LOG_SD ** 2);
    const misfit =
      ratios.reduce((total, { ratio, weight }) => total + weight * (ratio - factor) ** 2, 0) /
      timeVar;
    const beside = cooks.reduce(
      (total, { besideC, weight }) =>
        besideC === undefined ? total : total + weight * ((besideC - c) / BESIDE_SD_C) ** 2,
      0,
    );
    const prior = (c / offsetSdC) ** 2 + (factor / TIMES_LOG_SD) ** 2;
    return { c, factor, log: -(misfit + beside + prior) / 2 };
  });
  const top = Math.max(...rows.map(({ log }) => log));
  const weights = rows.map(({ log }) => Math.exp(log - top));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const mean = (value: (row: (typeof rows)[number]) => number) =>
    rows.reduce((sum, row, i) => sum + value(row) * (weights[i] ?? 0), 0) / all;
  const offsetC = mean(({ c }) => c);
  const sd = Math.sqrt(mean(({ c }) => (c - offsetC) ** 2));
  return {
    offsetC,
    least: offsetC - NINE_IN_TEN_Z * sd,
    most: offsetC + NINE_IN_TEN_Z * sd,
    times: Math.exp(mean(({ factor }) => factor)),
  };
}
