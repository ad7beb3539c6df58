import { GROWS_FROM_C, GROWS_UNTIL_C, WARMED_WITHIN_MIN } from '../figures/index.ts';
import { ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { rawFoods } from '../ledger.ts';

/** A slow fire brings the middle out of danger in six hours, and the surface in two. */
export const slowWarming: Rule = {
  id: 'slowWarming',
  title: 'rule.slowWarming',
  source: 'source.fsisAppendixA',
  figures: {
    key: 'figures.slowWarming',
    values: {
      from: { tempC: GROWS_FROM_C },
      to: { tempC: GROWS_UNTIL_C },
      core: { minutes: WARMED_WITHIN_MIN },
      surface: { minutes: ROOM_LIMIT_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.flatMap((act) => {
        const { temperatures } = act;
        if (!temperatures || !act.last) return [];
        const minutes = minutesBetween(temperatures.minute, temperatures.coreC);
        const slow = minutes > WARMED_WITHIN_MIN;
        if (!slow && temperatures.warmingMin <= ROOM_LIMIT_MIN) return [];
        return [
          {
            rule: 'slowWarming',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: {
              key: slow ? 'safety.slowWarming' : 'safety.slowSurface',
              values: {
                minutes: {
                  minutes: Math.round((slow ? minutes : temperatures.warmingMin) / 10) * 10,
                },
              },
            },
            source: 'source.fsisAppendixA',
            mends:
              act.tempC === undefined
                ? []
                : [{ kind: 'heat', step: act.id, tempC: act.tempC + 20 }],
          } as const,
        ];
      });
    }),
};

function minutesBetween(minute: ArrayLike<number>, coreC: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 1; i < minute.length; i++) {
    const at = coreC[i] ?? 0;
    if (at >= GROWS_FROM_C && at < GROWS_UNTIL_C) sum += (minute[i] ?? 0) - (minute[i - 1] ?? 0);
  }
  return sum;
}
