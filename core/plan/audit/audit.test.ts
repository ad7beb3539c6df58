import { describe, expect, it } from 'vitest';
import { at, supper } from '../../test/meals.ts';
import { audit, plan } from '../index.ts';

describe('the audit', () => {
  it('finds what is wrong in a plan that was tampered with', () => {
    const meal = supper();
    const made = plan(meal, meal.kitchen, at('2026-11-23T08:00'));
    const rulesOf = (id: string, change: (start: number, end: number) => object) => {
      const steps = made.steps.map((s) =>
        s.id === id ? { ...s, ...change(s.startMin, s.endMin) } : s,
      );
      return new Set(audit({ ...made, steps }, meal, meal.kitchen).map((f) => f.rule));
    };
    expect(rulesOf('lamb-wrap', (a, b) => ({ startMin: a - 30, endMin: b - 30 }))).toContain('gap');
    expect(rulesOf('lamb-pull', (_a, b) => ({ endMin: b + 60 }))).toContain('serving');
    expect(rulesOf('duck-rub', (a, b) => ({ startMin: a - 1440, endMin: b - 1440 }))).toContain(
      'give',
    );
    expect(rulesOf('lamb-marinate', (a) => ({ endMin: a + 60 }))).toContain('length');
    const sleepless = (a: number) => ({
      hands: [{ startMin: a - 4 * 60, endMin: a - 3 * 60, what: 'x' }],
    });
    expect(rulesOf('lamb-fire', sleepless)).toContain('hours');
    expect(
      rulesOf('lamb-smoke', (_a, b) => ({
        hands: [{ startMin: b - 5, endMin: b - 1, what: 'Look at the fire, top it up' }],
      })),
    ).toContain('tending');
    const cut = { ...made, steps: made.steps.slice(1) };
    expect(audit(cut, meal, meal.kitchen).map((f) => f.rule)).toContain('missing');
  });
});
