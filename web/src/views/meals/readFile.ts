import { MealError, readBundle, type Bundle } from '@zemrin/core';

/** What came of a file: what it holds, or what is wrong with it. */
export type FileRead =
  | { readonly ok: true; readonly bundle: Bundle }
  | { readonly ok: false; readonly problems: readonly string[] };

/** Reads any file Zemrin exported; fetched when there is one to read. */
export function readFile(text: string, nowMin: number): FileRead {
  try {
    return { ok: true, bundle: readBundle(text, nowMin) };
  } catch (error) {
    if (!(error instanceof MealError)) throw error;
    const problems = error.problems.map(
      (p) => `${p.path ? `${p.path}: ` : ''}${p.wrong}. ${p.mend}.`,
    );
    return { ok: false, problems };
  }
}
