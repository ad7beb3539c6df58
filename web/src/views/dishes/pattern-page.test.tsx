import { screen, within } from '@testing-library/react';
import { PATTERNS, type Meal, type Pattern } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { show, supper } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { learn } from '../../words/words.ts';
import { PatternPage } from './PatternPage.tsx';

learn(dishes);
learn(verbs);

const meal = supper();

function patternNamed(id: string): Pattern {
  const found = PATTERNS.find((pattern) => pattern.id === id);
  if (!found) throw new Error(`There is no pattern “${id}”.`);
  return found;
}

function page(id: string, of: Meal = meal) {
  return show(<PatternPage meal={of} pattern={patternNamed(id)} />, { meals: [of] });
}

const put = () => screen.getByRole('button', { name: dishes['dishes.put'] });
const weight = () => screen.getByRole('textbox', { name: new RegExp(dishes['dishes.weight']) });

describe('a pattern before it is a dish', () => {
  it('is put on the table under its own name when none is given', async () => {
    const { mealNow, user } = page('smoked-loin');
    await user.click(put());
    const added = mealNow(meal.id)?.dishes.at(-1);
    expect(added?.name).toBe('Loin by the probe');
    expect(screen.getByLabelText('address').textContent).toBe(
      `/meal/${meal.id}/dishes/${added?.id}`,
    );
  });

  it('does not become a dish of a weight it cannot read, and says how to write one', async () => {
    const { mealNow, user } = page('smoked-loin');
    await user.type(weight(), 'a big one');
    expect(weight().getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText(/“a big one” is no weight/)).toBeTruthy();
    await user.click(put());
    expect(mealNow(meal.id)?.dishes).toHaveLength(meal.dishes.length);
    // What was typed stays, to be mended.
    expect((weight() as HTMLInputElement).value).toBe('a big one');
  });

  it('is cooked in what the kitchen has, and says what it is usually cooked in', () => {
    page('direct-then-indirect');
    expect(screen.getByText('Usually in: Grill. Yours has none, so: Oven.')).toBeTruthy();
    expect(screen.queryByText(/Your kitchen has no/)).toBeNull();
  });

  it('says what it comes to, and what nothing can replace', () => {
    page('smoke-then-grill', { ...meal, kitchen: { ...meal.kitchen, appliances: [] } });
    expect(
      screen.getByText(
        /^Counted straight back it begins about .*: \d+ h.* in all, .* with hands on\.$/,
      ),
    ).toBeTruthy();
    expect(screen.getByText(/^Your kitchen has no .*smoker/)).toBeTruthy();
  });

  it('says that it takes longer than is left', () => {
    const soon = { ...meal, serving: { ...meal.serving, at: '2026-11-25T12:00' } };
    page('brined-chops', soon);
    expect(screen.getByText(/^It takes .* at the least: more than is left/)).toBeTruthy();
  });

  it('takes a part out for who avoids something, by itself', async () => {
    const { mealNow, user } = page('skewered-cubes');
    expect(screen.getByText(/^A part without dairy is taken out first, for \d/)).toBeTruthy();
    await user.click(put());
    const added = mealNow(meal.id)?.dishes.at(-1);
    expect(added?.foods.map(({ forAvoids }) => forAvoids)).toEqual([undefined, ['dairy']]);
  });

  it('promises nothing to leave out of what itself holds it', () => {
    const wary = meal.eaters.map((one, i) =>
      i === 0 ? { ...one, avoids: ['gluten' as const] } : one,
    );
    page('griddled-bread', { ...meal, eaters: wary });
    expect(screen.queryByText(/^A part without gluten/)).toBeNull();
    expect(screen.getByText(/holds gluten, which \d+ at the table avoid\.$/)).toBeTruthy();
  });

  it('takes the weight that was read', async () => {
    const { mealNow, user } = page('smoked-loin');
    await user.type(weight(), '1,4 kg');
    await user.click(put());
    expect(mealNow(meal.id)?.dishes.at(-1)?.foods[0]?.weighedG).toBe(1400);
  });

  it('says for each core how it stands to public guidance', async () => {
    const { user } = page('smoked-loin');
    const cores = () =>
      within(screen.getByRole('combobox', { name: dishes['dishes.core'] }))
        .getAllByRole('option')
        .map(({ textContent }) => textContent ?? '');
    const cut = screen.getByRole('combobox', { name: dishes['dishes.cut'] });
    await user.selectOptions(cut, 'pork-loin-boneless');
    // USDA FSIS, Safe Minimum Internal Temperature Chart: whole pork 63 °C and three minutes.
    expect(cores().filter((words) => words.startsWith('63'))).toEqual([
      '63°, as public guidance asks',
    ]);
  });

  it('asks where it is cooked only where there is a choice', () => {
    page(PATTERNS.find(({ fires }) => fires === undefined)?.id ?? '');
    expect(screen.queryByRole('combobox', { name: dishes['dishes.fire'] })).toBeNull();
  });

  it('puts it on the fire that was chosen', async () => {
    const { mealNow, user } = page('smoked-loin');
    await user.selectOptions(screen.getByRole('combobox', { name: dishes['dishes.fire'] }), 'oven');
    await user.click(put());
    const places =
      mealNow(meal.id)
        ?.dishes.at(-1)
        ?.steps.map(({ place }) => place.kind) ?? [];
    expect(places).toContain('oven');
    expect(places).not.toContain('smoker');
  });

  it('keeps an answer to where cooks disagree with the dish, not with the kitchen', async () => {
    const { mealNow, user } = page('smoked-loin');
    const question = screen.getAllByRole('combobox').at(-1) as HTMLSelectElement;
    const other = [...question.options].find(({ value }) => value !== question.value);
    await user.selectOptions(question, other?.value ?? '');
    await user.click(put());
    expect(Object.values(mealNow(meal.id)?.dishes.at(-1)?.schools ?? {})).toEqual([other?.value]);
    expect(mealNow(meal.id)?.kitchen.schools).toEqual(meal.kitchen.schools);
  });

  it('takes its meat from what is cooked on the table, unless told otherwise', async () => {
    const { mealNow, user } = page('crisped-shreds');
    const its = screen.getByRole('combobox', { name: dishes['dishes.meatFrom'] });
    expect(screen.queryByRole('textbox', { name: new RegExp(dishes['dishes.weight']) })).toBeNull();
    await user.click(put());
    const [taken] = mealNow(meal.id)?.dishes.at(-1)?.foods ?? [];
    const source = meal.dishes
      .flatMap(({ foods }) => foods)
      .find(({ id }) => id === taken?.from?.food);
    expect(source).toBeDefined();
    expect(taken?.cut).toBe(source?.cut);
    await user.selectOptions(its, dishes['dishes.fromFridge']);
    expect(weight()).toBeTruthy();
    await user.click(put());
    const [own] = mealNow(meal.id)?.dishes.at(-1)?.foods ?? [];
    expect(own?.from).toBeUndefined();
    expect(own?.cut).toBe('cooked-pork');
  });
});
