import { screen } from '@testing-library/react';
import type { Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { show, supper } from '../test/render.tsx';
import { dishes } from '../words/en/dishes.ts';
import { learn } from '../words/words.ts';
import { WhatStands } from './WhatStands.tsx';

learn(dishes);

const measured = { id: 'old', kind: 'oven', name: 'My oven', fits: 3, runsHotC: -9 } as const;

describe('what stands in a kitchen', () => {
  const ask = () => {
    const whole = supper();
    const meal: Meal = { ...whole, kitchen: { ...whole.kitchen, appliances: [measured] } };
    return { ...show(<WhatStands meal={meal} />, { meals: [meal] }), id: meal.id };
  };
  const kinds = (meal: Meal | undefined) => meal?.kitchen.appliances.map(({ kind }) => kind);

  it('is touched by its picture; what was measured of it stays, and nobody asks again', async () => {
    const { user, mealNow, id } = ask();
    expect(screen.getByRole('button', { name: 'oven', pressed: true })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'smoker', pressed: false }));
    await user.click(screen.getByRole('button', { name: 'That is my kitchen' }));
    expect(mealNow(id)?.kitchen).toMatchObject({ asked: true });
    expect(mealNow(id)?.kitchen.appliances[0]).toEqual(measured);
    expect(kinds(mealNow(id))).toEqual(['oven', 'fridge', 'smoker']);
  });

  it('is taken away by a second touch, and nothing is kept before the cook has said so', async () => {
    const { user, mealNow, id } = ask();
    await user.click(screen.getByRole('button', { name: 'oven' }));
    expect(kinds(mealNow(id))).toEqual(['oven']);
    await user.click(screen.getByRole('button', { name: 'hob' }));
    await user.click(screen.getByRole('button', { name: 'That is my kitchen' }));
    expect(kinds(mealNow(id))).toEqual(['fridge', 'hob']);
  });

  it('gives no two the same id, also where one is another kind than it was', async () => {
    const whole = supper();
    const was = { id: 'oven', kind: 'slow-cooker', name: 'Slow one', fits: 1 } as const;
    const meal: Meal = { ...whole, kitchen: { ...whole.kitchen, appliances: [was] } };
    const { user, mealNow } = show(<WhatStands meal={meal} />, { meals: [meal] });
    await user.click(screen.getByRole('button', { name: 'oven' }));
    await user.click(screen.getByRole('button', { name: 'That is my kitchen' }));
    const ids = mealNow(meal.id)?.kitchen.appliances.map(({ id }) => id) ?? [];
    expect(ids).toHaveLength(3);
    expect(new Set(ids).size).toBe(3);
  });
});
