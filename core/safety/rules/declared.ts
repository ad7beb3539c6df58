import type { Rule, SafetyFinding } from '../finding.ts';
import { isFullBoil } from '../full-boil.ts';
import type { Ledger, LedgerDish, LedgerMixture } from '../ledger.ts';

/** What a file declares of a mixture and its steps deny: the steps are believed, and the cook is told. */
export const declared: Rule = {
  id: 'declared',
  title: 'rule.declared',
  source: 'source.common',
  figures: { key: 'figures.declared' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap((one) => [...saidClean(dish, one), ...saidBoiled(meal, dish, one)]),
    ),
};

function saidClean(
  dish: LedgerDish,
  { name, touchesRaw, declares }: LedgerMixture,
): SafetyFinding[] {
  if (declares.touchesRaw || !touchesRaw) return [];
  return [findingOf(dish, 'safety.declaredClean', name)];
}

function saidBoiled(meal: Ledger, dish: LedgerDish, mixture: LedgerMixture): SafetyFinding[] {
  const { id, name, declares } = mixture;
  const acts = dish.acts.filter(({ mixtures }) => mixtures.includes(id));
  if (!declares.boiled || acts.length === 0) return [];
  const boils = acts.some((act) => isFullBoil(meal, act));
  return boils ? [] : [findingOf(dish, 'safety.declaredBoiled', name)];
}

function findingOf(
  dish: LedgerDish,
  key: 'safety.declaredClean' | 'safety.declaredBoiled',
  mixture: string,
): SafetyFinding {
  return {
    rule: 'declared',
    level: 'caution',
    dish: dish.id,
    message: { key, values: { mixture } },
    source: 'source.common',
    mends: [],
  };
}
