import type { Message } from '../words/index.ts';
import { settleFood } from './amounts.ts';
import type { Dish, Meal, Step } from './schema.ts';
import { partsTakenOf, takenFrom } from './taken.ts';

/** What of a step's food goes aside when it is over, and for what: "440 g aside, for …". */
export function partAsideNotes(meal: Meal, dish: Dish, step: Step): Message[] {
  return dish.foods.flatMap((food) =>
    partsTakenOf(meal, dish, food)
      .filter((part) => part.step.id === step.id)
      .map(({ by }): Message => ({
        key: 'part.aside',
        values: {
          grams: { grams: settleFood(meal, by.dish, by.food).weightG },
          dish: by.dish.name,
        },
      })),
  );
}

/** Where the food of a step comes from, at the first step that works on it in its own dish. */
export function partFromNotes(meal: Meal, dish: Dish, step: Step): Message[] {
  return dish.foods.flatMap((food): Message[] => {
    const source = takenFrom(meal, food);
    if (!source || !step.after.some((gap) => gap.step === source.step.id)) return [];
    const grams = { grams: settleFood(meal, dish, food).weightG };
    return [{ key: 'part.from', values: { grams, dish: source.dish.name } }];
  });
}
