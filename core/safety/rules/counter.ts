import { ROOM_LIMIT_MIN } from '../figures.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, rawFoods, type WatchedAct, type WatchedDish } from '../watched.ts';

/** Above this room one hour is the limit, 90 °F. Source: USDA/FSIS, the two-hour rule. */
const HOT_ROOM_C = 32;
const HOT_LIMIT_MIN = 60;
const OUT = new Set(['counter', 'board', 'table']);
const LIES = new Set(['marinate', 'brine', 'soak', 'temper', 'rest', 'rise', 'hold']);

/**
 * Raw food out of the fridge: all the time it lies on the counter before its fire, summed over its
 * chain. Thawing there is a rule of its own.
 */
export const counter: Rule = {
  id: 'counter',
  source: 'source.fsisTwoHours',
  check: (meal) => {
    const limit = meal.roomC > HOT_ROOM_C ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
    return meal.dishes.flatMap((dish) => overLong(dish, limit));
  },
};

function overLong(dish: WatchedDish, limit: number): SafetyFinding[] {
  if (rawFoods(dish).length === 0) return [];
  const lies = dish.acts.filter(
    (act) => OUT.has(act.place) && LIES.has(act.verb) && !act.afterFire,
  );
  const total = lies.reduce((sum, act) => sum + minutesOf(act), 0);
  if (total <= limit) return [];
  const longest = lies.reduce<WatchedAct | undefined>(
    (most, act) => (most && minutesOf(most) >= minutesOf(act) ? most : act),
    undefined,
  );
  if (!longest) return [];
  const rest = limit - (total - minutesOf(longest));
  return [
    {
      rule: 'counter',
      level: 'stop',
      dish: dish.id,
      step: longest.id,
      message: {
        key: 'safety.counter',
        values: { minutes: { minutes: total }, limit: { minutes: limit } },
      },
      source: 'source.fsisTwoHours',
      mends: [
        ...(longest.verb === 'temper' ? [] : [{ kind: 'fridge', step: longest.id } as const]),
        ...(rest >= 10 ? [{ kind: 'minutes', step: longest.id, minutes: rest } as const] : []),
      ],
    },
  ];
}
