import { performance } from 'node:perf_hooks';
import { arrangedMeal, type Arranged, PLANTED_NOW } from '../core/test/arranged.ts';
import { FT06, jobShop } from '../core/test/job-shop.ts';
import { asMilp, leastCostByHighs } from '../core/test/milp.ts';
import { plantedMeal, type PlantedSize } from '../core/test/planted.ts';
import { simulateOnTime } from '../core/plan/simulation/on-time.ts';
import { plan } from '@zemrin/core';
import { exactState } from '../core/solve/search-state.ts';
import { solve, type Solution, type SchedulingProblem } from '../core/solve/index.ts';
import { atMost, exactly, median, medianMs, percentile, told, type Line } from './measure.ts';

const SEEDS = 20;
const CONFIRMED = 12;
/** HiGHS gives up after so many seconds; then a seed counts as not confirmed. */
const HIGHS_SECONDS = 60;
const LONG_MS = 10_000;
const DELAYS = 40;
const BENCH = 'planner';

/** The general layer on planted meals, against HiGHS in the same run. */
export async function solverBench(): Promise<Line[]> {
  const small = load('small', SEEDS);
  const middle = load('middle', SEEDS);
  const large = load('large', SEEDS);
  // Warm: the first solve of a process is several times slower.
  for (const { arrangement } of small) last(arrangement.problem, 2_000, arrangement.free);
  return [
    ...(await smallLines(small)),
    ...jobShopLines(),
    ...middleLines(middle),
    ...largeLines(large),
    ...delayLines('60 steps', middle.slice(0, 6), 4, true),
    ...delayLines('150 steps', large.slice(0, 4), 20, false),
    chanceLine(),
  ];
}

function load(size: PlantedSize, count: number): Arranged[] {
  return Array.from({ length: count }, (_unused, i) => arrangedMeal(i + 1, size));
}

function last(
  problem: SchedulingProblem,
  work: number,
  at?: readonly number[],
): Solution | undefined {
  return [...solve(problem, { work, at })].at(-1);
}

async function smallLines(small: readonly Arranged[]): Promise<Line[]> {
  const took: number[] = [];
  let proved = 0;
  let agrees = 0;
  const ratios: number[] = [];
  for (const [i, { arrangement, earliest }] of small.entries()) {
    const from = performance.now();
    const found = last(arrangement.problem, 100_000, arrangement.free);
    const ours = performance.now() - from;
    took.push(ours);
    if (found?.proved && found.unresolved.length === 0) proved++;
    if (i >= CONFIRMED) continue;
    const milp = asMilp(arrangement.problem, arrangement.free, earliest);
    const highsFrom = performance.now();
    const theirs = await leastCostByHighs(milp, HIGHS_SECONDS);
    ratios.push((performance.now() - highsFrom) / ours);
    if (theirs !== undefined && theirs === found?.cost) agrees++;
  }
  return [
    exactly(BENCH, `20 steps: proved best, of ${SEEDS} planted meals`, proved, '', SEEDS),
    exactly(BENCH, `20 steps: HiGHS says the same, of ${CONFIRMED}`, agrees, '', CONFIRMED),
    atMost(BENCH, '20 steps: solved and proved, p95', percentile(took, 0.95), 'ms', 250),
    told(BENCH, '20 steps: HiGHS takes so many times as long, median', median(ratios), '×'),
  ];
}

function jobShopLines(): Line[] {
  const found = last(jobShop(FT06), 20_000);
  return [exactly(BENCH, 'ft06: least makespan found', found?.cost ?? 0, 'min', 55)];
}

