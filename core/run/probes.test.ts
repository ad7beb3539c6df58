import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  beginRun,
  eventsOf,
  foldRun,
  handProbe,
  isByHand,
  keepsReading,
  parseMeal,
  parseReadings,
  probeables,
  readingsCsv,
  readingsDeeds,
  runDocument,
  runOf,
  unmeasuredOf,
  type Deed,
  type Meal,
  type RunEvent,
  type RunState,
} from '../index.ts';

const NOW = Date.parse('2026-11-28T12:00:00+01:00') / 60_000;
const supper = (): Meal =>
  parseMeal(
    readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
    NOW,
  );

/** The supper with two thighs of chicken smoked and wrapped beside the lamb. */
function twoFoods(): Meal {
  const meal = supper();
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => {
      const [lamb] = dish.foods;
      if (!lamb || !dish.steps.some(({ id }) => id === 'lamb-smoke')) return dish;
      const thighs = {
        ...lamb,
        id: 'thighs',
        name: 'chicken thighs',
        cut: 'chicken-thigh-bone-in',
      };
      const steps = dish.steps.map((step) =>
        ['lamb-smoke', 'lamb-wrap'].includes(step.id)
          ? { ...step, foods: ['lamb-shoulder', 'lamb-plain', 'thighs'] }
          : step,
      );
      return { ...dish, steps, foods: [...dish.foods, { ...thighs, weighedG: 400 }] };
    }),
  };
}

/** After these deeds, a minute each. */
function stateAfter(meal: Meal, deeds: readonly Deed[]): RunState {
  const events = deeds.reduce<RunEvent[]>(
    (all, deed, i) => [...all, ...eventsOf([deed], all, { by: 'a', atMin: NOW + i })],
    [],
  );
  return foldRun(runOf(runDocument({ ...beginRun(meal, 'r', NOW - 100), events })));
}

const ON_FIRE: readonly Deed[] = [
  ...['lamb-paste', 'lamb-marinate', 'lamb-fire', 'lamb-temper'].map((step): Deed => ({
    did: 'done',
    step,
  })),
  { did: 'started', step: 'lamb-smoke' },
];
const OFF: readonly Deed[] = [
  { did: 'done', step: 'lamb-smoke' },
  { did: 'started', step: 'lamb-wrap' },
  { did: 'done', step: 'lamb-wrap' },
];
/** A climb nobody doubts, to 90 °C. */
const CLIMB: readonly Deed[] = Array.from({ length: 43 }, (_none, i) => ({
  did: 'read',
  probe: 'probe 1',
  coreC: 6 + i * 2,
}));
const missing = (state: RunState) => unmeasuredOf(state).map(({ food }) => food.id);

describe('a probe in one of several foods', () => {
  const probed = (food?: string): Deed => ({
    did: 'probed',
    probe: 'probe 1',
    step: 'lamb-smoke',
    ...(food !== undefined && { food }),
  });

  it('measures that one; the others are measured by themselves', () => {
    // The second lamb is a smaller piece of the same cut: it is measured with the first.
    const lambs = ['lamb-shoulder', 'lamb-plain'];
    expect(missing(stateAfter(twoFoods(), [...ON_FIRE, ...OFF]))).toEqual([...lambs, 'thighs']);
    const inThighs = [...ON_FIRE, probed('thighs'), ...CLIMB, ...OFF];
    expect(missing(stateAfter(twoFoods(), inThighs))).toEqual(lambs);
    // Nobody said which: it is in the heaviest piece.
    const inAny = [...ON_FIRE, probed(), ...CLIMB, ...OFF];
    expect(missing(stateAfter(twoFoods(), inAny))).toEqual(['thighs']);
    const said: Deed = { did: 'confirmed', step: 'lamb-wrap', food: 'thighs', coreC: 80 };
    expect(missing(stateAfter(twoFoods(), [...inAny, said]))).toEqual([]);
    // The last word counts: 80 was a slip of the finger.
    const mended: Deed = { ...said, coreC: 60 };
    expect(missing(stateAfter(twoFoods(), [...inAny, said, mended]))).toEqual(['thighs']);
  });

  it('is offered by the food’s name where a step works on several, and only there', () => {
    const named = (meal: Meal) =>
      probeables(stateAfter(meal, ON_FIRE))
        .filter(({ step }) => step.id === 'lamb-smoke')
        .map(({ food }) => food?.id);
    expect(named(supper())).toEqual(['lamb-shoulder', 'lamb-plain']);
    expect(named(twoFoods())).toEqual(['lamb-shoulder', 'lamb-plain', 'thighs']);
    const alone = supper();
    const dishes = alone.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.map((step) =>
        step.id === 'lamb-smoke' ? { ...step, foods: ['lamb-shoulder'] } : step,
      ),
    }));
    expect(named({ ...alone, dishes })).toEqual([undefined]);
  });

  it('can be in a cut that is over its fire by the clock, and in no sauce', () => {
    const byClock = (minutes: number): Meal => {
      const meal = supper();
      const dishes = meal.dishes.map((dish) => ({
        ...dish,
        steps: dish.steps.map((step) => ({ ...step, time: { kind: 'fixed' as const, minutes } })),
      }));
      return { ...meal, dishes };
    };
    const places = probeables(stateAfter(byClock(40), ON_FIRE)).map(({ step }) => step.id);
    expect(places).toContain('lamb-smoke');
    expect(places).not.toContain('gloss-reduce');
    expect(places).not.toContain('lamb-marinate');
  });

  it('has by hand a name of its own, which a file takes however long the step’s name is', () => {
    const state = stateAfter(twoFoods(), ON_FIRE);
    const probe = handProbe(state, 'lamb-smoke', 'thighs');
    expect(isByHand(probe)).toBe(true);
    const put: Deed = { did: 'probed', probe, step: 'lamb-smoke', food: 'thighs' };
    const then = stateAfter(twoFoods(), [...ON_FIRE, put]);
    expect(handProbe(then, 'lamb-smoke', 'thighs')).toBe(probe);
    expect(handProbe(then, 'lamb-smoke', undefined)).not.toBe(probe);
    expect(probe.length).toBeLessThan(20);
  });
});

