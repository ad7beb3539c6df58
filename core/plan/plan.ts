import {
  servingMin as servingMinOf,
  withCoreGaps,
  type Kitchen,
  type Meal,
} from '../meal/index.ts';
import { findingsOf, ledgerOf, storiesOf } from '../ledger/index.ts';
import { isProvedInfeasible, UNRESOLVED_COST, type Solution } from '../solve/index.ts';
import { saidOnce, withFindings } from './cautions-at-steps.ts';
import { minutesOver } from './compromises.ts';
import type { ExpectedLengths } from './network/expanded-steps.ts';
import type { MealNetwork } from './network/meal-network.ts';
import { costOver } from './network/soft-limits.ts';
import { withWarmth } from './falls-to.ts';
import { frame } from './plan-frame.ts';
import { planThatCannot } from './plan-that-cannot.ts';
import { asPlanned, withMoreInHand } from './more-in-hand.ts';
import type { Plan } from './planned.ts';
import { sparingsAt, type Spared } from './resources/spared-hours.ts';
import { rescuesFor } from './rescues/rescues.ts';
import { surerFor } from './rescues/surer.ts';
import { stopsOf, type TryMeal } from './rescues/tried.ts';
import { scheduledMeal } from './scheduled-meal.ts';
import {
  schedulingModelOf,
  solveSchedule,
  warmStartOf,
  type SchedulingModel,
} from './scheduling/scheduling-model.ts';
import type { PlanOrder } from './scheduling/warm-start-decision.ts';
import { timedMealAt, type TimedMeal } from './timed-meal.ts';

/** So many clashes say why it cannot be done. */
const CLASHES_TOLD = 3;
/** And to spare the hours before bed and on waking, before the cook's own hours are tried. */
const SPARING_WORK = 1_200;
/** A meal of more steps is searched in the cook's own hours first, and no longer where it clashes. */
const LARGE_STEPS = 45;
/** And, in pushes, to lay a large meal into the hours that are left then. */
const SPARED_INSERT_WORK = 40_000;
/** And into the cook's own, for a plan that is wanted at once. */
const AT_ONCE_INSERT_WORK = 250_000;
/** A large meal that took so much is not tried in fewer hours. */
const HARD_WORK = 15_000;
/** Pushes, to prove that something clashes in every arrangement. */
const PROOF_WORK = 150_000;
/** Shortest paths for a plan that is wanted at once, and for one that is only tried. */
const AT_ONCE = 3_000;
const TRIED = 600;
/** And while something clashes that is not proved to: such a plan is of no use to anybody. */
const CLASHING_WORK = 30_000;
/** And for the best that a worker looks for while the first plan is already shown. */
export const THOROUGH_WORK = 400_000;

export interface PlanOptions {
  /** The plan the cook has seen: what need not move stays. */
  readonly previous?: PlanOrder | undefined;
  /** Work to spend at the most, in shortest paths; the same on every machine. */
  readonly work?: number | undefined;
  /** Looks for ways out too, unless this is false. */
  readonly rescues?: boolean | undefined;
  /** Steps, by id, that start when they start. */
  readonly frozen?: ReadonlyMap<string, number> | undefined;
  /** How long steps that are going on are now thought to last, from their beginning, by id. */
  readonly expected?: ExpectedLengths | undefined;
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
  const first = bestCandidate(meal, kitchen, nowMin, how).plan();
  // What follows a plan keeps in hand what that did.
  const isFresh = how.previous === undefined && how.frozen === undefined;
  const made = isFresh ? surerPlan(first, meal, kitchen, nowMin, how) : first;
  return how.rescues === false ? made : withRescues(made, meal, kitchen, nowMin);
}

/** A plan that is not sure, with more in hand where that makes it surer and costs the food nothing. */
export function surerPlan(
  made: Plan,
  meal: Meal,
  kitchen: Kitchen,
  nowMin: number,
  how: PlanOptions = {},
): Plan {
  return withMoreInHand(made, meal, (inHand) =>
    bestCandidate({ ...meal, inHand }, kitchen, nowMin, how).plan(),
  );
}

/**
 * The same where nobody waits for it: what clashes at once, and is not proved to do so in every
 * arrangement, is looked at thoroughly before it is said that no way was found.
 */
export function planThoroughly(meal: Meal, kitchen: Kitchen, nowMin: number): Plan {
  const made = plan(meal, kitchen, nowMin, { rescues: false });
  const isOpen = made.status === 'cannot' && made.costBound?.proved === false;
  const best = isOpen ? plan(meal, kitchen, nowMin, { work: THOROUGH_WORK, rescues: false }) : made;
  return withRescues(best, meal, kitchen, nowMin);
}

