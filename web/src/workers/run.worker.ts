import {
  foldRun,
  learn,
  liveMembersOf,
  newestOf,
  overRuns,
  planOn,
  plan,
  probedCook,
  probeForecast,
  proposalsOf,
  waysOutOf,
  type Band,
  type Kitchen,
  type Learnt,
  type LiveForecast,
  type LiveMembers,
  type Meal,
  type Plan,
  type PlanOnOptions,
  type PlannedOn,
  type Proposal,
  type Rescue,
  type Run,
  type RunInARow,
  type RunState,
} from '@zemrin/core';
import { expose, type Endpoint } from 'comlink';

/** What a probe says of a step's end. */
interface StepForecast {
  readonly step: string;
  readonly fromMin: number;
  readonly forecast: LiveForecast;
}

/** The cooks a food may turn out to be, by what is known of it: costly, and asked for every minute. */
const known = new Map<string, LiveMembers>();
const MOST_KNOWN = 12;

function membersOf(spec: Parameters<typeof liveMembersOf>[0]): LiveMembers {
  const key = JSON.stringify(spec);
  const found = known.get(key);
  if (found) return found;
  const work = liveMembersOf(spec);
  let next = work.next();
  while (next.done !== true) next = work.next();
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, next.value);
  return next.value;
}

function forecastsOf(state: RunState, nowMin: number): StepForecast[] {
  const steps = new Set(state.probes.values());
  return [...steps].flatMap((step) => {
    const cook = state.ended.has(step) ? undefined : probedCook(state, step);
    if (!cook) return [];
    const forecast = probeForecast(state, cook, membersOf(cook.spec), nowMin);
    return [{ step, fromMin: cook.fromMin, forecast }];
  });
}

const bandsOf = (forecasts: readonly StepForecast[]): ReadonlyMap<string, Band> =>
  new Map(
    forecasts
      .filter(({ forecast }) => forecast.trusted.length > 0)
      .map(({ step, forecast }) => [step, forecast.readyInMin]),
  );

/** Plans runs on, off the main thread. Thin: the same functions as on the command line. */
const api = {
  /** @param nowMin epoch minutes, with its seconds */
  planOn(
    run: Run,
    nowMin: number,
    previous: PlanOnOptions['previous'],
  ): { planned: PlannedOn; forecasts: StepForecast[] } {
    const state = foldRun(run);
    const forecasts = forecastsOf(state, nowMin);
    const probed = bandsOf(forecasts);
    return { planned: planOn(state, Math.floor(nowMin), { previous, probed }), forecasts };
  },

  waysOut(run: Run, nowMin: number): readonly Rescue[] {
    const state = foldRun(run);
    const probed = bandsOf(forecastsOf(state, nowMin));
    return waysOutOf(state, Math.floor(nowMin), { probed });
  },

  /** The plan a run began with. */
  firstPlan({ meal, startedMin }: Run): Plan {
    return plan(meal, meal.kitchen, Math.floor(startedMin), { rescues: false });
  },

  /** What runs ask for in a meal that has their dishes. */
  proposals(runs: readonly Run[], meal: Meal): readonly Proposal[] {
    return newestOf(runs.flatMap((run) => proposalsOf(run, meal)));
  },

  overRuns(runs: readonly Run[]): readonly RunInARow[] {
    return overRuns(runs);
  },

  learnt(runs: readonly Run[], kitchen: Kitchen): Learnt {
    return learn(runs, kitchen);
  },
};

export type RunApi = typeof api;

// A worker's own scope is an endpoint; the library of DOM types takes it for a window.
expose(api, self as unknown as Endpoint);
