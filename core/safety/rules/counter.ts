import { WORKED_FOR_MIN, BRISK_MIN, FRIDGE_COLD_C, HOT_HOLDING_C } from '../figures/index.ts';
import { HOT_LIMIT_MIN, HOT_ROOM_C, ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import {
  minutesOf,
  RAW_BOARD_WORK,
  rawFoods,
  warmForRaw,
  type WatchedAct,
  type WatchedDish,
} from '../watched.ts';

const LIES = new Set(['marinate', 'brine', 'soak', 'temper', 'rest', 'rise', 'ferment', 'hold']);

/**
 * Raw food between 5 and 60 °C, summed over its chain by its own surface: all the time it lies on
 * the counter, what it takes the fridge to cool it again, and what a slow fire takes to warm it.
 * Thawing is a rule of its own.
 */
export const counter: Rule = {
  id: 'counter',
  title: 'rule.counter',
  source: 'source.fsisTwoHours',
  figures: {
    key: 'figures.counter',
    values: {
      cold: { tempC: FRIDGE_COLD_C },
      warm: { tempC: HOT_HOLDING_C },
      room: { tempC: HOT_ROOM_C },
      limit: { minutes: ROOM_LIMIT_MIN },
      hot: { minutes: HOT_LIMIT_MIN },
    },
  },
  check: (meal) => {
    const limit = meal.roomC > HOT_ROOM_C ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
    return meal.dishes.flatMap((dish) => overLong(dish, limit));
  },
};

function overLong(dish: WatchedDish, limit: number): SafetyFinding[] {
  if (rawFoods(dish).length === 0) return [];
  const lies = dish.acts.filter(
    (act) =>
      warmForRaw(act) && (LIES.has(act.verb) || isWorked(act)) && !act.afterFire && !act.aside,
  );
  const out = lies.reduce((sum, act) => sum + minutesOf(act), 0);
  const back = dish.acts.reduce((sum, act) => sum + act.coolsBackMin, 0);
  const slow = slowFireMin(dish, limit);
  const total = out + back + slow;
  const [longest] = [...lies].sort((a, b) => minutesOf(b) - minutesOf(a));
  if (total <= limit || !longest) return [];
  return [
    {
      rule: 'counter',
      level: 'stop',
      dish: dish.id,
      step: longest.id,
      message: {
        key: total > out ? 'safety.counterInAll' : 'safety.counter',
        values: { minutes: { minutes: total }, limit: { minutes: limit } },
      },
      source: 'source.fsisTwoHours',
      mends: mendsOf(longest, limit - (total - minutesOf(longest)) - slow / 4),
    },
  ];
}

function isWorked(act: WatchedAct): boolean {
  return RAW_BOARD_WORK.has(act.verb) && minutesOf(act) > WORKED_FOR_MIN;
}

/** What the fire adds; by itself too slow it is a rule of its own. */
function slowFireMin(dish: WatchedDish, limit: number): number {
  const minutes = Math.max(
    0,
    ...dish.acts.map(({ temperatures }) => temperatures?.warmingMin ?? 0),
  );
  return minutes <= BRISK_MIN || minutes > limit ? 0 : minutes;
}

/** Colder food takes a slow fire longer, so a little more is taken off. */
function mendsOf(longest: WatchedAct, restMin: number): SafetyFinding['mends'] {
  return [
    ...(longest.verb === 'temper' ? [] : [{ kind: 'fridge', step: longest.id } as const]),
    ...(restMin >= 10
      ? [{ kind: 'minutes', step: longest.id, minutes: Math.floor(restMin) } as const]
      : []),
  ];
}
