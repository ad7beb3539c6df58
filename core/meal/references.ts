import { INGREDIENTS } from '../pantry/index.ts';
import { gramsOf, mlOf, parseQuantity } from '../quantity/index.ts';
import type { Mixture } from '../batch/index.ts';
import type { Dish, MealFile, Step } from './schema.ts';
import type { MealProblem } from './problem.ts';

/** What a schema cannot see: names that point nowhere, names given twice, chains that bite their tail. */
export function checkReferences(meal: MealFile): MealProblem[] {
  const problems: MealProblem[] = [];
  const dishIds = new Set<string>();
  const stepIds = new Map<string, Step>();
  meal.dishes.forEach((dish, d) => {
    if (dishIds.has(dish.id)) problems.push(twice(`dishes[${d}].id`, dish.id));
    dishIds.add(dish.id);
    dish.steps.forEach((step, s) => {
      if (stepIds.has(step.id)) problems.push(twice(`dishes[${d}].steps[${s}].id`, step.id));
      stepIds.set(step.id, step);
    });
    problems.push(...checkDish(dish, `dishes[${d}]`, meal));
  });
  meal.dishes.forEach((dish, d) =>
    dish.steps.forEach((step, s) =>
      step.after.forEach((gap, a) => {
        if (!stepIds.has(gap.step)) {
          const path = `dishes[${d}].steps[${s}].after[${a}].step`;
          problems.push(nowhere(path, gap.step, 'step of this meal'));
        }
      }),
    ),
  );
  if (problems.length === 0) problems.push(...checkLoops(meal, stepIds));
  return problems;
}

function checkDish(dish: Dish, path: string, meal: MealFile): MealProblem[] {
  const problems: MealProblem[] = [];
  const foods = new Set(dish.foods.map((food) => food.id));
  const mixtures = new Map(dish.mixtures.map((mixture) => [mixture.id, mixture]));
  dish.mixtures.forEach((mixture, m) => {
    const at = `${path}.mixtures[${m}]`;
    mixture.on.forEach((food, f) => {
      if (!foods.has(food)) problems.push(nowhere(`${at}.on[${f}]`, food, 'food of this dish'));
    });
    problems.push(...checkLines(mixture, at));
    if (mixture.vessel && !meal.kitchen.vessels.some((vessel) => vessel.id === mixture.vessel)) {
      problems.push(nowhere(`${at}.vessel`, mixture.vessel, 'vessel of this kitchen'));
    }
  });
  dish.steps.forEach((step, s) => {
    const at = `${path}.steps[${s}]`;
    if (step.time.kind === 'soak' && !mixtures.get(step.time.mixture)?.window) {
      problems.push(nowhere(`${at}.time.mixture`, step.time.mixture, 'mixture with a window'));
    }
    if ('food' in step.time && !foods.has(step.time.food)) {
      problems.push(nowhere(`${at}.time.food`, step.time.food, 'food of this dish'));
    }
    const elastic = step.time.kind === 'elastic' || step.time.kind === 'soak';
    if (elastic && step.hands.some((hands) => hands.when === 'all' || hands.when === 'every')) {
      problems.push({
        path: `${at}.hands`,
        wrong: 'asks for hands all through a step whose length is open',
        mend: 'Give the step a fixed time, or hands at its start or end',
      });
    }
  });
  return problems;
}

function checkLines(mixture: Mixture, at: string): MealProblem[] {
  return mixture.lines.flatMap((line, l): MealProblem[] => {
    const ingredient = INGREDIENTS.get(line.ingredient);
    if (!ingredient)
      return [nowhere(`${at}.lines[${l}].ingredient`, line.ingredient, 'ingredient of the pantry')];
    const amount = parseQuantity(line.amount);
    if (['temperature', 'time'].includes(amount.dimension)) {
      return [
        {
          path: `${at}.lines[${l}].amount`,
          wrong: 'is not an amount of an ingredient',
          mend: 'Write a weight, a volume or a number',
        },
      ];
    }
    if (gramsOf(amount, ingredient) === undefined && mlOf(amount, ingredient) === undefined) {
      return [
        {
          path: `${at}.lines[${l}].amount`,
          wrong: `cannot be weighed: the pantry does not know what “${line.amount}” of ${ingredient.name} weighs`,
          mend: 'Write it as a weight, as in “40 g”',
        },
      ];
    }
    return [];
  });
}

function checkLoops(meal: MealFile, steps: ReadonlyMap<string, Step>): MealProblem[] {
  const state = new Map<string, 'open' | 'done'>();
  const loops = (id: string): boolean => {
    if (state.get(id) === 'done') return false;
    if (state.get(id) === 'open') return true;
    state.set(id, 'open');
    const found = steps.get(id)?.after.some((gap) => loops(gap.step)) ?? false;
    state.set(id, 'done');
    return found;
  };
  return meal.dishes.flatMap((dish, d) =>
    dish.steps.flatMap((step, s) =>
      loops(step.id)
        ? [
            {
              path: `dishes[${d}].steps[${s}].after`,
              wrong: `makes “${step.label}” wait for itself`,
              mend: 'Take one of the steps out of the circle',
            },
          ]
        : [],
    ),
  );
}

function twice(path: string, id: string): MealProblem {
  return { path, wrong: `“${id}” is given twice`, mend: 'Give each its own name' };
}

function nowhere(path: string, id: string, what: string): MealProblem {
  return { path, wrong: `“${id}” is no ${what}`, mend: `Name one that is there, or add it` };
}
