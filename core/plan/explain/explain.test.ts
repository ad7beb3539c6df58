import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyCommand, epochMinOf, mannerOf, say, type Meal } from '../../index.ts';
import {
  after,
  at,
  dish,
  elastic,
  fixed,
  mealArbitrary,
  mealOfDishes,
  NIGHT,
  step,
  supper,
  WORK,
  ZONE,
} from '../../test/meals.ts';
import { plan } from '../index.ts';

function whyOf(meal: Meal, id: string, now = '2026-11-23T08:00'): string {
  const made = plan(meal, meal.kitchen, at(now));
  const solution = made.steps.find((s) => s.id === id);
  return (solution?.why ?? []).map((w) => say(w, mannerOf(meal, made.servingMin))).join(' ');
}

describe('a network that goes round in a circle', () => {
  it('is told as one, whatever its dish, and ends', () => {
    const meal = mealOfDishes([
      dish('d', [
        step({ id: 'a', time: fixed(10) }),
        step({ id: 'b', time: fixed(200), after: after('a') }),
        step({ id: 'c', time: fixed(10), after: [...after('b'), ...after('a', 0, 30)] }),
      ]),
    ]);
    const { status, because } = plan(meal, meal.kitchen, at('2026-11-23T08:00'));
    expect(status).toBe('cannot');
    expect(because[0]?.key).toBe('because.circle');
  });
});

describe('why a step lies where it lies', () => {
  it('because it goes to the table', () => {
    const meal = mealOfDishes([dish('d', [step({ id: 'a', time: fixed(30) })])]);
    expect(whyOf(meal, 'a')).toBe('It takes 30 min. It goes to the table at 19:00.');
  });

  it('because of what follows it, at once or after a while', () => {
    const chain = (least: number) =>
      mealOfDishes([
        dish('d', [
          step({ id: 'a', time: fixed(30) }),
          step({ id: 'b', time: fixed(10), after: after('a', least) }),
        ]),
      ]);
    expect(whyOf(chain(0), 'a')).toBe('It takes 30 min. b follows at 18:50.');
    expect(whyOf(chain(25), 'a')).toBe(
      'It takes 30 min. b follows at 18:50, at least 25 min later.',
    );
  });

  it('because a soak has its best, or cannot for the cook’s hours', () => {
    const soak = (hours: Meal['kitchen']['hours'], best: number) =>
      mealOfDishes(
        [
          dish('d', [
            step({ id: 'mix', time: fixed(10), hands: [{ when: 'all', what: 'mix' }] }),
            step({ id: 'soak', time: elastic(60, best, 1400), after: after('mix', 0, 0) }),
          ]),
        ],
        hours,
        '2026-11-27T19:00',
      );
    expect(whyOf(soak([], 300), 'soak')).toBe(
      'It has its best 5 h. It goes to the table at 19:00.',
    );
    const short = whyOf(soak([NIGHT, WORK], 180), 'soak');
    expect(short).toContain('It gets 1 h 50, less than its best 3 h; it needs 1 h.');
    expect(short).toContain('Its best would begin at 16:00, and you are away from 09:00 to 17:00.');
    const long = whyOf(soak([NIGHT, WORK], 560), 'mix');
    expect(long).toContain('You are away from 09:00 to 17:00, so your hands come before.');
  });

  it('because hands are wanted elsewhere, and names the dish when it is another', () => {
    const job = (id: string) =>
      step({ id, verb: 'slice', time: fixed(30), hands: [{ when: 'all', what: id }] });
    const meal = mealOfDishes([dish('soup', [job('stir')], 0), dish('bread', [job('bake')], 60)]);
    expect(whyOf(meal, 'bake')).toBe(
      'It takes 30 min. Your hands are wanted for stir (soup) at 18:30.',
    );
  });

  it('because the cook put it there, or began it', () => {
    const meal = mealOfDishes([dish('d', [step({ id: 'a', time: fixed(30) })], 60)]);
    const pinned = applyCommand(meal, { do: 'pinStep', step: 'a', beforeServeMin: 70 });
    expect(whyOf(pinned, 'a')).toBe('It takes 30 min. You put it there.');
    const begun = applyCommand(meal, {
      do: 'beginStep',
      step: 'a',
      at: '2026-11-28T18:12:00+01:00',
    });
    expect(whyOf(begun, 'a', '2026-11-28T18:15')).toBe('You began it at 18:12.');
  });

  it('has whole sentences for every step of any meal', () => {
    fc.assert(
      fc.property(mealArbitrary, fc.nat(4 * 1440), (meal, before) => {
        const nowMin = epochMinOf(meal.serving.at, ZONE) - before;
        const made = plan(meal, meal.kitchen, nowMin);
        const manner = mannerOf(meal, made.servingMin);
        const said = [
          ...made.steps.flatMap((s) => s.why),
          ...made.because,
          ...made.clashes.map((c) => c.text),
          ...made.rescues.map((r) => r.text),
        ].map((message) => say(message, manner));
        for (const sentence of said) {
          expect(sentence).not.toMatch(/\{\{|\}\}|undefined|NaN|Infinity| {2}|-\d+ min/);
        }
        for (const s of made.steps) expect(s.why.length).toBeGreaterThan(0);
      }),
      { numRuns: 40 },
    );
  });
});

describe('why it cannot be done', () => {
  it('is short: every sentence once, serving first, the late one last', () => {
    const made = plan(supper(), supper().kitchen, at('2026-11-28T03:00'));
    const text = made.because.map((m) => JSON.stringify(m));
    expect(new Set(text).size).toBe(text.length);
    expect(made.because[0]?.key).toBe('because.serving');
    expect(made.because.at(-1)?.key).toBe('because.tooLate');
  });
});