/** The best the work allows, its plan not built yet: for a serving time that is only tried. */
export function bestCandidate(
  meal: Meal,
  kitchen: Kitchen,
  nowMin: number,
  how: PlanOptions = {},
): PlanCandidate {
  let last: PlanCandidate | undefined;
  for (const better of planCandidates(meal, kitchen, nowMin, how)) last = better;
  if (!last) throw new RangeError('planning yields one plan at the least');
  return last;
}

/** A plan on the way to a better one. */
export interface PlanCandidate {
  /** Builds the plan: costly, so only when it is to be shown. */
  readonly plan: () => Plan;
  /** What the general layer found; undefined where the meal cannot be done whatever the order. */
  readonly found?: Solution | undefined;
  /** Whether its plan can be carried out; known without building it. */
  readonly fits: boolean;
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
  const meal = withCoreGaps(asPlanned(given, how.previous ?? {}));
  const servingMin = servingMinOf(meal);
  const timed = (spares?: Spared) =>
    timedMealAt(meal, kitchen, servingMin, nowMin, {
      frozen: how.frozen,
      expected: how.expected,
      spares,
    });
  const draft = timed();
  if (!('latest' in draft)) {
    yield { plan: () => planThatCannot(draft), fits: false, work: 0, proved: true, last: true };
    return;
  }
  // Where the cook's own hours do not suffice, fewer do not; to learn it is dear in a large meal.
  const ownFirst = draft.steps.length > LARGE_STEPS ? searchLarge(draft, how) : undefined;
  if (ownFirst && isHard(ownFirst)) return yield* candidatesOf(ownFirst, how);
  let spared: MealSearch | undefined;
  for (const which of sparingsAt(servingMin - nowMin)) {
    const sparing = timed(which);
    const found = 'latest' in sparing ? searchFor(sparing, how, SPARED_INSERT_WORK) : undefined;
    if (found?.harm === 0) return yield* candidatesOf(found, how);
    if (found && found.harm < (spared?.harm ?? Infinity)) spared = found;
  }
  const own = ownFirst ?? searchFor(draft, how);
  // The hours before bed and on waking are spared where that asks no more of the food.
  yield* candidatesOf(spared && spared.harm <= own.harm ? spared : own, how);
}

/** Something clashes, or it took long to see that nothing does. */
function isHard({ best }: MealSearch): boolean {
  return best.unresolved.length > 0 || best.work > HARD_WORK;
}

/** A search under way: the best it has come to, what that asks of the food, and what comes after. */
interface MealSearch {
  readonly draft: TimedMeal;
  readonly model: SchedulingModel;
  readonly best: Solution;
  readonly harm: number;
  readonly rest: Generator<Solution, void>;
}

/** What is proved to clash in every arrangement is not searched for long. */
function searchLarge(draft: TimedMeal, how: PlanOptions): MealSearch {
  const model = modelOf(draft);
  if (isProvedClash(model)) {
    return searchFor(draft, { ...how, work: TRIED }, SPARED_INSERT_WORK, model);
  }
  const atOnce = (how.work ?? AT_ONCE) <= AT_ONCE;
  return searchFor(draft, how, atOnce ? AT_ONCE_INSERT_WORK : undefined, model);
}

function modelOf({ meal, kitchen, options, hard, latest }: TimedMeal): SchedulingModel {
  return schedulingModelOf(hard, latest, meal, kitchen, options.servingMin);
}

/** Searches until nothing clashes and no limit of the cook's is passed, or for a while. */
function searchFor(
  draft: TimedMeal,
  how: PlanOptions,
  insertWork?: number,
  model = modelOf(draft),
): MealSearch {
  const { hard } = draft;
  const rest = solveSchedule(model, how.work ?? AT_ONCE, how.previous, insertWork);
  let best: Solution | undefined;
  for (let next = rest.next(); !next.done; next = rest.next()) {
    best = next.value;
    if (harmOf(hard, best) === 0 || best.work > SPARING_WORK || best.last) break;
  }
  if (!best) throw new RangeError('a meal that can be timed can be arranged');
  return { draft, model, best, harm: harmOf(hard, best), rest };
}

function harmOf({ limits }: MealNetwork, { unresolved, at }: Solution): number {
  const over = minutesOver(limits, at.slice(1));
  const passed = limits.reduce((sum, limit, i) => sum + costOver(limit, over[i] ?? 0), 0);
  return unresolved.length * UNRESOLVED_COST + passed;
}

