import type { Kitchen, Meal } from '../../meal/index.ts';
import {
  solve,
  type Decision,
  type Solution,
  type TimeLag,
  type SchedulingProblem,
} from '../../solve/index.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import { mealDemandsOf, type MealDemands } from '../resources/demands.ts';
import { rawTogether } from './raw-work.ts';
import type { PlanOrder, WarmStartDecision } from './warm-start-decision.ts';
import { softConstraintsOf, type MealSoftConstraint } from './soft-constraints.ts';
import { resourcesOf, type Resource } from '../resources/resources.ts';
import type { TimeNetwork, Times } from '../network/time-network.ts';
import { BUFFER_FACTOR } from './buffered-chains.ts';

/** A meal as the general layer sees it, with the way back. */
export interface SchedulingModel {
  readonly problem: SchedulingProblem;
  readonly built: MealNetwork;
  readonly mealDemands: MealDemands;
  readonly resources: readonly Resource[];
  readonly softConstraints: readonly MealSoftConstraint[];
  readonly servingMin: number;
  /** Where the moments lie without any order. */
  readonly free: readonly number[];
}

/** The whole problem of a meal that has a solution but for its loads. */
export function schedulingModelOf(
  built: MealNetwork,
  latest: Times,
  meal: Meal,
  kitchen: Kitchen,
  servingMin: number,
): SchedulingModel {
  const { network } = built;
  const resources = resourcesOf(kitchen, built.people);
  const mealDemands = mealDemandsOf(built, meal, resources, built.people);
  const softConstraints = [
    ...softConstraintsOf(built, servingMin, meal.inHand ?? BUFFER_FACTOR),
    ...rawTogether(built, meal, latest.at),
  ];
  const shift = ({ startMin, endMin }: { startMin: number; endMin: number }) => ({
    startMin: startMin - servingMin,
    endMin: endMin - servingMin,
  });
  return {
    problem: {
      size: network.size + 1,
      arcs: [
        ...boundsOf(network, servingMin),
        ...network.arcs.map(({ from, to, lag }) => ({ from: from + 1, to: to + 1, lag })),
      ],
      softConstraints: softConstraints,
      machines: resources.map(({ machine }) => ({ ...machine, closed: machine.closed.map(shift) })),
      alternatives: mealDemands.alternatives,
      demands: mealDemands.demands,
    },
    built,
    mealDemands,
    resources,
    softConstraints,
    servingMin,
    free: [0, ...latest.at.map((min) => min - servingMin)],
  };
}

/** Arcs that only lead on in time, so that what they say of bounds is never a circle. */
const LEADS_ON: ReadonlySet<string> = new Set(['takes', 'gapLeast', 'serving']);

/** The bounds of the moments, but for those that follow from others: every arc costs work. */
function boundsOf(network: TimeNetwork, servingMin: number): TimeLag[] {
  const { lower, upper, arcs } = network;
  const earliest = lower.map(() => true);
  const latest = upper.map((min) => Number.isFinite(min));
  for (const { from, to, lag, why } of arcs) {
    if (!LEADS_ON.has(why.kind)) continue;
    if ((lower[from] ?? 0) + lag >= (lower[to] ?? 0)) earliest[to] = false;
    if ((upper[to] ?? 0) - lag <= (upper[from] ?? 0)) latest[from] = false;
  }
  return lower.flatMap((min, node): TimeLag[] => [
    ...(earliest[node] ? [{ from: 0, to: node + 1, lag: min - servingMin }] : []),
    ...(latest[node] ? [{ from: node + 1, to: 0, lag: servingMin - (upper[node] ?? 0) }] : []),
  ]);
}

/** Ever better arrangements, as far as the work allows, from what an earlier plan decided. */
export function solveSchedule(
  model: SchedulingModel,
  work: number,
  previous?: PlanOrder,
  insertWork?: number,
): Generator<Solution, void> {
  const warmStart =
    previous && previous.warmStart.length > 0 ? choicesOf(model, previous) : undefined;
  return solve(model.problem, {
    work,
    warmStart,
    insertWork,
    at: model.free,
    minImprovement: MIN_IMPROVEMENT,
  });
}

/** Points a new order must save before a plan that the cook has seen is turned round. Our own, no source. */
const MIN_IMPROVEMENT = 30;

function choicesOf(
  { mealDemands, resources, servingMin }: SchedulingModel,
  previous: PlanOrder,
): Decision[] {
  const useOf = new Map(mealDemands.keys.map((key, index) => [key, index]));
  const machineOf = new Map(resources.map((resource, index) => [resource.key, index]));
  return previous.warmStart.flatMap(
    ({ kind, demand: key, second: other, resource, min = 0 }): Decision[] => {
      const [demand, machine] = [useOf.get(key), machineOf.get(resource)];
      const serves = (index: number) =>
        machine !== undefined &&
        mealDemands.alternatives[mealDemands.demands[index]?.alternative ?? -1]?.machines.includes(
          machine,
        );
      if (demand === undefined || machine === undefined || !serves(demand)) return [];
      if (kind === 'leave') return [{ kind, use: demand, machine }];
      if (kind !== 'order') {
        // A night is another when supper is on another day.
        const same = previous.servingMin === servingMin;
        return same ? [{ kind, use: demand, machine, min: min - servingMin }] : [];
      }
      const second = useOf.get(other ?? '');
      return second === undefined || !serves(second)
        ? []
        : [{ kind, first: demand, second, machine }];
    },
  );
}

/** What an arrangement decided, to be kept for the next. */
export function warmStartOf(
  { mealDemands, resources, servingMin }: SchedulingModel,
  solution: Solution,
): WarmStartDecision[] {
  return solution.decisions.map((decision): WarmStartDecision => {
    const resource = resources[decision.machine]?.key ?? '';
    const key = (index: number) => mealDemands.keys[index] ?? '';
    if (decision.kind === 'order') {
      return { kind: 'order', demand: key(decision.first), second: key(decision.second), resource };
    }
    const min = decision.kind === 'leave' ? undefined : decision.min + servingMin;
    return { kind: decision.kind, demand: key(decision.use), resource, min };
  });
}
