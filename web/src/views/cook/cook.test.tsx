import { act, screen, within } from '@testing-library/react';
import {
  PATTERNS,
  patternDish,
  beginRun,
  eventsOf,
  foldRun,
  localOf,
  planOn,
  servingMin,
  type Deed,
  type Meal,
  type Run,
} from '@zemrin/core';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { deedsDone, runBegun, runPlanned } from '../../store/runs.ts';
import { planOf, show, supper } from '../../test/render.tsx';
import Cook from './Cook.tsx';

afterEach(() => vi.restoreAllMocks());

/** The page of a supper whose run has come so far, at a minute before serving. */
function cookAt(beforeMin: number, deeds: (meal: Meal) => readonly Deed[], meal = supper()) {
  const nowMin = servingMin(meal) - beforeMin;
  vi.spyOn(Date, 'now').mockReturnValue(nowMin * 60_000);
  const begun = beginRun(meal, 'r', nowMin - 600);
  const run: Run = {
    ...begun,
    events: eventsOf(deeds(meal), [], { by: 'a', atMin: nowMin - 500 }),
  };
  const planned = planOn(foldRun(run), nowMin);
  const shown = show(
    <Routes>
      <Route path="/meal/:meal/cook" element={<Cook />} />
    </Routes>,
    { meals: [meal], plan: planOf(meal), path: `/meal/${meal.id}/cook` },
  );
  return {
    ...shown,
    planned,
    cook: async () => {
      // Begun a thousandth of the wall's pace, so that the minute stands while one looks.
      const rehearsal = { speed: 1e-6, fromMs: Date.now() };
      shown.store.dispatch(runBegun({ run: { ...run, startedMin: nowMin }, rehearsal }));
      shown.store.dispatch(runPlanned({ run: 'r', planned, forecasts: [] }));
      return screen.findByRole('region', { name: 'Now' });
    },
  };
}

const stepsOf = (meal: Meal) => meal.dishes.flatMap(({ steps }) => steps.map(({ id }) => id));

