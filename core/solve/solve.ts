import type { Conflict } from './conflicts.ts';
import type { Problem } from './problem.ts';
import { randomOf } from './random.ts';
import { optionsFor, searchOrders } from './search.ts';
import { State, type Choice } from './state.ts';

/** What a conflict that is left costs: more than anything a plan can wish for. */
export const LEFT_COST = 1e7;

/** The best so far, and what is known of how good it is. */
export interface Found {
  /** The time of each moment, from the origin. */
  readonly at: readonly number[];
  /** Which machine each use is on. */
  readonly machineOf: readonly number[];
  /** The orders it rests on. */
  readonly choices: readonly Choice[];
  readonly cost: number;
  /** Conflicts that no order tried could end. */
  readonly left: readonly Conflict[];
  /** No solution costs less. */
  readonly atLeast: number;
  /** Nothing better exists; or, where conflicts are left, nothing without any. */
  readonly proved: boolean;
  /** Shortest paths looked for so far: work, the same on every machine. */
  readonly work: number;
}

export interface Effort {
  /** Shortest paths to look for at the most. */
  readonly work: number;
  /** Orders of an earlier plan to begin from, those of them that still hold. */
  readonly warm?: readonly Choice[] | undefined;
  /** What a new plan must save at least before one from `warm` is given up for it. */
  readonly calm?: number | undefined;
  /** Where the moments lie without any order, when known. */
  readonly at?: readonly number[] | undefined;
}

/** Places an exact search may look at, before a large problem is taken apart instead. */
const EXACT_PLACES = 1500;
/** And while a part is put together anew. */
const PART_PLACES = 30;

/**
 * Solves a problem as well as the effort allows, and yields each better plan as it comes: a first
 * one at once by the cheapest order at each conflict; then the exact search, which for a small
 * meal comes to its end and proves it; then parts taken out and put together anew. Deterministic:
 * effort is counted in work done.
 *
 * Yields nothing only when the problem has no solution before any order.
 */
export function* solve(problem: Problem, effort: Effort): Generator<Found, void> {
  const state = new State(problem, effort.at);
  if (!state.possible) return;
  yield* new Solver(state, effort).run();
}

class Solver {
  private best: Found | undefined;
  private atLeast: number;
  /** What a better plan must save. */
  private margin = 1;
  private proved = false;
  private readonly random = randomOf(0x5eed);

  constructor(
    private readonly state: State,
    private readonly effort: Effort,
  ) {
    this.atLeast = state.cost;
  }

  *run(): Generator<Found, void> {
    const root = this.state.save();
    if (this.effort.warm) {
      this.replay(this.effort.warm);
      yield* this.settleAll(root);
      this.state.restore(root);
      if (this.best?.left.length === 0) this.margin = this.effort.calm ?? 1;
    }
    if (!this.best || this.best.left.length > 0) yield* this.settleAll(root);
    if (this.best && this.best.left.length === 0 && this.best.cost <= this.atLeast)
      this.proved = true;
    else yield* this.exactly();
    if (!this.proved) yield* this.byParts(root);
    if (this.best) {
      yield { ...this.best, atLeast: this.atLeast, proved: this.proved, work: this.work };
    }
  }

  /** Only what costs less than this is better. */
  private get bar(): number {
    return (this.best?.cost ?? Infinity) - this.margin + 1;
  }

  private get work(): number {
    return this.state.retimer.searches;
  }

  private get spent(): boolean {
    return this.work >= this.effort.work;
  }

  /** Makes the choices of an earlier plan, as far as they hold. */
  private replay(choices: readonly Choice[]): void {
    for (const choice of choices) {
      const mark = this.state.save();
      if (!this.state.make(choice)) this.state.restore(mark);
    }
  }

  /** Settles conflict after conflict by the cheapest order, again with the hardest first. */
  private *settleAll(root: ReturnType<State['save']>): Generator<Found, void> {
    const hard = new Map<number, number>();
    for (let round = 0; round < 12; round++) {
      const left = this.settle(hard, 0);
      yield* this.keep(left);
      this.state.restore(root);
      if (left.length === 0 || this.spent) return;
      for (const conflict of left) {
        for (const use of conflict.uses) hard.set(use, (hard.get(use) ?? 0) + 1);
      }
    }
  }

  /**
   * @param hard how often each use was in a conflict that was left: such are settled first
   * @param stray how often the second best way is taken, 0 to 1
   * @returns the conflicts that are left
   */
  private settle(hard: ReadonlyMap<number, number>, stray: number): Conflict[] {
    const left = new Map<string, Conflict>();
    for (;;) {
      const conflicts = this.state.conflicts();
      const open = conflicts.filter((conflict) => !left.has(keyOf(conflict)));
      const most = (this.best?.cost ?? Infinity) - left.size * LEFT_COST - 1;
      if (open.length === 0) return conflicts;
      const conflict = this.next(open, hard);
      const options = optionsFor(this.state, conflict, most);
      const pick = stray > 0 && this.random() < stray ? 1 : 0;
      const option = options[pick] ?? options[0];
      if (!option) left.set(keyOf(conflict), conflict);
      else this.state.make(option.choice);
      if (left.size > (this.best?.left.length ?? Infinity)) return conflicts;
    }
  }

