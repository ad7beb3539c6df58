import type { MealProblem } from './problem.ts';
import type { MealFile } from './schema.ts';
import { takenFrom } from './taken.ts';

/** What is wrong with the foods that are parts of other dishes: where they come from, and when. */
export function checkTaken(meal: MealFile): MealProblem[] {
  return meal.dishes.flatMap((dish, d) =>
    dish.foods.flatMap((food, f): MealProblem[] => {
      if (food.from === undefined) return [];
      const path = `dishes[${d}].foods[${f}].from`;
      const source = takenFrom(meal, food);
      if (!source || source.dish === dish) {
        const wrong = `“${food.from.food}” is no food of another dish that has a step “${food.from.step}”`;
        return [{ path, wrong, mend: 'Name a food and a step of one other dish of this meal' }];
      }
      if (source.food.from !== undefined) {
        const wrong = `takes a part of “${source.food.name}”, which is a part itself`;
        return [{ path, wrong, mend: 'Take it from the dish that one comes from' }];
      }
      const comesAfter = dish.steps.some(({ after }) =>
        after.some((gap) => gap.step === food.from?.step),
      );
      if (comesAfter) return [];
      const wrong = `is taken after “${source.step.label}”, and no step of its own dish follows that`;
      return [{ path, wrong, mend: `Let its first step follow “${food.from.step}”` }];
    }),
  );
}
