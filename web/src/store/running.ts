import {
  eventsOf,
  lastWord,
  merged,
  orderDeed,
  orderOf,
  spokeLast,
  type Plan,
  type PlannedOn,
  type Run,
  type RunEvent,
} from '@zemrin/core';
import { notifyError } from '../notices/notify.ts';
import type { Channel } from '../storage/channel.ts';
import type { Db } from '../storage/db.ts';
import { addEvents, keepRun, loadRun, loadRuns } from '../storage/runs.ts';
import type { RunPlanner } from '../workers/runs.ts';
import { DEVICE } from './device.ts';
import { own } from './own.ts';
import { runMinute } from './run-clock.ts';
import {
  deedsDone,
  happened,
  heardElsewhere,
  isServed,
  runBegun,
  runPlanned,
  runsLoaded,
  shareSet,
  waysOutFound,
  type KeptRun,
} from './runs.ts';
import { startListening, store } from './store.ts';

/** A run is planned on as the minutes turn too, so often, milliseconds. */
const EVERY_MS = 60_000;
/** In a rehearsal minutes turn quicker; never oftener than this. */
const LEAST_EVERY_MS = 1500;

/** What runs need of the browser; without a store they live in memory. */
export interface RunConnections {
  readonly db: Db | undefined;
  readonly channel: Channel;
  readonly planner: () => RunPlanner;
}

/**
 * Keeps runs: what the cook says is written first and shown then, other windows are told, and the
 * rest is planned on after every word.
 */
export async function listenForRuns({ db, channel, planner }: RunConnections): Promise<void> {
  let queue: Promise<void> = Promise.resolve();
  /** One after another, so that every event counts on from the last. */
  const later = (work: () => Promise<void>): Promise<void> =>
    (queue = queue.then(work).catch((error: unknown) => {
      notifyError(error instanceof Error ? error.message : String(error));
    }));
  const again = planningOn(planner);

  const keep = async (kept: KeptRun): Promise<void> => {
    await later(async () => {
      if (db) {
        await keepRun(db, kept);
        await addEvents(db, kept.run.id, kept.run.events);
      }
      channel.say(kept.run.id);
    });
    again(kept.run.id);
  };
  startListening({ actionCreator: runBegun, effect: ({ payload }) => keep(payload) });
  startListening({
    actionCreator: deedsDone,
    effect: ({ payload }) =>
      later(async () => {
        const kept = own(store.getState().runs.runs, payload.run);
        if (!kept) return;
        const atMin = runMinute(kept.run.startedMin, kept.rehearsal);
        const events = eventsOf(payload.deeds, kept.run.events, { by: DEVICE, atMin });
        if (db) await addEvents(db, payload.run, events);
        tell(payload.run, events);
        channel.say(payload.run);
      }),
  });
  startListening({
    actionCreator: heardElsewhere,
    effect: ({ payload: { run, events } }) =>
      later(async () => {
        if (db) await addEvents(db, run, events);
        tell(run, events);
        channel.say(run);
      }),
  });
  listenForShares(async (kept) => {
    if (db) await later(() => keepRun(db, kept));
  });
  startListening({
    actionCreator: happened,
    effect: ({ payload }, api) => {
      const before = own(api.getOriginalState().runs.runs, payload.run)?.run.events;
      const known = new Set(before?.map(({ id }) => id));
      // The order of a plan wants no other plan.
      const isNews = payload.events.some(({ id, did }) => did !== 'planned' && !known.has(id));
      if (isNews) again(payload.run);
    },
  });
  channel.hear(
    (id) =>
      void later(async () => {
        const kept = db && (await loadRun(db, id));
        if (!kept) return;
        const here = own(store.getState().runs.runs, id);
        if (!here) store.dispatch(runsLoaded([kept]));
        tell(id, kept.run.events);
      }),
  );
  // Whatever was begun before this was there, one or several, is kept now.
  for (const kept of Object.values(store.getState().runs.runs)) await keep(kept);
  if (db) store.dispatch(runsLoaded(await loadRuns(db)));
  for (const id of Object.keys(store.getState().runs.runs)) again(id);
  startListening({ actionCreator: runBegun, effect: hearStation });
  if (Object.values(store.getState().runs.runs).some(({ run }) => !isServed(run.events))) {
    await hearStation();
  }
  if (Object.values(store.getState().runs.runs).some(({ shared }) => shared)) await follow();
}

let hearing: Promise<void> | undefined;
/** What hears the thermometer is fetched when a run is on. */
const hearStation = (): Promise<void> =>
  (hearing ??= import('./station.ts').then(({ listenForStation }) => listenForStation()));

