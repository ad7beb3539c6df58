import { ConflictFinder, type Conflict, type PartialSchedule } from './conflicts.ts';
import {
  setupMinutes,
  type TimeLag,
  type Machine,
  type SchedulingProblem,
  type ResourceDemand,
} from './scheduling-problem.ts';
import { LatestTimePropagator } from './latest-time-propagator.ts';
import { MinCostFlowTimer } from './min-cost-flow-timer.ts';

/** One way to make a conflict smaller. */
export type Decision =
  | {
      readonly kind: 'order';
      readonly first: number;
      readonly second: number;
      readonly machine: number;
    }
  | { readonly kind: 'leave'; readonly use: number; readonly machine: number }
  | {
      readonly kind: 'before' | 'after';
      readonly use: number;
      readonly machine: number;
      readonly min: number;
    };

/** Keeps the times while choices are made: exactly, or quickly. */
export interface TimePropagator<M> {
  /** What the times cost; the exact one's only grows with each arc. */
  readonly cost: number;
  readonly searches: number;
  readonly time: Float64Array;
  /** How far from the origin a node lies. */
  at(node: number): number;
  /** @returns false when it cannot hold, or the cost passes `most` */
  add(from: number, to: number, lag: number, weight?: number, most?: number): boolean;
  save(): M;
  restore(mark: M): void;
}

export interface SavePoint<M = unknown> {
  readonly saved: M;
  readonly made: number;
  readonly allowed: Uint32Array;
  readonly price: number;
}

/** A state with exact times, or undefined when the problem has no solution before any choice. */
export function exactState(
  problem: SchedulingProblem,
  at?: readonly number[],
): SearchState | undefined {
  const timer = new MinCostFlowTimer(problem.size);
  if (at) timer.time.set(at);
  const possible =
    problem.arcs.every(({ from, to, lag }) => timer.add(from, to, lag)) &&
    problem.softConstraints.every(({ from, to, lag, weight }) => timer.add(from, to, lag, weight));
  return possible ? new SearchState(problem, timer) : undefined;
}

/** A state that only knows what can be done. @param at the latest times without any choice */
export function propagatedState(problem: SchedulingProblem, at: readonly number[]): SearchState {
  const propagator = new LatestTimePropagator(problem.size, at);
  for (const { from, to, lag } of problem.arcs) propagator.add(from, to, lag);
  return new SearchState(problem, propagator);
}

/** A plan in the making: times under the choices made so far, and who does what. */
export class SearchState implements PartialSchedule {
  /** The choices, in the order they were made. */
  readonly decided: Decision[] = [];
  /** For each pick, which of its machines it may still be, as bits. */
  private readonly allowed: Uint32Array;
  /** What the machines chosen cost. */
  price: number;
  /** Families that are laid in so far; what is not yet stands in nobody's way. */
  readonly active: Uint8Array;
  private readonly finder: ConflictFinder;

  constructor(
    readonly problem: SchedulingProblem,
    readonly timer: TimePropagator<unknown>,
  ) {
    this.allowed = Uint32Array.from(problem.alternatives, (pick) => 2 ** pick.machines.length - 1);
    this.price = problem.alternatives.reduce((sum, pick) => sum + (pick.prices[0] ?? 0), 0);
    const families = Math.max(-1, ...problem.demands.map((demand) => demand.family)) + 1;
    this.active = new Uint8Array(families).fill(1);
    this.finder = new ConflictFinder(problem);
  }

  get cost(): number {
    return this.timer.cost + this.price;
  }

  private slotOf(pick: number): number {
    const bits = this.allowed[pick] as number;
    return 31 - Math.clz32(bits & -bits);
  }

  readonly machineOf = (demand: number): number => {
    const { alternative } = this.problem.demands[demand] as ResourceDemand;
    const machines = this.problem.alternatives[alternative]?.machines ?? [];
    return machines[machines.length === 1 ? 0 : this.slotOf(alternative)] as number;
  };

  get time(): Float64Array {
    return this.timer.time;
  }

  startOf(demand: number): number {
    return this.timer.at((this.problem.demands[demand] as ResourceDemand).from);
  }

  endOf(demand: number): number {
    const { to, toLag } = this.problem.demands[demand] as ResourceDemand;
    return this.timer.at(to) + toLag;
  }

  /** @param latest only so many, the latest; left out, all */
  conflicts(latest?: number): Conflict[] {
    return this.finder.find(this, this.active, latest);
  }

  /** All choices of which one holds in every solution that ends the conflict. */
  decisionsFor(conflict: Conflict): Decision[] {
    const { demands, machine } = conflict;
    const leave = demands
      .filter((demand) => this.mayLeave(demand))
      .map((demand): Decision => ({ kind: 'leave', use: demand, machine }));
    if (conflict.kind === 'closed')
      return [...leave, ...this.outsideClosedHours(demands[0] as number, machine)];
    const orders = demands.flatMap((first) =>
      demands
        .filter((second) => this.mayPrecede(first, second))
        .map((second): Decision => ({ kind: 'order', first, second, machine })),
    );
    return [...leave, ...orders];
  }

