import type { Rule } from '../finding.ts';
import { rawFoods } from '../ledger.ts';

/** Frozen through: what has only begun to freeze is thawed by a pot before it matters. Our own line, no source. */
const FROZEN_BELOW_C = -3;

/** A slow cooker takes no frozen meat: it would lie lukewarm for hours before it is hot. */
export const frozenSlow: Rule = {
  id: 'frozenSlow',
  title: 'rule.frozenSlow',
  source: 'source.fsisSlowCookers',
  figures: { key: 'figures.frozenSlow' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      rawFoods(dish).flatMap((food) => {
        const slow = dish.acts.filter((act) => act.slowCooker || act.place === 'slow-cooker');
        const [first] = food.spans.filter((span) => slow.some(({ id }) => id === span.step));
        if (!first?.step || first.coreC[0] > FROZEN_BELOW_C) return [];
        return [
          {
            rule: 'frozenSlow',
            level: 'stop',
            dish: dish.id,
            step: first.step,
            food: food.id,
            message: { key: 'safety.frozenSlow', values: { food: food.name } },
            source: 'source.fsisSlowCookers',
            mends: [],
          } as const,
        ];
      }),
    ),
};
