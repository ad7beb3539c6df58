import type { Solution } from '../solve/index.ts';
import { compromisesOf, minutesOver } from './compromises.ts';
import { buildNetwork, type MealNetwork } from './network/meal-network.ts';
import { solveEarliest, solveLatest } from './network/time-network.ts';
import { traceOf } from './plan-frame.ts';
import type { Clash, Compromise, Plan, PlannedStep } from './planned.ts';
import { findClashes } from './resources/clashes.ts';
import { settleSharedTemperatures } from './resources/shared-temperatures.ts';
import { plannedStep, type ServedBy, type TimedNetwork } from './scheduling/planned-step.ts';
import type { SchedulingModel } from './scheduling/scheduling-model.ts';
import { settleTimes, type SettledTimes } from './scheduling/settle-times.ts';
import { simulateOnTime, type OnTimeChances } from './simulation/on-time.ts';
import type { ResourceOrder } from './simulation/schedule-simulation.ts';
import type { TimedMeal } from './timed-meal.ts';

/** A chance below this is called tight. Our own line, no source. */
const TIGHT_BELOW = 0.8;
/** A meal with every step in its place: all of a plan but what safety has to say. */
export interface ScheduledMeal {
  readonly placed: readonly PlannedStep[];
  readonly status: 'fits' | 'tight' | 'cannot';
  readonly odds: OnTimeChances;
  readonly clashes: readonly Clash[];
  readonly compromises: readonly Compromise[];
  readonly inHand: SettledTimes['inHand'];
}

/** Puts a solution into times, and lives through it for its chance. */
export function scheduledMeal(
  draft: TimedMeal,
  model: SchedulingModel,
  solution: Solution,
  samples?: number,
): ScheduledMeal {
  const { meal, steps, people, options, hard } = draft;
  const { servingMin, nowMin } = options;
  // What was passed is passed no further: everything else is as the cook likes it.
  const overMin = minutesOver(hard.limits, solution.at.slice(1));
  const asked = buildNetwork(steps, { ...options, people, overMin });
  const built = buildNetwork(steps, { ...options, overMin });
  const { times, left, pinMissedMin, inHand } = settleTimes(built, model, solution);
  const earliest = solveEarliest(asked.network, servingMin) ?? asked.network.lower;
  const latest = solveLatest(asked.network);
  const timed: TimedNetwork = {
    meal,
    built,
    times,
    trace: traceOf(built),
    nowMin,
    slack: { built: asked, earliest, latest: (latest.ok ? latest.times : draft.latest).at },
    pinMissedMin,
    whose: (hands) => people[solution.machineOf[hands] ?? 0]?.name,
    served: (step) => servedBy(step, model, solution),
  };
  const placed = settleSharedTemperatures(steps.map((step) => plannedStep(timed, step)));
  const clashes = findClashes(model, left, times.at);
  const compromises = compromisesOf(built, times.at, pinMissedMin);
  const bornEarlyMin = new Map(
    compromises.flatMap(({ kind, step, minutesOver: over }) =>
      kind === 'pin' ? [] : [[step, over] as const],
    ),
  );
  const orders = ordersOf(built);
  const context = { meal, people, servingMin, nowMin, orders, samples, bornEarlyMin };
  const odds = simulateOnTime(placed, context);
  const status = statusOf(clashes, compromises, odds.onTime);
  return { placed, status, odds, clashes, compromises, inHand };
}

/** `fits` asks nothing of the food beyond what the cook likes; `cannot` is never carried out. */
function statusOf(
  clashes: readonly Clash[],
  compromises: readonly Compromise[],
  onTime: number,
): Plan['status'] {
  if (clashes.length > 0) return 'cannot';
  return compromises.length > 0 || onTime < TIGHT_BELOW ? 'tight' : 'fits';
}

/** Which oven, and which pot. */
function servedBy(
  step: number,
  { mealDemands, resources }: SchedulingModel,
  solution: Solution,
): ServedBy {
  const served: { appliance?: string; vessel?: string; room?: number } = {};
  mealDemands.demands.forEach((demand, index) => {
    const resource = resources[solution.machineOf[index] ?? -1];
    if (mealDemands.vesselDemand.get(step) === index && resource) served.vessel = resource.id;
    const other = demand.group !== step || !resource;
    if (other || resource.kind === 'hands' || resource.kind === 'vessel') return;
    if (served.appliance === undefined) {
      served.appliance = resource.id;
      served.room = demand.amount;
    }
  });
  return served;
}

/** Which step waits for which at an oven or a ring: the orders the plan rests on. */
function ordersOf(built: MealNetwork): ResourceOrder[] {
  return built.network.arcs.flatMap(({ from, to, lag, why }) => {
    if (why.kind !== 'order' || why.load === 'hands') return [];
    const step = built.startOf.indexOf(to);
    const started = built.startOf.indexOf(from);
    const before = started === -1 ? built.endOf.indexOf(from) : started;
    return step === -1 || before === -1
      ? []
      : [{ before, fromStart: started !== -1, step, lagMin: lag }];
  });
}
