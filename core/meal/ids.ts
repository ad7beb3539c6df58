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

/** The list with the one of an id changed. */
export function mapId<T extends { id: string }>(
  items: readonly T[],
  id: string,
  to: (item: T) => T,
): T[] {
  return items.map((item) => (item.id === id ? to(item) : item));
}
