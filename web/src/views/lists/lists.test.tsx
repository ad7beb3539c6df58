import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useMeal } from '../../store/hooks.ts';
import { planOf, show, supper } from '../../test/render.tsx';
import { lists } from '../../words/en/lists.ts';
import { learn } from '../../words/words.ts';
import { Route, Routes } from 'react-router';
import { ShoppingSheet } from './ShoppingSheet.tsx';

learn(lists);

const meal = supper();
const plan = planOf(meal);

function Shopping() {
  const now = useMeal();
  return now ? <ShoppingSheet meal={now} plan={plan} /> : null;
}

const shopping = () =>
  show(
    <Routes>
      <Route path="/meal/:meal" element={<Shopping />} />
    </Routes>,
    { meals: [meal], plan, path: `/meal/${meal.id}` },
  );

describe('the shopping list', () => {
  it('has a heading for each day, and each thing once', () => {
    shopping();
    expect(screen.getAllByRole('heading', { level: 2 }).length).toBeGreaterThan(0);
    const names = screen.getAllByRole('checkbox').map((box) => box.closest('label')?.textContent);
    expect(new Set(names).size).toBe(names.length);
    expect(names.some((name) => name?.includes('lamb'))).toBe(true);
  });

  it('strikes what is at home, and takes that back', async () => {
    const { user } = shopping();
    const [first] = screen.getAllByRole('checkbox') as HTMLInputElement[];
    if (!first) throw new Error('The list is empty.');
    const was = first.checked;
    await user.click(first);
    expect((screen.getAllByRole('checkbox')[0] as HTMLInputElement).checked).toBe(!was);
    await user.click(screen.getAllByRole('checkbox')[0] as HTMLElement);
    expect((screen.getAllByRole('checkbox')[0] as HTMLInputElement).checked).toBe(was);
  });

  it('says so when all of it is at home', async () => {
    const { user } = shopping();
    for (const box of screen.getAllByRole('checkbox') as HTMLInputElement[]) {
      if (!box.checked) await user.click(box);
    }
    expect(screen.getByText(lists['lists.nothing'])).toBeTruthy();
    const [list] = screen.getAllByRole('list');
    expect(within(list as HTMLElement).getAllByRole('checkbox').length).toBeGreaterThan(0);
  });
});
