import { bandOf } from '../places/index.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plan } from '../index.ts';
import { at, mealArbitrary, supper } from '../test/meals.ts';
import { chooseTicks, elasticAxis, foldsOf, momentAt, placeOf, threadsOf } from './index.ts';

const events = fc
  .uniqueArray(fc.integer({ min: 0, max: 6000 }), { minLength: 2, maxLength: 40 })
  .map((minutes) => minutes.sort((a, b) => a - b));

describe('the elastic axis', () => {
  it('keeps the order of time, from 0 to 1', () => {
    fc.assert(
      fc.property(events, (minutes) => {
        const axis = elasticAxis(minutes);
        expect(axis.at[0]).toBe(0);
        expect(axis.at.at(-1)).toBe(1);
        axis.at.slice(1).forEach((x, i) => expect(x).toBeGreaterThan(axis.at[i] ?? 1));
      }),
    );
  });

  it('finds the moment of a place and the place of a moment', () => {
    fc.assert(
      fc.property(events, fc.nat(6000), (minutes, min) => {
        const axis = elasticAxis(minutes);
        // A moment may come back as −0, which is 0.
        expect(momentAt(axis, placeOf(axis, min)) - min).toBeCloseTo(0, 9);
      }),
    );
  });

  it('stretches what is dense and folds what only waits', () => {
    const axis = elasticAxis([0, 2880, 2890, 2900, 2910]);
    const brine = placeOf(axis, 2880);
    expect(brine).toBeLessThan(0.8);
    expect(placeOf(axis, 2890) - brine).toBeGreaterThan(0.05);
    expect(foldsOf(axis)).toEqual([1440]);
    expect(foldsOf(elasticAxis([0, 10, 20, 30]))).toEqual([]);
  });

  it('gives a stretch the room it asks for, where there is room', () => {
    const wish = { startMin: 100, endMin: 105, share: 0.3 };
    const axis = elasticAxis([0, 100, 105, 1000], [wish]);
    expect(placeOf(axis, 105) - placeOf(axis, 100)).toBeGreaterThan(0.28);
  });

  it('labels the weightiest moments and keeps them apart', () => {
    const axis = elasticAxis([0, 100, 200, 300]);
    const wishes = [0, 90, 100, 110, 200, 300].map((min) => ({ min, weight: min === 100 ? 9 : 1 }));
    const ticks = chooseTicks(axis, wishes, 0.2);
    expect(ticks).toContain(100);
    expect(ticks).not.toContain(90);
    ticks.slice(1).forEach((min, i) => {
      expect(placeOf(axis, min) - placeOf(axis, ticks[i] ?? 0)).toBeGreaterThanOrEqual(0.2);
    });
  });
});

describe('threads', () => {
  it('run to the bar without a gap: the food is always somewhere', () => {
    fc.assert(
      fc.property(mealArbitrary, (meal) => {
        const made = plan(meal, meal.kitchen, at('2026-11-10T08:00'));
        fc.pre(made.status !== 'cannot');
        for (const thread of threadsOf(made, meal)) {
          expect(thread.main.at(-1)?.endMin).toBe(thread.tableMin);
          thread.main.slice(1).forEach((segment, i) => {
            expect(segment.startMin).toBe(thread.main[i]?.endMin);
          });
          const shown = [...thread.main, ...thread.sides.flat()].filter((s) => !s.waiting);
          const inDish = made.steps.filter((step) => step.dish === thread.dish);
          expect(shown.map((s) => s.step.id).sort()).toEqual(inDish.map((s) => s.id).sort());
        }
      }),
      { numRuns: 80 },
    );
  });

  it('draw fires and ovens as what joins, and count what lands on the plate', () => {
    const meal = supper();
    const threads = threadsOf(plan(meal, meal.kitchen, at('2026-11-25T08:00')), meal);
    const [lamb, duck, breads] = threads;
    expect(lamb?.sides.map((side) => side.map((s) => s.step.id))).toEqual([['lamb-fire']]);
    expect(
      duck?.sides
        .flat()
        .map((s) => s.step.id)
        .sort(),
    ).toEqual(['duck-hot', 'duck-preheat']);
    expect([lamb?.plate, duck?.plate, breads?.plate]).toEqual(['9', '8', '18']);
  });

  it('take the colour of the place’s heat', () => {
    expect(bandOf({ kind: 'fridge', tempC: 4 }, 'marinate')).toBe('cold');
    expect(bandOf({ kind: 'counter', tempC: 22 }, 'rise')).toBe('counter');
    expect(bandOf({ kind: 'smoker', tempC: 118 }, 'smoke')).toBe('slow');
    expect(bandOf({ kind: 'oven', tempC: 150 }, 'braise')).toBe('strong');
    expect(bandOf({ kind: 'oven', tempC: 220 }, 'glaze')).toBe('sear');
    expect(bandOf({ kind: 'oven', tempC: 80 }, 'rest')).toBe('rest');
    expect(bandOf({ kind: 'fridge' }, 'chill')).toBe('cold');
  });
});
