import { addTo } from './add-to.ts';
import { clausesOf } from './clauses.ts';
import { contradicts } from './contradicts.ts';
import { DAY_BEFORE } from './day-before.ts';
import { HEATS, type Context, type ReadAct } from './context.ts';
import { spansIn } from './span.ts';
import { bestParse, type ReadPart } from './parses.ts';
import { hasLooseNumber } from './loose-numbers.ts';
import { endedAt } from './turned-during.ts';
import { lineOf, type ReadLine } from './read-line.ts';
import { reserveLit } from './reserve.ts';

/** A sentence of a method, and where it stands. */
export interface Sentence {
  readonly sentence: string;
  readonly group?: string | undefined;
  readonly line: number;
  /** It stands below "The night before". */
  readonly dayBefore: boolean;
  /** Which of the method it is. */
  readonly at: number;
  /** To be read in its other way. */
  readonly rather: boolean;
  /** It names ingredients, in a recipe that has no list of them. */
  readonly listed: boolean;
}

/** Reads a sentence: its steps go to `acts`, and what became of it to `lines`. Changes both. */
export function readMethodSentence(
  { sentence, group, dayBefore, line, at, rather, listed }: Sentence,
  context: Context,
  acts: ReadAct[],
  lines: ReadLine[],
): void {
  if (sentence.length > LONGEST_SENTENCE) {
    lines.push(lineOf(sentence, 'unread'));
    return;
  }
  const first = acts.length;
  const kept = reserveLit(sentence);
  const clauses = clausesOf(sentence);
  const parts: ReadPart[] = [];
  const read: ReadClause[] = [];
  const others: ReadPart[] = [];
  let doubtful = false;
  context.dayBefore =
    dayBefore || BEGINS_BEFORE.test(sentence) || (context.carriesOn && context.dayBefore);
  context.carriesOn = sentence.endsWith(';');
  const main = context.hot;
  for (const clause of clauses) {
    const choice = bestParse(clause, line, group, context, acts, rather);
    doubtful ||= choice.other !== undefined;
    others.push(...(choice.other ?? choice.parts));
    for (const part of choice.parts) {
      // "Turn it down after 20 minutes and carry on for 40": so long is what is left of it.
      const ofRest = parts.at(-1)?.read.endsBeforeAt !== undefined;
      parts.push(part);
      const { hot } = context;
      const at = hot === undefined ? -1 : acts.lastIndexOf(hot);
      read.push(readClause(part, acts, ofRest));
      // What was added to what cooks is known of it from then on.
      if (context.hot === hot && at >= 0) context.hot = acts[at];
    }
  }
  // What was done meanwhile is over with its sentence; what cooked before goes on.
  const fire = read.flatMap((one) => one.made).find(({ verb }) => HEATS.has(verb));
  if (main && fire?.meanwhile) context.hot = main;
  const other = doubtful ? others.flatMap((part) => part.read.acts) : [];
  const made = read.flatMap(({ made }) => made);
  const understood =
    listed ||
    kept.length > 0 ||
    (read.some(({ understood }) => understood) &&
      read.every(({ understood }, i) => understood || !tellsNumber(parts[i]?.clause.text ?? '')));
  const contradicted = contradicts(sentence, made);
  lines.push(
    lineOf(sentence, understood ? 'method' : 'unread', {
      acts:
        made.length > 0
          ? made.map((_act, i) => first + i)
          : read.flatMap(({ repeated }) => (repeated ? [first - 1] : [])),
      lit: [...read.flatMap(({ lit }) => lit), ...kept],
      guessed: made.some(({ guessed }) => guessed),
      ...((read.some(({ lost }) => lost) || contradicted) && { lost: true }),
      ...(contradicted && { contradicted }),
      ...(other.length > 0 && { sentence: at, other }),
    }),
  );
}

/** "The night before: rub it, then wrap and refrigerate": all of it is then. */
const BEGINS_BEFORE = new RegExp(`^\\s*${DAY_BEFORE.source}`, 'i');

/** "Then foil them for two": a number, though in words and of nobody knows what. */
function tellsNumber(text: string): boolean {
  return /\d/.test(text) || hasLooseNumber(text, []);
}

/** Nobody writes a longer one; it is kept, and not read. */
const LONGEST_SENTENCE = 2000;

interface ReadClause {
  readonly made: readonly ReadAct[];
  /** It only went on with the step before. */
  readonly repeated: boolean;
  readonly understood: boolean;
  readonly lost: boolean;
  readonly lit: ReadonlyArray<readonly [from: number, to: number]>;
}

