import type { Rule } from '../finding.ts';
import { minutesOfSpan, rawFoods } from '../ledger.ts';

/** A clock on the wall is not read to the minute. */
const ROUNDING_SHARE = 1.1;

/** Raw fruit softens meat until nothing holds: no harm to who eats it, and the end of the dish. */
export const fruitPaste: Rule = {
  id: 'fruitPaste',
  title: 'rule.fruitPaste',
  source: 'source.common',
  figures: { key: 'figures.fruitPaste' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap(({ id, name, pasteFromMin }) => {
        if (pasteFromMin === undefined) return [];
        const [worst] = rawFoods(dish)
          .flatMap((food) => {
            const soaks = food.spans.filter(
              ({ soaks: lies, mixtures }) => lies !== undefined && mixtures.includes(id),
            );
            const minutes = soaks.reduce((sum, span) => sum + minutesOfSpan(span), 0);
            const step = soaks.find((span) => span.step !== undefined)?.step;
            return minutes > pasteFromMin * ROUNDING_SHARE && step !== undefined
              ? [{ food, minutes, step }]
              : [];
          })
          .sort((a, b) => b.minutes - a.minutes);
        if (!worst) return [];
        const limit = Math.max(1, Math.floor(pasteFromMin));
        return [
          {
            rule: 'fruitPaste',
            level: 'caution',
            dish: dish.id,
            step: worst.step,
            food: worst.food.id,
            message: {
              key: 'safety.fruitPaste',
              values: {
                food: worst.food.name,
                mixture: name,
                minutes: { minutes: worst.minutes },
                limit: { minutes: limit },
              },
            },
            source: 'source.common',
            mends: [{ kind: 'minutes', step: worst.step, minutes: limit }],
          } as const,
        ];
      }),
    ),
};
