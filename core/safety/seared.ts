import type { LedgerFood } from './ledger.ts';

/** A fire hotter than boiling water has killed a surface long before a middle is warm; a bath at 54 has not. Common practice, no source. */
const SEARS_FROM_C = 100;

/** Red meat that has come so far on a low fire only rests before its crust. Our own line, no source. */
const NEARLY_DONE_C = 45;
const RED: ReadonlySet<LedgerFood['animal']> = new Set(['beef', 'lamb']);

/**
 * When a fire has killed what was on the surface of a whole piece that stays rare inside: from then
 * on it stands as cooked food does, on a clock of its own. Never, for what is raw all through.
 */
export function searedAtMin({ animal, intact, pierced, fires }: LedgerFood): number {
  const rare = fires.filter(
    ({ rarer, coreC = 0, mostC = Infinity }) =>
      (rarer || (RED.has(animal) && coreC >= NEARLY_DONE_C)) && mostC >= SEARS_FROM_C,
  );
  return intact && !pierced && rare.length > 0
    ? Math.min(...rare.map(({ endMin }) => endMin))
    : Infinity;
}
