import {
  COOKED_SAUCE_DAYS,
  LOW_ACID_PH,
  PRESERVING_ALCOHOL_SHARE,
  PRESERVING_SALT_SHARE,
  PRESERVING_SUGAR_SHARE,
  SHELF_DAYS,
} from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerDish, LedgerMixture } from '../ledger.ts';

/** What is low in acid, salt, sugar and spirit keeps for days, unless it is frozen or pressure canned. */
export const shelf: Rule = {
  id: 'shelf',
  title: 'rule.shelf',
  source: 'source.canning',
  figures: {
    key: 'figures.shelf',
    values: { pH: String(LOW_ACID_PH), days: String(COOKED_SAUCE_DAYS) },
  },
  check: (meal) => meal.dishes.flatMap((dish) => dish.mixtures.flatMap((one) => kept(dish, one))),
};

function kept({ id: dish }: LedgerDish, mixture: LedgerMixture): SafetyFinding[] {
  const { keepsDays, name } = mixture;
  if (keepsDays === undefined || keepsDays <= COOKED_SAUCE_DAYS || isPreserved(mixture)) return [];
  return [
    {
      rule: 'shelf',
      level: keepsDays > SHELF_DAYS ? 'stop' : 'caution',
      dish,
      message: {
        key: 'safety.shelf',
        values: { mixture: name, days: String(keepsDays), most: String(COOKED_SAUCE_DAYS) },
      },
      source: 'source.canning',
      mends: [{ kind: 'keeps', mixture: mixture.id, days: COOKED_SAUCE_DAYS }],
    },
  ];
}

/** Dry, sour, salt, sweet or strong enough that nothing grows in it. */
function isPreserved(mixture: LedgerMixture): boolean {
  const { pH, saltShare, sugarShare, alcoholShare, waterShare, oilShare } = mixture;
  // Oil keeps as oil does; garlic in it is a rule of its own.
  if (waterShare < DRY_SHARE || oilShare > 1 - DRY_SHARE) return true;
  return (
    (pH !== undefined && pH <= LOW_ACID_PH) ||
    saltShare >= PRESERVING_SALT_SHARE ||
    sugarShare >= PRESERVING_SUGAR_SHARE ||
    alcoholShare >= PRESERVING_ALCOHOL_SHARE
  );
}

/** A rub holds no water to speak of. Our own line, no source. */
const DRY_SHARE = 0.12;
