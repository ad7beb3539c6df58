import {
  plan,
  planCandidates,
  planFigures,
  surerPlan,
  THOROUGH_WORK,
  mealVariants,
  withRescues,
  type Meal,
  type Plan,
  type PlanFigures,
  type MealVariant,
} from '@zemrin/core';
import { expose, type Endpoint } from 'comlink';
import { withWaysOf } from './ways.ts';

/** Work for a plan that follows a change, shown at once: little, since it begins from the last. */
const AT_ONCE = 500;
/** Changes come quicker than this while something is dragged or a key is held. */
const AT_REST_MS = 250;
/** Evenings lived through for the chance of a plan that has been looked at thoroughly. */
const MANY = 10_000;

let wanted = 0;

/** The planner, off the main thread. Thin: the same functions as on the command line. */
const api = {
  /** A plan at once, near the one before; ways out come with `improve`. */
  plan(meal: Meal, nowMin: number, previous?: Plan): Plan {
    const how = previous ? { previous, work: AT_ONCE } : {};
    return plan(meal, meal.kitchen, nowMin, { ...how, rescues: false });
  },

  /**
   * Goes on from a plan: ways out first where it needs them, then better plans, until nothing
   * better exists, the work is done, or `stop`.
   *
   * @param onBetter called with each better plan, and with the last once more, its chance surer
   * @param onProgress called with the share of the work that is done, 0 to 1
   */
  async improve(
    meal: Meal,
    nowMin: number,
    previous: Plan,
    onBetter: (plan: Plan) => void,
    onProgress: (share: number) => void,
  ): Promise<void> {
    const mine = ++wanted;
    // Ways out cannot be interrupted, so they wait until the cook's hand rests.
    await new Promise((resolve) => setTimeout(resolve, AT_REST_MS));
    if (mine !== wanted) return;
    const begun = surerPlan(previous, meal, meal.kitchen, nowMin, { previous });
    if (begun !== previous) onBetter(begun);
    const how = { previous: begun, work: THOROUGH_WORK, samples: MANY };
    let cost = begun.costBound?.cost ?? Infinity;
    let last = withRescues(begun, meal, meal.kitchen, nowMin);
    if (last.rescues.length + last.surer.length > 0) onBetter(last);
    // Where no times fit, no order does; where two things clash, another may, if none is proved.
    if (last.status === 'cannot' && last.costBound?.proved !== false) return;
    for (const better of planCandidates(meal, meal.kitchen, nowMin, how)) {
      if (better.found && better.found.cost < cost) {
        cost = better.found.cost;
        // Ways out are found again once it is the last.
        last = withWaysOf(last, better.plan());
        onBetter(last);
      }
      if (better.last) onBetter(withRescues(better.plan(), meal, meal.kitchen, nowMin));
      onProgress(better.proved ? 1 : Math.min(1, better.work / THOROUGH_WORK));
      // Lets a stop, or a newer question, through.
      await new Promise((resolve) => setTimeout(resolve, 0));
      if (mine !== wanted) return;
    }
  },

  /** What a meal might be instead, to be compared with what is planned. */
  variants(meal: Meal, made: Plan): MealVariant[] {
    return mealVariants(meal, made);
  },

  /** What a meal comes to in the figures that decide; planned first where no plan is given. */
  figures(meal: Meal, nowMin: number, made?: Plan): PlanFigures {
    return planFigures(meal, made ?? plan(meal, meal.kitchen, nowMin, { rescues: false }));
  },

  stop(): void {
    wanted++;
  },
};

export type PlannerApi = typeof api;

// A worker's own scope is an endpoint; the library of DOM types takes it for a window.
expose(api, self as unknown as Endpoint);
