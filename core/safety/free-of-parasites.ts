import { FISH_EXEMPT, SHELLFISH_EXEMPT } from './figures/index.ts';
import type { LedgerFood } from './ledger.ts';

/** Fish that was frozen hard, was farmed on clean feed, or is of a kind that need not be. */
export function isFreeOfParasites({
  cut = '',
  frozenFirst,
  farmed,
  name,
}: Pick<LedgerFood, 'cut' | 'frozenFirst' | 'farmed' | 'name'>): boolean {
  const exempt = SHELLFISH_EXEMPT.test(`${cut.replaceAll('-', ' ')} ${name}`);
  return exempt || frozenFirst || farmed || cut.startsWith(FISH_EXEMPT);
}
