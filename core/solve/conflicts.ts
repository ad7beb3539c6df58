import {
  rangesOverlap,
  setupMinutes,
  type Machine,
  type SchedulingProblem,
  type ResourceDemand,
} from './scheduling-problem.ts';

/** Uses of one machine that cannot stand as they do. */
export interface Conflict {
  readonly kind: 'room' | 'heat' | 'closed';
  readonly machine: number;
  /** Indices of uses; any two of them in order make it smaller. One only where it is closed. */
  readonly demands: readonly number[];
  /** All that are there at that moment. */
  readonly there: readonly number[];
  readonly atMin: number;
  readonly endMin: number;
}

/** Where the moments lie, and which machine each use is on. */
export interface PartialSchedule {
  /** By node; only differences from node 0 mean anything. */
  readonly time: ArrayLike<number>;
  readonly machineOf: (demand: number) => number;
}

/** Every conflict of a standing, machine by machine, the latest first within each. */
export function conflictsOf(problem: SchedulingProblem, standing: PartialSchedule): Conflict[] {
  return new ConflictFinder(problem).find(standing);
}

/**
 * Finds conflicts, over and over on the same problem: what lies on a machine is kept in order from
 * one time to the next, so that little has to be sorted.
 */
export class ConflictFinder {
  /** When each use begins and ends, as of the last look. */
  readonly start: Float64Array;
  readonly end: Float64Array;
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly toLag: Float64Array;
  /** Near which closed stretch each use was last. */
  private readonly near: Int32Array;
  /** By machine: uses by begin, the latest first. */
  private readonly placed: number[][];
  private readonly machineWas: Int32Array;
  private found: Conflict[] = [];
  /** Only so many are wanted, the latest. */
  private wanted = Infinity;

  constructor(private readonly problem: SchedulingProblem) {
    const count = problem.demands.length;
    this.from = Int32Array.from(problem.demands, (demand) => demand.from);
    this.to = Int32Array.from(problem.demands, (demand) => demand.to);
    this.toLag = Float64Array.from(problem.demands, (demand) => demand.toLag);
    this.near = new Int32Array(count);
    this.start = new Float64Array(count);
    this.end = new Float64Array(count);
    this.placed = problem.machines.map(() => []);
    this.machineWas = new Int32Array(count).fill(-1);
  }

  /**
   * @param active by family: 1 where it counts; left out, all do
   * @param latest only so many, the latest first; left out, all, by machine
   */
  find(standing: PartialSchedule, active?: Uint8Array, latest = Infinity): Conflict[] {
    this.place(standing, active);
    this.found = [];
    this.wanted = latest;
    this.placed.forEach((there, machine) => {
      if (there.length === 0) return;
      const it = this.problem.machines[machine] as Machine;
      this.sort(there);
      if (it.closed.length > 0) this.closed(machine, it, there);
      if (it.heat) this.pairs(machine, there, it);
      if (it.fits === 1) this.pairs(machine, there);
      else if (Number.isFinite(it.fits)) this.room(machine, it, there);
    });
    return this.found;
  }

  private place({ time, machineOf }: PartialSchedule, active: Uint8Array | undefined): void {
    const { start, end, from, to, toLag, machineWas } = this;
    const { demands } = this.problem;
    const origin = time[0] as number;
    for (let index = 0; index < start.length; index++) {
      const startMin = (time[from[index] as number] as number) - origin;
      const endMin = (time[to[index] as number] as number) - origin + (toLag[index] as number);
      start[index] = startMin;
      end[index] = endMin;
      const there = endMin > startMin && active?.[(demands[index] as ResourceDemand).family] !== 0;
      const machine = there ? machineOf(index) : -1;
      const was = machineWas[index] as number;
      if (was === machine) continue;
      if (was !== -1) this.placed[was]?.splice(this.placed[was].indexOf(index), 1);
      if (machine !== -1) this.placed[machine]?.push(index);
      machineWas[index] = machine;
    }
  }

  /** By begin, the latest first; of two at once the one with the higher number. */
  private sort(there: number[]): void {
    const { start } = this;
    for (let i = 1; i < there.length; i++) {
      const index = there[i] as number;
      const at = start[index] as number;
      let j = i - 1;
      for (; j >= 0; j--) {
        const other = there[j] as number;
        const otherAt = start[other] as number;
        if (otherAt > at || (otherAt === at && other > index)) break;
        there[j + 1] = other;
      }
      there[j + 1] = index;
    }
  }

