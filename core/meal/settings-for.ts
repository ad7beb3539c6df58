import type { PlaceKind } from '../places/index.ts';
import type { Verb } from '../terms/index.ts';

/** In a liquid, fat for a confit among them. Our own line, no source. */
const HOTTEST_POT_C = 150;
const IN_POT: ReadonlySet<Verb> = new Set<Verb>(['simmer', 'braise', 'steam', 'hold']);
/**
 * What a place can be set to at all, °C: beyond, it is a slip of the pen. Our own lines, from memory,
 * wide. A place that is not told takes what a meal file does.
 */
const SETTINGS: Partial<Record<PlaceKind, readonly [least: number, most: number]>> = {
  'air-fryer': [30, 260],
  board: [-10, 100],
  box: [-10, 100],
  counter: [-10, 50],
  'deep-fryer': [90, 230],
  freezer: [-40, -5],
  fridge: [-3, 15],
  grill: [40, 500],
  hob: [20, 350],
  microwave: [0, 300],
  outside: [-40, 50],
  oven: [25, 500],
  'pressure-cooker': [60, 130],
  'slow-cooker': [40, 130],
  smoker: [0, 300],
  table: [0, 100],
};
/** As far as a meal file goes. */
const ANY_C = [-30, 500] as const;

/** The lowest and highest temperature a step can be set to there, °C. */
export function settingsFor(kind: PlaceKind, verb: Verb): readonly [least: number, most: number] {
  const [least, most] = SETTINGS[kind] ?? ANY_C;
  return kind === 'hob' && IN_POT.has(verb) ? [least, HOTTEST_POT_C] : [least, most];
}
