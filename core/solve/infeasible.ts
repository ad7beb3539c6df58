import {
  rangesOverlap,
  setupMinutes,
  type Machine,
  type ResourceDemand,
  type SchedulingProblem,
  type TimeLag,
} from './scheduling-problem.ts';

/**
 * Whether it is proved that no arrangement ends all conflicts. False says nothing: then there may
 * be one or not.
 *
 * Three arguments, until none says anything new: of two demands that cannot be at once one comes
 * first, and what follows from that must hold (disjunctive propagation); so must what follows from
 * trying either order (shaving); and no stretch holds more work than a machine has room and hours
 * for (energetic reasoning). See Baptiste, Le Pape, Nuijten, "Constraint-Based Scheduling", 2001.
 *
 * @param work how many pushes of a moment may be spent
 */
export function isProvedInfeasible(problem: SchedulingProblem, work: number): boolean {
  const windows = new Windows(problem, work);
  try {
    return !windows.isOpen();
  } catch (error) {
    if (error instanceof OutOfWork) return false;
    throw error;
  }
}

class OutOfWork extends Error {}

/** A demand that only one machine may serve, with the least it lasts. */
interface Bound {
  readonly demand: ResourceDemand;
  readonly machine: Machine;
  readonly index: number;
  readonly leastMin: number;
}

interface Pair {
  readonly forth: TimeLag;
  readonly back: TimeLag;
}

/** The earliest and latest of every moment, and the orders that are known. */
class Windows {
  private earliest: Float64Array;
  private latest: Float64Array;
  private readonly arcs: TimeLag[];
  private readonly outOf: number[][];
  private readonly into: number[][];
  private readonly bounds: readonly Bound[];
  private pairs: readonly Pair[];

  constructor(
    problem: SchedulingProblem,
    private work: number,
  ) {
    this.earliest = new Float64Array(problem.size).fill(-Infinity);
    this.latest = new Float64Array(problem.size).fill(Infinity);
    this.earliest[0] = 0;
    this.latest[0] = 0;
    this.arcs = [];
    this.outOf = Array.from({ length: problem.size }, () => []);
    this.into = Array.from({ length: problem.size }, () => []);
    problem.arcs.forEach((arc) => this.keep(arc));
    this.bounds = boundDemands(problem);
    this.pairs = pairsOf(this.bounds);
  }

  /** Nothing of what is known contradicts itself. */
  isOpen(): boolean {
    if (!this.settle(this.arcs.flatMap(({ from, to }) => [from, to]))) return false;
    for (;;) {
      if (this.isOverfull()) return false;
      const known = this.arcs.length;
      if (!this.decide() || !this.shave()) return false;
      if (this.arcs.length === known) return true;
    }
  }

  private keep(arc: TimeLag): void {
    const index = this.arcs.push(arc) - 1;
    this.outOf[arc.from]?.push(index);
    this.into[arc.to]?.push(index);
  }

  private drop(): void {
    const arc = this.arcs.pop();
    if (!arc) return;
    this.outOf[arc.from]?.pop();
    this.into[arc.to]?.pop();
  }

  /** Adds an arc for good; false when it cannot hold. */
  private add(arc: TimeLag): boolean {
    this.keep(arc);
    return this.settle([arc.from, arc.to]);
  }

  /** Whether an order could hold; what follows from it is forgotten. */
  private couldHold(arc: TimeLag): boolean {
    const [earliest, latest] = [this.earliest.slice(), this.latest.slice()];
    const holds = this.add(arc);
    this.drop();
    this.earliest = earliest;
    this.latest = latest;
    return holds;
  }

  /** Pushes every moment as far as the arcs and the closed hours do; false on a contradiction. */
  private settle(touched: readonly number[]): boolean {
    const queue = [...new Set(touched)];
    const queued = new Set(queue);
    for (let head = 0; head < queue.length; head++) {
      const node = queue[head] as number;
      queued.delete(node);
      for (const next of this.pushFrom(node)) {
        if (--this.work < 0) throw new OutOfWork();
        if ((this.earliest[next] as number) > (this.latest[next] as number)) return false;
        if (!queued.has(next)) {
          queued.add(next);
          queue.push(next);
        }
      }
    }
    return true;
  }

  private pushFrom(node: number): number[] {
    const moved: number[] = [];
    for (const index of this.outOf[node] ?? []) {
      const { to, lag } = this.arcs[index] as TimeLag;
      if (this.raise(to, (this.earliest[node] as number) + lag)) moved.push(to);
    }
    for (const index of this.into[node] ?? []) {
      const { from, lag } = this.arcs[index] as TimeLag;
      if (this.lower(from, (this.latest[node] as number) - lag)) moved.push(from);
    }
    return moved;
  }

  private raise(node: number, at: number): boolean {
    if (!(at > (this.earliest[node] as number))) return false;
    this.earliest[node] = at;
    return true;
  }

  private lower(node: number, at: number): boolean {
    if (!(at < (this.latest[node] as number))) return false;
    this.latest[node] = at;
    return true;
  }