  private mayPrecede(first: number, second: number): boolean {
    const a = this.problem.demands[first] as ResourceDemand;
    const b = this.problem.demands[second] as ResourceDemand;
    return first !== second && a.group !== b.group && !b.past;
  }

  private mayLeave(demand: number): boolean {
    const { alternative, past } = this.problem.demands[demand] as ResourceDemand;
    const bits = this.allowed[alternative] as number;
    return (bits & (bits - 1)) !== 0 && !past;
  }

  /** Before the closed stretch it lies in, or after it; past others that leave no room between. */
  private outsideClosedHours(demand: number, machine: number): Decision[] {
    const { closed } = this.problem.machines[machine] as Machine;
    const startMin = this.startOf(demand);
    const endMin = this.endOf(demand);
    const minutes = endMin - startMin;
    let first = closed.findIndex((block) => block.startMin < endMin && block.endMin > startMin);
    let last = first;
    const gap = (a: number, b: number) =>
      (closed[b]?.startMin ?? Infinity) - (closed[a]?.endMin ?? -Infinity);
    while (first > 0 && gap(first - 1, first) < minutes) first--;
    while (last < closed.length - 1 && gap(last, last + 1) < minutes) last++;
    const before = closed[first]?.startMin ?? 0;
    const after = closed[last]?.endMin ?? 0;
    return [
      { kind: 'before', use: demand, machine, min: before },
      { kind: 'after', use: demand, machine, min: after },
    ];
  }

  /**
   * Makes a choice. The machines it speaks of are settled with it.
   *
   * @returns false when it cannot hold or the cost passes `most`; restore then
   */
  decide(decision: Decision, most = Infinity): boolean {
    if (decision.kind === 'leave') {
      // Somebody must do it: what was left before may now be the only one there is.
      if (!this.mayLeave(decision.use)) return false;
      this.excludeMachine(decision.use, decision.machine);
    } else if (decision.kind === 'order') {
      this.fixMachine(decision.first, decision.machine);
      this.fixMachine(decision.second, decision.machine);
    } else this.fixMachine(decision.use, decision.machine);
    this.decided.push(decision);
    const arc = arcOf(this.problem, decision);
    if (arc && !this.timer.add(arc.from, arc.to, arc.lag, Infinity, most - this.price)) {
      return false;
    }
    return this.cost <= most;
  }

  private excludeMachine(demand: number, machine: number): void {
    const { alternative } = this.problem.demands[demand] as ResourceDemand;
    this.allow(
      alternative,
      (this.allowed[alternative] as number) & ~this.bitOf(alternative, machine),
    );
  }

  private fixMachine(demand: number, machine: number): void {
    const { alternative } = this.problem.demands[demand] as ResourceDemand;
    this.allow(alternative, this.bitOf(alternative, machine));
  }

  private bitOf(pick: number, machine: number): number {
    return 1 << (this.problem.alternatives[pick]?.machines.indexOf(machine) ?? 0);
  }

  private allow(pick: number, bits: number): void {
    const prices = this.problem.alternatives[pick]?.prices ?? [];
    const before = prices[this.slotOf(pick)] ?? 0;
    this.allowed[pick] = bits;
    this.price += (prices[this.slotOf(pick)] ?? 0) - before;
  }

  save(): SavePoint {
    const { timer, decided, price } = this;
    return { saved: timer.save(), made: decided.length, allowed: this.allowed.slice(), price };
  }

  restore(mark: SavePoint): void {
    this.timer.restore(mark.saved);
    this.decided.length = mark.made;
    this.allowed.set(mark.allowed);
    this.price = mark.price;
  }
}

/** The arc a choice adds; none where it only moves a use to another machine. */
function arcOf(problem: SchedulingProblem, decision: Decision): TimeLag | undefined {
  const { demands } = problem;
  switch (decision.kind) {
    case 'order': {
      const [first, second] = [
        demands[decision.first] as ResourceDemand,
        demands[decision.second] as ResourceDemand,
      ];
      return { from: first.to, to: second.from, lag: lagOf(problem, decision) };
    }
    case 'before': {
      const { to, toLag } = demands[decision.use] as ResourceDemand;
      return { from: to, to: 0, lag: toLag - decision.min };
    }
    case 'after':
      return { from: 0, to: (demands[decision.use] as ResourceDemand).from, lag: decision.min };
    case 'leave':
      return undefined;
  }
}

/** Minutes from the end of one use to the begin of the next on the same machine. */
export function lagOf(
  { demands, machines }: SchedulingProblem,
  { first, second, machine }: Extract<Decision, { kind: 'order' }>,
): number {
  const [a, b] = [demands[first] as ResourceDemand, demands[second] as ResourceDemand];
  return a.toLag + setupMinutes(a, b, machines[machine] as Machine);
}
