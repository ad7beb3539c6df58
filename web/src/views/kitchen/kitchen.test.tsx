import { screen, within } from '@testing-library/react';
import { APPLIANCE_KINDS, placeNamed, type Kitchen, type Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { show, supper } from '../../test/render.tsx';
import { kitchen } from '../../words/en/kitchen.ts';
import { learn } from '../../words/words.ts';
import { Appliances } from './Appliances.tsx';
import { Helpers } from './Helpers.tsx';
import { Room } from './Room.tsx';

learn(kitchen);

type Appliance = Kitchen['appliances'][number];
const withThese = (appliances: Kitchen['appliances']): Meal => ({
  ...supper(),
  kitchen: { ...supper().kitchen, appliances },
});
const one = (kind: Appliance['kind'], more: Partial<Appliance> = {}): Appliance => ({
  id: kind,
  kind,
  name: `My ${kind}`,
  fits: 2,
  ...more,
});

describe('the appliances of a kitchen', () => {
  const list = (meal: Meal) => show(<Appliances meal={meal} />, { meals: [meal] });

  it('can be anything of the registry: a slow cooker too', async () => {
    const meal = withThese([one('oven')]);
    const { user, mealNow } = list(meal);
    const kind = screen.getByRole('combobox');
    expect(within(kind).getAllByRole('option')).toHaveLength(APPLIANCE_KINDS.length);
    await user.selectOptions(kind, 'slow-cooker');
    expect(mealNow(meal.id)?.kitchen.appliances[0]).toMatchObject({ kind: 'slow-cooker', fits: 2 });
  });

  it.each<[Appliance['kind'], number]>([
    ['oven', 3],
    ['grill', 4],
    ['hob', 0],
    ['fridge', 0],
    ['deep-fryer', 3],
  ])('ask of one that has a heat how it climbs and falls: %s has %d figures', (kind, figures) => {
    list(withThese([one(kind)]));
    // Beside its name and how much fits.
    const [item] = screen.getAllByRole('listitem');
    expect(item && within(item).getAllByRole('textbox')).toHaveLength(2 + figures);
  });

  it('refuse what is no number, with the reason, and keep what was there', async () => {
    const meal = withThese([one('oven')]);
    const { user, mealNow } = list(meal);
    const fits = screen.getByRole('textbox', { name: /How much fits/ });
    await user.clear(fits);
    await user.type(fits, 'two{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(/“two”/);
    expect(mealNow(meal.id)?.kitchen.appliances[0]?.fits).toBe(2);
  });

  it('take how hot one runs with its sign, and a comma for a point', async () => {
    const meal = withThese([one('oven')]);
    const { user, mealNow } = list(meal);
    const runs = screen.getByRole('textbox', { name: /hotter|runs/i });
    await user.clear(runs);
    await user.type(runs, '-7,5{Enter}');
    expect(mealNow(meal.id)?.kitchen.appliances[0]?.runsHotC).toBe(-7.5);
  });

  it('are added and taken away, each with an id of its own', async () => {
    const meal = withThese([one('oven')]);
    const { user, mealNow } = list(meal);
    await user.click(screen.getByRole('button', { name: kitchen['kitchen.addAppliance'] }));
    const ids = mealNow(meal.id)?.kitchen.appliances.map(({ id }) => id) ?? [];
    expect(new Set(ids).size).toBe(2);
  });
});

describe('who helps', () => {
  const ida = { id: 'ida', name: 'Ida', from: '17:00', to: '20:00', days: [6] };
  const shown = (helper: NonNullable<Kitchen['helpers']>[number]) => {
    const meal = { ...supper(), kitchen: { ...supper().kitchen, helpers: [helper] } };
    return { meal, ...show(<Helpers meal={meal} />, { meals: [meal] }) };
  };

  it('comes on days of the week, and on one at least', async () => {
    const { meal, user, mealNow } = shown(ida);
    const day = (name: string) => screen.getByRole('button', { name: `Ida helps on ${name}` });
    await user.click(day('Sat'));
    expect(mealNow(meal.id)?.kitchen.helpers?.[0]?.days).toEqual([6]);
    await user.click(day('Fri'));
    expect(mealNow(meal.id)?.kitchen.helpers?.[0]?.days).toEqual([5, 6]);
  });

  it('or on one date, which is said and is no day of the week', () => {
    shown({ ...ida, on: '2026-11-28' });
    expect(screen.getByText('Only on Sat 28 November.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Ida helps on Sat' })).toBeNull();
  });
});

describe('the room', () => {
  const room = (appliances: Kitchen['appliances']) => {
    const opened: unknown[] = [];
    const meal = withThese(appliances);
    const shown = show(
      <Room meal={meal} open="appliances" onOpen={(...what) => opened.push(what)} />,
      { meals: [meal] },
    );
    return { opened, ...shown };
  };
  const named = (kind: string) =>
    screen.getByRole('button', { name: new RegExp(`^My ${kind}\\b`) });
  const leftOf = (button: HTMLElement) =>
    Number(button.querySelector('rect')?.getAttribute('x') ?? NaN);

  it.each(APPLIANCE_KINDS)('draws a %s, and says how much fits in it', (kind) => {
    room([one(kind)]);
    expect(named(kind).getAttribute('aria-label')).toMatch(/2/);
    expect(named(kind).querySelectorAll('rect, path').length).toBeGreaterThan(1);
  });

  it('puts fires outside the wall, and the cold before the heat', () => {
    const kinds = ['smoker', 'oven', 'fridge', 'grill', 'air-fryer'] as const;
    room(kinds.map((kind) => one(kind)));
    const inside = kinds.filter((kind) => placeNamed(kind).room === 'inside');
    const outside = kinds.filter((kind) => placeNamed(kind).room === 'outside');
    const wall = Math.max(...inside.map((kind) => leftOf(named(kind))));
    for (const kind of outside) expect(leftOf(named(kind))).toBeGreaterThan(wall);
    expect(leftOf(named('fridge'))).toBeLessThan(leftOf(named('oven')));
  });

  it('opens what is touched, by hand and by key', async () => {
    const { opened, user } = room([one('oven')]);
    await user.click(named('oven'));
    named('oven').focus();
    await user.keyboard('{Enter}');
    expect(opened).toEqual([
      ['appliances', 'oven'],
      ['appliances', 'oven'],
    ]);
  });

  it('says both sides of a grill that has them', () => {
    room([one('grill', { fitsIndirect: 3 })]);
    expect(named('grill').getAttribute('aria-label')).toMatch(/2 hot, 3 cool/);
  });
});

describe('an oven is tried out', () => {
  const open = async () => {
    const meal = withThese([one('oven')]);
    const shown = show(<Appliances meal={meal} />, { meals: [meal] });
    const details = screen.getByText('Try out My oven');
    await shown.user.click(details);
    const offset = () => shown.mealNow(meal.id)?.kitchen.appliances[0]?.runsHotC;
    return { ...shown, offset };
  };
  const takes = () => screen.getAllByRole('button', { name: 'Reckon' });

  it('by a thermometer, at one setting or three', async () => {
    const { user, offset } = await open();
    await user.type(await screen.findByRole('textbox', { name: 'Reads at 180°' }), '168');
    await user.click(takes()[0] as HTMLElement);
    expect(offset()).toBe(-12);
    await user.type(screen.getByRole('textbox', { name: 'Reads at 120°' }), '116');
    await user.click(takes()[0] as HTMLElement);
    expect(offset()).toBe(-8);
    expect(screen.getByText(/runs -8° against what it says/)).toBeTruthy();
  });

  it('by a pan of water; and says what is wrong with what no oven does', async () => {
    const { user, offset } = await open();
    const before = await screen.findByRole('textbox', { name: 'Before' });
    await user.type(before, '1200 g');
    await user.type(screen.getByRole('textbox', { name: 'After' }), '1195 g');
    await user.click(takes()[1] as HTMLElement);
    expect(screen.getByText(/No oven takes 5 g in an hour/)).toBeTruthy();
    expect(offset()).toBeUndefined();
    await user.clear(screen.getByRole('textbox', { name: 'After' }));
    await user.type(screen.getByRole('textbox', { name: 'After' }), '850 g');
    await user.click(takes()[1] as HTMLElement);
    expect(Math.abs(offset() ?? NaN)).toBeLessThan(60);
  });

  it('refuses a slip of the finger, which no meal could be read with again', async () => {
    const { user, offset } = await open();
    await user.type(await screen.findByRole('textbox', { name: 'Reads at 180°' }), '1680');
    await user.click(takes()[0] as HTMLElement);
    expect(offset()).toBeUndefined();
    expect(screen.getByText(/off by 1500°: no oven is/)).toBeTruthy();
  });
});
