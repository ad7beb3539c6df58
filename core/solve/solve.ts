import type { Conflict } from './conflicts.ts';
import type { Problem } from './problem.ts';
import { randomOf } from './random.ts';
import { optionsFor, searchOrders } from './search.ts';
import { keyOf, layIn, type Laid } from './quick.ts';
import { exactState, lagOf, type Choice, type State } from './state.ts';

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
  /** Nothing better exists: without a conflict, and at the bound. */
  readonly proved: boolean;
  /** Shortest paths looked for so far: work, the same on every machine. */
  readonly work: number;
  /** Nothing comes after it. */
  readonly last: boolean;
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
/** A problem of so many uses may be proved; in a larger one the exact search only glances. */
const SMALL_USES = 60;
const GLANCE_PLACES = 60;
/** With more than so many, orders taken one by one hardly ever come out even. */
const LARGE_USES = 120;
/** And while a part is put together anew. */
const PART_PLACES = 80;

/**
 * Solves a problem as well as the effort allows, and yields each better plan as it comes: a first
 * one at once by the cheapest order at each conflict; then the exact search, which for a small
 * meal comes to its end and proves it; then parts taken out and put together anew. Deterministic:
 * effort is counted in work done.
 *
 * Yields nothing only when the problem has no solution before any order.
 */
export function* solve(problem: Problem, effort: Effort): Generator<Found, void> {
  const state = exactState(problem, effort.at);
  if (state) yield* new Solver(state, effort).run();
}

class Solver {
  private best: Found | undefined;
  private atLeast: number;
  /** What every plan costs before any order; a missed pin alone may be dear. */
  private readonly rootCost: number;
  /** What a better plan must save. */
  private margin = 1;
  /** There is nothing more to look for. */
  private done = false;
  private readonly random = randomOf(0x5eed);
  private readonly root: ReturnType<State['save']>;

  constructor(
    private readonly state: State,
    private readonly effort: Effort,
  ) {
    this.rootCost = state.cost;
    this.atLeast = state.cost;
    this.root = state.save();
  }

  *run(): Generator<Found, void> {
    const { warm, calm = 1 } = this.effort;
    if (warm) {
      yield* this.keep(this.settleFrom(warm));
      if (this.best?.left.length === 0) this.margin = calm;
    }
    if (!this.best || this.best.left.length > 0) yield* this.first();
    if (this.best?.left.length === 0 && this.best.cost <= this.atLeast) {
      this.done = true;
    } else yield* this.exactly();
    if (!this.done) yield* this.byParts();
    if (this.best) {
      const { atLeast, work } = this;
      const proved = this.best.left.length === 0 && this.best.cost <= atLeast;
      yield { ...this.best, atLeast, proved, work, last: true };
    }
  }

  private get work(): number {
    return this.state.timer.searches + this.quickWork;
  }

  private quickWork = 0;

  private get spent(): boolean {
    return this.work >= this.effort.work;
  }

  /** Only what costs less than this is better. */
  private get bar(): number {
    return (this.best?.cost ?? Infinity) - this.margin + 1;
  }

  /** The cheapest order at each conflict; and where that leaves some, a plan laid in quickly. */
  private *first(): Generator<Found, void> {
    const { uses } = this.state.problem;
    if (uses.length <= LARGE_USES) yield* this.keep(this.settleFrom([]));
    if (this.best?.left.length === 0) return;
    const laid = layIn(this.state.problem, this.effort.at ?? this.latest());
    // A push is a tenth of the work of a shortest path.
    this.quickWork = Math.round(laid.work / 10);
    if (this.best && laid.left.length >= this.best.left.length) return;
    yield* this.keep(this.settleFrom(laid.choices));
    if (this.best && laid.left.length >= this.best.left.length) return;
    yield* this.keep(this.settleFrom(laid.choices, laid));
  }

  private latest(): number[] {
    const { problem, timer } = this.state;
    return Array.from({ length: problem.size }, (_unused, node) => timer.at(node));
  }

