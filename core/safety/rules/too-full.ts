import {
  FRYING_FULL_SHARE,
  PRESSURE_FULL_SHARE,
  SUGAR_FULL_SHARE,
  OIL_FROM_SHARE,
  SYRUP_FROM_SHARE,
} from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import type { LedgerAct, LedgerDish, Ledger } from '../ledger.ts';

/** Hot fat, boiling sugar and a pot under pressure want room above them. */
export const tooFull: Rule = {
  id: 'tooFull',
  title: 'rule.tooFull',
  source: 'source.common',
  figures: {
    key: 'figures.tooFull',
    values: {
      fat: percent(FRYING_FULL_SHARE),
      sugar: percent(SUGAR_FULL_SHARE),
      pressure: percent(PRESSURE_FULL_SHARE),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.acts.flatMap((act) => {
        const over = overfilled(meal, dish, act);
        if (!over) return [];
        return [
          {
            rule: 'tooFull',
            level: 'caution',
            dish: dish.id,
            step: act.id,
            message: {
              key: 'safety.tooFull',
              values: { vessel: over.vessel, share: percent(over.share), most: percent(over.most) },
            },
            source: 'source.common',
            mends: [],
          } as const,
        ];
      }),
    ),
};

function percent(share: number): string {
  return String(Math.round(share * 100));
}

const HEATS = new Set(['fry', 'boil', 'simmer', 'reduce', 'brown', 'sear', 'braise']);

function overfilled(
  { vessels }: Ledger,
  { mixtures }: LedgerDish,
  act: LedgerAct,
): { vessel: string; share: number; most: number } | undefined {
  if (!HEATS.has(act.verb)) return undefined;
  const inIt = mixtures.filter(({ id }) => act.mixtures.includes(id));
  const vessel = [act.vessel, ...inIt.map((one) => one.vessel)].flatMap(
    (id) => vessels.get(id ?? '') ?? [],
  )[0];
  const ml = inIt.reduce((sum, one) => sum + one.ml, 0);
  if (!vessel || ml === 0) return undefined;
  const most = limitFor(act, inIt);
  const share = ml / vessel.capacityMl;
  return most !== undefined && share > most ? { vessel: vessel.name, share, most } : undefined;
}

function limitFor(act: LedgerAct, inIt: LedgerDish['mixtures']): number | undefined {
  if (act.place === 'pressure-cooker') return PRESSURE_FULL_SHARE;
  if (inIt.some(({ oilShare }) => oilShare >= OIL_FROM_SHARE)) return FRYING_FULL_SHARE;
  return inIt.some(({ sugarShare }) => sugarShare >= SYRUP_FROM_SHARE)
    ? SUGAR_FULL_SHARE
    : undefined;
}
