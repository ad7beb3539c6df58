import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show, supper } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { learn } from '../../words/words.ts';
import { PatternBook } from './PatternBook.tsx';

learn(dishes);
learn(verbs);

const meal = supper();
/** Four hours before serving. */
const soon = { ...meal, serving: { ...meal.serving, at: '2026-11-25T12:00' } };
const names = () => screen.getAllByRole('link').map((link) => link.textContent);

describe('the pattern book on the shelf', () => {
  it('opens with what can still be done, and puts the rest under a heading of its own', () => {
    show(<PatternBook meal={soon} chosen={undefined} />, { meals: [soon] });
    const mains = screen.getByRole('heading', { name: dishes['dishes.kind.main'] }).parentElement;
    if (!mains) throw new Error('no section');
    const long = within(mains).getByRole('heading', { name: 'Longer than the 4 h left' });
    const all = within(mains).getAllByRole('link');
    const before = all.filter(
      (link) => link.compareDocumentPosition(long) & Node.DOCUMENT_POSITION_FOLLOWING,
    );
    expect(before.some((link) => link.textContent?.startsWith('Quick citrus steak'))).toBe(true);
    expect(before.some((link) => link.textContent?.startsWith('Brined chops'))).toBe(false);
  });

  it('is searched, and says when nothing is found', async () => {
    const { user } = show(<PatternBook meal={meal} chosen={undefined} />, { meals: [meal] });
    const box = screen.getByRole('searchbox', { name: dishes['dishes.search'] });
    await user.type(box, 'brisket');
    expect(names()).toHaveLength(1);
    expect(names()[0]).toContain('Brined joint, simmered');
    await user.clear(box);
    await user.type(box, 'zeppelin');
    expect(screen.getByText(dishes['dishes.found.none'])).toBeTruthy();
  });
});
