import { cleanup, screen } from '@testing-library/react';
import type { Meal, Plan, Step } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, planOf, showLive, supper } from '../../../test/render.tsx';
import { dishes } from '../../../words/en/dishes.ts';
import { verbs } from '../../../words/en/verbs.ts';
import { safety } from '../../../words/en/safety.ts';
import { weave } from '../../../words/en/weave.ts';
import { learn } from '../../../words/words.ts';
import { StepForm } from './StepForm.tsx';
import { StepPanel } from './StepPanel.tsx';

learn(dishes);
learn(verbs);
learn(safety);
learn(weave);

const meal = supper();
const made = planOf(meal);
type Word = keyof typeof weave;

const stepOf = (of: Meal, id: string): Step =>
  one(
    of.dishes.flatMap(({ steps }) => steps),
    id,
  );
const box = (name: Word) => screen.getByRole('combobox', { name: weave[name] });
const button = (name: Word) => screen.getByRole('button', { name: weave[name] });

describe('the form of a step', () => {
  function form(id: string, mode: 'edit' | 'add' = 'edit', of: Meal = meal) {
    const added: string[] = [];
    let closed = 0;
    const shown = showLive(of, (now) => (
      <StepForm
        meal={now}
        step={stepOf(now, id)}
        mode={mode}
        onClose={() => closed++}
        onAdded={(step) => added.push(step)}
      />
    ));
    const save = () => shown.user.click(button('weave.save'));
    return { ...shown, added, save, closed: () => closed };
  }

  it('left as it is, changes nothing of the step', async () => {
    const { save, now, closed } = form('lamb-smoke');
    await save();
    expect(stepOf(now(), 'lamb-smoke')).toEqual(stepOf(meal, 'lamb-smoke'));
    expect(closed()).toBe(1);
  });

  it('puts a step elsewhere, without the heat of where it was', async () => {
    const { user, save, now } = form('duck-braise');
    await user.selectOptions(box('weave.place'), 'counter');
    await user.clear(screen.getByRole('spinbutton', { name: weave['weave.temp'] }));
    await save();
    expect(stepOf(now(), 'duck-braise').place).toEqual({ kind: 'counter' });
  });

  it('adds a step after, which begins as a quarter of an hour with both hands', async () => {
    const { user, save, now, added } = form('duck-rest', 'add');
    await user.type(screen.getByRole('textbox', { name: weave['weave.label'] }), 'Carve');
    await user.selectOptions(box('weave.verb'), 'slice');
    await save();
    const [id] = added;
    expect(stepOf(now(), id ?? '')).toMatchObject({
      label: 'Carve',
      verb: 'slice',
      place: { kind: 'board' },
      time: { kind: 'fixed', minutes: 15 },
      hands: [{ when: 'all', what: 'Carve' }],
      after: [expect.objectContaining({ step: 'duck-rest' })],
    });
  });

  it('asks whether board and knife are washed only on the board, and leaves it open if untouched', async () => {
    const { save, now, user } = form('beet-cut');
    const washes = screen.getByRole('checkbox', { name: weave['weave.washes'] });
    await save();
    expect(stepOf(now(), 'beet-cut').washes).toBe(stepOf(meal, 'beet-cut').washes);
    await user.click(washes);
    await save();
    expect(stepOf(now(), 'beet-cut').washes).toBe(true);
    await user.selectOptions(box('weave.place'), 'hob');
    expect(screen.queryByRole('checkbox', { name: weave['weave.washes'] })).toBeNull();
  });

  it('offers which one only where there is a choice', async () => {
    const [oven] = meal.kitchen.appliances.filter(({ kind }) => kind === 'oven');
    if (!oven) throw new Error('There is no oven.');
    form('duck-braise');
    expect(screen.queryByRole('combobox', { name: weave['weave.which'] })).toBeNull();
    cleanup();
    const appliances = [...meal.kitchen.appliances, { ...oven, id: 'oven-2', name: 'Old oven' }];
    const two = form('duck-braise', 'edit', { ...meal, kitchen: { ...meal.kitchen, appliances } });
    await two.user.selectOptions(box('weave.which'), 'Old oven');
    await two.save();
    expect(stepOf(two.now(), 'duck-braise').place.appliance).toBe('oven-2');
  });

  it('can name what it is done in: any of a kind, or the very one', async () => {
    const { user, save, now } = form('gloss-reduce');
    await user.selectOptions(box('weave.inside'), 'stockpot');
    await save();
    expect(stepOf(now(), 'gloss-reduce').vessel).toMatchObject({ one: 'stockpot' });
    await user.selectOptions(box('weave.inside'), 'any pan');
    await save();
    expect(stepOf(now(), 'gloss-reduce').vessel).toMatchObject({ kind: 'pan' });
    await user.selectOptions(box('weave.inside'), '');
    await save();
    expect(stepOf(now(), 'gloss-reduce').vessel).toBeUndefined();
  });
});

