import { foodFacts, type Food, type Meal } from '../meal/index.ts';
import { isPlantNamed } from '../pantry/index.ts';
import type { FoodOfPlan } from './food-of-plan.ts';
import { isFire } from './step-chain.ts';

interface FactsInStory extends ReturnType<typeof foodFacts> {
  /** Nobody can tell what it is: the cook is asked. */
  readonly asked: boolean;
}

/** What is known of a food, by its cut, its name, and what is done to it: the careful case. */
export function factsInStory(of: FoodOfPlan): FactsInStory {
  const { meal, food } = of;
  const asked = isNamedByNothing(meal, food);
  if (asked && isProbedLow(of)) return { ...PROBED_UNKNOWN, asked: false };
  return { ...foodFacts(meal, food), asked };
}

/** Neither its cut nor its name says what it is. */
function isNamedByNothing(meal: Meal, food: Food): boolean {
  const { known, animal } = foodFacts(meal, food);
  return !known && animal === 'none' && !isPlantNamed(`${food.name} ${food.id}`);
}

/** Nobody probes a vegetable: what a fire takes to a core as low as this may be minced meat. */
const PROBED_UNKNOWN = { animal: 'beef', minced: true, ready: false, known: false } as const;
/** Our own line, no source. */
const PROBED_BELOW_C = 80;

function isProbedLow({ dish, food, foods }: FoodOfPlan): boolean {
  return dish.steps.some((step) => {
    const { coreC } = step.doneWhen ?? {};
    const mine = foods.get(step.id)?.includes(food.id) ?? false;
    return mine && isFire(dish, step) && coreC !== undefined && coreC < PROBED_BELOW_C;
  });
}
