import type { Block } from '../../time/index.ts';
import type { ResourceKind } from '../resources/resources.ts';

/**
 * The time network: a simple temporal network on whole minutes, with calendars.
 *
 * Every node is a moment; every arc says `t[to] ≥ t[from] + lag`; some nodes begin a piece of
 * hands-on work that must lie outside the blocks in which the cook sleeps or is away. Such a
 * system is closed under the minimum and the maximum of two solutions (difference constraints are,
 * and so is "not inside a block"), so it has one latest and one earliest solution, and pushing
 * every node only as far as it must go finds them: no search, and no solution missed.
 */
export type ArcReason =
  /** The step lasts at least this long. */
  | { kind: 'takes'; step: number }
  /** The step lasts at most this long. */
  | { kind: 'atMost'; step: number }
  | { kind: 'gapLeast'; step: number; before: number }
  | { kind: 'gapMost'; step: number; before: number }
  /** It ends before serving. */
  | { kind: 'serving'; step: number }
  /** It is ready not long before serving. */
  | { kind: 'fresh'; step: number }
  /** A piece of hands-on work lies where it must within its step. */
  | { kind: 'hands'; step: number }
  /** Of something there is only so much: the first step's demand comes before the other's. */
  | { kind: 'order'; step: number; other: number; load: ResourceKind; name: string }
  /** Wished for: a soak at its best. */
  | { kind: 'best'; step: number }
  /** Wished for: time in hand before this step is cut short. */
  | { kind: 'inHand'; step: number; from: number }
  /** Wished for: hands free in so many of the last minutes before serving. */
  | { kind: 'calm'; step: number; freeMin: number }
  /** Wished for: raw work one after the other. */
  | { kind: 'together'; step: number; other: number }
  /** Where the cook has put it. */
  | { kind: 'pin'; step: number };

export interface Arc {
  readonly from: number;
  readonly to: number;
  readonly lag: number;
  readonly why: ArcReason;
}

export class TimeNetwork {
  readonly arcs: Arc[] = [];
  private readonly into: number[][] = [];
  private readonly outOf: number[][] = [];
  /** Hands-on minutes that begin at the node and must lie outside the blocks; 0 for none. */
  readonly handsMin: number[] = [];
  /** The blocks it must lie outside of; nothing where it has no hands. */
  readonly closed: (readonly Block[])[] = [];
  /** Not before (epoch minutes). */
  readonly lower: number[] = [];
  /** Not after. */
  readonly upper: number[] = [];

  /** @param blocks what every node with hands keeps out of, unless told otherwise */
  constructor(readonly blocks: readonly Block[]) {}

  get size(): number {
    return this.lower.length;
  }

  addNode(lower: number, upper: number, handsMin = 0): number {
    this.lower.push(lower);
    this.upper.push(upper);
    this.handsMin.push(handsMin);
    this.closed.push(this.blocks);
    this.into.push([]);
    this.outOf.push([]);
    return this.lower.length - 1;
  }

  /** At the node, so many minutes are wanted of someone who is not there in these blocks. */
  keepOut(node: number, minutes: number, closed: readonly Block[]): void {
    this.handsMin[node] = Math.max(this.handsMin[node] ?? 0, minutes);
    this.closed[node] = closed;
  }

  addArc(arc: Arc): number {
    const index = this.arcs.push(arc) - 1;
    this.into[arc.to]?.push(index);
    this.outOf[arc.from]?.push(index);
    return index;
  }

  /** Takes back the arcs added since there were `count`. */
  truncate(count: number): void {
    while (this.arcs.length > count) {
      const arc = this.arcs.pop();
      if (!arc) return;
      this.into[arc.to]?.pop();
      this.outOf[arc.from]?.pop();
    }
  }

  arcsInto(node: number): readonly number[] {
    return this.into[node] ?? [];
  }

  arcsOutOf(node: number): readonly number[] {
    return this.outOf[node] ?? [];
  }
}

/** A solution: when each node is, in epoch minutes. */
export interface Times {
  readonly at: number[];
}

/** A node that would have to lie outside its bounds: the network has no solution. */
export interface Contradiction {
  readonly node: number;
  readonly times: Times;
}

export type Solved = { ok: true; times: Times } | { ok: false; contradiction: Contradiction };

/** One push of a node to an earlier moment, by an arc, and perhaps out of a block. */
export interface Push {
  readonly node: number;
  /** None for a node that stands at its own bound. */
  readonly arc: Arc | undefined;
  readonly block: Block | undefined;
  /** The push of the arc's other end that caused this one, as an index; −1 for none. */
  readonly cause: number;
}

/**
 * How a latest solution came about: every push in order, each with the one that caused it. Going
 * back along the causes from a node is a proof that it can be no later.
 */
