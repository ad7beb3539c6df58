import type { Kitchen, Meal, Step } from '../meal/index.ts';
import { isoOf } from '../time/index.ts';
import { movesBetween, type Move } from './moves.ts';
import type { ExpectedLengths } from './network/expanded-steps.ts';
import { plan } from './plan.ts';
import type { Plan } from './planned.ts';

/** What is known while the cook is at it. */
export interface Progress {
  readonly nowMin: number;
  /** When steps were begun and ended, by id. */
  readonly begun: Readonly<Record<string, number>>;
  readonly ended: Readonly<Record<string, number>>;
  /** Steps that stay where the plan had them, though they have not begun. */
  readonly frozen: readonly string[];
  /** How long what is going on is now thought to last, from its beginning, by id. */
  readonly expected?: ExpectedLengths | undefined;
}

/** A plan under way, made again. */
export interface Replanned {
  readonly plan: Plan;
  /** What it moves. */
  readonly moved: readonly Move[];
}

/**
 * Plans on from what has happened. Facts stand; what is frozen keeps its time; the rest moves as
 * little as it can, and what moved is told.
 */
export function replan(meal: Meal, kitchen: Kitchen, facts: Progress, previous: Plan): Replanned {
  const wanted = new Set(facts.frozen);
  const frozen = new Map(
    previous.steps.flatMap((step) =>
      wanted.has(step.id) && !(step.id in facts.begun) ? [[step.id, step.startMin] as const] : [],
    ),
  );
  const { nowMin, expected } = facts;
  const made = plan(withProgress(meal, facts), kitchen, nowMin, { previous, frozen, expected });
  return { plan: made, moved: movesBetween(previous, made) };
}

/** The meal with what has happened written into its steps. */
export function withProgress(meal: Meal, { begun, ended }: Progress): Meal {
  const iso = (min: number) => isoOf(min, meal.serving.zone);
  const known = (step: Step): Step => {
    const [from, to] = [begun[step.id], ended[step.id]];
    return {
      ...step,
      ...(from === undefined ? {} : { begunAt: iso(from) }),
      ...(to === undefined ? {} : { endedAt: iso(to) }),
    };
  };
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({ ...dish, steps: dish.steps.map(known) })),
  };
}
