import { WASH_BOARD_MIN } from '../figures/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { RAW_BOARD_WORK } from '../safety/index.ts';
import { coreWords } from '../words/index.ts';
import { cutOf } from './amounts.ts';
import type { Dish, Hands, Meal, Step, StepTime } from './schema.ts';

/**
 * A dish whose step washes up after itself, if it has hands on raw meat, poultry or fish at the
 * board: so much longer, and told so. A step that says whether it washes stays as it is.
 */
export function withWash(meal: Pick<Meal, 'pantry'>, dish: Dish, id: string): Dish {
  const isRaw = dish.foods.some((food) => (cutOf(meal, food)?.animal ?? 'none') !== 'none');
  if (!isRaw) return dish;
  return {
    ...dish,
    steps: dish.steps.map((step) =>
      step.id === id && step.washes === undefined && handlesRaw(dish, step) ? washing(step) : step,
    ),
  };
}

function handlesRaw(dish: Dish, step: Step): boolean {
  if (step.place.kind !== 'board' || !RAW_BOARD_WORK.has(step.verb)) return false;
  return step.hands.length > 0 && !followsFire(dish, step, new Set());
}

function followsFire(dish: Dish, step: Step, seen: Set<string>): boolean {
  return step.after.some((gap) => {
    const before = dish.steps.find(({ id }) => id === gap.step);
    if (!before || seen.has(before.id)) return false;
    seen.add(before.id);
    return FIRE_VERBS.has(before.verb) || followsFire(dish, before, seen);
  });
}

function washing(step: Step): Step {
  const what = coreWords['school.step.washUp'];
  const isAll = step.hands.some(({ when }) => when === 'all');
  const hands = step.hands.map((one): Hands =>
    one.when === 'all' ? { ...one, what: `${one.what}, ${what}` } : one,
  );
  const end: Hands = { when: 'end', minutes: WASH_BOARD_MIN, what: coreWords['mend.washStep'] };
  return {
    ...step,
    time: longer(step.time),
    hands: isAll ? hands : [...hands, end],
    washes: true,
  };
}

function longer(time: StepTime): StepTime {
  if (time.kind === 'fixed') return { ...time, minutes: time.minutes + WASH_BOARD_MIN };
  if (time.kind !== 'range') return time;
  return {
    ...time,
    leastMin: time.leastMin + WASH_BOARD_MIN,
    likelyMin: time.likelyMin + WASH_BOARD_MIN,
    mostMin: time.mostMin + WASH_BOARD_MIN,
  };
}
