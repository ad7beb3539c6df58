import { FISH_EXEMPT } from './figures/index.ts';
import type { LedgerFood } from './ledger.ts';

/** Fish that was frozen hard, was farmed on clean feed, or is of a kind that need not be. */
export function isFreeOfParasites({
  cut = '',
  frozenFirst,
  farmed,
}: Pick<LedgerFood, 'cut' | 'frozenFirst' | 'farmed'>): boolean {
  return frozenFirst || farmed || cut.startsWith(FISH_EXEMPT);
}
