import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  emptyMeal,
  epochMinOf,
  foldRun,
  mealOf,
  PATTERNS,
  patternDish,
  plan,
  rehearse,
  type Kitchen,
  type Meal,
  type Pattern,
} from '../index.ts';

const ZONE = 'Europe/Paris';
const SERVING = '2026-12-12T19:00';
const NOW = epochMinOf('2026-12-03T08:00', ZONE);

const appliance = (kind: Kitchen['appliances'][number]['kind'], fits: number) => ({
  id: kind,
  kind,
  name: kind,
  fits,
});
const vessel = (id: string, kind: Kitchen['vessels'][number]['kind'], capacityMl: number) => ({
  id,
  kind,
  name: id,
  capacityMl,
});

/** One dish in a kitchen that has everything. */
function mealOfPattern(pattern: Pattern): Meal {
  const empty = emptyMeal('m', 'M', SERVING, ZONE, 'Kitchen');
  const kitchen: Kitchen = {
    ...empty.kitchen,
    appliances: [
      appliance('oven', 2),
      appliance('hob', 4),
      appliance('fridge', 160),
      { ...appliance('grill', 12), fitsIndirect: 6 },
      appliance('smoker', 3),
      appliance('slow-cooker', 1),
      appliance('deep-fryer', 1),
      appliance('air-fryer', 1),
      appliance('pressure-cooker', 1),
    ],
    vessels: [
      vessel('pot', 'pot', 7000),
      vessel('pot-2', 'pot', 3000),
      vessel('tray', 'tray', 4000),
      vessel('tub', 'tub', 8000),
      vessel('bowl', 'bowl', 4000),
      vessel('jar', 'jar', 2000),
    ],
  };
  const put = { do: 'putDish', dish: patternDish(pattern, {}, new Set()), own: [] } as const;
  const meal = applyCommand({ ...empty, kitchen }, { ...put, own: [] });
  return mealOf(JSON.parse(JSON.stringify(meal)), NOW);
}

describe('every chain of the book can be cooked as it is called', () => {
  it.each(PATTERNS.map((pattern) => [pattern.id, pattern] as const))('%s', (_id, pattern) => {
    const meal = mealOfPattern(pattern);
    const { firstJobMin = NOW } = plan(meal, meal.kitchen, NOW, { rescues: false });
    const {
      run,
      servedMin = Infinity,
      wantedMin,
      stops,
    } = rehearse(meal, {
      nowMin: Math.max(NOW, firstJobMin - 3),
      seed: 11,
    });
    const of = (did: string) =>
      new Set(run.events.flatMap((one) => (one.did === did && 'step' in one ? [one.step] : [])));
    // What was done early may have been kept hot: a step the run added.
    const steps = foldRun(run).meal.dishes.flatMap((dish) => dish.steps.map(({ id }) => id));
    expect(stops).toEqual([]);
    expect([...of('done')].sort()).toEqual([...steps].sort());
    // Of one dish the food decides: it is told later where it is, and then it is so.
    expect(servedMin - wantedMin).toBeLessThanOrEqual(5);
    expect(wantedMin - epochMinOf(SERVING, ZONE)).toBeLessThanOrEqual(30);
  });
});
