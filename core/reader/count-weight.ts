import { usualG } from '../heat/index.ts';
import type { Cut } from '../pantry/index.ts';

/** What one of it weighs as cooks buy it, g, where that is not what a butcher calls usual. Common practice, no source. */
const COUNTED_G: Readonly<Record<string, number>> = {
  'turkey-whole': 5500,
  'duck-whole': 2200,
  'ham-bone-in': 2000,
  'beef-chuck': 1200,
  octopus: 1500,
};
/** An animal that is sold whole and cut up: what it weighs, g, and into how many. Common practice, no source. */
const CUT_UP: Readonly<Record<string, { readonly wholeG: number; readonly pieces: number }>> = {
  'chicken-thigh-bone-in': { wholeG: 1600, pieces: 8 },
  'rabbit-jointed': { wholeG: 1200, pieces: 7 },
  'hare-jointed': { wholeG: 1800, pieces: 7 },
};
const WHOLE =
  /(?<![a-zß-ɏ])(?:pollo|chicken|conejo|rabbit|liebre|hare)s?(?![a-zß-ɏ])(?! (?:thigh|leg|piece|joint|portion|quarter)s?)/i;
const THIGHS = /(?<![a-zß-ɏ])(?:(?:contra)?muslos?|traseros?)(?![a-zß-ɏ])/i;
/** Fish of one kind, by what it is called, g. Common practice, no source. */
const SMALL_FISH: ReadonlyArray<readonly [RegExp, number]> = [
  [/(?<![a-zß-ɏ])sardin(?:e|a)s?(?![a-zß-ɏ])/i, 60],
  [/(?<![a-zß-ɏ])(?:boquer[oó]n(?:es)?|anchov(?:y|ies))(?![a-zß-ɏ])/i, 15],
  [/(?<![a-zß-ɏ])(?:red mullets?|salmonetes?|herrings?|arenques?)(?![a-zß-ɏ])/i, 200],
];

/** A whole animal cut up, of which a recipe counts the animals; undefined for anything else. */
function cutUp({ id }: Cut, name: string): { wholeG: number; pieces: number } | undefined {
  return WHOLE.test(name) && !THIGHS.test(name) ? CUT_UP[id] : undefined;
}

/** What one of a food weighs, where a recipe only counts it, g. */
export function eachOf(cut: Cut, name: string): number {
  const fish = SMALL_FISH.find(([words]) => words.test(name))?.[1];
  return cutUp(cut, name)?.wholeG ?? fish ?? COUNTED_G[cut.id] ?? usualG(cut);
}

/** In how many pieces a weight of small fish is; undefined for any other food. */
export function fishIn(name: string, weightG: number): number | undefined {
  const each = SMALL_FISH.find(([words]) => words.test(name))?.[1];
  return each === undefined ? undefined : Math.max(1, Math.round(weightG / each));
}

/** In how many pieces so many of a food are cooked. */
export function piecesCounted(cut: Cut, name: string, count: number): number {
  return Math.round(count * (cutUp(cut, name)?.pieces ?? 1));
}
