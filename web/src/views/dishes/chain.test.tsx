import { screen, within } from '@testing-library/react';
import type { Dish, Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, showLive, supper, typeOver } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { table } from '../../words/en/table.ts';
import { learn } from '../../words/words.ts';
import { ChainEditor } from './ChainEditor.tsx';
import { DishPage } from './DishPage.tsx';
import { useDishEdits } from './useChain.ts';

learn(dishes);
learn(verbs);
learn(table);

const meal = supper();

function Chain({ meal: now, dish }: { meal: Meal; dish: Dish }) {
  return <ChainEditor meal={now} dish={dish} edits={useDishEdits(now.id, dish.id)} />;
}

function editing(id = 'breads') {
  const shown = showLive(meal, (now) => <Chain meal={now} dish={one(now.dishes, id)} />);
  const dish = () => one(shown.now().dishes, id);
  const step = (label: string) => {
    const found = dish().steps.find((each) => each.label === label);
    if (!found) throw new Error(`There is no ${label}.`);
    return found;
  };
  const timeOf = (label: string) => screen.getByRole('textbox', { name: `Time of ${label}` });
  const shownSteps = () =>
    within(screen.getByRole('list', { name: dishes['dishes.steps'] }))
      .getAllByRole('textbox', { name: /^Name of/ })
      .map((field) => (field as HTMLInputElement).value);
  return { ...shown, dish, step, timeOf, shownSteps };
}

function dishPage() {
  const shown = showLive(meal, (now) => <DishPage meal={now} dish={one(now.dishes, 'beetroot')} />);
  return { ...shown, rerendered: () => screen.getByRole('combobox', { name: 'Served' }) };
}

describe('when a dish is served', () => {
  it('is chosen, before the rest or with it again', async () => {
    const { user, now, rerendered } = dishPage();
    await user.selectOptions(rerendered(), '45 min before the rest');
    expect(one(now().dishes, 'beetroot').servedBeforeMin).toBe(45);
    await user.selectOptions(rerendered(), 'with the rest');
    expect(one(now().dishes, 'beetroot')).not.toHaveProperty('servedBeforeMin');
  });
});

describe('the time of a step, as one says it', () => {
  it.each([
    ['25–30 min', { kind: 'range', leastMin: 25, mostMin: 30 }],
    ['half an hour', { kind: 'fixed', minutes: 30 }],
    ['three at a time, 4 min a round', { kind: 'batches', perBatch: 3 }],
  ])('“%s” is read', async (text, time) => {
    const { user, timeOf, step, undoable } = editing();
    await typeOver(user, timeOf('Griddle'), text);
    expect(step('Griddle').time).toMatchObject(time);
    expect(undoable()).toBe(1);
  });

  it('says what is understood while it is typed', async () => {
    const { user, timeOf } = editing();
    await user.clear(timeOf('Griddle'));
    await user.type(timeOf('Griddle'), '10 min at 200');
    expect(screen.getByText(/^Understood: .*10 min.*200/)).toBeTruthy();
  });

  it('that says none stays, marked, and the step with it', async () => {
    const { user, timeOf, step } = editing();
    const before = step('Griddle').time;
    await typeOver(user, timeOf('Griddle'), 'a while');
    expect(timeOf('Griddle').getAttribute('aria-invalid')).toBe('true');
    expect((timeOf('Griddle') as HTMLInputElement).value).toBe('a while');
    expect(screen.getByText(/“a while”/)).toBeTruthy();
    expect(step('Griddle').time).toEqual(before);
    await user.type(timeOf('Griddle'), '{Escape}');
    expect(timeOf('Griddle').getAttribute('aria-invalid')).toBe('false');
  });

  it('with what comes then, puts steps behind it before what followed', async () => {
    const { user, timeOf, shownSteps, dish } = editing('duck');
    await typeOver(user, timeOf('Glaze'), '10 min, then rest 15 min');
    expect(shownSteps().slice(-3)).toEqual(['Glaze', 'Rest', 'Rest']);
    const rest = dish().steps.find(({ id, label }) => label === 'Rest' && id !== 'duck-rest');
    expect(rest?.after.map(({ step }) => step)).toEqual(['duck-glaze']);
    expect(one(dish().steps, 'duck-rest').after.map(({ step }) => step)).toEqual([rest?.id]);
  });
});

