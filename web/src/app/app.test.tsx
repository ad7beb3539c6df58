import { fireEvent, screen } from '@testing-library/react';
import { Link, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { show, supper } from '../test/render.tsx';
import { storageIs } from '../store/storage-status.ts';
import { words, type WordKey } from '../words/words.ts';
import { Boundary } from './Boundary.tsx';
import KeySheet from './KeySheet.tsx';
import { addressOf, readAddress } from './routes.ts';
import { Shell } from './Shell.tsx';
import { StorageBanner } from './StorageBanner.tsx';
import { NUMBERED, VIEWS } from './views.tsx';

afterEach(() => vi.restoreAllMocks());

describe('the registry of views', () => {
  it('gives each a number of its own, and a word for each of its keys', () => {
    const numbers = NUMBERED.map(({ key }) => key);
    expect(new Set(numbers).size).toBe(numbers.length);
    const said = VIEWS.flatMap(({ keys }) => keys.map(({ does }) => does));
    expect(said.filter((key: WordKey) => words(key) === key)).toEqual([]);
  });

  it('makes addresses that are read back', () => {
    for (const { name } of NUMBERED) {
      const here = readAddress(addressOf(name, 'constructor'));
      const alone = name === 'meals' || name === 'log';
      expect(here).toEqual({ view: name, meal: alone ? undefined : 'constructor' });
    }
    expect(readAddress('/meal/x/nowhere')).toEqual({ view: 'other', meal: 'x' });
    expect(addressOf('weave', undefined)).toBe('/');
  });

  it('is what the key sheet shows: every view, and every letter of theirs', () => {
    show(<KeySheet onClose={() => undefined} />);
    const sheet = screen.getByRole('dialog').textContent ?? '';
    for (const { label, key } of NUMBERED) {
      expect(sheet).toContain(words(label));
      expect(sheet).toContain(key);
    }
    for (const { keys } of VIEWS) for (const { does } of keys) expect(sheet).toContain(words(does));
  });
});

describe('the frame', () => {
  const frame = (meals = [supper()], path = '/') =>
    show(
      <Shell>
        <p>page</p>
      </Shell>,
      { meals, path },
    );
  const linkTo = (name: string) => screen.queryByRole('link', { name });

  it('goes nowhere but Meals until there is a meal', () => {
    frame([]);
    expect(linkTo('Weave')).toBeNull();
    expect(linkTo('Meals')).toBeTruthy();
  });

  it('goes to the views of the meal one is in, else of the last', () => {
    const second = { ...supper(), id: 'second' };
    frame([second, supper()], '/meal/second/table');
    expect(linkTo('Weave')?.getAttribute('href')).toBe('/meal/second/weave');
    expect(linkTo('Table')?.getAttribute('aria-current')).toBe('page');
  });

  it('takes no name of the language for a meal', () => {
    frame([supper()], '/meal/constructor/table');
    expect(linkTo('Weave')?.getAttribute('href')).toBe('/meal/first-frost-supper/weave');
  });

  it('goes by number, but not while one types', () => {
    frame();
    const address = () => screen.getByLabelText('address').textContent;
    const field = document.body.appendChild(document.createElement('input'));
    fireEvent.keyDown(field, { key: '4' });
    expect(address()).toBe('/');
    fireEvent.keyDown(window, { key: '4' });
    expect(address()).toBe('/meal/first-frost-supper/weave');
    field.remove();
  });

  it('can undo only what was done', async () => {
    const { store, user } = frame();
    const undo = screen.getByRole('button', { name: words('app.undo') });
    expect((undo as HTMLButtonElement).disabled).toBe(true);
    store.dispatch({
      type: 'library/deleted',
      payload: { meal: 'first-frost-supper', nowMin: 0 },
    });
    expect(await screen.findByRole('button', { name: words('app.undo') })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: words('app.undo') }));
    expect(Object.keys(store.getState().library.meals)).toEqual(['first-frost-supper']);
  });
});

describe('a view that breaks', () => {
  it('keeps to itself, and is whole at the next visit', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    let broken = true;
    const Fragile = () => {
      if (broken) throw new Error('torn');
      return <p>whole</p>;
    };
    const { user } = show(
      <>
        <Link to="/other">away</Link>
        <Link to="/">back</Link>
        <Boundary>
          <Routes>
            <Route path="/" element={<Fragile />} />
            <Route path="/other" element={<p>other</p>} />
          </Routes>
        </Boundary>
      </>,
    );
    expect(screen.getByText(words('app.broke'))).toBeTruthy();
    await user.click(screen.getByText('away'));
    expect(screen.getByText('other')).toBeTruthy();
    broken = false;
    await user.click(screen.getByText('back'));
    expect(screen.getByText('whole')).toBeTruthy();
  });
});

describe('storage that fails', () => {
  it('is silent while all is well', () => {
    const { store } = show(<StorageBanner />, { meals: [supper()] });
    store.dispatch(storageIs({ condition: 'ok' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it.each(['slow', 'none', 'failing', 'taken'] as const)(
    'is told when it is %s',
    async (condition) => {
      const { store, user } = show(<StorageBanner />, { meals: [supper()] });
      store.dispatch(storageIs({ condition, why: 'no room left' }));
      const banner = await screen.findByRole('alert');
      expect(banner.textContent).toContain(words(`storage.${condition}`, { why: 'no room left' }));
      // The work is handed out whole.
      const files: Blob[] = [];
      Object.assign(URL, {
        createObjectURL: (file: Blob) => `blob:${files.push(file)}`,
        revokeObjectURL: () => undefined,
      });
      await user.click(screen.getByRole('button', { name: words('storage.export') }));
      expect(JSON.parse((await files[0]?.text()) ?? '{}')).toMatchObject({
        zemrin: 'library',
        meals: [{ id: 'first-frost-supper' }],
      });
    },
  );

  it('offers nothing to export where there is nothing', () => {
    const { store } = show(<StorageBanner />);
    store.dispatch(storageIs({ condition: 'none', why: 'denied' }));
    expect(screen.queryByRole('button')).toBeNull();
  });
});
