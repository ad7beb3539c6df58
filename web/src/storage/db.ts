import { mealOf, type Meal } from '@zemrin/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A deleted meal, kept so that it can be brought back. */
export interface Binned {
  readonly meal: Meal;
  readonly deletedMin: number;
}

interface ZemrinDb extends DBSchema {
  meals: { key: string; value: unknown };
  bin: { key: string; value: Binned };
}

export type Db = IDBPDatabase<ZemrinDb>;

/** Opens this browser's store of meals. The name is given so that tests can have their own. */
export function openDb(name = 'zemrin'): Promise<Db> {
  return openDB<ZemrinDb>(name, 1, {
    upgrade(db) {
      db.createObjectStore('meals');
      db.createObjectStore('bin');
    },
  });
}

export interface Stored {
  readonly meals: Meal[];
  readonly bin: Binned[];
  /** What could not be read; it is left in the store as it is. */
  readonly problems: string[];
}

/** Everything stored. A document that cannot be read is reported, never dropped. */
export async function loadAll(db: Db, nowMin: number): Promise<Stored> {
  const meals: Meal[] = [];
  const problems: string[] = [];
  for (const document of await db.getAll('meals')) {
    try {
      meals.push(mealOf(document, nowMin));
    } catch (error) {
      problems.push(error instanceof Error ? error.message : String(error));
    }
  }
  return { meals, bin: await db.getAll('bin'), problems };
}

/** Stores a meal; it leaves the bin if it was there. */
export async function saveMeal(db: Db, meal: Meal): Promise<void> {
  const tx = db.transaction(['meals', 'bin'], 'readwrite');
  await Promise.all([
    tx.objectStore('meals').put(meal, meal.id),
    tx.objectStore('bin').delete(meal.id),
    tx.done,
  ]);
}

/** How many deleted meals are kept. */
const BIN_HOLDS = 20;

/** Moves a meal to the bin; the oldest leaves a full bin. */
export async function binMeal(db: Db, binned: Binned): Promise<void> {
  const tx = db.transaction(['meals', 'bin'], 'readwrite');
  await tx.objectStore('meals').delete(binned.meal.id);
  await tx.objectStore('bin').put(binned, binned.meal.id);
  const all = await tx.objectStore('bin').getAll();
  const tooMany = all.sort((a, b) => b.deletedMin - a.deletedMin).slice(BIN_HOLDS);
  await Promise.all(tooMany.map((old) => tx.objectStore('bin').delete(old.meal.id)));
  await tx.done;
}
