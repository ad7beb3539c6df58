import { describe, expect, it } from 'vitest';
import { applyCommand, localOf, mannerOf, say, type Meal } from '../index.ts';
import {
  after,
  at,
  dish,
  elastic,
  fixed,
  mealOfDishes,
  NIGHT,
  step,
  supper,
  WORK,
  ZONE,
} from '../test/meals.ts';
import { audit, plan, type Plan } from './index.ts';

const MONDAY = at('2026-11-23T08:00');

const planOf = (meal: Meal, nowMin = MONDAY) => plan(meal, meal.kitchen, nowMin);

/** When a step starts, as a local time of the test zone. */
function starts(made: Plan, id: string): string {
  const solution = made.steps.find((s) => s.id === id);
  if (!solution) throw new Error(`no step ${id}`);
  return localOf(solution.startMin, ZONE);
}

function stepOf(made: Plan, id: string) {
  const solution = made.steps.find((s) => s.id === id);
  if (!solution) throw new Error(`no step ${id}`);
  return solution;
}

describe('cases worked by hand', () => {
  it('begins a 48 h brine for Saturday evening on Thursday', () => {
    const made = planOf(mealOfDishes([dish('d', [step({ id: 'brine', time: fixed(48 * 60) })])]));
    expect(starts(made, 'brine')).toBe('2026-11-26T19:00');
  });

  it('lays a chain back from serving, gaps between', () => {
    const made = planOf(
      mealOfDishes([
        dish('d', [
          step({ id: 'roast', time: fixed(90) }),
          step({ id: 'rest', time: fixed(20), after: after('roast', 5, 5) }),
          step({ id: 'slice', time: fixed(10), after: after('rest', 0, 0) }),
        ]),
      ]),
    );
    // 19:00 − 10 = 18:50; − 20 = 18:30; − 5 − 90 = 16:55.
    expect(['slice', 'rest', 'roast'].map((id) => starts(made, id).slice(11))).toEqual([
      '18:50',
      '18:30',
      '16:55',
    ]);
  });

  it('gives a soak its best, and less when the day does not have it', () => {
    const meal = mealOfDishes([
      dish('d', [
        step({ id: 'soak', time: elastic(60, 240, 600) }),
        step({ id: 'fry', time: fixed(30), after: after('soak', 0, 0) }),
      ]),
    ]);
    expect(starts(planOf(meal), 'soak')).toBe('2026-11-28T14:30');
    // From 16:00 there are three hours: half an hour to fry, two and a half to soak.
    const late = planOf(meal, at('2026-11-28T16:00'));
    expect(starts(late, 'soak')).toBe('2026-11-28T16:00');
    expect(late.status).not.toBe('cannot');
    // After 17:30 the hour it needs is gone.
    expect(planOf(meal, at('2026-11-28T17:30')).status).not.toBe('cannot');
    expect(planOf(meal, at('2026-11-28T17:31')).status).toBe('cannot');
  });

  it('keeps hands out of the night, and lets waiting run through it', () => {
    const meal = mealOfDishes(
      [
        dish('d', [
          step({ id: 'mix', time: fixed(20), hands: [{ when: 'all', what: 'mix' }] }),
          step({ id: 'soak', time: elastic(480, 960, 1440), after: after('mix', 0, 0) }),
        ]),
      ],
      [NIGHT],
    );
    const made = planOf(meal);
    // The best would begin at 03:00; hands are done by 21:30 the evening before, since the time
    // before bed is spared: 21 h 30; or wait until 07:50 and soak 11 h 10.
    expect(starts(made, 'mix')).toBe('2026-11-27T21:10');
    expect(starts(made, 'soak')).toBe('2026-11-27T21:30');
    const shorter = applyCommand(meal, {
      do: 'setStepTime',
      step: 'soak',
      time: elastic(480, 720, 1440),
    });
    expect(starts(planOf(shorter), 'mix')).toBe('2026-11-28T07:30');
  });

  it('works round a working day: what needs hands comes before or after, never within', () => {
    const meal = mealOfDishes(
      [
        dish('d', [
          step({ id: 'cut', time: fixed(30), hands: [{ when: 'all', what: 'cut' }] }),
          step({ id: 'soak', time: elastic(30, 120, 900), after: after('cut', 0, 0) }),
          step({
            id: 'fry',
            time: fixed(40),
            hands: [{ when: 'all', what: 'fry' }],
            after: after('soak', 0, 0),
          }),
        ]),
      ],
      [NIGHT, WORK],
      '2026-11-25T19:00',
    );
    const made = planOf(meal, at('2026-11-24T20:00'));
    expect(starts(made, 'cut')).toBe('2026-11-25T17:00');
    expect(starts(made, 'fry')).toBe('2026-11-25T18:20');
  });

  it('puts tending on its beat, each within a fifth', () => {
    const braise = step({
      id: 'braise',
      time: fixed(180),
      hands: [{ when: 'every', everyMin: 40, minutes: 3, what: 'stir' }],
    });
    const made = planOf(mealOfDishes([dish('d', [braise])]));
    const pulses = stepOf(made, 'braise').hands.map(
      (h) => h.startMin - stepOf(made, 'braise').startMin,
    );
    expect(pulses.length).toBe(4);
    [0, ...pulses].slice(1).forEach((pulse, i) => {
      const gap = pulse - ([0, ...pulses][i] ?? 0);
      expect(gap).toBeGreaterThanOrEqual(32);
      expect(gap).toBeLessThanOrEqual(48);
    });
  });

  it('gives one pair of hands one job at a time', () => {
    const job = (id: string) => step({ id, time: fixed(30), hands: [{ when: 'all', what: id }] });
    const loose = planOf(mealOfDishes([dish('a', [job('a1')], 60), dish('b', [job('b1')], 60)]));
    expect(loose.clashes).toEqual([]);
    expect(Math.abs(stepOf(loose, 'a1').startMin - stepOf(loose, 'b1').startMin)).toBe(30);
    // Both must end with serving: one of them waits, and the plan says so.
    const tight = planOf(mealOfDishes([dish('a', [job('a1')]), dish('b', [job('b1')])]));
    expect(tight.clashes).toEqual([]);
    expect(tight.compromises.map(({ minutesOver }) => minutesOver)).toEqual([30]);
    expect(tight.status).toBe('tight');
    // An hour's wait is more than it bears: then it cannot be done.
    const long = (id: string) => step({ id, time: fixed(90), hands: [{ when: 'all', what: id }] });
    const never = planOf(mealOfDishes([dish('a', [long('a1')]), dish('b', [long('b1')])]));
    expect(never.clashes.map((c) => [c.kind, c.steps])).toEqual([['hands', ['a1', 'b1']]]);
    expect(never.status).toBe('cannot');
  });

  it('keeps time in hand where a rest can give it', () => {
    const smoke = { kind: 'range' as const, leastMin: 100, likelyMin: 120, mostMin: 150 };
    const made = planOf(
      mealOfDishes([
        dish('d', [
          step({ id: 'smoke', time: smoke }),
          step({ id: 'rest', time: elastic(20, 30, 200), after: after('smoke', 0, 0) }),
        ]),
      ]),
    );
    // 1.8 times the half hour it may overrun, on top of the least rest: 54 + 20.
    const rest = stepOf(made, 'rest');
    expect(rest.endMin - rest.startMin).toBe(74);
    expect(made.buffers).toEqual([{ dish: 'd', heldMin: 54, wishedMin: 54 }]);
    expect(made.onTime).toBeGreaterThan(0.94);
  });

  it('counts right across a change of daylight saving', () => {
    const made = planOf(
      mealOfDishes(
        [dish('d', [step({ id: 'brine', time: fixed(24 * 60) })])],
        [],
        '2026-03-29T19:00',
      ),
      at('2026-03-20T08:00'),
    );
    // The day has 23 hours: 24 hours before 19:00 it was 18:00.
    expect(starts(made, 'brine')).toBe('2026-03-28T18:00');
  });
});

