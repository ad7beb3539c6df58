import type { Conflict } from './conflicts.ts';
import type { SchedulingProblem } from './scheduling-problem.ts';
import { randomOf } from './random.ts';
import { optionsFor, searchOrders } from './order-search.ts';
import { conflictKey, insertGreedily, type GreedySchedule } from './greedy-insertion.ts';
import { exactState, lagOf, type Decision, type SearchState } from './search-state.ts';

/** What a conflict that is left costs: more than all soft constraints together. */
export const UNRESOLVED_COST = 1e7;

/** The best so far, and what is known of how good it is. */
export interface Solution {
  /** The time of each moment, from the origin. */
  readonly at: readonly number[];
  /** Which machine each use is on. */
  readonly machineOf: readonly number[];
  /** The orders it rests on. */
  readonly decisions: readonly Decision[];
  readonly cost: number;
  /** Conflicts that no order tried could end. */
  readonly unresolved: readonly Conflict[];
  /** No solution costs less. */
  readonly atLeast: number;
  /** Nothing better exists: without a conflict, and at the bound. */
  readonly proved: boolean;
  /** Shortest paths looked for so far: work, the same on every machine. */
  readonly work: number;
  /** Nothing comes after it. */
  readonly last: boolean;
}

export interface SolveLimits {
  /** Shortest paths to look for at the most. */
  readonly work: number;
  /** Orders of an earlier plan to begin from, those of them that still hold. */
  readonly warmStart?: readonly Decision[] | undefined;
  /** What a new plan must save at least before one from `warm` is given up for it. */
  readonly minImprovement?: number | undefined;
  /** Work for laying in a large problem family by family, in pushes; left out, as much as that may take. */
  readonly insertWork?: number | undefined;
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
/** How often a first solution with conflicts is mended before it is begun otherwise. */
const REPAIRS = 12;
/** How often a mend takes the second cheapest order. */
const STRAY = 0.15;
/** Work for laying in family by family, in pushes. */
const INSERT_WORK = 40_000;
/** And in a large problem. */
const LARGE_INSERT_WORK = 600_000;
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
export function* solve(problem: SchedulingProblem, limits: SolveLimits): Generator<Solution, void> {
  const state = exactState(problem, limits.at);
  if (state) yield* new Solver(state, limits).run();
}

class Solver {
  private best: Solution | undefined;
  private atLeast: number;
  /** What every plan costs before any order; a missed pin alone may be dear. */
  private readonly rootCost: number;
  /** What a better plan must save. */
  private margin = 1;
  /** There is nothing more to look for. */
  private complete = false;
  private readonly random = randomOf(0x5eed);
  private readonly root: ReturnType<SearchState['save']>;

  constructor(
    private readonly state: SearchState,
    private readonly limits: SolveLimits,
  ) {
    this.rootCost = state.cost;
    this.atLeast = state.cost;
    this.root = state.save();
  }

  *run(): Generator<Solution, void> {
    const { warmStart, minImprovement = 1 } = this.limits;
    if (warmStart) {
      yield* this.keep(this.settleFrom(warmStart));
      if (this.best?.unresolved.length === 0) this.margin = minImprovement;
    }
    if (!this.best || this.best.unresolved.length > 0) yield* this.firstSolution();
    if (this.best?.unresolved.length === 0 && this.best.cost <= this.atLeast) {
      this.complete = true;
    } else yield* this.exactSearch();
    if (!this.complete) yield* this.largeNeighbourhoodSearch();
    if (this.best) {
      const { atLeast, work } = this;
      const proved = this.best.unresolved.length === 0 && this.best.cost <= atLeast;
      yield { ...this.best, atLeast, proved, work, last: true };
    }
  }

  private get work(): number {
    return this.state.timer.searches + this.quickWork;
  }

  private quickWork = 0;

  private get spent(): boolean {
    return this.work >= this.limits.work;
  }

  /** Only what costs less than this is better. */
  private get improvementBar(): number {
    return (this.best?.cost ?? Infinity) - this.margin + 1;
  }

  /** The cheapest order at each conflict; and where that leaves some, a plan laid in quickly. */
  private *firstSolution(): Generator<Solution, void> {
    const { demands } = this.state.problem;
    if (demands.length <= LARGE_USES) {
      yield* this.keep(this.settleFrom([]));
      if (this.best?.unresolved.length !== 0) yield* this.repair();
    }
    if (this.best?.unresolved.length === 0) return;
    const small = Math.min(INSERT_WORK, 10 * this.limits.work);
    const most =
      demands.length <= LARGE_USES ? small : (this.limits.insertWork ?? LARGE_INSERT_WORK);
    const greedy = insertGreedily(this.state.problem, this.limits.at ?? this.latest(), most);
    // A push is a tenth of the work of a shortest path.
    this.quickWork = Math.round(greedy.work / 10);
    if (this.best && greedy.unresolved.length >= this.best.unresolved.length) return;
    yield* this.keep(this.settleFrom(greedy.decisions));
    if (this.best && greedy.unresolved.length >= this.best.unresolved.length) return;
    yield* this.keep(this.settleFrom(greedy.decisions, greedy));
  }

