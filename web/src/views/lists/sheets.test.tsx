import { screen, within } from '@testing-library/react';
import { equipmentList, runSheet, weighingList, type Meal, type Plan } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { planOf, showLive, supper } from '../../test/render.tsx';
import { lists } from '../../words/en/lists.ts';
import { safety } from '../../words/en/safety.ts';
import { table } from '../../words/en/table.ts';
import { learn } from '../../words/words.ts';
import { EquipmentSheet } from './EquipmentSheet.tsx';
import { RunSheetList } from './RunSheetList.tsx';
import { WeighingSheet } from './WeighingSheet.tsx';

learn(lists);
learn(safety);
learn(table);

const meal = supper();
const plan = planOf(meal);

describe('the evening by the clock', () => {
  const rows = () =>
    within(screen.getAllByRole('list').at(-1) as HTMLElement).getAllByRole('listitem');
  const sheet = (of: Meal = meal, made: Plan = plan) =>
    showLive(of, (now) => <RunSheetList meal={now} plan={made} />);

  it('has every job once, in order, and marks those that want hands', () => {
    sheet();
    const { rows: jobs } = runSheet(meal, plan);
    expect(rows()).toHaveLength(jobs.length);
    const hands = rows().filter((row) => within(row).queryByRole('img', { name: 'Hands' }));
    expect(hands).toHaveLength(jobs.filter((job) => job.hands).length);
    expect(hands.length).toBeLessThan(jobs.length);
  });

  it('says the heat of a fire, but not of the counter and the fridge', () => {
    sheet();
    const said = rows().map(({ textContent }) => textContent ?? '');
    expect(said.find((row) => /\dSmoke /.test(row))).toMatch(/at \d+°/);
    expect(said.find((row) => row.includes('Marinate'))).not.toMatch(/at \d+°/);
  });

  it('in a kitchen of pounds and ounces says it in °F, by its own clock', () => {
    sheet({ ...meal, kitchen: { ...meal.kitchen, units: 'us', clock: '12h' } });
    const smoke = rows().find((row) => /Smoke /.test(row.textContent ?? ''))?.textContent;
    expect(smoke).toMatch(/at 257°/);
    expect(smoke).toMatch(/[ap]m/);
  });

  it('says at the step what breaks a rule there', () => {
    const [step] = plan.steps;
    if (!step) throw new Error('The plan is empty.');
    const finding = {
      rule: 'counter',
      level: 'stop',
      dish: step.dish,
      step: step.id,
      message: { key: 'figures.eaters' },
      source: 'source.common',
      mends: [],
    } as const;
    const message = { key: 'figures.eaters' } as const;
    const steps = plan.steps.map((one) =>
      one.id === step.id
        ? { ...one, cautions: [{ message, source: 'source.common' as const, broken: true }] }
        : one,
    );
    sheet(meal, { ...plan, steps, findings: [finding] });
    const words = runSheet(meal, { ...plan, steps, findings: [finding] });
    const told = words.rows.filter((row) => row.stops.length > 0);
    expect(told.map((row) => row.step)).toEqual([step.id]);
  });

  it('tells who does without dairy that their plate has none, and the others’ has', () => {
    sheet();
    const holds = screen
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent ?? '')
      .filter((text) => text.startsWith('Smoked lamb shoulder'));
    expect(holds.some((text) => /without dairy/i.test(text) && !/: .*dairy/.test(text))).toBe(true);
    expect(holds.some((text) => /^Smoked lamb shoulder: .*dairy/.test(text))).toBe(true);
  });
});

describe('what goes on the scale', () => {
  it('is a session for each mixture, its lines in order, with the clean reserve said', () => {
    showLive(meal, (now) => <WeighingSheet meal={now} plan={plan} />);
    const sessions = weighingList(meal, plan);
    const headings = screen.getAllByRole('heading').map(({ textContent }) => textContent);
    expect(headings).toEqual(sessions.map(({ name }) => name));
    const kept = sessions.filter(({ reserve }) => reserve);
    expect(screen.getAllByText(/^Set aside/)).toHaveLength(kept.length);
    expect(kept.length).toBeGreaterThan(0);
  });

  it('says “to taste” for what is, and “take out” where a variant leaves', () => {
    showLive(meal, (now) => <WeighingSheet meal={now} plan={plan} />);
    const steps = weighingList(meal, plan).flatMap((session) => session.steps);
    expect(screen.queryAllByText(lists['lists.toTaste'])).toHaveLength(
      steps.filter(({ open }) => open).length,
    );
    expect(screen.getAllByText(/^take out \d/)).toHaveLength(
      steps.filter(({ open, takesOut }) => takesOut && !open).length,
    );
  });
});

describe('what stands ready', () => {
  it('is every fire, pot and tool, each under its heading, by its own name', () => {
    showLive(meal, (now) => <EquipmentSheet meal={now} plan={plan} />);
    const items = equipmentList(meal, plan);
    expect(screen.getAllByRole('listitem')).toHaveLength(items.length);
    expect(screen.getByText('Charcoal smoker')).toBeTruthy();
    expect(screen.getByText(lists['lists.tool.chimney'])).toBeTruthy();
  });

  it('has no heading for what none of is wanted', () => {
    const few = { ...plan, steps: [] };
    showLive({ ...meal, dishes: [] }, (now) => <EquipmentSheet meal={now} plan={few} />);
    expect(screen.queryAllByRole('heading')).toEqual([]);
  });
});
