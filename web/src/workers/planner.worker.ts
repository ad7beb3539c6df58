import { plan, type Meal, type Plan } from '@zemrin/core';
import { expose, type Endpoint } from 'comlink';

/** The planner, off the main thread. Thin: the same function as on the command line. */
const api = {
  plan(meal: Meal, nowMin: number): Plan {
    return plan(meal, meal.kitchen, nowMin);
  },
};

export type PlannerApi = typeof api;

// A worker's own scope is an endpoint; the library of DOM types takes it for a window.
expose(api, self as unknown as Endpoint);