function* candidatesOf(search: MealSearch, how: PlanOptions): Generator<PlanCandidate, void> {
  const { draft, model } = search;
  for (const found of solutionsOf(search, how)) {
    yield {
      plan: () => planOf(draft, model, found, how.samples),
      found,
      fits: found.unresolved.length === 0 && model.mealDemands.missing.length === 0,
      work: found.work,
      proved: found.proved,
      last: found.last,
    };
  }
}

/** The best so far and what comes after; longer where it would end with a clash that need not be. */
function* solutionsOf(search: MealSearch, how: PlanOptions): Generator<Solution, void> {
  const { draft, model } = search;
  const isExtended = how.work === undefined && draft.steps.length <= LARGE_STEPS;
  for (const next of fromBest(search)) {
    if (next.last && isExtended && next.unresolved.length > 0 && !isProvedClash(model)) {
      return yield* solveSchedule(model, CLASHING_WORK, how.previous);
    }
    yield next;
  }
}

function* fromBest({ best, rest }: MealSearch): Generator<Solution, void> {
  yield best;
  yield* rest;
}

/** Adds what mends a plan that cannot be done, and what makes an unsure one surer. */
export function withRescues(
  made: Plan,
  meal: Meal,
  kitchen: Kitchen,
  nowMin: number,
  expected?: ExpectedLengths,
): Plan {
  const tryMeal: TryMeal = (tried, servingMin, carefully) => {
    const work = carefully ? AT_ONCE : TRIED;
    const kept = asPlanned(tried, made);
    return tryAt(kept, servingMin ?? servingMinOf(tried), nowMin, expected, work);
  };
  if (made.status !== 'cannot') return { ...made, surer: surerFor(meal, made, tryMeal) };
  return { ...made, rescues: rescuesFor(meal, kitchen, made, nowMin, tryMeal) };
}

/** What a meal comes to at a serving time that need not be its own; quickly, and nothing besides. */
function tryAt(
  meal: Meal,
  servingMin: number,
  nowMin: number,
  expected: ExpectedLengths | undefined,
  work: number,
): ReturnType<TryMeal> {
  const draft = timedMealAt(withCoreGaps(meal), meal.kitchen, servingMin, nowMin, { expected });
  if (!('latest' in draft)) return CANNOT;
  const model = schedulingModelOf(draft.hard, draft.latest, meal, meal.kitchen, servingMin);
  let last: Solution | undefined;
  for (const solution of solveSchedule(model, work)) last = solution;
  if (!last || last.unresolved.length > 0) return CANNOT;
  const { status, odds, placed } = scheduledMeal(draft, model, last);
  const stops = () => stopsOf(findingsOf(draft.meal, ledgerOf(draft.meal, servingMin, placed)));
  return { status, onTime: odds.onTime, stops };
}

const CANNOT = { status: 'cannot', onTime: 0, stops: () => [] } as const;

/** Something the kitchen lacks, or an arrangement that is proved not to exist. */
function isProvedClash({ mealDemands, problem }: SchedulingModel): boolean {
  return mealDemands.missing.length > 0 || isProvedInfeasible(problem, PROOF_WORK);
}

/** A solution as a plan, with what safety has to say of it. */
function planOf(
  draft: TimedMeal,
  model: SchedulingModel,
  solution: Solution,
  samples?: number,
): Plan {
  const { meal, people, options } = draft;
  const { servingMin, nowMin } = options;
  const scheduled = scheduledMeal(draft, model, solution, samples);
  const { placed, status, odds, clashes, compromises, inHand } = scheduled;
  const ledger = ledgerOf(meal, servingMin, placed);
  const findings = findingsOf(meal, ledger);
  const stories = storiesOf(ledger);
  const planned = saidOnce(placed.map((step) => withFindings(step, findings)));
  return {
    ...frame(meal, servingMin, nowMin, people[0]?.closed ?? [], planned),
    status,
    ...odds,
    findings,
    stories,
    tools: ledger.tools,
    clashes,
    compromises: withWarmth(compromises, planned, stories, servingMin),
    // Nobody can do it as it stands while two things are wanted of one.
    because: clashes.slice(0, CLASHES_TOLD).map(({ text }) => text),
    becauseOf: [...new Set(clashes.flatMap((clash) => clash.steps))],
    rescues: [],
    surer: [],
    buffers: [...inHand].map(([dish, held]) => ({ dish, ...held })),
    costBound: {
      cost: solution.cost,
      atLeast: solution.atLeast,
      proved: solution.proved || (clashes.length > 0 && isProvedClash(model)),
    },
    warmStart: warmStartOf(model, solution),
  };
}
