import { screen, within } from '@testing-library/react';
import type { Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, planOf, showLive, supper, typeOver } from '../../../test/render.tsx';
import { bench } from '../../../words/en/bench.ts';
import { table } from '../../../words/en/table.ts';
import { weave } from '../../../words/en/weave.ts';
import { learn } from '../../../words/words.ts';
import { SoakWindow } from '../soak/SoakWindow.tsx';
import { Vessel } from '../soak/Vessel.tsx';
import { useBench } from '../useBench.ts';
import MixtureForm from './MixtureForm.tsx';
import { NewMixture } from './NewMixture.tsx';
import { ReserveField } from './ReserveField.tsx';

learn(bench);
learn(table);
learn(weave);

const meal = supper();
const plan = planOf(meal);
type Word = keyof typeof bench;

interface Wanted {
  readonly meal: Meal;
  readonly dishId: string;
  readonly id: string;
}

function Form({ meal: now, dishId, id, onClose }: Wanted & { onClose: () => void }) {
  const dish = one(now.dishes, dishId);
  const at = useBench(now, dish, one(dish.mixtures, id));
  return <MixtureForm bench={at} onClose={onClose} />;
}

function changing(dishId: string, id: string, of = meal) {
  let closed = 0;
  const shown = showLive(of, (now) => {
    const there = now.dishes.some((dish) => dish.mixtures.some((mixture) => mixture.id === id));
    return there && <Form meal={now} dishId={dishId} id={id} onClose={() => closed++} />;
  });
  const mixture = () => one(one(shown.now().dishes, dishId).mixtures, id);
  const field = (name: Word) =>
    screen.getAllByRole('textbox', { name: bench[name] })[0] as HTMLElement;
  const tick = (name: Word) =>
    shown.user.click(screen.getByRole('checkbox', { name: bench[name] }));
  const choose = (name: Word, to: string) =>
    shown.user.selectOptions(screen.getByRole('combobox', { name: bench[name] }), to);
  return { ...shown, mixture, field, tick, choose, closed: () => closed };
}

