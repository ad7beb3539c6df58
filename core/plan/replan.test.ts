import { minutesOver } from './compromises.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyCommand, epochMinOf } from '../index.ts';
import { arrangedMeal } from '../test/arranged.ts';
import { at, mealArbitrary, supper, ZONE } from '../test/meals.ts';
import { solve } from '../solve/index.ts';
import { buildNetwork } from './network/meal-network.ts';
import { expandMeal } from './network/expanded-steps.ts';
import { reasonChainOf } from './explain/explain.ts';
import { audit, movesBetween, plan, replan } from './index.ts';
import { canBeDone, minimalChain } from './explain/minimal-chain.ts';
import { solveLatest, Trace } from './network/time-network.ts';
import { peopleOf } from './resources/people.ts';
import { settleTimes } from './scheduling/settle-times.ts';

const NOW = at('2026-11-25T08:00');

describe('a plan made again', () => {
  it('moves nothing when nothing has changed', () => {
    const first = plan(supper(), supper().kitchen, NOW);
    const again = plan(supper(), supper().kitchen, NOW + 30, { previous: first });
    expect(movesBetween(first, again)).toEqual([]);
  });

  it('moves only what a small change reaches', () => {
    const meal = supper();
    const first = plan(meal, meal.kitchen, NOW);
    const longer = applyCommand(meal, {
      do: 'setStepTime',
      step: 'beet-cut',
      time: { kind: 'fixed', minutes: 20 },
    });
    const again = plan(longer, longer.kitchen, NOW, { previous: first });
    expect(audit(again, longer, longer.kitchen)).toEqual([]);
    const moved = movesBetween(first, again).map(({ step }) => step);
    expect(moved).toContain('beet-cut');
    expect(moved.filter((id) => !id.startsWith('beet'))).toEqual([]);
  });

  it('keeps facts and what is frozen, and tells what moved', () => {
    const meal = supper();
    const first = plan(meal, meal.kitchen, NOW);
    const startOf = (id: string) => first.steps.find((step) => step.id === id)?.startMin ?? 0;
    const begunMin = startOf('duck-rub') + 25;
    const { plan: next, moved } = replan(
      meal,
      meal.kitchen,
      {
        nowMin: begunMin + 20,
        begun: { 'duck-rub': begunMin },
        ended: { 'duck-rub': begunMin + 18 },
        frozen: ['bread-mix', 'lamb-paste'],
      },
      first,
    );
    const of = (id: string) => next.steps.find((step) => step.id === id);
    expect(of('duck-rub')).toMatchObject({
      startMin: begunMin,
      endMin: begunMin + 18,
      begun: true,
    });
    expect(of('bread-mix')?.startMin).toBe(startOf('bread-mix'));
    expect(of('lamb-paste')?.startMin).toBe(startOf('lamb-paste'));
    expect(next.status).not.toBe('cannot');
    expect(moved.map(({ step }) => step)).not.toContain('bread-mix');
  });
});

describe('any plan', () => {
  it('costs no more in its own times than what was found', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const { arrangement: model, granted } = arrangedMeal(seed, seed < 4 ? 'small' : 'middle');
      const { problem, built: whole, free } = model;
      const solution = [...solve(problem, { work: 2_000, at: free })].at(-1);
      if (!solution) throw new Error('no plan');
      const built = granted(minutesOver(whole.limits, solution.at.slice(1)));
      const { times } = settleTimes(built, model, solution);
      const cost = model.softConstraints.reduce((sum, { from, to, lag, weight }) => {
        const span = (times.at[to - 1] ?? 0) - (times.at[from - 1] ?? 0);
        return sum + weight * Math.max(0, lag - span);
      }, 0);
      expect(cost).toBeLessThanOrEqual(solution.cost);
    }
  });

  it('gets no worse when nothing holds the cook up any more', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.integer({ min: 600, max: 5 * 1440 }), (meal, before) => {
        const nowMin = epochMinOf(meal.serving.at, ZONE) - before;
        const how = { work: 2_000, rescues: false };
        const warmStart = plan(meal, meal.kitchen, nowMin, how);
        const free = plan(meal, { ...meal.kitchen, hours: [] }, nowMin, how);
        if (warmStart.status !== 'cannot') expect(free.status).not.toBe('cannot');
        if (!warmStart.costBound?.proved || !free.costBound?.proved) return;
        if (warmStart.clashes.length + free.clashes.length > 0) return;
        expect(free.costBound.cost).toBeLessThanOrEqual(warmStart.costBound.cost);
      }),
      { numRuns: 40 },
    );
  });
});

describe('the reasons of what cannot be done', () => {
  it('are impossible by themselves, and not without any one of them', () => {
    let explained = 0;
    fc.assert(
      fc.property(mealArbitrary, fc.nat(600), (meal, before) => {
        const servingMin = epochMinOf(meal.serving.at, ZONE);
        const nowMin = servingMin - before;
        const people = peopleOf(meal.kitchen, ZONE, nowMin, servingMin);
        const built = buildNetwork(expandMeal(meal, servingMin), { servingMin, nowMin, people });
        const trace = new Trace();
        const solved = solveLatest(built.network, trace);
        if (solved.ok) return;
        const { node } = solved.contradiction;
        const { links, circle } = minimalChain(built, reasonChainOf(trace, node), node);
        const arcs = new Set(links.flatMap((link) => link.arc ?? []));
        const handsAt = new Set(links.flatMap((link) => (link.block ? [link.node] : [])));
        expect(canBeDone(built, { arcs, handsAt }, { circle }, node)).toBe(false);
        for (const arc of arcs) {
          const fewer = new Set([...arcs].filter((one) => one !== arc));
          expect(canBeDone(built, { arcs: fewer, handsAt }, { circle }, node)).toBe(true);
        }
        for (const at of handsAt) {
          const fewer = new Set([...handsAt].filter((one) => one !== at));
          expect(canBeDone(built, { arcs, handsAt: fewer }, { circle }, node)).toBe(true);
        }
        explained++;
      }),
      { numRuns: 150 },
    );
    expect(explained).toBeGreaterThan(40);
  });
});
