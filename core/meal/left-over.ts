import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { epochMinOfIso, isoOf } from '../time/index.ts';
import { freshId } from './ids.ts';
import type { Dish, Food, Meal, Step } from './schema.ts';
import { onItsOwn } from './take-part.ts';
import { foodsByStep } from './works-on.ts';

/** What is left of a food of an earlier meal: so much of it, and where it has been since. */
export interface LeftOverFood {
  readonly run: string;
  readonly food: string;
  /** The cut it is now: cooked beef, say. */
  readonly cut: string;
  readonly weightG: number;
  /** When it was served, epoch minutes. */
  readonly cookedMin: number;
  /** In the freezer since, epoch minutes. */
  readonly frozenMin?: number | undefined;
  /** What was cooked with it, for who avoids it. */
  readonly holds: NonNullable<Food['leftOver']>['holds'];
}

/**
 * A dish one food of which is left over from an earlier meal: as much as is left, with the time it
 * was cooked, and thawed first where it is frozen.
 */
export function withLeftOver(dish: Dish, foodId: string, left: LeftOverFood, zone: string): Dish {
  const { run, food, cut, weightG, cookedMin, frozenMin, holds } = left;
  const leftOver = {
    run,
    food,
    cookedAt: isoOf(Math.floor(cookedMin), zone),
    ...(frozenMin !== undefined && { frozenAt: isoOf(Math.floor(frozenMin), zone) }),
    holds: [...holds],
  };
  const foods = dish.foods.map((one) =>
    one.id === foodId ? { ...one, cut, weighedG: Math.round(weightG), leftOver } : one,
  );
  const whole = { ...dish, foods };
  return frozenMin === undefined ? whole : thawedFirst(whole, foodId, weightG);
}

/** A pack as flat as left-overs are is thawed overnight at the least, h. Common practice, no source. */
const LEAST_THAW_H = 10;
/**
 * Thaws in a fridge: a day for every 4 to 5 pounds.
 *
 * @unit g a day
 * @source USDA/FSIS, The Big Thaw, from memory
 * @confidence 0.8
 */
const THAWS_G_A_DAY = 2000;

function thawedFirst(dish: Dish, foodId: string, weightG: number): Dish {
  const id = freshId('thaw', new Set(dish.steps.map((step) => step.id)));
  const likelyMin = MINUTES_PER_HOUR * Math.max(LEAST_THAW_H, (24 * weightG) / THAWS_G_A_DAY);
  const thaw: Step = {
    id,
    label: 'Thaw it in the fridge',
    verb: 'thaw',
    time: {
      kind: 'range',
      leastMin: Math.round(0.8 * likelyMin),
      likelyMin: Math.round(likelyMin),
      mostMin: Math.round(1.6 * likelyMin),
    },
    place: { kind: 'fridge' },
    hands: [
      {
        when: 'start',
        minutes: 1,
        what: 'Out of the freezer, on a plate, to the bottom of the fridge',
      },
    ],
    foods: [foodId],
    cautions: [],
    after: [],
  };
  const works = foodsByStep({}, dish);
  const isFirst = (step: Step) =>
    (works.get(step.id)?.includes(foodId) ?? false) &&
    !step.after.some((gap) => works.get(gap.step)?.includes(foodId));
  const steps = dish.steps.map((step) =>
    isFirst(step)
      ? {
          ...step,
          after: [
            ...step.after,
            {
              step: id,
              from: 'end' as const,
              leastMin: 0,
              mostMin: THAWED_KEEPS_H * MINUTES_PER_HOUR,
            },
          ],
        }
      : step,
  );
  return { ...dish, steps: [thaw, ...steps] };
}

/** Thawed it is eaten the same day. Common practice, no source. */
const THAWED_KEEPS_H = 12;

/** A meal to be cooked again: what was left over was eaten then, and is asked for anew. */
export function withoutLeftOvers(meal: Meal): Meal {
  const anew = (food: Food) => (food.leftOver === undefined ? food : onItsOwn(food));
  return { ...meal, dishes: meal.dishes.map((dish) => ({ ...dish, foods: dish.foods.map(anew) })) };
}

/** Since when what is left over is cooked, and frozen where it is, epoch minutes; nothing for any other food. */
export function keptSince(
  { serving: { zone } }: Pick<Meal, 'serving'>,
  { leftOver }: Food,
): { readonly cookedMin?: number; readonly frozenMin?: number } {
  if (leftOver === undefined) return {};
  const { cookedAt, frozenAt } = leftOver;
  return {
    cookedMin: epochMinOfIso(cookedAt, zone),
    ...(frozenAt !== undefined && { frozenMin: epochMinOfIso(frozenAt, zone) }),
  };
}
