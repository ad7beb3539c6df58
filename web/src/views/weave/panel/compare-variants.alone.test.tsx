import { screen, within } from '@testing-library/react';
import { mealVariants, plan, planFigures, type Meal, type Plan } from '@zemrin/core';
import { describe, expect, it, vi } from 'vitest';
import { NOW_MIN, planOf, show, supper } from '../../../test/render.tsx';
import { learn } from '../../../words/words.ts';
import { meals } from '../../../words/en/meals.ts';
import { weave } from '../../../words/en/weave.ts';
import CompareVariants from './CompareVariants.tsx';

learn(weave);
learn(meals);

// The same functions, called at once, without their worker.
vi.mock('../../../workers/variants.ts', () => ({
  variantPlanner: () => ({
    variants: (meal: Meal, made: Plan) => Promise.resolve(mealVariants(meal, made)),
    figures: (meal: Meal, _nowMin: number, made?: Plan) =>
      Promise.resolve(
        planFigures(meal, made ?? plan(meal, meal.kitchen, NOW_MIN, { rescues: false })),
      ),
  }),
}));

describe('a plan beside another', () => {
  it('stands in the figures that decide, what differs in bold, and is taken with one press', async () => {
    const meal = supper();
    const made = planOf(meal);
    const onClose = vi.fn();
    const { user, mealNow } = show(<CompareVariants meal={meal} plan={made} onClose={onClose} />, {
      meals: [meal],
      plan: made,
    });
    const choice = screen.getByRole('combobox', { name: 'What is other' });
    const later = await within(choice).findByRole('option', { name: /^Serve at .*20:00/ });
    await user.selectOptions(choice, later);
    const serve = await screen.findByRole('row', { name: /^Serve at/ }, { timeout: 60_000 });
    const [, now, instead] = Array.from(serve.children, (cell) => cell.textContent);
    expect(now).toMatch(/19:00/);
    expect(instead).toMatch(/20:00/);
    expect(serve.lastElementChild?.className).toContain('font-semibold');
    expect(screen.getByRole('row', { name: /^Coals, about .* kg/ })).toBeTruthy();
    expect(
      screen.getByRole('row', { name: /shoulder: a fork (pulls it apart|slides in)/ }),
    ).toBeTruthy();
    // Nobody has said what anything costs.
    expect(screen.queryByRole('row', { name: /cost/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Do it so' }));
    expect(mealNow(meal.id)?.serving.at).toMatch(/20:00/);
    expect(onClose).toHaveBeenCalled();
  });
});
