import { cleanup, screen, within } from '@testing-library/react';
import type { Meal, Plan, Step } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { planOf, show, supper } from '../../../test/render.tsx';
import { searched } from '../../../store/plans.ts';
import { learn } from '../../../words/words.ts';
import { safety } from '../../../words/en/safety.ts';
import { weave } from '../../../words/en/weave.ts';
import { ServingPanel } from './ServingPanel.tsx';
import { TimesEditor } from './TimesEditor.tsx';

learn(weave);
learn(safety);

const meal = supper();
const made = planOf(meal);
const nothing = () => undefined;

function panel(change: Partial<Plan> = {}, of: Meal = meal, chosen?: string) {
  const plan = { ...made, ...change };
  const chose: string[] = [];
  const shown = show(
    <ServingPanel
      meal={of}
      plan={plan}
      chosen={chosen}
      onChoose={(step) => chose.push(step)}
      onHours={nothing}
    />,
    { meals: [of], plan },
  );
  return { ...shown, chose };
}

describe('the panel of the serving time', () => {
  it('says how likely it is to be on time, and which dish endangers it', () => {
    panel({
      onTime: 0.57,
      onTimeOf: [
        { dish: 'lamb', onTime: 0.6 },
        { dish: 'duck', onTime: 1 },
      ],
    });
    expect(screen.getByText(/57/)).toBeTruthy();
    expect(screen.getByText(/Smoked lamb shoulder 60/)).toBeTruthy();
    // A dish that is always on time is not worth a word.
    expect(screen.queryByText(/Duck legs in plum 100/)).toBeNull();
  });

  it('lists the next five jobs, and only those still to come', async () => {
    const { chose, user } = panel();
    const jobs = within(screen.getByRole('list')).getAllByRole('button');
    expect(jobs).toHaveLength(5);
    await user.click(jobs[0] as HTMLElement);
    expect(chose).toEqual([made.steps.find(({ startMin }) => startMin === made.firstJobMin)?.id]);
  });

  it('says less beside a chosen step', () => {
    panel({}, meal, 'lamb-smoke');
    expect(screen.queryByRole('button', { name: weave['weave.hoursTitle'] })).toBeNull();
  });

  it('gives the reasons in order, and no chance, where it cannot be done', () => {
    const because = [
      { key: 'because.serving', values: { at: { at: made.servingMin } } },
      { key: 'because.circle' },
    ] as const;
    panel({ status: 'cannot', because, onTime: 0, clashes: [] });
    expect(screen.getByRole('heading', { level: 2 }).textContent).toMatch(/19:00/);
    const reasons = screen.getAllByRole('listitem').map((item) => item.textContent);
    expect(reasons[0]).toMatch(/^Serving is at .*19:00\.$/);
    expect(reasons).toHaveLength(2);
    expect(screen.queryByRole('slider')).toBeNull();
  });

  it('takes a way out with one press, all its changes as one to undo', async () => {
    const rescue = {
      text: { key: 'rescue.serveAt', values: { at: { at: made.servingMin + 60 } } },
      servingMin: made.servingMin + 60,
      changes: [
        { do: 'serveAt', at: '2026-11-28T20:00' },
        { do: 'rename', title: 'Later' },
      ],
      onTime: 0.87,
      cost: 9,
    } as const;
    const { user, mealNow, store } = panel({ status: 'cannot', rescues: [rescue] });
    await user.click(screen.getByRole('button', { name: /^Serve at .*20:00 instead 87 in 100$/ }));
    expect(mealNow(meal.id)).toMatchObject({ title: 'Later', serving: { at: '2026-11-28T20:00' } });
    expect(store.getState().library.past).toHaveLength(1);
  });

  it('says what it asks of the food, the worst first, and no more than can be read', async () => {
    const compromise = (label: string, minutesOver: number) =>
      ({
        kind: 'gap',
        step: 'lamb-rest',
        dish: 'lamb',
        text: {
          key: 'compromise.gap',
          values: { label, dish: 'Lamb', minutes: { minutes: minutesOver }, next: 'Slice' },
        },
        loss: { key: 'wait.bare' },
        minutesOver,
        cost: minutesOver,
      }) as const;
    const all = ['Rest', 'Fry', 'Steam', 'Bake', 'Stir'].map((label, i) =>
      compromise(label, 9 - i),
    );
    const { user, chose } = panel({ status: 'tight', compromises: all });
    const [first] = screen.getAllByRole('button', { name: /longer than you like/ });
    expect(first?.textContent).toMatch(/^Rest \(Lamb\) waits 9 min longer.*Cover it loosely/);
    expect(screen.getByText('And 1 smaller one.')).toBeTruthy();
    if (first) await user.click(first);
    expect(chose).toEqual(['lamb-rest']);
  });

  it('offers what makes an unsure plan surer, and never calls that one the best', async () => {
    const surer = [
      {
        text: { key: 'rescue.earlier' },
        changes: [{ do: 'keepInHand', factor: 2.4 }],
        onTime: 0.9,
      },
    ] as const;
    const costBound = { cost: 10, atLeast: 10, proved: true };
    const { user, mealNow } = panel({ status: 'tight', onTime: 0.46, surer, costBound });
    expect(screen.queryByText('No plan is better.')).toBeNull();
    await user.click(screen.getByRole('button', { name: /^Begin earlier.*90 in 100$/ }));
    expect(mealNow(meal.id)?.inHand).toBe(2.4);
  });

  it('tells what stops, unless the chosen step tells it', () => {
    const finding = {
      rule: 'counter',
      level: 'stop',
      dish: 'lamb',
      step: 'lamb-temper',
      message: { key: 'figures.eaters' },
      source: 'source.common',
      mends: [],
    } as const;
    panel({ findings: [finding] });
    expect(screen.getAllByRole('region')).toHaveLength(1);
    cleanup();
    panel({ findings: [finding] }, meal, 'lamb-temper');
    expect(screen.queryAllByRole('region')).toEqual([]);
  });

  it('looks no further when told to stop, and says how good the plan is', async () => {
    const { store, user } = panel({ costBound: { cost: 200, atLeast: 150, proved: false } });
    expect(screen.getByText(/at most 25 %/)).toBeTruthy();
    store.dispatch(searched({ meal: meal.id, share: 0.4 }));
    await user.click(await screen.findByRole('button', { name: weave['weave.stopSearch'] }));
    expect(screen.getByText(/Looking for a better plan, 40 %/)).toBeTruthy();
  });

  it('trades a later start against a surer one, in one undo however far it slides', () => {
    const { store, mealNow } = panel();
    const slider = screen.getByRole('slider');
    for (const value of ['2', '2.4', '3']) {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(
        slider,
        value,
      );
      slider.dispatchEvent(new Event('input', { bubbles: true }));
    }
    expect(mealNow(meal.id)?.inHand).toBe(3);
    expect(store.getState().library.past).toHaveLength(1);
  });
});

