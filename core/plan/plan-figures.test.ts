import { describe, expect, it } from 'vitest';
import { applyCommand, plan, type Meal } from '../index.ts';
import { at, dish, fixed, mealOfDishes, step, supper } from '../test/meals.ts';
import { mealVariants, planFigures } from './index.ts';

const NOW = at('2026-11-25T08:00');
const made = (meal: Meal) => plan(meal, meal.kitchen, NOW, { rescues: false });
const figures = (meal: Meal) => planFigures(meal, made(meal));

describe('the figures of a plan', () => {
  it('count what an oven draws, and coals from the first step over them to the last', () => {
    const meal = mealOfDishes([
      dish('a', [step({ id: 'roast', verb: 'roast', time: fixed(120), place: { kind: 'oven' } })]),
      dish('b', [step({ id: 'sear', verb: 'grill', time: fixed(60), place: { kind: 'grill' } })]),
    ]);
    meal.kitchen.appliances.push(
      { id: 'oven', kind: 'oven', name: 'Oven', fits: 2 },
      { id: 'grill', kind: 'grill', name: 'Grill', fits: 6 },
    );
    const plain = figures(meal);
    // Two hours at 0.9 kW, and one bed for an hour.
    expect(plain.electricityKWh).toBeCloseTo(1.8, 5);
    expect(plain.coalsKg).toBeCloseTo(1.5, 5);
    expect(plain.cost).toBeUndefined();
    const priced = {
      ...meal,
      kitchen: { ...meal.kitchen, prices: { perKWh: 0.4, perKgCoals: 2 } },
    };
    expect(figures(priced).cost).toBeCloseTo(1.8 * 0.4 + 1.5 * 2, 5);
  });

  it('say how tender and how salt each dish comes out, where that can be reckoned', () => {
    const { dishes, handsMin, onTime, status } = figures(supper());
    const of = (id: string) => dishes.find((one) => one.dish === id);
    expect(of('lamb')?.tenderness).toBeGreaterThan(0.8);
    expect(of('flatbreads')?.tenderness).toBeUndefined();
    expect(handsMin).toBeGreaterThan(60);
    expect([status, onTime > 0.8]).toEqual(['fits', true]);
  });
});

describe('what a supper might be instead', () => {
  it('is another hour, a joint in two, another fire, made ahead; each a change that keeps it good', () => {
    const meal = supper();
    const variants = mealVariants(meal, made(meal));
    const keys = variants.map(({ text }) => text.key);
    expect(keys.filter((key) => key === 'rescue.serveAt')).toHaveLength(2);
    expect(keys).toContain('rescue.cutPieces');
    expect(keys.some((key) => key.startsWith('rescue.over.'))).toBe(true);
    expect(keys).toContain('rescue.madeAhead');
    for (const { changes } of variants) {
      expect(made(changes.reduce(applyCommand, meal)).steps.length).toBeGreaterThan(10);
    }
  });
});
