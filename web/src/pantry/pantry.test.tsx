import { screen } from '@testing-library/react';
import { HELD_BACK_EXPONENT, pantryOf, type Meal, type MixtureLine } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { showLive, supper } from '../test/render.tsx';
import { bench } from '../words/en/bench.ts';
import { kitchen } from '../words/en/kitchen.ts';
import { table } from '../words/en/table.ts';
import { learn } from '../words/words.ts';
import { CutForm } from './CutForm.tsx';
import { IngredientForm } from './IngredientForm.tsx';
import IngredientPicker from './IngredientPicker.tsx';

learn(bench);
learn(kitchen);
learn(table);

const meal = supper();
type Word = keyof typeof kitchen;

function filling(form: (now: Meal, onDone: (id: string) => void) => React.ReactNode) {
  const done: string[] = [];
  const shown = showLive(meal, (now) => form(now, (id) => done.push(id)));
  const field = (name: Word) => screen.getByRole('textbox', { name: kitchen[name] });
  const write = async (name: Word, text: string) => {
    await shown.user.clear(field(name));
    await shown.user.type(field(name), text);
  };
  const keep = () => shown.user.click(screen.getByRole('button', { name: kitchen['pantry.keep'] }));
  return { ...shown, done, field, write, keep };
}

describe('a cut of one’s own', () => {
  const cut = (of?: string) =>
    filling((now, onDone) => (
      <CutForm
        meal={now}
        of={of === undefined ? undefined : pantryOf(now.pantry).cuts.get(of)}
        onDone={onDone}
      />
    ));

  it('is kept with its shares as shares and its thickness in millimetres', async () => {
    const { write, keep, now, done } = cut();
    await write('pantry.name', 'hare saddle');
    await write('pantry.cut.thicknessMm', '2 in');
    await write('pantry.cut.bonePct', '12,5');
    await keep();
    const [own] = now().pantry?.cuts ?? [];
    expect(own).toMatchObject({ name: 'hare saddle', thicknessMm: 50.8, boneShare: 0.125 });
    expect(done).toEqual([own?.id]);
  });

  it('is asked for what is missing, and nothing typed is lost', async () => {
    const { write, keep, now, field, done } = cut();
    await write('pantry.name', 'hare saddle');
    await keep();
    expect(screen.getByRole('alert').textContent).toMatch(/thicknessMm/);
    expect((field('pantry.name') as HTMLInputElement).value).toBe('hare saddle');
    expect([now().pantry?.cuts ?? [], done]).toEqual([[], []]);
  });

  it('made of a known one, begins as that is and keeps its name in the book', async () => {
    const { field, write, keep, done, now } = cut('lamb-shank');
    expect((field('pantry.cut.thicknessMm') as HTMLInputElement).value).not.toBe('');
    await write('pantry.cut.lowG', '300');
    await keep();
    expect(done).toEqual(['lamb-shank']);
    expect(pantryOf(now().pantry).cuts.get('lamb-shank')?.rawPerAdultG.low).toBe(300);
  });

  it('is not asked what its animal says by itself', async () => {
    const { user } = cut();
    expect(screen.queryByRole('checkbox', { name: table['avoid.meat'] })).toBeNull();
    await user.selectOptions(
      screen.getByRole('combobox', { name: kitchen['pantry.animal'] }),
      'none',
    );
    expect(screen.getByRole('checkbox', { name: table['avoid.meat'] })).toBeTruthy();
  });
});