let following: Promise<void> | undefined;
/** What follows runs is fetched when one is shared. */
const follow = (): Promise<void> =>
  (following ??= import('./following.ts').then(({ listenForFollowing }) => listenForFollowing()));

/** That a run is shared is kept, and from then on it is. */
function listenForShares(keep: (kept: KeptRun) => Promise<void>): void {
  const asShared = async (id: string) => {
    const kept = own(store.getState().runs.runs, id);
    if (!kept) return;
    await keep(kept);
    await follow();
  };
  startListening({ actionCreator: shareSet, effect: ({ payload }) => asShared(payload.run) });
  startListening({
    actionCreator: runBegun,
    effect: async ({ payload }) => {
      if (payload.shared) await follow();
    },
  });
}

/** Shows what happened, with all that is there already. */
function tell(run: string, events: readonly RunEvent[]): void {
  const kept = own(store.getState().runs.runs, run);
  if (kept) store.dispatch(happened({ run, events: merged(kept.run.events, events) }));
}

/** It no longer fits, or something is done early. */
function wantsWays({ lateMin, early }: PlannedOn): boolean {
  return lateMin > 0 || early;
}

/** Plans a run on, one question at a time, and again as its minutes turn until it is served. */
function planningOn(planner: () => RunPlanner): (run: string) => void {
  const busy = new Set<string>();
  const wanted = new Set<string>();
  const timers = new Map<string, ReturnType<typeof setTimeout>>();

  const looking = new Set<string>();
  /** The plan the last word came upon, by run: what that word moved is told until the next. */
  const before = new Map<string, { word: string | undefined; steps: Plan['steps'] | undefined }>();

  /** Ways out, beside the planning; what they were found for may be over by then. */
  const look = async (id: string, run: Run, nowMin: number): Promise<void> => {
    looking.add(id);
    try {
      const waysOut = await planner().waysOut(run, nowMin);
      const planned = own(store.getState().runs.plans, id)?.planned;
      if (planned && wantsWays(planned)) store.dispatch(waysOutFound({ run: id, waysOut }));
    } catch (error) {
      notifyError(error instanceof Error ? error.message : String(error));
    } finally {
      looking.delete(id);
    }
  };
  const ask = async (id: string): Promise<void> => {
    const { runs, plans } = store.getState().runs;
    const { plans: meals } = store.getState().plans;
    const kept = own(runs, id);
    if (!kept) return;
    const { run, rehearsal } = kept;
    // What is on the table wants no plan any more.
    if (isServed(run.events)) return clearTimeout(timers.get(id));
    const nowMin = runMinute(run.startedMin, rehearsal);
    // It moves as little as it can against the order kept last, which every device has; at first,
    // against the plan on Weave.
    const shown = own(plans, id)?.planned.plan ?? own(meals, run.meal.id);
    const word = lastWord(run.events)?.id;
    let basis = before.get(id);
    if (basis?.word !== word || !basis?.steps) {
      basis = { word, steps: shown?.steps };
      before.set(id, basis);
    }
    const order = orderOf(run.events) ?? shown;
    const previous = order && { ...order, ...(basis.steps && { steps: basis.steps }) };
    const { planned, forecasts } = await planner().planOn(run, nowMin, previous);
    store.dispatch(runPlanned({ run: id, planned, forecasts }));
    keepOrder(id, planned);
    clearTimeout(timers.get(id));
    const everyMs = Math.max(LEAST_EVERY_MS, EVERY_MS / (rehearsal?.speed ?? 1));
    timers.set(
      id,
      setTimeout(() => again(id), everyMs),
    );
    if (wantsWays(planned) && !looking.has(id)) void look(id, run, nowMin);
  };
  const again = (id: string): void => {
    wanted.add(id);
    if (busy.has(id)) return;
    busy.add(id);
    void (async () => {
      try {
        while (wanted.delete(id)) await ask(id);
      } catch (error) {
        notifyError(error instanceof Error ? error.message : String(error));
      } finally {
        busy.delete(id);
      }
    })();
  };
  return again;
}

/**
 * The order of a plan is kept with what happened, by the device whose cook spoke last: so it is
 * there after a reload, and one order goes for all.
 */
function keepOrder(id: string, { plan }: PlannedOn): void {
  const run = own(store.getState().runs.runs, id)?.run;
  if (!run || (spokeLast(run.events) ?? DEVICE) !== DEVICE) return;
  const deed = orderDeed(plan, orderOf(run.events));
  if (deed) store.dispatch(deedsDone({ run: id, deeds: [deed] }));
}
