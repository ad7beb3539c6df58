import { HOT_HOLDING_C, RICE_WAITS_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf } from '../ledger.ts';

const WAITS = new Set(['rest', 'hold', 'cool']);

/** Cooked rice and grains do not stand lukewarm. */
export const rice: Rule = {
  id: 'rice',
  title: 'rule.rice',
  source: 'source.fsaRice',
  figures: { key: 'figures.rice', values: { minutes: { minutes: RICE_WAITS_MIN } } },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const grain = dish.foods.find((food) => food.grain);
      if (!grain) return [];
      return dish.acts.flatMap((act) => {
        const kept = act.tempC !== undefined && (act.tempC >= HOT_HOLDING_C || act.tempC <= 5);
        if (!act.afterFire || !WAITS.has(act.verb) || kept || act.place === 'fridge') return [];
        if (minutesOf(act) <= RICE_WAITS_MIN) return [];
        return [
          {
            rule: 'rice',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: {
              key: 'safety.rice',
              values: { food: grain.name, minutes: { minutes: minutesOf(act) } },
            },
            source: 'source.fsaRice',
            mends: [{ kind: 'minutes', step: act.id, minutes: RICE_WAITS_MIN }],
          } as const,
        ];
      });
    }),
};
