import { runOf, type Run, type RunEvent } from '@zemrin/core';
import type { Db } from './db.ts';
import type { Rehearsed, StoredRun } from './records.ts';

/** A run as this browser has it. */
export interface KeptRun {
  readonly run: Run;
  readonly rehearsal?: Rehearsed | undefined;
  /** Other devices on the home network cook it too. */
  readonly shared?: boolean | undefined;
}

/** Every run that can be read, with all that happened in it; what cannot be read stays stored. */
export async function loadRuns(db: Db): Promise<KeptRun[]> {
  const tx = db.transaction(['runs', 'happened']);
  const stored = await tx.objectStore('runs').getAll();
  const found: KeptRun[] = [];
  for (const one of stored) {
    const events = await tx.objectStore('happened').getAll(rangeOf(one.id));
    const run = readRun(one, events);
    if (run) found.push({ run, rehearsal: one.rehearsal, shared: one.shared });
  }
  return found;
}

/** The events of one run, as other windows may have added to it; undefined where it is not. */
export async function loadRun(db: Db, id: string): Promise<KeptRun | undefined> {
  const stored = await db.get('runs', id);
  if (!stored) return undefined;
  const run = readRun(stored, await db.getAll('happened', rangeOf(id)));
  return run && { run, rehearsal: stored.rehearsal, shared: stored.shared };
}

function readRun(stored: StoredRun, events: readonly unknown[]): Run | undefined {
  const { id, startedMin, document } = stored;
  try {
    return runOf({ zemrin: 'run', version: 1, id, startedMin, meal: document, events });
  } catch {
    return undefined;
  }
}

/** Begins to keep a run. */
export async function keepRun(db: Db, { run, rehearsal, shared }: KeptRun): Promise<void> {
  const { id, startedMin, meal } = run;
  await db.put('runs', { id, startedMin, document: meal, rehearsal, shared }, id);
}

/** Adds events to a run. Nothing is ever written over: a key that is there stays as it is. */
export async function addEvents(db: Db, run: string, events: readonly RunEvent[]): Promise<void> {
  const tx = db.transaction('happened', 'readwrite');
  for (const one of events) {
    const key: [string, string] = [run, one.id];
    if ((await tx.store.getKey(key)) === undefined) await tx.store.put(one, key);
  }
  await tx.done;
}

function rangeOf(run: string): IDBKeyRange {
  return IDBKeyRange.bound([run, ''], [run, '\uffff']);
}
