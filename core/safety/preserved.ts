import {
  LOW_ACID_PH,
  PRESERVING_ALCOHOL_SHARE,
  PRESERVING_SALT_SHARE,
  PRESERVING_SUGAR_SHARE,
} from './figures/index.ts';
import type { LedgerMixture } from './ledger.ts';

/** Dry, sour, salt, sweet or strong enough that nothing grows in it. */
export function isPreserved(mixture: LedgerMixture): boolean {
  const { waterShare, oilShare } = mixture;
  // Oil keeps as oil does, unless egg is beaten into it; garlic in it is a rule of its own.
  const dry = waterShare < DRY_SHARE || oilShare > 1 - DRY_SHARE;
  return (dry && !mixture.rawEgg) || isPickle(mixture);
}

/** Sour, salt, sweet or strong enough to keep what lies in it. */
export function isPickle(mixture: LedgerMixture): boolean {
  const { pH, saltShare, sugarShare, alcoholShare } = mixture;
  return (
    // A squeeze of lemon makes no egg safe.
    (pH !== undefined && pH <= LOW_ACID_PH && !mixture.rawEgg) ||
    saltShare >= PRESERVING_SALT_SHARE ||
    sugarShare >= PRESERVING_SUGAR_SHARE ||
    alcoholShare >= PRESERVING_ALCOHOL_SHARE
  );
}

/** A rub holds no water to speak of. Our own line, no source. */
const DRY_SHARE = 0.12;
