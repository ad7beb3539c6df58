import { MINUTES_PER_DAY } from '../figures/index.ts';
import {
  bestCandidate,
  movesBetween,
  plan,
  withRescues,
  type Rescue,
  type Move,
  type Plan,
  type PlanCandidate,
  type PlanOrder,
  type PlannedStep,
} from '../plan/index.ts';
import type { Band } from '../heat/index.ts';
import { servingMin as servingMinOf, type Meal } from '../meal/index.ts';
import { localOf } from '../time/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { earlyDishes, keepHotWays } from './keep-hot.ts';
import { soonerWays } from './serve-sooner.ts';
import { mealUnderWay } from './under-way.ts';
import type { RunState } from './state.ts';

/** A run planned on from what is true. */
export interface PlannedOn {
  /** The plan from here; serves later than wished where it must. */
  readonly plan: Plan;
  /** When what is going on is to be seen to, epoch minutes, by id. */
  readonly due: ReadonlyMap<string, number>;
  /** When the table is set for. */
  readonly wishedMin: number;
  /** How much later than that it will be, whatever the order; 0 where it can still be on time. */
  readonly lateMin: number;
  /** Something is done early, and would wait longer than is good for it. */
  readonly early: boolean;
  /** What every dish keeps in hand at the least, minutes. */
  readonly inHandMin: number;
  /** What it moves against the plan before. */
  readonly moved: readonly Move[];
}

export interface PlanOnOptions {
  /** The order planned last; with its steps, what moves is told. */
  readonly previous?: (PlanOrder & Partial<Pick<Plan, 'steps' | 'servingMin'>>) | undefined;
  /** By step: minutes left, as its probe says. */
  readonly probed?: ReadonlyMap<string, Band> | undefined;
  readonly work?: number | undefined;
}

/** Serving is put off by steps of so many minutes. */
const LATER_STEP_MIN = 5;
/** How much later is tried, in this order. */
const LATER_MIN = [5, 10, 20, 40, 80, 160, 320, ...[1, 2, 3].map((days) => days * MINUTES_PER_DAY)];
/** Shortest paths for a plan in the middle of the cooking: it begins from the last. */
const AT_ONCE = 500;
/** And for the first, which begins from nothing. */
const AT_FIRST = 3_000;
/** Evenings lived through for its chance. */
const SAMPLES = 300;

/**
 * Plans the rest of a run. When it can no longer be on time it is planned for the first time at
 * which it can, so that the cook always has a next step; how late that is, is said.
 */
export function planOn(state: RunState, nowMin: number, how: PlanOnOptions = {}): PlannedOn {
  const { meal, expected, due } = mealUnderWay(state, nowMin, how.probed);
  const wishedMin = servingMinOf(meal);
  const at = (serving: number): PlanCandidate => {
    const later = {
      ...meal,
      serving: { ...meal.serving, at: localOf(serving, meal.serving.zone) },
    };
    return bestCandidate(later, meal.kitchen, nowMin, {
      previous: how.previous,
      expected,
      work: how.work ?? (how.previous ? AT_ONCE : AT_FIRST),
      samples: SAMPLES,
    });
  };
  const first = Math.max(wishedMin, nowMin);
  const asWished = at(first);
  const lateBefore = (how.previous?.servingMin ?? first) - first;
  const found = asWished.fits ? asWished : soonest(at, first, lateBefore, laterTimes(state));
  const made = found ? found.plan() : oneAfterAnother(asWished.plan(), meal);
  return {
    plan: made,
    due,
    wishedMin,
    lateMin: Math.max(0, made.servingMin - wishedMin),
    early: earlyDishes(state, made).length > 0,
    inHandMin: inHandOf(made),
    moved: how.previous?.steps ? movesBetween({ steps: how.previous.steps }, made) : [],
  };
}

/**
 * What would mend it: where it no longer fits, what has it on time again; where something is done
 * early, what keeps it hot. Tried before it is offered, the cheapest first. Costly, so only when it
 * is to be shown.
 */
export function waysOutOf(
  state: RunState,
  nowMin: number,
  how: PlanOnOptions = {},
): readonly Rescue[] {
  const made = onTime(state, nowMin, how);
  const tryRun = (other: RunState) => onTime(other, nowMin, how);
  const early = [...keepHotWays(state, made, tryRun), ...soonerWays(state, made, nowMin, tryRun)];
  if (made.status !== 'cannot') return early;
  const { meal, expected } = mealUnderWay(state, nowMin, how.probed);
  return [...early, ...withRescues(made, meal, meal.kitchen, nowMin, expected).rescues];
}

