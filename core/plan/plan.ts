import { MINUTES_PER_DAY } from '../figures/index.ts';
import {
  servingMin as servingMinOf,
  withCoreGaps,
  type Kitchen,
  type Meal,
} from '../meal/index.ts';
import type { Solution } from '../solve/index.ts';
import {
  schedulingModelOf,
  solveSchedule,
  warmStartOf,
  type SchedulingModel,
} from './scheduling/scheduling-model.ts';
import { buildNetwork, type MealNetwork } from './network/meal-network.ts';
import { findClashes } from './resources/clashes.ts';
import { expandMeal, type ExpandedStep } from './network/expanded-steps.ts';
import { explainContradiction, type Because } from './explain/explain.ts';
import { settleSharedTemperatures } from './resources/shared-temperatures.ts';
import { solveEarliest, solveLatest, type Times } from './network/time-network.ts';
import type { ResourceOrder } from './simulation/schedule-simulation.ts';
import { simulateOnTime } from './simulation/on-time.ts';
import { peopleOf, type Person } from './resources/people.ts';
import { plannedStep, type ServedBy, type TimedNetwork } from './scheduling/planned-step.ts';
import { rescuesFor } from './rescues/rescues.ts';
import { findingsOf, ledgerOf, storiesOf, withSafeGaps } from '../ledger/index.ts';
import { settleTimes } from './scheduling/settle-times.ts';
import { saidOnce, withFindings } from './cautions-at-steps.ts';
import { frame, traceOf } from './plan-frame.ts';
import { planThatCannot } from './plan-that-cannot.ts';
import type { Plan } from './planned.ts';

/** A chance below this is called tight. Our own line, no source. */
const TIGHT_BELOW = 0.7;
/** How many days ahead the cook's hours are laid out. */
const DAYS_BACK = 16;
/** Shortest paths for a plan that is wanted at once, and for one that is only tried. */
const AT_ONCE = 3_000;
const TRIED = 600;
/** And for the best that a worker looks for while the first plan is already shown. */
export const THOROUGH_WORK = 400_000;

export interface PlanOptions {
  /** The plan the cook has seen: what need not move stays. */
  readonly previous?: Plan | undefined;
  /** Work to spend at the most, in shortest paths; the same on every machine. */
  readonly work?: number | undefined;
  /** Looks for ways out too, unless this is false. */
  readonly rescues?: boolean | undefined;
  /** Steps, by id, that start when they start. */
  readonly frozen?: ReadonlyMap<string, number> | undefined;
  /** Evenings to live through for the chance. */
  readonly samples?: number | undefined;
}

/**
 * Plans a meal backwards from its serving time. Pure: the same meal, kitchen, moment and earlier
 * plan give the same plan, whatever the machine.
 *
 * @param nowMin epoch minutes; nothing not begun starts before it
 */
export function plan(meal: Meal, kitchen: Kitchen, nowMin: number, how: PlanOptions = {}): Plan {
  let last: PlanCandidate | undefined;
  for (const better of planCandidates(meal, kitchen, nowMin, how)) last = better;
  if (!last) throw new RangeError('planning yields one plan at the least');
  const made = last.plan();
  return how.rescues === false ? made : withRescues(made, meal, kitchen, nowMin);
}

/** A plan on the way to a better one. */
export interface PlanCandidate {
  /** Builds the plan: costly, so only when it is to be shown. */
  readonly plan: () => Plan;
  /** What the general layer found; undefined where the meal cannot be done whatever the order. */
  readonly found?: Solution | undefined;
  readonly work: number;
  readonly proved: boolean;
  /** Nothing comes after it. */
  readonly last: boolean;
}

/** Ever better plans, the first at once; without rescues. */
export function* planCandidates(
  given: Meal,
  kitchen: Kitchen,
  nowMin: number,
  how: PlanOptions = {},
): Generator<PlanCandidate, void> {
  const meal = withCoreGaps(given);
  const servingMin = servingMinOf(meal);
  const draft = timedMealAt(meal, kitchen, servingMin, nowMin, how.frozen);
  if ('status' in draft) {
    yield { plan: () => draft, work: 0, proved: true, last: true };
    return;
  }
  const model = schedulingModelOf(draft.hard, draft.latest, meal, kitchen, servingMin);
  for (const solution of solveSchedule(model, how.work ?? AT_ONCE, how.previous)) {
    const plan = () => planOf(draft, model, solution, how.samples);
    yield {
      plan,
      found: solution,
      work: solution.work,
      proved: solution.proved,
      last: solution.last,
    };
  }
}

/** Adds what mends a plan that cannot be done, or in which something clashes. */
export function withRescues(made: Plan, meal: Meal, kitchen: Kitchen, nowMin: number): Plan {
  if (made.status !== 'cannot' && made.clashes.length === 0) return made;
  const rescues = rescuesFor(meal, kitchen, made, nowMin, (tried, servingMin) =>
    planAt(tried, tried.kitchen, servingMin ?? servingMinOf(tried), nowMin),
  );
  return { ...made, rescues };
}

