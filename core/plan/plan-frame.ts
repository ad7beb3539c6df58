import type { Meal } from '../meal/index.ts';
import type { Block } from '../time/index.ts';
import { jobsOf } from './jobs.ts';
import type { MealNetwork } from './network/meal-network.ts';
import { solveLatest, Trace } from './network/time-network.ts';
import type { PlannedStep } from './planned.ts';
import { BUFFER_FACTOR } from './scheduling/buffered-chains.ts';

/** How the plan's times came about, soft constraints and orders among them. */
export function traceOf(built: MealNetwork): Trace {
  const trace = new Trace();
  solveLatest(built.network, trace);
  return trace;
}

/** What every plan says, whether it can be done or not. */
export function frame(
  meal: Meal,
  servingMin: number,
  nowMin: number,
  blocks: readonly Block[],
  planned: readonly PlannedStep[],
) {
  const first = Math.min(...planned.map((step) => step.startMin), servingMin);
  const [firstJob] = jobsOf({ steps: planned });
  return {
    meal: meal.id,
    servingMin,
    zone: meal.serving.zone,
    nowMin,
    firstJobMin: firstJob?.startMin,
    steps: planned,
    inHandTimes: meal.inHand ?? BUFFER_FACTOR,
    blocks: blocks.filter((block) => block.endMin > first && block.startMin < servingMin),
  };
}
