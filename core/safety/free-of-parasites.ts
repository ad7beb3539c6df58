import { FISH_EXEMPT } from './figures/index.ts';
import type { LedgerFood } from './ledger.ts';

/** Fish that was frozen hard, or of a kind that need not be. */
export function isFreeOfParasites({
  cut = '',
  frozenFirst,
}: Pick<LedgerFood, 'cut' | 'frozenFirst'>): boolean {
  return frozenFirst || cut.startsWith(FISH_EXEMPT);
}
