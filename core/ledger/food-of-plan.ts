import type { Dish, Food, Meal } from '../meal/index.ts';
import type { FoodTemperatures } from '../safety/index.ts';
import type { StepTiming } from './step-timing.ts';

/** A dish of a plan: what each of its steps works on, and what heat knows of it. */
export interface DishOfPlan {
  readonly dish: Dish;
  readonly foods: ReadonlyMap<string, readonly string[]>;
  readonly warm: ReadonlyMap<string, FoodTemperatures>;
}

/** What a food's story is told of. */
export interface FoodOfPlan extends DishOfPlan {
  readonly meal: Meal;
  readonly food: Food;
  readonly timing: ReadonlyMap<string, StepTiming>;
  readonly servingMin: number;
  /** Of what other dish's food it is a part, up to the end of which step. */
  readonly takenFrom?: { readonly of: DishOfPlan; readonly food: Food; readonly step: string };
}
