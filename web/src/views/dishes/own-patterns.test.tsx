import { screen } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { readBundle } from '@zemrin/core';
import { patternTexts } from '../../store/keep-pattern.ts';
import { describe, expect, it } from 'vitest';
import { NOW_MIN, show, supper } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import Dishes from './Dishes.tsx';

const meal = supper();

function page(path: string) {
  const routes = (
    <Routes>
      <Route path="/meal/:meal/dishes" element={<Dishes />} />
      <Route path="/meal/:meal/dishes/:dish" element={<Dishes />} />
    </Routes>
  );
  return show(routes, { meals: [meal], path });
}

describe('a pattern of one’s own', () => {
  it('is kept from a dish of the table, put on it again, and taken out of the book', async () => {
    const [first] = meal.dishes;
    if (!first) throw new Error('no dish');
    const { user, store, mealNow } = page(`/meal/${meal.id}/dishes/${first.id}`);
    const own = () => store.getState().ownPatterns.patterns;
    await user.click(screen.getByRole('button', { name: dishes['dishes.ownKeep'] }));
    expect(own().map(({ dish }) => dish.name)).toEqual([first.name]);
    // Here is no database: what is only in memory goes into a file all the same.
    const texts = await patternTexts(own());
    expect(texts.map((text) => readBundle(text, NOW_MIN))).toMatchObject([
      { kind: 'dish', dish: { name: first.name } },
    ]);
    await user.click(screen.getAllByRole('link', { name: first.name }).at(-1) ?? document.body);
    await user.click(screen.getByRole('button', { name: dishes['dishes.put'] }));
    const added = mealNow(meal.id)?.dishes.at(-1);
    expect(added).toMatchObject({ name: first.name, steps: { length: first.steps.length } });
    expect(added?.id).not.toBe(first.id);
    await user.click(screen.getAllByRole('link', { name: first.name }).at(-1) ?? document.body);
    await user.click(screen.getByRole('button', { name: dishes['dishes.ownDrop'] }));
    expect(own()).toEqual([]);
    expect(screen.queryByText(dishes['dishes.ownPatterns'])).toBeNull();
  });
});
