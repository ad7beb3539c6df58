import { ROOM_LIMIT_MIN } from '../figures.ts';
import type { Rule } from '../finding.ts';
import { rawFoods } from '../watched.ts';

/** From 10 to 54.4 °C in six hours. Source: USDA/FSIS, Appendix A; from memory. */
const FROM_C = 10;
const TO_C = 54.4;
const MOST_MIN = 360;

/** A slow fire brings the middle out of danger in six hours, and the surface in two. */
export const slowWarming: Rule = {
  id: 'slowWarming',
  source: 'source.fsisAppendixA',
  figures: {
    key: 'figures.slowWarming',
    values: { core: { minutes: MOST_MIN }, surface: { minutes: ROOM_LIMIT_MIN } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.flatMap((act) => {
        const { temperatures } = act;
        if (!temperatures || !act.last) return [];
        const minutes = minutesBetween(temperatures.minute, temperatures.coreC);
        const slow = minutes > MOST_MIN;
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
    if (at >= FROM_C && at < TO_C) sum += (minute[i] ?? 0) - (minute[i - 1] ?? 0);
  }
  return sum;
}
