import type { Meal } from './schema.ts';

/** All ids of dishes, steps, foods and mixtures of a meal. */
export function takenIds(meal: Pick<Meal, 'dishes'>): Set<string> {
  return new Set(
    meal.dishes.flatMap((dish) => [
      dish.id,
      ...dish.steps.map((step) => step.id),
      ...dish.foods.map((food) => food.id),
      ...dish.mixtures.map((mixture) => mixture.id),
    ]),
  );
}

/** "Leek & ham pie" → "leek-ham-pie", or "leek-ham-pie-2" when that is taken. */
export function freshId(name: string, taken: ReadonlySet<string>): string {
  const base =
    name
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '') || 'new';
  let id = base;
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
  return id;
}
