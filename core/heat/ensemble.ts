import type { Cook } from './cook.ts';
import { cookedMinutes, VARIED, variationOf, type Band } from './forecast.ts';
import { spreadOf } from './checked-by.ts';
import { evenNormals } from './normal-quantiles.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';

/** Enough for bands that stand still. */
export const MEMBERS = 400;
/** Of a cook that never gets there nobody wants more than how far it comes. */
const FEW_MEMBERS = 40;
/** Coarser than the cook that is shown: the spread does not depend on it. */
const CELLS = 12;
/** Points of the band. */
const POINTS = 80;

/** How the core may go, and how long it may take. */
export interface Ensemble {
  readonly minutes: Band;
  /** Minutes from the beginning, and between which two temperatures eight in ten cores are. */
  readonly minute: readonly number[];
  readonly leastC: readonly number[];
  readonly mostC: readonly number[];
  readonly members: number;
}

/**
 * Cooks a spec over and over, each time a little otherwise. Yields how far it is, 0 to 1, after
 * every few members, so that a worker can tell and stop; returns the whole.
 *
 * @param likely the cook as said: it lies in the middle
 */
export function* ensembleOf(
  spec: CookSpec,
  likely: Cook,
  members = likely.stages.every(({ reached }) => reached) ? MEMBERS : FEW_MEMBERS,
): Generator<number, Ensemble> {
  const until = likely.minutes * 1.25;
  const minute = Array.from({ length: POINTS + 1 }, (_unused, i) => (until * i) / POINTS);
  const cores: Float64Array[] = [];
  const took: number[] = [];
  const spread = spreadOf(spec);
  for (let member = 0; member < members; member++) {
    const normals = evenNormals(member, VARIED + 1);
    const stretch = Math.exp(spread.modelLog * (normals[VARIED] ?? 0));
    const options = { cells: CELLS, everyMin: until / POINTS };
    const one = cookOnce(spec, variationOf(normals, spread), options);
    took.push(cookedMinutes(spec, one) * stretch);
    cores.push(Float64Array.from(minute, (at) => coreAt(one, at / stretch)));
    if (member % 10 === 9) yield (member + 1) / members;
  }
  const at = (share: number, i: number) =>
    quantile(
      Float64Array.from(cores, (core) => core[i] ?? 0),
      share,
    );
  const all = Float64Array.from(took);
  return {
    minutes: {
      least: quantile(all, 0.1),
      likely: cookedMinutes(spec, likely),
      most: quantile(all, 0.9),
    },
    minute,
    leastC: minute.map((_at, i) => at(0.1, i)),
    mostC: minute.map((_at, i) => at(0.9, i)),
    members,
  };
}

/** The core at a minute; past the end, as it was at the end. */
export function coreAt({ minute, coreC }: Pick<Cook, 'minute' | 'coreC'>, at: number): number {
  let [low, high] = [0, minute.length - 1];
  if (at >= (minute[high] ?? 0)) return coreC[high] ?? NaN;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((minute[middle] ?? 0) <= at) low = middle;
    else high = middle;
  }
  const [a = 0, b = 0] = [minute[low], minute[high]];
  const share = b > a ? (at - a) / (b - a) : 0;
  return (coreC[low] ?? 0) + share * ((coreC[high] ?? 0) - (coreC[low] ?? 0));
}

/** The value below which so large a share of all lies. */
function quantile(values: Float64Array, share: number): number {
  values.sort();
  const place = share * (values.length - 1);
  const low = Math.floor(place);
  const [a = NaN, b = a] = [values[low], values[low + 1]];
  return a + (place - low) * (b - a);
}
