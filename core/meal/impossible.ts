import { impossiblePiece } from '../heat/index.ts';
import type { Verb } from '../terms/index.ts';
import { cutOf } from './amounts.ts';
import { pieceOf } from './cook-of-step.ts';
import type { MealProblem } from './problem.ts';
import { settingsFor } from './settings-for.ts';
import type { Dish, Food, Meal, Step } from './schema.ts';

/** No food is hotter inside, but for what is boiled as sugar is, or fried. Our own lines, no source. */
const HOTTEST_CORE_C = 125;
const HOTTEST_SUGAR_C = 250;
const COLDEST_CORE_C = -30;
const SUGAR_OR_FAT: ReadonlySet<Verb> = new Set<Verb>(['boil', 'reduce', 'fry']);

/** What of a step is looked at. */
type Heats = Pick<Step, 'verb' | 'place' | 'doneWhen' | 'time'>;

/**
 * What nobody means: an oven at −20 °C, a simmer at 250, a core of 300, a joint of 300 kg, two kilos
 * a millimetre thick. Asked on the command line; what is kept already stays readable.
 */
export function impossibleInMeal(meal: Meal): MealProblem[] {
  return meal.dishes.flatMap((dish, d) => [
    ...dish.foods.flatMap((food, f) => inFood(meal, dish, food, `dishes[${d}].foods[${f}]`)),
    ...dish.steps.flatMap((step, s) => inStep(step, `dishes[${d}].steps[${s}]`)),
  ]);
}

function inStep({ verb, place, doneWhen, time }: Heats, path: string): MealProblem[] {
  const core = [COLDEST_CORE_C, SUGAR_OR_FAT.has(verb) ? HOTTEST_SUGAR_C : HOTTEST_CORE_C] as const;
  const until = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  return [
    ...outside(place.tempC, settingsFor(place.kind, verb), `${path}.place.tempC`),
    ...outside(doneWhen?.coreC, core, `${path}.doneWhen.coreC`),
    ...outside(until, core, `${path}.time.until.coreC`),
  ];
}

function outside(
  tempC: number | undefined,
  [least, most]: readonly [number, number],
  path: string,
): MealProblem[] {
  if (tempC === undefined || (tempC >= least && tempC <= most)) return [];
  const range = `${least} to ${most} °C`;
  return [{ path, wrong: `is ${tempC} °C, and can be ${range} there`, mend: `Write ${range}` }];
}

function inFood(meal: Meal, dish: Dish, food: Food, path: string): MealProblem[] {
  const cut = cutOf(meal, food);
  if (cut === undefined || food.from !== undefined) return [];
  return impossiblePiece(pieceOf(meal, dish, food)).map(({ at, ...problem }) =>
    at === 'thickness'
      ? { path: `${path}.thicknessMm`, ...problem }
      : { path, ...problem, mend: 'Correct the weight, or say in how many pieces it is' },
  );
}