  /** Orders about what still clashes are found anew, a few times, some of them not the cheapest. */
  private *repair(): Generator<Solution, void> {
    const parts = new Neighbourhoods(this.state, this.random);
    for (let i = 0; i < REPAIRS && this.best && this.best.unresolved.length > 0; i++) {
      if (this.spent) return;
      const { best } = this;
      const part = parts.next(best);
      this.state.restore(this.root);
      for (const decision of best.decisions)
        if (!isInNeighbourhood(decision, part)) this.state.decide(decision);
      yield* this.keep(this.settle(undefined, STRAY));
    }
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
  private settleFrom(decisions: readonly Decision[], like?: GreedySchedule): Conflict[] {
    this.state.restore(this.root);
    for (const decision of decisions) {
      const mark = this.state.save();
      if (!this.state.decide(decision)) this.state.restore(mark);
    }
    return this.settle(like);
  }

  private settle(like?: GreedySchedule, stray = 0): Conflict[] {
    const left = new Set<string>();
    for (;;) {
      const conflicts = this.state.conflicts();
      const open = conflicts.filter((conflict) => !left.has(conflictKey(conflict)));
      const most = (this.best?.cost ?? Infinity) - left.size * UNRESOLVED_COST - 1;
      if (open.length === 0) return conflicts;
      const conflict = open.reduce((a, b) => (b.atMin > a.atMin ? b : a));
      const options = optionsFor(
        this.state,
        conflict,
        most,
        like && consistentWith(this.state, like),
      );
      const option = options[stray > 0 && this.random() < stray ? 1 : 0] ?? options[0];
      if (option) this.state.decide(option.decision);
      else left.add(conflictKey(conflict));
      if (left.size > (this.best?.unresolved.length ?? Infinity)) return conflicts;
    }
  }

  private *keep(unresolved: readonly Conflict[]): Generator<Solution, void> {
    const cost = this.state.cost + unresolved.length * UNRESOLVED_COST;
    if (this.best && cost > this.best.cost - this.margin) return;
    this.best = this.found(cost, unresolved);
    yield this.best;
  }

  private found(cost: number, unresolved: readonly Conflict[]): Solution {
    const { state } = this;
    return {
      at: Array.from({ length: state.problem.size }, (_unused, node) => state.timer.at(node)),
      machineOf: state.problem.demands.map((_use, index) => state.machineOf(index)),
      decisions: [...state.decided],
      cost,
      unresolved,
      atLeast: this.atLeast,
      proved: false,
      work: this.work,
      last: false,
    };
  }

  private *exactSearch(): Generator<Solution, void> {
    const better: Solution[] = [];
    // A plan that is kept for calm's sake is still measured against the best there is.
    const bar = this.improvementBar;
    let least = Math.min(this.best?.cost ?? Infinity, this.rootCost + UNRESOLVED_COST);
    this.state.restore(this.root);
    const ended = searchOrders(this.state, {
      below: least,
      places: this.state.problem.demands.length <= SMALL_USES ? EXACT_PLACES : GLANCE_PLACES,
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
      this.complete = true;
    }
    yield* better;
  }

  /** Takes the orders about a part of the plan out and finds new ones, again and again. */
  private *largeNeighbourhoodSearch(): Generator<Solution, void> {
    const parts = new Neighbourhoods(this.state, this.random);
    while (!this.spent && this.best) {
      const { best } = this;
      // So that whoever asked can see how far it is, and stop.
      yield { ...best, work: this.work };
      const part = parts.next(best);
      this.state.restore(this.root);
      for (const decision of best.decisions)
        if (!isInNeighbourhood(decision, part)) this.state.decide(decision);
      if (best.unresolved.length > 0) yield* this.keep(this.settle(undefined, STRAY));
      else {
        const better: Solution[] = [];
        searchOrders(this.state, {
          below: this.improvementBar,
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
function consistentWith(
  state: SearchState,
  { timeOf, machineOf }: GreedySchedule,
): (decision: Decision) => boolean {
  const { problem } = state;
  return (decision) => {
    if (decision.kind === 'leave') return machineOf[decision.use] !== decision.machine;
    if (decision.kind === 'order') {
      const [a, b] = [problem.demands[decision.first], problem.demands[decision.second]];
      const between = timeOf(b?.from ?? 0) - timeOf(a?.to ?? 0);
      return between >= lagOf(problem, decision);
    }
    const demand = problem.demands[decision.use];
    return decision.kind === 'before'
      ? timeOf(demand?.to ?? 0) + (demand?.toLag ?? 0) <= decision.min
      : timeOf(demand?.from ?? 0) >= decision.min;
  };
}

/** Which uses to take out next: those of a few families, or of a stretch of time. */
class Neighbourhoods {
  private readonly families: number;

  constructor(
    private readonly state: SearchState,
    private readonly random: () => number,
  ) {
    this.families = 1 + Math.max(0, ...state.problem.demands.map((demand) => demand.family));
  }

  next(best: Solution): ReadonlySet<number> {
    const { demands } = this.state.problem;
    const stuck = best.unresolved.flatMap((conflict) => [...conflict.there]);
    const some = (count: number) => Math.floor(this.random() * count);
    if (this.random() < 0.6 || this.families < 3) {
      const wanted = new Set([some(this.families)]);
      if (stuck.length > 0) wanted.add(demands[stuck[some(stuck.length)] ?? 0]?.family ?? 0);
      if (this.random() < 0.6) wanted.add(some(this.families));
      if (this.random() < 0.3) wanted.add(some(this.families));
      return new Set(
        demands.flatMap((demand, index) => (wanted.has(demand.family) ? [index] : [])),
      );
    }
    const centre = stuck.length > 0 ? stuck[some(stuck.length)] : some(demands.length);
    const at = best.at[demands[centre ?? 0]?.from ?? 0] ?? 0;
    const wide = 20 + some(240);
    return new Set(
      demands.flatMap((demand, index) => {
        const [start, end] = [best.at[demand.from] ?? 0, (best.at[demand.to] ?? 0) + demand.toLag];
        return start < at + wide && end > at - wide ? [index] : [];
      }),
    );
  }
}

function isInNeighbourhood(decision: Decision, part: ReadonlySet<number>): boolean {
  return decision.kind === 'order'
    ? part.has(decision.first) || part.has(decision.second)
    : part.has(decision.use);
}
