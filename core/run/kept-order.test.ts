import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  beginRun,
  eventsOf,
  foldRun,
  orderDeed,
  orderOf,
  parseMeal,
  planOn,
  runDocument,
  runOf,
  spokeLast,
  type Deed,
  type Plan,
  type Run,
} from '../index.ts';

const NOW = Date.parse('2026-11-28T09:00:00+01:00') / 60_000;
const supper = parseMeal(
  readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
  NOW,
);

function say(run: Run, deeds: readonly Deed[], by: string, atMin: number): Run {
  return { ...run, events: [...run.events, ...eventsOf(deeds, run.events, { by, atMin })] };
}

/** The supper on its day: what was to be done days before is done. */
function begun(): Run {
  const before = ['lamb-paste', 'lamb-marinate'].map((step): Deed => ({ did: 'done', step }));
  return say(beginRun(supper, 'r', NOW - 3000), before, 'kitchen', NOW - 600);
}

const starts = ({ steps }: Plan) => steps.map(({ id, startMin }) => [id, startMin]);

describe('the order of a plan', () => {
  it('is kept once, and again only where another is decided', () => {
    const run = begun();
    const first = planOn(foldRun(run), NOW).plan;
    const deed = orderDeed(first, orderOf(run.events));
    expect(deed?.did).toBe('planned');
    const kept = say(run, deed ? [deed] : [], 'kitchen', NOW);
    const order = orderOf(kept.events);
    expect(order?.warmStart).toEqual(first.warmStart);
    // The planner does nothing in the kitchen.
    expect(foldRun(kept).events).toHaveLength(2);
    const again = planOn(foldRun(kept), NOW, { previous: order }).plan;
    expect(orderDeed(again, order)).toBeUndefined();
    const turned = { ...again, warmStart: [...again.warmStart, OTHER] };
    expect(orderDeed(turned, order)?.did).toBe('planned');
  });

  it('is not kept where a file could not take it again', () => {
    const first = planOn(foldRun(begun()), NOW).plan;
    const never = { ...OTHER, min: Infinity };
    expect(orderDeed({ ...first, warmStart: [never] }, undefined)).toBeUndefined();
    expect(orderDeed({ ...first, warmStart: [OTHER] }, undefined)?.did).toBe('planned');
  });

  it('is there after a reload, from the file too: the plan is the same', () => {
    const run = begun();
    const first = planOn(foldRun(run), NOW).plan;
    const deed = orderDeed(first, undefined);
    const kept = say(run, deed ? [deed] : [], 'kitchen', NOW);
    const reloaded = runOf(JSON.parse(JSON.stringify(runDocument(kept))));
    const shown = planOn(foldRun(kept), NOW + 5, { previous: first }).plan;
    const after = planOn(foldRun(reloaded), NOW + 5, { previous: orderOf(reloaded.events) }).plan;
    expect(starts(after)).toEqual(starts(shown));
  });

  it('is the same on a device that has planned otherwise until then', () => {
    const run = begun();
    const mine = planOn(foldRun(run), NOW).plan;
    const deed = orderDeed(mine, undefined);
    const both = say(run, deed ? [deed] : [], 'kitchen', NOW);
    const heard = foldRun(both);
    const kept = orderOf(both.events) ?? expect.fail('no order');
    const here = planOn(heard, NOW + 1, { previous: kept }).plan;
    // The other comes from the plan of an hour earlier serving, with an order of its own.
    const early = { ...supper, serving: { ...supper.serving, at: '2026-11-28T18:00' } };
    const own = planOn(foldRun({ ...run, meal: early }), NOW).plan;
    const there = planOn(heard, NOW + 1, { previous: { ...kept, steps: own.steps } }).plan;
    expect(starts(there)).toEqual(starts(here));
  });

  it('is kept by the device whose cook spoke last; no thermometer and no planner speaks', () => {
    let run = begun();
    expect(spokeLast(run.events)).toBe('kitchen');
    run = say(run, [{ did: 'started', step: 'lamb-fire' }], 'phone', NOW);
    run = say(run, [{ did: 'read', probe: 'p', coreC: 8 }], 'kitchen', NOW + 1);
    run = say(run, [{ did: 'planned', servingMin: NOW, decisions: [] }], 'kitchen', NOW + 1);
    expect(spokeLast(run.events)).toBe('phone');
    expect(spokeLast([])).toBeUndefined();
  });
});

const OTHER: Plan['warmStart'][number] = { kind: 'leave', demand: 'x', resource: 'y' };
