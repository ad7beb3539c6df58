import { CUTS, shownCook, USUAL_CONDITIONS, type DraftCook } from '@zemrin/core';
import { render } from '@testing-library/react';
import type { ChartProps } from 'react-chartjs-2';
import { beforeEach, expect, it, vi } from 'vitest';
import { heat } from '../../words/en/heat.ts';
import { learn } from '../../words/words.ts';
import { Curve } from './Curve.tsx';

learn(heat);

/** What was drawn since it was last cleared: words, and where a line went down the whole height. */
const drawn: { words: string[]; lines: number[] } = { words: [], lines: [] };

const TOP = 30;

/** A chart without a canvas: it draws by its plugins into `drawn`, a pixel for a minute. */
vi.mock('react-chartjs-2', async () => {
  const { useImperativeHandle, useState } = await import('react');
  return {
    Line: ({ ref, plugins: given = [] }: ChartProps<'line'> & { ref: never }) => {
      // As a chart does: what it was first given, it keeps.
      const [plugins] = useState(given);
      const [chart] = useState(() => {
        const noop = () => undefined;
        const ctx = new Proxy(
          {
            measureText: () => ({ width: 0 }),
            fillText: (words: string) => drawn.words.push(words),
            moveTo: (x: number, y: number) => y === TOP && drawn.lines.push(x),
          },
          { get: (of, name) => Reflect.get(of, name) ?? noop, set: () => true },
        );
        const scale = { getPixelForValue: (value: number) => value };
        const fake = {
          ctx,
          chartArea: { left: 0, right: 600, top: TOP, bottom: 300 },
          scales: { x: scale, y: scale },
          draw: () => {
            drawn.words = [];
            drawn.lines = [];
            for (const one of plugins) {
              one.beforeDatasetsDraw?.(fake as never, {} as never, {} as never);
              one.afterDatasetsDraw?.(fake as never, {} as never, {} as never, false as never);
            }
          },
        };
        return fake;
      });
      useImperativeHandle(ref, () => chart as never);
      return null;
    },
  };
});

const cut = CUTS.get('beef-fillet');
if (!cut) throw new RangeError('no fillet');
const specTo = (coreC: number): DraftCook => ({
  piece: { cut, weightG: 1200 },
  startC: 5,
  stages: [{ cooker: 'oven', tempC: 180, end: { kind: 'core', coreC } }],
  conditions: USUAL_CONDITIONS,
});

const curve = (spec: DraftCook, moment?: number) => (
  <Curve
    spec={spec}
    cook={shownCook(spec)}
    shares={[]}
    moment={moment}
    onMoment={() => undefined}
  />
);

beforeEach(() => {
  drawn.words = [];
  drawn.lines = [];
});

it('marks the cook as it is now, and not as it was when the curve was first drawn', () => {
  const { rerender } = render(curve(specTo(52)));
  expect(drawn.words).toContain('pull at 52°');
  rerender(curve(specTo(61)));
  expect(drawn.words).toContain('pull at 61°');
  expect(drawn.words).not.toContain('pull at 52°');
});

it('marks the moment that is looked at once one is', () => {
  const { rerender } = render(curve(specTo(52)));
  expect(drawn.lines).toEqual([]);
  rerender(curve(specTo(52), 17));
  expect(drawn.lines).toEqual([17]);
});