  private next(open: readonly Conflict[], hard: ReadonlyMap<number, number>): Conflict {
    let best = open[0] as Conflict;
    let most = -Infinity;
    for (const conflict of open) {
      const worry = Math.max(...conflict.uses.map((use) => hard.get(use) ?? 0));
      const rank = worry * 1e7 + conflict.atMin;
      if (rank > most) [best, most] = [conflict, rank];
    }
    return best;
  }

  private *keep(left: readonly Conflict[]): Generator<Found, void> {
    const cost = this.state.cost + left.length * LEFT_COST;
    if (this.best && cost > this.best.cost - this.margin) return;
    this.best = this.found(cost, left);
    yield this.best;
  }

  private found(cost: number, left: readonly Conflict[]): Found {
    const { state } = this;
    return {
      at: Array.from({ length: state.problem.size }, (_unused, node) => state.retimer.at(node)),
      machineOf: state.problem.uses.map((_use, index) => state.machineOf(index)),
      choices: [...state.made],
      cost,
      left,
      atLeast: this.atLeast,
      proved: this.proved,
      work: this.work,
    };
  }

  private *exactly(): Generator<Found, void> {
    const better: Found[] = [];
    const ended = searchOrders(this.state, {
      below: Math.min(this.bar, LEFT_COST),
      places: EXACT_PLACES,
      spent: () => this.spent,
      found: (cost) => {
        this.best = this.found(cost, []);
        better.push(this.best);
      },
    });
    if (ended && this.best) {
      this.atLeast = Math.max(this.atLeast, Math.min(this.best.cost, this.bar));
      this.proved = true;
    }
    yield* better;
  }

  /** Takes the orders about a part of the plan out and finds new ones, again and again. */
  private *byParts(root: ReturnType<State['save']>): Generator<Found, void> {
    const parts = new Parts(this.state, this.random);
    while (!this.spent && this.best) {
      const { best } = this;
      this.state.restore(root);
      const part = parts.next(best);
      this.replay(best.choices.filter((choice) => !touches(choice, part)));
      if (best.left.length > 0) {
        const left = this.settle(new Map([...part].map((use) => [use, this.random()])), 0.15);
        yield* this.keep(left);
      } else {
        const better: Found[] = [];
        searchOrders(this.state, {
          below: this.bar,
          places: PART_PLACES,
          spent: () => this.spent,
          found: (cost) => {
            this.best = this.found(cost, []);
            better.push(this.best);
          },
        });
        yield* better;
      }
    }
    this.state.restore(root);
  }
}

/** Which uses to take out next: those of a few families, or of a stretch of time. */
class Parts {
  private readonly families: number;

  constructor(
    private readonly state: State,
    private readonly random: () => number,
  ) {
    this.families = 1 + Math.max(0, ...state.problem.uses.map((use) => use.family));
  }

  next(best: Found): ReadonlySet<number> {
    const { uses } = this.state.problem;
    const stuck = best.left.flatMap((conflict) => [...conflict.there]);
    const some = (count: number) => Math.floor(this.random() * count);
    if (this.random() < 0.6 || this.families < 3) {
      const wanted = new Set([some(this.families)]);
      if (stuck.length > 0) wanted.add(uses[stuck[some(stuck.length)] ?? 0]?.family ?? 0);
      if (this.random() < 0.5) wanted.add(some(this.families));
      return new Set(uses.flatMap((use, index) => (wanted.has(use.family) ? [index] : [])));
    }
    const centre = stuck.length > 0 ? stuck[some(stuck.length)] : some(uses.length);
    const at = best.at[uses[centre ?? 0]?.from ?? 0] ?? 0;
    const wide = 20 + some(100);
    return new Set(
      uses.flatMap((use, index) => {
        const [start, end] = [best.at[use.from] ?? 0, (best.at[use.to] ?? 0) + use.toLag];
        return start < at + wide && end > at - wide ? [index] : [];
      }),
    );
  }
}

function touches(choice: Choice, part: ReadonlySet<number>): boolean {
  return choice.kind === 'order'
    ? part.has(choice.first) || part.has(choice.second)
    : part.has(choice.use);
}

/** A conflict by what is in it, wherever it lies. */
function keyOf({ machine, uses }: Conflict): string {
  return `${machine} ${uses.join(' ')}`;
}
