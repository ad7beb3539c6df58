import type { Conflict } from './conflicts.ts';
import type { Decision, SearchState } from './search-state.ts';

/** How many conflicts are looked at closely before one is settled. */
const CLOSE_LOOKS = 5;
const LATEST_LOOKS = 2;

interface Option {
  readonly decision: Decision;
  readonly cost: number;
}

/** What a search is allowed, and what it found. */
export interface SearchLimits {
  /** Only what is cheaper counts. */
  readonly below: number;
  /** Places to look at before it gives up. */
  readonly places: number;
  /** Looks only at the latest conflicts: quicker to a first solution, slower to a proof. */
  readonly latest?: boolean;
  /** No work is left to be done. */
  readonly spent?: () => boolean;
  /** Stops at the first solution and leaves the state there. */
  readonly first?: boolean;
  /** Called with each conflict that has no way out: who stands in whose way. */
  readonly stuck?: (conflict: Conflict) => void;
  /** Called with the state at each better solution; its cost is below all before. */
  readonly found: (cost: number) => void;
}

/**
 * Depth first over conflicts: of the few that bite most, each way out is tried; one that has none
 * closes the branch, one that has a single way takes it, and of the rest the one that costs most
 * whichever way is settled first. A branch whose cost passes the best so far is dropped, since
 * costs only grow downwards. So, run to its end, it proves the best.
 *
 * @returns whether it came to its end; the state is left as it was (but see `first`)
 */
export function searchOrders(state: SearchState, limits: SearchLimits): boolean {
  const search = new OrderSearch(state, limits);
  search.descend();
  return !search.gaveUp;
}

class OrderSearch {
  gaveUp = false;
  private keepsSolution = false;
  private places = 0;
  private below: number;

  constructor(
    private readonly state: SearchState,
    private readonly limits: SearchLimits,
  ) {
    this.below = limits.below;
  }

  descend(): void {
    const mark = this.state.save();
    const branch = this.settleForced();
    if (branch) {
      for (const { decision, cost } of branch) {
        if (cost >= this.below || this.gaveUp) break;
        const here = this.state.save();
        if (this.state.decide(decision, this.below - 1)) this.descend();
        if (this.keepsSolution) return;
        this.state.restore(here);
      }
    }
    if (!this.keepsSolution) this.state.restore(mark);
  }

  /** Makes what has only one way; returns the choices to branch on, if there are any. */
  private settleForced(): readonly Option[] | undefined {
    for (;;) {
      if (this.places++ >= this.limits.places || this.limits.spent?.()) {
        this.gaveUp = true;
        return undefined;
      }
      const conflicts = this.state.conflicts(this.limits.latest ? LATEST_LOOKS : undefined);
      if (conflicts.length === 0) {
        this.below = this.state.cost;
        this.limits.found(this.state.cost);
        this.keepsSolution = this.limits.first ?? false;
        return undefined;
      }
      const options = this.hardest(conflicts);
      const [only] = options;
      if (!only) return undefined;
      if (options.length > 1) return options;
      if (!this.state.decide(only.decision, this.below - 1)) return undefined;
    }
  }

  private hardest(conflicts: readonly Conflict[]): readonly Option[] {
    let best: readonly Option[] = [];
    let most = -1;
    for (const conflict of closest(conflicts)) {
      const options = optionsFor(this.state, conflict, this.below - 1);
      if (options.length === 0) this.limits.stuck?.(conflict);
      if (options.length <= 1) return options;
      // What it costs at the least, and then what the other ways cost.
      const least = (options[0]?.cost ?? 0) - this.state.cost;
      const next = (options[1]?.cost ?? 0) - this.state.cost;
      const bite = least * 16 + Math.min(next, 1e6) / options.length;
      if (bite > most) [best, most] = [options, bite];
    }
    return best;
  }
}

/** The ways out of a conflict that hold, the cheapest first. */
export function optionsFor(
  state: SearchState,
  conflict: Conflict,
  most: number,
  wanted: (decision: Decision) => boolean = () => true,
): Option[] {
  const mark = state.save();
  return state
    .decisionsFor(conflict)
    .filter(wanted)
    .flatMap((decision): Option[] => {
      const holds = state.decide(decision, most);
      const cost = state.cost;
      state.restore(mark);
      return holds ? [{ decision, cost }] : [];
    })
    .sort((a, b) => a.cost - b.cost);
}

/** The few with the longest overlaps, since those are the dearest to end. */
function closest(conflicts: readonly Conflict[]): readonly Conflict[] {
  if (conflicts.length <= CLOSE_LOOKS) return conflicts;
  return [...conflicts]
    .sort((a, b) => b.endMin - b.atMin - (a.endMin - a.atMin) || b.atMin - a.atMin)
    .slice(0, CLOSE_LOOKS);
}
