import { ConflictFinder, type Conflict, type Standing } from './conflicts.ts';
import { changeMin, type Lag, type Machine, type Problem, type Use } from './problem.ts';
import { Pusher } from './pusher.ts';
import { Retimer } from './retimer.ts';

/** One way to make a conflict smaller. */
export type Choice =
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
export interface Timer<M> {
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

export interface Mark<M = unknown> {
  readonly saved: M;
  readonly made: number;
  readonly allowed: Uint32Array;
  readonly price: number;
}

/** A state with exact times, or undefined when the problem has no solution before any choice. */
export function exactState(problem: Problem, at?: readonly number[]): State | undefined {
  const retimer = new Retimer(problem.size);
  if (at) retimer.time.set(at);
  const possible =
    problem.arcs.every(({ from, to, lag }) => retimer.add(from, to, lag)) &&
    problem.costs.every(({ from, to, lag, weight }) => retimer.add(from, to, lag, weight));
  return possible ? new State(problem, retimer) : undefined;
}

/** A state that only knows what can be done. @param at the latest times without any choice */
export function quickState(problem: Problem, at: readonly number[]): State {
  const pusher = new Pusher(problem.size, at);
  for (const { from, to, lag } of problem.arcs) pusher.add(from, to, lag);
  return new State(problem, pusher);
}

/** A plan in the making: times under the choices made so far, and who does what. */
export class State implements Standing {
  /** The choices, in the order they were made. */
  readonly made: Choice[] = [];
  /** For each pick, which of its machines it may still be, as bits. */
  private readonly allowed: Uint32Array;
  /** What the machines chosen cost. */
  price: number;
  /** Families that are laid in so far; what is not yet stands in nobody's way. */
  readonly active: Uint8Array;
  private readonly finder: ConflictFinder;

  constructor(
    readonly problem: Problem,
    readonly timer: Timer<unknown>,
  ) {
    this.allowed = Uint32Array.from(problem.picks, (pick) => 2 ** pick.machines.length - 1);
    this.price = problem.picks.reduce((sum, pick) => sum + (pick.prices[0] ?? 0), 0);
    const families = Math.max(-1, ...problem.uses.map((use) => use.family)) + 1;
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

  readonly machineOf = (use: number): number => {
    const { pick } = this.problem.uses[use] as Use;
    const machines = this.problem.picks[pick]?.machines ?? [];
    return machines[machines.length === 1 ? 0 : this.slotOf(pick)] as number;
  };

  get time(): Float64Array {
    return this.timer.time;
  }

  startOf(use: number): number {
    return this.timer.at((this.problem.uses[use] as Use).from);
  }

  endOf(use: number): number {
    const { to, toLag } = this.problem.uses[use] as Use;
    return this.timer.at(to) + toLag;
  }

  /** @param latest only so many, the latest; left out, all */
  conflicts(latest?: number): Conflict[] {
    return this.finder.find(this, this.active, latest);
  }

  /** All choices of which one holds in every solution that ends the conflict. */
  choicesFor(conflict: Conflict): Choice[] {
    const { uses, machine } = conflict;
    const leave = uses
      .filter((use) => this.mayLeave(use))
      .map((use): Choice => ({ kind: 'leave', use, machine }));
    if (conflict.kind === 'closed') return [...leave, ...this.around(uses[0] as number, machine)];
    const orders = uses.flatMap((first) =>
      uses
        .filter((second) => this.mayPrecede(first, second))
        .map((second): Choice => ({ kind: 'order', first, second, machine })),
    );
    return [...leave, ...orders];
  }

  private mayPrecede(first: number, second: number): boolean {
    const a = this.problem.uses[first] as Use;
    const b = this.problem.uses[second] as Use;
    return first !== second && a.group !== b.group && !b.past;
  }

  private mayLeave(use: number): boolean {
    const { pick, past } = this.problem.uses[use] as Use;
    const bits = this.allowed[pick] as number;
    return (bits & (bits - 1)) !== 0 && !past;
  }

  /** Before the closed stretch it lies in, or after it; past others that leave no room between. */
  private around(use: number, machine: number): Choice[] {
    const { closed } = this.problem.machines[machine] as Machine;
    const startMin = this.startOf(use);
    const endMin = this.endOf(use);
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
      { kind: 'before', use, machine, min: before },
      { kind: 'after', use, machine, min: after },
    ];
  }

  /**
   * Makes a choice. The machines it speaks of are settled with it.
   *
   * @returns false when it cannot hold or the cost passes `most`; restore then
   */
  make(choice: Choice, most = Infinity): boolean {
    if (choice.kind === 'leave') {
      // Somebody must do it: what was left before may now be the only one there is.
      if (!this.mayLeave(choice.use)) return false;
      this.leave(choice.use, choice.machine);
    } else if (choice.kind === 'order') {
      this.stay(choice.first, choice.machine);
      this.stay(choice.second, choice.machine);
    } else this.stay(choice.use, choice.machine);
    this.made.push(choice);
    const arc = arcOf(this.problem, choice);
    if (arc && !this.timer.add(arc.from, arc.to, arc.lag, Infinity, most - this.price)) {
      return false;
    }
    return this.cost <= most;
  }

  private leave(use: number, machine: number): void {
    const { pick } = this.problem.uses[use] as Use;
    this.allow(pick, (this.allowed[pick] as number) & ~this.bitOf(pick, machine));
  }

  private stay(use: number, machine: number): void {
    const { pick } = this.problem.uses[use] as Use;
    this.allow(pick, this.bitOf(pick, machine));
  }

  private bitOf(pick: number, machine: number): number {
    return 1 << (this.problem.picks[pick]?.machines.indexOf(machine) ?? 0);
  }

  private allow(pick: number, bits: number): void {
    const prices = this.problem.picks[pick]?.prices ?? [];
    const before = prices[this.slotOf(pick)] ?? 0;
    this.allowed[pick] = bits;
    this.price += (prices[this.slotOf(pick)] ?? 0) - before;
  }

  save(): Mark {
    const { timer, made, price } = this;
    return { saved: timer.save(), made: made.length, allowed: this.allowed.slice(), price };
  }

  restore(mark: Mark): void {
    this.timer.restore(mark.saved);
    this.made.length = mark.made;
    this.allowed.set(mark.allowed);
    this.price = mark.price;
  }
}

/** The arc a choice adds; none where it only moves a use to another machine. */
function arcOf(problem: Problem, choice: Choice): Lag | undefined {
  const { uses } = problem;
  switch (choice.kind) {
    case 'order': {
      const [first, second] = [uses[choice.first] as Use, uses[choice.second] as Use];
      return { from: first.to, to: second.from, lag: lagOf(problem, choice) };
    }
    case 'before': {
      const { to, toLag } = uses[choice.use] as Use;
      return { from: to, to: 0, lag: toLag - choice.min };
    }
    case 'after':
      return { from: 0, to: (uses[choice.use] as Use).from, lag: choice.min };
    case 'leave':
      return undefined;
  }
}

/** Minutes from the end of one use to the begin of the next on the same machine. */
export function lagOf(
  { uses, machines }: Problem,
  { first, second, machine }: Extract<Choice, { kind: 'order' }>,
): number {
  const [a, b] = [uses[first] as Use, uses[second] as Use];
  return a.toLag + changeMin(a, b, machines[machine] as Machine);
}
