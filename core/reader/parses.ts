import type { Clause } from './clauses.ts';
import { addTo } from './add-to.ts';
import type { Context, ReadAct } from './context.ts';
import { isMoment } from './moment.ts';
import type { ReadSentence } from './seen.ts';
import { rivalOf } from './rival.ts';
import { readSentence } from './sentence.ts';
import { spansIn } from './span.ts';

/** A clause and what it was read as. */
export interface ReadPart {
  readonly clause: Clause;
  readonly read: ReadSentence;
}

interface Parse {
  readonly parts: readonly ReadPart[];
  /** What has been said once it is read. */
  readonly context: Context;
}

/** Rather two numbers not understood than a step that nobody cooks. */
const UNLIKELY = 3;
/** As long as anybody leaves a food so hot, minutes; the hottest first. Our own line, no source. */
const MOST_AT: ReadonlyArray<readonly [fromC: number, mostMin: number]> = [
  [230, 120],
  [170, 300],
  [130, 720],
];

/** Whether a step is one that somebody cooks: no nine hours at 200°. */
function isPlausible({ tempC = 0, likelyMin = 0, leastMin = likelyMin }: ReadAct): boolean {
  return leastMin <= (MOST_AT.find(([fromC]) => tempC >= fromC)?.[1] ?? Infinity);
}

/** Times and heats that nothing took, and clauses in which nothing was understood. */
function leftBy({ parts }: Parse, acts: readonly ReadAct[]): number {
  const all = [...acts];
  return parts.reduce((sum, { read, clause }) => {
    const nowhere = read.adds !== undefined && !addTo(all, read.adds);
    all.push(...read.acts);
    const unlikely = read.acts.some((act) => !isPlausible(act)) ? UNLIKELY : 0;
    const unread = !read.understood && /\d/.test(clause.text);
    return sum + Math.max(read.left, unread || nowhere ? 1 : 0) + unlikely;
  }, 0);
}

/** A clause as it is read, and as it could be read as well. */
export interface ReadChoice {
  readonly parts: readonly ReadPart[];
  /** Another reading that is about as good; undefined where there is none. */
  readonly other?: readonly ReadPart[] | undefined;
}

/**
 * The parse of a clause that leaves the fewest times and heats without an owner: as it stands;
 * boldly; cut finer, a time to each part. The plainest of those that leave as few; where it is a
 * guess, with the next one. `context` is then as the parse left it; `acts` are the steps before.
 *
 * @param rather take the other reading, where there is one
 */
export function bestParse(
  clause: Clause,
  line: number,
  group: string | undefined,
  context: Context,
  acts: readonly ReadAct[],
  rather: boolean,
): ReadChoice {
  const before = { ...context };
  const parse = (clauses: readonly Clause[], boldly: boolean): Parse => {
    const own = { ...before };
    const parts = clauses.map((one) => ({
      clause: one,
      read: readSentence(one.text, line, group, own, boldly),
    }));
    return { parts, context: own };
  };
  const plain = parse([clause], false);
  if (leftBy(plain, acts) === 0) {
    Object.assign(context, plain.context);
    const other = withRivals(plain)?.parts;
    return rather && other ? { parts: other, other: plain.parts } : { parts: plain.parts, other };
  }
  const finer = cutFiner(clause);
  const found = [
    plain,
    ...(finer.length > 1 ? [asGuess(parse(finer, false))] : []),
    asGuess(parse([clause], true)),
    ...(finer.length > 1 ? [asGuess(parse(finer, true))] : []),
  ].map((one) => ({ one, left: leftBy(one, acts) }));
  const [best, ...others] = found.sort((a, b) => a.left - b.left);
  const other = others.find(
    ({ one, left }) => best && left <= best.left && whatOf(one) !== whatOf(best.one),
  );
  const first = best?.one ?? plain;
  const second = other?.one ?? withRivals(first);
  const [taken, left] = rather && second ? [second, first] : [first, second];
  Object.assign(context, taken.context);
  return { parts: taken.parts, other: left?.parts };
}

/** The same steps, those whose verb was guessed by the next likely one; undefined where none was. */
function withRivals(parse: Parse): Parse | undefined {
  const parts = parse.parts.map(({ clause, read }) => ({
    clause,
    read: { ...read, acts: read.acts.map((act) => rivalOf(act) ?? act) },
  }));
  return whatOf({ ...parse, parts }) === whatOf(parse) ? undefined : { ...parse, parts };
}

/** What a parse comes to, to be compared. */
function whatOf({ parts }: Parse): string {
  return JSON.stringify(
    parts.map(({ read }) => [
      read.acts.map(({ verb, leastMin, likelyMin, mostMin, tempC, untilC, place }) => [
        verb,
        leastMin,
        likelyMin,
        mostMin,
        tempC,
        untilC,
        place,
      ]),
      read.adds,
    ]),
  );
}

/** What another parse was needed for is a guess, and shown as one. */
function asGuess({ parts, context }: Parse): Parse {
  return {
    context,
    parts: parts.map(({ clause, read }) => ({
      clause,
      read: { ...read, acts: read.acts.map((act) => ({ ...act, guessed: true })) },
    })),
  };
}

const SEPARATES =
  /\s*(?:[,:(]|\s[-–—+](?=\s)|\s(?:and|y|then|luego|plus|m[aá]s|before|after which)(?=\s))\s*/gi;

/** "Ten minutes before you eat, …": nothing lasts so long. */
const BEFORE = /^\s*(?:before|antes)(?![a-zß-ɏ])/i;

/** A clause cut between its times: at the first comma, colon or "and" behind each. */
function cutFiner({ text, from }: Clause): Clause[] {
  const lengths = spansIn(text).filter(
    (span) =>
      span.sense === 'length' && !(isMoment(text, span) && BEFORE.test(text.slice(span.to))),
  );
  const cuts = lengths.slice(0, -1).flatMap((span, i) => {
    const next = lengths[i + 1];
    const found = next && [...text.slice(span.to, next.from).matchAll(SEPARATES)][0];
    return found
      ? [{ at: span.to + found.index, behind: span.to + found.index + found[0].length }]
      : [];
  });
  const parts: Clause[] = [];
  let at = 0;
  for (const cut of cuts) {
    parts.push({ text: text.slice(at, cut.at), from: from + at });
    at = cut.behind;
  }
  parts.push({ text: text.slice(at), from: from + at });
  return parts;
}
