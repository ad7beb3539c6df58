import type { SchedulingProblem, ResourceDemand } from '../solve/index.ts';

/**
 * A job shop as a problem of the general layer: each job's operations follow each other, each on
 * its machine, and what is paid is when the last ends (node 1).
 *
 * @param text jobs by line, operations as `machine:duration`
 */
export function jobShop(text: string): SchedulingProblem {
  const jobs = text
    .trim()
    .split('\n')
    .map((line) =>
      line
        .trim()
        .split(' ')
        .map((op) => op.split(':').map(Number)),
    );
  const arcs: { from: number; to: number; lag: number }[] = [];
  const demands: ResourceDemand[] = [];
  let size = 2;
  jobs.forEach((job, family) => {
    let [before, minutes] = [0, 0];
    for (const [machine = 0, length = 0] of job) {
      const node = size++;
      arcs.push({ from: before, to: node, lag: minutes });
      demands.push({
        group: node,
        family,
        from: node,
        to: node,
        toLag: length,
        amount: 1,
        alternative: machine,
        heatsUp: false,
        follows: [],
        past: false,
      });
      [before, minutes] = [node, length];
    }
    arcs.push({ from: before, to: 1, lag: minutes });
  });
  const machines = Math.max(...jobs.flat().map(([machine = 0]) => machine)) + 1;
  return {
    size,
    arcs,
    softConstraints: [{ from: 1, to: 0, lag: 0, weight: 1 }],
    machines: Array.from({ length: machines }, () => ({ fits: 1, closed: [] })),
    alternatives: Array.from({ length: machines }, (_unused, machine) => ({
      machines: [machine],
      prices: [0],
    })),
    demands,
  };
}

/** ft06: Fisher and Thompson 1963, from memory and confirmed by two solvers; its optimum is 55. */
export const FT06 = `
2:1 0:3 1:6 3:7 5:3 4:6
1:8 2:5 4:10 5:10 0:10 3:4
2:5 3:4 5:8 0:9 1:1 4:7
1:5 0:5 2:5 3:3 4:8 5:9
2:9 1:3 4:5 5:4 0:3 3:1
1:3 3:3 5:9 0:10 4:4 2:1`;
