import type { Verb } from '../terms/index.ts';
import type { Context } from './context.ts';
import type { VerbWords } from './verbs.ts';

/** What a clause is about where its verb says little, or it has none. */
export interface Cue {
  readonly verb: Verb | 'again';
  readonly words: RegExp;
  /** Only where this holds of what was read before. */
  readonly when?: (context: Context) => boolean;
  /** Only where the clause says nothing of this. */
  readonly unless?: RegExp;
  /** Wins over a verb that was found as well. */
  readonly over?: readonly VerbWords[];
  /** A step even where nothing says how long or how hot. */
  readonly alone?: boolean;
}

/** Verbs that say little. */
export const WEAK: readonly VerbWords[] = [
  'put',
  'wait',
  'cook',
  'rest',
  'chill',
  'prepare',
  'mix',
];
