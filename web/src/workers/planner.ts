import type { Meal, Plan } from '@zemrin/core';
import { wrap, type Remote } from 'comlink';
import type { PlannerApi } from './planner.worker.ts';

/**
 * Asks the worker for plans, one at a time for each meal: while one is being made, only the newest
 * request is kept, so that dragging never queues up old plans.
 */
export class Planner {
  private readonly remote: Remote<PlannerApi>;
  private readonly waiting = new Map<string, Request>();
  private busy = false;

  constructor(worker: Worker) {
    this.remote = wrap<PlannerApi>(worker);
  }

  request(meal: Meal, nowMin: number, done: (plan: Plan) => void, failed: Failed): void {
    this.waiting.set(meal.id, { meal, nowMin, done, failed });
    void this.work();
  }

  private async work(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    try {
      for (;;) {
        const next = this.waiting.entries().next().value;
        if (!next) return;
        const [id, request] = next;
        this.waiting.delete(id);
        await this.serve(request);
      }
    } finally {
      this.busy = false;
    }
  }

  private async serve(request: Request): Promise<void> {
    try {
      const plan = await this.remote.plan(request.meal, request.nowMin);
      // A newer request for the same meal is already waiting: its plan is the one to show.
      if (!this.waiting.has(request.meal.id)) request.done(plan);
    } catch (error) {
      request.failed(error instanceof Error ? error.message : String(error));
    }
  }
}

type Failed = (why: string) => void;

interface Request {
  readonly meal: Meal;
  readonly nowMin: number;
  readonly done: (plan: Plan) => void;
  readonly failed: Failed;
}

/** Starts the planner's worker. */
export function startPlanner(): Planner {
  // The bundler finds the worker by this very form.
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  return new Planner(worker);
}
