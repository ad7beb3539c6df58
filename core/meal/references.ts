import { soaks, type Mixture, type MixtureLine } from '../batch/index.ts';
import { pantryOf } from '../pantry/index.ts';
import { gramsOf, mlOf, parseQuantity } from '../quantity/index.ts';
import { isElastic } from './step-times/registry.ts';
import type { Dish, MealFile, Step } from './schema.ts';
import type { MealProblem } from './problem.ts';
import { checkTaken } from './taken-problems.ts';

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
  if (problems.length === 0) problems.push(...checkTaken(meal), ...checkLoops(meal, stepIds));
  return problems;
}

function checkDish(dish: Dish, path: string, meal: MealFile): MealProblem[] {
  const problems: MealProblem[] = [];
  const foods = new Set(dish.foods.map((food) => food.id));
  const mixtures = new Map(dish.mixtures.map((mixture) => [mixture.id, mixture]));
  dish.foods.forEach((food, f) => {
    if (food.cut !== undefined && !pantryOf(meal.pantry).cuts.has(food.cut)) {
      problems.push(nowhere(`${path}.foods[${f}].cut`, food.cut, 'cut of the pantry'));
    }
  });
  dish.mixtures.forEach((mixture, m) => {
    const at = `${path}.mixtures[${m}]`;
    const named = [
      ...mixture.on.map((food, f) => ({ food, path: `${at}.on[${f}]` })),
      ...(mixture.variants ?? []).flatMap((variant, v) =>
        variant.on.map((food, f) => ({ food, path: `${at}.variants[${v}].on[${f}]` })),
      ),
    ];
    for (const { food, path: where } of named) {
      if (!foods.has(food)) problems.push(nowhere(where, food, 'food of this dish'));
    }
    problems.push(...checkMixture(mixture, dish, at, meal));
    if (mixture.vessel && !meal.kitchen.vessels.some((vessel) => vessel.id === mixture.vessel)) {
      problems.push(nowhere(`${at}.vessel`, mixture.vessel, 'vessel of this kitchen'));
    }
  });
  dish.steps.forEach((step, s) => {
    const at = `${path}.steps[${s}]`;
    problems.push(...checkRounds(step, at));
    if (step.time.kind === 'reducing' && step.time.mixture !== undefined) {
      const { mixture } = step.time;
      if (!mixtures.has(mixture))
        problems.push(nowhere(`${at}.time.mixture`, mixture, 'mixture of this dish'));
    }
    if (step.time.kind === 'soak' || step.time.kind === 'cooling') {
      const of = mixtures.get(step.time.mixture);
      const fits = of !== undefined && (step.time.kind === 'soak' ? soaks(of) : of.boiled === true);
      const what = step.time.kind === 'soak' ? 'mixture that soaks' : 'mixture that is boiled';
      if (!fits) problems.push(nowhere(`${at}.time.mixture`, step.time.mixture, what));
    }
    step.foods?.forEach((food, f) => {
      if (!foods.has(food)) problems.push(nowhere(`${at}.foods[${f}]`, food, 'food of this dish'));
    });
    step.mixtures?.forEach((mixture, m) => {
      if (!mixtures.has(mixture))
        problems.push(nowhere(`${at}.mixtures[${m}]`, mixture, 'mixture of this dish'));
    });
    if ('food' in step.time && !foods.has(step.time.food)) {
      problems.push(nowhere(`${at}.time.food`, step.time.food, 'food of this dish'));
    }
    if (step.time.kind === 'heat') {
      const { food } = step.time;
      const cut = dish.foods.find((one) => one.id === food)?.cut;
      if (foods.has(food) && cut === undefined) {
        problems.push({
          path: `${at}.time.food`,
          wrong: 'is a food without a cut, so nobody knows how heat goes through it',
          mend: 'Give the food a cut, or the step a time of its own',
        });
      }
    }
    if (
      isElastic(step.time) &&
      step.hands.some((hands) => hands.when === 'all' || hands.when === 'every')
    ) {
      problems.push({
        path: `${at}.hands`,
        wrong: 'asks for hands all through a step whose length is open',
        mend: 'Give the step a fixed time, or hands at its start or end',
      });
    }
  });
  return problems;
}

