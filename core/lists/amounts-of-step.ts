import { batchOf, settleFood, type Meal } from '../meal/index.ts';
import { weighingSteps, type WeighingStep } from '../batch/index.ts';

/** What goes into a step: of each food how much, and what is weighed for its mixtures. */
export interface StepAmounts {
  readonly foods: ReadonlyArray<{
    readonly name: string;
    readonly grams: number;
    readonly pieces?: number | undefined;
  }>;
  readonly lines: readonly WeighingStep[];
}

/** How much a step is about: for what is mixed the lines of its mixtures, else the food. */
export function amountsOfStep(meal: Meal, stepId: string): StepAmounts {
  for (const dish of meal.dishes) {
    const step = dish.steps.find(({ id }) => id === stepId);
    if (!step) continue;
    const mixes = step.verb === 'mix' || step.verb === 'prepare';
    const mixtures = dish.mixtures.filter(({ id }) => mixes && step.mixtures?.includes(id));
    const named = step.foods ?? ('food' in step.time ? [step.time.food] : []);
    const foods = dish.foods
      .filter(({ id }) => named.includes(id))
      .map((food) => {
        const { weightG, pieces } = settleFood(meal, dish, food);
        return { name: food.name, grams: weightG, pieces };
      });
    return {
      foods,
      lines: mixtures.flatMap((one) => weighingSteps(batchOf(meal, dish, one))),
    };
  }
  return { foods: [], lines: [] };
}
