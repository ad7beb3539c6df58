import type { Command, Meal } from '@zemrin/core';
import type { Action } from '@reduxjs/toolkit';
import type { Channel } from '../storage/channel.ts';
import type { Db } from '../storage/db.ts';
import { binMeal, loadMeal, saveMeal, type ReadMeal } from '../storage/meals.ts';
import type { StoredMeal } from '../storage/records.ts';
import { uniqueId } from './ids.ts';
import { added, edited, foldedIn, rebased, type LibraryState } from './library.ts';
import { own } from './own.ts';

/** What saving needs of the store. */
export interface SavingStore {
  readonly library: () => LibraryState;
  readonly dispatch: (action: Action) => void;
  readonly nowMin: () => number;
}

/** How a writing ended, told each time. */
export type Told = (failed: unknown) => void;

/** What was done to a meal since it was last written: commands, or something that is none. */
type Unsaved = readonly (Command | 'whole')[];

/**
 * The one writer of the browser's store. Meals are written one after another, each only over the
 * revision it was read at; what another window wrote in between is folded in, with what was done
 * here done again on top of it. What cannot be written stays in memory and is tried again.
 */
export class Saver {
  private readonly saved = new Map<string, ReadMeal>();
  private readonly unsaved = new Map<string, Unsaved>();
  private queue: Promise<void> = Promise.resolve();

  constructor(
    private readonly db: Db,
    private readonly channel: Channel,
    private readonly store: SavingStore,
    private readonly told: Told,
  ) {}

  /** Begins from what was read; what was done before that is written now. */
  start(read: readonly ReadMeal[]): void {
    for (const one of read) this.saved.set(one.meal.id, one);
    const { meals } = this.store.library();
    for (const id of new Set([...Object.keys(meals), ...this.saved.keys()])) {
      if (own(meals, id) !== this.saved.get(id)?.meal) this.unsaved.set(id, ['whole']);
    }
    this.later(() => this.writeAll());
  }

  /** After every change of the library. */
  changed(before: LibraryState, now: LibraryState, action: Action): void {
    for (const id of new Set([...Object.keys(before.meals), ...Object.keys(now.meals)])) {
      if (own(before.meals, id) === own(now.meals, id)) continue;
      const done = edited.match(action) ? action.payload.command : 'whole';
      this.unsaved.set(id, [...(this.unsaved.get(id) ?? []), done]);
    }
    this.later(() => this.writeAll());
  }

  /** Another window has written a meal. */
  heard(id: string): void {
    this.later(() => this.refresh(id));
  }

  /** Tries again what could not be written. */
  retry(): void {
    if (this.unsaved.size > 0) this.later(() => this.writeAll());
  }

  /** Reads every meal anew: for a browser in which other windows cannot be heard. */
  refreshAll(): void {
    for (const id of this.saved.keys()) this.later(() => this.refresh(id));
  }

  /** Whether something is in memory only. */
  get pending(): boolean {
    return this.unsaved.size > 0;
  }

  /** All that was asked for so far is done. */
  async settled(): Promise<void> {
    for (let last; last !== this.queue;) {
      last = this.queue;
      await last;
    }
  }

  private later(work: () => Promise<void>): void {
    this.queue = this.queue.then(work).catch(this.told);
  }

  private async writeAll(): Promise<void> {
    if (this.unsaved.size === 0) return;
    for (const id of [...this.unsaved.keys()]) await this.write(id);
    this.told(undefined);
  }

  private async write(id: string): Promise<void> {
    const meal = own(this.store.library().meals, id);
    const base = this.saved.get(id);
    if (meal === undefined) await this.bin(id, base);
    else if (meal !== base?.meal) {
      const result = await saveMeal(this.db, meal, base?.revision ?? 0);
      if (!result.ok) return this.meet(meal, base, result.theirs);
      this.saved.set(id, { meal, revision: result.revision });
      this.channel.say(id);
    }
    this.unsaved.delete(id);
  }

  private async bin(id: string, base: ReadMeal | undefined): Promise<void> {
    if (!base) return;
    const binned = this.store.library().bin.find(({ meal }) => meal.id === id);
    const deletedMin = binned?.deletedMin ?? this.store.nowMin();
    await binMeal(this.db, { meal: base.meal, deletedMin });
    this.saved.delete(id);
    this.channel.say(id);
  }

  /** Another window was quicker. */
  private async meet(
    mine: Meal,
    base: ReadMeal | undefined,
    theirs: StoredMeal | undefined,
  ): Promise<void> {
    const { id } = mine;
    const { read } = await loadMeal(this.db, id, this.store.nowMin());
    if (theirs === undefined || !read) {
      // They deleted it, and it goes on here; what nobody can read goes aside at the next start.
      this.saved.delete(id);
      if (theirs === undefined) return this.write(id);
      throw new Error(`“${mine.title}” was changed by another Zemrin, and cannot be read here`);
    }
    if (!base) return this.meetNew(mine, read);
    const { doneAgain } = await import('./redo.ts');
    const merged = doneAgain(read.meal, mine, this.unsaved.get(id) ?? []);
    this.saved.set(id, read);
    this.store.dispatch(rebased({ theirs: read.meal, merged }));
    return this.write(id);
  }

  /** Two windows began a meal under one id: both stay. */
  private meetNew(mine: Meal, theirs: ReadMeal): Promise<void> {
    const { id } = mine;
    this.saved.set(id, theirs);
    const same = JSON.stringify(theirs.meal) === JSON.stringify(mine);
    this.store.dispatch(foldedIn({ id, meal: theirs.meal }));
    if (!same) this.store.dispatch(added({ ...mine, id: uniqueId(mine.id) }));
    return this.write(id);
  }

  /** What another window did to a meal, folded in at once. */
  private async refresh(id: string): Promise<void> {
    const base = this.saved.get(id);
    const mine = own(this.store.library().meals, id);
    // Something is to be written here too: then both meet there.
    if (mine !== base?.meal) return this.write(id);
    const { read, binned } = await loadMeal(this.db, id, this.store.nowMin());
    if (read?.revision === base?.revision) return;
    if (read) this.saved.set(id, read);
    else this.saved.delete(id);
    this.store.dispatch(foldedIn({ id, meal: read?.meal, binned }));
    this.unsaved.delete(id);
  }
}