describe('everything about a mixture', () => {
  it('changes its basis to one that gives as much as there was', async () => {
    const { mixture, choose, user, field } = changing('lamb', 'lime-paste');
    await choose('bench.basis', 'fixed');
    expect(mixture().basis).toEqual({ kind: 'fixed' });
    await choose('bench.basis', 'perWeight');
    expect(mixture().basis.kind).toBe('perWeight');
    await typeOver(user, field('bench.baseline'), '2 kg');
    expect(mixture().basis).toEqual({ kind: 'perWeight', baselineG: 2000 });
    await typeOver(user, field('bench.baseline'), 'some');
    expect(screen.getByRole('alert').textContent).toContain('some');
    expect(mixture().basis).toEqual({ kind: 'perWeight', baselineG: 2000 });
  });

  it('is written for so many portions, and keeps them when the number is none', async () => {
    const { mixture, choose, user, field } = changing('lamb', 'lime-paste');
    await choose('bench.basis', 'perPortion');
    await typeOver(user, field('bench.baselinePortions'), '2,5');
    expect(mixture().basis).toEqual({ kind: 'perPortion', baseline: 2.5 });
    await typeOver(user, field('bench.baselinePortions'), 'a few');
    expect(screen.getByRole('alert').textContent).toContain('a few');
    expect(mixture().basis).toEqual({ kind: 'perPortion', baseline: 2.5 });
  });

  it('is not left without a name', async () => {
    const { mixture, field, user } = changing('lamb', 'lime-paste');
    const { name } = mixture();
    await user.clear(field('bench.newName'));
    await user.type(field('bench.newName'), '{Enter}');
    expect(screen.getByRole('alert').textContent).toBe(bench['bench.noName']);
    expect(mixture().name).toBe(name);
  });

  it('keeps a part clean, and for what; and no more of that when unticked', async () => {
    const { mixture, tick, field, user } = changing('duck', 'duck-salt');
    expect(screen.queryByRole('textbox', { name: bench['bench.purpose'] })).toBeNull();
    await tick('bench.keepPart');
    expect(mixture().reserve).toMatchObject({ scaling: 'linear' });
    await typeOver(user, field('bench.purpose'), 'for the beans');
    expect(mixture().reserve?.purpose).toBe('for the beans');
    await tick('bench.keepPart');
    expect(mixture().reserve).toBeUndefined();
  });

  it('goes on the foods that are ticked', async () => {
    const { mixture, user } = changing('lamb', 'lime-paste');
    const whole = screen.getByRole('checkbox', { name: 'lamb shoulder, bone in' });
    await user.click(whole);
    expect(mixture().on).not.toContain('lamb-shoulder');
    await user.click(whole);
    expect(mixture().on).toContain('lamb-shoulder');
  });

  it('salts by a target: as usual for something, or by figures of one’s own', async () => {
    const { mixture, tick, choose, field, user } = changing('beetroot', 'beet-pickle');
    expect(mixture().salting).toBeUndefined();
    await tick('bench.byTargetTick');
    expect(mixture().salting).toBeDefined();
    await choose('bench.strengthFor', 'cucumbers');
    const cucumbers = mixture().salting;
    await typeOver(user, field('bench.saltTarget'), '1,4 %');
    expect(mixture().salting).toEqual({ ...cucumbers, targetPct: 1.4 });
    for (const bad of ['0', '9', 'lots']) {
      await typeOver(user, field('bench.saltTarget'), bad);
      expect(screen.getByRole('alert').textContent).toContain(bad);
    }
    expect(mixture().salting?.targetPct).toBe(1.4);
  });

  it('says a fresh egg would float once it is that strong, and not before', async () => {
    const { tick, field, user } = changing('beetroot', 'beet-pickle');
    await tick('bench.byTargetTick');
    expect(screen.queryByText(bench['bench.eggFloats'])).toBeNull();
    await typeOver(user, field('bench.strength'), '11 %');
    expect(screen.getByText(bench['bench.eggFloats'])).toBeTruthy();
  });

  it('takes part out for someone only where they avoid something in it', async () => {
    const { mixture, user, field } = changing('lamb', 'lime-paste', without('lime-paste'));
    await user.click(screen.getByRole('button', { name: bench['bench.addVariant'] }));
    const [variant] = mixture().variants ?? [];
    expect(variant?.forAvoids).toHaveLength(1);
    // The last thing a variant is for cannot be unticked: then it would be for nobody.
    const group = screen.getByRole('group', { name: bench['bench.variants'] });
    const ticked = within(group)
      .getAllByRole('checkbox')
      .filter((box) => (box as HTMLInputElement).checked);
    for (const box of ticked.filter((box) =>
      /^without/.test(box.closest('label')?.textContent ?? ''),
    ))
      await user.click(box);
    expect(mixture().variants?.[0]?.forAvoids).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: /^Drop/ }));
    expect(mixture().variants).toBeUndefined();
    expect(field('bench.newName')).toBeTruthy();
  });

  it('left out, closes, and can be had back', async () => {
    const { user, now, closed, undoable } = changing('lamb', 'lime-paste');
    await user.click(
      screen.getByRole('button', { name: 'Leave out Yoghurt and black-lime paste' }),
    );
    expect(one(now().dishes, 'lamb').mixtures).toEqual([]);
    expect([closed(), undoable()]).toEqual([1, 1]);
  });

  it('gives its hours to a step, or takes them back as they were reckoned', async () => {
    const { now, choose } = changing('lamb', 'lime-paste');
    const marinate = () => one(one(now().dishes, 'lamb').steps, 'lamb-marinate').time;
    expect(marinate()).toEqual({ kind: 'soak', mixture: 'lime-paste' });
    await choose('bench.timesStep', bench['bench.timesNone']);
    expect(marinate()).toMatchObject({ kind: 'elastic' });
    await choose('bench.timesStep', 'lamb-marinate');
    expect(marinate()).toEqual({ kind: 'soak', mixture: 'lime-paste' });
  });

  it('takes days it keeps, or none', async () => {
    const { mixture, field, user } = changing('gloss', 'gloss-finish');
    await typeOver(user, field('bench.keepsDays'), '5');
    expect(mixture().keepsDays).toBe(5);
    await typeOver(user, field('bench.keepsDays'), '0');
    expect(screen.getByRole('alert').textContent).toContain('0');
    expect(mixture().keepsDays).toBe(5);
  });
});