/** The rest of a run planned for the time the table is set for, whether it can be or not. */
function onTime(state: RunState, nowMin: number, { probed, previous }: PlanOnOptions): Plan {
  const { meal, expected } = mealUnderWay(state, nowMin, probed);
  const work = previous ? AT_ONCE : AT_FIRST;
  return plan(meal, meal.kitchen, nowMin, { previous, expected, work, rescues: false });
}

/** What the dish that has the least of it keeps in hand. */
function inHandOf({ buffers }: Plan): number {
  const held = buffers.map(({ heldMin }) => heldMin);
  return held.length > 0 ? Math.max(0, Math.round(Math.min(...held))) : 0;
}

/**
 * The plan for the first serving time at which there is one: so many minutes later, halved back to
 * the first that can; or the same time on one of the next days.
 *
 * @param before how late it was told to be last: tried first, as most words change little
 */
function soonest(
  at: (serving: number) => PlanCandidate,
  from: number,
  before: number,
  laterMin: readonly number[],
): PlanCandidate | undefined {
  let cannot = 0;
  if (before > 0 && before < MINUTES_PER_DAY) {
    const same = at(from + before);
    const sooner = same.fits && before > LATER_STEP_MIN && at(from + before - LATER_STEP_MIN);
    if (sooner && sooner.fits) return between(at, from, 0, before - LATER_STEP_MIN, sooner);
    if (same.fits) return same;
    cannot = before;
  }
  for (const later of laterMin) {
    if (later <= cannot) continue;
    const found = at(from + later);
    if (!found.fits) cannot = later;
    // Another day is a whole one later: nobody eats at four in the morning.
    else return later >= MINUTES_PER_DAY ? found : between(at, from, cannot, later, found);
  }
  return undefined;
}

/** What lies over a fire now is not put off to another day. */
function laterTimes({ meal, begun, ended }: RunState): readonly number[] {
  const cooking = meal.dishes.some(({ steps }) =>
    steps.some(({ id, verb }) => FIRE_VERBS.has(verb) && begun.has(id) && !ended.has(id)),
  );
  return cooking ? LATER_MIN.filter((later) => later < MINUTES_PER_DAY) : LATER_MIN;
}

/** Between a time that cannot be and one that can, the first that can. */
function between(
  at: (serving: number) => PlanCandidate,
  from: number,
  cannot: number,
  can: number,
  found: PlanCandidate,
): PlanCandidate {
  const middle = cannot + Math.ceil((can - cannot) / 2 / LATER_STEP_MIN) * LATER_STEP_MIN;
  if (can - cannot <= LATER_STEP_MIN || middle >= can) return found;
  const tried = at(from + middle);
  return tried.fits
    ? between(at, from, cannot, middle, tried)
    : between(at, from, middle, can, found);
}

/**
 * Where no serving time helps (an oven is missing): every step as soon as what it follows is over,
 * so that the cook still has a next one. It stays a plan that cannot be, and says why.
 */
function oneAfterAnother(made: Plan, meal: Meal): Plan {
  const after = new Map(meal.dishes.flatMap((dish) => dish.steps.map((s) => [s.id, s.after])));
  const moved = new Map<string, PlannedStep>();
  const settle = (id: string): PlannedStep | undefined => {
    const known = moved.get(id);
    const step = made.steps.find((one) => one.id === id);
    if (known || !step) return known;
    moved.set(id, step);
    if (step.begun) return step;
    const ready = (after.get(id) ?? []).flatMap(({ step: before, from, leastMin }) => {
      const earlier = settle(before);
      return earlier ? [(from === 'start' ? earlier.startMin : earlier.endMin) + leastMin] : [];
    });
    const startMin = Math.max(made.nowMin, ...ready);
    const shift = startMin - step.startMin;
    const hands = step.hands.map((one) => ({
      ...one,
      startMin: one.startMin + shift,
      endMin: one.endMin + shift,
    }));
    const settled = { ...step, startMin, endMin: startMin + step.duration.likelyMin, hands };
    moved.set(id, settled);
    return settled;
  };
  const steps = made.steps.map((step) => settle(step.id) ?? step);
  return { ...made, steps, servingMin: Math.max(made.servingMin, ...steps.map((s) => s.endMin)) };
}
