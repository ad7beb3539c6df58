import { fireEvent, screen, within } from '@testing-library/react';
import {
  changesOf,
  CUTS,
  draftCook,
  draftOfCut,
  shownCook,
  type DraftCook,
  type Meal,
} from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, showLive, supper, typeOver } from '../../test/render.tsx';
import { heat } from '../../words/en/heat.ts';
import { learn } from '../../words/words.ts';
import { Facts } from './Facts.tsx';
import { Inside } from './Inside.tsx';
import { Sentences } from './Sentences.tsx';
import { Sliders } from './Sliders.tsx';
import { Stages } from './Stages.tsx';
import { useDraft } from './useDraft.ts';

learn(heat);

const meal = supper();

function Thought({ meal: now, dishId, foodId }: { meal: Meal; dishId: string; foodId: string }) {
  const dish = one(now.dishes, dishId);
  const mine = useDraft(now, dish, one(dish.foods, foodId));
  return (
    mine && (
      <>
        <Sliders draft={mine} units={now.kitchen.units} />
        <Stages draft={mine} />
        <button type="button" onClick={() => mine.use((stage) => stage.cooker)}>
          use
        </button>
        <button type="button" onClick={mine.reset}>
          back
        </button>
        <output aria-label="draft">
          {JSON.stringify({ cook: mine.cook, changed: mine.changed })}
        </output>
      </>
    )
  );
}

function thinking(of: Meal = meal, dishId = 'lamb', foodId = 'lamb-shoulder') {
  const shown = showLive(of, (now) => <Thought meal={now} dishId={dishId} foodId={foodId} />);
  const draft = () =>
    JSON.parse(screen.getByRole('status', { name: 'draft' }).textContent ?? '') as {
      cook: DraftCook;
      changed: boolean;
    };
  const cook = () => draft().cook;
  const stages = () =>
    within(screen.getByRole('region', { name: heat['heat.stages'] })).getAllByRole('listitem');
  const inStage = (i: number) => within(stages()[i] as HTMLElement);
  return { ...shown, draft, cook, stages, inStage };
}

