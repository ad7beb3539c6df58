import { Heap } from './heap.ts';
import { doubledCapacity } from './doubled-capacity.ts';

/**
 * Times under fixed orders, exactly: least cost `Σ w · max(0, lag − (t[to] − t[from]))` under
 * `t[to] − t[from] ≥ lag`. That is the dual of a minimum-cost flow (Ahuja, Magnanti, Orlin,
 * Network Flows, 1993, ch. 9; from memory): times are potentials, each cost carries a flow of at
 * most its weight, and each added arc is mended by shortest paths on reduced costs, as far as its
 * violation reaches. Whole numbers in, whole numbers out.
 */
export class MinCostFlowTimer {
  /** The time of each node; node 0 is the origin, and only differences mean anything. */
  readonly time: Float64Array;
  private from = new Int32Array(1024);
  private to = new Int32Array(1024);
  private lag = new Float64Array(1024);
  /** How much flow it may carry: the weight of a cost; without end for a hard arc. */
  private capacity = new Float64Array(1024);
  private flow = new Float64Array(1024);
  private nextOut = new Int32Array(1024);
  private nextIn = new Int32Array(1024);
  private readonly firstOut: Int32Array;
  private readonly firstIn: Int32Array;
  arcCount = 0;
  /** The flow's profit: the least cost of all that was added so far, which only grows. */
  cost = 0;
  /** Shortest paths looked for: the measure of work. */
  searches = 0;

  private readonly distance: Float64Array;
  /** In which search a node was last reached, and settled. */
  private readonly reached: Int32Array;
  private readonly settledIn: Int32Array;
  private readonly settled: Int32Array;
  private settledCount = 0;
  /** The arc a node was reached by; `~arc` when against its direction. */
  private readonly via: Int32Array;
  private readonly heap = new Heap();

  constructor(readonly size: number) {
    this.time = new Float64Array(size);
    this.distance = new Float64Array(size);
    this.reached = new Int32Array(size);
    this.settledIn = new Int32Array(size);
    this.settled = new Int32Array(size);
    this.via = new Int32Array(size);
    this.firstOut = new Int32Array(size).fill(-1);
    this.firstIn = new Int32Array(size).fill(-1);
  }

  /** How far from the origin a node lies. */
  at(node: number): number {
    return (this.time[node] as number) - (this.time[0] as number);
  }

  /**
   * Adds `t[to] − t[from] ≥ lag`, or a cost for what is short of it, and mends the times.
   *
   * @param weight cost per minute short; without end for a hard arc
   * @param most gives up when the cost passes it
   * @returns false when it cannot hold (the cycle is then in `cycle`), or the cost passes `most`;
   *   the state is then half-way and must be restored
   */
  add(from: number, to: number, lag: number, weight = Infinity, most = Infinity): boolean {
    const arc = this.arcCount++;
    if (arc >= this.flow.length) this.grow();
    this.from[arc] = from;
    this.to[arc] = to;
    this.lag[arc] = lag;
    this.capacity[arc] = weight;
    this.flow[arc] = 0;
    this.nextOut[arc] = this.firstOut[from] as number;
    this.nextIn[arc] = this.firstIn[to] as number;
    this.firstOut[from] = arc;
    this.firstIn[to] = arc;
    return this.augment(arc, most);
  }

  /** The arcs of the circle that made the last `add` impossible, the added one first. */
  cycle: number[] = [];

  private augment(arc: number, most: number): boolean {
    const from = this.from[arc] as number;
    const to = this.to[arc] as number;
    const time = this.time;
    for (;;) {
      const short = (this.lag[arc] as number) - ((time[to] as number) - (time[from] as number));
      const room = (this.capacity[arc] as number) - (this.flow[arc] as number);
      if (short <= 0 || room <= 0) return true;
      const reach = this.shortest(to, from, short, arc);
      this.raise(reach);
      if (reach >= short) return true;
      const push = this.bottleneck(from, to, room);
      if (push === Infinity) {
        this.cycle = [arc, ...this.pathBack(from, to)];
        return false;
      }
      this.push(from, to, push);
      this.flow[arc] = (this.flow[arc] as number) + push;
      this.cost += push * (short - reach);
      if (this.cost > most) return false;
    }
  }

