import { screen, within } from '@testing-library/react';
import { overRuns, plan, runOf, servingMin, type Run } from '@zemrin/core';
import { describe, expect, it, vi } from 'vitest';
import lateSupper from '../../../../demo/runs/late-october-supper.json';
import martinmas from '../../../../demo/runs/martinmas-supper.json';
import { runBegun } from '../../store/runs.ts';
import { NOW_MIN, showLive, supper } from '../../test/render.tsx';
import { log } from '../../words/en/log.ts';
import { learn } from '../../words/words.ts';
import { ByHand } from './ByHand.tsx';
import { Compare } from './Compare.tsx';
import { OverRuns } from './OverRuns.tsx';

learn(log);

// The same function, called at once, without its worker.
vi.mock('../../workers/runs.ts', () => ({
  runPlanner: () => ({
    firstPlan: ({ meal, startedMin }: Run) =>
      Promise.resolve(plan(meal, meal.kitchen, startedMin, { rescues: false })),
    overRuns: (all: readonly Run[]) => Promise.resolve(overRuns(all)),
  }),
}));

// Nothing is drawn where there is no canvas.
vi.mock('./RowChart.tsx', () => ({ default: () => null }));

const runs = [runOf(lateSupper), runOf(martinmas)];
const [late, good] = runs;

describe('two times a supper was cooked', () => {
  it('stand side by side when the cook asks, with what differs', async () => {
    if (!late || !good) throw new Error('two runs');
    const { user } = showLive(supper(), () => <Compare run={late} runs={runs} />);
    expect(screen.queryByRole('table')).toBeNull();
    await user.selectOptions(
      screen.getByRole('combobox', { name: log['log.compareWith'] }),
      good.id,
    );
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    const served = rows.find((row) => row.textContent?.startsWith('served'));
    expect(served?.textContent).toMatch(/^served.* late/);
    expect(rows.some((row) => row.textContent?.startsWith('over the fire'))).toBe(true);
  });

  it('is not offered where nothing like it was cooked', () => {
    if (!late) throw new Error('a run');
    showLive(supper(), () => <Compare run={late} runs={[late]} />);
    expect(screen.queryByRole('region', { name: log['log.compare'] })).toBeNull();
  });
});

describe('all runs in a row', () => {
  it('are drawn, and told as a table, the oldest first', async () => {
    showLive(supper(), () => <OverRuns runs={runs} />);
    const table = await screen.findByRole('table', { hidden: true });
    const rows = within(table).getAllByRole('row', { hidden: true }).slice(1);
    expect(rows.map((row) => row.textContent)).toEqual([
      expect.stringMatching(/^31\.10\.\d+ %20 min/),
      expect.stringMatching(/^14\.11\.\d+ %0 min/),
    ]);
  });

  it('are not, where there is one', () => {
    showLive(supper(), () => <OverRuns runs={runs.slice(0, 1)} />);
    expect(screen.queryByRole('region', { name: log['log.over'] })).toBeNull();
  });
});

describe('a meal cooked without a run', () => {
  const served = () => {
    const meal = supper();
    return { ...meal, serving: { ...meal.serving, at: '2026-11-22T19:00' } };
  };

  it('is logged afterwards, served when it was wished', async () => {
    const { store, user } = showLive(served(), () => <ByHand runs={[]} />);
    await user.click(screen.getByRole('button', { name: 'Log “First-frost supper”' }));
    await vi.waitFor(() => expect(Object.keys(store.getState().runs.runs)).toHaveLength(1));
    const [kept] = Object.values(store.getState().runs.runs);
    const servedMin = servingMin(served());
    expect(kept?.run.events).toMatchObject([{ did: 'served', atMin: servedMin }]);
    expect(kept?.run.startedMin).toBeLessThan(servedMin);
  });

  it('is not asked of one that was logged, or is still to come', () => {
    const meal = served();
    const told = { id: 'r', startedMin: NOW_MIN - 4000, meal, events: [] };
    const { store } = showLive(meal, () => <ByHand runs={[told]} />);
    store.dispatch(runBegun({ run: told }));
    expect(screen.queryByRole('region', { name: log['log.byHand'] })).toBeNull();
  });
});
