import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mealOf } from '../meal/index.ts';
import { at, mealArbitrary, supper } from '../test/meals.ts';
import {
  asPlanned,
  bestCandidate,
  BUFFER_FACTOR,
  MOST_IN_HAND,
  plan,
  type Compromise,
  type Plan,
} from './index.ts';
import { withMoreInHand } from './more-in-hand.ts';
import { surerFor } from './rescues/surer.ts';

const NOW = at('2026-11-25T08:00');
const meal = supper();
const sure = plan(meal, meal.kitchen, NOW, { rescues: false });
const with_ = (part: Partial<Plan>): Plan => ({ ...sure, status: 'tight', ...part });
const compromise: Compromise = {
  kind: 'gap',
  step: 'lamb-rest',
  dish: 'lamb',
  text: { key: 'compromise.gap' },
  loss: { key: 'wait.bare' },
  minutesOver: 9,
  cost: 9,
};

describe('a plan that is not sure', () => {
  it.each<[string, Partial<Plan>, number]>([
    ['is planned with more in hand where that is surer', {}, 0.95],
    ['stays where it is hardly surer', { onTime: 0.63 }, 0.6],
    ['stays where the food would bear more', { compromises: [compromise] }, 0.6],
    ['stays where it could not be done', { status: 'cannot' }, 0.6],
  ])('%s', (_what, other, onTime) => {
    const made = with_({ onTime: 0.6 });
    const asked: number[] = [];
    const best = withMoreInHand(made, meal, (times) => {
      asked.push(times);
      return with_({ onTime: 0.95, ...other });
    });
    expect(best.onTime).toBe(onTime);
    expect(asked[0]).toBeCloseTo(1.5 * BUFFER_FACTOR);
  });

  it('is not planned again with what it has in hand already', () => {
    const asked: number[] = [];
    withMoreInHand(with_({ onTime: 0.6, inHandTimes: 1.5 * BUFFER_FACTOR }), meal, (times) => {
      asked.push(times);
      return with_({ onTime: 0.6 });
    });
    expect(asked).toEqual([MOST_IN_HAND]);
  });

  it.each([
    [1, [1.5, 2]],
    [1.5, [2]],
    [2, []],
  ])('with %s times the usual in hand is offered no more than a file takes', (times, offered) => {
    const made = with_({ onTime: 0.6, inHandTimes: times * BUFFER_FACTOR });
    const ways = surerFor(meal, made, () => ({ status: 'fits', onTime: 0.99, stops: () => [] }));
    const factors = ways.flatMap(({ changes }) =>
      changes.flatMap((one) => (one.do === 'keepInHand' ? [one.factor / BUFFER_FACTOR] : [])),
    );
    expect(factors).toEqual(offered);
  });

  it('keeps what the cook has set, and asks nothing of a sure one', () => {
    const never = () => {
      throw new Error('planned again');
    };
    const made = with_({ onTime: 0.6 });
    expect(withMoreInHand(made, { ...meal, inHand: 0 }, never)).toBe(made);
    expect(withMoreInHand(with_({ onTime: 0.95 }), meal, never).onTime).toBe(0.95);
  });
});

it('no plan is less sure for it, or asks more of the food', () => {
  fc.assert(
    fc.property(mealArbitrary, (any) => {
      const usual = bestCandidate(any, any.kitchen, NOW).plan();
      const made = plan(any, any.kitchen, NOW, { rescues: false });
      expect(made.onTime).toBeGreaterThanOrEqual(usual.onTime);
      expect(made.compromises.length).toBeLessThanOrEqual(usual.compromises.length);
    }),
    { numRuns: 40 },
  );
});

it('what was kept in hand is kept while it is cooked, and by the plan that follows', () => {
  const more = { ...sure, inHandTimes: 2 * BUFFER_FACTOR };
  expect(asPlanned(meal, sure)).toBe(meal);
  expect(asPlanned(meal, more).inHand).toBe(2 * BUFFER_FACTOR);
  expect(asPlanned({ ...meal, inHand: 1 }, more).inHand).toBe(1);
  // And a file takes it.
  const kept = mealOf(JSON.parse(JSON.stringify(asPlanned(meal, more))), NOW);
  expect(kept.inHand).toBe(2 * BUFFER_FACTOR);
  const next = plan(meal, meal.kitchen, NOW, { previous: more, rescues: false });
  expect(next.inHandTimes).toBe(2 * BUFFER_FACTOR);
});