function middleLines(middle: readonly Arranged[]): Line[] {
  const first: number[] = [];
  const over: number[] = [];
  const gaps: number[] = [];
  for (const [i, { arrangement }] of middle.entries()) {
    const from = performance.now();
    let soon = Infinity;
    let best = Infinity;
    let feasible = Infinity;
    let atLeast = 0;
    // Ten seconds each for some; for the rest, until there is a plan.
    const limit = i < 6 ? LONG_MS : 1000;
    for (const found of solve(arrangement.problem, { work: 1e7, at: arrangement.free })) {
      const ms = performance.now() - from;
      if (found.unresolved.length > 0) continue;
      feasible = Math.min(feasible, ms);
      if (ms <= 1000) soon = found.cost;
      best = found.cost;
      atLeast = found.atLeast;
      if (ms > limit) break;
    }
    first.push(feasible);
    if (i < 6) over.push((100 * (soon - best)) / best);
    gaps.push((100 * (best - atLeast)) / best);
  }
  return [
    atMost(BENCH, '60 steps: first plan without a clash, worst', Math.max(...first), 'ms', 300),
    atMost(BENCH, '60 steps: after 1 s above the best of 10 s, worst', Math.max(...over), '%', 5),
    told(BENCH, '60 steps: may be bettered by at most, median', median(gaps), '%'),
  ];
}

function largeLines(large: readonly Arranged[]): Line[] {
  const first = large.map(({ arrangement }) => {
    const from = performance.now();
    for (const found of solve(arrangement.problem, { work: 1e6, at: arrangement.free })) {
      if (found.unresolved.length === 0) return performance.now() - from;
    }
    return Infinity;
  });
  const planned = first.filter(Number.isFinite).length;
  return [
    exactly(BENCH, `150 steps: planned without a clash, of ${SEEDS}`, planned, '', SEEDS),
    told(BENCH, '150 steps: first plan without a clash, median', median(first), 'ms'),
    atMost(BENCH, '150 steps: first plan without a clash, worst', Math.max(...first), 'ms', 2000),
  ];
}

/** A step is late by so much: times anew under the same orders; and with orders changed too. */
function delayLines(
  what: string,
  meals: readonly Arranged[],
  limitMs: number,
  reorders: boolean,
): Line[] {
  const retimed: number[] = [];
  const reordered: number[] = [];
  for (const { arrangement } of meals) {
    const { problem, free } = arrangement;
    const found = last(problem, 3_000, free);
    const state = exactState(problem, free);
    if (!found || !state) continue;
    found.decisions.forEach((choice) => state.decide(choice));
    for (let i = 0; i < DELAYS; i++) {
      const use = problem.demands[(i * 7) % problem.demands.length];
      const node = use?.from ?? 1;
      const lag = (found.at[node] ?? 0) + 5 + (i % 4) * 5;
      const mark = state.save();
      const from = performance.now();
      state.timer.add(0, node, lag);
      retimed.push(performance.now() - from);
      state.restore(mark);
      if (!reorders || i >= 10) continue;
      const late = { ...problem, arcs: [...problem.arcs, { from: 0, to: node, lag }] };
      const again = performance.now();
      for (const next of solve(late, { work: 400, warmStart: found.decisions })) {
        if (next.unresolved.length === 0) break;
      }
      reordered.push(performance.now() - again);
    }
  }
  const lines = [
    atMost(
      BENCH,
      `${what}: timed anew after a delay, p95`,
      percentile(retimed, 0.95),
      'ms',
      limitMs,
    ),
  ];
  return reorders
    ? [
        ...lines,
        atMost(BENCH, `${what}: with new orders, p95`, percentile(reordered, 0.95), 'ms', 50),
      ]
    : lines;
}

function chanceLine(): Line {
  const meal = plantedMeal(1, 'middle');
  const made = plan(meal, meal.kitchen, PLANTED_NOW, { work: 2_000, rescues: false });
  const people = [{ closed: [] }];
  const around = { meal, people, servingMin: made.servingMin, orders: [] };
  const each = medianMs(() => simulateOnTime(made.steps, { ...around, samples: 10_000 }), 12, 6);
  return atMost(BENCH, '60 steps: the chance, from 10,000 evenings', each, 'ms', 60);
}
