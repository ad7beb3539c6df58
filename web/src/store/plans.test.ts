import { mealOf, plan, type Plan } from '@zemrin/core';
import supperFile from '../../../demo/first-frost-supper.json';
import { describe, expect, it } from 'vitest';
import { deleted } from './library.ts';
import { planned, plans, type PlansState } from './plans.ts';

const supper = mealOf(supperFile, 0);

function planOf(id: string): Plan {
  const meal = { ...supper, id, dishes: [] };
  return plan(meal, meal.kitchen, 0);
}

describe('plans', () => {
  it('are forgotten with their meal, and no others', () => {
    const [gone, stays] = [planOf('gone'), planOf('stays')];
    const nothing: PlansState = plans(undefined, { type: 'begin' });
    const state = [
      planned({ plan: gone, because: 'change' }),
      planned({ plan: gone, because: 'change' }),
      planned({ plan: stays, because: 'change' }),
    ].reduce(plans, nothing);
    expect(Object.keys(state.before)).toEqual([gone.meal]);
    const after = plans(state, deleted({ meal: gone.meal, nowMin: 0 }));
    expect(after).toEqual(plans(nothing, planned({ plan: stays, because: 'change' })));
  });
});
