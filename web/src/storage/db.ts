import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  type StoreNames,
} from 'idb';
import type { StoredBinned, StoredMeal, StoredRun, Unreadable } from './records.ts';

export interface ZemrinDb extends DBSchema {
  /** By the hour they are served: those that matter most are read first. */
  meals: { key: string; value: StoredMeal; indexes: { served: string } };
  bin: { key: string; value: StoredBinned };
  aside: { key: string; value: Unreadable };
  runs: { key: string; value: StoredRun };
  happened: { key: [string, string]; value: unknown };
  /** Dishes kept as patterns: the text of a dish file each. */
  patterns: { key: string; value: string };
}

export type Db = IDBPDatabase<ZemrinDb>;

/** What may happen to an open store from outside. */
export interface DbEvents {
  /** A newer Zemrin in another window wants the store: it is closed here. */
  readonly onTaken: () => void;
  /** The browser has closed it. */
  readonly onClosed: () => void;
}

const VERSION = 5;

/**
 * Opens this browser's store of meals. Rejects where there is none, or the browser forbids it.
 *
 * @param name given so that tests can have their own
 */
export async function openDb(name = 'zemrin', events?: DbEvents): Promise<Db> {
  const db = await openDB<ZemrinDb>(name, VERSION, {
    async upgrade(opened, from, _to, tx) {
      if (from < 1) {
        opened.createObjectStore('meals');
        opened.createObjectStore('bin');
      }
      if (from < 2) {
        opened.createObjectStore('aside', { keyPath: 'key' });
        await revised(tx);
      }
      if (from < 3) {
        opened.createObjectStore('runs');
        opened.createObjectStore('happened');
      }
      if (from < 4) opened.createObjectStore('patterns');
      if (from < 5) tx.objectStore('meals').createIndex('served', 'document.serving.at');
    },
    blocking() {
      db.close();
      events?.onTaken();
    },
    terminated: () => events?.onClosed(),
  });
  return db;
}

/** Whether anything at all lies in the store. */
export async function holdsAnything(db: Db): Promise<boolean> {
  const tx = db.transaction(['meals', 'bin', 'aside']);
  const counts = await Promise.all(
    (['meals', 'bin', 'aside'] as const).map((name) => tx.objectStore(name).count()),
  );
  return counts.some((count) => count > 0);
}

type Upgrade = IDBPTransaction<ZemrinDb, StoreNames<ZemrinDb>[], 'versionchange'>;

/** Version 1 stored bare documents; since version 2 each has a revision. */
async function revised(tx: Upgrade): Promise<void> {
  for (let at = await tx.objectStore('meals').openCursor(); at; at = await at.continue()) {
    const document: unknown = at.value;
    await at.update({ revision: 1, document });
  }
  for (let at = await tx.objectStore('bin').openCursor(); at; at = await at.continue()) {
    // It was stored as { meal, deletedMin }.
    const was: { meal?: unknown; deletedMin: number } = at.value;
    await at.update({ document: was.meal, deletedMin: was.deletedMin });
  }
}