function checkMixture(mixture: Mixture, dish: Dish, at: string, meal: MealFile): MealProblem[] {
  const lists = [
    { lines: mixture.lines, path: `${at}.lines` },
    ...(mixture.variants ?? []).map((variant, v) => ({
      lines: variant.instead,
      path: `${at}.variants[${v}].instead`,
    })),
  ];
  return lists.flatMap(({ lines, path }) =>
    lines.flatMap((line, l) => {
      const where = `${path}[${l}]`;
      return line.part === undefined
        ? checkIngredient(line, where, meal)
        : checkPart(line, mixture, dish, where);
    }),
  );
}

function checkIngredient(line: MixtureLine, at: string, meal: MealFile): MealProblem[] {
  const ingredient = pantryOf(meal.pantry).ingredients.get(line.ingredient);
  if (!ingredient)
    return [nowhere(`${at}.ingredient`, line.ingredient, 'ingredient of the pantry')];
  const written = line.locked === undefined ? ['amount'] : ['amount', 'locked'];
  return written.flatMap((field): MealProblem[] => {
    const text = field === 'locked' ? (line.locked ?? '') : line.amount;
    const amount = parseQuantity(text, meal.kitchen.spoons);
    const path = `${at}.${field}`;
    if (['temperature', 'time'].includes(amount.dimension)) {
      return [
        {
          path,
          wrong: 'is not an amount of an ingredient',
          mend: 'Write a weight, a volume or a number',
        },
      ];
    }
    if (gramsOf(amount, ingredient) === undefined && mlOf(amount, ingredient) === undefined) {
      return [
        {
          path,
          wrong: `cannot be weighed: the pantry does not know what “${text}” of ${ingredient.name} weighs`,
          mend: 'Write it as a weight, as in “40 g”',
        },
      ];
    }
    return [];
  });
}

/** A line that is another mixture: it must be there, not be made of this one, and be clean. */
function checkPart(line: MixtureLine, mixture: Mixture, dish: Dish, at: string): MealProblem[] {
  const path = `${at}.ingredient`;
  const source = dish.mixtures.find((other) => other.id === line.ingredient);
  if (!source) return [nowhere(path, line.ingredient, 'mixture of this dish')];
  if (madeOf(source, mixture.id, dish, new Set())) {
    return [
      { path, wrong: `makes “${mixture.name}” out of itself`, mend: 'Take one out of the circle' },
    ];
  }
  if (line.part === 'reserve' && !source.reserve) {
    return [
      {
        path,
        wrong: `takes what was kept clean of “${source.name}”, and nothing is`,
        mend: 'Give that mixture a reserve first',
      },
    ];
  }
  const boiled = dish.steps.some(
    (step) => step.verb === 'boil' && step.mixtures?.includes(mixture.id),
  );
  if (line.part === 'used' && source.touchesRaw && !boiled) {
    return [
      {
        path,
        wrong: `puts what has touched raw food in “${mixture.name}” without boiling it`,
        mend: `Add a step with the verb “boil” and “mixtures”: ["${mixture.id}"]`,
      },
    ];
  }
  return [];
}

function madeOf(mixture: Mixture, target: string, dish: Dish, seen: Set<string>): boolean {
  if (mixture.id === target) return true;
  if (seen.has(mixture.id)) return false;
  seen.add(mixture.id);
  return mixture.lines.some((line) => {
    const source = dish.mixtures.find((other) => line.part && other.id === line.ingredient);
    return source !== undefined && madeOf(source, target, dish, seen);
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

/** More rounds of tending in one step than anyone does: a slip of the pen. */
const MOST_ROUNDS = 500;

function checkRounds(step: Step, at: string): MealProblem[] {
  const { time } = step;
  const longest = Math.max(
    0,
    ...Object.entries(time).map(([field, value]) =>
      /^(minutes|mostMin|longestMin)$/.test(field) && typeof value === 'number' ? value : 0,
    ),
  );
  return step.hands.flatMap((hands, h): MealProblem[] =>
    hands.when === 'every' && longest / hands.everyMin > MOST_ROUNDS
      ? [
          {
            path: `${at}.hands[${h}].everyMin`,
            wrong: `asks for hands ${Math.floor(longest / hands.everyMin)} times in one step`,
            mend: `Let more minutes lie between, or shorten the step: ${MOST_ROUNDS} times at most`,
          },
        ]
      : [],
  );
}

function twice(path: string, id: string): MealProblem {
  return { path, wrong: `“${id}” is given twice`, mend: 'Give each its own name' };
}

function nowhere(path: string, id: string, what: string): MealProblem {
  return { path, wrong: `“${id}” is no ${what}`, mend: `Name one that is there, or add it` };
}
