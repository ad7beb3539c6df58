import { companyOf, settleFood, tableMinOf, type Dish, type Meal } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';
import { bandOf, waitingBand, type HeatBand } from '../places/index.ts';

/** A stretch of a thread: the food in one place, for one step, or waiting for the next. */
export interface Segment {
  readonly step: PlannedStep;
  readonly startMin: number;
  readonly endMin: number;
  readonly band: HeatBand;
  /** Not the step itself: the food waits here after it. */
  readonly waiting: boolean;
}

/** A dish as it runs to its plate. */
export interface Thread {
  readonly dish: string;
  readonly name: string;
  readonly note: string;
  /** The way of the food itself, without a gap from its first step to serving. */
  readonly main: readonly Segment[];
  /** What joins it: fires, ovens, doughs. */
  readonly sides: ReadonlyArray<readonly Segment[]>;
  /** When it is on the table, epoch minutes. */
  readonly tableMin: number;
  /** What lands on the plates: pieces where each portion has at least one, else heads. */
  readonly plate: string;
}

/** The threads of a plan, one a dish, in the order of the meal. */
export function threadsOf(plan: Plan, meal: Meal): Thread[] {
  const planned = new Map(plan.steps.map((step) => [step.id, step]));
  return meal.dishes.map((dish) => {
    const chains = chainsOf(dish, planned);
    const [main = [], ...sides] = chains;
    return {
      dish: dish.id,
      name: dish.name,
      note: dish.note ?? '',
      tableMin: tableMinOf(dish, plan.servingMin),
      main: runTo(main, tableMinOf(dish, plan.servingMin)),
      sides: sides.map((chain) => chain.map((step) => segment(step))),
      plate: plateOf(meal, dish),
    };
  });
}

/**
 * The dish's steps as chains: the first ends in the dish's last step and follows, at every join,
 * the step named first; what is left makes side chains in the same way.
 */
function chainsOf(dish: Dish, planned: ReadonlyMap<string, PlannedStep>): PlannedStep[][] {
  const left = new Map(dish.steps.map((step) => [step.id, step]));
  const chains: PlannedStep[][] = [];
  while (left.size > 0) {
    const followed = new Set([...left.values()].flatMap((step) => step.after.map((g) => g.step)));
    const ends = [...left.values()].filter((step) => !followed.has(step.id));
    const latest = ends.sort(
      (a, b) => (planned.get(b.id)?.endMin ?? 0) - (planned.get(a.id)?.endMin ?? 0),
    )[0];
    const chain: PlannedStep[] = [];
    let step = latest ?? [...left.values()].at(-1);
    while (step) {
      left.delete(step.id);
      const at = planned.get(step.id);
      if (at) chain.unshift(at);
      const before: string | undefined = step.after.find((gap) => left.has(gap.step))?.step;
      step = before === undefined ? undefined : left.get(before);
    }
    chains.push(chain);
  }
  return chains;
}

function segment(step: PlannedStep): Segment {
  const band = bandOf(step.place, step.verb);
  return { step, startMin: step.startMin, endMin: step.endMin, band, waiting: false };
}

/** The chain with its waits filled in, up to serving. */
function runTo(chain: readonly PlannedStep[], servingMin: number): Segment[] {
  return chain.flatMap((step, i) => {
    const here = segment(step);
    const nextMin = chain[i + 1]?.startMin ?? servingMin;
    if (nextMin <= step.endMin) return [here];
    const band = waitingBand(here.band);
    return [here, { step, startMin: step.endMin, endMin: nextMin, band, waiting: true }];
  });
}

function plateOf(meal: Meal, dish: Dish): string {
  const pieces = dish.foods
    .map((food) => settleFood(meal, dish, food).pieces)
    .reduce<number>((sum, count) => sum + (count ?? 0), 0);
  // Half a hock for each is a portion each; two breads for each are pieces.
  const { heads, portions } = companyOf(meal.eaters);
  return String(pieces >= portions ? pieces : heads);
}