describe('the times of a step', () => {
  const stepOf = (time: Step['time']): { of: Meal; step: Step } => {
    const of = supper();
    const dish = of.dishes[0];
    const [first] = dish?.steps ?? [];
    if (!dish || !first) throw new Error('no step');
    const step = { ...first, time };
    const dishes = [{ ...dish, steps: [step, ...dish.steps.slice(1)] }, ...of.dishes.slice(1)];
    return { of: { ...of, dishes }, step };
  };
  const editor = (time: Step['time']) => {
    const { of, step } = stepOf(time);
    const dish = of.dishes[0];
    const planned = made.steps.find(({ id }) => id === step.id);
    if (!dish || !planned) throw new Error('no dish');
    const form = <TimesEditor meal={of} dish={dish} step={step} planned={planned} />;
    return { step, ...show(form, { meals: [of] }) };
  };

  it('are read as one says them', async () => {
    const { user, mealNow, step } = editor({ kind: 'fixed', minutes: 25 });
    const field = screen.getByRole('textbox');
    await user.clear(field);
    await user.type(field, '1 h 10{Enter}');
    const changed = mealNow('first-frost-supper')?.dishes[0]?.steps.find(
      ({ id }) => id === step.id,
    );
    expect(changed?.time).toEqual({ kind: 'fixed', minutes: 70 });
  });

  it('must run from least to longest: what does not stays with its reason', async () => {
    const range = { kind: 'range', leastMin: 10, likelyMin: 20, mostMin: 30 } as const;
    const { user, mealNow, step } = editor(range);
    const [least] = screen.getAllByRole('textbox');
    await user.clear(least as HTMLElement);
    await user.type(least as HTMLElement, '40{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(/40 min/);
    const kept = mealNow('first-frost-supper')?.dishes[0]?.steps.find(({ id }) => id === step.id);
    expect(kept?.time).toEqual(range);
  });

  it.each<[string, Step['time'], RegExp]>([
    [
      'heat',
      { kind: 'heat', food: 'lamb-shoulder', until: { coreC: 60 } },
      /\/heat\/lamb-shoulder$/,
    ],
    ['a soak', { kind: 'soak', mixture: 'lime-paste' }, /\/bench\/lime-paste$/],
  ])('lead to where they come from: %s', async (_what, time, address) => {
    const { user } = editor(time);
    await user.click(screen.getByRole('link'));
    expect(screen.getByLabelText('address').textContent).toMatch(address);
  });

  it.each<Step['time']>([
    { kind: 'readying', what: 'smoker' },
    { kind: 'boiling', ml: 2000, ringW: 1800 },
    { kind: 'rising', yeastPct: 1, saltPct: 2 },
  ])('cannot be typed where the thing itself decides: %j', (time) => {
    editor(time);
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});
