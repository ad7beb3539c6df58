import { screen, within } from '@testing-library/react';
import {
  beginRun,
  eventsOf,
  learn,
  newestOf,
  proposalsOf,
  type Deed,
  type Kitchen,
  type Meal,
  type Run,
} from '@zemrin/core';
import { describe, expect, it, vi } from 'vitest';
import lateSupper from '../../../demo/runs/late-october-supper.json';
import { deedsDone, happened, runBegun } from '../store/runs.ts';
import { NOW_MIN, show, showLive, supper } from '../test/render.tsx';
import KitchenLearnt from './KitchenLearnt.tsx';
import LeftOvers from './LeftOvers.tsx';
import { NextTime } from './NextTime.tsx';
import NextTimeOf from './NextTimeOf.tsx';
import { runOf } from '@zemrin/core';

// The same functions, called at once, without their worker.
vi.mock('../workers/runs.ts', () => ({
  runPlanner: () => ({
    proposals: (runs: readonly Run[], meal: Meal) =>
      Promise.resolve(newestOf(runs.flatMap((run) => proposalsOf(run, meal)))),
    learnt: (runs: readonly Run[], kitchen: Kitchen) => Promise.resolve(learn(runs, kitchen)),
  }),
}));

const late = runOf(lateSupper);

function said(deeds: readonly Deed[], meal = supper()): Run {
  const run = beginRun(meal, 'run-1', NOW_MIN - 1440);
  return { ...run, events: eventsOf(deeds, [], { by: 'a', atMin: NOW_MIN - 1300 }) };
}

const honey = (meal: Meal) =>
  meal.dishes
    .flatMap(({ mixtures }) => mixtures)
    .flatMap(({ lines }) => lines)
    .find(({ ingredient }) => ingredient === 'honey')?.amount;

describe('what an earlier meal asks for', () => {
  const note: Deed = { did: 'noted', text: 'Two spoons of honey: too sweet, one', dish: 'lamb' };
  const shown = () => {
    const proposals = proposalsOf(said([note]), supper());
    return showLive(supper(), (meal) => (
      <NextTime
        meal={meal}
        proposals={proposals.filter(({ id }) => !meal.answered?.includes(id))}
      />
    ));
  };

  it('is shown with its reason, changes nothing by itself, and is taken with one press', async () => {
    const { now, user, undoable } = shown();
    const item = screen.getByRole('listitem');
    expect(item.textContent).toContain('½ tbsp instead of 1 tbsp');
    expect(item.textContent).toContain('“Two spoons of honey: too sweet, one”');
    expect(honey(now())).toBe('1 tbsp');
    await user.click(within(item).getByRole('button', { name: /^Take/ }));
    expect(honey(now())).toBe('½ tbsp');
    expect(screen.queryByRole('listitem')).toBeNull();
    expect(undoable()).toBeGreaterThan(0);
  });

  it('is left with one press, and is not asked again', async () => {
    const { now, user } = shown();
    await user.click(screen.getByRole('button', { name: /^Leave/ }));
    expect(honey(now())).toBe('1 tbsp');
    expect(screen.queryByRole('region', { name: 'Next time' })).toBeNull();
  });

  it('is found for the dishes on the table, and never of a rehearsal', async () => {
    const { store } = showLive(supper(), (meal) => <NextTimeOf meal={meal} />);
    store.dispatch(runBegun({ run: said([note]), rehearsal: { speed: 60, fromMs: 0 } }));
    expect(screen.queryByRole('region', { name: 'Next time' })).toBeNull();
    store.dispatch(runBegun({ run: late }));
    expect(await screen.findByText(/“Two spoons of honey: too sweet, one”/)).toBeTruthy();
  });
});

describe('what the kitchen was taught', () => {
  it('is told in words, reckoned with when told to, and reset', async () => {
    const { store, now, user } = showLive(supper(), (meal) => <KitchenLearnt meal={meal} />);
    store.dispatch(runBegun({ run: late }));
    expect(await screen.findByText(/^Charcoal smoker runs \d+° cool$/)).toBeTruthy();
    const smoker = () => now().kitchen.appliances.find(({ id }) => id === 'smoker');
    await user.click(screen.getByRole('button', { name: 'Reckon with it' }));
    expect(smoker()?.runsHotC).toBeLessThan(0);
    await user.click(await screen.findByRole('button', { name: 'Reset' }));
    expect(smoker()).not.toHaveProperty('runsHotC');
  });
});

describe('what is left', () => {
  it('is told with its day, and the authority that comes first', () => {
    const { store } = show(<LeftOvers />);
    const left = { did: 'weighed', food: 'lamb-shoulder', when: 'left', weightG: 310 } as const;
    store.dispatch(runBegun({ run: said([{ did: 'served' }, left]) }));
    return screen.findByRole('listitem').then((item) => {
      expect(item.textContent).toContain('310 g');
      expect(item.textContent).toMatch(/eaten by \w+ 27\.11\./);
      expect(screen.getByText(/local food authority/)).toBeTruthy();
    });
  });

  it('goes into a dish of a meal to come, and is frozen with one press', async () => {
    const { store, user, actions } = showLive(supper(), () => <LeftOvers />);
    const left = { did: 'weighed', food: 'lamb-shoulder', when: 'left', weightG: 310 } as const;
    const run = said([{ did: 'served' }, left]);
    store.dispatch(runBegun({ run }));
    await user.click(await screen.findByRole('button', { name: 'Make a dish of it' }));
    // Four days and a half after it was served.
    expect(screen.getByText(/^too late for it in the fridge/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'It is frozen' }));
    const [asked] = actions.filter(deedsDone.match);
    expect(asked?.payload.deeds).toEqual([{ did: 'frozen', food: 'lamb-shoulder' }]);
    const events = eventsOf(asked?.payload.deeds ?? [], run.events, { by: 'a', atMin: NOW_MIN });
    store.dispatch(happened({ run: run.id, events: [...run.events, ...events] }));
    expect(await screen.findByText(/^frozen on 25\.11\., good until/)).toBeTruthy();
    const link = screen.getByRole('link', { name: 'Cooked meat in tomato sauce' });
    expect(link.getAttribute('href')).toMatch(
      /pattern-sauce-of-cooked-meat\?left=run-1:lamb-shoulder$/,
    );
    expect(screen.queryByRole('button', { name: 'It is frozen' })).toBeNull();
  });
});
