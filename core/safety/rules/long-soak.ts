import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { rawDays } from '../raw-days.ts';
import type { Rule } from '../finding.ts';
import { minutesOf, rawFoods } from '../watched.ts';

/** Raw food in a marinade or brine: cold, and no longer than it keeps. */
export const longSoak: Rule = {
  id: 'longSoak',
  title: 'rule.longSoak',
  source: 'source.fsisMarinating',
  figures: { key: 'figures.longSoak' },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const cured = dish.mixtures.some(({ cure }) => cure !== undefined);
      const [limit] = rawFoods(dish)
        .map(({ animal, minced }) => ({ animal, days: rawDays({ animal, minced, cured }) }))
        .sort((a, b) => a.days - b.days);
      if (!limit) return [];
      const soaks = dish.acts.filter(({ verb }) => verb === 'marinate' || verb === 'brine');
      const total = soaks.reduce((sum, act) => sum + minutesOf(act), 0);
      const last = soaks.at(-1);
      if (!last || total <= limit.days * MINUTES_PER_DAY) return [];
      const rest = limit.days * MINUTES_PER_DAY - (total - minutesOf(last));
      return [
        {
          rule: 'longSoak',
          level: 'stop',
          dish: dish.id,
          step: last.id,
          message: {
            key: 'safety.longSoak',
            values: { food: limit.animal, minutes: { minutes: total }, days: String(limit.days) },
          },
          source: 'source.fsisMarinating',
          mends: rest > 0 ? [{ kind: 'minutes', step: last.id, minutes: rest }] : [],
        } as const,
      ];
    }),
};
