import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';

/** What is done to a dough, and never to meat. */
const OF_DOUGH: ReadonlySet<Verb> = new Set(['knead', 'rise', 'ferment']);
/** And what goes before it, or on with it, in the same breath. */
const BEGINS: ReadonlySet<Verb> = new Set(['mix', 'stir', 'knead', 'rise', 'ferment']);
const GOES_ON: ReadonlySet<Verb> = new Set([
  'mix',
  'knead',
  'rise',
  'ferment',
  'shape',
  'rest',
  'chill',
  'prepare',
]);

/**
 * "Dough: mix, knead for 10 minutes, leave for an hour", of a dish of meat: the acts in which a dough
 * is made, by their index. No meat is in them, and none waits for them.
 *
 * @param foods how many foods the dish has; of a bread alone nothing is beside
 */
export function doughBeside(acts: readonly ReadAct[], foods: number): ReadonlySet<number> {
  const found = new Set<number>();
  if (foods === 0) return found;
  const lines = new Set(acts.filter(({ verb }) => OF_DOUGH.has(verb)).map(({ line }) => line));
  for (const line of lines) {
    const own = acts.flatMap((act, i) => (act.line === line ? [{ ...act, i }] : []));
    const from = own.findIndex(({ verb }) => BEGINS.has(verb));
    const kneads = own.findIndex(({ verb }) => OF_DOUGH.has(verb));
    // Something else is done first: the line is of both.
    if (own.slice(0, kneads).some(({ verb }) => !GOES_ON.has(verb) && !BEGINS.has(verb))) continue;
    const shapes = own.slice(0, from).every(({ verb }) => verb === 'shape' || verb === 'prepare');
    const behind = own.slice(shapes && found.size > 0 ? 0 : from);
    const ends = behind.findIndex(({ verb }) => !GOES_ON.has(verb) && !BEGINS.has(verb));
    for (const { i } of ends === -1 ? behind : behind.slice(0, ends)) found.add(i);
  }
  return found;
}
