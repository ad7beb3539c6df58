import { emptyMeal, printDish, type Dish, type OwnPantry } from '@zemrin/core';
import type { Action } from '@reduxjs/toolkit';
import { openDb, type Db } from '../storage/db.ts';
import {
  dropPattern,
  loadPatterns,
  readPattern,
  savePattern,
  type OwnPattern,
} from '../storage/patterns.ts';
import { nowMinute } from './clock.ts';
import { uniqueId } from './ids.ts';
import { patternDropped, patternKept, patternsFound } from './own-patterns.ts';
import { storageIs } from './storage-status.ts';

type Dispatch = (action: Action) => unknown;

/** Patterns have a connection of their own: they are asked for where dishes are, and in files. */
let connection: Promise<Db> | undefined;
const database = () => (connection ??= openDb());

/** Fills the store with the patterns there are. Without a database they live in memory, as meals do. */
export async function findPatterns(dispatch: Dispatch): Promise<void> {
  const found = await database()
    .then((db) => loadPatterns(db, nowMinute()))
    .catch((): OwnPattern[] => []);
  dispatch(patternsFound(found));
}

/** The texts of all patterns, for a file; none where there is no database. */
export async function patternTexts(): Promise<string[]> {
  return database()
    .then((db) => db.getAll('patterns'))
    .catch(() => []);
}

/** Keeps a dish as a pattern, under an id of its own. */
export function keepPattern(
  dispatch: Dispatch,
  dish: Dish,
  own: OwnPantry,
  id: string = uniqueId(dish.name),
): Promise<void> {
  const text = textOf(dish, own);
  const [pattern] = readPattern(id, text, nowMinute());
  if (!pattern) return Promise.resolve();
  dispatch(patternKept(pattern));
  return write(dispatch, (db) => savePattern(db, id, text));
}

/** Takes a pattern out of the book. */
export function dropOwnPattern(dispatch: Dispatch, id: string): Promise<void> {
  dispatch(patternDropped(id));
  return write(dispatch, (db) => dropPattern(db, id));
}

/** Patterns of a file; one that is here already stays as it is. @returns how many came in */
export async function takePatterns(
  dispatch: Dispatch,
  patterns: ReadonlyArray<{ readonly dish: Dish; readonly own: OwnPantry }>,
): Promise<number> {
  const here = new Set(await patternTexts());
  const fresh = patterns.filter(({ dish, own }) => !here.has(textOf(dish, own)));
  for (const { dish, own } of fresh) await keepPattern(dispatch, dish, own);
  return fresh.length;
}

function textOf(dish: Dish, own: OwnPantry): string {
  const meal = emptyMeal('meal', dish.name, '2026-01-01T19:00', 'UTC', 'Kitchen');
  return printDish({ ...meal, pantry: own }, dish);
}

function write(dispatch: Dispatch, work: (db: Db) => Promise<void>): Promise<void> {
  return database()
    .then(work)
    .catch((error: unknown) => {
      const why = error instanceof Error ? error.message : String(error);
      dispatch(storageIs({ condition: 'failing', why }));
    });
}
