import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangedMeal } from '../test/arranged.ts';
import { FT06, jobShop } from '../test/job-shop.ts';
import { isProvedInfeasible, type SchedulingProblem } from './index.ts';

const WORK = 500_000;

interface Job {
  readonly fromMin: number;
  readonly toMin: number;
  readonly minutes: number;
}

/** Jobs of one pair of hands, each within its window; the hands are away once. */
function oneMachine(jobs: readonly Job[], awayMin: number): SchedulingProblem {
  return {
    size: jobs.length + 1,
    arcs: jobs.flatMap(({ fromMin, toMin, minutes }, i) => [
      { from: 0, to: i + 1, lag: fromMin },
      { from: i + 1, to: 0, lag: minutes - toMin },
    ]),
    softConstraints: [],
    machines: [{ fits: 1, closed: [{ startMin: 20, endMin: 20 + awayMin }] }],
    alternatives: [{ machines: [0], prices: [0] }],
    demands: jobs.map(({ minutes }, i) => ({
      group: i,
      family: 0,
      from: i + 1,
      to: i + 1,
      toLag: minutes,
      amount: 1,
      alternative: 0,
      heatsUp: false,
      follows: [],
      past: false,
    })),
  };
}

/** By trying every order: whether all jobs have room. */
function hasRoom(jobs: readonly Job[], awayMin: number, at = -Infinity): boolean {
  if (jobs.length === 0) return true;
  return jobs.some(({ fromMin, toMin, minutes }, i) => {
    const start = Math.max(at, fromMin);
    const clear = start < 20 + awayMin && start + minutes > 20 ? 20 + awayMin : start;
    return clear + minutes <= toMin && hasRoom(jobs.toSpliced(i, 1), awayMin, clear + minutes);
  });
}

const jobArbitrary = fc
  .tuple(fc.nat(40), fc.integer({ min: 0, max: 25 }), fc.integer({ min: 1, max: 15 }))
  .map(([fromMin, spare, minutes]) => ({ fromMin, minutes, toMin: fromMin + minutes + spare }));

describe('a proof that nothing fits', () => {
  it('is never given where every order tried finds one that does', () => {
    fc.assert(
      fc.property(fc.array(jobArbitrary, { maxLength: 6 }), fc.nat(12), (jobs, awayMin) => {
        fc.pre(hasRoom(jobs, awayMin));
        expect(isProvedInfeasible(oneMachine(jobs, awayMin), WORK)).toBe(false);
      }),
      { numRuns: 500 },
    );
  });

  it('is found for nearly all where none does', () => {
    const none = fc
      .sample(fc.tuple(fc.array(jobArbitrary, { minLength: 2, maxLength: 6 }), fc.nat(12)), {
        numRuns: 600,
        seed: 11,
      })
      .filter(([jobs, awayMin]) => !hasRoom(jobs, awayMin));
    const proved = none.filter(([jobs, awayMin]) =>
      isProvedInfeasible(oneMachine(jobs, awayMin), WORK),
    );
    expect(none.length).toBeGreaterThan(100);
    expect(proved.length / none.length).toBeGreaterThan(0.95);
  });

  it('is never given for what clashes with nothing: too large by itself, or of one group', () => {
    const jobs = Array.from({ length: 2 }, () => ({ fromMin: 0, toMin: 10, minutes: 8 }));
    const two = oneMachine(jobs, 0);
    const [first, second] = two.demands;
    if (!first || !second) throw new Error('two demands');
    expect(isProvedInfeasible(two, WORK)).toBe(true);
    const group = { ...two, demands: [first, { ...second, group: first.group }] };
    expect(isProvedInfeasible(group, WORK)).toBe(false);
    const large = { ...oneMachine(jobs.slice(0, 1), 0), machines: [{ fits: 0, closed: [] }] };
    expect(isProvedInfeasible(large, WORK)).toBe(false);
  });

  it('is never given for meals that were planted whole', () => {
    for (let seed = 0; seed < 12; seed++) {
      const { problem } = arrangedMeal(seed, seed < 8 ? 'small' : 'middle').arrangement;
      expect(isProvedInfeasible(problem, WORK)).toBe(false);
    }
  });

  it('is given for a job shop in less than its longest job, and not in its least makespan', () => {
    const within = (horizon: number): SchedulingProblem => {
      const shop = jobShop(FT06);
      return { ...shop, arcs: [...shop.arcs, { from: 1, to: 0, lag: -horizon }] };
    };
    expect(isProvedInfeasible(within(55), WORK)).toBe(false);
    expect(isProvedInfeasible(within(45), WORK)).toBe(true);
  });

  it('is not looked for beyond the work that is allowed', () => {
    const jobs = Array.from({ length: 3 }, () => ({ fromMin: 0, toMin: 12, minutes: 5 }));
    expect(isProvedInfeasible(oneMachine(jobs, 0), WORK)).toBe(true);
    expect(isProvedInfeasible(oneMachine(jobs, 0), 0)).toBe(false);
  });
});
