import { conflictsOf, type Conflict, type Standing } from './conflicts.ts';
import { changeMin, type Lag, type Machine, type Problem, type Use } from './problem.ts';
import { Retimer, type Saved } from './retimer.ts';

/** One way to make a conflict smaller. */
export type Choice =
  | { readonly kind: 'order'; readonly first: number; readonly second: number; readonly machine: number }
  | { readonly kind: 'leave'; readonly use: number; readonly machine: number }
  | { readonly kind: 'before' | 'after'; readonly use: number; readonly machine: number; readonly min: number };

/** A choice that was made: what it says, and which arc of the retimer it is (none for a move). */
export interface Made {
  readonly choice: Choice;
}

export interface Mark {
  readonly saved: Saved;
  readonly made: number;
  readonly allowed: Uint32Array;
  readonly price: number;
}

/** A plan in the making: times under the choices made so far, and who does what. */
export class State implements Standing {
  readonly retimer: Retimer;
  /** The choices, in the order of their arcs. */
  readonly made: Choice[] = [];
  /** For each use, which of its machines it may still have, as bits. */
  private readonly allowed: Uint32Array;
  /** What the machines chosen cost. */
  price = 0;
  /** Arcs before these are the problem's own. */
  readonly base: number;
  /** Whether the problem has a solution before any choice. */
  readonly possible: boolean;

  constructor(readonly problem: Problem) {
    this.retimer = new Retimer(problem.size);
    this.allowed = Uint32Array.from(problem.uses, (use) => 2 ** use.machines.length - 1);
    this.possible =
      problem.arcs.every(({ from, to, lag }) => this.retimer.add(from, to, lag)) &&
      problem.costs.every(({ from, to, lag, weight }) => this.retimer.add(from, to, lag, weight));
    this.base = this.retimer.arcCount;
  }

  get cost(): number {
    return this.retimer.cost + this.price;
  }

  private slotOf(use: number): number {
    const bits = this.allowed[use] as number;
    return 31 - Math.clz32(bits & -bits);
  }

  machineOf(use: number): number {
    return (this.problem.uses[use] as Use).machines[this.slotOf(use)] as number;
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
    const bits = this.allowed[use] as number;
    return (bits & (bits - 1)) !== 0 && !this.problem.uses[use]?.past;
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

  /** The arc a choice adds; none where it only moves a use to another machine. */
  arcOf(choice: Choice): Lag | undefined {
    const { uses, machines } = this.problem;
    switch (choice.kind) {
      case 'order': {
        const first = uses[choice.first] as Use;
        const second = uses[choice.second] as Use;
        const change = changeMin(first, second, machines[choice.machine] as Machine);
        return { from: first.to, to: second.from, lag: first.toLag + change };
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
    const arc = this.arcOf(choice);
    if (arc) {
      this.made.push(choice);
      if (!this.retimer.add(arc.from, arc.to, arc.lag, Infinity, most - this.price)) return false;
    }
    return this.cost <= most;
  }

  private leave(use: number, machine: number): void {
    const before = this.slotOf(use);
    const slot = (this.problem.uses[use] as Use).machines.indexOf(machine);
    this.allowed[use] = (this.allowed[use] as number) & ~(1 << slot);
    this.pay(use, before);
  }

  private stay(use: number, machine: number): void {
    const before = this.slotOf(use);
    this.allowed[use] = 1 << (this.problem.uses[use] as Use).machines.indexOf(machine);
    this.pay(use, before);
  }

  private pay(use: number, before: number): void {
    const { prices } = this.problem.uses[use] as Use;
    this.price += (prices[this.slotOf(use)] ?? 0) - (prices[before] ?? 0);
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

  /** Takes back every choice about a use that is not kept, and its machine with it. */
  loosen(keep: (use: number) => boolean): void {
    const kept = this.made.map((choice) =>
      choice.kind === 'order' ? keep(choice.first) && keep(choice.second) : keep(choice.use),
    );
    this.retimer.remove(this.base, (arc) => kept[arc - this.base] ?? false);
    const left = this.made.filter((_choice, i) => kept[i]);
    this.made.splice(0, this.made.length, ...left);
    this.problem.uses.forEach((use, index) => {
      if (keep(index)) return;
      const before = this.slotOf(index);
      this.allowed[index] = 2 ** use.machines.length - 1;
      this.pay(index, before);
    });
  }
}
