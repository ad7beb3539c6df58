import { weighingSteps, type WeighingStep } from '../batch/index.ts';
import { batchOf, type Dish, type Meal } from '../meal/index.ts';
import type { Plan } from '../plan/index.ts';

/** One session at the scale: a mixture, when it is made, and what goes in it in its order. */
export interface WeighingSession {
  readonly dish: string;
  readonly mixture: string;
  readonly name: string;
  /** When it is made; undefined where no step says. */
  readonly atMin: number | undefined;
  readonly steps: readonly WeighingStep[];
  /** What is set aside before anything raw is touched. */
  readonly reserve?: { readonly ml: number; readonly purpose: string } | undefined;
}

/** What to fetch and weigh, session by session, in the order of the plan. */
export function weighingList(meal: Meal, plan: Plan): WeighingSession[] {
  return meal.dishes
    .flatMap((dish) =>
      dish.mixtures.map((mixture): WeighingSession => {
        const batch = batchOf(meal, dish, mixture);
        return {
          dish: dish.name,
          mixture: mixture.id,
          name: mixture.name,
          atMin: madeAt(dish, mixture.id, plan),
          steps: weighingSteps(batch),
          reserve: batch.reserve && { ml: batch.reserve.ml, purpose: batch.reserve.purpose },
        };
      }),
    )
    .filter(({ steps }) => steps.length > 0)
    .sort((a, b) => (a.atMin ?? Infinity) - (b.atMin ?? Infinity));
}

/** The start of the first step about it: what mixes it, boils it, or puts it on. */
function madeAt(dish: Dish, mixture: string, plan: Plan): number | undefined {
  const uses = new Set(
    dish.steps
      .filter(
        ({ mixtures, time }) =>
          mixtures?.includes(mixture) || ('mixture' in time && time.mixture === mixture),
      )
      .flatMap(({ id, time, after }) =>
        // A soak begins with what was mixed just before it.
        time.kind === 'soak' ? [id, ...after.map(({ step }) => step)] : [id],
      ),
  );
  const starts = plan.steps.filter(({ id }) => uses.has(id)).map(({ startMin }) => startMin);
  return starts.length > 0 ? Math.min(...starts) : undefined;
}
