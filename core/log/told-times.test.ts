import { describe, expect, it } from 'vitest';
import { eventsOf, foldRun, plan, runAgainstPlan, runOf, toldTimes, type Deed } from '../index.ts';
import { at, ZONE } from '../test/meals.ts';
import late from '../../demo/runs/late-october-supper.json' with { type: 'json' };

const stretch = (from: string, to: string) => ({ startMin: at(from), endMin: at(to) });
const planned = stretch('2026-11-28T23:30', '2026-11-29T00:30');
const was = stretch('2026-11-28T18:00', '2026-11-28T19:00');

describe('what is remembered of a step', () => {
  it('is nearest to when it was planned, over midnight too', () => {
    expect(toldTimes({ planned, was: undefined }, ZONE, { began: '00:10' })).toEqual(
      stretch('2026-11-29T00:10', '2026-11-29T01:10'),
    );
    expect(toldTimes({ planned, was: undefined }, ZONE, { tookMin: 90 })).toEqual(
      stretch('2026-11-28T23:30', '2026-11-29T01:00'),
    );
  });

  it('goes by what was logged before what was planned', () => {
    expect(toldTimes({ planned, was }, ZONE, { tookMin: 40 })).toEqual(
      stretch('2026-11-28T18:00', '2026-11-28T18:40'),
    );
    expect(toldTimes({ planned: undefined, was: undefined }, ZONE, { tookMin: 40 })).toBe(
      undefined,
    );
  });

  it('counts for what the run teaches, and can be taken back', () => {
    const run = runOf(late);
    const made = plan(run.meal, run.meal.kitchen, run.startedMin, { rescues: false });
    const stepOf = (events: typeof run.events) =>
      runAgainstPlan({ ...run, events }, made)
        .dishes.flatMap(({ steps }) => steps)
        .find(({ step }) => step === 'lamb-smoke');
    const before = stepOf(run.events)?.was;
    if (!before) throw new Error('the run has changed');
    const endedMin = before.startMin + 100;
    const say = (deed: Deed, log: typeof run.events) =>
      eventsOf([deed], log, { by: 'later', atMin: before.endMin + 3000 });
    const told = say(
      { did: 'toldTimes', step: 'lamb-smoke', begunMin: before.startMin, endedMin },
      run.events,
    );
    expect(stepOf([...run.events, ...told])?.was?.endMin).toBe(endedMin);
    const undone = say({ did: 'undone', event: told[0]?.id ?? '' }, [...run.events, ...told]);
    expect(stepOf([...run.events, ...told, ...undone])?.was).toEqual(before);
    const senseless = say(
      { did: 'toldTimes', step: 'lamb-smoke', begunMin: endedMin, endedMin: endedMin - 5 },
      run.events,
    );
    const state = foldRun({ ...run, events: [...run.events, ...senseless] });
    expect(state.ended.get('lamb-smoke')).toBe(before.endMin);
  });
});
