import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { rawDays } from '../raw-days.ts';
import type { Rule } from '../finding.ts';
import { minutesOfSpan, rawFoods } from '../ledger.ts';

/** Raw food in a marinade or brine: cold, and no longer than it keeps. */
export const longSoak: Rule = {
  id: 'longSoak',
  title: 'rule.longSoak',
  source: 'source.fsisMarinating',
  figures: { key: 'figures.longSoak' },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const cured = dish.mixtures.some(({ cure }) => cure !== undefined);
      const [worst] = rawFoods(dish)
        .flatMap((food) => {
          const soaks = food.spans.filter((span) => span.soaks !== undefined);
          const minutes = soaks.reduce((sum, span) => sum + minutesOfSpan(span), 0);
          const days = rawDays({ animal: food.animal, minced: food.minced, cured });
          return minutes > days * MINUTES_PER_DAY ? [{ food, soaks, minutes, days }] : [];
        })
        .sort((a, b) => b.minutes / b.days - a.minutes / a.days);
      const last = worst?.soaks.findLast(({ step }) => step !== undefined);
      if (!worst || !last?.step) return [];
      const rest = worst.days * MINUTES_PER_DAY - (worst.minutes - minutesOfSpan(last));
      return [
        {
          rule: 'longSoak',
          level: 'stop',
          dish: dish.id,
          step: last.step,
          food: worst.food.id,
          message: {
            key: 'safety.longSoak',
            values: {
              food: worst.food.animal,
              minutes: { minutes: worst.minutes },
              days: String(worst.days),
            },
          },
          source: 'source.fsisMarinating',
          mends: rest > 0 ? [{ kind: 'minutes', step: last.step, minutes: rest }] : [],
        } as const,
      ];
    }),
};
