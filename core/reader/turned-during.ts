import type { Context, ReadAct } from './context.ts';
import type { ReadSentence, Seen } from './seen.ts';

/** A heat that is set while a step lasts: so long after it began. */
interface TurnedDuring {
  readonly afterMin: number;
  readonly tempC: number;
  /** It was counted from the end. */
  readonly ofEnd: boolean;
  /** Where in the clause that is said. */
  readonly lit: ReadAct['lit'];
}

/**
 * "Roast for 80 minutes, lowering the oven to 150 after the first 20", "halfway through, turn it
 * down to 160": when a step is set to another heat; undefined where the clause says no such thing.
 *
 * @param act the step that lasts: of the clause itself, or the one before it
 */
function turnedDuring(
  { text, allLengths, degrees }: Seen,
  act: ReadAct | undefined,
): TurnedDuring | undefined {
  const lasts = act?.likelyMin;
  const set = degrees.find(
    ({ sense, from }) => sense === 'place' && SETS_TO.test(text.slice(0, from)),
  );
  if (!set || lasts === undefined || !CLOSED.has(act?.place ?? '')) return undefined;
  const half = HALFWAY.exec(text);
  const span = allLengths.find(
    ({ sense, from }) => sense === 'length' && AT.test(text.slice(0, from)),
  );
  const at = half ? { from: half.index, to: half.index + half[0].length } : span;
  const minutes = half ? lasts / 2 : (span?.likelyMin ?? 0);
  const ofEnd = !half && span !== undefined && LAST.test(text.slice(0, span.from));
  const afterMin = Math.round(ofEnd ? lasts - minutes : minutes);
  if (!at || afterMin <= 0 || afterMin >= lasts || set.tempC === act?.tempC) return undefined;
  return {
    afterMin,
    tempC: set.tempC,
    ofEnd,
    lit: [
      [set.from, set.to],
      [at.from, at.to],
    ],
  };
}

/** The steps of a clause, the last of them in its two stages where it is set to another heat meanwhile. */
export function inStages(
  seen: Seen,
  acts: readonly ReadAct[],
  context: Context,
): readonly ReadAct[] {
  const last = acts.at(-1);
  const turned = turnedDuring(seen, last);
  if (!last || !turned || !isBefore(seen, last, turned)) return acts;
  const then = goesOnFrom(last, turned);
  noteTurned(context, then);
  return [...acts.slice(0, -1), endedAt(last, turned.afterMin), then];
}

/** Whether a step was told with its length before the heat it is set to: "roast for 80 minutes, lowering …". */
function isBefore({ allLengths }: Seen, { lit }: ReadAct, turned: TurnedDuring): boolean {
  const [[setFrom] = [0]] = turned.lit;
  const own = allLengths.find(({ from, to }) => lit.some(([a, b]) => a < to && b > from));
  return own !== undefined && own.to <= setFrom;
}

/** "After 20 minutes lower the oven to 150": the step before goes on in another heat from then. */
export function turnedBefore(
  seen: Seen,
  line: number,
  group: string | undefined,
  context: Context,
): ReadSentence | undefined {
  const { hot, last } = context;
  const turned = turnedDuring(seen, hot);
  // "For the last ten minutes, raise the oven": so long beside what was said.
  if (!hot || !turned || turned.ofEnd) return undefined;
  // What was done since would be shortened in its stead: it is shown as not understood.
  if (last !== hot.verb) return { acts: [], understood: false, left: 2 };
  const act = { ...goesOnFrom(hot, turned), text: seen.text, line, group };
  noteTurned(context, act);
  return { acts: [act], understood: true, endsBeforeAt: turned.afterMin, left: 0 };
}

/** A step up to a moment of it: what it comes to in the end is of the rest. */
export function endedAt(act: ReadAct, afterMin: number): ReadAct {
  return {
    ...act,
    leastMin: afterMin,
    likelyMin: afterMin,
    mostMin: afterMin,
    untilC: undefined,
    until: undefined,
    otherwise: undefined,
    moments: act.moments?.filter((one) => one.afterMin < afterMin),
  };
}

/** What is left of a step behind a moment of it, in the heat it was set to then. */
function goesOnFrom(act: ReadAct, { afterMin, tempC, lit }: TurnedDuring): ReadAct {
  const less = (value: number | undefined) =>
    value === undefined ? undefined : Math.max(1, value - afterMin);
  return {
    ...act,
    leastMin: less(act.leastMin),
    likelyMin: less(act.likelyMin),
    mostMin: less(act.mostMin),
    tempC,
    moments: act.moments
      ?.filter((one) => one.afterMin >= afterMin)
      .map((one) => ({ ...one, afterMin: one.afterMin - afterMin })),
    lit,
  };
}

/** What has been set to another heat, as the fires of a recipe remember it. */
function noteTurned(context: Context, act: ReadAct): void {
  context[act.place === 'oven' ? 'ovenC' : 'fireC'] = act.tempC;
  context.turned = false;
  context.hot = act;
}

/** What is set to a heat, and no ring. */
const CLOSED: ReadonlySet<string> = new Set(['oven', 'smoker', 'grill']);
const SETS_TO =
  /(?<![a-zß-ɏ])(?:lower|reduc|turn|drop|knock|bring|rais|increas|crank|baj|sub)[a-zß-ɏ]*(?: it| the (?:oven|heat|temperature|fire|smoker)| (?:el|la) (?:horno|fuego|temperatura))?(?: right)?(?: down| up| back)? (?:to|a|hasta) (?:about |unos )?$/i;
const HALFWAY =
  /(?<![a-zß-ɏ])(?:half-?way(?: through)?|at half-?time|a (?:la )?mitad(?: de la cocci[oó]n)?)(?![a-zß-ɏ])/i;
const AT =
  /(?:after(?: about)?(?: the first)?|at(?: the)?|once|tras|a l[oa]s|pasad[oa]s|al cabo de|(?:for|in|during) the (?:last|final)|^\s*(?:the )?last|(?:durante |en )?los [uú]ltimos)\s*$/i;
const LAST = /(?:last|final|[uú]ltimos)\s*$/i;