describe('readings of a thermometer that several devices hear', () => {
  it('are kept once, and go on when the device that kept them is closed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ one: fc.boolean(), first: fc.boolean() }), {
          minLength: 30,
          maxLength: 60,
        }),
        (minutes) => {
          const put: Deed = { did: 'probed', probe: 'p', step: 's' };
          let events = eventsOf([put], [], { by: 'one', atMin: NOW });
          let kept = 0;
          for (const [i, { one, first }] of minutes.entries()) {
            // The first device is open half of the time; both hear every minute's reading.
            const open = [...(one ? ['one'] : []), 'two'];
            const inTurn = first ? open : open.toReversed();
            const before = events.length;
            for (const by of inTurn) {
              if (!keepsReading(events, 'p', by, NOW + i)) continue;
              const read: Deed = { did: 'read', probe: 'p', coreC: 20 };
              events = [...events, ...eventsOf([read], events, { by, atMin: NOW + i })];
            }
            expect(events.length - before).toBeLessThanOrEqual(1);
            kept += events.length - before;
          }
          // Never silent for more than three minutes.
          expect(kept).toBeGreaterThanOrEqual(Math.floor(minutes.length / 4));
        },
      ),
    );
  });
});

describe('a table of readings', () => {
  const table = parseReadings('minute,probe,coreC\n0,1,6\n0.2,1,6.1\n30,1,41\n60,1,\n90,1,77\n');
  const smoke = (state: RunState) =>
    probeables(state).find(({ step }) => step.id === 'lamb-smoke') ?? expect.fail('no smoke');

  it('comes in at its own minutes, one a minute, and out again as it was', () => {
    const late = Array.from({ length: 100 }, (): Deed => ({ did: 'noted', text: 'calm' }));
    const state = stateAfter(supper(), [...ON_FIRE, ...late]);
    const begun = state.begun.get('lamb-smoke') ?? NaN;
    const deeds = readingsDeeds(state, table, new Map([['1', smoke(state)]]), {
      from: 'step',
      startedMin: NOW - 100,
      nowMin: NOW + 105,
    });
    if (typeof deeds === 'string') return expect.fail(deeds);
    const after = stateAfter(supper(), [...ON_FIRE, ...late, ...deeds]);
    const [read] = [...after.readings.values()];
    expect(read?.map(({ minute }) => minute - begun)).toEqual([0, 30, 60, 90]);
    expect(read?.map(({ coreC }) => coreC)).toEqual([6, 41, NaN, 77]);
    const out = parseReadings(
      readingsCsv((read ?? []).map((one) => ({ ...one, minute: one.minute - begun }))),
    );
    expect(out.map(({ minute, coreC }) => [minute, coreC])).toEqual([
      [0, 6],
      [30, 41],
      [60, NaN],
      [90, 77],
    ]);
  });

  it('is refused where it lies after now, where nothing has begun, and where nothing is chosen', () => {
    const state = stateAfter(supper(), ON_FIRE);
    const when = { from: 'step', startedMin: NOW - 100, nowMin: NOW + 10 } as const;
    const at = new Map([['1', smoke(state)]]);
    expect(readingsDeeds(state, table, at, when)).toBe('stillToCome');
    expect(readingsDeeds(stateAfter(supper(), []), table, at, when)).toBe('notBegun');
    expect(readingsDeeds(state, table, new Map(), when)).toBe('none');
  });
});
