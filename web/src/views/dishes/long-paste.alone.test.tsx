import { readRecipes, type ReadRecipe } from '@zemrin/core';
import { act, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { showLive, supper } from '../../test/render.tsx';
import { readLong, stopReading } from '../../workers/reader.ts';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { table } from '../../words/en/table.ts';
import { learn } from '../../words/words.ts';
import ReadPage from './ReadPage.tsx';

vi.mock('../../workers/reader.ts', () => ({ readLong: vi.fn(), stopReading: vi.fn() }));

learn(dishes);
learn(verbs);
learn(table);

const broth = (i: number) => `Barley broth ${i}
Serves 4

Ingredients
200 g pearl barley
1 l vegetable stock

Method
Simmer the barley in the stock for ${20 + i} minutes.
`;
const BOOK = Array.from({ length: 400 }, (_, i) => broth(i)).join('\n---\n');

/** Pastes a text; what is read of it comes when the test says so. */
function paste(text: string) {
  let told: (share: number) => void = () => undefined;
  let done: (read: readonly ReadRecipe[] | undefined) => void = () => undefined;
  vi.mocked(readLong).mockImplementation((_text, _spoons, _rather, onProgress) => {
    told = onProgress;
    return new Promise((resolve) => (done = resolve));
  });
  const meal = supper();
  const shown = showLive(meal, (now) => <ReadPage meal={now} />);
  const page = screen.getByRole('textbox', { name: dishes['dishes.paste'] });
  fireEvent.change(page, { target: { value: text } });
  return {
    ...shown,
    page,
    told: (share: number) => act(() => told(share)),
    done: (read: readonly ReadRecipe[] | undefined) =>
      act(async () => {
        done(read);
        await Promise.resolve();
      }),
  };
}

afterEach(() => vi.clearAllMocks());

describe('a long paste', () => {
  it('shows how far it is read, and can be left off and taken up again', async () => {
    const { told, user, page, done } = paste(BOOK);
    await told(0.344);
    expect(screen.getByRole('progressbar', { name: 'Reading it, 34 %' })).toBeTruthy();
    expect(screen.queryByText(dishes['dishes.readFailed'])).toBeNull();
    await user.click(screen.getByRole('button', { name: dishes['dishes.readStop'] }));
    expect(stopReading).toHaveBeenCalled();
    // A word of it that was on its way.
    await told(0.5);
    expect(screen.getByText(dishes['dishes.readStopped'])).toBeTruthy();
    expect(page).toHaveProperty('value', BOOK);
    await user.click(screen.getByRole('button', { name: dishes['dishes.readAgain'] }));
    expect(readLong).toHaveBeenCalledTimes(2);
    await done(readRecipes(BOOK));
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(await screen.findByRole('heading', { name: 'Barley broth 0' })).toBeTruthy();
  });

  it('chooses among its many dishes from a list', async () => {
    const { user, done } = paste(BOOK);
    await done(readRecipes(BOOK));
    const list = screen.getByRole('combobox', { name: '400 dishes are in this text' });
    await user.selectOptions(list, 'Barley broth 217');
    expect(await screen.findByRole('heading', { name: 'Barley broth 217' })).toBeTruthy();
    expect(screen.getAllByText('237 minutes').length).toBeGreaterThan(0);
  });

  it('says that no dish has so many steps, and what to do', () => {
    const steps = Array.from({ length: 160 }, (_, i) => `Simmer the leeks for ${i + 1} minutes.`);
    paste(`${broth(1)}\n${steps.join('\n')}`);
    expect(screen.getByText(/^These are 161 steps: more than one dish has\./)).toBeTruthy();
    expect(readLong).not.toHaveBeenCalled();
  });
});