/** Adds what a clause was read as to the steps before. */
function readClause(
  { clause: { from }, read }: ReadPart,
  acts: ReadAct[],
  ofRest: boolean,
): ReadClause {
  const last = acts.at(-1);
  const added = read.adds === undefined || addTo(acts, read.adds);
  const [first, ...others] = untilLit(
    read.acts.filter((act, i) => !repeats(act, i === 0 ? last : read.acts[i - 1])),
  );
  const instead = first !== undefined && goesIntoFor(last, first);
  const onward =
    first !== undefined &&
    last !== undefined &&
    (isForThat(last, first) || isUntilLit(last, first) || (ofRest && isSame(last, first)));
  const made = first === undefined ? [] : instead || onward ? others : [first, ...others];
  const endsAt = read.endsBeforeAt;
  if (endsAt !== undefined && last) acts[acts.length - 1] = endedAt(last, endsAt);
  if (instead) acts[acts.length - 1] = first;
  if (onward) acts[acts.length - 1] = { ...last, ...lengthOf(first) };
  acts.push(...made);
  return {
    made,
    lost: read.left > 0 || !added,
    repeated: made.length === 0 && read.acts.length > 0,
    understood: read.understood && (read.acts.length > 0 || added),
    lit: [...read.acts.flatMap(({ lit }) => lit), ...(read.lit ?? [])].map(
      ([a, b]) => [a + from, b + from] as const,
    ),
  };
}

/** "Transfer to a 160° oven. Braise for two hours": it was put in for that. */
function goesIntoFor(last: ReadAct | undefined, act: ReadAct): boolean {
  const put =
    last?.guessed &&
    last.likelyMin === undefined &&
    last.untilC === undefined &&
    !spansIn(last.text).some(({ sense }) => sense === 'perKg');
  const same = last?.place === act.place && last?.tempC === act.tempC;
  return put === true && same && HEATS.has(act.verb) && act.likelyMin !== undefined;
}

/** "Roast at 190. Leave it alone for an hour": the same, now with its time. */
function isForThat(last: ReadAct, act: ReadAct): boolean {
  const untimed = last.likelyMin === undefined && last.leastMin === undefined;
  const same = isSame(last, act);
  const unended = last.untilC === undefined && act.likelyMin !== undefined;
  const goesOn = ONLY_GOES_ON.test(act.text) || COVERED_FIRST.test(act.text);
  return untimed && unended && same && HEATS.has(act.verb) && goesOn;
}

/** "Light the coals and wait 35 minutes": so long the fire takes. */
function isUntilLit(last: ReadAct, { likelyMin, text }: ReadAct): boolean {
  return (
    last.verb === 'light' &&
    last.likelyMin === undefined &&
    likelyMin !== undefined &&
    WAITS_SO_LONG.test(text)
  );
}

function untilLit(acts: readonly ReadAct[]): ReadAct[] {
  return acts.flatMap((act, i) => {
    const [before, next] = [acts[i - 1], acts[i + 1]];
    if (before && isUntilLit(before, act)) return [];
    return next && isUntilLit(act, next) ? [{ ...act, ...lengthOf(next) }] : [act];
  });
}

const WAITS_SO_LONG =
  /(?<![a-zß-ɏ])(?:wait|allow|espera[a-zß-ɏ]*)(?: (?:for|about|around|another|un[ao]s|it|them|the coals))* (?:\d|half|an?(?![a-zß-ɏ])|thirty|forty|twenty|fifteen|ten|media|un[ao]?(?![a-zß-ɏ]))/i;

function isSame(one: ReadAct, other: ReadAct): boolean {
  return one.verb === other.verb && one.place === other.place && one.tempC === other.tempC;
}

/** "Cover with foil for the first 2 hours": the beginning of it. */
const COVERED_FIRST =
  /^\s*(?:cover|tapa|cubr)[a-zß-ɏ]*[^.;,\d]{0,24} (?:for the first|(?:durante )?(?:las|los) primer[ao]s) /i;

const ONLY_GOES_ON =
  /^\s*(?:(?:and|then|y|luego) )?(?:cook|leave|let|keep|cocin[a-zß-ɏ]*|cocer|cuece|dej[a-zß-ɏ]*)(?: (?:it|them|this|everything))?(?: (?:alone|be|cook|to cook|undisturbed|in there|there|going))*,? (?:for |about |around |un[ao]s? |durante |\d|an? )/i;

function lengthOf({ leastMin, likelyMin, mostMin, untilC }: ReadAct): Partial<ReadAct> {
  return { leastMin, likelyMin, mostMin, ...(untilC !== undefined && { untilC }) };
}

const ONCE: ReadonlySet<string> = new Set(['mix', 'prepare', 'serve', 'stir']);

/** Mixing on, or cutting on, is one step with the mixing before it. */
function repeats(act: ReadAct, last: ReadAct | undefined): boolean {
  const bare = act.likelyMin === undefined && act.mostMin === undefined && act.tempC === undefined;
  return last !== undefined && last.verb === act.verb && bare && ONCE.has(act.verb);
}
