import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  beginRun,
  callsOfRun,
  deedsOf,
  eventsOf,
  foldRun,
  merged,
  parseMeal,
  planOn,
  runDocument,
  runOf,
  unmeasuredOf,
  type Deed,
  type Meal,
  type Run,
  type RunState,
} from '../index.ts';

const NOW = Date.parse('2026-11-27T16:00:00+01:00') / 60_000;
const supper = (): Meal =>
  parseMeal(
    readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
    NOW,
  );
const STEPS = supper().dishes.flatMap((dish) => dish.steps.map(({ id }) => id));

/** A run after these deeds, each at its minute. */
function after(deeds: ReadonlyArray<readonly [number, Deed]>, by = 'a'): Run {
  return deeds.reduce<Run>(
    (run, [minute, deed]) => ({
      ...run,
      events: [...run.events, ...eventsOf([deed], run.events, { by, atMin: NOW + minute })],
    }),
    beginRun(supper(), 'r', NOW),
  );
}

/** A state one can compare. */
const plain = (state: RunState) => ({
  ...state,
  begun: [...state.begun],
  ended: [...state.ended],
  tended: [...state.tended],
  timers: state.timers,
  events: state.events.length,
  meal: JSON.stringify(state.meal),
});

const step = fc.constantFrom(...STEPS);
const deed: fc.Arbitrary<Deed> = fc.oneof(
  step.map((id): Deed => ({ did: 'started', step: id })),
  step.map((id): Deed => ({ did: 'done', step: id })),
  step.map((id): Deed => ({ did: 'skipped', step: id })),
  fc
    .record({ step, minutes: fc.integer({ min: 1, max: 60 }) })
    .map((one): Deed => ({ did: 'longer', ...one })),
  fc.constant<Deed>({ did: 'timed', timer: 't', label: 'tea', minutes: 4 }),
  fc.constant<Deed>({ did: 'read', probe: 'p', coreC: 40 }),
  fc.constant<Deed>({
    did: 'changed',
    commands: [{ do: 'rename', title: 'Another' }],
    why: 'a name',
  }),
);
const deeds = fc.array(fc.tuple(fc.integer({ min: 0, max: 600 }), deed), { maxLength: 25 });

describe('a run', () => {
  it('comes back from a file with every event', () => {
    fc.assert(
      fc.property(deeds, (all) => {
        const run = after(all);
        const again = runOf(JSON.parse(JSON.stringify(runDocument(run))));
        expect(again.events).toEqual(run.events);
        expect(plain(foldRun(again))).toEqual(plain(foldRun(run)));
      }),
      { numRuns: 40 },
    );
  });

  it('is the same whichever device’s events come first, and however often they come', () => {
    fc.assert(
      fc.property(deeds, deeds, (one, other) => {
        const [mine, theirs] = [after(one, 'a').events, after(other, 'b').events];
        const there = merged(mine, theirs);
        expect(merged(theirs, mine)).toEqual(there);
        expect(merged(there, theirs)).toBe(there);
        expect(there.length).toBe(mine.length + theirs.length);
      }),
      { numRuns: 40 },
    );
  });

  it('never runs backwards when a clock is set back', () => {
    fc.assert(
      fc.property(deeds, (all) => {
        const { events } = after(all);
        events.forEach((event, i) => {
          const before = events[i - 1];
          if (before) expect(event.atMin).toBeGreaterThanOrEqual(before.atMin);
        });
      }),
      { numRuns: 40 },
    );
  });

  it('is undone by an event, and that by another', () => {
    const run = after([[0, { did: 'started', step: 'lamb-paste' }]]);
    const [first] = run.events;
    const undo = (target: string, now: Run): Run => ({
      ...now,
      events: [
        ...now.events,
        ...eventsOf([{ did: 'undone', event: target }], now.events, { by: 'a', atMin: NOW + 1 }),
      ],
    });
    const undone = undo(first?.id ?? '', run);
    expect(foldRun(undone).begun.size).toBe(0);
    const redone = undo(undone.events.at(-1)?.id ?? '', undone);
    expect([...foldRun(redone).begun.keys()]).toEqual(['lamb-paste']);
    expect(redone.events.length).toBe(3);
  });

  it('can be folded to any moment before', () => {
    const run = after([
      [0, { did: 'started', step: 'duck-rub' }],
      [12, { did: 'done', step: 'duck-rub' }],
    ]);
    expect(foldRun(run, NOW + 5).ended.size).toBe(0);
    expect(foldRun(run, NOW + 12).ended.size).toBe(1);
  });

  it('refuses a file it cannot read, and says where', () => {
    const file = { ...runDocument(after([])), events: [{ did: 'flown', id: 'x' }] };
    expect(() => runOf(file)).toThrow(/events\[0\]/);
  });
});

