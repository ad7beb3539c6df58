import { COOKED_SAUCE_DAYS, LOW_ACID_PH, SHELF_DAYS } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { isPickle, isPreserved } from '../preserved.ts';
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
  check: (meal) =>
    meal.dishes.flatMap((dish) => [
      ...dish.mixtures.flatMap((one) => kept(dish, one)),
      ...keptWhole(dish),
    ]),
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

/** A dish that is to keep: meat, fish and vegetables, in nothing that would keep them. */
function keptWhole({
  id,
  name,
  keepsDays = 0,
  foods,
  mixtures,
  acts,
}: LedgerDish): SafetyFinding[] {
  const frozen = acts.some(({ place }) => place === 'freezer');
  if (keepsDays <= COOKED_SAUCE_DAYS || foods.length === 0 || frozen) return [];
  // Vegetables in vinegar keep; under oil, and meat under fat, is a matter of luck.
  const pickled = foods.every(({ animal }) => animal === 'none') && mixtures.some(isPickle);
  if (pickled) return [];
  return [
    {
      rule: 'shelf',
      level: keepsDays > SHELF_DAYS ? 'stop' : 'caution',
      dish: id,
      step: acts.at(-1)?.id,
      message: {
        key: 'safety.shelf',
        values: { mixture: name, days: String(keepsDays), most: String(COOKED_SAUCE_DAYS) },
      },
      source: 'source.canning',
      mends: [{ kind: 'keepsDish', dish: id, days: COOKED_SAUCE_DAYS }],
    },
  ];
}
