import type { Meal, Plan } from '@zemrin/core';
import { proxy, wrap } from 'comlink';
import type { PlannerApi } from './planner.worker.ts';
import { withWaysOf } from './ways.ts';

/** What plans are asked of. */
export interface PlanRequests {
  request(request: Request): void;
  /** No better plan of this meal is looked for any more. */
  stop(meal: string): void;
  /** No plan of this meal is wanted any more, not even the one that waits to be made. */
  drop(meal: string): void;
}

/**
 * Asks the worker for plans, one at a time for each meal: while one is being made, only the newest
 * request is kept, so that dragging never queues up old plans. When nothing is asked, the worker
 * goes on to better plans of what it has planned; a new request stops that.
 */
export class Planner implements PlanRequests {
  private readonly waiting = new Map<string, Request>();
  private readonly toImprove = new Map<string, Planned>();
  private busy = false;
  private improving: string | undefined;
  /** The request that is being served or improved; undefined once nobody wants it. */
  private inHand: Request | undefined;

  /** @param remote the planner's own functions, wherever they run */
  constructor(private readonly remote: RemotePlanner) {}

  request(request: Request): void {
    const { id } = request.meal;
    // What was not looked at to the end is looked at again.
    const unfinished = this.toImprove.has(id) || this.improving === id;
    const thorough = request.thorough || unfinished;
    this.waiting.set(id, { ...request, thorough });
    this.toImprove.delete(id);
    if (this.improving !== undefined) void this.remote.stop();
    void this.work();
  }

  stop(meal: string): void {
    this.toImprove.delete(meal);
    if (this.improving === meal) void this.remote.stop();
  }

  drop(meal: string): void {
    this.waiting.delete(meal);
    if (this.inHand?.meal.id === meal) this.inHand = undefined;
    this.stop(meal);
  }

  private async work(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    try {
      for (;;) {
        const next = this.waiting.values().next().value;
        if (next) await this.serve(next);
        else {
          const planned = this.toImprove.values().next().value;
          if (!planned) return;
          await this.improve(planned);
        }
      }
    } finally {
      this.busy = false;
    }
  }

  private async serve(request: Request): Promise<void> {
    const { meal, nowMin, previous } = request;
    this.waiting.delete(meal.id);
    this.inHand = request;
    try {
      const plan = await this.remote.plan(meal, nowMin, previous);
      // A newer request for the same meal is already waiting: its plan is the one to show.
      if (this.inHand !== request || this.waiting.has(meal.id)) return;
      // Until new ways out are found, those of a moment ago stay on the page.
      const same = !request.thorough && previous !== undefined;
      request.done(same ? withWaysOf(previous, plan) : plan);
      const stuck = plan.status !== 'fits';
      const unsure = request.thorough && plan.costBound?.proved === false;
      if (stuck || unsure) this.toImprove.set(meal.id, { request, plan });
    } catch (error) {
      request.failed(error instanceof Error ? error.message : String(error));
    }
  }

  private async improve({ request, plan }: Planned): Promise<void> {
    const { meal, nowMin } = request;
    this.improving = meal.id;
    this.inHand = request;
    this.toImprove.delete(meal.id);
    const stale = () => this.inHand !== request || this.waiting.has(meal.id);
    const onBetter = (better: Plan) => {
      if (!stale()) request.done(better);
    };
    try {
      await this.remote.improve(meal, nowMin, plan, onBetter, request.progress);
    } catch (error) {
      request.failed(error instanceof Error ? error.message : String(error));
    } finally {
      this.improving = undefined;
      request.progress(undefined);
    }
  }
}

export interface Request {
  readonly meal: Meal;
  readonly nowMin: number;
  /** The meal has changed: a better plan is worth looking for when the first has come. */
  readonly thorough: boolean;
  /** The plan the cook sees now. */
  readonly previous?: Plan | undefined;
  /** Called with the first plan, and with each better one. */
  readonly done: (plan: Plan) => void;
  /** How far the search for better ones is, 0 to 1; undefined when it is over. */
  readonly progress: (share: number | undefined) => void;
  readonly failed: (why: string) => void;
}

interface Planned {
  readonly request: Request;
  readonly plan: Plan;
}

/** The functions of the planner's worker that plan a meal, as they are called from this side. */
export type RemotePlanner = {
  readonly [Name in 'plan' | 'improve' | 'stop']: (
    ...asked: Parameters<PlannerApi[Name]>
  ) => Promise<Awaited<ReturnType<PlannerApi[Name]>>>;
};

/** Starts the planner's worker. */
export function startPlanner(): Planner {
  // The bundler finds the worker by this very form.
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PlannerApi>(worker);
  return new Planner({
    plan: (meal, nowMin, previous) => remote.plan(meal, nowMin, previous),
    // What is called back from the worker goes through a channel of its own.
    improve: (meal, nowMin, previous, onBetter, onProgress) =>
      remote.improve(meal, nowMin, previous, proxy(onBetter), proxy(onProgress)),
    stop: () => remote.stop(),
  });
}
