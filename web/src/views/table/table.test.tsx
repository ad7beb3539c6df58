import { screen, within } from '@testing-library/react';
import type { Meal, Plan } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, planOf, showLive, supper, typeOver } from '../../test/render.tsx';
import { app } from '../../words/en/app.ts';
import { table } from '../../words/en/table.ts';
import { AddFood } from './AddFood.tsx';
import { Answer } from './Answer.tsx';
import { DishList } from './DishList.tsx';
import { RoundTable } from './RoundTable.tsx';

const meal = supper();
const made = planOf(meal);

describe('the places at the table', () => {
  const seat = async (number: number) => {
    const shown = showLive(meal, (now) => <RoundTable meal={now} />);
    await shown.user.click(screen.getByRole('button', { name: new RegExp(`^Place ${number}:`) }));
    return shown;
  };
  const press = (name: string) => screen.getByRole('button', { name });

  it('one for each eater, saying who sits there and what they do without', () => {
    showLive(meal, (now) => <RoundTable meal={now} />);
    const places = screen.getAllByRole('button', { name: /^Place/ });
    expect(places).toHaveLength(9);
    const words = places.map((place) => place.getAttribute('aria-label'));
    expect(words.filter((word) => word?.includes('Child'))).toHaveLength(2);
    expect(words.filter((word) => word?.includes('does without dairy'))).toHaveLength(1);
    expect(screen.getByText('9 eat, 8 portions')).toBeTruthy();
  });

  it('a child eats a child’s portion until said otherwise', async () => {
    const { user, now } = await seat(1);
    await user.click(press(table['table.child']));
    const child = now().eaters.find(({ who, avoids }) => who === 'child' && avoids.length === 0);
    expect(child).toMatchObject({ count: 1, portion: 0.5 });
    expect(now().eaters.reduce((sum, { count }) => sum + count, 0)).toBe(9);
  });

  it('what one does without is that one’s alone', async () => {
    const { user, now } = await seat(1);
    await user.click(screen.getByRole('checkbox', { name: table['avoid.nuts'] }));
    expect(now().eaters.filter(({ avoids }) => avoids.includes('nuts'))).toEqual([
      { count: 1, who: 'adult', portion: 1, avoids: ['nuts'] },
    ]);
  });

  it('who is frail is marked so, and can be unmarked', async () => {
    const { user, now } = await seat(1);
    await user.click(screen.getByRole('checkbox', { name: table['table.frail'] }));
    expect(now().eaters.filter(({ frail }) => frail)).toEqual([
      { count: 1, who: 'adult', portion: 1, avoids: [], frail: true },
    ]);
  });
});

describe('the dishes on the table', () => {
  const dishes = (plan: Plan | undefined) =>
    showLive(meal, (now) => <DishList meal={now} plan={plan} />);
  const weightOf = (food: string) => screen.getByRole('textbox', { name: `Weight of ${food}` });

  it('weigh what the eaters ask for, until the cook weighs them', async () => {
    const { user, now } = dishes(made);
    expect(screen.queryByRole('button', { name: /^Back to/ })).toBeNull();
    const suggested = (weightOf('duck legs') as HTMLInputElement).value;
    await typeOver(user, weightOf('duck legs'), '3 kg');
    expect(one(one(now().dishes, 'duck').foods, 'duck-legs').weighedG).toBe(3000);
    await user.click(screen.getByRole('button', { name: `Back to ${suggested}` }));
    expect(one(one(now().dishes, 'duck').foods, 'duck-legs').weighedG).toBeUndefined();
  });

  it('stepped by the arrows are one to undo', async () => {
    const { user, undoable } = dishes(made);
    await user.type(weightOf('duck legs'), '{ArrowUp}{ArrowUp}{ArrowUp}');
    expect(undoable()).toBe(1);
  });

  it('lose a dish by name, and that can be undone', async () => {
    const { user, now, undoable } = dishes(made);
    await user.click(screen.getByRole('button', { name: /^Take Quick-pickled beetroot off/ }));
    expect(now().dishes.map(({ id }) => id)).toEqual(['lamb', 'duck', 'breads', 'gloss']);
    expect(undoable()).toBe(1);
  });

  it('offer no way to take out a food that a step is timed by', () => {
    dishes(made);
    expect(screen.queryByRole('button', { name: /^Take lamb shoulder, bone in out/ })).toBeNull();
  });

  it('can be led to in the plan only where there is one', () => {
    dishes(undefined);
    expect(screen.queryByRole('link', { name: /on Weave/ })).toBeNull();
  });

  it('take a cut, of which there is as much as the dish’s eaters want', async () => {
    const { user, now } = showLive(meal, (of) => (
      <AddFood meal={of} dish={one(of.dishes, 'beetroot')} />
    ));
    await user.click(screen.getByRole('button', { name: /^Add a cut to/ }));
    await user.type(screen.getByPlaceholderText(table['table.foodHint']), 'chicken thigh');
    const [first] = screen.getAllByRole('option', { name: /chicken thigh/i });
    await user.click(first as HTMLElement);
    const foods = one(now().dishes, 'beetroot').foods;
    expect(foods).toHaveLength(2);
    expect(foods[1]?.cut).toMatch(/chicken-thigh/);
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('can it still be done?', () => {
  const answer = (plan: Partial<Plan> | undefined, of: Meal = meal) =>
    showLive(of, (now) => <Answer meal={now} plan={plan && { ...made, ...plan }} />);

  it('yes: with the first job, its dish, and the latest moment', () => {
    answer({ status: 'fits' });
    const said = screen.getByRole('heading').parentElement?.textContent ?? '';
    const first = made.steps.find(({ startMin }) => startMin === made.firstJobMin);
    expect(said).toContain(`(${first?.dishName ?? ''})`);
    expect(said).toMatch(/At the latest you could begin/);
  });

  it('yes, with little in hand: says the chance', () => {
    answer({ status: 'tight', onTime: 0.42 });
    expect(screen.getByText(/42 in 100/)).toBeTruthy();
  });

  it('no: says by when not, the last reason, and what would work', async () => {
    const at = made.servingMin + 30;
    const { user, now } = answer({
      status: 'cannot',
      because: [{ key: 'because.circle' }],
      rescues: [
        {
          text: { key: 'rescue.serveAt', values: { at: { at } } },
          servingMin: at,
          changes: [{ do: 'serveAt', at: '2026-11-28T19:30' }],
          onTime: 0.9,
          cost: 7,
        },
      ],
    });
    expect(screen.getByText(/^No, not by .*19:00\.$/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /19:30/ }));
    expect(now().serving.at).toBe('2026-11-28T19:30');
  });

  it('asks for a dish where there is none, and waits where there is no plan yet', () => {
    answer(undefined, { ...meal, dishes: [] });
    expect(screen.getByText(app['table.noDishes'])).toBeTruthy();
  });

  it('has nothing left to begin once all of it has begun', () => {
    answer({ status: 'fits', steps: made.steps.map((step) => ({ ...step, begun: true })) });
    expect(within(document.body).getByText(table['table.yesBegun'])).toBeTruthy();
  });
});