describe('the chosen step', () => {
  function panel(id: string, plan: Plan = made, of: Meal = meal) {
    const chosen: (string | undefined)[] = [];
    const shown = showLive(
      of,
      (now) => (
        <StepPanel meal={now} plan={plan} stepId={id} onChoose={(step) => chosen.push(step)} />
      ),
      { plan },
    );
    return { ...shown, chosen };
  }
  const withStep = (id: string, change: Partial<Plan['steps'][number]>): Plan => ({
    ...made,
    steps: made.steps.map((step) => (step.id === id ? { ...step, ...change } : step)),
  });
  const disabled = (name: Word) => (button(name) as HTMLButtonElement).disabled;

  it('says how long, between when, where and how hot', () => {
    panel('duck-braise');
    const facts = screen.getAllByRole('definition').map(({ textContent }) => textContent ?? '');
    expect(facts.some((fact) => /oven 150°/i.test(fact))).toBe(true);
    expect(screen.getByText(weave['weave.eight'])).toBeTruthy();
  });

  it('moves by five minutes inside its slack, quick presses as one to undo', async () => {
    const step = one(made.steps, 'duck-rub');
    const plan = withStep('duck-rub', {
      canStartFromMin: step.startMin - 60,
      mustStartByMin: step.startMin + 60,
    });
    const { user, now, undoable } = panel('duck-rub', plan);
    await user.click(button('weave.later'));
    await user.click(button('weave.later'));
    const pinned = stepOf(now(), 'duck-rub').pinnedBeforeServeMin;
    expect(pinned).toBe(made.servingMin - step.startMin - 10);
    expect(undoable()).toBe(1);
  });

  it('at the end of its slack moves only back', () => {
    const step = one(made.steps, 'duck-rub');
    panel(
      'duck-rub',
      withStep('duck-rub', { mustStartByMin: step.startMin, canStartFromMin: step.startMin - 30 }),
    );
    expect([disabled('weave.earlier'), disabled('weave.later')]).toEqual([false, true]);
  });

  it('that has begun cannot be moved, only begun no more', async () => {
    const { user, now } = panel('duck-rub');
    await user.click(button('weave.begin'));
    expect(stepOf(now(), 'duck-rub').begunAt).toMatch(/^2026-11-25T08:00/);
    await user.click(button('weave.unbegin'));
    expect(stepOf(now(), 'duck-rub').begunAt).toBeUndefined();
  });

  it('floats again when its pin is taken out, and shows no pin where there is none', async () => {
    panel('duck-rub');
    expect(screen.queryByRole('button', { name: weave['weave.unpin'] })).toBeNull();
    const pinnedMeal: Meal = {
      ...meal,
      dishes: meal.dishes.map((dish) => ({
        ...dish,
        steps: dish.steps.map((step) =>
          step.id === 'beet-cut' ? { ...step, pinnedBeforeServeMin: 300 } : step,
        ),
      })),
    };
    const { user, now } = panel('beet-cut', withStep('beet-cut', { pinned: true }), pinnedMeal);
    await user.click(button('weave.unpin'));
    expect(stepOf(now(), 'beet-cut').pinnedBeforeServeMin).toBeUndefined();
  });

  it('taken out, is chosen no more, and what followed it follows on', async () => {
    const { user, now, chosen } = panel('bread-shape');
    await user.click(button('weave.remove'));
    expect(chosen).toEqual([undefined]);
    expect(stepOf(now(), 'bread-prove').after.map(({ step }) => step)).toEqual(['bread-rise']);
  });

  it('says a caution once, and not again where the same words stop', () => {
    const message = { key: 'figures.eaters' } as const;
    const source = 'source.common' as const;
    const cautions = [{ message, source, broken: false }];
    const plan = withStep('duck-rub', { cautions });
    panel('duck-rub', plan);
    const words = screen.getAllByText(/Source: /).length;
    const finding = {
      rule: 'counter',
      level: 'stop',
      dish: 'duck',
      step: 'duck-rub',
      mends: [],
    } as const;
    panel('duck-rub', { ...plan, findings: [{ ...finding, message, source }] });
    expect(screen.getAllByRole('region').length).toBeGreaterThan(2);
    expect(words).toBe(1);
  });
});
