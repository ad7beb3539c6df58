import { MealError, readBundle, readJson, type Bundle } from '@zemrin/core';
import { isRun, problemsIn, takeRun } from '../../store/take-run.ts';

/** What came of a file: what it holds, or what is wrong with it. */
export type FileRead =
  | { readonly ok: true; readonly bundle: Bundle }
  | { readonly ok: false; readonly problems: readonly string[] };

/**
 * Reads any file Zemrin exported; fetched when there is one to read. A run is taken in at once:
 * nothing is asked of it.
 */
export function readFile(text: string, nowMin: number): FileRead | 'run' {
  try {
    const json = readJson(text);
    if (isRun(json)) {
      takeRun(json);
      return 'run';
    }
    return { ok: true, bundle: readBundle(text, nowMin) };
  } catch (error) {
    if (!(error instanceof MealError)) throw error;
    return { ok: false, problems: problemsIn(error) };
  }
}
