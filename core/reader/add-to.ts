import { HEATS, type ReadAct } from './context.ts';

const TENDING: ReadonlySet<string> = new Set(['turn', 'baste', 'stir']);

/**
 * What a later sentence adds to the step before, where that was not said yet; a core is for what
 * cooks. Changes `acts`.
 *
 * @returns whether all of it found its place
 */
export function addTo(acts: ReadAct[], adds: Partial<ReadAct>): boolean {
  const at =
    adds.untilC === undefined
      ? acts.length - 1
      : acts.findLastIndex(({ verb }) => HEATS.has(verb) && !TENDING.has(verb));
  const act = acts[at];
  if (!act) return false;
  const said = Object.entries(adds).filter(([, value]) => value !== undefined);
  const missing = said.filter(([key]) => Reflect.get(act, key) === undefined);
  acts[at] = { ...act, ...Object.fromEntries(missing) };
  return missing.length > 0 || said.length === 0;
}
