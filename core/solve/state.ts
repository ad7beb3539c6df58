import { conflictsOf, type Conflict, type Standing } from './conflicts.ts';
import { changeMin, type Lag, type Machine, type Problem, type Use } from './problem.ts';
import { Retimer, type Saved } from './retimer.ts';

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

export interface Mark {
  readonly saved: Saved;
  readonly made: number;
  readonly allowed: Uint32Array;
  readonly price: number;
}

/** A plan in the making: times under the choices made so far, and who does what. */
export class State implements Standing {
  readonly retimer: Retimer;
  /** The choices, in the order they were made. */
  readonly made: Choice[] = [];
  /** For each pick, which of its machines it may still be, as bits. */
  private readonly allowed: Uint32Array;
  /** What the machines chosen cost. */
  price = 0;
  /** Arcs before these are the problem's own. */
  readonly base: number;
  /** Whether the problem has a solution before any choice. */
  readonly possible: boolean;

  /** @param at times to begin from; the nearer to a solution the less work */
  constructor(
    readonly problem: Problem,
    at?: readonly number[],
  ) {
    this.retimer = new Retimer(problem.size);
    if (at) this.retimer.time.set(at);
    this.allowed = Uint32Array.from(problem.picks, (pick) => 2 ** pick.machines.length - 1);
    this.price = problem.picks.reduce((sum, pick) => sum + (pick.prices[0] ?? 0), 0);
    this.possible =
      problem.arcs.every(({ from, to, lag }) => this.retimer.add(from, to, lag)) &&
      problem.costs.every(({ from, to, lag, weight }) => this.retimer.add(from, to, lag, weight));
    this.base = this.retimer.arcCount;
  }

  get cost(): number {
    return this.retimer.cost + this.price;
  }

  private slotOf(pick: number): number {
    const bits = this.allowed[pick] as number;
    return 31 - Math.clz32(bits & -bits);
  }

  machineOf(use: number): number {
    const { pick } = this.problem.uses[use] as Use;
    return this.problem.picks[pick]?.machines[this.slotOf(pick)] as number;
  }

  startOf(use: number): number {
    return this.retimer.at((this.problem.uses[use] as Use).from);
  }

  endOf(use: number): number {
    const { to, toLag } = this.problem.uses[use] as Use;
    return this.retimer.at(to) + toLag;
  }

  conflicts(): Conflict[] {
    return conflictsOf(this.problem, this);
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
    if (choice.kind === 'leave') this.leave(choice.use, choice.machine);
    else if (choice.kind === 'order') {
      this.stay(choice.first, choice.machine);
      this.stay(choice.second, choice.machine);
    } else this.stay(choice.use, choice.machine);
    this.made.push(choice);
    const arc = arcOf(this.problem, choice);
    if (arc && !this.retimer.add(arc.from, arc.to, arc.lag, Infinity, most - this.price)) {
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
    const { retimer, made, price } = this;
    return { saved: retimer.save(), made: made.length, allowed: this.allowed.slice(), price };
  }

  restore(mark: Mark): void {
    this.retimer.restore(mark.saved);
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
