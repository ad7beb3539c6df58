import { minutesOf } from './act.ts';
import type { Context, ReadAct } from './context.ts';
import { isLeftAlone } from './left-alone.ts';
import type { ReadSentence, Seen } from './seen.ts';
import { spansIn, type ReadDuration } from './span.ts';

/** "At 68 °C in the breast, …", "When it hits 74 …": and no "at 160 for an hour". */
const REACHED =
  /^\s*(?:(?:then |and )?(?:at|a los|al llegar a|once (?:it|they|the [a-zß-ɏ]+) (?:hits?|reads?|reach(?:es)?|is at|are at)|when (?:it|they|the [a-zß-ɏ]+) (?:hits?|reads?|reach(?:es)?|is at|are at)|cuando (?:llegue a|marque))(?: about| around| unos)?\s+)$/i;
/** Where it is measured, up to what is done then. */
const WHERE =
  /^(?:\s+(?:in|at|en) (?:the |el |la |its )?(?:[a-zß-ɏ]+ ){0,2}[a-zß-ɏ]+?(?=,| (?:move|wrap|take|turn|glaze|flip|pull|lift|brush|put|raise|lower|mueve|envuelve|saca|gira|pinta)(?![a-zß-ɏ])))?\s*,?\s*/i;
/** "At 74 °C (about 7 hours), wrap": so long it takes to come to that. */
const TAKES =
  /^\s*(?:(?:in|at|en) (?:the |el |la |its )?(?:[a-zß-ɏ]+ ){0,2}[a-zß-ɏ]+)?\s*(?:\(|,)\s*(?:(?:after |which takes |that is )?(?:about|around|roughly|some|un[ao]s|sobre) )?$/i;
const ENDS = /^(?: or so)?\)?,?\s*/i;
/** What is left must be something to do. */
const LEAST_LETTERS = 6;

/** The rest of a clause, once what goes on has come to a core. */
export interface Reached {
  readonly untilC: number;
  readonly at: readonly [from: number, to: number];
  /** How long that takes, where it is said. */
  readonly takes?: ReturnType<typeof minutesOf> | undefined;
  /** Where the rest begins. */
  readonly from: number;
}

/** "At 68 °C in the breast move it over the coals": what goes on comes to that, and then that is done. */
export function reachedFirst(
  { text, degrees, allLengths }: Seen,
  context: Context,
): Reached | undefined {
  const { hot } = context;
  const core = degrees.find(({ sense }) => sense === 'core');
  if (!core || !hot || hot.untilC !== undefined) return undefined;
  if (!REACHED.test(text.slice(0, core.from))) return undefined;
  const length = allLengths.find(
    ({ sense, from }) => sense === 'length' && TAKES.test(text.slice(core.to, from)),
  );
  const takes = length && isOpen(hot, length) ? length : undefined;
  const to = takes?.to ?? core.to;
  const behind = takes ? ENDS : WHERE;
  const from = to + (behind.exec(text.slice(to))?.[0].length ?? 0);
  const isMore = (text.slice(from).match(/\p{L}/gu)?.length ?? 0) >= LEAST_LETTERS;
  if (!isMore) return undefined;
  const minutes = takes && minutesOf(text, takes, context);
  return { untilC: core.tempC, at: [core.from, to], from, takes: minutes };
}

/** Nothing said how long what goes on takes; or only "leave it for 3 hours", the beginning of it. */
function isOpen({ text, likelyMin }: ReadAct, { leastMin = 0 }: ReadDuration): boolean {
  return likelyMin === undefined || (likelyMin < leastMin && isLeftAlone(text));
}

/** Its own words say how long, and no later clause. */
export function saysItsLength(text: string): boolean {
  return spansIn(text).some(({ sense }) => sense === 'length');
}

/** What the rest said, with the core added to what went on before. */
export function afterReached(
  read: ReadSentence,
  { untilC, at, takes, from }: Reached,
): ReadSentence {
  const moved = (lit: ReadonlyArray<readonly [number, number]> = []) =>
    lit.map(([a, b]) => [a + from, b + from] as const);
  return {
    ...read,
    acts: read.acts.map((act) => ({ ...act, lit: moved(act.lit) })),
    adds: { ...read.adds, ...takes, untilC },
    lit: [at, ...moved(read.lit)],
    understood: true,
  };
}
