import { planCalendar, type Plan } from '@zemrin/core';
import { nowMinute } from './clock.ts';
import { putCalendar } from './follow-server.ts';
import { own } from './own.ts';
import { runPlanned } from './runs.ts';
import { planned } from './plans.ts';
import { startListening, store } from './store.ts';
import { words } from '../words/words.ts';

/** A plan that changes is put there again once it has been still for so long, milliseconds. */
const STILL_MS = 2000;

const feeds = new Map<string, { told: Plan | undefined; timer?: ReturnType<typeof setTimeout> }>();

/**
 * Puts a meal's plan where calendars subscribe to it, and again whenever it changes while this page
 * is open. @returns the path of its address. @throws Error where the server takes none
 */
export async function feedCalendar(meal: string): Promise<string> {
  const first = feeds.size === 0;
  const plan = planOf(meal);
  const path = await put(meal, plan);
  feeds.set(meal, { told: plan });
  if (first) {
    startListening({ actionCreator: planned, effect: lookAgain });
    startListening({ actionCreator: runPlanned, effect: lookAgain });
  }
  return path;
}

function lookAgain(): void {
  for (const [meal, feed] of feeds) {
    const plan = planOf(meal);
    if (plan === undefined || plan === feed.told) continue;
    clearTimeout(feed.timer);
    const timer = setTimeout(() => {
      // What does not go now goes with the next change: the calendar keeps what it had.
      void put(meal, plan).then(
        () => feeds.set(meal, { told: plan }),
        () => undefined,
      );
    }, STILL_MS);
    feeds.set(meal, { ...feed, timer });
  }
}

async function put(id: string, plan: Plan | undefined): Promise<string> {
  const meal = own(store.getState().library.meals, id);
  if (!meal || !plan) throw new Error(words('share.feedNone'));
  return putCalendar(id, planCalendar(meal, plan, nowMinute()));
}

/** The plan of a meal as it stands; of its run, while it is cooked. */
function planOf(id: string): Plan | undefined {
  const { plans, runs } = store.getState();
  const run = Object.values(runs.runs).findLast(({ run: one }) => one.meal.id === id)?.run;
  return (run && own(runs.plans, run.id)?.planned.plan) ?? own(plans.plans, id);
}