describe('a cook thought about', () => {
  it('is the plan’s until something is changed, and the plan’s again when put back', async () => {
    const { cook, draft, inStage, user } = thinking();
    expect(draft().changed).toBe(false);
    await typeOver(user, inStage(1).getByRole('textbox'), '70');
    expect(draft().changed).toBe(true);
    expect(cook().stages[1]?.end).toEqual({ kind: 'core', coreC: 70 });
    await user.click(screen.getByRole('button', { name: 'back' }));
    expect(cook().stages[1]?.end).toEqual({ kind: 'core', coreC: 74 });
    expect(draft().changed).toBe(false);
  });

  it.each(['120', 'hot', ''])('does not take a middle of “%s”', async (text) => {
    const { cook, inStage, user } = thinking();
    const before = cook().stages[1]?.end;
    const field = inStage(1).getByRole('textbox');
    await user.clear(field);
    if (text !== '') await user.type(field, text);
    await user.type(field, '{Enter}');
    expect(inStage(1).getByRole('alert').textContent).toMatch(/from -10 to 99/);
    expect(cook().stages[1]?.end).toEqual(before);
  });

  it('keeps at least one stage, and begins a new one at rest under foil', async () => {
    const { stages, inStage, user, cook } = thinking(meal, 'duck', 'duck-legs');
    await user.click(screen.getByRole('button', { name: heat['heat.addStage'] }));
    expect(cook().stages.at(-1)).toEqual({ cooker: 'foil', end: { kind: 'peak' } });
    while (stages().length > 1) {
      await user.click(inStage(1).getByRole('button', { name: /^Take stage/ }));
    }
    const last = inStage(0).getByRole('button', { name: /^Take stage/ });
    expect((last as HTMLButtonElement).disabled).toBe(true);
  });

  it('put where nothing cooks, ends by itself and not by a middle it cannot reach', async () => {
    const { inStage, user, cook } = thinking();
    await user.selectOptions(
      inStage(1).getByRole('combobox', { name: heat['heat.where'] }),
      'counter',
    );
    expect(cook().stages[1]).toMatchObject({ cooker: 'counter', end: { kind: 'peak' } });
  });

  it('ends as one says: by a middle, by minutes, by the fork', async () => {
    const { inStage, user, cook } = thinking();
    const ends = () => inStage(1).getByRole('combobox', { name: heat['heat.ends'] });
    await user.selectOptions(ends(), heat['end.pulls']);
    const pulls = cook().stages[1]?.end;
    await user.selectOptions(ends(), heat['end.slices']);
    const slices = cook().stages[1]?.end;
    expect([pulls?.kind, slices?.kind]).toEqual(['tender', 'tender']);
    expect(pulls).not.toEqual(slices);
    expect(inStage(1).queryByRole('textbox')).toBeNull();
    await user.selectOptions(ends(), heat['end.minutes']);
    expect(cook().stages[1]?.end).toEqual({ kind: 'minutes', minutes: 30 });
  });

  it('has a slider for each fire, and slid by weight loses a thickness of its own', () => {
    const { cook } = thinking();
    const slide = (name: string, to: number) =>
      fireEvent.change(screen.getByRole('slider', { name }), { target: { value: String(to) } });
    slide(heat['heat.thickness'], 60);
    expect(cook().piece.thicknessMm).toBe(60);
    slide(heat['heat.weight'], 900);
    expect([cook().piece.weightG, cook().piece.thicknessMm]).toEqual([900, undefined]);
    slide(heat['heat.start'], 12);
    expect(cook().startC).toBe(12);
    const fires = cook().stages.filter(({ cooker }) => cooker === 'smoker').length;
    expect(screen.getAllByRole('slider', { name: /^\d\. / })).toHaveLength(fires);
  });

  it('used in the plan, changes its steps as one to undo', async () => {
    const { draft, inStage, user, now, undoable } = thinking();
    const until = () => one(one(now().dishes, 'lamb').steps, 'lamb-smoke').time;
    expect(until()).toMatchObject({ until: { coreC: 74 } });
    await typeOver(user, inStage(1).getByRole('textbox'), '70');
    expect(until()).toMatchObject({ until: { coreC: 74 } });
    await user.click(screen.getByRole('button', { name: 'use' }));
    expect(until()).toMatchObject({ until: { coreC: 70 } });
    expect(undoable()).toBe(1);
    expect(draft().changed).toBe(false);
  });
});

