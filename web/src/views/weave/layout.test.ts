import { elasticAxis, mealOf, placeOf, plan, threadsOf } from '@zemrin/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import supperFile from '../../../../demo/first-frost-supper.json';
import { axisOf, freePx, packLanes, placeLabels, textPx, ticksOf } from './layout.ts';

const NOW = 29_926_560;
const meal = mealOf(supperFile, NOW);
const made = plan(meal, meal.kitchen, NOW);
const threads = threadsOf(made, meal);

describe('the layout of the weave', () => {
  it('never lets two labels at one height touch', () => {
    const want = fc.record({
      key: fc.uuid(),
      text: fc.string({ minLength: 1, maxLength: 18 }),
      xPx: fc.integer({ min: 0, max: 800 }),
    });
    fc.assert(
      fc.property(fc.array(want, { maxLength: 14 }), (wants) => {
        const placed = placeLabels(wants, 800);
        for (const a of placed) {
          for (const b of placed) {
            if (a === b || a.level !== b.level) continue;
            expect(Math.abs(a.xPx - b.xPx)).toBeGreaterThanOrEqual(
              (textPx(a.text) + textPx(b.text)) / 2,
            );
          }
        }
      }),
    );
  });

  it.each([600, 740, 900, 1400])(
    'finds a place for every word of the supper at %d px',
    (plotPx) => {
      const axis = axisOf(made, threads, plotPx);
      const px = (min: number) => placeOf(axis, min) * plotPx;
      for (const thread of threads) {
        const steps = thread.main.filter((segment) => !segment.waiting);
        const outside = steps.filter((s) => {
          const free = freePx(s, px);
          return free.to - free.from < textPx(s.step.label) + 4;
        });
        const wants = outside.map((s) => ({
          key: s.step.id,
          text: s.step.label,
          xPx: px(s.startMin),
        }));
        expect(placeLabels(wants, plotPx).length).toBe(outside.length);
      }
    },
  );

  it('keeps the clock labels apart, first job and nights among them', () => {
    const plotPx = 700;
    const axis = axisOf(made, threads, plotPx);
    const ticks = ticksOf(made, axis, plotPx);
    expect(ticks).toContain(made.firstJobMin);
    expect(ticks.length).toBeGreaterThan(5);
    ticks.slice(1).forEach((min, i) => {
      expect((placeOf(axis, min) - placeOf(axis, ticks[i] ?? 0)) * plotPx).toBeGreaterThanOrEqual(
        62,
      );
    });
  });

  it('puts side chains in one lane while they and their words keep apart', () => {
    const duck = threads.find((thread) => thread.dish === 'duck');
    const wide = packLanes(duck?.sides ?? [], (min) => (min - made.servingMin + 400) * 3);
    const narrow = packLanes(duck?.sides ?? [], (min) => (min - made.servingMin + 400) * 0.3);
    expect(wide.length).toBe(1);
    expect(narrow.length).toBe(2);
  });

  it('draws an axis for a plan that has only one moment', () => {
    expect(elasticAxis([100]).minutes).toEqual([40, 100]);
  });
});