  /**
   * Makes the choices of an earlier plan, as far as they hold, and settles what conflicts are
   * left by the cheapest order.
   *
   * @param like only orders in which these times are
   * @returns the conflicts that no order ends
   */
  private settleFrom(choices: readonly Choice[], like?: Laid): Conflict[] {
    this.state.restore(this.root);
    for (const choice of choices) {
      const mark = this.state.save();
      if (!this.state.make(choice)) this.state.restore(mark);
    }
    return this.settle(like);
  }

  private settle(like?: Laid, stray = 0): Conflict[] {
    const left = new Set<string>();
    for (;;) {
      const conflicts = this.state.conflicts();
      const open = conflicts.filter((conflict) => !left.has(keyOf(conflict)));
      const most = (this.best?.cost ?? Infinity) - left.size * LEFT_COST - 1;
      if (open.length === 0) return conflicts;
      const conflict = open.reduce((a, b) => (b.atMin > a.atMin ? b : a));
      const options = optionsFor(this.state, conflict, most, like && agreeing(this.state, like));
      const option = options[stray > 0 && this.random() < stray ? 1 : 0] ?? options[0];
      if (option) this.state.make(option.choice);
      else left.add(keyOf(conflict));
      if (left.size > (this.best?.left.length ?? Infinity)) return conflicts;
    }
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
      at: Array.from({ length: state.problem.size }, (_unused, node) => state.timer.at(node)),
      machineOf: state.problem.uses.map((_use, index) => state.machineOf(index)),
      choices: [...state.made],
      cost,
      left,
      atLeast: this.atLeast,
      proved: false,
      work: this.work,
      last: false,
    };
  }

  private *exactly(): Generator<Found, void> {
    const better: Found[] = [];
    // A plan that is kept for calm's sake is still measured against the best there is.
    const bar = this.bar;
    let least = Math.min(this.best?.cost ?? Infinity, this.rootCost + LEFT_COST);
    this.state.restore(this.root);
    const ended = searchOrders(this.state, {
      below: least,
      places: this.state.problem.uses.length <= SMALL_USES ? EXACT_PLACES : GLANCE_PLACES,
      spent: () => this.spent,
      found: (cost) => {
        least = cost;
        if (cost >= bar) return;
        this.best = this.found(cost, []);
        better.push(this.best);
      },
    });
    if (ended) {
      this.atLeast = Math.max(this.atLeast, least);
      this.done = true;
    }
    yield* better;
  }

  /** Takes the orders about a part of the plan out and finds new ones, again and again. */
  private *byParts(): Generator<Found, void> {
    const parts = new Parts(this.state, this.random);
    while (!this.spent && this.best) {
      const { best } = this;
      // So that whoever asked can see how far it is, and stop.
      yield { ...best, work: this.work };
      const part = parts.next(best);
      this.state.restore(this.root);
      for (const choice of best.choices) if (!touches(choice, part)) this.state.make(choice);
      if (best.left.length > 0) yield* this.keep(this.settle(undefined, 0.15));
      else {
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
    this.state.restore(this.root);
  }
}

/** Whether a choice is one in which given times are. */
function agreeing(state: State, { timeOf, machineOf }: Laid): (choice: Choice) => boolean {
  const { problem } = state;
  return (choice) => {
    if (choice.kind === 'leave') return machineOf[choice.use] !== choice.machine;
    if (choice.kind === 'order') {
      const [a, b] = [problem.uses[choice.first], problem.uses[choice.second]];
      const between = timeOf(b?.from ?? 0) - timeOf(a?.to ?? 0);
      return between >= lagOf(problem, choice);
    }
    const use = problem.uses[choice.use];
    return choice.kind === 'before'
      ? timeOf(use?.to ?? 0) + (use?.toLag ?? 0) <= choice.min
      : timeOf(use?.from ?? 0) >= choice.min;
  };
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
      if (this.random() < 0.6) wanted.add(some(this.families));
      if (this.random() < 0.3) wanted.add(some(this.families));
      return new Set(uses.flatMap((use, index) => (wanted.has(use.family) ? [index] : [])));
    }
    const centre = stuck.length > 0 ? stuck[some(stuck.length)] : some(uses.length);
    const at = best.at[uses[centre ?? 0]?.from ?? 0] ?? 0;
    const wide = 20 + some(240);
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
