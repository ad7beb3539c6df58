import { EGG_MINUTE_CORE_C } from '../figures/index.ts';
import { CORE_ROUNDING_C, EGG_CORE_C } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerAct, Ledger } from '../ledger.ts';

/** Custards and whatever eggs set are hot enough inside, or hot for long enough. */
export const eggDishes: Rule = {
  id: 'eggDishes',
  title: 'rule.eggDishes',
  source: 'source.foodCodeEggs',
  figures: {
    key: 'figures.eggDishes',
    values: { tempC: { tempC: EGG_CORE_C }, minute: { tempC: EGG_MINUTE_CORE_C } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const food = dish.foods.find(({ eggDish }) => eggDish);
      if (!food) return [];
      return dish.acts.flatMap((act) => {
        const found = act.last ? judged(meal, act, act.coreC) : undefined;
        return found ? [{ ...found, dish: dish.id, message: said(found, food.name, act) }] : [];
      });
    }),
};

type Judged = Omit<SafetyFinding, 'dish' | 'message'>;

function judged(meal: Ledger, act: LedgerAct, coreC?: number): Judged | undefined {
  if (coreC === undefined || coreC >= EGG_CORE_C - CORE_ROUNDING_C) return undefined;
  const enough = coreC >= EGG_MINUTE_CORE_C - CORE_ROUNDING_C;
  if (enough && !meal.children && !meal.frail) return undefined;
  return {
    rule: 'eggDishes',
    level: enough ? 'caution' : 'stop',
    step: act.id,
    source: 'source.foodCodeEggs',
    mends: [{ kind: 'core', step: act.id, coreC: Math.ceil(EGG_CORE_C) }],
  };
}

function said({ level }: Judged, food: string, { coreC = 0 }: LedgerAct): SafetyFinding['message'] {
  const values = { food, tempC: { tempC: coreC }, least: { tempC: EGG_CORE_C } };
  return level === 'stop'
    ? { key: 'safety.eggDish', values: { ...values, minute: { tempC: EGG_MINUTE_CORE_C } } }
    : { key: 'safety.eggDishFrail', values };
}
