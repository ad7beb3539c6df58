import { MINUTES_PER_DAY } from '../figures/index.ts';
import { safeGapsOf, withSoaksEnded } from '../ledger/index.ts';
import type { Kitchen, Meal } from '../meal/index.ts';
import { explainContradiction, type Because } from './explain/explain.ts';
import { expandMeal, type ExpandedStep, type ExpectedLengths } from './network/expanded-steps.ts';
import { buildNetwork, type BuildOptions, type MealNetwork } from './network/meal-network.ts';
import { gapKey } from './network/soft-limits.ts';
import { solveLatest, type Times } from './network/time-network.ts';
import { peopleOf, type Person } from './resources/people.ts';
import { withSparedHours, type Spared } from './resources/spared-hours.ts';

/** How many days ahead the cook's hours are laid out. */
const DAYS_BACK = 16;

/** A meal that can be done but for its loads. */
export interface TimedMeal {
  readonly meal: Meal;
  readonly kitchen: Kitchen;
  readonly steps: readonly ExpandedStep[];
  /** Who there is, in their own hours. */
  readonly people: readonly Person[];
  /** What its network was built from; its people may be spared more hours than their own. */
  readonly options: BuildOptions;
  readonly hard: MealNetwork;
  readonly latest: Times;
}

export interface HowTimed {
  /** Steps, by id, that start when they start. */
  readonly frozen?: ReadonlyMap<string, number> | undefined;
  /** No work before bed or on waking, of such nights; left out, the cook's own hours. */
  readonly spares?: Spared | undefined;
  readonly expected?: ExpectedLengths | undefined;
}

/** A meal that no times fit, whatever the order. */
export interface UntimedMeal {
  readonly meal: Meal;
  readonly steps: readonly ExpandedStep[];
  readonly servingMin: number;
  readonly nowMin: number;
  readonly people: readonly Person[];
  /** Why, from serving back; costly, so only when it is to be told. */
  readonly why: () => Because;
}

/**
 * A meal with its times: food neither lies warm nor soaks on between its steps where that can be,
 * else somebody takes it out of its soak, else the cook's gaps as they are, which safety then tells.
 */
export function timedMealAt(
  given: Meal,
  kitchen: Kitchen,
  servingMin: number,
  nowMin: number,
  how: HowTimed = {},
): TimedMeal | UntimedMeal {
  const { frozen, spares, expected } = how;
  for (const afterSoak of ['at once', 'taken out'] as const) {
    const meal = afterSoak === 'at once' ? given : withSoaksEnded(given);
    const safeGaps = new Map(
      safeGapsOf(meal, afterSoak).map((gap) => [gapKey(gap.before, gap.next), gap]),
    );
    const around = { servingMin, nowMin, frozen, safeGaps, spares, expected };
    const timed = timedAsGiven(meal, kitchen, around);
    if ('latest' in timed) return timed;
  }
  const around = { servingMin, nowMin, frozen, rigid: true, spares, expected };
  return timedAsGiven(given, kitchen, around);
}

/** What the network of a meal is built from besides its steps. */
type Around = Pick<BuildOptions, 'servingMin' | 'nowMin' | 'frozen' | 'safeGaps' | 'rigid'> &
  Pick<HowTimed, 'spares' | 'expected'>;

function timedAsGiven(
  meal: Meal,
  kitchen: Kitchen,
  { spares, expected, ...around }: Around,
): TimedMeal | UntimedMeal {
  const { servingMin, nowMin } = around;
  const steps = stepsOf(meal, servingMin, expected);
  const from = Math.max(nowMin, servingMin - DAYS_BACK * MINUTES_PER_DAY);
  const people = peopleOf(kitchen, meal.serving.zone, from, servingMin);
  const options = {
    ...around,
    people: spares ? withSparedHours(people, servingMin, spares) : people,
  };
  const hard = buildNetwork(steps, options);
  const latest = solveLatest(hard.network);
  if (latest.ok && servingMin >= nowMin) {
    return { meal, kitchen, steps, people, options, hard, latest: latest.times };
  }
  const why = () =>
    latest.ok ? pastServing(servingMin, nowMin) : explainContradiction(hard, nowMin);
  return { meal, steps, servingMin, nowMin, people, why };
}

/** The steps of a meal last timed: the hours spared and not spared are tried on the same. */
const expanded = new WeakMap<
  Meal,
  { servingMin: number; expected: ExpectedLengths | undefined; steps: readonly ExpandedStep[] }
>();

function stepsOf(
  meal: Meal,
  servingMin: number,
  expected: ExpectedLengths | undefined,
): readonly ExpandedStep[] {
  const known = expanded.get(meal);
  if (known?.servingMin === servingMin && known.expected === expected) return known.steps;
  const steps = expandMeal(meal, servingMin, expected);
  expanded.set(meal, { servingMin, expected, steps });
  return steps;
}

function pastServing(servingMin: number, nowMin: number): Because {
  const values = { at: { at: servingMin }, now: { at: nowMin } };
  return { because: [{ key: 'because.past', values }], becauseOf: [] };
}