describe('a chain', () => {
  it('takes a step at its end by its verb, and asks for one where there is none', async () => {
    const { user, dish } = editing();
    const add = screen.getByRole('textbox', { name: dishes['dishes.add'] });
    await user.type(add, 'about 20 minutes{Enter}');
    expect(screen.getByText(dishes['dishes.addVerb'])).toBeTruthy();
    expect(dish().steps).toHaveLength(5);
    await typeOver(user, add, 'Bake 20 min at 210');
    const last = dish().steps.at(-1);
    expect(last).toMatchObject({ verb: 'bake', place: { kind: 'oven', tempC: 210 } });
    expect(last?.after.map(({ step }) => step)).toEqual(['bread-griddle']);
    expect((add as HTMLInputElement).value).toBe('');
  });

  it('loses a step, and what followed it follows what came before', async () => {
    const { user, dish } = editing();
    await user.click(screen.getByRole('button', { name: 'Take out Shape' }));
    expect(one(dish().steps, 'bread-prove').after.map(({ step }) => step)).toEqual(['bread-rise']);
  });

  it('is put in another order without a mouse', async () => {
    const { user, dish, shownSteps } = editing();
    expect(shownSteps()).toEqual(['Mix, knead', 'Rise', 'Shape', 'Prove', 'Griddle']);
    await user.click(screen.getByRole('button', { name: 'Rise later' }));
    expect(shownSteps()).toEqual(['Mix, knead', 'Shape', 'Rise', 'Prove', 'Griddle']);
    expect(one(dish().steps, 'bread-rise').after.map(({ step }) => step)).toEqual(['bread-shape']);
    const first = screen.getByRole('button', { name: 'Mix, knead earlier' });
    expect((first as HTMLButtonElement).disabled).toBe(true);
  });

  it('forks and joins where the cook says what a step follows', async () => {
    const { user, dish } = editing();
    await user.click(screen.getByRole('button', { name: 'What Griddle follows' }));
    const before = screen.getByRole('menuitemcheckbox', { name: 'Prove' });
    expect(before.getAttribute('aria-checked')).toBe('true');
    await user.click(screen.getByRole('menuitemcheckbox', { name: 'Rise' }));
    const after = one(dish().steps, 'bread-griddle').after.map(({ step }) => step);
    expect([...after].sort()).toEqual(['bread-prove', 'bread-rise']);
  });

  it('offers a step nothing that comes after it: that would be a circle', async () => {
    const { user } = editing();
    await user.click(screen.getByRole('button', { name: 'What Rise follows' }));
    expect(screen.getAllByRole('menuitemcheckbox').map(({ textContent }) => textContent)).toEqual([
      '✓Mix, knead',
    ]);
  });

  it('says which foods a step works on, and is corrected where that is not so', async () => {
    const { user, step } = editing('lamb');
    const menu = () => screen.getByRole('button', { name: 'What Smoke works on' });
    expect(menu().textContent).toMatch(/lamb shoulder, bone in, lamb piece.*inferred/);
    await user.click(menu());
    await user.click(screen.getByRole('menuitemcheckbox', { name: /^lamb piece/ }));
    expect(step('Smoke').foods).toEqual(['lamb-shoulder']);
    await user.click(screen.getByRole('menuitem', { name: dishes['dishes.inferAgain'] }));
    expect(step('Smoke').foods).toBeUndefined();
  });

  it('says which part of a mixture a step takes, and is corrected', async () => {
    const { user, step } = editing('lamb');
    const mixed = one(meal.dishes, 'lamb').steps.find(
      ({ mixtures, time }) => mixtures && time.kind !== 'soak',
    );
    const label = mixed?.label ?? '';
    const menu = () => screen.getByRole('button', { name: `What ${label} works on` });
    await user.click(menu());
    await user.click(screen.getByRole('menuitemcheckbox', { name: dishes['dishes.part.used'] }));
    expect(step(label).part).toBe('used');
    expect(menu().textContent).toContain(dishes['dishes.part.used']);
  });

  it('keeps a name when it is emptied', async () => {
    const { user, step } = editing();
    await typeOver(user, screen.getByRole('textbox', { name: 'Name of Shape' }), ' ');
    expect(step('Shape').label).toBe('Shape');
  });
});

describe('a dish of this table', () => {
  it('offers a piece of its own to whoever cannot have it, where there can be one', async () => {
    const plain = one(meal.dishes, 'lamb');
    const whole: Dish = {
      ...plain,
      foods: plain.foods.filter(({ forAvoids }) => !forAvoids),
      mixtures: plain.mixtures.map(({ variants: _none, ...mixture }) => mixture),
    };
    const without: Meal = {
      ...meal,
      dishes: meal.dishes.map((dish) => (dish.id === 'lamb' ? whole : dish)),
    };
    const { user, now } = showLive(without, (of) => (
      <DishPage meal={of} dish={one(of.dishes, 'lamb')} />
    ));
    expect(screen.getByText(/holds dairy.*avoid/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Make it without dairy/ }));
    const split = one(now().dishes, 'lamb');
    expect(split.foods.some(({ forAvoids }) => forAvoids?.includes('dairy'))).toBe(true);
    expect(screen.queryByText(/holds dairy.*avoid/)).toBeNull();
  });

  it('leads to its mixtures only where it has one', () => {
    showLive(meal, (of) => (
      <DishPage meal={of} dish={{ ...one(of.dishes, 'gloss'), mixtures: [] }} />
    ));
    expect(screen.queryByRole('link', { name: dishes['dishes.toBench'] })).toBeNull();
    expect(screen.getByRole('link', { name: dishes['dishes.toWeave'] })).toBeTruthy();
  });
});
