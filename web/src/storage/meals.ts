import { mealOf, type Meal } from '@zemrin/core';
import type { Db } from './db.ts';
import type { Binned, StoredBinned, StoredMeal, Unreadable } from './records.ts';

/** A meal that was read, at the revision it was stored. */
export interface ReadMeal {
  readonly meal: Meal;
  readonly revision: number;
}

export interface Stored {
  readonly meals: readonly ReadMeal[];
  readonly bin: readonly Binned[];
  readonly unreadable: readonly Unreadable[];
}

/** A document read, or why it cannot be. */
function readOrWhy(document: unknown, nowMin: number): { meal: Meal } | { why: string } {
  try {
    return { meal: mealOf(document, nowMin) };
  } catch (error) {
    return { why: error instanceof Error ? error.message : String(error) };
  }
}

/** So many meals are read before the page is shown, those to come first; */
const AT_FIRST = 6;
/** and of the others so many at a time, so that the page stays awake. */
const AT_A_TIME = 4;

/**
 * Everything stored. A document that cannot be read goes aside under a key of its own, as it is,
 * and comes back by itself once a Zemrin can read it.
 *
 * @param onFirst called with the meals that matter most, before the others of many are read
 */
export async function loadAll(
  db: Db,
  nowMin: number,
  onFirst: (first: Pick<Stored, 'meals' | 'bin'>) => void = () => undefined,
): Promise<Stored> {
  await bringBack(db, nowMin);
  const meals: ReadMeal[] = [];
  const wrong: Wrong[] = [];
  const take = ({ id, document, revision }: Waiting) => {
    const read = readOrWhy(document, nowMin);
    if ('meal' in read) meals.push({ meal: read.meal, revision });
    else wrong.push({ id, revision, why: read.why });
  };
  const first = await latest(db, AT_FIRST);
  first.forEach(take);
  const bin = readBin(await db.getAll('bin'), nowMin);
  // Of few there are no others.
  if (first.length === AT_FIRST) onFirst({ meals: [...meals], bin });
  const others = await allBut(db, new Set(first.map(({ id }) => id)));
  for (let i = 0; i < others.length; i += AT_A_TIME) {
    if (first.length === AT_FIRST) await idle();
    others.slice(i, i + AT_A_TIME).forEach(take);
  }
  if (first.length < AT_FIRST) onFirst({ meals: [...meals], bin });
  if (wrong.length > 0) await putAside(db, wrong);
  return { meals, bin, unreadable: await db.getAll('aside') };
}

/** At most so long the others wait for a page that is busy. */
const LONGEST_WAIT_MS = 100;

/** When the page has drawn what it has, or at once where nothing is drawn. */
function idle(): Promise<void> {
  return new Promise((resolve) => {
    if ('requestIdleCallback' in globalThis)
      requestIdleCallback(() => resolve(), { timeout: LONGEST_WAIT_MS });
    else setTimeout(resolve, 0);
  });
}

interface Waiting extends StoredMeal {
  readonly id: string;
}

/** The last to be served of those that say when. */
async function latest(db: Db, count: number): Promise<Waiting[]> {
  const found: Waiting[] = [];
  const index = db.transaction('meals').store.index('served');
  let cursor = await index.openCursor(null, 'prev');
  while (cursor && found.length < count) {
    found.push({ ...cursor.value, id: cursor.primaryKey });
    cursor = await cursor.continue();
  }
  return found;
}

/** Every other. */
async function allBut(db: Db, known: ReadonlySet<string>): Promise<Waiting[]> {
  const { store } = db.transaction('meals');
  const [ids, stored] = await Promise.all([store.getAllKeys(), store.getAll()]);
  return stored
    .map((one, i): Waiting => ({ ...one, id: ids[i] ?? '' }))
    .filter(({ id }) => !known.has(id));
}

/** What can be read by now leaves the aside, where its place is free. */
async function bringBack(db: Db, nowMin: number): Promise<void> {
  const tx = db.transaction(['meals', 'aside'], 'readwrite');
  const meals = tx.objectStore('meals');
  const aside = tx.objectStore('aside');
  for (const kept of await aside.getAll()) {
    const read = readOrWhy(kept.document, nowMin);
    const free = (await meals.getKey(kept.id)) === undefined;
    if (!('meal' in read) || !free) continue;
    await meals.put({ revision: 1, document: kept.document }, kept.id);
    await aside.delete(kept.key);
  }
  await tx.done;
}

