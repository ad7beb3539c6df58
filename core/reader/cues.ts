import type { Verb } from '../terms/index.ts';
import { goesOnAs, type Context } from './context.ts';
import { CUES_AHEAD } from './cues-ahead.ts';
import { CUES_AT_FIRE } from './cues-at-fire.ts';
import { HEAT_OFF } from './settle-left.ts';
import type { VerbWords } from './verbs.ts';

/** The most telling first. Each names a step by what surrounds it. */
const CUES = [...CUES_AHEAD, ...CUES_AT_FIRE];

/** A cue that tells which step a clause is, and where it stands. */
export interface CueHit {
  readonly verb: Verb;
  readonly from: number;
  readonly to: number;
  readonly over: readonly VerbWords[];
  /** It is put into something: a step even where nothing says how long. */
  readonly into: boolean;
  /** "Another hour": of what went on before. */
  readonly goesOn: boolean;
}

/** "(45 minutes in a pressure cooker)": another way to do it. */
const OTHER_WAY =
  /\([^()]*\d[^()]*(?:pressure[- ]cooker|slow[- ]cooker|olla (?:expr[eé]s|r[aá]pida|lenta|a presi[oó]n))[^()]*\)/gi;

/** The step a clause's surroundings speak of; undefined where they say nothing. */
export function cueIn(clause: string, context: Context): CueHit | undefined {
  const said = clause.replace(OTHER_WAY, (words) => ' '.repeat(words.length));
  for (const { verb, words, when, unless, over = [], alone = false } of CUES) {
    if ((when && !when(context)) || unless?.test(said)) continue;
    if (verb === 'again' && HEAT_OFF.test(said)) continue;
    const match = words.exec(said);
    if (!match) continue;
    const means = verb === 'again' ? goesOnAs(context) : verb;
    if (means === undefined) continue;
    const into = alone || /^(?:into|en)(?![a-zß-ɏ])/i.test(match[0]);
    return {
      verb: means,
      from: match.index,
      to: match.index + match[0].length,
      over,
      into,
      goesOn: verb === 'again',
    };
  }
  return undefined;
}