describe('the first plan of a run', () => {
  it('breaks no rule that the plan on the table keeps', () => {
    const early = NOW - 2 * 1440;
    const { plan: made } = planOn(foldRun(beginRun(supper(), 'r', early)), early);
    expect(made.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  });
});

describe('what is called next', () => {
  it('is one word for what ends and what begins with it, and rests begin by themselves', () => {
    let run = beginRun(supper(), 'r', NOW);
    let now = NOW;
    for (let i = 0; i < 8; i++) {
      const state = foldRun(run);
      const { plan, due } = planOn(state, Math.floor(now));
      const [call] = callsOfRun(state, plan, due);
      if (!call) break;
      now = Math.max(now, call.atMin);
      run = {
        ...run,
        events: [...run.events, ...eventsOf(deedsOf(call), run.events, { by: 'a', atMin: now })],
      };
    }
    const { begun, ended } = foldRun(run);
    // The paste is on, so the lamb lies in it, though nobody said so.
    expect(begun.get('lamb-marinate')).toBe(ended.get('lamb-paste'));
    // What lay in its marinade is out of it when it is put out to warm.
    expect(ended.get('lamb-marinate')).toBe(begun.get('lamb-temper'));
    for (const [id, from] of begun) expect(ended.get(id) ?? Infinity).toBeGreaterThanOrEqual(from);
  });

  it('does not creep on while something is overdue', () => {
    const run = after([[0, { did: 'started', step: 'lamb-paste' }]]);
    const state = foldRun(run);
    const calls = [40, 50, 60].map((minute) => {
      const { plan, due } = planOn(state, NOW + minute);
      return callsOfRun(state, plan, due).find(({ key }) => key === 'end lamb-paste')?.atMin;
    });
    expect(new Set(calls).size).toBe(1);
    expect(calls[0]).toBe(NOW + 25);
  });

  it('takes the cook’s word for how much longer', () => {
    const run = after([
      [0, { did: 'started', step: 'lamb-paste' }],
      [25, { did: 'longer', step: 'lamb-paste', minutes: 15 }],
    ]);
    const { plan } = planOn(foldRun(run), NOW + 26);
    expect(plan.steps.find(({ id }) => id === 'lamb-paste')?.endMin).toBe(NOW + 40);
  });

  it('goes on as long as it would, and what the fire was out besides', () => {
    const started = [0, { did: 'started', step: 'lamb-smoke' }] as const;
    const out = [60, { did: 'fireOut', appliance: 'smoker', minutes: 20 }] as const;
    const dueOf = (run: Run) => planOn(foldRun(run), NOW + 61).due.get('lamb-smoke') ?? NaN;
    expect(dueOf(after([started, out])) - dueOf(after([started]))).toBe(20);
    const word = [30, { did: 'longer', step: 'lamb-smoke', minutes: 90 }] as const;
    expect(dueOf(after([started, word, out]))).toBe(NOW + 30 + 90 + 20);
  });
});

describe('what nobody has measured', () => {
  const cooked = (readings: readonly (readonly [number, number])[]) =>
    unmeasuredOf(
      foldRun(
        after([
          [0, { did: 'started', step: 'lamb-smoke' }],
          [0, { did: 'probed', probe: 'p', step: 'lamb-smoke' }],
          ...readings.map(
            ([minute, coreC]) => [minute, { did: 'read', probe: 'p', coreC }] as const,
          ),
          [300, { did: 'done', step: 'lamb-smoke' }],
          [300, { did: 'started', step: 'lamb-wrap' }],
          [400, { did: 'done', step: 'lamb-wrap' }],
        ]),
      ),
    ).map(({ food }) => food.name);

  it('is asked for, and not once a probe has seen it', () => {
    expect(cooked([[10, 8.2]])).toContain('lamb shoulder, bone in');
    const climbs = Array.from({ length: 30 }, (_none, i) => [i * 10, 6 + i * 2.4] as const);
    expect(cooked(climbs)).not.toContain('lamb shoulder, bone in');
  });

  it('is not what a probe says that slipped to where it is hotter', () => {
    expect(
      cooked([
        [10, 8.2],
        [12, 80.4],
        [14, 81.1],
      ]),
    ).toContain('lamb shoulder, bone in');
  });
});
