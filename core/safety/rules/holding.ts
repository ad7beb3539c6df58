import { HOT_HOLDING_C, HOLD_AT_C } from '../figures/index.ts';
import { ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf, outOfFridge, spoils, type WatchedDish, type WatchedMeal } from '../watched.ts';

/** What waits for the table is kept above 57 °C, or waits two hours at most. */
export const holding: Rule = {
  id: 'holding',
  title: 'rule.holding',
  source: 'source.foodCodeHold',
  figures: {
    key: 'figures.holding',
    values: { tempC: { tempC: HOT_HOLDING_C }, minutes: { minutes: ROOM_LIMIT_MIN } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (!spoils(dish)) return [];
      const waits = dish.acts
        .filter((act) => WAITS.has(act.verb) && act.afterFire && !COLD.has(act.place))
        .map((act) => ({ act, minutes: coolMinutes(act) }))
        .sort((a, b) => b.minutes - a.minutes);
      const [longest] = waits;
      const minutes = waits.reduce((sum, one) => sum + one.minutes, untilServed(dish, meal));
      if (!longest || minutes <= ROOM_LIMIT_MIN) return [];
      const { id: step, place } = longest.act;
      const rest = ROOM_LIMIT_MIN - (minutes - longest.minutes);
      return [
        {
          rule: 'holding',
          level: 'stop',
          dish: dish.id,
          step,
          message: {
            key: 'safety.holding',
            values: {
              minutes: { minutes },
              tempC: { tempC: HOT_HOLDING_C },
              limit: { minutes: ROOM_LIMIT_MIN },
            },
          },
          source: 'source.foodCodeHold',
          mends: [
            ...(place === 'oven' || place === 'hob'
              ? [{ kind: 'heat', step, tempC: HOLD_AT_C } as const]
              : []),
            ...(rest >= 10 ? [{ kind: 'minutes', step, minutes: rest } as const] : []),
          ],
        } as const,
      ];
    }),
};

/** It stands on board or table from its last step until it is served. */
function untilServed({ acts }: WatchedDish, { servingMin }: WatchedMeal): number {
  const last = acts.at(-1);
  if (!last?.afterFire || !outOfFridge(last)) return 0;
  return Math.max(0, servingMin - last.endMin);
}

const WAITS = new Set(['rest', 'hold', 'serve']);
const COLD = new Set(['fridge', 'freezer']);

/** Minutes in which its coldest point is below the limit. */
function coolMinutes(act: Parameters<typeof minutesOf>[0]): number {
  if (act.temperatures) {
    const { minute, surfaceC } = act.temperatures;
    let sum = 0;
    for (let i = 1; i < minute.length; i++) {
      if ((surfaceC[i] ?? 0) < HOT_HOLDING_C) sum += (minute[i] ?? 0) - (minute[i - 1] ?? 0);
    }
    return Math.round(sum);
  }
  if (act.tempC !== undefined && act.tempC >= HOT_HOLDING_C) return 0;
  // A box keeps food hot for a while; what nobody has reckoned counts half.
  return act.place === 'box' ? Math.round(minutesOf(act) / 2) : minutesOf(act);
}
