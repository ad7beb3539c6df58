import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  audit,
  batchOf,
  mealOf,
  patternDish,
  PATTERNS,
  plan,
  type Meal,
} from '../index.ts';
import type { PlannedChain } from '../test/chains/facts.ts';
import { ROWS_1_TO_11 } from '../test/chains/rows-1-11.ts';
import { ROWS_12_TO_21 } from '../test/chains/rows-12-21.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';

const CHAIN_ROWS = [...ROWS_1_TO_11, ...ROWS_12_TO_21];

/** A Wednesday after work, a Saturday evening, and a late Sunday lunch: five hours of roast and a rest from seven. */
const SERVINGS = ['2026-12-16T19:30', '2026-12-12T19:00', '2026-12-13T14:30'];
const WEIGHTS_G = [800, 1000, 3000];

function chainOf(id: string, weightG: number, at: string): { chain: PlannedChain; meal: Meal } {
  const pattern = PATTERNS.find((one) => one.id === id);
  if (!pattern) throw new Error(`no pattern “${id}”`);
  const dish = patternDish(pattern, { weightG }, new Set());
  const base = mealOfPattern(pattern);
  const empty = { ...base, dishes: [], serving: { ...base.serving, at } };
  const put = applyCommand(empty, { do: 'putDish', dish, own: [] });
  const meal = mealOf(JSON.parse(JSON.stringify(put)), NOW);
  const made = plan(meal, meal.kitchen, NOW, { rescues: false });
  const [only] = meal.dishes;
  if (!only) throw new Error('no dish');
  const step = (label: string) => {
    const found = made.steps.find((one) => one.label.startsWith(label));
    if (!found) throw new Error(`${id} has no step “${label}”`);
    return found;
  };
  const batch = (name: string) => {
    const mixture = only.mixtures.find((one) => one.name === name);
    if (!mixture) throw new Error(`${id} has no mixture “${name}”`);
    return batchOf(meal, only, mixture);
  };
  return { chain: { dish: only, plan: made, weightG, step, batch }, meal };
}

describe('the chains of a home kitchen, as their cooks would sign them', () => {
  it.each(
    CHAIN_ROWS.flatMap(([row, id, facts]) => WEIGHTS_G.map((g) => [row, id, g, facts] as const)),
  )('row %d, %s, at %d g, on a Wednesday, a Saturday and a Sunday', (_row, id, weightG, facts) => {
    expect(facts.length).toBeGreaterThanOrEqual(6);
    for (const at of SERVINGS) {
      const { chain, meal } = chainOf(id, weightG, at);
      expect(chain.plan.status, `${id} ${at}`).not.toBe('cannot');
      expect(audit(chain.plan, meal, meal.kitchen), `${id} ${at}`).toEqual([]);
      const untrue = facts.filter(([, holds]) => !holds(chain)).map(([what]) => what);
      expect(untrue, `${id} ${weightG} g, ${at}`).toEqual([]);
    }
  });

  it('rests ten minutes by the fire on a warm evening, and five out in the cold', () => {
    const rests = [
      { outdoorC: 21, windMPerS: 0 },
      { outdoorC: -5, windMPerS: 2 },
    ].map((weather) => {
      const { meal } = chainOf('smoke-then-grill', 1000, SERVINGS[1] ?? '');
      const kitchen = { ...meal.kitchen, ...weather };
      const made = plan({ ...meal, kitchen }, kitchen, NOW, { rescues: false });
      expect(audit(made, { ...meal, kitchen }, kitchen)).toEqual([]);
      const rest = made.steps.find(({ label }) => label === 'Rest');
      return rest?.duration.likelyMin;
    });
    expect(rests).toEqual([10, 5]);
  });

  it('has a row for every chain', () => {
    expect(CHAIN_ROWS.map(([row]) => row)).toEqual(Array.from({ length: 21 }, (_one, i) => i + 1));
  });
});
