import { BOIL_ROUNDING_C } from './figures/index.ts';
import type { Ledger, LedgerAct } from './ledger.ts';

const BOILS: ReadonlySet<string> = new Set(['boil', 'reduce', 'simmer', 'braise']);

/** A ring's figure is no thermometer, nor is a thermometer in a pot. Our own line, no source. */
const READS_LOW_C = 1;

/** A full boil is one that reaches it: here, at this altitude. A sauce that is reduced boils all the while. */
export function isFullBoil(
  { boilingC }: Pick<Ledger, 'boilingC'>,
  { verb, tempC }: Pick<LedgerAct, 'verb' | 'tempC'>,
): boolean {
  const least = boilingC - BOIL_ROUNDING_C - READS_LOW_C;
  return BOILS.has(verb) && (tempC === undefined || tempC >= least);
}
