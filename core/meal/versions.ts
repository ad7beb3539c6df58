import { MealError } from './document.ts';

/** A document as it lies in a file, before its schema has looked at it. */
export type RawDocument = Readonly<Record<string, unknown>>;

/** From one version to the next: pure, and never changed once a file of it can exist. */
export type Migration = (document: RawDocument) => RawDocument;

/** A kind of document: what its `zemrin` field says, and how old ones are brought forward. */
export interface DocumentKind {
  readonly name: string;
  /** The first makes version 2 of version 1, and so on: the newest version is one more. */
  readonly migrations: readonly Migration[];
}

/** The version this Zemrin writes. */
export function newestVersion({ migrations }: DocumentKind): number {
  return migrations.length + 1;
}

/**
 * A document brought forward to the newest version of its kind, step by step. Fields nobody knows
 * are carried along.
 *
 * @throws MealError where it is no such document, or newer than this Zemrin
 */
export function migrated(json: unknown, kind: DocumentKind): RawDocument {
  const document = headed(json, kind);
  const from = document.version;
  // What says no version, or none that is a number, is told by the schema.
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1) return document;
  return kind.migrations
    .slice(from - 1)
    .reduce<RawDocument>(
      (older, migrate, i) => ({ ...migrate(older), version: from + i + 1 }),
      document,
    );
}

/** The document, if it says that it is of the kind, and of a version that can be read. */
function headed(json: unknown, kind: DocumentKind): RawDocument {
  const { name } = kind;
  const isDocument = typeof json === 'object' && json !== null && 'zemrin' in json;
  if (!isDocument || json.zemrin !== name) {
    throw new MealError([
      {
        path: 'zemrin',
        wrong: `is not “${name}”, so this is not a Zemrin ${name}`,
        mend: 'Choose a file that Zemrin exported',
      },
    ]);
  }
  const document: RawDocument = { ...json };
  const newest = newestVersion(kind);
  if (typeof document.version === 'number' && document.version > newest) {
    throw new MealError([
      {
        path: 'version',
        wrong: `is ${document.version}, and this Zemrin reads up to ${newest}`,
        mend: 'Open it with a newer Zemrin; nothing in it was changed',
      },
    ]);
  }
  return document;
}

/**
 * Version 2 of meals and dishes: a step may say which foods it works on. One that does not, and so
 * every step of version 1, is inferred from its dish whenever it is read (works-on.ts).
 */
const stepsMayNameFoods: Migration = (document) => document;

/** The kinds of documents of Zemrin's, each with its way from its first version to the newest. */
export const DOCUMENTS = {
  meal: { name: 'meal', migrations: [stepsMayNameFoods] },
  dish: { name: 'dish', migrations: [stepsMayNameFoods] },
  kitchen: { name: 'kitchen', migrations: [] },
  library: { name: 'library', migrations: [] },
  cook: { name: 'cook', migrations: [] },
  run: { name: 'run', migrations: [] },
} as const satisfies Readonly<Record<string, DocumentKind>>;
