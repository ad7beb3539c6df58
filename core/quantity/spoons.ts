import { BARE_MEASURE, ML_PER, type SpoonSystem } from './units.ts';
import { writeNumber } from './number.ts';

/** A volume read as spoons and cups, with how far the reading is off. */
export interface SpoonReading {
  /** "3 tbsp + 1 tsp". */
  readonly text: string;
  readonly ml: number;
  /** (reading − wanted) / wanted × 100. */
  readonly errorPct: number;
  /** How many times one dips a spoon or a cup. */
  readonly dips: number;
}

/** The measures a kitchen may have. */
export const MEASURES = [
  '1 cup',
  '1/2 cup',
  '1/3 cup',
  '1/4 cup',
  '1 tbsp',
  '1/2 tbsp',
  '1 tsp',
  '1/2 tsp',
  '1/4 tsp',
  '1/8 tsp',
] as const;
export type Measure = (typeof MEASURES)[number];

type Bare = 'cup' | 'tbsp' | 'tsp';

/** Amounts one reads at a glance; in 24ths, so that halves, thirds and eighths are whole. */
const PARTS_24 = [0, 3, 6, 8, 9, 12, 15, 16, 18, 21];
/** Odd eighths: worth taking only where a quarter would be far off. */
const EIGHTHS_24: ReadonlySet<number> = new Set([3, 9, 15, 21]);
/** Of more than this nobody takes an eighth. */
const EIGHTHS_BELOW = 2;
/** Beyond so many of one measure a cook takes the next larger one. */
const MOST: Readonly<Record<Bare, number>> = { cup: 40, tbsp: 8, tsp: 5 };

/**
 * Reads a volume as at most two kinds of measure, with the fewest dips that stay within the
 * bound; when none does, the closest reading. Of two kinds the spoon that is not the last is full:
 * nobody takes half a tablespoon and some teaspoons.
 *
 * @param ml wanted volume, above 0
 * @param spoons whose measures
 * @param withinPct bound of the error: 3, or 5 for spices
 * @param owned the measures there are in the kitchen; all of them when left out
 */
export function readAsSpoons(
  ml: number,
  spoons: SpoonSystem,
  withinPct = 3,
  owned: readonly Measure[] = MEASURES,
): SpoonReading {
  const best = candidates(ml, spoons, owned).reduce((a, b) =>
    better(a, b, ml, withinPct) ? a : b,
  );
  return {
    text: best.parts.map(textOf).join(' + '),
    ml: best.ml,
    errorPct: ((best.ml - ml) / ml) * 100,
    dips: best.dips,
  };
}

interface Part {
  readonly amount: number;
  readonly unit: Bare | 'pinch';
}

interface Candidate {
  readonly parts: readonly Part[];
  readonly ml: number;
  readonly dips: number;
}

const NOTHING: Candidate = { parts: [], ml: 0, dips: 0 };

function textOf({ amount, unit }: Part): string {
  const plural = amount > 1 && unit === 'cup' ? 's' : amount > 1 && unit === 'pinch' ? 'es' : '';
  return `${writeNumber(amount)} ${unit}${plural}`;
}

function better(a: Candidate, b: Candidate, ml: number, withinPct: number): boolean {
  const offA = Math.abs(a.ml - ml) / ml;
  const offB = Math.abs(b.ml - ml) / ml;
  const inA = offA * 100 <= withinPct;
  const inB = offB * 100 <= withinPct;
  if (inA !== inB) return inA;
  if (inA && a.dips !== b.dips) return a.dips < b.dips;
  if (inA && a.parts.length !== b.parts.length) return a.parts.length < b.parts.length;
  return offA <= offB;
}

function candidates(ml: number, spoons: SpoonSystem, owned: readonly Measure[]): Candidate[] {
  const size = (bare: Bare) => ML_PER[BARE_MEASURE[spoons][bare] ?? ''] ?? NaN;
  const sizes = { cup: size('cup'), tbsp: size('tbsp'), tsp: size('tsp') };
  const around = (left: number, unit: Bare) =>
    readingsAround(Math.max(0, left), sizes[unit], unit, owned);
  const found: Candidate[] = pinches();
  for (const cup of around(ml, 'cup')) {
    for (const tbsp of around(ml - cup.ml, 'tbsp')) {
      if (cup.ml > 0 && (tbsp.ml >= sizes.cup / 4 || hasEighths(tbsp))) continue;
      found.push(join(cup, tbsp));
      if (cup.ml > 0) continue;
      for (const tsp of around(ml - tbsp.ml, 'tsp')) {
        const both = tbsp.ml > 0 && tsp.ml > 0;
        if (both && (tsp.ml >= sizes.tbsp || !isFull(tbsp) || hasEighths(tsp))) continue;
        found.push(join(tbsp, tsp));
      }
    }
  }
  return found.filter((candidate) => candidate.ml > 0);
}

function isFull({ parts }: Candidate): boolean {
  return parts.every(({ amount }) => Number.isInteger(amount));
}

function hasEighths({ parts }: Candidate): boolean {
  return parts.some(({ amount }) => EIGHTHS_24.has(Math.round((amount % 1) * 24)));
}

/** One to three pinches, for what is less than the smallest spoon. */
function pinches(): Candidate[] {
  const each = ML_PER.pinch ?? NaN;
  return [1, 2, 3].map((n) => ({
    parts: [{ amount: n, unit: 'pinch' as const }],
    ml: n * each,
    dips: n,
  }));
}

function join(a: Candidate, b: Candidate): Candidate {
  return { parts: [...a.parts, ...b.parts], ml: a.ml + b.ml, dips: a.dips + b.dips };
}

/** No spoon of this kind, and the readings just under and just over `ml`. */
function readingsAround(
  ml: number,
  sizeMl: number,
  unit: Bare,
  owned: readonly Measure[],
): Candidate[] {
  const dips = dipsFor(unit, owned);
  const found: Candidate[] = [NOTHING];
  const whole = Math.floor(ml / sizeMl);
  for (const count of [whole - 1, whole, whole + 1]) {
    for (const part of PARTS_24) {
      const needed = count < 0 ? undefined : dips[count * 24 + part];
      if (needed === undefined || needed === 0) continue;
      if (count >= EIGHTHS_BELOW && EIGHTHS_24.has(part)) continue;
      const amount = count + part / 24;
      found.push({ parts: [{ amount, unit }], ml: amount * sizeMl, dips: needed });
    }
  }
  return found;
}

const known = new Map<string, ReadonlyArray<number | undefined>>();

/** For each amount in 24ths of a measure, the fewest dips with what is owned; undefined: none. */
function dipsFor(unit: Bare, owned: readonly Measure[]): ReadonlyArray<number | undefined> {
  const scoops = owned.filter((measure) => measure.endsWith(` ${unit}`)).map(scoop24);
  const key = `${unit} ${scoops.join()}`;
  const cached = known.get(key);
  if (cached) return cached;
  const fewest: Array<number | undefined> = [0];
  for (let amount = 1; amount <= MOST[unit] * 24; amount++) {
    const ways = scoops.flatMap((scoop) => fewest[amount - scoop] ?? []);
    fewest.push(ways.length === 0 ? undefined : Math.min(...ways) + 1);
  }
  known.set(key, fewest);
  return fewest;
}

function scoop24(measure: Measure): number {
  const [top = 1, bottom = 1] = (measure.split(' ')[0] ?? '1').split('/').map(Number);
  return (top / bottom) * 24;
}
