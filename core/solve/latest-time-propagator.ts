import { doubledCapacity } from './doubled-capacity.ts';

/**
 * Times under fixed orders, quickly: every moment as late as the hard arcs allow, pushed earlier
 * only as far as it must go. It knows what can be done, and not what is best; the retimer does.
 */
export class LatestTimePropagator {
  /** The time of each node; node 0 is the origin, which stands still. */
  readonly time: Float64Array;
  private from = new Int32Array(2048);
  private to = new Int32Array(2048);
  private lag = new Float64Array(2048);
  private nextIn = new Int32Array(2048);
  private arcs = 0;
  private readonly firstIn: Int32Array;
  /** What was changed, to be undone: node and time before. */
  private readonly trailNode: number[] = [];
  private readonly trailTime: number[] = [];
  private readonly queue: number[] = [];
  private readonly queued: Uint8Array;
  /** Minutes by which moments were pushed earlier. */
  cost = 0;
  /** Pushes: the measure of work. */
  searches = 0;

  /** @param at times that hold under all arcs to be added first, and are the latest */
  constructor(
    readonly size: number,
    at: readonly number[],
  ) {
    this.time = Float64Array.from(at);
    this.firstIn = new Int32Array(size).fill(-1);
    this.queued = new Uint8Array(size);
  }

  /** How far from the origin a node lies. */
  at(node: number): number {
    return this.time[node] as number;
  }

  /**
   * Adds `t[to] − t[from] ≥ lag`, and pushes earlier what must be.
   *
   * @returns false when it cannot hold; restore then
   */
  add(from: number, to: number, lag: number): boolean {
    const arc = this.arcs++;
    if (arc >= this.from.length) this.grow();
    this.from[arc] = from;
    this.to[arc] = to;
    this.lag[arc] = lag;
    this.nextIn[arc] = this.firstIn[to] as number;
    this.firstIn[to] = arc;
    if (!this.tighten(from, (this.time[to] as number) - lag)) return true;
    if (from === 0) return false;
    this.searches++;
    return this.propagate(to);
  }

  /** Puts a node no later than `most`; returns whether it had to move. */
  private tighten(node: number, most: number): boolean {
    const now = this.time[node] as number;
    if (now <= most) return false;
    this.trailNode.push(node);
    this.trailTime.push(now);
    this.time[node] = most;
    this.cost += now - most;
    if (this.queued[node] === 0) {
      this.queued[node] = 1;
      this.queue.push(node);
    }
    return true;
  }

  /** @param barrier a node that must not move: reaching it closes a circle */
  private propagate(barrier: number): boolean {
    const { queue, queued, time, nextIn, from, lag } = this;
    let holds = true;
    for (let head = 0; head < queue.length; head++) {
      const node = queue[head] as number;
      queued[node] = 0;
      if (!holds) continue;
      const here = time[node] as number;
      for (let arc = this.firstIn[node] as number; arc !== -1; arc = nextIn[arc] as number) {
        const before = from[arc] as number;
        if (!this.tighten(before, here - (lag[arc] as number))) continue;
        if (before === 0 || before === barrier) holds = false;
      }
    }
    queue.length = 0;
    return holds;
  }

  save(): PropagatorSavePoint {
    return { arcs: this.arcs, trail: this.trailNode.length, cost: this.cost };
  }

  restore(mark: PropagatorSavePoint): void {
    for (let arc = this.arcs - 1; arc >= mark.arcs; arc--) {
      this.firstIn[this.to[arc] as number] = this.nextIn[arc] as number;
    }
    this.arcs = mark.arcs;
    for (let i = this.trailNode.length - 1; i >= mark.trail; i--) {
      this.time[this.trailNode[i] as number] = this.trailTime[i] as number;
    }
    this.trailNode.length = mark.trail;
    this.trailTime.length = mark.trail;
    this.cost = mark.cost;
  }

  private grow(): void {
    this.from = doubledCapacity(this.from, Int32Array);
    this.to = doubledCapacity(this.to, Int32Array);
    this.lag = doubledCapacity(this.lag, Float64Array);
    this.nextIn = doubledCapacity(this.nextIn, Int32Array);
  }
}

export interface PropagatorSavePoint {
  readonly arcs: number;
  readonly trail: number;
  readonly cost: number;
}
