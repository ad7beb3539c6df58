import { CUTS, type Animal, type Cut } from '../pantry/index.ts';
import type { Verb } from '../terms/index.ts';
import type { Dish, Food, Meal, Step } from './schema.ts';
import { isAfterFire, takenFrom } from './taken.ts';
import { animalOf, foodsByStep } from './works-on.ts';

/** A food of a meal of which a part can become another dish, and after which step. */
export interface PartSource {
  readonly dish: Dish;
  readonly food: Food;
  readonly step: Step;
}

/** What keeps or serves it is too late: by then it is done. */
const AFTER_ALL: ReadonlySet<Verb> = new Set(['hold', 'serve', 'chill']);

/** Of which foods of a meal a part can become another dish, each after the last that is done to it. */
export function partSources(meal: Meal, but?: string): PartSource[] {
  return meal.dishes.flatMap((dish) => {
    if (dish.id === but) return [];
    const foods = foodsByStep(meal, dish);
    return dish.foods.flatMap((food) => {
      if (food.from !== undefined) return [];
      const step = dish.steps.findLast(
        ({ id, verb }) => !AFTER_ALL.has(verb) && foods.get(id)?.includes(food.id),
      );
      return step ? [{ dish, food, step }] : [];
    });
  });
}

/** The meat and fish among them that has been over its fire by then: for dishes of what is cooked. */
export function cookedParts(meal: Meal): PartSource[] {
  return partSources(meal).filter(
    ({ dish, food, step }) => animalOf(meal, food) !== 'none' && isAfterFire(dish, step),
  );
}

/**
 * A dish one food of which is a part of another dish's: it begins when that is so far, and takes
 * as much as its own eaters ask for.
 */
export function withPart(dish: Dish, foodId: string, { food, step }: PartSource): Dish {
  return {
    ...dish,
    foods: dish.foods.map((one) => {
      if (one.id !== foodId) return one;
      const { weighedG: _weighed, ...rest } = one;
      const { cut } = food;
      return {
        ...rest,
        ...(cut !== undefined && { cut }),
        from: { step: step.id, food: food.id },
      };
    }),
    steps: followingPart(dish, foodId, step.id),
  };
}

/** The first steps on the food follow the one it is taken after, as closely as the dish likes. */
function followingPart(dish: Dish, foodId: string, from: string): Step[] {
  const own = new Set(dish.steps.map(({ id }) => id));
  const works = foodsByStep({}, dish);
  const isFirst = (step: Step) =>
    (works.get(step.id)?.includes(foodId) ?? false) &&
    !step.after.some((gap) => works.get(gap.step)?.includes(foodId));
  return dish.steps.map((step) => {
    const elsewhere = step.after.filter((gap) => own.has(gap.step));
    if (!isFirst(step)) return step;
    const gap = { step: from, from: 'end' as const, leastMin: 0, mostMin: PART_WAITS_MIN };
    return { ...step, after: [...elsewhere, gap] };
  });
}

/** How long a part stands before its own dish goes on with it. Common practice, no source. */
const PART_WAITS_MIN = 30;

/**
 * A food that is no part of another dish any more: cooked where it was, bought so or left over. Of
 * what was left over of an earlier meal there is no second helping: it is as much as eaters ask for.
 */
export function onItsOwn({ from, leftOver, ...food }: Food): Food {
  if (leftOver !== undefined) {
    const { weighedG: _left, ...asked } = food;
    return asked;
  }
  const was = food.cut === undefined ? undefined : CUTS.get(food.cut);
  const cut = was && cookedCutOf(was);
  return from === undefined || cut === undefined ? food : { ...food, cut };
}

/**
 * The cut that a food is once it is cooked: meat and fish by their animal, grains, vegetables;
 * undefined for what nothing is made of a second time (leaves, eggs, bread, shellfish).
 */
export function cookedCutOf({ id, animal, soaks }: Cut): string | undefined {
  if (animal !== 'none') return COOKED_OF[animal];
  if (GRAINS.test(id)) return 'cooked-rice';
  return soaks === 'vegetables' && !NOT_AGAIN.test(id) ? 'cooked-vegetables' : undefined;
}

const GRAINS = /^(?:(?:rice|pearl-barley|quinoa|bulgur|couscous)-|cooked-rice)/;
/** Raw leaves, and what is a dish of its own. */
const NOT_AGAIN =
  /^(?:eggs|bread|salad|cucumber|cheese|soup|gravy|stuffing|dessert|custard|flour|pasta|polenta|dumplings|tofu|pressed-cheese|cabbage-white)/;

const COOKED_OF: Partial<Record<Animal, string>> = {
  beef: 'cooked-beef',
  pork: 'cooked-pork',
  lamb: 'cooked-lamb',
  poultry: 'cooked-poultry',
  fish: 'cooked-fish',
};

/**
 * Parts whose step is gone are taken after the last that is done to their food; those whose food or
 * dish is gone are on their own again.
 */
export function settleParts(meal: Meal): Meal {
  const lost = (food: Food) => food.from !== undefined && takenFrom(meal, food) === undefined;
  if (!meal.dishes.some(({ foods }) => foods.some(lost))) return meal;
  const settled = (dish: Dish, food: Food): Dish => {
    const source = partSources(meal, dish.id).find((one) => one.food.id === food.from?.food);
    if (source) return withPart(dish, food.id, source);
    return { ...dish, foods: dish.foods.map((one) => (one === food ? onItsOwn(one) : one)) };
  };
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => dish.foods.filter(lost).reduce(settled, dish)),
  };
}