/** The supper with no variants of a mixture. */
function without(id: string): Meal {
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({
      ...dish,
      mixtures: dish.mixtures.map(({ variants, ...mixture }) =>
        mixture.id === id || !variants ? mixture : { ...mixture, variants },
      ),
    })),
  };
}

describe('a new mixture', () => {
  it.each([
    ['wet brine', 'duck', { basis: { kind: 'cover' }, touchesRaw: true }],
    ['marinade', 'duck', { basis: { kind: 'perWeight', baselineG: 1000 }, touchesRaw: true }],
    ['sauce', 'duck', { touchesRaw: false }],
    ['marinade', 'gloss', { basis: { kind: 'fixed' }, on: [], touchesRaw: false }],
  ] as const)('a %s for the %s begins as such a one does', async (kind, dish, begins) => {
    const { user, now } = showLive(meal, (of) => <NewMixture meal={of} />);
    await user.click(screen.getByRole('button', { name: bench['bench.new'] }));
    await user.type(screen.getByRole('textbox', { name: bench['bench.newName'] }), 'Juniper');
    await user.selectOptions(screen.getByRole('combobox', { name: bench['bench.newKind'] }), kind);
    await user.selectOptions(screen.getByRole('combobox', { name: bench['bench.newDish'] }), dish);
    await user.click(screen.getByRole('button', { name: bench['bench.newMake'] }));
    expect(one(now().dishes, dish).mixtures.at(-1)).toMatchObject({
      name: 'Juniper',
      kind,
      ...begins,
    });
    expect(screen.getByRole('status', { name: 'address' }).textContent).toMatch(/\/bench\/juniper/);
  });
});

function Soaks({ meal: now, dishId, id }: Wanted) {
  const dish = one(now.dishes, dishId);
  const mixture = one(dish.mixtures, id);
  const { batch } = useBench(now, dish, mixture);
  return (
    <>
      <SoakWindow meal={now} dish={dish} mixture={mixture} batch={batch} plan={plan} />
      <Vessel batch={batch} units={now.kitchen.units} />
      <ReserveField meal={now} dish={dish} mixture={mixture} />
    </>
  );
}

describe('how long it may stay', () => {
  const soaking = (dishId = 'lamb', id = 'lime-paste') => {
    const shown = showLive(meal, (now) => <Soaks meal={now} dishId={dishId} id={id} />);
    const mixture = () => one(one(shown.now().dishes, dishId).mixtures, id);
    return { ...shown, mixture };
  };

  it('is reckoned until the cook says otherwise, and can be reckoned again', async () => {
    const { user, mixture } = soaking();
    expect(screen.getByText(bench['bench.reckoned'])).toBeTruthy();
    await typeOver(user, screen.getByRole('textbox', { name: bench['bench.longest'] }), '30 h');
    expect(mixture().window?.longestMin).toBe(1800);
    await user.click(screen.getByRole('button', { name: bench['bench.reckonAgain'] }));
    expect(mixture().window).toBeUndefined();
  });

  it('must not run backwards', async () => {
    const { user, mixture } = soaking();
    await typeOver(user, screen.getByRole('textbox', { name: bench['bench.longest'] }), '5 min');
    expect(screen.getByRole('alert').textContent).toMatch(/run backwards/);
    expect(mixture().window).toEqual(one(one(meal.dishes, 'lamb').mixtures, 'lime-paste').window);
  });

  it('says how long the plan has it in, from when to when', () => {
    soaking();
    expect(screen.getByText(/^planned /)).toBeTruthy();
  });

  it('keeps clean only a volume', async () => {
    const { user, mixture } = soaking();
    const field = screen.getByRole('textbox', { name: bench['bench.reserveField'] });
    const before = mixture().reserve;
    await typeOver(user, field, '200 g');
    expect(screen.getByRole('alert')).toBeTruthy();
    expect(mixture().reserve).toEqual(before);
    await typeOver(user, field, '120 ml');
    expect(mixture().reserve?.amount).toBe('120 ml');
  });
});