  /** Keeps out of closed hours, and orders each pair of which only one order is left. */
  private decide(): boolean {
    for (const bound of this.bounds) if (!this.keepOut(bound)) return false;
    const open: Pair[] = [];
    for (const pair of this.pairs) {
      const [forth, back] = [this.fits(pair.forth), this.fits(pair.back)];
      if (!forth && !back) return false;
      if (forth && back) open.push(pair);
      else if (!this.add(forth ? pair.forth : pair.back)) return false;
    }
    this.pairs = open;
    return true;
  }

  private fits({ from, to, lag }: TimeLag): boolean {
    return (this.earliest[from] as number) + lag <= (this.latest[to] as number);
  }

  private keepOut({ demand, machine, leastMin }: Bound): boolean {
    const { from } = demand;
    const moved: number[] = [];
    for (const { startMin, endMin } of machine.closed) {
      const at = this.earliest[from] as number;
      if (at < endMin && at + leastMin > startMin && this.raise(from, endMin)) moved.push(from);
    }
    for (const { startMin, endMin } of machine.closed.toReversed()) {
      const at = this.latest[from] as number;
      if (at >= endMin || at + leastMin <= startMin) continue;
      if (this.lower(from, startMin - leastMin)) moved.push(from);
    }
    if ((this.earliest[from] as number) > (this.latest[from] as number)) return false;
    return moved.length === 0 || this.settle(moved);
  }

  /** Orders each pair of which one order leads to a contradiction. */
  private shave(): boolean {
    const open: Pair[] = [];
    for (const pair of this.pairs) {
      const { forth, back } = pair;
      const only = !this.couldHold(forth) ? back : !this.couldHold(back) ? forth : undefined;
      if (only === undefined) open.push(pair);
      else if (!this.add(only)) return false;
    }
    this.pairs = open;
    return true;
  }

  /** Between two moments more work has to be done on a machine than it has room and hours for. */
  private isOverfull(): boolean {
    const machines = new Set(this.bounds.map(({ machine }) => machine));
    return [...machines].some((machine) => {
      if (!Number.isFinite(machine.fits)) return false;
      const bounds = this.bounds.filter((one) => one.machine === machine);
      const works = longestOfEach(bounds).map(({ demand, leastMin }) => ({
        fromMin: this.earliest[demand.from] as number,
        toMin: (this.latest[demand.from] as number) + leastMin,
        // What is too large for a machine by itself clashes with nothing.
        minutes: leastMin * Math.min(demand.amount, machine.fits),
      }));
      return works.some(({ fromMin }) =>
        works.some(({ toMin }) => {
          const inside = works.filter((one) => one.fromMin >= fromMin && one.toMin <= toMin);
          const needed = inside.reduce((sum, { minutes }) => sum + minutes, 0);
          return needed > openMinutes(machine, fromMin, toMin) * machine.fits;
        }),
      );
    });
  }
}

/** One demand of each group, the longest: those of one group never stand in each other's way. */
function longestOfEach(bounds: readonly Bound[]): Bound[] {
  const longest = new Map<number, Bound>();
  for (const bound of bounds) {
    const known = longest.get(bound.demand.group);
    if (!known || bound.leastMin > known.leastMin) longest.set(bound.demand.group, bound);
  }
  return [...longest.values()];
}

function openMinutes({ closed }: Machine, fromMin: number, toMin: number): number {
  const shut = closed.reduce(
    (sum, { startMin, endMin }) =>
      sum + Math.max(0, Math.min(endMin, toMin) - Math.max(startMin, fromMin)),
    0,
  );
  return Math.max(0, toMin - fromMin) - shut;
}

/** The demands only one machine may serve, that last for a while and are still to come. */
function boundDemands({ demands, alternatives, machines, arcs }: SchedulingProblem): Bound[] {
  const span = new Map<string, number>();
  for (const { from, to, lag } of arcs) {
    const key = `${from} ${to}`;
    span.set(key, Math.max(lag, span.get(key) ?? -Infinity));
  }
  return demands.flatMap((demand, index): Bound[] => {
    const [machine, second] = alternatives[demand.alternative]?.machines ?? [];
    const { from, to, toLag, past } = demand;
    const it = machine === undefined ? undefined : machines[machine];
    const leastMin = (from === to ? 0 : (span.get(`${from} ${to}`) ?? -Infinity)) + toLag;
    if (!it || second !== undefined || past || !(leastMin > 0)) return [];
    return [{ demand, machine: it, index, leastMin }];
  });
}

/** Every two demands of one machine that cannot be there at once, each with its two orders. */
function pairsOf(bounds: readonly Bound[]): Pair[] {
  return bounds.flatMap((a, i) =>
    bounds.slice(i + 1).flatMap((b): Pair[] => {
      if (a.machine !== b.machine || a.demand.group === b.demand.group) return [];
      const { fits, heat } = a.machine;
      const apart = heat !== undefined && !rangesOverlap(a.demand.heat, b.demand.heat);
      const alone = fits === 1 && a.demand.amount > 0 && b.demand.amount > 0;
      if (!apart && !alone && a.demand.amount + b.demand.amount <= fits) return [];
      return [{ forth: orderOf(a, b, apart), back: orderOf(b, a, apart) }];
    }),
  );
}

function orderOf(first: Bound, second: Bound, apart: boolean): TimeLag {
  const setup = apart ? setupMinutes(first.demand, second.demand, first.machine) : 0;
  return { from: first.demand.to, to: second.demand.from, lag: first.demand.toLag + setup };
}
