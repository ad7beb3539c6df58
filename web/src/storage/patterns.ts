import { MealError, readBundle, type Dish, type OwnPantry } from '@zemrin/core';
import type { Db } from './db.ts';

/** A dish the cook keeps as a pattern, with what its pantry needs besides. */
export interface OwnPattern {
  readonly id: string;
  readonly dish: Dish;
  readonly own: OwnPantry;
}

/** Every pattern of the cook's own that can be read; what cannot be stays stored as it is. */
export async function loadPatterns(db: Db, nowMin: number): Promise<OwnPattern[]> {
  const tx = db.transaction('patterns');
  const ids = await tx.store.getAllKeys();
  const texts = await tx.store.getAll();
  return ids.flatMap((id, i) => readPattern(id, texts[i] ?? '', nowMin));
}

/** A pattern from the text of a dish file; none where it is no such text. */
export function readPattern(id: string, text: string, nowMin: number): OwnPattern[] {
  try {
    const bundle = readBundle(text, nowMin);
    return bundle.kind === 'dish' ? [{ id, dish: bundle.dish, own: bundle.own }] : [];
  } catch (error) {
    if (error instanceof MealError) return [];
    throw error;
  }
}

/** Stores a pattern as the file of its dish. */
export async function savePattern(db: Db, id: string, text: string): Promise<void> {
  await db.put('patterns', text, id);
}

export async function dropPattern(db: Db, id: string): Promise<void> {
  await db.delete('patterns', id);
}
