import type { Kitchen, Meal } from '../meal/index.ts';
import { solve, type Choice, type Found, type Problem } from '../solve/index.ts';
import type { MealNetwork } from './build.ts';
import { claimsOf, type Claims } from './claims.ts';
import { wishesOf, type Wish } from './costs.ts';
import { loadsOf, type Load } from './loads.ts';
import type { Times } from './network.ts';
import { IN_HAND_FACTOR } from './runs.ts';

/** A meal as the general layer sees it, with the way back. */
export interface Arrangement {
  readonly problem: Problem;
  readonly built: MealNetwork;
  readonly claims: Claims;
  readonly loads: readonly Load[];
  readonly wishes: readonly Wish[];
  readonly servingMin: number;
  /** Where the moments lie without any order. */
  readonly free: readonly number[];
}

/** An order of an earlier plan, in words that outlast a change of the meal. */
export interface KeptOrder {
  readonly first: string;
  readonly second: string;
  readonly load: string;
}

/** The whole problem of a meal that has a solution but for its loads. */
export function arrangementOf(
  built: MealNetwork,
  latest: Times,
  meal: Meal,
  kitchen: Kitchen,
  servingMin: number,
): Arrangement {
  const { network } = built;
  const loads = loadsOf(kitchen, built.people);
  const claims = claimsOf(built, meal, loads, built.people);
  const wishes = wishesOf(built, servingMin, meal.inHand ?? IN_HAND_FACTOR);
  const bounds = network.lower.flatMap((lower, node) => {
    const upper = network.upper[node] ?? Infinity;
    const above = { from: 0, to: node + 1, lag: lower - servingMin };
    return [above, { from: node + 1, to: 0, lag: servingMin - upper }];
  });
  const shift = ({ startMin, endMin }: { startMin: number; endMin: number }) => ({
    startMin: startMin - servingMin,
    endMin: endMin - servingMin,
  });
  return {
    problem: {
      size: network.size + 1,
      arcs: [
        ...bounds,
        ...network.arcs.map(({ from, to, lag }) => ({ from: from + 1, to: to + 1, lag })),
      ],
      costs: wishes,
      machines: loads.map(({ machine }) => ({ ...machine, closed: machine.closed.map(shift) })),
      picks: claims.picks,
      uses: claims.uses,
    },
    built,
    claims,
    loads,
    wishes,
    servingMin,
    free: [0, ...latest.at.map((min) => min - servingMin)],
  };
}

/** Ever better arrangements, as far as the work allows. */
export function arranging(
  arrangement: Arrangement,
  work: number,
  kept: readonly KeptOrder[],
): Generator<Found, void> {
  const warm = kept.length > 0 ? choicesOf(arrangement, kept) : undefined;
  return solve(arrangement.problem, { work, warm, at: arrangement.free, calm: CALM });
}

/** Points a new order must save before a plan that the cook has seen is turned round. Our own, no source. */
const CALM = 30;

function choicesOf({ claims, loads }: Arrangement, kept: readonly KeptOrder[]): Choice[] {
  const useOf = new Map(claims.keys.map((key, index) => [key, index]));
  const machineOf = new Map(loads.map((load, index) => [load.key, index]));
  return kept.flatMap(({ first, second, load }): Choice[] => {
    const [a, b, machine] = [useOf.get(first), useOf.get(second), machineOf.get(load)];
    if (a === undefined || b === undefined || machine === undefined) return [];
    const serves = (use: number) =>
      claims.picks[claims.uses[use]?.pick ?? -1]?.machines.includes(machine);
    return serves(a) && serves(b) ? [{ kind: 'order', first: a, second: b, machine }] : [];
  });
}

/** The orders of an arrangement, to be kept for the next. */
export function keptOrders({ claims, loads }: Arrangement, found: Found): KeptOrder[] {
  return found.choices.flatMap((choice): KeptOrder[] => {
    if (choice.kind !== 'order') return [];
    const [first, second] = [claims.keys[choice.first], claims.keys[choice.second]];
    const load = loads[choice.machine]?.key;
    return first === undefined || second === undefined || load === undefined
      ? []
      : [{ first, second, load }];
  });
}
