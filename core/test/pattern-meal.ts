import {
  applyCommand,
  emptyMeal,
  epochMinOf,
  mealOf,
  patternDish,
  type Kitchen,
  type Meal,
  type Pattern,
} from '../index.ts';

export const ZONE = 'Europe/Paris';
export const SERVING = '2026-12-12T19:00';
export const NOW = epochMinOf('2026-12-03T08:00', ZONE);

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
export function mealOfPattern(pattern: Pattern): Meal {
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
