import { screen, within } from '@testing-library/react';
import { keepingTable, RULES, type Meal, type Plan } from '@zemrin/core';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { planOf, show, supper } from '../../test/render.tsx';
import { safety } from '../../words/en/safety.ts';
import Safety from './Safety.tsx';

const meal = supper();
const plan = planOf(meal);

function sheet(of: Meal, made: Plan | undefined) {
  return show(
    <Routes>
      <Route path="/meal/:meal/safety" element={<Safety />} />
      <Route path="*" element={null} />
    </Routes>,
    { meals: [of], ...(made && { plan: made }), path: `/meal/${of.id}/safety` },
  );
}

/** The supper with its lamb out of the fridge for seven hours before it is smoked. */
function unsafe(): Meal {
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.map((step) =>
        step.id === 'lamb-temper'
          ? { ...step, time: { kind: 'fixed', minutes: 420 } as const }
          : step,
      ),
    })),
  };
}

describe('the safety sheet', () => {
  it('puts the local authority first, and says nothing is broken when nothing is', () => {
    sheet(meal, plan);
    const [first] = screen
      .getAllByRole('paragraph')
      .filter(({ className }) => /semibold/.test(className));
    expect(first?.textContent).toBe(safety['safety.first']);
    expect(screen.getByText(safety['safety.noneBroken'])).toBeTruthy();
  });

  it('names every rule with its source, whether or not the plan meets it', () => {
    sheet({ ...meal, dishes: [] }, undefined);
    const heading = screen.getByRole('heading', { name: safety['safety.rules'] });
    const rules = within(heading.nextElementSibling as HTMLElement).getAllByRole('listitem');
    expect(rules).toHaveLength(RULES.length);
    expect(rules.every((rule) => /Source: .+\./.test(rule.textContent ?? ''))).toBe(true);
    expect(screen.getByText(safety['safety.noPlan'])).toBeTruthy();
  });

  it('shows what stops before anything to mind, and leads to its step', async () => {
    const broken = unsafe();
    const { user } = sheet(broken, planOf(broken));
    expect(screen.queryByText(safety['safety.noneBroken'])).toBeNull();
    const [card] = screen.getAllByRole('region');
    const order = card?.compareDocumentPosition(
      screen.getByRole('heading', { name: safety['safety.day'] }),
    );
    expect((order ?? 0) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
    const [to] = within(card as HTMLElement).getAllByRole('button');
    await user.click(to as HTMLElement);
    expect(screen.getByRole('status', { name: 'address' }).textContent).toMatch(
      /\/weave\/lamb-temper$/,
    );
  });

  it('tells what to mind in the order of the day', () => {
    sheet(meal, plan);
    const heading = screen.getByRole('heading', { name: safety['safety.day'] });
    const steps = within(heading.nextElementSibling as HTMLElement)
      .getAllByRole('link')
      .map((link) => link.getAttribute('href')?.split('/').at(-1));
    const starts = steps.map((id) => plan.steps.find((step) => step.id === id)?.startMin ?? NaN);
    expect(starts.length).toBeGreaterThan(3);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
  });

  it('has the keeping chart, and says of what does not freeze that it does not', () => {
    sheet(meal, plan);
    const rows = within(screen.getByRole('table')).getAllByRole('row').slice(1);
    expect(rows).toHaveLength(keepingTable().length);
    const never = keepingTable().filter(({ months }) => months === undefined).length;
    const said = rows.filter(
      (row) => row.lastElementChild?.textContent === safety['safety.keepsNot'],
    );
    expect(said).toHaveLength(never);
  });
});
