import type { Kitchen, Meal } from '../meal/index.ts';
import { solve, type Choice, type Found, type Lag, type Problem } from '../solve/index.ts';
import type { MealNetwork } from './build.ts';
import { claimsOf, type Claims } from './claims.ts';
import { wishesOf, type Wish } from './costs.ts';
import { loadsOf, type Load } from './loads.ts';
import type { Network, Times } from './network.ts';
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

/** What an earlier plan decided, in words that outlast a change of the meal. */
export interface Kept {
  readonly kind: Choice['kind'];
  /** What it is about: for an order, the first of two. */
  readonly use: string;
  readonly second?: string | undefined;
  readonly load: string;
  /** Before or after this moment. */
  readonly min?: number | undefined;
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

/** Arcs that only lead on in time, so that what they say of bounds is never a circle. */
const LEADS_ON: ReadonlySet<string> = new Set(['takes', 'gapLeast', 'serving']);

/** The bounds of the moments, but for those that follow from others: every arc costs work. */
function boundsOf(network: Network, servingMin: number): Lag[] {
  const { lower, upper, arcs } = network;
  const earliest = lower.map(() => true);
  const latest = upper.map((min) => Number.isFinite(min));
  for (const { from, to, lag, why } of arcs) {
    if (!LEADS_ON.has(why.kind)) continue;
    if ((lower[from] ?? 0) + lag >= (lower[to] ?? 0)) earliest[to] = false;
    if ((upper[to] ?? 0) - lag <= (upper[from] ?? 0)) latest[from] = false;
  }
  return lower.flatMap((min, node): Lag[] => [
    ...(earliest[node] ? [{ from: 0, to: node + 1, lag: min - servingMin }] : []),
    ...(latest[node] ? [{ from: node + 1, to: 0, lag: servingMin - (upper[node] ?? 0) }] : []),
  ]);
}

/** Ever better arrangements, as far as the work allows, from what an earlier plan decided. */
export function arranging(
  arrangement: Arrangement,
  work: number,
  previous?: { readonly servingMin: number; readonly kept: readonly Kept[] },
): Generator<Found, void> {
  const warm = previous && previous.kept.length > 0 ? choicesOf(arrangement, previous) : undefined;
  return solve(arrangement.problem, { work, warm, at: arrangement.free, calm: CALM });
}

/** Points a new order must save before a plan that the cook has seen is turned round. Our own, no source. */
const CALM = 30;

function choicesOf(
  { claims, loads, servingMin }: Arrangement,
  previous: { readonly servingMin: number; readonly kept: readonly Kept[] },
): Choice[] {
  const useOf = new Map(claims.keys.map((key, index) => [key, index]));
  const machineOf = new Map(loads.map((load, index) => [load.key, index]));
  return previous.kept.flatMap(({ kind, use: key, second: other, load, min = 0 }): Choice[] => {
    const [use, machine] = [useOf.get(key), machineOf.get(load)];
    const serves = (index: number) =>
      machine !== undefined &&
      claims.picks[claims.uses[index]?.pick ?? -1]?.machines.includes(machine);
    if (use === undefined || machine === undefined || !serves(use)) return [];
    if (kind === 'leave') return [{ kind, use, machine }];
    if (kind !== 'order') {
      // A night is another when supper is on another day.
      const same = previous.servingMin === servingMin;
      return same ? [{ kind, use, machine, min: min - servingMin }] : [];
    }
    const second = useOf.get(other ?? '');
    return second === undefined || !serves(second) ? [] : [{ kind, first: use, second, machine }];
  });
}

/** What an arrangement decided, to be kept for the next. */
export function keptOf({ claims, loads, servingMin }: Arrangement, found: Found): Kept[] {
  return found.choices.map((choice): Kept => {
    const load = loads[choice.machine]?.key ?? '';
    const key = (index: number) => claims.keys[index] ?? '';
    if (choice.kind === 'order') {
      return { kind: 'order', use: key(choice.first), second: key(choice.second), load };
    }
    const min = choice.kind === 'leave' ? undefined : choice.min + servingMin;
    return { kind: choice.kind, use: key(choice.use), load, min };
  });
}
