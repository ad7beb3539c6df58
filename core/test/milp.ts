import highsLoader from 'highs';
import {
  setupMinutes,
  lagOf,
  type SchedulingProblem,
  type ResourceDemand,
} from '../solve/index.ts';

/**
 * The same problem as a mixed-integer program, for an independent solver: times are whole numbers,
 * each pair on one machine is in one order or the other, each closed stretch before or behind, and
 * a machine that holds several is so many that hold one. Only for problems whose uses each have one
 * machine to go to.
 */
export function asMilp(
  problem: SchedulingProblem,
  latest: readonly number[],
  earliest: readonly number[],
): string {
  const program = new Program(problem, latest, earliest);
  return program.text();
}

class Program {
  private readonly terms: string[] = [];
  private readonly rows: string[] = [];
  private readonly binaries: string[] = [];
  private readonly slack: string[] = [];

  constructor(
    private readonly problem: SchedulingProblem,
    private readonly latest: readonly number[],
    private readonly earliest: readonly number[],
  ) {
    for (const { from, to, lag } of problem.arcs) this.atLeast(to, from, lag);
    problem.softConstraints.forEach(({ from, to, lag, weight }, i) => {
      this.terms.push(`${weight} c${i}`);
      this.slack.push(`c${i}`);
      this.rows.push(`${difference(to, from)} + c${i} >= ${lag}`);
    });
    problem.machines.forEach((_machine, machine) => this.machine(machine));
  }

  private atLeast(to: number, from: number, lag: number, unless = ''): void {
    if (to !== from) this.rows.push(`${difference(to, from)}${unless} >= ${lag}`);
  }

  /** The gap `t[to] − t[from]` is never below this: as far as a row can be let go. */
  private least(to: number, from: number): number {
    return (this.earliest[to] ?? 0) - (this.latest[from] ?? 0);
  }

  private machine(machine: number): void {
    const { demands, alternatives, machines } = this.problem;
    const it = machines[machine];
    const here = demands.flatMap((use, index) =>
      alternatives[use.alternative]?.machines[0] === machine ? [{ use, index }] : [],
    );
    if (!it) return;
    for (const { use, index } of here) this.closed(use, index, machine);
    const seats = Number.isFinite(it.fits) ? it.fits : 1;
    const roomy = it.fits > 1;
    if (roomy) for (const { index } of here) this.seat(index, machine, seats);
    here.forEach((a, i) => {
      for (const b of here.slice(i + 1)) this.pair(a, b, machine, roomy ? seats : 0);
    });
  }

  private closed(use: ResourceDemand, index: number, machine: number): void {
    const { closed } = this.problem.machines[machine] ?? { closed: [] };
    closed.forEach(({ startMin, endMin }, i) => {
      const before = (this.latest[use.to] ?? 0) + use.toLag <= startMin;
      const after = (this.earliest[use.from] ?? 0) >= endMin;
      if (before || after) return;
      const y = this.binary(`n${index}_${i}`);
      this.unless(0, use.to, use.toLag - startMin, y, false);
      this.unless(use.from, 0, endMin, y, true);
    });
  }

  private seat(index: number, machine: number, seats: number): void {
    const all = Array.from({ length: seats }, (_unused, seat) =>
      this.binary(`s${machine}_${index}_${seat}`),
    );
    this.rows.push(`${all.join(' + ')} = 1`);
  }

  private pair(
    a: { use: ResourceDemand; index: number },
    b: { use: ResourceDemand; index: number },
    machine: number,
    seats: number,
  ): void {
    if (a.use.group === b.use.group) return;
    const it = this.problem.machines[machine];
    if (!it) return;
    const heatApart =
      setupMinutes(a.use, b.use, it) + setupMinutes(b.use, a.use, it) > 0 ||
      (it.heat !== undefined && differs(a.use, b.use));
    const exclusive = seats === 0 && a.use.amount > 0 && b.use.amount > 0;
    const first = lagOf(this.problem, { kind: 'order', first: a.index, second: b.index, machine });
    const second = lagOf(this.problem, { kind: 'order', first: b.index, second: a.index, machine });
    if (exclusive || heatApart) {
      const y = this.binary(`y${machine}_${a.index}_${b.index}`);
      this.unless(b.use.from, a.use.to, first, y, false);
      this.unless(a.use.from, b.use.to, second, y, true);
      return;
    }
    if (seats === 0 || a.use.amount === 0 || b.use.amount === 0) return;
    const y = this.binary(`y${machine}_${a.index}_${b.index}`);
    for (let seat = 0; seat < seats; seat++) {
      const [sa, sb] = [`s${machine}_${a.index}_${seat}`, `s${machine}_${b.index}_${seat}`];
      this.whenTogether(b.use.from, a.use.to, first, y, false, sa, sb);
      this.whenTogether(a.use.from, b.use.to, second, y, true, sa, sb);
    }
  }

  /** The row holds when `y` is 0, or when it is 1 if `when`; else it is let go. */
  private unless(to: number, from: number, lag: number, y: string, when: boolean): void {
    const big = lag - this.least(to, from);
    if (big <= 0) return;
    this.rows.push(
      when
        ? `${difference(to, from)} - ${big} ${y} >= ${lag - big}`
        : `${difference(to, from)} + ${big} ${y} >= ${lag}`,
    );
  }

  private whenTogether(
    to: number,
    from: number,
    lag: number,
    y: string,
    when: boolean,
    sa: string,
    sb: string,
  ): void {
    const big = lag - this.least(to, from);
    if (big <= 0) return;
    const order = when ? `- ${big} ${y}` : `+ ${big} ${y}`;
    const base = when ? lag - 3 * big : lag - 2 * big;
    this.rows.push(`${difference(to, from)} ${order} - ${big} ${sa} - ${big} ${sb} >= ${base}`);
  }

  private binary(name: string): string {
    this.binaries.push(name);
    return name;
  }

  text(): string {
    const bounds = this.latest.map(
      (most, node) => ` ${this.earliest[node] ?? 0} <= t${node} <= ${most}`,
    );
    return [
      'Minimize',
      ` obj: ${this.terms.join(' + ')}`,
      'Subject To',
      ...this.rows.map((row, i) => ` r${i}: ${row}`),
      'Bounds',
      ...bounds,
      ...this.slack.map((name) => ` ${name} >= 0`),
      'Binary',
      ` ${this.binaries.join(' ')}`,
      'End',
    ].join('\n');
  }
}

function difference(to: number, from: number): string {
  return `t${to} - t${from}`;
}

function differs(a: ResourceDemand, b: ResourceDemand): boolean {
  if (!a.heat || !b.heat) return false;
  return a.heat.highC < b.heat.lowC || b.heat.highC < a.heat.lowC;
}

/** The least cost by HiGHS, or undefined when it has no solution or runs out of time. */
export async function leastCostByHighs(milp: string, seconds: number): Promise<number | undefined> {
  const highs = await highsLoader();
  const solved = highs.solve(milp, { time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: 0.5 });
  return solved.Status === 'Optimal' ? Math.round(solved.ObjectiveValue) : undefined;
}