  /** Keeps a conflict; returns false when it is too early to be wanted, and so are all after it. */
  private keep(conflict: Conflict): boolean {
    const { found, wanted } = this;
    if (wanted === Infinity) {
      found.push(conflict);
      return true;
    }
    if (found.length === wanted && conflict.atMin <= (found.at(-1)?.atMin ?? 0)) return false;
    let i = found.length;
    while (i > 0 && (found[i - 1]?.atMin ?? 0) < conflict.atMin) i--;
    found.splice(i, 0, conflict);
    if (found.length > wanted) found.pop();
    return true;
  }

  private closed(machine: number, it: Machine, there: readonly number[]): void {
    for (const index of there) {
      const atMin = this.start[index] as number;
      const endMin = this.end[index] as number;
      if (this.problem.demands[index]?.past) continue;
      const { closed } = it;
      let at = this.near[index] as number;
      while (at > 0 && (closed[at - 1]?.endMin ?? 0) > atMin) at--;
      while (at < closed.length - 1 && (closed[at]?.endMin ?? 0) <= atMin) at++;
      this.near[index] = at;
      const block = closed[at];
      if (!block || block.startMin >= endMin || block.endMin <= atMin) continue;
      const demands = [index];
      if (!this.keep({ kind: 'closed', machine, demands, there: demands, atMin, endMin })) return;
    }
  }

  /** Where one fits at a time, or one heat: every pair that overlaps or comes too soon. */
  private pairs(machine: number, there: readonly number[], heated?: Machine): void {
    const { demands } = this.problem;
    // How far back one can begin and still be in the way.
    let longest = 0;
    for (const index of there) {
      longest = Math.max(longest, (this.end[index] as number) - (this.start[index] as number));
    }
    if (heated) longest += LONGEST_CHANGE;
    for (let j = 0; j < there.length; j++) {
      const second = there[j] as number;
      const b = demands[second] as ResourceDemand;
      if (!heated && b.amount === 0) continue;
      const atMin = this.start[second] as number;
      for (let i = j + 1; i < there.length; i++) {
        const first = there[i] as number;
        if (atMin - (this.start[first] as number) >= longest) break;
        const a = demands[first] as ResourceDemand;
        if (a.group === b.group || (a.past && b.past)) continue;
        let clear = this.end[first] as number;
        if (heated) {
          if (rangesOverlap(a.heat, b.heat)) continue;
          clear += setupMinutes(a, b, heated);
        } else if (a.amount === 0) continue;
        if (clear <= atMin) continue;
        const pair = [first, second];
        const endMin = Math.min(clear, this.end[second] as number);
        const kind = heated ? 'heat' : 'room';
        if (!this.keep({ kind, machine, demands: pair, there: pair, atMin, endMin })) return;
      }
    }
  }

  private room(machine: number, it: Machine, placed: readonly number[]): void {
    const { demands } = this.problem;
    let last = NaN;
    for (const { atMin } of placed.map((index) => ({ atMin: this.start[index] as number }))) {
      if (atMin === last) continue;
      last = atMin;
      const there = placed.filter((index) => {
        const here = (this.start[index] as number) <= atMin && atMin < (this.end[index] as number);
        return here && (demands[index] as ResourceDemand).amount > 0;
      });
      const wanted = there.reduce(
        (sum, index) => sum + (demands[index] as ResourceDemand).amount,
        0,
      );
      if (wanted <= it.fits) continue;
      if (new Set(there.map((index) => demands[index]?.group)).size < 2) continue;
      // The last to begin are the ones to be moved; as few as are too many.
      const few: number[] = [];
      for (let sum = 0, i = 0; i < there.length && sum <= it.fits; i++) {
        few.push(there[i] as number);
        sum += demands[there[i] as number]?.amount ?? 0;
      }
      if (few.every((index) => demands[index]?.past)) continue;
      const endMin = Math.min(...there.map((index) => this.end[index] as number));
      few.reverse();
      there.reverse();
      if (!this.keep({ kind: 'room', machine, demands: few, there, atMin, endMin })) return;
    }
  }
}

/** No appliance takes longer from one heat to another. Our own bound, no source. */
const LONGEST_CHANGE = 240;
