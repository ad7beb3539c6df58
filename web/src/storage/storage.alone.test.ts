import 'fake-indexeddb/auto';
import { mealOf, printDish, type Meal } from '@zemrin/core';
import { deleteDB, openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import supperFile from '../../../demo/first-frost-supper.json';
import { openDb, type Db } from './db.ts';
import { binMeal, loadAll, saveMeal } from './meals.ts';
import { dropPattern, loadPatterns, savePattern } from './patterns.ts';

const NOW = 29_927_000;
const supper = (id: string): Meal => ({ ...mealOf(supperFile, NOW), id });
const idsOf = async (db: Db) => (await loadAll(db, NOW)).meals.map(({ meal }) => meal.id);

describe('the browser’s store', () => {
  it('gives back what was stored, in a later session too', async () => {
    const first = await openDb('again');
    await saveMeal(first, supper('one'), 0);
    first.close();
    const stored = await loadAll(await openDb('again'), NOW);
    expect(stored.meals).toEqual([{ meal: supper('one'), revision: 1 }]);
    expect(stored.unreadable).toEqual([]);
  });

  it('writes a meal only over the revision it was read at', async () => {
    const db = await openDb('revisions');
    expect(await saveMeal(db, supper('one'), 0)).toEqual({ ok: true, revision: 1 });
    const other = { ...supper('one'), title: 'Other' };
    expect(await saveMeal(db, other, 1)).toEqual({ ok: true, revision: 2 });
    for (const stale of [0, 1]) {
      const result = await saveMeal(db, supper('one'), stale);
      expect(result).toMatchObject({ ok: false, theirs: { revision: 2 } });
    }
    expect((await loadAll(db, NOW)).meals[0]?.meal.title).toBe('Other');
  });

  it('moves a deleted meal to the bin, and out of it when it is stored again', async () => {
    const db = await openDb('bin');
    await saveMeal(db, supper('one'), 0);
    await binMeal(db, { meal: supper('one'), deletedMin: NOW });
    const gone = await loadAll(db, NOW);
    expect([gone.meals.length, gone.bin.map(({ meal }) => meal.id)]).toEqual([0, ['one']]);
    await saveMeal(db, supper('one'), 0);
    const back = await loadAll(db, NOW);
    expect([back.meals.length, back.bin.length]).toEqual([1, 0]);
  });

  it('lets the oldest go when the bin is full', async () => {
    const db = await openDb('full');
    for (let i = 0; i < 23; i++) await binMeal(db, { meal: supper(`m${i}`), deletedMin: i });
    const ids = (await loadAll(db, NOW)).bin.map(({ meal }) => meal.id);
    expect(ids.length).toBe(20);
    expect(ids).not.toContain('m2');
    expect(ids).toContain('m3');
  });

  it('keeps aside what it cannot read, as it is, and never writes over it', async () => {
    const db = await openDb('broken');
    const future = { zemrin: 'meal', version: 99, id: 'one' };
    await db.put('meals', { revision: 4, document: future }, 'one');
    const [aside] = (await loadAll(db, NOW)).unreadable;
    expect(aside).toMatchObject({ key: 'one', id: 'one', document: future });
    expect(aside?.why).toMatch(/newer Zemrin/);
    // A new meal of that id, and then a second unreadable one.
    await saveMeal(db, supper('one'), 0);
    await db.put('meals', { revision: 9, document: 'torn' }, 'one');
    const { unreadable } = await loadAll(db, NOW);
    expect(unreadable.map(({ key, document }) => [key, document])).toEqual([
      ['one', future],
      ['one (2)', 'torn'],
    ]);
  });

  it('takes back what was kept aside once it can be read', async () => {
    const db = await openDb('readable');
    await db.put('aside', { key: 'one', id: 'one', document: supper('one'), why: 'then' });
    expect(await idsOf(db)).toEqual(['one']);
    expect((await loadAll(db, NOW)).unreadable).toEqual([]);
  });

  it('brings forward a store of the first version, bin and all', async () => {
    await deleteDB('older');
    const older = await openDB('older', 1, {
      upgrade(db) {
        db.createObjectStore('meals');
        db.createObjectStore('bin');
      },
    });
    await older.put('meals', supper('one'), 'one');
    await older.put('bin', { meal: supper('two'), deletedMin: 7 }, 'two');
    older.close();
    const stored = await loadAll(await openDb('older'), NOW);
    expect(stored.meals).toEqual([{ meal: supper('one'), revision: 1 }]);
    expect(stored.bin).toEqual([{ meal: supper('two'), deletedMin: 7 }]);
  });

  it('gives way to a newer Zemrin that wants the store', async () => {
    let taken = false;
    await openDb('taken', { onTaken: () => (taken = true), onClosed: () => undefined });
    const newer = await openDB('taken', 99);
    expect(taken).toBe(true);
    newer.close();
  });

  it('gives back the patterns that can be read, and leaves alone what cannot', async () => {
    const db = await openDb('patterns');
    const meal = supper('one');
    const [dish] = meal.dishes;
    if (!dish) throw new Error('no dish');
    await savePattern(db, 'mine', printDish(meal, dish));
    await savePattern(db, 'later', '{"zemrin":"dish","version":99}');
    expect((await loadPatterns(db, NOW)).map(({ id, dish: one }) => [id, one.name])).toEqual([
      ['mine', dish.name],
    ]);
    expect(await db.getAllKeys('patterns')).toEqual(['later', 'mine']);
    await dropPattern(db, 'mine');
    expect(await loadPatterns(db, NOW)).toEqual([]);
  });
});

describe('many meals', () => {
  const many = 40;
  const servedIn = (week: number): Meal => ({
    ...supper(`m-${week}`),
    serving: {
      at: `2026-${String(1 + (week % 12)).padStart(2, '0')}-01T19:00`,
      zone: 'Europe/Paris',
    },
  });

  it('are shown by the last to be served, before the others are read; none is lost', async () => {
    const db = await openDb('many');
    for (let i = 0; i < many; i++) await saveMeal(db, servedIn(i), 0);
    const first: string[][] = [];
    const all = await loadAll(db, NOW, ({ meals }) =>
      first.push(meals.map(({ meal }) => meal.serving.at)),
    );
    expect(first).toHaveLength(1);
    const [shown = []] = first;
    expect(shown.length).toBeLessThan(many);
    expect(shown).toEqual([...shown].sort().reverse());
    expect(new Set(all.meals.map(({ meal }) => meal.id)).size).toBe(many);
    const hidden = all.meals.slice(shown.length).map(({ meal }) => meal.serving.at);
    expect(
      [...hidden]
        .sort()
        .reverse()[0]
        ?.localeCompare(shown.at(-1) ?? ''),
    ).toBeLessThanOrEqual(0);
  });

  it('keep aside what cannot be read among them, wherever it lies', async () => {
    const db = await openDb('many-wrong');
    for (let i = 0; i < many; i++) await saveMeal(db, servedIn(i), 0);
    await db.put(
      'meals',
      { revision: 3, document: { serving: { at: '2019-01-01T19:00' } } },
      'old',
    );
    await db.put('meals', { revision: 1, document: 'nothing' }, 'odd');
    const { meals, unreadable } = await loadAll(db, NOW);
    expect(meals).toHaveLength(many);
    expect(unreadable.map(({ id }) => id).sort()).toEqual(['odd', 'old']);
    expect(await db.getKey('meals', 'old')).toBeUndefined();
  });
});
