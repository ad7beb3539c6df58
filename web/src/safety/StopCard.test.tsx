import { screen } from '@testing-library/react';
import type { SafetyFinding } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { planOf, show, supper } from '../test/render.tsx';
import { StopCard } from './StopCard.tsx';

const meal = supper();
const plan = planOf(meal);
const finding: SafetyFinding = {
  rule: 'counter',
  level: 'stop',
  dish: 'lamb',
  step: 'lamb-temper',
  message: { key: 'safety.holding', values: { minutes: { minutes: 200 } } },
  source: 'source.fsisTwoHours',
  mends: [
    { kind: 'minutes', step: 'lamb-temper', minutes: 60 },
    { kind: 'fridge', step: 'lamb-temper' },
  ],
};

const card = (change: Partial<SafetyFinding> = {}) =>
  show(<StopCard meal={meal} plan={plan} finding={{ ...finding, ...change }} />, {
    meals: [meal],
    plan,
  });
const temper = (of: ReturnType<typeof card>) =>
  of
    .mealNow(meal.id)
    ?.dishes.flatMap(({ steps }) => steps)
    .find(({ id }) => id === 'lamb-temper');

describe('a rule the plan breaks', () => {
  it('is named after its rule, with its source', () => {
    card();
    const region = screen.getByRole('region', { name: /counter|fridge/i });
    expect(region.textContent).toMatch(/from memory/);
  });

  it('is mended with one press: the plan follows', async () => {
    const shown = card();
    await shown.user.click(screen.getByRole('button', { name: /1 h/ }));
    expect(temper(shown)?.time).toEqual({ kind: 'fixed', minutes: 60 });
    expect(shown.store.getState().library.past).toHaveLength(1);
  });

  it('gives the first mend the key m, and no other', () => {
    card();
    const keys = screen.getAllByRole('button').map((button) => button.dataset.key);
    expect(keys.filter((key) => key === 'm')).toHaveLength(1);
    expect(keys[0]).toBe('m');
  });

  it('is overruled only in words, which stay with the meal', async () => {
    const shown = card();
    await shown.user.click(screen.getByText(/anyway/i, { selector: 'summary' }));
    const keep = screen.getByRole('button', { name: /keep/i });
    expect((keep as HTMLButtonElement).disabled).toBe(true);
    await shown.user.type(screen.getByRole('textbox'), '   ');
    expect((keep as HTMLButtonElement).disabled).toBe(true);
    await shown.user.type(screen.getByRole('textbox'), 'It is a cold porch');
    await shown.user.click(keep);
    expect(shown.mealNow(meal.id)?.overruled).toEqual([
      { rule: 'counter', step: 'lamb-temper', words: 'It is a cold porch' },
    ]);
  });

  it('shows the cook’s own words instead of mends, and takes them back', async () => {
    const of = {
      ...meal,
      overruled: [{ rule: 'counter', step: 'lamb-temper', words: 'My porch' }],
    };
    const shown = show(
      <StopCard meal={of} plan={plan} finding={{ ...finding, overruled: 'My porch' }} />,
      { meals: [of], plan },
    );
    expect(screen.getByText(/My porch/)).toBeTruthy();
    const [only, ...others] = screen.getAllByRole('button');
    expect(others).toEqual([]);
    await shown.user.click(only as HTMLElement);
    expect(shown.mealNow(meal.id)?.overruled ?? []).toEqual([]);
  });
});