  /**
   * Shortest distances on reduced costs from `source`, until `target` is settled or `limit` is
   * reached.
   *
   * @returns the distance of the target, or `limit`
   */
  private shortest(source: number, target: number, limit: number, without: number): number {
    const { time, distance, reached, settledIn, via, heap, flow, capacity, lag } = this;
    const { from, to, nextOut, nextIn } = this;
    const search = ++this.searches;
    this.settledCount = 0;
    heap.clear();
    distance[source] = 0;
    reached[source] = search;
    heap.push(0, source);
    while (heap.size > 0) {
      const d = heap.leastKey();
      const node = heap.pop();
      if (d >= limit) return limit;
      if (settledIn[node] === search) continue;
      settledIn[node] = search;
      if (node === target) return d;
      this.settled[this.settledCount++] = node;
      const here = time[node] as number;
      for (let arc = this.firstOut[node] as number; arc !== -1; arc = nextOut[arc] as number) {
        if ((flow[arc] as number) >= (capacity[arc] as number) || arc === without) continue;
        const next = to[arc] as number;
        const far = d + ((time[next] as number) - here - (lag[arc] as number));
        if (far >= limit || (reached[next] === search && far >= (distance[next] as number)))
          continue;
        distance[next] = far;
        reached[next] = search;
        via[next] = arc;
        heap.push(far, next);
      }
      for (let arc = this.firstIn[node] as number; arc !== -1; arc = nextIn[arc] as number) {
        if ((flow[arc] as number) <= 0 || arc === without) continue;
        const next = from[arc] as number;
        const far = d + ((lag[arc] as number) - (here - (time[next] as number)));
        if (far >= limit || (reached[next] === search && far >= (distance[next] as number)))
          continue;
        distance[next] = far;
        reached[next] = search;
        via[next] = ~arc;
        heap.push(far, next);
      }
    }
    return limit;
  }

  /** Raises what was settled nearer than `reach`, so that the path becomes tight. */
  private raise(reach: number): void {
    for (let i = 0; i < this.settledCount; i++) {
      const node = this.settled[i] as number;
      this.time[node] = (this.time[node] as number) + reach - (this.distance[node] as number);
    }
  }

  private bottleneck(target: number, source: number, room: number): number {
    let least = room;
    for (let node = target; node !== source;) {
      const arc = this.via[node] as number;
      if (arc >= 0) {
        least = Math.min(least, (this.capacity[arc] as number) - (this.flow[arc] as number));
        node = this.from[arc] as number;
      } else {
        least = Math.min(least, this.flow[~arc] as number);
        node = this.to[~arc] as number;
      }
    }
    return least;
  }

  private push(target: number, source: number, amount: number): void {
    for (let node = target; node !== source;) {
      const arc = this.via[node] as number;
      if (arc >= 0) {
        this.flow[arc] = (this.flow[arc] as number) + amount;
        node = this.from[arc] as number;
      } else {
        this.flow[~arc] = (this.flow[~arc] as number) - amount;
        node = this.to[~arc] as number;
      }
    }
  }

  private pathBack(target: number, source: number): number[] {
    const arcs: number[] = [];
    for (let node = target; node !== source;) {
      const arc = this.via[node] as number;
      arcs.push(arc >= 0 ? arc : ~arc);
      node = (arc >= 0 ? this.from[arc] : this.to[~arc]) as number;
    }
    return arcs;
  }

  /** What the times cost, added up from the times themselves. */
  costOfTimes(): number {
    let sum = 0;
    for (let arc = 0; arc < this.arcCount; arc++) {
      const weight = this.capacity[arc] as number;
      if (weight !== Infinity) sum += weight * Math.max(0, this.shortOf(arc));
    }
    return sum;
  }

  /** By how much an arc is short of its lag. */
  shortOf(arc: number): number {
    const span =
      (this.time[this.to[arc] as number] as number) -
      (this.time[this.from[arc] as number] as number);
    return (this.lag[arc] as number) - span;
  }

  /** The state now, to come back to after arcs were added. */
  save(): FlowSavePoint {
    return {
      arcs: this.arcCount,
      cost: this.cost,
      time: this.time.slice(),
      flow: this.flow.slice(0, this.arcCount),
    };
  }

  /** Comes back: the arcs added since are taken off, times and flows are as they were. */
  restore(saved: FlowSavePoint): void {
    for (let arc = this.arcCount - 1; arc >= saved.arcs; arc--) {
      this.firstOut[this.from[arc] as number] = this.nextOut[arc] as number;
      this.firstIn[this.to[arc] as number] = this.nextIn[arc] as number;
    }
    this.arcCount = saved.arcs;
    this.time.set(saved.time);
    this.flow.set(saved.flow);
    this.cost = saved.cost;
  }

  private grow(): void {
    this.from = doubledCapacity(this.from, Int32Array);
    this.to = doubledCapacity(this.to, Int32Array);
    this.lag = doubledCapacity(this.lag, Float64Array);
    this.capacity = doubledCapacity(this.capacity, Float64Array);
    this.flow = doubledCapacity(this.flow, Float64Array);
    this.nextOut = doubledCapacity(this.nextOut, Int32Array);
    this.nextIn = doubledCapacity(this.nextIn, Int32Array);
  }
}

export interface FlowSavePoint {
  readonly arcs: number;
  readonly cost: number;
  readonly time: Float64Array;
  readonly flow: Float64Array;
}