describe('where the cook has put a step', () => {
  const meal = mealOfDishes([
    dish(
      'd',
      [
        step({ id: 'soak', time: elastic(60, 240, 600) }),
        step({ id: 'fry', time: fixed(30), after: after('soak', 0, 120) }),
      ],
      60,
    ),
  ]);

  it('it stays, while it can', () => {
    const pinned = applyCommand(meal, { do: 'pinStep', step: 'soak', beforeServeMin: 400 });
    const made = planOf(pinned);
    expect(made.servingMin - stepOf(made, 'soak').startMin).toBe(400);
    expect(audit(made, pinned, pinned.kitchen)).toEqual([]);
  });

  it('it goes as near as it can, and the plan says so', () => {
    const pinned = applyCommand(meal, { do: 'pinStep', step: 'fry', beforeServeMin: 5 });
    const made = planOf(pinned);
    expect(made.servingMin - stepOf(made, 'fry').startMin).toBe(30);
    expect(stepOf(made, 'fry').pinMissedMin).toBe(25);
    expect(stepOf(made, 'fry').why.map((w) => w.key)).toContain('why.pinMissed');
  });

  it('what was begun stays where it was begun, and what follows goes on from there', () => {
    const begun = applyCommand(meal, {
      do: 'beginStep',
      step: 'soak',
      at: '2026-11-28T15:07:00+01:00',
    });
    const made = planOf(begun, at('2026-11-28T15:30'));
    expect(starts(made, 'soak')).toBe('2026-11-28T15:07');
    expect(made.status).not.toBe('cannot');
    expect(stepOf(made, 'fry').begun).toBe(false);
  });
});

