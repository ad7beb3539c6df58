import { mealOf, type Meal } from '@zemrin/core';

/** The example meals: ordinary meal files, fetched only when asked for. */
const files = import.meta.glob<{ default: unknown }>('../../../../demo/*.json');

/** Every example with its serving day laid out from now. */
export async function loadDemos(nowMin: number): Promise<Meal[]> {
  const modules = await Promise.all(Object.values(files).map((load) => load()));
  return modules.map((module) => mealOf(module.default, nowMin));
}
