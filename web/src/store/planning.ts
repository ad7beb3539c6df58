import { servingMin, type Meal } from '@zemrin/core';
import { notifyError } from '../notices/notify.ts';
import type { PlanRequests } from '../workers/planner.ts';
import { nowMinute } from './clock.ts';
import { own } from './own.ts';
import {
  asked,
  planned,
  previewed,
  previewLeft,
  searched,
  searchStopped,
  ticked,
} from './plans.ts';
import { startListening, store } from './store.ts';

/** A meal that was served so long ago is planned only where someone looks at its plan. */
const LATELY_MIN = 1440;

/** Plans anew whatever changed, and everything still to come when the minute turns. */
export function listenForPlans(planner: PlanRequests): void {
  const isComing = (meal: Meal) => servingMin(meal) >= nowMinute() - LATELY_MIN;
  const isLookedAt = ({ id }: Meal) => own(store.getState().plans.plans, id) !== undefined;
  const ask = (meal: Meal, because: 'change' | 'time') => {
    store.dispatch(asked(meal.id));
    let first = true;
    planner.request({
      meal,
      nowMin: nowMinute(),
      thorough: because === 'change',
      previous: own(store.getState().plans.plans, meal.id),
      done: (plan) => {
        store.dispatch(planned({ plan, because: first ? because : 'better' }));
        first = false;
      },
      progress: (share) => store.dispatch(searched({ meal: meal.id, share })),
      failed: (why) => notifyError(why),
    });
  };
  startListening({
    actionCreator: searchStopped,
    effect: ({ payload }) => planner.stop(payload),
  });
  startListening({
    actionCreator: previewed,
    // Nobody reckons with an example yet: its first plan is enough to be drawn.
    effect: ({ payload }) => ask(payload, 'time'),
  });
  startListening({
    actionCreator: previewLeft,
    // Once it is taken it is a meal of the cook's own, under the same id.
    effect: ({ payload }) => {
      if (own(store.getState().library.meals, payload) === undefined) planner.drop(payload);
    },
  });
  startListening({
    predicate: (action, now, before) =>
      ticked.match(action) || now.library.meals !== before.library.meals,
    effect: (action, api) => {
      const now = api.getState().library.meals;
      const before = api.getOriginalState().library.meals;
      for (const id of Object.keys(before)) if (own(now, id) === undefined) planner.drop(id);
      for (const [id, meal] of Object.entries(now)) {
        if (ticked.match(action)) {
          if (isComing(meal)) ask(meal, 'time');
        } else if (own(before, id) !== meal && (isComing(meal) || isLookedAt(meal))) {
          ask(meal, 'change');
        }
      }
    },
  });
}