describe('cook', () => {
  it('says before the day what comes first, and how long until then', () => {
    cookAt(3000, () => []);
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/duck|paste/i);
    expect(screen.getByRole('button', { name: 'Start cooking' })).toBeTruthy();
  });

  it('has one thing to do, and the next three', async () => {
    const { cook } = cookAt(700, () => []);
    const now = await cook();
    expect(within(now).getByRole('heading', { level: 2 }).textContent).not.toBe('');
    expect(screen.getByRole('heading', { name: 'Then' })).toBeTruthy();
    expect(screen.getAllByRole('list').at(0)).toBeTruthy();
  });

  it('offers what would help when it is late, a later time first', async () => {
    // An hour before the table nothing has been begun.
    const { cook, planned } = cookAt(60, () => []);
    expect(planned.lateMin).toBeGreaterThan(0);
    await cook();
    expect(screen.getByText(/behind: at the table at/)).toBeTruthy();
    const ways = screen.getByRole('heading', { name: 'To be on time again' }).closest('section');
    const [first] = within(ways as HTMLElement).getAllByRole('button');
    expect(first?.textContent).toMatch(/^Serve at/);
  });

  it('tells what the last word moved, and how much beside it; a minute or two is not told', async () => {
    const { cook, planned, store } = cookAt(3000, () => []);
    expect(planned.lateMin).toBe(0);
    await cook();
    const firstMin = planned.plan.servingMin - 600;
    const planAnew = (minutes: readonly number[], step?: string) => {
      const moved = minutes.map((later, i) => ({
        step: step ?? `${i}`,
        label: `Step ${i}`,
        dishName: 'Duck',
        fromMin: firstMin,
        toMin: firstMin + later,
        longerMin: 0,
      }));
      act(() => {
        store.dispatch(runPlanned({ run: 'r', planned: { ...planned, moved }, forecasts: [] }));
      });
    };
    expect(screen.queryByRole('heading', { name: 'What stands where' })).toBeNull();
    planAnew([2, 30, -45]);
    const at = localOf(firstMin + 30, supper().serving.zone).slice(11, 16);
    expect(screen.getByText(new RegExp(`^Step 1 now at .*${at}, and 1 more$`))).toBeTruthy();
    // The step that is called now is in front of the cook.
    planAnew([2, 30], planned.plan.steps.toSorted((a, b) => a.startMin - b.startMin)[0]?.id);
    expect(screen.queryByText(/now at/)).toBeNull();
    planAnew([2, -4]);
    expect(screen.queryByText(/now at/)).toBeNull();
  });

  it('offers with one key what the dish says to do where it is not done yet', async () => {
    const pattern = PATTERNS.find(({ id }) => id === 'own-juice-braise');
    if (!pattern) throw new Error('the book has changed');
    const dish = patternDish(pattern, {}, new Set());
    const idOf = (label: string) => dish.steps.find((one) => one.label === label)?.id ?? '';
    const [braise, cut, down] = [idOf('Braise'), idOf('Cut, salt'), idOf('Down in its own juice')];
    // Nobody stirs it: the next call is its end.
    const steps = dish.steps.map((step) => ({
      ...step,
      hands: step.hands.filter(({ when }) => when !== 'every'),
    }));
    const stew = { ...supper(), dishes: [{ ...dish, steps }] };
    const { cook, user, actions } = cookAt(
      75,
      () => [
        { did: 'done', step: cut },
        { did: 'done', step: down },
        { did: 'started', step: braise },
      ],
      stew,
    );
    const now = await cook();
    await user.click(within(now).getByRole('button', { name: /Not yet/ }));
    await user.click(screen.getByRole('button', { name: /^a cup of water, 1 h more/ }));
    const [said] = actions.filter(deedsDone.match);
    expect(said?.payload.deeds).toEqual([{ did: 'longer', step: braise, minutes: 60 }]);
  });

  it('serves nothing that nobody has measured, and says what it is', async () => {
    const all = (meal: Meal): Deed[] => stepsOf(meal).map((step) => ({ did: 'done', step }));
    const { cook } = cookAt(1, all);
    const now = await cook();
    const serve = within(now).getByRole('button', { name: /At the table/ });
    expect(serve).toHaveProperty('disabled', true);
    const missing = screen.getByRole('region', { name: 'Not measured yet' });
    expect(missing.textContent).toMatch(/duck legs should have come to 74/);
  });

  it('serves what was measured, or is served as it is in the cook’s own words', async () => {
    const { cook } = cookAt(1, (meal) => [
      ...stepsOf(meal).map((step): Deed => ({ did: 'done', step })),
      ...stepsOf(meal).map((step): Deed => ({ did: 'confirmed', step, words: 'by feel' })),
    ]);
    const now = await cook();
    const serve = within(now).getByRole('button', { name: /At the table/ });
    expect(serve).toHaveProperty('disabled', false);
  });

  it('goes without a marinade that was forgotten, and says so in the log', async () => {
    const { cook, user, actions } = cookAt(1600, () => []);
    await cook();
    await user.click(screen.getByRole('button', { name: /Something happened/ }));
    await user.click(screen.getByRole('button', { name: /^Forgot “Marinate”, Smoked lamb/ }));
    const [said] = actions.filter(deedsDone.match);
    expect(said?.payload.deeds).toMatchObject([
      { did: 'skipped', step: 'lamb-marinate' },
      { did: 'noted', dish: 'lamb' },
    ]);
  });

  it('plans anew with another weight of what is on the scale', async () => {
    const { cook, user, actions } = cookAt(1600, () => []);
    await cook();
    await user.click(screen.getByRole('button', { name: /Something happened/ }));
    await user.click(screen.getByRole('button', { name: 'Something weighs more or less' }));
    const scale = screen.getByRole('textbox', { name: 'lamb shoulder, bone in weighs' });
    await user.clear(scale);
    await user.type(scale, '1.9 kg{Enter}');
    const [said] = actions.filter(deedsDone.match);
    expect(said?.payload.deeds).toMatchObject([
      { did: 'weighed', food: 'lamb-shoulder', when: 'before', weightG: 1900 },
      { did: 'changed', commands: [{ do: 'weigh', dish: 'lamb', weightG: 1900 }] },
    ]);
  });
});
