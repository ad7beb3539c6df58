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
/** What could not be opened, or was closed since, is opened again the next time. */
async function withDatabase<T>(work: (db: Db) => Promise<T>): Promise<T> {
  try {
    return await work(await (connection ??= openDb()));
  } catch (error) {
    connection = undefined;
    throw error;
  }
}

/** Fills the store with the patterns there are. Without a database they live in memory, as meals do. */
export async function findPatterns(dispatch: Dispatch): Promise<void> {
  dispatch(patternsFound(await storedPatterns()));
}

function storedPatterns(): Promise<OwnPattern[]> {
  return withDatabase((db) => loadPatterns(db, nowMinute())).catch((): OwnPattern[] => []);
}

/** The texts of all patterns that can be read, for a file: those stored, and those in memory only. */
export async function patternTexts(inMemory: readonly OwnPattern[]): Promise<string[]> {
  const all = new Map([...(await storedPatterns()), ...inMemory].map((one) => [one.id, one]));
  return [...all.values()].map(({ dish, own }) => textOf(dish, own));
}

/** Keeps a dish as a pattern, under an id of its own. @returns false for one no file could hold */
export function keepPattern(
  dispatch: Dispatch,
  dish: Dish,
  own: OwnPantry,
  id: string = uniqueId(dish.name),
): boolean {
  const text = textOf(dish, own);
  const [pattern] = readPattern(id, text, nowMinute());
  if (!pattern) return false;
  dispatch(patternKept(pattern));
  void write(dispatch, (db) => savePattern(db, id, text));
  return true;
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
  const here = new Set(await patternTexts([]));
  const fresh = patterns.filter(({ dish, own }) => !here.has(textOf(dish, own)));
  return fresh.filter(({ dish, own }) => keepPattern(dispatch, dish, own)).length;
}

function textOf(dish: Dish, own: OwnPantry): string {
  const meal = emptyMeal('meal', dish.name, '2026-01-01T19:00', 'UTC', 'Kitchen');
  return printDish({ ...meal, pantry: own }, dish);
}

function write(dispatch: Dispatch, work: (db: Db) => Promise<void>): Promise<void> {
  return withDatabase(work).catch((error: unknown) => {
    const why = error instanceof Error ? error.message : String(error);
    dispatch(storageIs({ condition: 'failing', why }));
  });
}
