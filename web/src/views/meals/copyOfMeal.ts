import { addDays, servingMin, withoutLeftOvers, type Meal } from '@zemrin/core';

const DAY = 1440;

/** A meal to be cooked once more: on its weekday, a week ahead where it is past, all bought anew. */
export function copyOfMeal(meal: Meal, title: string, nowMin: number): Meal {
  const late = Math.max(0, Math.ceil((nowMin - servingMin(meal)) / DAY / 7));
  const at = late > 0 ? addDays(meal.serving.at, late * 7) : meal.serving.at;
  return { ...withoutLeftOvers(meal), title, serving: { ...meal.serving, at } };
}
