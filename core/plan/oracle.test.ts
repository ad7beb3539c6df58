import fc from 'fast-check';
import solver from 'javascript-lp-solver';
import { describe, expect, it } from 'vitest';
import { epochMinOf, type Meal } from '../index.ts';
import { mealArbitrary, ZONE } from '../test/meals.ts';
import { buildNetwork } from './network/meal-network.ts';
import { expandMeal } from './network/expanded-steps.ts';
import { reasonChainOf } from './explain/explain.ts';
import { peopleOf } from './resources/people.ts';
import { TimeNetwork, solveEarliest, solveLatest, Trace } from './network/time-network.ts';

const HORIZON_MIN = 10 * 1440;

function networkOf(meal: Meal, beforeMin: number) {
  const servingMin = epochMinOf(meal.serving.at, ZONE);
  const nowMin = servingMin - beforeMin;
  const people = peopleOf(meal.kitchen, ZONE, nowMin, servingMin);
  return buildNetwork(expandMeal(meal, servingMin), { servingMin, nowMin, people });
}

/**
 * The latest solution by a linear program: maximise the sum of all times under the same arcs and
 * bounds. A simple temporal network has one latest solution, so the two must agree node by node.
 */
function latestByLp(network: TimeNetwork): number[] | undefined {
  const base = Math.min(...network.lower);
  const constraints: Record<string, object> = {};
  const variables: Record<string, Record<string, number>> = {};
  for (let node = 0; node < network.size; node++) {
    variables[`t${node}`] = { sum: 1, [`lo${node}`]: 1, [`hi${node}`]: 1 };
    constraints[`lo${node}`] = { min: (network.lower[node] ?? 0) - base };
    constraints[`hi${node}`] = { max: (network.upper[node] ?? 0) - base };
  }
  network.arcs.forEach((arc, i) => {
    constraints[`a${i}`] = { min: arc.lag };
    const to = variables[`t${arc.to}`];
    const from = variables[`t${arc.from}`];
    if (to) to[`a${i}`] = (to[`a${i}`] ?? 0) + 1;
    if (from) from[`a${i}`] = (from[`a${i}`] ?? 0) - 1;
  });
  const result = solver.Solve({ optimize: 'sum', opType: 'max', constraints, variables }) as {
    feasible: boolean;
    [variable: string]: number | boolean;
  };
  if (!result.feasible) return undefined;
  return network.lower.map((_l, node) => Math.round(Number(result[`t${node}`] ?? 0)) + base);
}

describe('the time network against independent solvers', () => {
  it('agrees with a linear program on the latest times, and on what has none', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.integer({ min: 60, max: HORIZON_MIN }), (meal, before) => {
        const free = { ...meal, kitchen: { ...meal.kitchen, hours: [] } };
        const { network } = networkOf(free, before);
        const ours = solveLatest(network);
        const theirs = latestByLp(network);
        expect(ours.ok ? ours.times.at : undefined).toEqual(theirs);
      }),
      { numRuns: 150 },
    );
  });

  it('agrees with plain enumeration where hands must keep out of blocks', () => {
    // Three moments within a day of 60 "minutes", two arcs, hands at two of them, two blocks.
    const arcs = fc.tuple(fc.integer({ min: 0, max: 25 }), fc.integer({ min: 0, max: 25 }));
    const hands = fc.tuple(fc.integer({ min: 0, max: 8 }), fc.integer({ min: 0, max: 8 }));
    const block = fc.tuple(fc.integer({ min: 0, max: 55 }), fc.integer({ min: 1, max: 15 }));
    fc.assert(
      fc.property(arcs, hands, block, block, fc.nat(30), ([l1, l2], [h1, h2], b1, b2, most) => {
        const blocks = [b1, b2]
          .map(([startMin, length]) => ({
            kind: 'away' as const,
            startMin,
            endMin: startMin + length,
          }))
          .sort((x, y) => x.startMin - y.startMin);
        const network = new TimeNetwork(blocks);
        const nodes = [
          network.addNode(0, 60, h1),
          network.addNode(0, 60, h2),
          network.addNode(60, 60),
        ];
        const [a = 0, b = 0, end = 0] = nodes;
        const why = { kind: 'takes' as const, step: 0 };
        network.addArc({ from: a, to: b, lag: l1, why });
        network.addArc({ from: b, to: a, lag: -(l1 + most), why });
        network.addArc({ from: b, to: end, lag: l2, why });
        const free = (at: number, h: number) =>
          h === 0 || blocks.every((k) => at >= k.endMin || at + h <= k.startMin);
        const all: [number, number][] = [];
        for (let x = 0; x <= 60; x++) {
          for (let y = x + l1; y <= Math.min(x + l1 + most, 60 - l2); y++) {
            if (free(x, h1) && free(y, h2)) all.push([x, y]);
          }
        }
        const latest = solveLatest(network);
        const earliest = solveEarliest(network, 60);
        if (all.length === 0) {
          expect(latest.ok).toBe(false);
          return;
        }
        expect(latest.ok && latest.times.at.slice(0, 2)).toEqual([
          Math.max(...all.map(([x]) => x)),
          Math.max(...all.map(([, y]) => y)),
        ]);
        expect(earliest?.slice(0, 2)).toEqual([
          Math.min(...all.map(([x]) => x)),
          Math.min(...all.map(([, y]) => y)),
        ]);
      }),
      { numRuns: 600 },
    );
  });

  it('explains an impossibility by a chain that is impossible by itself', () => {
    let explained = 0;
    fc.assert(
      fc.property(mealArbitrary, fc.nat(600), (meal, before) => {
        const built = networkOf(meal, before);
        const solved = solveLatest(built.network);
        fc.pre(!solved.ok);
        if (solved.ok) return;
        const trace = new Trace();
        solveLatest(built.network, trace);
        const { node } = solved.contradiction;
        const { links, circle } = reasonChainOf(trace, node);
        const alone = new TimeNetwork(built.network.blocks);
        built.network.lower.forEach((lower, n) => {
          const bound = circle ? -1e7 : n === node ? lower : -Infinity;
          const inChain = links.some((link) => link.node === n);
          const hands = inChain ? (built.network.handsMin[n] ?? 0) : 0;
          alone.addNode(bound, built.network.upper[n] ?? 0, hands);
        });
        new Set(links.flatMap((link) => link.arc ?? [])).forEach((arc) => alone.addArc(arc));
        expect(solveLatest(alone).ok).toBe(false);
        explained++;
      }),
      { numRuns: 200 },
    );
    expect(explained).toBeGreaterThan(50);
  });
});
