import type { Meal } from '../meal/index.ts';
import type { Plan } from '../plan/index.ts';
import { bandOf, type HeatBand } from '../places/index.ts';
import { foldRun, type Run, type RunState } from '../run/index.ts';

/** From a beginning to an end, epoch minutes. */
export interface Stretch {
  readonly startMin: number;
  readonly endMin: number;
}

/** A step as it was planned before the run, and as it was. */
export interface StepAgainstPlan {
  readonly step: string;
  readonly label: string;
  readonly band: HeatBand;
  readonly planned: Stretch | undefined;
  readonly was: Stretch | undefined;
}

/** A dish of a run, its steps in the order they were planned. */
export interface DishAgainstPlan {
  readonly dish: string;
  readonly name: string;
  readonly steps: readonly StepAgainstPlan[];
  /** Where its time was lost (above nothing) or won, minutes, the most first. */
  readonly moved: ReadonlyArray<{ readonly label: string; readonly minutes: number }>;
}

/** A whole run against the plan it began with. */
export interface RunAgainstPlan {
  readonly dishes: readonly DishAgainstPlan[];
  readonly wishedMin: number;
  readonly servedMin: number | undefined;
  /** The chance to be on time as it was told at the beginning, 0 to 1. */
  readonly onTime: number;
}

/** Shorter or longer than this, and nobody noticed, minutes. */
const NOTICED_MIN = 4;

/**
 * A run against its plan, dish by dish.
 *
 * @param plan made for its meal, from its beginning
 */
export function runAgainstPlan(run: Run, plan: Plan): RunAgainstPlan {
  const state = foldRun(run);
  const names = new Map([...run.meal.dishes, ...state.meal.dishes].map((one) => [one.id, one]));
  return {
    dishes: [...names.values()].map((dish) => dishAgainst(dish, state, plan)),
    wishedMin: plan.servingMin,
    servedMin: state.servedMin,
    onTime: plan.onTime,
  };
}

function dishAgainst(dish: Meal['dishes'][number], state: RunState, plan: Plan): DishAgainstPlan {
  const planned = new Map(plan.steps.map((step) => [step.id, step]));
  const live = state.meal.dishes.find(({ id }) => id === dish.id) ?? dish;
  const all = new Map([...dish.steps, ...live.steps].map((step) => [step.id, step]));
  const steps = [...all.values()].map((step): StepAgainstPlan => {
    const wished = planned.get(step.id);
    const startMin = state.begun.get(step.id);
    const endMin = state.ended.get(step.id);
    return {
      step: step.id,
      label: step.label,
      band: bandOf(step.place, step.verb),
      planned: wished && { startMin: wished.startMin, endMin: wished.endMin },
      was: startMin === undefined || endMin === undefined ? undefined : { startMin, endMin },
    };
  });
  const moved = steps
    .flatMap(({ label, planned: wished, was }) =>
      wished && was ? [{ label, minutes: Math.round(lengthOf(was) - lengthOf(wished)) }] : [],
    )
    .filter(({ minutes }) => Math.abs(minutes) >= NOTICED_MIN)
    .sort((a, b) => Math.abs(b.minutes) - Math.abs(a.minutes));
  return { dish: dish.id, name: dish.name, steps, moved };
}

const lengthOf = ({ startMin, endMin }: Stretch): number => endMin - startMin;