describe('when it cannot be done', () => {
  const late = () => planOf(supper(), at('2026-11-28T03:00'));

  it('says why, from serving back to what should have begun', () => {
    const made = late();
    const meal = supper();
    const text = made.because.map((reason) => say(reason, mannerOf(meal, made.servingMin)));
    expect(made.status).toBe('cannot');
    expect(text[0]).toBe('Serving is at 19:00.');
    expect(text).toContain('You sleep from Fri 23:00 to 07:00, so your hands come before.');
    expect(text.at(-1)).toMatch(/^So Salt \(Duck legs in plum\) would have to begin by Fri 22:48/);
  });

  it('offers the nearest serving time, and that one works while none before it does', () => {
    const made = late();
    const nearest = made.rescues.find(({ text }) => text.key === 'rescue.serveAt');
    if (!nearest) throw new Error('no rescue');
    const serveAt = (min: number) => {
      const moved = applyCommand(supper(), { do: 'serveAt', at: localOf(min, ZONE) });
      const tried = plan(moved, moved.kitchen, at('2026-11-28T03:00'), { rescues: false });
      return tried.status !== 'cannot' && tried.clashes.length === 0;
    };
    expect(serveAt(nearest.servingMin)).toBe(true);
    for (let min = made.servingMin; min < nearest.servingMin; min += 5) {
      expect(serveAt(min)).toBe(false);
    }
  });

  it('blames a night, not the recipe, when a night is between', () => {
    const made = planOf(
      applyCommand(supper(), { do: 'serveAt', at: '2026-11-26T19:00' }),
      at('2026-11-25T08:00'),
    );
    expect(made.status).toBe('cannot');
    expect(made.because.map((r) => r.key)).not.toContain('because.circle');
    expect(made.because[0]?.key).toBe('because.serving');
    expect(made.because.at(-1)?.key).toBe('because.serveBy');
    expect(made.rescues.length).toBeGreaterThan(0);
  });

  it('says when no serving time would mend it', () => {
    const contradiction = mealOfDishes([
      dish('d', [
        step({ id: 'a', time: fixed(10) }),
        step({ id: 'b', time: fixed(200), after: after('a', 0, 0) }),
        step({ id: 'c', time: fixed(10), after: [...after('b'), ...after('a', 0, 30)] }),
      ]),
    ]);
    const made = planOf(contradiction);
    expect(made.because[0]?.key).toBe('because.circle');
    // No hour helps; only doing without it.
    expect(made.rescues.map(({ text }) => text.key)).toEqual(['rescue.leaveOut']);
    expect(made.because.map((r) => r.key)).toEqual(
      expect.arrayContaining(['because.takes', 'because.gapMost']),
    );
  });

  it('knows that a serving time gone by is gone by', () => {
    const made = planOf(
      mealOfDishes([dish('d', [step({ id: 'a', time: fixed(1) })])]),
      at('2026-11-28T19:01'),
    );
    expect(made.status).toBe('cannot');
    const atOnce = planOf(
      mealOfDishes([dish('d', [step({ id: 'a', time: fixed(1) })])]),
      at('2026-11-28T19:00'),
    );
    expect(atOnce.status).toBe('cannot');
  });
});

describe('the example supper', () => {
  it('fits, with an empty audit and no clash, from three days before', () => {
    const meal = supper();
    const made = planOf(meal, at('2026-11-25T08:00'));
    expect(made.status).toBe('fits');
    expect(made.clashes).toEqual([]);
    expect(audit(made, meal, meal.kitchen)).toEqual([]);
    expect(localOf(made.firstJobMin ?? 0, ZONE)).toBe('2026-11-27T17:00');
  });

  it('must begin the smoke earlier for a heavier shoulder, by just what it takes longer', () => {
    const heavier = applyCommand(supper(), {
      do: 'weigh',
      dish: 'lamb',
      food: 'lamb-shoulder',
      weightG: 3000,
    });
    const [was, is] = [planOf(supper()), planOf(heavier)];
    const before = stepOf(was, 'lamb-smoke');
    const now = stepOf(is, 'lamb-smoke');
    const wrapMore =
      stepOf(is, 'lamb-wrap').duration.likelyMin - stepOf(was, 'lamb-wrap').duration.likelyMin;
    expect(now.endMin - now.startMin).toBe(now.duration.likelyMin);
    expect(now.duration.likelyMin).toBeGreaterThan(before.duration.likelyMin + 20);
    expect(before.mustStartByMin - now.mustStartByMin).toBe(
      now.duration.likelyMin - before.duration.likelyMin + wrapMore,
    );
  });

  it('says at the step when a safety rule is broken', () => {
    const long = applyCommand(supper(), {
      do: 'setStepTime',
      step: 'lamb-temper',
      time: fixed(180),
    });
    const cautions = stepOf(planOf(long), 'lamb-temper').cautions;
    expect(cautions.filter((c) => c.broken).map((c) => c.message.key)).toEqual([
      'safety.counterInAll',
    ]);
    const [fine] = stepOf(planOf(supper()), 'lamb-temper').cautions;
    expect(fine?.broken).toBe(false);
  });
});
