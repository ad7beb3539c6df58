import { MINUTES_PER_DAY } from '../figures/index.ts';
import { isoOf } from '../time/index.ts';
import { servingMin } from './serving.ts';
import type { MealProblem } from './problem.ts';
import type { Meal } from './schema.ts';

/** How far ahead a meal is planned. Nobody invites for longer, and a slip of a digit is told. */
const MOST_DAYS_AHEAD = 730;
/** And how far back a plan is looked at again. */
const MOST_DAYS_BACK = 3650;

/** What is wrong with the serving time of a meal that is to be planned now. */
export function horizonProblem(meal: Meal, nowMin: number): MealProblem | undefined {
  const days = (servingMin(meal) - nowMin) / MINUTES_PER_DAY;
  if (days <= MOST_DAYS_AHEAD && days >= -MOST_DAYS_BACK) return undefined;
  const now = isoOf(nowMin, meal.serving.zone).slice(0, 10);
  const far = days > 0 ? 'ahead of' : 'before';
  return {
    path: 'serving.at',
    wrong: `is ${meal.serving.at.slice(0, 10)}, years ${far} now, which is ${now}`,
    mend: 'Correct the date: a plan reaches two years ahead and ten back',
  };
}
