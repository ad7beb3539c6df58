import { describe, expect, it } from 'vitest';
import { applyCommand, settleFood } from '../meal/index.ts';
import { plan } from '../plan/index.ts';
import { at, supper } from '../test/meals.ts';
import { allergensOf, equipmentList, runSheet, shoppingList, weighingList } from './index.ts';

const NOW = at('2026-11-23T08:00');
const meal = supper();
const made = plan(meal, meal.kitchen, NOW, { rescues: false });
const items = (of = meal) =>
  shoppingList(of, made).flatMap(({ date, sections }) =>
    sections.flatMap(({ section, items: all }) => all.map((item) => ({ ...item, date, section }))),
  );

describe('the shopping list', () => {
  it('has each thing once, with all its dishes, by the day it is first wanted', () => {
    const ids = items().map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    const oil = items().find(({ id }) => id === 'olive-oil');
    expect(oil?.dishes.length).toBeGreaterThan(1);
    const dates = shoppingList(meal, made).map(({ date }) => date);
    expect(dates).toEqual([...dates].sort());
    for (const { neededMin } of items()) {
      const steps = made.steps.filter(({ startMin }) => startMin === neededMin);
      expect(steps.length).toBeGreaterThan(0);
    }
  });

  it('buys no less than the meal takes, and nothing from the tap', () => {
    const lamb = items().find(({ id }) => id === 'lamb-shoulder-bone-in');
    const dish = meal.dishes.find(({ id }) => id === 'lamb');
    const wanted =
      dish?.foods.reduce((sum, food) => sum + settleFood(meal, dish, food).weightG, 0) ?? 0;
    expect(lamb?.grams).toBeCloseTo(wanted, 6);
    const kilos = Number(/([\d.]+) kg/.exec(lamb?.buy ?? '')?.[1]);
    expect(kilos * 1000).toBeGreaterThanOrEqual(wanted);
    expect(kilos * 1000 - wanted).toBeLessThanOrEqual(100);
    expect(items().some(({ id }) => id === 'water')).toBe(false);
  });

  it('buys the flour of a dough once, as what goes into it', () => {
    const flour = items().filter(
      ({ section, name }) => section === 'dry goods' && /flour/.test(name),
    );
    expect(flour.map(({ id }) => id)).toEqual(['bread-flour']);
    const dough = meal.dishes
      .flatMap(({ mixtures }) => mixtures)
      .find(({ kind }) => kind === 'dough');
    expect(dough?.on).toHaveLength(1);
  });

  it('knows what is at home, and forgets it again', () => {
    const there = applyCommand(meal, { do: 'haveAtHome', item: 'olive-oil', there: true });
    expect(items(there).find(({ id }) => id === 'olive-oil')?.atHome).toBe(true);
    const gone = applyCommand(there, { do: 'haveAtHome', item: 'olive-oil', there: false });
    expect(items(gone).find(({ id }) => id === 'olive-oil')?.atHome).toBe(false);
  });

  it('sells meat by the quarter pound where the kitchen weighs in pounds', () => {
    const us = { ...meal, kitchen: { ...meal.kitchen, units: 'us' as const } };
    expect(items(us).find(({ id }) => id === 'lamb-shoulder-bone-in')?.buy).toMatch(
      /^\d+ lb(?: (?:4|8|12) oz)?$/,
    );
  });
});

describe('the other lists', () => {
  it('weigh every mixture in a session of its own, in the order of the plan', () => {
    const sessions = weighingList(meal, made);
    const all = meal.dishes.flatMap(({ mixtures }) => mixtures.map(({ id }) => id));
    expect(sessions.map(({ mixture }) => mixture).sort()).toEqual([...all].sort());
    const times = sessions.flatMap(({ atMin }) => atMin ?? []);
    expect(times).toEqual([...times].sort((a, b) => a - b));
    const lime = sessions.find(({ mixture }) => mixture === 'lime-paste');
    expect(lime?.reserve?.ml).toBeGreaterThan(50);
    expect(lime?.steps.some(({ takesOut }) => takesOut)).toBe(true);
  });

  it('have every fire and pot of the plan, from its first to its last use', () => {
    const list = equipmentList(meal, made);
    const used = new Set(made.steps.flatMap(({ appliance }) => appliance ?? []));
    expect(new Set(list.filter(({ kind }) => kind === 'appliance').map(({ id }) => id))).toEqual(
      used,
    );
    const smoker = list.find(({ name }) => name.toLowerCase().includes('smoker'));
    const on = made.steps.filter(({ appliance }) => appliance === smoker?.id);
    expect(smoker?.fromMin).toBe(Math.min(...on.map(({ startMin }) => startMin)));
    expect(list.some(({ id }) => id === 'tool-thermometer')).toBe(true);
  });

  it('run by the clock, with every piece of hands-on work and every step in it', () => {
    const { rows } = runSheet(meal, made);
    expect(rows.map(({ atMin }) => atMin)).toEqual(
      rows.map(({ atMin }) => atMin).sort((a, b) => a - b),
    );
    for (const step of made.steps) {
      expect(
        rows.some((row) => row.step === step.id && row.atMin === step.startMin),
        step.id,
      ).toBe(true);
      for (const hands of step.hands) {
        expect(
          rows.some((row) => row.step === step.id && row.atMin === hands.startMin && row.hands),
        ).toBe(true);
      }
    }
  });

  it('say on the run sheet, at its step, what the plan breaks', () => {
    const warm = applyCommand(meal, {
      do: 'setStepTime',
      step: 'lamb-temper',
      time: { kind: 'fixed', minutes: 200 },
    });
    const broken = plan(warm, warm.kitchen, NOW, { rescues: false });
    const row = runSheet(warm, broken).rows.find(({ step }) => step === 'lamb-temper');
    expect(row?.stops.map(({ key }) => key)).toEqual(['safety.counterInAll']);
  });

  it('count allergens for each plate: the plain piece holds none of what it is made without', () => {
    const lamb = allergensOf(meal).find(({ dish }) => dish === 'Smoked lamb shoulder');
    const [common, apart] = lamb?.plates ?? [];
    expect(common?.holds).toContain('dairy');
    expect(apart?.holds).not.toContain('dairy');
    expect(apart?.variant).toBe('Without dairy');
  });
});
