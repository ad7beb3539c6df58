import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { showLive, supper, typeOver } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { table } from '../../words/en/table.ts';
import { learn } from '../../words/words.ts';
import ReadPage from './ReadPage.tsx';

learn(dishes);
learn(verbs);
learn(table);

const meal = supper();
const RECIPE = `Barley broth
Serves 4

Ingredients
200 g pearl barley
1 l vegetable stock
2 carrots, diced

Method
1. Simmer the barley in the stock for 40 minutes.
2. Add the carrots and simmer 15 minutes.
3. My uncle hums while it cooks.
`;

function reading(text = RECIPE) {
  const shown = showLive(meal, (now) => <ReadPage meal={now} />);
  const page = screen.getByRole('textbox', { name: dishes['dishes.paste'] });
  fireEvent.change(page, { target: { value: text } });
  const put = () =>
    shown.user.click(screen.getByRole('button', { name: dishes['dishes.putRead'] }));
  const dish = () => shown.now().dishes.at(-1);
  const understood = () => screen.findByRole('region', { name: dishes['dishes.right'] });
  return { ...shown, page, put, dish, understood };
}

describe('a recipe that was pasted', () => {
  it('shows line by line what was understood, and marks what was not', async () => {
    const { understood } = reading();
    await understood();
    const lines = within(screen.getByRole('list', { name: dishes['dishes.left'] }));
    const hums = lines
      .getAllByRole('listitem')
      .filter((line) => /hums/.test(line.textContent ?? ''));
    expect(hums[0]?.textContent).toContain(dishes['dishes.unread']);
    expect(lines.getAllByText('40 minutes').length).toBeGreaterThan(0);
    expect(screen.getByText(/^For 4\./)).toBeTruthy();
  });

  it('marks a sentence of which no step took a time', async () => {
    const { understood } = reading(
      RECIPE.replace('Add the carrots', 'After 9 hours add the carrots'),
    );
    await understood();
    expect(screen.getAllByText(dishes['dishes.lost'])).toHaveLength(1);
  });

  it('marks a sentence whose steps are not what it orders', async () => {
    const { understood } = reading(
      RECIPE.replace('Add the carrots', 'Freeze in the marinade for 8 hours. Add the carrots'),
    );
    await understood();
    const marked = screen
      .getAllByRole('listitem')
      .filter((line) => line.textContent?.includes(dishes['dishes.contradicted']));
    expect(marked.map((line) => line.textContent?.includes('Freeze'))).toEqual([true]);
    expect(screen.queryByText(dishes['dishes.lost'])).toBeNull();
  });

  it('put on the table, brings its lines not understood as a note', async () => {
    const { understood, put, dish, undoable } = reading();
    await understood();
    await put();
    expect(dish()).toMatchObject({ name: 'Barley broth' });
    expect(dish()?.note).toMatch(/hums/);
    expect(undoable()).toBe(1);
  });

  it('is corrected line by line before it is put', async () => {
    const { user, understood, put, dish } = reading();
    await understood();
    const barley = screen.getByRole('textbox', { name: /^Line of .*barley/ });
    await typeOver(user, barley, '300 g pearl barley');
    expect(screen.getByText(/pearl barley, 300 g/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Leave carrot.* out/ }));
    await put();
    const lines = JSON.stringify(dish());
    // 300 g for four.
    expect(lines).toContain('"rawG":75');
    expect(lines).not.toMatch(/"carrots?"/);
  });

  it('takes no line that names nothing to eat', async () => {
    const { user, understood } = reading();
    await understood();
    const add = screen.getByRole('textbox', { name: dishes['dishes.addIngredient'] });
    await typeOver(user, add, '2 tbsp');
    expect(screen.getByRole('alert').textContent).toContain('2 tbsp');
  });

  it('keeps the corrections of its chain when an ingredient changes after them', async () => {
    const { user, understood, put, dish } = reading();
    await understood();
    const [name] = screen.getAllByRole('textbox', { name: /^Name of/ });
    await typeOver(user, name as HTMLElement, 'Long simmer');
    const barley = screen.getByRole('textbox', { name: /^Line of .*barley/ });
    await typeOver(user, barley, '250 g pearl barley');
    await put();
    expect(dish()?.steps.map(({ label }) => label)).toContain('Long simmer');
  });

  it('says there is nothing to read until there is something', async () => {
    const { user } = reading('');
    expect(screen.getByText(dishes['dishes.readFailed'])).toBeTruthy();
    await user.click(screen.getByRole('button', { name: dishes['dishes.example'] }));
    expect(await screen.findByRole('region', { name: dishes['dishes.right'] })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: dishes['dishes.clear'] }));
    expect(screen.getByText(dishes['dishes.readFailed'])).toBeTruthy();
  });

  it('of several dishes puts each on the table, and keeps what was corrected meanwhile', async () => {
    const second = RECIPE.replace('Barley broth', 'Leek broth').replace('40 minutes', '25 minutes');
    const { user, put, dish, understood, now } = reading(`${RECIPE}\n---\n${second}`);
    await understood();
    const count = now().dishes.length;
    const pick = (name: string) => user.click(screen.getByRole('button', { name }));
    const group = screen.getByRole('group', {
      name: dishes['dishes.several'].replace('{{count}}', '2'),
    });
    expect(within(group).getAllByRole('button')).toHaveLength(2);
    await pick('Leek broth');
    await put();
    expect(dish()?.name).toBe('Leek broth');
    expect(screen.getByRole('link', { name: dishes['dishes.isOnTable'] })).toBeTruthy();
    await pick('Barley broth');
    await put();
    expect(dish()?.name).toBe('Barley broth');
    expect(now().dishes).toHaveLength(count + 2);
    const ids = now().dishes.flatMap(({ steps }) => steps.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('mends a line that was not understood with one key, and keeps what was corrected before', async () => {
    const { user, understood, put, dish } = reading(
      RECIPE.replace('My uncle hums while it cooks', 'Pearls go last'),
    );
    await understood();
    const barley = screen.getByRole('textbox', { name: /^Line of .*barley/ });
    await typeOver(user, barley, '250 g pearl barley');
    await user.click(screen.getAllByRole('button', { name: /^Take out / })[0] ?? document.body);
    await user.click(screen.getByRole('button', { name: /^A step: prepare/ }));
    expect(screen.queryByText(dishes['dishes.unread'])).toBeNull();
    await put();
    expect(dish()?.foods[0]?.share).toEqual({ kind: 'weight', rawG: 63 });
    // The step that was taken out stays out; the one that was mended stands last.
    expect(dish()?.steps.map(({ verb }) => verb)).toEqual(['simmer', 'prepare']);
    expect(dish()?.note).toBeUndefined();
  });

  it('offers the other way a guessed sentence may be meant, and takes it back', async () => {
    const { user, understood, put, dish } = reading(
      RECIPE.replace('3. My uncle hums while it cooks.', '3. Into a 120°C oven for 40 minutes.'),
    );
    await understood();
    const verbsNow = () => screen.getByRole('region', { name: dishes['dishes.right'] }).textContent;
    expect(verbsNow()).not.toMatch(/roast/);
    await user.click(screen.getByRole('button', { name: /^Rather: roast 40 min at 120/ }));
    expect(verbsNow()).toMatch(/roast/);
    await user.click(screen.getByRole('button', { name: dishes['dishes.takeBack'] }));
    expect(verbsNow()).not.toMatch(/roast/);
    await user.click(screen.getByRole('button', { name: /^Rather:/ }));
    await put();
    expect(dish()?.steps.some(({ verb }) => verb === 'roast')).toBe(true);
  });
});
