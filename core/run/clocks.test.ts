import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseMeal, plan, warmClocks } from '../index.ts';

const NOW = Date.parse('2026-11-27T08:00:00+01:00') / 60_000;
const meal = parseMeal(
  readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
  NOW,
);
const made = plan(meal, meal.kitchen, NOW, { rescues: false });
const startOf = (id: string) => made.steps.find((step) => step.id === id)?.startMin ?? 0;
const lambAt = (min: number) =>
  warmClocks(meal, made.stories, min).filter(({ dish }) => dish === 'lamb');

describe('the clock of what is out of the cold', () => {
  it('counts raw meat on the counter minute by minute, and stops over the fire', () => {
    const out = startOf('lamb-temper');
    expect(lambAt(out - 30)).toEqual([]);
    const [early] = lambAt(out + 10);
    const [later] = lambAt(out + 30);
    expect([early?.state, later?.state]).toEqual(['raw', 'raw']);
    expect((later?.minutes ?? 0) - (early?.minutes ?? 0)).toBe(20);
    expect(later?.limitMin).toBe(120);
    expect(lambAt(startOf('lamb-smoke') + 60)).toEqual([]);
  });

  it('counts of a small piece in the box only what it is lukewarm by its own curve', () => {
    const rest = made.steps.find(({ id }) => id === 'lamb-rest');
    const small = made.stories.find(({ food }) => food === 'lamb-plain');
    const span = small?.spans.find(({ step }) => step === 'lamb-rest');
    const minutes = (rest?.endMin ?? 0) - (rest?.startMin ?? 0);
    // It cooks beside the shoulder and cools sooner than that, but not at once.
    expect(span?.growthMin).toBeGreaterThan(0);
    expect(span?.growthMin).toBeLessThan(minutes / 2);
    // Half way through it is hot still, and no clock runs.
    const half = lambAt(Math.round(((rest?.startMin ?? 0) + (rest?.endMin ?? 0)) / 2));
    expect(half).toEqual([]);
    const nearly = lambAt((rest?.endMin ?? 0) - 5);
    expect(nearly.map(({ food }) => food)).toEqual(['lamb-plain']);
    expect(nearly[0]?.minutes).toBe((span?.growthMin ?? 0) - 5);
    const big = made.stories.find(({ food }) => food === 'lamb-shoulder');
    expect(big?.spans.find(({ step }) => step === 'lamb-rest')?.growthMin).toBe(0);
  });

  it('gives an hour where the room is hot', () => {
    const hot = { ...meal, kitchen: { ...meal.kitchen, roomC: 34 } };
    const clocks = warmClocks(hot, made.stories, startOf('lamb-temper') + 10);
    expect(clocks.find(({ dish }) => dish === 'lamb')?.limitMin).toBe(60);
  });
});
