import 'fake-indexeddb/auto';
import { mealOf, type Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { binMeal, loadAll, openDb, saveMeal } from './db.ts';

const NOW = 29_927_000;
const supper = (id: string): Meal => ({ ...mealOf(supperFile, NOW), id });

describe('the browser’s store', () => {
  it('gives back what was stored, in a later session too', async () => {
    const first = await openDb('again');
    await saveMeal(first, supper('one'));
    first.close();
    const stored = await loadAll(await openDb('again'), NOW);
    expect(stored.meals).toEqual([supper('one')]);
    expect(stored.problems).toEqual([]);
  });

  it('moves a deleted meal to the bin, and out of it when it is stored again', async () => {
    const db = await openDb('bin');
    await saveMeal(db, supper('one'));
    await binMeal(db, { meal: supper('one'), deletedMin: NOW });
    const gone = await loadAll(db, NOW);
    expect([gone.meals.length, gone.bin.map((b) => b.meal.id)]).toEqual([0, ['one']]);
    await saveMeal(db, supper('one'));
    const back = await loadAll(db, NOW);
    expect([back.meals.length, back.bin.length]).toEqual([1, 0]);
  });

  it('lets the oldest go when the bin is full', async () => {
    const db = await openDb('full');
    for (let i = 0; i < 23; i++) await binMeal(db, { meal: supper(`m${i}`), deletedMin: i });
    const ids = (await loadAll(db, NOW)).bin.map((binned) => binned.meal.id);
    expect(ids.length).toBe(20);
    expect(ids).not.toContain('m2');
    expect(ids).toContain('m3');
  });

  it('reports what it cannot read and leaves it where it is', async () => {
    const db = await openDb('broken');
    await db.put('meals', { zemrin: 'meal', version: 99 }, 'future');
    await saveMeal(db, supper('one'));
    const stored = await loadAll(db, NOW);
    expect(stored.meals.map((meal) => meal.id)).toEqual(['one']);
    expect(stored.problems[0]).toMatch(/newer Zemrin/);
    expect(await db.get('meals', 'future')).toEqual({ zemrin: 'meal', version: 99 });
  });
});
