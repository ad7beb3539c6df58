import { plainKitchen, type Meal, type Plan } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { Planner } from './planner.ts';

/** A planner whose other end is under the test's control. */
function plannerWith(answer: (meal: Meal) => Promise<Plan>): Planner {
  const nothing = () => Promise.resolve(undefined);
  return new Planner({ plan: answer, improve: nothing, stop: nothing });
}

const meal = (title: string): Meal => ({
  zemrin: 'meal',
  version: 1,
  id: 'm',
  title,
  serving: { at: '2026-11-28T19:00', zone: 'UTC' },
  eaters: [{ count: 1, who: 'adult', portion: 1, avoids: [] }],
  kitchen: plainKitchen('k'),
  dishes: [],
});

/** A request that asks for nothing special. */
const plain = (title: string) => ({
  meal: meal(title),
  nowMin: 0,
  thorough: true,
  progress: () => undefined,
});

describe('the planner’s queue', () => {
  it('skips what a newer change has made old', async () => {
    const seen: string[] = [];
    const planner = plannerWith((asked) => {
      seen.push(asked.title);
      return Promise.resolve({ meal: asked.title } as Plan);
    });
    const shown = await new Promise<string[]>((resolve) => {
      const plans: string[] = [];
      const failed = () => resolve(['failed']);
      for (const title of ['1', '2', '3', '4', '5']) {
        planner.request({
          ...plain(title),
          done: (plan) => {
            plans.push(plan.meal);
            if (plan.meal === '5') resolve(plans);
          },
          failed,
        });
      }
    });
    expect(shown).toEqual(['5']);
    expect(seen).toEqual(['1', '5']);
  });

  it('does not make a plan that nobody waits for any more', async () => {
    const seen: string[] = [];
    const planner = plannerWith((asked) => {
      seen.push(asked.id);
      return Promise.resolve({ meal: asked.id } as Plan);
    });
    const made = await new Promise<string>((resolve) => {
      for (const id of ['first', 'left', 'last']) {
        planner.request({
          ...plain(id),
          meal: { ...meal(id), id },
          done: (plan) => plan.meal === 'last' && resolve(plan.meal),
          failed: resolve,
        });
      }
      planner.drop('left');
    });
    expect(made).toBe('last');
    expect(seen).toEqual(['first', 'last']);
  });

  it('shows no plan that comes when its meal is gone', async () => {
    const planner = plannerWith((asked) => {
      if (asked.id === 'gone') planner.drop('gone');
      return Promise.resolve({ meal: asked.id } as Plan);
    });
    const shown = await new Promise<string[]>((resolve) => {
      const plans: string[] = [];
      for (const id of ['gone', 'last']) {
        planner.request({
          ...plain(id),
          meal: { ...meal(id), id },
          done: (plan) => {
            plans.push(plan.meal);
            if (plan.meal === 'last') resolve(plans);
          },
          failed: () => resolve(['failed']),
        });
      }
    });
    expect(shown).toEqual(['last']);
  });

  it('says why when a plan fails, and goes on', async () => {
    const planner = plannerWith((asked) =>
      asked.title === 'bad'
        ? Promise.reject(new Error('no such hour'))
        : Promise.resolve({ meal: 'ok' } as Plan),
    );
    const why = await new Promise<string>((resolve) =>
      planner.request({ ...plain('bad'), done: () => resolve(''), failed: resolve }),
    );
    const next = await new Promise<string>((resolve) =>
      planner.request({ ...plain('good'), done: (p) => resolve(p.meal), failed: resolve }),
    );
    expect([why, next]).toEqual(['no such hour', 'ok']);
  });
});
