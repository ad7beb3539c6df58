import type { Dish } from '../meal/index.ts';
import { CUTS } from '../pantry/index.ts';
import { readMinutes } from '../quantity/index.ts';
import type { Pattern } from './pattern.ts';

/** A pattern as it stands in the book: the dish it would make, and what that comes to. */
export interface BookEntry {
  readonly pattern: Pattern;
  readonly dish: Dish;
  /** Minutes, and what it is cooked in that the kitchen has not. */
  readonly comes: {
    readonly leastMin: number;
    readonly usualMin: number;
    readonly handsMin: number;
    readonly lacks: readonly string[];
  };
}

/** "2 h", "45 minutes", "1 day": a length somewhere in a search. */
const LENGTH = /\d[\d.,]*\s*(?:h|hours?|min|minutes?|d|days?)\b/i;
const SMALL_WORDS = /\b(?:under|within|in|at most|less than|the|a|an|on|with|of)\b/gi;

/**
 * The entries a search finds: each of its words is in the name, a cut, a fire, a step or an
 * ingredient; a length of time is the most it may take. All of them for an empty search.
 */
export function searchBook(entries: readonly BookEntry[], search: string): BookEntry[] {
  const length = LENGTH.exec(search)?.[0];
  const mostMin = length === undefined ? undefined : readMinutes(length);
  const words = search
    .replace(length ?? '', ' ')
    .replace(SMALL_WORDS, ' ')
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  return entries.filter((entry) => {
    if (mostMin !== undefined && entry.comes.leastMin > mostMin) return false;
    const text = textOf(entry);
    return words.every((word) => text.includes(singular(word)));
  });
}

/**
 * The entries that can still be done in the minutes left, and those that cannot; of a kind, and
 * each in the order of the book. What the kitchen has nothing to cook it in comes last of its part.
 */
export function byMinutesLeft(
  entries: readonly BookEntry[],
  leftMin: number,
): { readonly inTime: readonly BookEntry[]; readonly tooLong: readonly BookEntry[] } {
  const ready = [...entries].sort(
    (a, b) => Number(a.comes.lacks.length > 0) - Number(b.comes.lacks.length > 0),
  );
  return {
    inTime: ready.filter(({ comes }) => comes.leastMin <= leftMin),
    tooLong: ready.filter(({ comes }) => comes.leastMin > leftMin),
  };
}

const texts = new WeakMap<Pattern, string>();

function textOf({ pattern, dish }: BookEntry): string {
  const known = texts.get(pattern);
  if (known !== undefined) return known;
  const cuts = [...pattern.cuts, ...dish.foods.flatMap(({ cut }) => cut ?? [])];
  const text = [
    pattern.name,
    pattern.kind,
    ...cuts.flatMap((id) => [CUTS.get(id)?.name ?? id, CUTS.get(id)?.animal ?? '']),
    ...(pattern.fires ?? []),
    ...dish.steps.flatMap(({ verb, label, place }) => [verb, label, place.kind]),
    ...dish.mixtures.flatMap(({ name, lines }) => [
      name,
      ...lines.map(({ ingredient }) => ingredient.replaceAll('-', ' ')),
    ]),
  ]
    .join(' ')
    .toLowerCase();
  texts.set(pattern, text);
  return text;
}

function singular(word: string): string {
  return word.length > 3 ? word.replace(/s$/, '') : word;
}
