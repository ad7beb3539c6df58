import type { LedgerFood } from './ledger.ts';

/** A fire hotter than boiling water has killed a surface long before a middle is warm; a bath at 54 has not. Common practice, no source. */
const SEARS_FROM_C = 100;

/**
 * When a fire has killed what was on the surface of a whole piece that stays rare inside: from then
 * on it stands as cooked food does, on a clock of its own. Never, for what is raw all through.
 */
export function searedAtMin({ intact, pierced, fires }: LedgerFood): number {
  const rare = fires.filter(({ rarer, mostC = Infinity }) => rarer && mostC >= SEARS_FROM_C);
  return intact && !pierced && rare.length > 0
    ? Math.min(...rare.map(({ endMin }) => endMin))
    : Infinity;
}
