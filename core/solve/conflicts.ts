import { agree, changeMin, type Machine, type Problem, type Use } from './problem.ts';

/** Uses of one machine that cannot stand as they do. */
export interface Conflict {
  readonly kind: 'room' | 'heat' | 'closed';
  readonly machine: number;
  /** Indices of uses; any two of them in order make it smaller. One only where it is closed. */
  readonly uses: readonly number[];
  /** All that are there at that moment. */
  readonly there: readonly number[];
  readonly atMin: number;
  readonly endMin: number;
}

/** Where a use stands: its machine, its begin and its end. */
export interface Standing {
  readonly machineOf: (use: number) => number;
  readonly startOf: (use: number) => number;
  readonly endOf: (use: number) => number;
}

/** The standing of given times. */
export function standingAt(
  problem: Problem,
  machineOf: readonly number[],
  timeOf: (node: number) => number,
): Standing {
  const use = (index: number) => problem.uses[index] as Use;
  return {
    machineOf: (index) => machineOf[index] ?? 0,
    startOf: (index) => timeOf(use(index).from),
    endOf: (index) => timeOf(use(index).to) + use(index).toLag,
  };
}

interface Placed {
  readonly index: number;
  readonly use: Use;
  readonly startMin: number;
  readonly endMin: number;
}

/** Every conflict of a standing, machine by machine, the latest first within each. */
export function conflictsOf(problem: Problem, standing: Standing): Conflict[] {
  const placed = problem.machines.map((): Placed[] => []);
  for (let index = 0; index < problem.uses.length; index++) {
    const startMin = standing.startOf(index);
    const endMin = standing.endOf(index);
    if (endMin <= startMin) continue;
    const use = problem.uses[index] as Use;
    placed[standing.machineOf(index)]?.push({ index, use, startMin, endMin });
  }
  return placed.flatMap((there, machine) => {
    const it = problem.machines[machine] as Machine;
    if (there.length === 0) return [];
    there.sort((a, b) => b.startMin - a.startMin || b.index - a.index);
    const found = closedConflicts(machine, it, there);
    if (it.heat) found.push(...heatConflicts(machine, it, there));
    if (Number.isFinite(it.fits)) {
      found.push(
        ...(it.fits === 1 ? pairConflicts(machine, there) : roomConflicts(machine, it, there)),
      );
    }
    return found;
  });
}

function closedConflicts(machine: number, it: Machine, placed: readonly Placed[]): Conflict[] {
  if (it.closed.length === 0) return [];
  const found: Conflict[] = [];
  for (const { index, use, startMin, endMin } of placed) {
    if (use.past) continue;
    for (const block of it.closed) {
      if (block.startMin >= endMin) break;
      if (block.endMin <= startMin) continue;
      found.push({
        kind: 'closed',
        machine,
        uses: [index],
        there: [index],
        atMin: startMin,
        endMin,
      });
      break;
    }
  }
  return found;
}

/** Where one fits at a time: every pair that overlaps. */
function pairConflicts(machine: number, placed: readonly Placed[]): Conflict[] {
  const found: Conflict[] = [];
  for (let j = 0; j < placed.length; j++) {
    const b = placed[j] as Placed;
    if (b.use.amount === 0) continue;
    for (let i = j + 1; i < placed.length; i++) {
      const a = placed[i] as Placed;
      if (a.endMin <= b.startMin || a.use.amount === 0 || a.use.group === b.use.group) continue;
      if (a.use.past && b.use.past) continue;
      const uses = [a.index, b.index];
      const endMin = Math.min(a.endMin, b.endMin);
      found.push({ kind: 'room', machine, uses, there: uses, atMin: b.startMin, endMin });
    }
  }
  return found;
}

function heatConflicts(machine: number, it: Machine, placed: readonly Placed[]): Conflict[] {
  const found: Conflict[] = [];
  for (let j = 0; j < placed.length; j++) {
    const b = placed[j] as Placed;
    for (let i = j + 1; i < placed.length; i++) {
      const a = placed[i] as Placed;
      if (a.use.group === b.use.group || agree(a.use.heat, b.use.heat)) continue;
      if (a.use.past && b.use.past) continue;
      const clear = a.endMin + changeMin(a.use, b.use, it);
      if (clear <= b.startMin) continue;
      const uses = [a.index, b.index];
      const endMin = Math.min(clear, b.endMin);
      found.push({ kind: 'heat', machine, uses, there: uses, atMin: b.startMin, endMin });
    }
  }
  return found;
}

function roomConflicts(machine: number, it: Machine, placed: readonly Placed[]): Conflict[] {
  const found: Conflict[] = [];
  for (const { startMin: min } of placed) {
    if (found.at(-1)?.atMin === min) continue;
    const there = placed.filter((p) => p.use.amount > 0 && p.startMin <= min && min < p.endMin);
    const wanted = there.reduce((sum, { use }) => sum + use.amount, 0);
    if (wanted <= it.fits || new Set(there.map(({ use }) => use.group)).size < 2) continue;
    // The last to begin are the ones to be moved; as few as are too many.
    const few: Placed[] = [];
    for (let sum = 0, i = 0; i < there.length && sum <= it.fits; i++) {
      few.push(there[i] as Placed);
      sum += there[i]?.use.amount ?? 0;
    }
    if (few.every(({ use }) => use.past)) continue;
    const endMin = Math.min(...there.map((p) => p.endMin));
    const indices = (list: readonly Placed[]) => list.map(({ index }) => index).reverse();
    found.push({
      kind: 'room',
      machine,
      uses: indices(few),
      there: indices(there),
      atMin: min,
      endMin,
    });
  }
  return found;
}
