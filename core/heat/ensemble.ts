import type { Cook } from './cook.ts';
import { cookedMinutes, VARIED, variationOf, type Band } from './forecast.ts';
import { spreadOf } from './checked-by.ts';
import { evenNormals, normalAt } from './normal-quantiles.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';

/**
 * Cooks reckoned. How far the model itself may be off only stretches a cook, so each is taken at
 * several stretches: against 2,400 cooks with one stretch each, eight roasts' bands are within
 * 0.8 % in time and 0.6 °C; 400 with one each were within 0.6 % and 1.2 °C at five times the cost.
 */
export const MEMBERS = 100;
/** Standard normal numbers, one for each ninth of the distribution. */
const STRETCHES = Array.from({ length: 9 }, (_unused, i) => normalAt((i + 0.5) / 9));
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
  const cores: Float64Array[] = minute.map(() => new Float64Array(members * STRETCHES.length));
  const took = new Float64Array(members * STRETCHES.length);
  const spread = spreadOf(spec);
  for (let member = 0; member < members; member++) {
    const options = { cells: CELLS, everyMin: until / POINTS };
    const one = cookOnce(spec, variationOf(evenNormals(member, VARIED), spread), options);
    for (const [i, normal] of STRETCHES.entries()) {
      const stretch = Math.exp(spread.modelLog * normal);
      const place = member * STRETCHES.length + i;
      took[place] = cookedMinutes(spec, one) * stretch;
      for (const [point, core] of cores.entries())
        core[place] = coreAt(one, (minute[point] ?? 0) / stretch);
    }
    if (member % 10 === 9) yield (member + 1) / members;
  }
  const { least, most } = eightInTen(took);
  const bands = cores.map(eightInTen);
  return {
    minutes: { least, likely: cookedMinutes(spec, likely), most },
    minute,
    leastC: bands.map((band) => band.least),
    mostC: bands.map((band) => band.most),
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

/** Between which two values eight in ten of all lie. */
function eightInTen(values: Float64Array): { least: number; most: number } {
  values.sort();
  const at = (share: number) => {
    const place = share * (values.length - 1);
    const low = Math.floor(place);
    const [a = NaN, b = a] = [values[low], values[low + 1]];
    return a + (place - low) * (b - a);
  };
  return { least: at(0.1), most: at(0.9) };
}
