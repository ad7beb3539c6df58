import type { HandsNode, MealNetwork } from './build.ts';
import { copyTimes, tightenLatest, type Times } from './network.ts';

/** A pair of pieces of hands-on work that the plan wants at once. */
export interface HandsClash {
  readonly a: HandsNode;
  readonly b: HandsNode;
  readonly startMin: number;
  readonly endMin: number;
}

/** How many orders are tried. Work, not time: the same on every machine. */
const TRIES = 160;

/**
 * Gives one pair of hands an order: a depth-first search that takes the latest clash, tries either
 * piece first, and keeps the plan that has to begin least earlier. Arcs for the order found are
 * left in the network.
 *
 * @returns the times found and the clashes left in them (none, unless no order was found)
 */
export function orderHands(
  built: MealNetwork,
  times: Times,
): { times: Times; clashes: HandsClash[] } {
  const search = new Search(built, times);
  search.descend(copyTimes(times), 0);
  if (!search.best) return { times, clashes: clashesIn(built, times) };
  search.best.arcs.forEach((arc) => built.network.addArc(arc));
  return { times: search.best.times, clashes: [] };
}

class Search {
  best: { times: Times; cost: number; arcs: MealNetwork['network']['arcs'] } | undefined;
  private tries = 0;
  private readonly base: number;

  constructor(
    private readonly built: MealNetwork,
    private readonly free: Times,
  ) {
    this.base = built.network.arcs.length;
  }

  descend(times: Times, depth: number): void {
    const cost = this.costOf(times);
    if (this.best && cost >= this.best.cost) return;
    const clash = clashesIn(this.built, times)[0];
    if (!clash) {
      this.best = { times, cost, arcs: this.built.network.arcs.slice(this.base) };
      return;
    }
    const options = [this.tryOrder(times, clash.a, clash.b), this.tryOrder(times, clash.b, clash.a)]
      .filter((option) => option !== undefined)
      .sort((x, y) => x.cost - y.cost);
    for (const option of options) {
      if (this.tries > TRIES && (this.best || depth > TRIES)) return;
      const count = this.built.network.arcs.length;
      this.built.network.addArc(option.arc);
      this.descend(option.times, depth + 1);
      this.built.network.truncate(count);
    }
  }

  private tryOrder(times: Times, first: HandsNode, second: HandsNode) {
    if (this.tries++ > TRIES * 4) return undefined;
    const { network } = this.built;
    const count = network.arcs.length;
    const arc = {
      from: first.node,
      to: second.node,
      lag: first.hands.minutes,
      why: { kind: 'order', step: first.step, other: second.step } as const,
    };
    network.addArc(arc);
    const tried = tightenLatest(network, copyTimes(times), count);
    network.truncate(count);
    return tried.ok ? { arc, times: tried.times, cost: this.costOf(tried.times) } : undefined;
  }

  /** Minutes by which steps begin earlier than they would with hands enough. */
  private costOf(times: Times): number {
    return this.built.startOf.reduce(
      (sum, node) => sum + (this.free.at[node] ?? 0) - (times.at[node] ?? 0),
      0,
    );
  }
}

/** All pairs of hands-on work that overlap, the latest first. Work within one step never clashes. */
export function clashesIn(built: MealNetwork, times: Times): HandsClash[] {
  const pieces = built.hands
    .map((hands) => ({ hands, at: times.at[hands.node] ?? 0 }))
    .sort((x, y) => x.at - y.at || x.hands.node - y.hands.node);
  const clashes: HandsClash[] = [];
  for (let i = 0; i < pieces.length; i++) {
    const a = pieces[i];
    if (!a) continue;
    const aEnd = a.at + a.hands.hands.minutes;
    for (let j = i + 1; j < pieces.length; j++) {
      const b = pieces[j];
      if (!b || b.at >= aEnd) break;
      if (a.hands.step === b.hands.step) continue;
      const endMin = Math.min(aEnd, b.at + b.hands.hands.minutes);
      clashes.push({ a: a.hands, b: b.hands, startMin: b.at, endMin });
    }
  }
  return clashes.reverse();
}
