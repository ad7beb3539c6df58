import type { Conflict } from './conflicts.ts';
import type { SchedulingProblem } from './scheduling-problem.ts';
import { randomOf } from './random.ts';
import { optionsFor, searchOrders } from './order-search.ts';
import { propagatedState, type Decision, type SearchState } from './search-state.ts';

/** How often a family may find no place before the rest is left as it is. */
const MOST_FAILURES = 120;
/** Places looked at to lay in one family. */
const INSERT_PLACES = 300;
/** How many families are tried to be taken out for one. */
const TRY_OUT = 8;
/** What standing in the way counts against how hard a family is to place. */
const BLAME = 3;
/** After so many failures it begins again with what is hard. */
const FRESH_START = 12;

/** A first plan: all as late as can be, and which order that rests on. */
export interface GreedySchedule {
  readonly decisions: readonly Decision[];
  readonly timeOf: (node: number) => number;
  readonly machineOf: readonly number[];
  readonly unresolved: readonly Conflict[];
  readonly work: number;
}

/**
 * Lays in one family after another, each where the others left room, by a short search among
 * orders. For one that finds no place another is taken out, to be laid in again later: first what
 * stood in its way where the search got stuck, and last what is hard to place. If some never find a place, conflicts are left.
 *
 * @param at the latest times without any choice
 * @param mostWork pushes after which what has found no place yet is left as it is
 */
export function insertGreedily(
  problem: SchedulingProblem,
  at: readonly number[],
  mostWork = Infinity,
): GreedySchedule {
  return new GreedyInserter(propagatedState(problem, at), mostWork).run();
}

class GreedyInserter {
  private readonly root: ReturnType<SearchState['save']>;
  /** How hard each family is to place. */
  private readonly hard: number[];
  /** How often each family stood in the way of the one that found no place. */
  private readonly inTheWay: number[];
  private inside: number[] = [];
  private failures = 0;
  private readonly random = randomOf(0x1a7);

  constructor(
    private readonly state: SearchState,
    private readonly mostWork: number,
  ) {
    this.root = state.save();
    this.hard = familyWeights(state);
    this.inTheWay = this.hard.map(() => 0);
    state.active.fill(0);
  }

  run(): GreedySchedule {
    const byHard = (a: number, b: number) => (this.hard[b] ?? 0) - (this.hard[a] ?? 0);
    let waiting = this.hard.map((_weight, family) => family).sort(byHard);
    while (waiting.length > 0 && this.failures < MOST_FAILURES && !this.spent) {
      const family = waiting.shift() as number;
      if (this.insert(family)) continue;
      this.failures++;
      this.hard[family] = (this.hard[family] ?? 0) + 1;
      const out = this.takeOutFor(family);
      if (out !== undefined) waiting.push(out);
      if (out !== undefined && this.failures % FRESH_START > 0) continue;
      // Nothing gave way, or it goes round in circles: begin again with what is hard.
      waiting = [...new Set([family, ...waiting, ...this.inside])].sort(byHard);
      this.keepOnly([]);
    }
    const left = waiting.length === 0 ? [] : settleCheapest(this.state, waiting);
    this.state.active.fill(1);
    return greedyScheduleOf(this.state, left);
  }

  private get spent(): boolean {
    return this.state.timer.searches >= this.mostWork;
  }

  private insert(family: number): boolean {
    const { state } = this;
    state.active[family] = 1;
    let greedy = false;
    this.inTheWay.fill(0);
    const limits = { below: Infinity, places: INSERT_PLACES, first: true, latest: true };
    searchOrders(state, {
      ...limits,
      found: () => (greedy = true),
      stuck: ({ there }) => {
        for (const demand of there) {
          const other = state.problem.demands[demand]?.family ?? 0;
          this.inTheWay[other] = (this.inTheWay[other] ?? 0) + 1 / there.length;
        }
      },
    });
    if (greedy) this.inside.push(family);
    else state.active[family] = 0;
    return greedy;
  }

  /** @returns the family that gave way */
  private takeOutFor(family: number): number | undefined {
    const before = this.inside;
    const decisions = [...this.state.decided];
    const blamed = [...this.inTheWay];
    const most = Math.max(1, ...before.map((one) => blamed[one] ?? 0));
    const mayGo = [...before]
      .map((one) => ({
        one,
        rank: (this.hard[one] ?? 0) + this.random() - (BLAME * (blamed[one] ?? 0)) / most,
      }))
      .sort((a, b) => a.rank - b.rank)
      .slice(0, TRY_OUT);
    for (const { one } of mayGo) {
      this.keepOnly(
        before.filter((other) => other !== one),
        decisions,
      );
      if (this.insert(family)) return one;
    }
    this.keepOnly(before, decisions);
    return undefined;
  }

  /** Takes out all families but these. */
  private keepOnly(families: readonly number[], decisions: readonly Decision[] = []): void {
    const { state } = this;
    const { demands } = state.problem;
    this.inside = [...families];
    state.restore(this.root);
    state.active.fill(0);
    for (const family of families) state.active[family] = 1;
    const stays = (demand: number) => state.active[demands[demand]?.family ?? 0] === 1;
    for (const decision of decisions) {
      const kept =
        decision.kind === 'order'
          ? stays(decision.first) && stays(decision.second)
          : stays(decision.use);
      if (kept) state.decide(decision);
    }
  }
}

function settleCheapest(state: SearchState, order: readonly number[]): Conflict[] {
  const left = new Map<string, Conflict>();
  for (const family of order) {
    state.active[family] = 1;
    for (;;) {
      const conflict = state.conflicts().find((one) => !left.has(conflictKey(one)));
      if (!conflict) break;
      const [option] = optionsFor(state, conflict, Infinity);
      if (option) state.decide(option.decision);
      else left.set(conflictKey(conflict), conflict);
    }
  }
  return state.conflicts();
}

/** The families that hold something longest come first. */
function familyWeights(state: SearchState): number[] {
  const weights = Array.from(state.active, () => 0);
  state.problem.demands.forEach((demand) => {
    weights[demand.family] = (weights[demand.family] ?? 0) + 1 / 1e5;
  });
  return weights;
}

function greedyScheduleOf(state: SearchState, unresolved: readonly Conflict[]): GreedySchedule {
  const at = Array.from({ length: state.problem.size }, (_unused, node) => state.timer.at(node));
  return {
    decisions: [...state.decided],
    timeOf: (node) => at[node] ?? 0,
    machineOf: state.problem.demands.map((_use, index) => state.machineOf(index)),
    unresolved,
    work: state.timer.searches,
  };
}

/** A conflict by what is in it, wherever it lies. */
export function conflictKey({ machine, demands }: Conflict): string {
  return `${machine} ${demands.join(' ')}`;
}