export class Trace {
  readonly pushes: Push[] = [];
  /** For each node, its last push. */
  readonly last: number[] = [];

  record(push: Push): void {
    this.last[push.node] = this.pushes.push(push) - 1;
  }
}

/** The latest solution: every node as late as everything allows. */
export function solveLatest(network: TimeNetwork, trace?: Trace): Solved {
  const times: Times = { at: [...network.upper] };
  const queue: number[] = [];
  for (let node = 0; node < network.size; node++) {
    const block = settleLatest(network, times, node, network.upper[node] ?? 0);
    trace?.record({ node, arc: undefined, block, cause: -1 });
    queue.push(node);
  }
  return pushEarlier(network, times, queue, trace);
}

function pushEarlier(network: TimeNetwork, times: Times, queue: number[], trace?: Trace): Solved {
  const queued = new Set(queue);
  const floor = earliestThinkable(network);
  for (let head = 0; head < queue.length; head++) {
    const node = queue[head] ?? 0;
    queued.delete(node);
    const at = times.at[node] ?? 0;
    if (at < (network.lower[node] ?? 0) || at < floor) {
      return { ok: false, contradiction: { node, times } };
    }
    for (const index of network.arcsInto(node)) {
      const arc = network.arcs[index];
      if (!arc) continue;
      const limit = (times.at[node] ?? 0) - arc.lag;
      if (limit >= (times.at[arc.from] ?? 0)) continue;
      const block = settleLatest(network, times, arc.from, limit);
      trace?.record({ node: arc.from, arc, block, cause: trace.last[node] ?? -1 });
      if (!queued.has(arc.from)) {
        queued.add(arc.from);
        queue.push(arc.from);
      }
    }
  }
  return { ok: true, times };
}

/**
 * No chain of arcs without a circle pushes a node earlier than this: all lags together, before the
 * first block and the earliest bound. Whatever gets there goes round in a circle for ever.
 */
function earliestThinkable(network: TimeNetwork): number {
  const blocks = network.closed.flatMap(([first]) => first?.startMin ?? []);
  const bounds = network.upper.filter(Number.isFinite);
  const first = [...bounds, ...blocks].reduce((a, b) => Math.min(a, b), Infinity);
  const lags = network.arcs.reduce((sum, { lag }) => sum + Math.max(0, lag), 0);
  const hands = network.handsMin.reduce((most, minutes) => Math.max(most, minutes), 0);
  return first - lags - hands;
}

/**
 * Puts a node at the last moment up to `limit` at which its hands are free of blocks.
 *
 * @returns the block it had to leave last
 */
function settleLatest(
  network: TimeNetwork,
  times: Times,
  node: number,
  limit: number,
): Block | undefined {
  const hands = network.handsMin[node] ?? 0;
  let at = limit;
  let left: Block | undefined;
  if (hands > 0) {
    const closed = network.closed[node] ?? [];
    for (let i = closed.length - 1; i >= 0; i--) {
      const block = closed[i];
      if (block && at < block.endMin && at + hands > block.startMin) {
        at = block.startMin - hands;
        left = block;
      }
    }
  }
  times.at[node] = at;
  return left;
}

/**
 * The earliest solution: every node as early as everything allows. Nodes may pass their upper
 * bound; `overdue` tells whether one did. With an open serving node this gives the first serving
 * time that works.
 *
 * @returns undefined when the arcs contradict each other at any time (or beyond `horizon`)
 */
export function solveEarliest(network: TimeNetwork, horizon: number): number[] | undefined {
  const at = [...network.lower];
  const queue: number[] = [];
  for (let node = 0; node < network.size; node++) {
    at[node] = firstFree(network, node, at[node] ?? 0);
    queue.push(node);
  }
  const queued = new Set(queue);
  for (let head = 0; head < queue.length; head++) {
    const node = queue[head] ?? 0;
    queued.delete(node);
    if ((at[node] ?? 0) > horizon) return undefined;
    for (const index of network.arcsOutOf(node)) {
      const arc = network.arcs[index];
      if (!arc) continue;
      const limit = (at[node] ?? 0) + arc.lag;
      if (limit <= (at[arc.to] ?? 0)) continue;
      at[arc.to] = firstFree(network, arc.to, limit);
      if (!queued.has(arc.to)) {
        queued.add(arc.to);
        queue.push(arc.to);
      }
    }
  }
  return at;
}

function firstFree(network: TimeNetwork, node: number, from: number): number {
  const hands = network.handsMin[node] ?? 0;
  let at = from;
  if (hands === 0) return at;
  for (const block of network.closed[node] ?? []) {
    if (at < block.endMin && at + hands > block.startMin) at = block.endMin;
  }
  return at;
}