describe('what it comes to', () => {
  const lamb = one(meal.dishes, 'lamb');
  const shoulder = one(lamb.foods, 'lamb-shoulder');
  const spec = draftCook(meal, lamb, shoulder);
  if (!spec) throw new Error('Nobody knows this cut.');
  const cook = shownCook(spec);
  const facts = (more: Partial<Parameters<typeof Facts>[0]> = {}) => {
    const beside: (string | undefined)[] = [];
    const shown = showLive(meal, () => (
      <Facts
        spec={spec}
        cook={cook}
        safe={{ logs: 34.2, wanted: 6.5, enoughAtMin: 300 }}
        likely={412}
        possible={['hotter', 'thicker']}
        onBeside={(change) => beside.push(change)}
        units="metric"
        changed={false}
        onUse={() => undefined}
        onReset={() => undefined}
        {...more}
      />
    ));
    return { ...shown, beside };
  };

  it('says no more powers of ten than mean anything, and since when', () => {
    facts();
    expect(screen.getByText(/^30\+ powers of ten/).parentElement?.textContent).toMatch(/5 h/);
  });

  it('says when it is not safe yet', () => {
    facts({ safe: { logs: 2.31, wanted: 7, enoughAtMin: undefined } });
    expect(screen.getByText(/^2\.3 powers of ten/).parentElement?.textContent).toContain(
      heat['heat.notYet'],
    );
  });

  it('of a vegetable says when it takes a knife, and nothing of what meat must come to', () => {
    const root = CUTS.get('potatoes-cubed');
    if (!root) throw new Error('No potatoes.');
    const boiled = draftOfCut(root, meal.kitchen);
    expect(boiled.stages[0]?.end.kind).toBe('tender');
    facts({ spec: boiled, cook: shownCook(boiled), safe: undefined });
    expect(screen.getByText(heat['heat.knife'])).toBeTruthy();
    expect(screen.queryByText(heat['heat.slices'])).toBeNull();
    expect(screen.queryByText(heat['heat.safe'])).toBeNull();
  });

  it('is compared only with what can be, and with nothing again', async () => {
    const { user, beside } = facts();
    const choice = screen.getByRole('combobox', { name: heat['heat.besideWhat'] });
    expect(
      within(choice)
        .getAllByRole('option')
        .map(({ textContent }) => textContent),
    ).toEqual([heat['heat.besideNone'], heat['if.hotter'], heat['if.thicker']]);
    await user.selectOptions(choice, 'hotter');
    expect(beside).toEqual(['hotter']);
  });

  it('says “all day” of what stays hot for one', () => {
    const holds = [
      { place: 'foil', hotMin: 40, safeMin: 160 },
      { place: 'box', hotMin: 2000, safeMin: 2100 },
    ] as const;
    const rested = { restMin: 20, restedC: 91 };
    facts({ after: { pullC: 93, peakC: 94, peakAfterMin: 12, ...rested, holds } });
    expect(screen.getByText(heat['heat.allDay'])).toBeTruthy();
    expect(screen.getByText(/Under foil, eat it within 2 h 40/)).toBeTruthy();
  });

  it('says how long a portion stays hot, carved or in its piece', () => {
    const off = { pullC: 50, peakC: 54, peakAfterMin: 9, restMin: 20, restedC: 53, holds: [] };
    const plate = { sliceMm: 10, coldPlateMin: 0.4, warmedPlateMin: 4.4 };
    facts({ after: { ...off, plate } });
    expect(screen.getByRole('heading', { name: /^Carved 10 mm thick/ })).toBeTruthy();
    const cold = screen.getByText(heat['heat.coldPlate']).parentElement;
    // Less than a minute is still one.
    expect(cold?.textContent).toMatch(/1 min$/);
    expect(screen.getByText(/^rested 20 min/).parentElement?.textContent).toMatch(/53°$/);
    facts({ after: { ...off, plate: { ...plate, sliceMm: undefined } } });
    expect(screen.getByRole('heading', { name: heat['heat.served'] })).toBeTruthy();
  });

  it('offers the way back only when there is something to go back from', () => {
    facts();
    expect(screen.queryByRole('button', { name: heat['heat.reset'] })).toBeNull();
    facts({ changed: true });
    expect(screen.getByRole('button', { name: heat['heat.reset'] })).toBeTruthy();
  });

  it('tells what heat does on the way, and what of it is not reached', () => {
    const changes = changesOf(meal, lamb, shoulder, spec.piece.cut, cook);
    showLive(meal, () => <Inside changes={changes} units="us" />);
    const rows = screen.getAllByRole('row', { hidden: true }).slice(1);
    expect(rows).toHaveLength(changes.length);
    const reached = rows.filter((row) => !row.textContent?.includes(heat['heat.notHere']));
    expect(reached).toHaveLength(changes.filter((one_) => one_.beginsMin !== undefined).length);
    expect(rows.every((row) => /^\S*\d{3}°|^from \d{2,3}°|°/.test(row.textContent ?? ''))).toBe(
      true,
    );
  });

  it('says what a change would do by a round figure, and when it does nothing', () => {
    showLive(meal, () => (
      <Sentences
        whatIfs={[
          { change: 'hotter', minutes: -61 },
          { change: 'thicker', minutes: 84 },
          { change: 'tempered', minutes: 0.4 },
        ]}
      />
    ));
    const said = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(said[0]).toMatch(/^Ten degrees hotter: 1 h 01 less$/);
    expect(said[1]).toMatch(/more$/);
    expect(said[2]).toMatch(/no change$/);
  });
});
