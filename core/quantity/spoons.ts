import { BARE_MEASURE, ML_PER, type SpoonSystem } from './units.ts';
import { writeNumber } from './number.ts';

/** A volume read as spoons and cups, with how far the reading is off. */
export interface SpoonReading {
  /** "3 tbsp + 1 tsp". */
  readonly text: string;
  readonly ml: number;
  /** (reading − wanted) / wanted × 100. */
  readonly errorPct: number;
}

interface Scoop {
  readonly amount: number;
  /** How many times one dips a spoon for it: ¾ cup is ½ and ¼. */
  readonly dips: number;
}

const CUP_PARTS: readonly Scoop[] = [
  { amount: 0, dips: 0 },
  { amount: 1 / 4, dips: 1 },
  { amount: 1 / 3, dips: 1 },
  { amount: 1 / 2, dips: 1 },
  { amount: 2 / 3, dips: 2 },
  { amount: 3 / 4, dips: 2 },
];
const TBSP_PARTS: readonly Scoop[] = [
  { amount: 0, dips: 0 },
  { amount: 1 / 2, dips: 1 },
];
const TSP_PARTS: readonly Scoop[] = [
  { amount: 0, dips: 0 },
  { amount: 1 / 8, dips: 1 },
  { amount: 1 / 4, dips: 1 },
  { amount: 3 / 8, dips: 2 },
  { amount: 1 / 2, dips: 1 },
  { amount: 5 / 8, dips: 2 },
  { amount: 3 / 4, dips: 2 },
  { amount: 7 / 8, dips: 3 },
];

/**
 * Reads a volume as at most two kinds of measure, with the fewest dips that stay within the
 * bound; when none does, the closest reading.
 *
 * @param ml wanted volume, above 0
 * @param spoons whose measures
 * @param withinPct bound of the error: 3, or 5 for spices
 */
export function readAsSpoons(ml: number, spoons: SpoonSystem, withinPct = 3): SpoonReading {
  const best = candidates(ml, spoons).reduce((a, b) => (better(a, b, ml, withinPct) ? a : b));
  return {
    text: best.parts.join(' + '),
    ml: best.ml,
    errorPct: ((best.ml - ml) / ml) * 100,
  };
}

interface Candidate {
  readonly parts: readonly string[];
  readonly ml: number;
  readonly dips: number;
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

function candidates(ml: number, spoons: SpoonSystem): Candidate[] {
  const size = (bare: string) => ML_PER[BARE_MEASURE[spoons][bare] ?? ''] ?? NaN;
  const cups = around(ml, size('cup'), 'cup', CUP_PARTS);
  const found: Candidate[] = pinches();
  for (const cup of cups) {
    const afterCup = ml - cup.ml;
    for (const tbsp of around(Math.max(0, afterCup), size('tbsp'), 'tbsp', TBSP_PARTS)) {
      if (cup.ml > 0 && tbsp.ml >= size('cup') / 4) continue;
      found.push(join(cup, tbsp));
      if (cup.ml > 0 && tbsp.ml > 0) continue;
      const rest = Math.max(0, afterCup - tbsp.ml);
      for (const tsp of around(rest, size('tsp'), 'tsp', TSP_PARTS)) {
        if (cup.ml > 0 || (tbsp.ml > 0 && tsp.ml >= size('tbsp'))) continue;
        found.push(join(tbsp, tsp));
      }
    }
  }
  return found.filter((candidate) => candidate.ml > 0);
}

/** One to three pinches, for what is less than the smallest spoon. */
function pinches(): Candidate[] {
  const each = ML_PER.pinch ?? NaN;
  return [1, 2, 3].map((n) => ({
    parts: [n === 1 ? '1 pinch' : `${n} pinches`],
    ml: n * each,
    dips: n,
  }));
}

function join(a: Candidate, b: Candidate): Candidate {
  return { parts: [...a.parts, ...b.parts], ml: a.ml + b.ml, dips: a.dips + b.dips };
}

/** No spoon of this kind, and the readings just under and just over `ml`. */
function around(ml: number, sizeMl: number, unit: string, parts: readonly Scoop[]): Candidate[] {
  const found: Candidate[] = [{ parts: [], ml: 0, dips: 0 }];
  const most = unit === 'cup' ? 40 : unit === 'tbsp' ? 8 : 5;
  const whole = Math.floor(ml / sizeMl);
  for (const count of [whole - 1, whole, whole + 1]) {
    for (const part of parts) {
      const amount = count + part.amount;
      if (count < 0 || amount <= 0 || amount > most) continue;
      const plural = unit === 'cup' && amount > 1 ? 'cups' : unit;
      const text = `${writeNumber(amount)} ${plural}`;
      found.push({ parts: [text], ml: amount * sizeMl, dips: count + part.dips });
    }
  }
  return found;
}
