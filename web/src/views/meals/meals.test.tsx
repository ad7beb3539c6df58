import { screen, waitFor, within } from '@testing-library/react';
import { addDays, printLibrary, printMeal, type Meal } from '@zemrin/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { NOW_MIN, planOf, show, supper } from '../../test/render.tsx';
import { unreadableFound } from '../../store/storage-status.ts';
import { words } from '../../words/words.ts';
import ImportDialog from './ImportDialog.tsx';
import Meals from './Meals.tsx';
import { useMealActions } from './useMealActions.ts';

beforeEach(() => {
  vi.stubGlobal('fetch', () => Promise.resolve({ ok: false }));
  vi.useFakeTimers({ toFake: ['Date'] });
  vi.setSystemTime(NOW_MIN * 60_000);
  return () => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  };
});

const past = (): Meal => ({
  ...supper(),
  id: 'past',
  title: 'Last week',
  serving: { ...supper().serving, at: addDays(supper().serving.at, -7) },
});

describe('the page of meals', () => {
  it('parts what is coming from what was', async () => {
    show(<Meals />, { meals: [past(), supper()], plan: planOf(supper()) });
    expect(screen.getByRole('heading', { name: words('meals.coming') })).toBeTruthy();
    expect(await screen.findByText('Last week')).toBeTruthy();
    expect(await screen.findByRole('link', { name: 'Open First-frost supper' })).toBeTruthy();
  });

  it('greets a cook who has none', () => {
    show(<Meals />);
    expect(screen.getByRole('heading', { name: words('meals.firstTitle') })).toBeTruthy();
    expect(screen.queryByRole('heading', { name: words('meals.coming') })).toBeNull();
  });

  it('hands out what it cannot read, as it is', async () => {
    const { store, user } = show(<Meals />, { meals: [supper()] });
    const document = { zemrin: 'meal', version: 99, odd: true };
    store.dispatch(
      unreadableFound([{ key: 'one (2)', id: 'one', document, why: 'from the future' }]),
    );
    expect(await screen.findByText('from the future')).toBeTruthy();
    const files: Blob[] = [];
    Object.assign(URL, {
      createObjectURL: (file: Blob) => `blob:${files.push(file)}`,
      revokeObjectURL: () => undefined,
    });
    await user.click(screen.getByRole('button', { name: /one \(2\)/ }));
    expect(JSON.parse((await files[0]?.text()) ?? '')).toEqual(document);
  });
});

describe('what is done with whole meals', () => {
  type Actions = ReturnType<typeof useMealActions>;
  /** The actions, as a page has them. */
  function actions(meals: readonly Meal[]) {
    const held: { now?: Actions } = {};
    const Holder = () => {
      held.now = useMealActions();
      return null;
    };
    const shown = show(<Holder />, { meals });
    const titles = () =>
      Object.values(shown.store.getState().library.meals).map(({ title }) => title);
    const act = (): Actions => {
      if (!held.now) throw new Error('nothing is shown');
      return held.now;
    };
    return { act, titles, ...shown };
  }

  it('begins meals under ids that no two windows can come to', () => {
    const one = actions([]);
    one.act().create();
    const two = actions([]);
    two.act().create();
    const ids = [one, two].flatMap(({ store }) => Object.keys(store.getState().library.meals));
    expect(new Set(ids).size).toBe(2);
  });

  it('takes a file with one new meal at once, and asks about any other', async () => {
    const { act, titles } = actions([]);
    expect(await act().importText(printMeal(supper()))).toEqual({ problems: [], ask: [] });
    expect(titles()).toEqual(['First-frost supper']);
    const again = await act().importText(printMeal({ ...supper(), title: 'Theirs' }));
    expect(again.ask.map(({ title }) => title)).toEqual(['Theirs']);
    const many = await act().importText(printLibrary([supper(), past()]));
    expect(many.ask).toHaveLength(2);
    expect(titles()).toEqual(['First-frost supper']);
  });

  it('says what is wrong with a file, and takes nothing of it', async () => {
    const { act, titles } = actions([]);
    expect((await act().importText('{')).problems[0]).toMatch(/is not JSON/);
    const torn = printMeal(supper()).replace('"eaters": [', '"eaters": [{},');
    const { problems } = await act().importText(torn);
    expect(problems.some((line) => line.startsWith('eaters[0]'))).toBe(true);
    expect(titles()).toEqual([]);
  });

  it('moves a copy of a past meal to a day that comes', async () => {
    const { act, store } = actions([past()]);
    await act().duplicate(past());
    const copy = Object.values(store.getState().library.meals).find(({ id }) => id !== 'past');
    expect(copy?.serving.at.slice(0, 10)).toBe('2026-11-28');
  });
});

describe('the import dialog', () => {
  it('keeps both unless told otherwise, and leaves what is here already', async () => {
    const theirs = { ...supper(), title: 'Theirs' };
    const took: unknown[] = [];
    const { user } = show(
      <ImportDialog
        meals={[theirs, past()]}
        onTake={(taken) => took.push(taken.map(({ meal, how }) => [meal.title, how]))}
        onClose={() => undefined}
      />,
      { meals: [supper(), past()] },
    );
    await user.click(screen.getByRole('button', { name: words('meals.importNow') }));
    expect(took).toEqual([
      [
        ['Theirs', 'keepBoth'],
        ['Last week', 'leave'],
      ],
    ]);
    const [choice] = within(screen.getByRole('dialog')).getAllByRole('combobox');
    await user.selectOptions(choice as HTMLElement, 'replace');
    await user.click(screen.getByRole('button', { name: words('meals.importNow') }));
    await waitFor(() => expect(took[1]).toContainEqual(['Theirs', 'replace']));
  });
});