/** A document that cannot be read, at the revision it was tried at. */
interface Wrong {
  readonly id: string;
  readonly revision: number;
  readonly why: string;
}

/** Out of the way as they are; what another window has written over meanwhile stays. */
async function putAside(db: Db, wrong: readonly Wrong[]): Promise<void> {
  const tx = db.transaction(['meals', 'aside'], 'readwrite');
  const meals = tx.objectStore('meals');
  const aside = tx.objectStore('aside');
  for (const { id, revision, why } of wrong) {
    const stored = await meals.get(id);
    if (!stored || stored.revision !== revision) continue;
    await aside.put({ key: await freeKey(aside, id), id, document: stored.document, why });
    await meals.delete(id);
  }
  await tx.done;
}

function readBin(stored: readonly StoredBinned[], nowMin: number): Binned[] {
  return stored.flatMap(({ document, deletedMin }) => {
    const read = readOrWhy(document, nowMin);
    return 'meal' in read ? [{ meal: read.meal, deletedMin }] : [];
  });
}

/** A key nothing lies under. */
async function freeKey(
  aside: { getKey: (key: string) => Promise<string | undefined> },
  id: string,
): Promise<string> {
  let key = id;
  for (let n = 2; (await aside.getKey(key)) !== undefined; n++) key = `${id} (${n})`;
  return key;
}

/** One meal as it is stored now; undefined where it is not, or cannot be read. */
export async function loadMeal(
  db: Db,
  id: string,
  nowMin: number,
): Promise<{ readonly read?: ReadMeal; readonly binned?: Binned }> {
  const stored = await db.get('meals', id);
  if (stored) {
    const read = readOrWhy(stored.document, nowMin);
    return 'meal' in read ? { read: { meal: read.meal, revision: stored.revision } } : {};
  }
  const [binned] = readBin([(await db.get('bin', id)) ?? []].flat(), nowMin);
  return binned ? { binned } : {};
}

/** Stored, or what another window has stored meanwhile; revision 0 where it stored none. */
export type Saved =
  | { readonly ok: true; readonly revision: number }
  | { readonly ok: false; readonly theirs: StoredMeal | undefined };

/**
 * Stores a meal, if it is still at the revision it was read at: compare and set in one
 * transaction. It leaves the bin if it was there.
 *
 * @param base the revision it was read at; 0 for one that is new
 */
export async function saveMeal(db: Db, meal: Meal, base: number): Promise<Saved> {
  const tx = db.transaction(['meals', 'bin'], 'readwrite');
  const meals = tx.objectStore('meals');
  const there = await meals.get(meal.id);
  if ((there?.revision ?? 0) !== base) {
    await tx.done;
    return { ok: false, theirs: there };
  }
  const revision = base + 1;
  await meals.put({ revision, document: meal }, meal.id);
  await tx.objectStore('bin').delete(meal.id);
  await tx.done;
  return { ok: true, revision };
}

/** How many deleted meals are kept. */
const BIN_HOLDS = 20;

/**
 * Moves a meal to the bin as it is stored, with what another window did to it last; the oldest
 * leaves a full bin.
 */
export async function binMeal(db: Db, { meal, deletedMin }: Binned): Promise<void> {
  const tx = db.transaction(['meals', 'bin'], 'readwrite');
  const there = await tx.objectStore('meals').get(meal.id);
  const bin = tx.objectStore('bin');
  await tx.objectStore('meals').delete(meal.id);
  await bin.put({ document: there?.document ?? meal, deletedMin }, meal.id);
  const keys = await bin.getAllKeys();
  const all = await Promise.all(keys.map(async (key) => ({ key, kept: await bin.get(key) })));
  const tooMany = all
    .sort((a, b) => (b.kept?.deletedMin ?? 0) - (a.kept?.deletedMin ?? 0))
    .slice(BIN_HOLDS);
  await Promise.all(tooMany.map(({ key }) => bin.delete(key)));
  await tx.done;
}
