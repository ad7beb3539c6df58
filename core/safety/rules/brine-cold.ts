import { FRIDGE_COLD_C } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { isFirePlace } from '../../places/index.ts';
import { FIRE_VERBS } from '../../terms/index.ts';
import { rawFoods, type LedgerAct } from '../ledger.ts';

/** A brine that was boiled is cold before raw food goes in. */
export const brineCold: Rule = {
  id: 'brineCold',
  title: 'rule.brineCold',
  source: 'source.foodCodeCold',
  figures: { key: 'figures.brineCold', values: { tempC: { tempC: FRIDGE_COLD_C } } },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      const boiled = new Set(dish.mixtures.filter((one) => one.boiled).map(({ id }) => id));
      const heatedBefore = (id: string, i: number) =>
        dish.acts.slice(0, i).some((one) => isFireAct(one) && one.mixtures.includes(id));
      return dish.acts.flatMap((act, i) => {
        if (act.verb !== 'brine' && act.verb !== 'marinate') return [];
        const mixture = act.mixtures.find((id) => boiled.has(id) || heatedBefore(id, i));
        if (mixture === undefined) return [];
        const cooled = dish.acts
          .slice(0, i)
          .filter(({ mixtures }) => mixtures.includes(mixture))
          .reduce((sum, { brineShare = 0 }) => sum + brineShare, 0);
        if (cooled >= COLD_ENOUGH) return [];
        return [
          {
            rule: 'brineCold',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: { key: 'safety.brineCold', values: { tempC: { tempC: FRIDGE_COLD_C } } },
            source: 'source.foodCodeCold',
            mends: [{ kind: 'coolBefore', step: act.id, mixture }],
          } as const,
        ];
      });
    }),
};

/** Hot from a step, whatever its file declares. */
function isFireAct({ verb, place }: LedgerAct): boolean {
  return FIRE_VERBS.has(verb) && isFirePlace(place);
}

/** A pot shaped otherwise cools a little sooner. Our own line, no source. */
const COLD_ENOUGH = 0.8;
