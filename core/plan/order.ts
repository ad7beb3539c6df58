import type { MealNetwork } from './build.ts';
import {
  changeMin,
  conflictsIn,
  latestConflict,
  type Conflict,
  type Load,
  type Use,
} from './loads.ts';
import { copyTimes, tightenLatest, type Arc, type Times } from './network.ts';

/** How many orders are tried. Work, not time: the same on every machine. */
const TRIES = 160;

/** How many times it starts over with what was hard first. */
const ROUNDS = 12;

/** A way down is given up after so many orders. */
const MOST_DEEP = 400;

/** What a conflict left costs: more than any earliness. */
const LEFT_COST = 1e6;

/**
 * Gives every load an order: a depth-first search that takes the latest conflict, tries each of
 * its uses before each other, and keeps the plan that has to begin least earlier. A conflict that
 * no order ends is left and told; the others are still solved. Arcs for the order found are left
 * in the network.
 *
 * @returns the times found and how many conflicts are left in them
 */
export function orderLoads(
  built: MealNetwork,
  loads: readonly Load[],
  times: Times,
): { times: Times; conflicts: number } {
  const search = new Search(built, loads, times);
  search.descend(copyTimes(times), 0, new Set());
  for (let round = 0; round < ROUNDS && search.best && search.best.left > 0; round++) {
    search.startOver(copyTimes(times));
  }
  if (!search.best) return { times, conflicts: conflictsIn(loads, times.at).length };
  search.best.arcs.forEach((arc) => built.network.addArc(arc));
  return { times: search.best.times, conflicts: search.best.left };
}

class Search {
  best: { times: Times; cost: number; left: number; arcs: readonly Arc[] } | undefined;
  private tries = 0;
  /** How often each step was in a conflict that was left. */
  private readonly hard = new Map<number, number>();
  private readonly base: number;

  constructor(
    private readonly built: MealNetwork,
    private readonly loads: readonly Load[],
    private readonly free: Times,
  ) {
    this.base = built.network.arcs.length;
  }

  descend(times: Times, depth: number, left: ReadonlySet<string>): void {
    const cost = this.costOf(times) + left.size * LEFT_COST;
    if (this.best && cost >= this.best.cost) return;
    const conflict = latestConflict(
      this.loads,
      times.at,
      left.size === 0 ? () => true : (one) => !left.has(keyOf(one)),
    );
    if (!conflict) {
      const arcs = this.built.network.arcs.slice(this.base);
      this.best = { times, cost, left: left.size, arcs };
      return;
    }
    const options = ordersOf(conflict.uses)
      .map(([first, second]) => this.tryOrder(times, conflict.load, first, second))
      .filter((option) => option !== undefined)
      .sort((x, y) => x.cost - y.cost);
    if (options.length === 0) {
      this.descend(times, depth + 1, new Set([...left, keyOf(conflict)]));
    }
    for (const option of options) {
      if (this.tries > TRIES && (this.best?.left === 0 || depth > TRIES)) return;
      const count = this.built.network.arcs.length;
      this.built.network.addArc(option.arc);
      this.descend(option.times, depth + 1, left);
      this.built.network.truncate(count);
    }
  }

  /**
   * One way straight down, without going back: of all conflicts the one whose steps were hardest
   * so far comes first. What is left this time is harder the next.
   */
  startOver(free: Times): void {
    const { network } = this.built;
    const left = new Set<string>();
    let times = free;
    for (let depth = 0; depth < MOST_DEEP; depth++) {
      const conflict = this.hardest(times, left);
      if (!conflict) break;
      const [option] = ordersOf(conflict.uses)
        .map(([first, second]) => this.tryOrder(times, conflict.load, first, second, true))
        .filter((one) => one !== undefined)
        .sort((x, y) => x.cost - y.cost);
      if (option) {
        network.addArc(option.arc);
        times = option.times;
        continue;
      }
      left.add(keyOf(conflict));
      for (const { step } of conflict.uses) this.hard.set(step, (this.hard.get(step) ?? 0) + 1);
    }
    const cost = this.costOf(times) + left.size * LEFT_COST;
    if (!this.best || cost < this.best.cost) {
      this.best = { times, cost, left: left.size, arcs: network.arcs.slice(this.base) };
    }
    network.truncate(this.base);
  }

  private hardest(times: Times, left: ReadonlySet<string>): Conflict | undefined {
    let found: Conflict | undefined;
    let most = -1;
    for (const conflict of conflictsIn(this.loads, times.at)) {
      if (left.has(keyOf(conflict))) continue;
      const hard = Math.max(...conflict.uses.map(({ step }) => this.hard.get(step) ?? 0));
      if (hard > most) [found, most] = [conflict, hard];
    }
    return found;
  }

  private tryOrder(times: Times, load: Load, first: Use, second: Use, free = false) {
    if (!free && this.tries++ > TRIES * 4) return undefined;
    const { network } = this.built;
    const count = network.arcs.length;
    const arc: Arc = {
      from: first.to,
      to: second.from,
      lag: first.toLag + changeMin(first, second),
      why: { kind: 'order', step: first.step, other: second.step, load: load.kind },
    };
    network.addArc(arc);
    const tried = tightenLatest(network, copyTimes(times), count);
    network.truncate(count);
    return tried.ok ? { arc, times: tried.times, cost: this.costOf(tried.times) } : undefined;
  }

  /** Minutes by which steps begin earlier than they would with enough of everything. */
  private costOf(times: Times): number {
    return this.built.startOf.reduce(
      (sum, node) => sum + (this.free.at[node] ?? 0) - (times.at[node] ?? 0),
      0,
    );
  }
}

/** A conflict by what is in it, wherever it lies. */
function keyOf({ load, uses }: Conflict): string {
  return `${load.kind} ${uses.map((use) => `${use.step}:${use.from}`).join(' ')}`;
}

/** Each of the uses before each other one. */
function ordersOf(uses: readonly Use[]): [Use, Use][] {
  return uses.flatMap((first) =>
    uses
      .filter((second) => second !== first && second.step !== first.step)
      .map((second): [Use, Use] => [first, second]),
  );
}
