import { cutOf, pieceOf } from '../meal/index.ts';
import type { Animal } from '../pantry/index.ts';
import { HOT_HOLDING_C, ROAST_FROM_G, ROAST_HOLDING_C, type CoreFacts } from '../safety/index.ts';
import type { Verb } from '../terms/index.ts';
import type { Working } from './food-story.ts';
import type { FoodOfPlan } from './food-of-plan.ts';

const RED_MEAT: ReadonlySet<Animal> = new Set(['beef', 'lamb', 'pork']);
const CUTS_UP: ReadonlySet<Verb> = new Set(['slice', 'shred']);

/**
 * How warm a food is kept at the least, °C: a joint of meat that was roasted whole is held cooler
 * than what is cut up, simmered, minced or pierced.
 */
export function hotFromC(
  { meal, dish, food }: FoodOfPlan,
  works: readonly Working[],
  { animal, minced, pierced, ready }: CoreFacts,
): number {
  const whole = RED_MEAT.has(animal) && !minced && !pierced && !ready;
  const heldUntil = works.findLast(({ step }) => step.verb === 'hold')?.at.endMin ?? Infinity;
  const cutUp = works.some(({ step, at }) => CUTS_UP.has(step.verb) && at.startMin < heldUntil);
  const wet = works.some(({ fire }) => fire?.wet);
  if (!whole || wet || cutUp || !cutOf(meal, food)) return HOT_HOLDING_C;
  return pieceOf(meal, dish, food).weightG >= ROAST_FROM_G ? ROAST_HOLDING_C : HOT_HOLDING_C;
}
