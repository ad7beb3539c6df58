import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import type { Context } from './context.ts';

const USUAL: Partial<Record<Verb, PlaceKind>> = {
  thaw: 'fridge',
  brine: 'fridge',
  soak: 'counter',
  mix: 'board',
  marinate: 'fridge',
  temper: 'counter',
  light: 'grill',
  sear: 'hob',
  brown: 'hob',
  fry: 'hob',
  grill: 'grill',
  smoke: 'smoker',
  roast: 'oven',
  bake: 'oven',
  simmer: 'hob',
  boil: 'hob',
  steam: 'hob',
  reduce: 'hob',
  rise: 'counter',
  ferment: 'counter',
  knead: 'board',
  shape: 'board',
  cool: 'counter',
  chill: 'fridge',
  rest: 'board',
  slice: 'board',
  shred: 'board',
  serve: 'table',
  prepare: 'board',
};

const ON_HOB: ReadonlySet<Verb> = new Set([
  'fry',
  'simmer',
  'boil',
  'steam',
  'reduce',
  'brown',
  'sear',
]);

const COLD_ONLY: ReadonlySet<Verb> = new Set(['chill', 'thaw']);

const STAYS: ReadonlySet<Verb> = new Set(['baste', 'turn', 'stir', 'glaze']);

/** Where a step takes place: as it says, else where it usually does. */
export function placeOf(
  verb: Verb,
  named: PlaceKind | undefined,
  context: Context,
): PlaceKind | undefined {
  if (
    verb === 'mix' ||
    verb === 'slice' ||
    verb === 'shred' ||
    verb === 'serve' ||
    verb === 'prepare' ||
    verb === 'knead' ||
    verb === 'shape'
  )
    return USUAL[verb];
  if (named === 'microwave' && (ON_HOB.has(verb) || verb === 'thaw')) return named;
  if (ON_HOB.has(verb))
    return named === 'grill' && (verb === 'sear' || verb === 'brown') ? 'grill' : 'hob';
  if (verb === 'smoke') return named === 'grill' ? 'grill' : 'smoker';
  if (verb === 'grill') return named === 'oven' || named === 'hob' ? named : 'grill';
  if (verb === 'roast' || verb === 'bake')
    return named === 'grill' || named === 'smoker' ? named : 'oven';
  if (verb === 'temper') return 'counter';
  if (verb === 'marinate' || verb === 'brine') return named === 'counter' ? 'counter' : 'fridge';
  if (COLD_ONLY.has(verb)) return named === 'freezer' || named === 'counter' ? named : 'fridge';
  if (verb === 'preheat' || verb === 'light')
    return named === undefined || named === 'slow-cooker' || named === 'fridge'
      ? verb === 'light'
        ? 'grill'
        : 'oven'
      : named;
  if (verb === 'braise')
    return context.slowCooker
      ? 'slow-cooker'
      : (named ?? context.place ?? 'hob') === 'oven'
        ? 'oven'
        : 'hob';
  if (verb === 'hold') return named ?? 'oven';
  if (verb === 'rest')
    return named === 'fridge' || named === 'oven' || named === 'box' ? named : 'board';
  if (verb === 'cool') return named === 'fridge' ? 'fridge' : 'counter';
  if (verb === 'rise') return named === 'fridge' ? 'fridge' : 'counter';
  // "Glaze under the grill": that is another fire than it came from.
  if (verb === 'glaze' && named === 'grill') return named;
  if (STAYS.has(verb)) return context.hot?.place ?? (named === 'fridge' ? undefined : named);
  return named ?? USUAL[verb];
}