describe('an ingredient of one’s own', () => {
  const ingredient = (of?: string) =>
    filling((now, onDone) => (
      <IngredientForm
        meal={now}
        of={of === undefined ? undefined : pantryOf(now.pantry).ingredients.get(of)}
        {...(of === undefined && { name: 'rowan vinegar' })}
        onDone={onDone}
      />
    ));

  it('is kept with the figures that were given, and no others', async () => {
    const { write, keep, now, done } = ingredient();
    await write('pantry.gPerMl', '1,01');
    await keep();
    const [own] = now().pantry?.ingredients ?? [];
    expect(own).toMatchObject({ name: 'rowan vinegar', gPerMl: 1.01 });
    expect([own?.sodiumMgPer100g, own?.saltPct]).toEqual([0, undefined]);
    expect(done).toEqual([own?.id]);
  });

  it('sour, is asked how sour; and not otherwise', async () => {
    const { user, write, keep, now } = ingredient();
    expect(screen.queryByRole('textbox', { name: kitchen['pantry.pH'] })).toBeNull();
    await user.selectOptions(
      screen.getByRole('combobox', { name: kitchen['pantry.acid'] }),
      'acetic',
    );
    await write('pantry.acidPct', '5');
    await keep();
    expect(screen.getByRole('alert').textContent).toMatch(/pH/);
    await write('pantry.pH', '2.6');
    await keep();
    expect(now().pantry?.ingredients?.[0]?.acid).toEqual({ as: 'acetic', pct: 5, pH: 2.6 });
  });

  it.each([
    ['pantry.water', 'much'],
    ['pantry.sodium', '-4'],
    ['pantry.alcohol', '140'],
  ] as const)('does not take a %s of “%s”', async (name, text) => {
    const { write, keep, now } = ingredient();
    await write(name, text);
    await keep();
    expect(screen.getByRole('alert')).toBeTruthy();
    expect(now().pantry?.ingredients ?? []).toEqual([]);
  });

  it('made of a known one, keeps what eaters avoid in it', async () => {
    const { keep, now } = ingredient('soy-sauce');
    await keep();
    expect(now().pantry?.ingredients?.[0]?.holds).toEqual(
      pantryOf(undefined).ingredients.get('soy-sauce')?.holds,
    );
  });
});

describe('what goes in next', () => {
  function picking(of = meal) {
    const picked: MixtureLine[] = [];
    let closed = 0;
    const shown = showLive(of, (now) => (
      <IngredientPicker
        meal={now}
        title="Add a line"
        mixtures={now.dishes.find(({ id }) => id === 'duck')?.mixtures ?? []}
        onPick={(line) => picked.push(line)}
        onClose={() => closed++}
      />
    ));
    const pick = async (text: string, option: RegExp) => {
      await shown.user.type(screen.getByRole('combobox'), text);
      await shown.user.click(screen.getByRole('option', { name: option }));
    };
    return { ...shown, picked, pick, closed: () => closed };
  }

  it.each([
    ['garlic', /^garlic(?! powder)/, { scaling: 'count' }],
    ['cayenne', /cayenne/, { amount: '1 tsp', scaling: 'heldBack', exponent: HELD_BACK_EXPONENT }],
    ['honey', /^honey/, { amount: '1 tbsp', scaling: 'linear' }],
  ])('begins %s as one would first write it', async (text, option, line) => {
    const { pick, picked, closed } = picking();
    await pick(text, option);
    expect(picked).toEqual([expect.objectContaining(line)]);
    expect(closed()).toBe(1);
  });

  it('may be another mixture of the dish, made ahead', async () => {
    const { pick, picked } = picking();
    await pick('plum', /glaze/);
    expect(picked[0]).toMatchObject({ ingredient: 'plum-glaze', part: 'whole' });
  });

  it('that nobody knows can be made one’s own, under the name looked for', async () => {
    const { user, picked, now } = picking();
    await user.type(screen.getByRole('combobox'), 'spruce tips');
    await user.click(screen.getByRole('button', { name: /spruce tips/ }));
    await user.click(screen.getByRole('button', { name: kitchen['pantry.keep'] }));
    expect(now().pantry?.ingredients?.[0]?.name).toBe('spruce tips');
    expect(picked[0]?.ingredient).toBe(now().pantry?.ingredients?.[0]?.id);
  });
});
