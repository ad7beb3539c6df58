import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plan, weekOf, type Kitchen } from '../index.ts';
import {
  dish,
  fixed,
  at,
  mealArbitrary,
  mealOfDishes,
  NIGHT,
  step,
  supper,
  WORK,
} from '../test/meals.ts';
import { loadLinesOf, placeRowsOf } from './index.ts';

const NOW = at('2026-11-20T08:00');
const BARE = { rescues: false, work: 500 };
const oven = (id: string) => ({ id, kind: 'oven' as const, name: id, fits: 2 });

describe('the plan by place', () => {
  it('shows every step that takes time once, and none over another in its lane', () => {
    fc.assert(
      fc.property(mealArbitrary, (meal) => {
        const made = plan(meal, meal.kitchen, NOW, BARE);
        const rows = placeRowsOf(made, meal);
        const shown = rows.flatMap((row) => row.bars.map(({ step: one }) => one.id));
        const long = made.steps.filter((one) => one.endMin > one.startMin).map(({ id }) => id);
        expect([...shown].sort()).toEqual([...long].sort());
        for (const { bars, lanes } of rows) {
          for (let lane = 0; lane < lanes; lane++) {
            const here = bars.filter((bar) => bar.lane === lane).map((bar) => bar.step);
            here.slice(1).forEach((next, i) => {
              expect(next.startMin).toBeGreaterThanOrEqual(here[i]?.endMin ?? 0);
            });
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('runs from the cold to the fire, each appliance by its own name', () => {
    const rows = placeRowsOf(plan(supper(), supper().kitchen, NOW, BARE), supper());
    expect(rows.map(({ name, kind }) => name ?? kind)).toEqual([
      'Small fridge',
      'counter',
      'board',
      'Hob',
      'Oven',
      'Charcoal smoker',
      'box',
    ]);
  });
});

describe('the loads below the threads', () => {
  const lines = (kitchen: Partial<Kitchen>, litres = 4) => {
    const roast = (id: string, tempC: number) =>
      step({ id, verb: 'roast', time: fixed(60), place: { kind: 'oven', tempC } });
    const cold = step({
      id: 'cold',
      verb: 'chill',
      time: fixed(90),
      place: { kind: 'fridge', tempC: 4, litres },
    });
    const meal = mealOfDishes([
      dish('a', [roast('a', 160)]),
      dish('b', [roast('b', 240)]),
      dish('c', [cold]),
    ]);
    const all = { ...meal.kitchen, ...kitchen };
    return loadLinesOf(plan({ ...meal, kitchen: all }, all, NOW, BARE), all);
  };

  it('have a line for each oven that is used, with its name only where there are several', () => {
    const fridge = { id: 'fridge', kind: 'fridge' as const, name: 'Fridge', fits: 100 };
    const one = lines({ appliances: [oven('top'), fridge] });
    expect(one.map(({ kind, name }) => [kind, name])).toEqual([['oven', undefined]]);
    const two = lines({ appliances: [oven('top'), oven('low'), fridge] });
    expect(two.map(({ name }) => name)).toEqual(['top', 'low']);
    expect(
      two
        .map(({ spans }) => spans.map(({ tempC }) => tempC))
        .flat()
        .sort(),
    ).toEqual([160, 240]);
  });

  it('tell of a fridge only when it is nearly full, in litres', () => {
    const fridge = { id: 'fridge', kind: 'fridge' as const, name: 'Fridge', fits: 10 };
    const kinds = (litres: number) =>
      lines({ appliances: [fridge] }, litres).map(({ kind }) => kind);
    expect(kinds(5)).not.toContain('fridge');
    expect(kinds(6)).toContain('fridge');
  });
});

describe('a kitchen’s week', () => {
  it('cuts a night at midnight and puts helpers in their hours', () => {
    const week = weekOf({
      hours: [NIGHT, WORK],
      helpers: [{ id: 'h', name: 'Ida', from: '17:00', to: '20:00', days: [6] }],
    });
    // A night of its own is of no week.
    const once = { ...NIGHT, to: '05:30', days: [5], on: '2026-11-27' };
    expect(weekOf({ hours: [NIGHT, once], helpers: [] })).toEqual(
      weekOf({ hours: [NIGHT], helpers: [] }),
    );
    const [monday, saturday] = [week[0], week[5]];
    expect(monday?.pieces.map(({ kind, fromMin, toMin }) => [kind, fromMin, toMin])).toEqual([
      ['asleep', 0, 420],
      ['away', 540, 1020],
      ['asleep', 1380, 1440],
    ]);
    expect(saturday?.pieces.map(({ kind, who }) => [kind, who])).toEqual([
      ['asleep', undefined],
      ['helps', 'Ida'],
      ['asleep', undefined],
    ]);
    const asleep = week.flatMap(({ pieces }) => pieces.filter(({ kind }) => kind === 'asleep'));
    expect(asleep.reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0)).toBe(7 * 480);
  });
});