/** The plan for a serving time that need not be the meal's own; quickly, without rescues. */
function planAt(meal: Meal, kitchen: Kitchen, servingMin: number, nowMin: number): Plan {
  const draft = timedMealAt(meal, kitchen, servingMin, nowMin);
  if ('status' in draft) return draft;
  const model = schedulingModelOf(draft.hard, draft.latest, meal, kitchen, servingMin);
  let last: Solution | undefined;
  for (const solution of solveSchedule(model, TRIED)) last = solution;
  if (!last) throw new RangeError('a meal that can be timed can be arranged');
  return planOf(draft, model, last);
}

/** A meal that can be done but for its loads. */
interface TimedMeal {
  readonly meal: Meal;
  readonly kitchen: Kitchen;
  readonly steps: readonly ExpandedStep[];
  readonly people: readonly Person[];
  readonly servingMin: number;
  readonly nowMin: number;
  readonly frozen?: ReadonlyMap<string, number> | undefined;
  readonly hard: MealNetwork;
  readonly latest: Times;
}

/**
 * A meal with its times: food neither lies warm nor soaks on between its steps where that can be,
 * else somebody takes it out of its soak, else the cook's gaps as they are, which safety then tells.
 */
function timedMealAt(
  given: Meal,
  kitchen: Kitchen,
  servingMin: number,
  nowMin: number,
  frozen?: ReadonlyMap<string, number>,
): TimedMeal | Plan {
  for (const afterSoak of ['at once', 'taken out'] as const) {
    const kept = withSafeGaps(given, afterSoak);
    const timed = timedAsGiven(kept, kitchen, servingMin, nowMin, frozen);
    if (!('status' in timed)) return timed;
  }
  return timedAsGiven(given, kitchen, servingMin, nowMin, frozen);
}

function timedAsGiven(
  meal: Meal,
  kitchen: Kitchen,
  servingMin: number,
  nowMin: number,
  frozen?: ReadonlyMap<string, number>,
): TimedMeal | Plan {
  const steps = expandMeal(meal, servingMin);
  const from = Math.max(nowMin, servingMin - DAYS_BACK * MINUTES_PER_DAY);
  const people = peopleOf(kitchen, meal.serving.zone, from, servingMin);
  const hard = buildNetwork(steps, { servingMin, nowMin, people, frozen });
  const latest = solveLatest(hard.network);
  if (latest.ok && servingMin >= nowMin) {
    return { meal, kitchen, steps, people, servingMin, nowMin, frozen, hard, latest: latest.times };
  }
  const because = latest.ok ? pastServing(servingMin, nowMin) : explainContradiction(hard, nowMin);
  return planThatCannot(meal, steps, { servingMin, nowMin, people, ...because });
}

function planOf(
  draft: TimedMeal,
  model: SchedulingModel,
  solution: Solution,
  samples?: number,
): Plan {
  const { meal, kitchen, steps, people, servingMin, nowMin, hard } = draft;
  const built = buildNetwork(steps, { servingMin, nowMin, people, frozen: draft.frozen });
  const { times, left, pinMissedMin, inHand } = settleTimes(built, model, solution);
  const earliest = solveEarliest(hard.network, servingMin) ?? hard.network.lower;
  const timed: TimedNetwork = {
    meal,
    built,
    times,
    trace: traceOf(built),
    nowMin,
    slack: { built: hard, earliest, latest: draft.latest.at },
    pinMissedMin,
    whose: (hands) => people[solution.machineOf[hands] ?? 0]?.name,
    served: (step) => servedBy(step, model, solution),
  };
  const placed = settleSharedTemperatures(steps.map((step) => plannedStep(timed, step)));
  const ledger = ledgerOf(meal, servingMin, placed);
  const findings = findingsOf(meal, ledger);
  const planned = saidOnce(placed.map((step) => withFindings(step, findings)));
  const clashes = findClashes(model, left, times.at);
  const blocks = people[0]?.closed ?? [];
  const context = { meal, kitchen, blocks, servingMin, orders: ordersOf(built), samples };
  const odds = simulateOnTime(planned, context);
  return {
    ...frame(meal, servingMin, nowMin, blocks, planned),
    status: clashes.length > 0 || odds.onTime < TIGHT_BELOW ? 'tight' : 'fits',
    ...odds,
    findings,
    stories: storiesOf(ledger),
    clashes,
    because: [],
    rescues: [],
    buffers: [...inHand].map(([dish, held]) => ({ dish, ...held })),
    costBound: { cost: solution.cost, atLeast: solution.atLeast, proved: solution.proved },
    warmStart: warmStartOf(model, solution),
  };
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

function pastServing(servingMin: number, nowMin: number): Because {
  const values = { at: { at: servingMin }, now: { at: nowMin } };
  return { because: [{ key: 'because.past', values }], becauseOf: [] };
}
