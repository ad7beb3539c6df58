import type { Avoidable, Pantry } from '../pantry/index.ts';
import {
  gramsOf,
  middle,
  parseQuantity,
  readAsSpoons,
  writeNumber,
  type Measurable,
  type Measure,
  type Quantity,
  type SpoonSystem,
} from '../quantity/index.ts';
import { contentsPerGram, type Contents } from './contents.ts';
import type { MixtureLine } from './mixture.ts';

/** Something a line can take: an ingredient, or another mixture of the dish. */
export interface Mixable extends Measurable {
  readonly id: string;
  readonly spice: boolean;
  readonly crystal: boolean;
  readonly holds: readonly Avoidable[];
  readonly perGram: Contents;
}

/** A line with its weight in this batch. */
export interface WeighedLine {
  readonly line: MixtureLine;
  readonly of: Mixable;
  /** By what the recipe's amount was multiplied. */
  readonly factor: number;
  /** What the factor asks for. */
  readonly exactG: number;
  /** What is taken: counted things come in pieces. */
  readonly grams: number;
  /** For what is counted: how many, of what. */
  readonly count?: { readonly number: number; readonly unit: string } | undefined;
  readonly locked: boolean;
  /** Salt of a stew that is salted at the end. */
  readonly atEnd: boolean;
}

/** A mixture line at its scaled amount, as one measures it. */
export interface ScaledLine {
  readonly name: string;
  readonly note?: string | undefined;
  readonly scaling: MixtureLine['scaling'];
  readonly factor: number;
  readonly grams: number;
  /** Undefined for what is not measured by volume. */
  readonly ml?: number | undefined;
  /** "2⅓ cups", "5½", "2 tbsp": what to take. */
  readonly measure: string;
  /** How far the measure is from the exact amount, in %. */
  readonly measureErrorPct: number;
  readonly counted: boolean;
  readonly locked: boolean;
  readonly atEnd: boolean;
  /** Its place in the recipe, for the one who wants to change it; undefined in a variant's list. */
  readonly index?: number | undefined;
  readonly part?: MixtureLine['part'];
}

/** The ingredient of a pantry as something to mix. @throws RangeError when it is not there */
export function mixableOf(id: string, pantry: Pantry): Mixable {
  const found = pantry.ingredients.get(id);
  if (!found) throw new RangeError(`the pantry has no “${id}”`);
  return { ...found, perGram: contentsPerGram(found) };
}

/** Grams of an amount. Never undefined: the meal file's checks saw to it. */
export function gramsOfAmount(text: string, of: Measurable, spoons: SpoonSystem): number {
  const grams = gramsOf(parseQuantity(text, spoons), of);
  if (grams === undefined) throw new RangeError(`“${text}” cannot be weighed`);
  return grams;
}

/**
 * One line multiplied up. Linear lines by the factor; counted ones by the factor, then to a
 * number one can take; what is held back by factor^exponent, since the heat of a spice grows
 * faster than its batch. A locked line is what the cook locked it at.
 */
export function weighLine(
  line: MixtureLine,
  of: Mixable,
  factor: number,
  spoons: SpoonSystem,
): WeighedLine {
  const amount = parseQuantity(line.amount, spoons);
  const baseG = gramsOf(amount, of) ?? 0;
  if (line.locked !== undefined) {
    const grams = gramsOfAmount(line.locked, of, spoons);
    const count = countOf(parseQuantity(line.locked, spoons), 1, of.name);
    const by = baseG > 0 ? grams / baseG : factor;
    return { line, of, factor: by, exactG: grams, grams, count, locked: true, atEnd: false };
  }
  const by = line.scaling === 'heldBack' ? factor ** line.exponent : factor;
  const exactG = baseG * by;
  const counted = amount.dimension === 'count' && (line.scaling === 'count' || !of.gPerMl);
  const count = counted && exactG > 0 ? countOf(amount, by, of.name) : undefined;
  const grams = count === undefined ? exactG : (exactG * count.number) / (middle(amount) * by);
  return { line, of, factor: by, exactG, grams, count, locked: false, atEnd: false };
}

/** A line whose weight follows from the batch: salt by the target, sugar by the salt. */
export function lineOfGrams(line: MixtureLine, of: Mixable, grams: number): WeighedLine {
  return {
    line,
    of,
    factor: 1,
    exactG: grams,
    grams,
    count: undefined,
    locked: false,
    atEnd: false,
  };
}

function countOf(amount: Quantity, by: number, name: string): WeighedLine['count'] {
  if (amount.dimension !== 'count') return undefined;
  return {
    number: roundCount(middle(amount) * by, amount.unit === '' ? name : amount.unit),
    unit: amount.unit,
  };
}

/** Nobody takes half of these. */
const WHOLE_ONLY =
  /^(?:bay )?(?:leaf|leaves|sprigs?|eggs?|cloves?|stars?|pods?|berry|berries|sticks?)(?![a-zß-ɏ])/i;

/** Halves up to six, whole ones beyond; at least a half, and at least one of what is not halved. */
export function roundCount(count: number, unit = ''): number {
  if (WHOLE_ONLY.test(unit)) return Math.max(1, Math.round(count));
  return count <= 6 ? Math.max(0.5, Math.round(count * 2) / 2) : Math.round(count);
}

/** Those that do not just take an s. */
const PLURALS: ReadonlyArray<readonly [string, string]> = [
  ['leaf', 'leaves'],
  ['berry', 'berries'],
  ['bunch', 'bunches'],
];

/** "1 clove", "5 cloves", whatever the recipe's own number was. */
function inWords(number: number, unit: string): string {
  const irregular = PLURALS.find((pair) => pair.includes(unit));
  const one = irregular?.[0] ?? unit.replace(/([^s])s$/, '$1');
  const many = irregular?.[1] ?? (/^[a-z]*[a-rt-z]$/.test(unit) ? `${unit}s` : unit);
  return `${writeNumber(number)} ${unit === '' ? '' : number > 1 ? many : one}`.trim();
}

/** How one measures a weighed line with the spoons there are. */
export function measureLine(
  weighed: WeighedLine,
  spoons: SpoonSystem,
  owned?: readonly Measure[],
): ScaledLine {
  const { line, of, grams, count, exactG } = weighed;
  const reading = count
    ? { measure: inWords(count.number, count.unit), errorPct: (grams / exactG - 1) * 100 }
    : readMeasure(grams, of, spoons, owned);
  return {
    name: line.name ?? of.name,
    note: line.note,
    scaling: line.scaling,
    factor: weighed.factor,
    grams,
    ml: count || of.gPerMl === undefined ? undefined : grams / of.gPerMl,
    measure: reading.measure,
    measureErrorPct: reading.errorPct,
    counted: count !== undefined,
    locked: weighed.locked,
    atEnd: weighed.atEnd,
    part: line.part,
  };
}

function readMeasure(
  grams: number,
  of: Mixable,
  spoons: SpoonSystem,
  owned?: readonly Measure[],
): { measure: string; errorPct: number } {
  if (grams <= 0) return { measure: '—', errorPct: 0 };
  if (!of.gPerMl)
    return {
      measure: `${grams >= 10 ? Math.round(grams) : Number(grams.toFixed(1))} g`,
      errorPct: 0,
    };
  const reading = readAsSpoons(grams / of.gPerMl, spoons, of.spice ? 5 : 3, owned);
  return { measure: reading.text, errorPct: reading.errorPct };
}
