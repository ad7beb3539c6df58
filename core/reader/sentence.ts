import { actOf, minutesOf, type MadeAct } from './act.ts';
import { alone } from './adds.ts';
import { HEATS, type Context, type ReadAct } from './context.ts';
import { CONDITION, NOT_DONE, onCondition } from './condition.ts';
import { cueIn } from './cues.ts';
import { DAY_BEFORE } from './day-before.ts';
import { degreesIn, type Degree } from './degree.ts';
import { noStep } from './no-step.ts';
import { againOf, goingOn, isAnotherSide, isPan } from './goes-on.ts';
import { kept } from './kept-verbs.ts';
import { LOWERED } from './lowered.ts';
import { noteAct, notePot } from './note-act.ts';
import { AT_THE_LAST, isMoment, isWithin, momentOf } from './moment.ts';
import { settleAct } from './settle-act.ts';
import { bareHeat, beginsWith, goingHotter, probedIn, shareOf, told } from './settle-clause.ts';
import { afterReached, reachedFirst } from './reached-first.ts';
import type { ReadSentence, Seen } from './seen.ts';
import { noteSoak } from './soaks.ts';
import { spansIn, type ReadDuration } from './span.ts';
import { OVEN_OFF } from './settle-left.ts';
import { inStages, turnedBefore } from './turned-during.ts';
import { withLeft } from './with-left.ts';
import { bySurroundings } from './surroundings.ts';
import { placeIn, verbsIn, type VerbWords, type VerbHit } from './verbs.ts';
import { laidIn, SETTING, withoutVerb } from './without-verb.ts';

const CLIMBS =
  /(?<![a-zß-ɏ])(?:while|as|whilst|mientras) (?:the |you (?:heat|bring|raise) the |el )?(?:oven|smoker|grill|barbecue|horno|ahumador|barbacoa)[^.;]{0,20}(?=\d{3})/i;

/** "While you heat the oil to 175": of what comes next. */
const FAT_CLIMBS =
  /(?<![a-zß-ɏ])(?:while|as|whilst|mientras) (?:you (?:heat|bring) |(?:se )?calient[a-zß-ɏ]* )?(?:the |el |la )?(?:oil|fat|lard|aceite|manteca)(?![a-zß-ɏ])[^.;]{0,20}(?=\d{3})/i;

/** A clause that is done beside what goes on. */
const MEANWHILE =
  /^\s*(?:meanwhile|in the meantime|at the same time|while (?:the|it|they|that|your)|mientras|entretanto|a la vez)/i;

/**
 * Reads one clause of a method. `boldly`: a moment may be a length, and a length without a verb
 * goes by what surrounds it, or goes on with what cooks.
 */
export function readSentence(
  text: string,
  line: number,
  group: string | undefined,
  context: Context,
  boldly = false,
): ReadSentence {
  const seen = seenIn(text, context, boldly);
  const numbers = seen.allLengths.length + seen.degrees.length;
  const none = noStep(text, numbers, seen.allLengths.length);
  if (none) return none;
  if (CONDITION.test(text) && NOT_DONE.test(text)) return onCondition(seen, context);
  const reached = reachedFirst(seen, context);
  if (reached) {
    const rest = readSentence(text.slice(reached.from), line, group, context, boldly);
    return afterReached(rest, reached);
  }
  const waited =
    waitedFirst(seen, line, group, context, boldly) ??
    thenCarved(seen, line, group, context, boldly);
  if (waited) return waited;
  const hits = hitsOf(seen, context, boldly);
  const moment = momentOf(text, seen.allLengths, context.hot);
  // What is done in passing, at a moment of what goes on, is no step of its own.
  const passing = hits.every(({ verb }, i) => isPassing(verb, shareOf(seen.spans, hits, i)));
  const mute = boldly && seen.said.every(({ verb }) => PASSING.has(verb) || verb === 'preheat');
  const turned = passing || mute ? turnedBefore(seen, line, group, context) : undefined;
  if (turned) return turned;
  if (moment && passing && seen.degrees.length === 0) {
    return {
      acts: [],
      adds: moment.adds,
      lit: [moment.at],
      understood: true,
      left: seen.allLengths.length - 1,
    };
  }
  if (isAnotherSide(text) && context.hot?.place === 'grill' && !cooks(hits)) {
    const more = goingOn(text, line, group, seen.spans, seen.degrees, context);
    if (more) return wentOn(seen, more, context);
  }
  if (hits.length === 0) {
    if (seen.lowered) turnTo(seen.lowered, context, [], OF_FAT.test(text));
    notePot(text, context);
    if (CONDITION.test(text)) return { acts: [], understood: false, left: numbers };
    const { said, spans, degrees } = seen;
    const pan = isPan(text, seen.place, spans, context);
    const more =
      said.length === 0 && !pan && !(context.slowCooker && SETTING.test(text))
        ? goingOn(text, line, group, spans, degrees, context)
        : undefined;
    if (more) return wentOn(seen, more, context);
    const bare = said.length === 0 ? withoutVerb(seen, pan, context) : undefined;
    if (!bare) return alone(seen, context);
    hits.push({ verb: bare, from: 0, to: 0 });
  }
  const acts = inStages(seen, actsOf(seen, hits, line, group, context), context);
  if (seen.lowered) turnTo(seen.lowered, context, acts, OF_FAT.test(text));
  notePot(text, context);
  if (seen.climbsTo) climbs(text, seen.climbsTo, context);
  const read = withLeft(seen, merged(acts), context);
  return moment && read.adds === undefined && read.left > 0
    ? { ...read, adds: moment.adds, lit: [moment.at], left: read.left - 1 }
    : read;
}

/** What goes on, with the stages a "then" leads to; what none of them took is left. */
function wentOn(seen: Seen, more: ReadAct, context: Context): ReadSentence {
  const { text, spans, degrees } = seen;
  const stages = againOf(text, more, { spans, degrees }, context);
  const lit =
    stages.length > 0 ? [...spans, ...degrees].map(({ from, to }) => [from, to] as const) : [];
  const acts = [more, ...stages].map((act) => ({ ...act, lit: [...act.lit, ...lit] }));
  return withLeft({ ...seen, allLengths: spans }, acts, context);
}

function cooks(hits: readonly VerbHit[]): boolean {
  return hits.some(({ verb }) => verb === 'cook' || HEAT_WORDS.has(verb));
}

const HEAT_WORDS: ReadonlySet<VerbWords> = HEATS;

/** "While the smoker comes up to 120". */
function climbs(text: string, { tempC }: Degree, context: Context): void {
  if (!/(?:smoker|grill|barbecue|ahumador|barbacoa)/i.test(text)) {
    context.ovenC = tempC;
    context.turned = context.hot?.place === 'oven';
  } else {
    context.fireC = tempC;
    context.turned = true;
    context.place = /(?:smoker|ahumador)/i.test(text) ? 'smoker' : 'grill';
  }
}

/** The oven is set to something else; what cooks in there goes on, unless a step said so itself. */
function turnTo(
  { tempC }: Degree,
  context: Context,
  acts: readonly ReadAct[],
  ofFat: boolean,
): void {
  const fries = context.oilC !== undefined && context.hot?.verb === 'fry';
  if (ofFat || fries) {
    context.oilC = tempC;
    return;
  }
  context.ovenC = tempC;
  context.turned = !acts.some(({ verb }) => HEATS.has(verb));
}

/** "Turn the oil up to 190". */
const OF_FAT = /(?<![a-zß-ɏ])(?:oil|fat|lard|aceite|manteca)(?![a-zß-ɏ])[^.;]{0,20}\d{3}/i;

const AFTER =
  /^\s*(?:and |then )?(?:after|tras|pasad[oa]s|al cabo de|(?:after|once|when) (?:it|they|the [a-zß-ɏ]+) (?:has|have) (?:rested|stood|sat)(?: for)?)\s+(?:about\s+|unos\s+)?$/i;
/** "After it has rested 15 minutes, carve": off its fire. */
const HAS_RESTED =
  /^\s*[a-zß-ɏ]+ (?:it|they|the [a-zß-ɏ]+) (?:has|have) (?:rested|stood|sat)(?![a-zß-ɏ])/i;

/** "After 20 minutes blot dry", where nothing is on a fire: it lies so long, and then that is done. */
function waitedFirst(
  { text, allLengths: [span] }: Seen,
  line: number,
  group: string | undefined,
  context: Context,
  boldly: boolean,
): ReadSentence | undefined {
  const waits = span?.sense === 'length' && AFTER.test(text.slice(0, span.from));
  if (!span || !waits || context.dough) return undefined;
  if (context.hot !== undefined && !HAS_RESTED.test(text)) return undefined;
  const behind = text.slice(span.to);
  const from = text.length - behind.replace(/^[\s,:]+/u, '').length;
  const read = readSentence(text.slice(from), line, group, { ...context }, boldly);
  const [cooks] = read.acts.filter(({ verb }) => HEATS.has(verb));
  if (read.acts.length === 0 || (cooks && !UNCOVERS.test(behind))) return undefined;
  const rest = { ...restOf(text, span, line, group, context), ...(cooks && fireOf(cooks)) };
  const moved = read.acts.map((act) => ({
    ...act,
    lit: act.lit.map(([a, b]) => [a + from, b + from] as const),
  }));
  return { ...read, acts: [rest, ...moved] };
}

/** "After two hours take off the foil and roast for 30 minutes more": as before, so long. */
const UNCOVERS =
  /^[\s,:]*(?:take (?:off|away)|remove|lift off|uncover|unwrap|lose|quita|retira|destapa)(?![a-zß-ɏ])/i;

function fireOf({ verb, place, tempC }: ReadAct): Pick<ReadAct, 'verb' | 'place' | 'tempC'> {
  return { verb, place, tempC };
}

/** So long on the board. */
function restOf(
  text: string,
  span: ReadDuration,
  line: number,
  group: string | undefined,
  context: Context,
): ReadAct {
  return {
    verb: 'rest',
    text,
    line,
    group,
    ...minutesOf(text, span, context),
    place: 'board',
    meanwhile: false,
    dayBefore: false,
    lit: [[span.from, span.to]],
    guessed: true,
  };
}

const CARVED_AFTER =
  /^\s*(?:carve|slice|serve|cut|unmou?ld|turn out|eat|sirve|corta|trincha|desmolda)(?![a-zß-ɏ])[^.;,\d]{0,30}(?:after|tras|pasad[oa]s|al cabo de)\s+(?:about\s+|unos\s+)?$/i;

/** "Carve after 20 minutes", of what was on a fire: so long it rests before. */
function thenCarved(
  { text, allLengths: [span] }: Seen,
  line: number,
  group: string | undefined,
  context: Context,
  boldly: boolean,
): ReadSentence | undefined {
  const before = span && text.slice(0, span.from);
  if (!span || before === undefined || context.hot === undefined || !CARVED_AFTER.test(before))
    return undefined;
  const read = readSentence(before, line, group, context, boldly);
  return read.acts.length === 0
    ? undefined
    : { ...read, acts: [restOf(text, span, line, group, context), ...read.acts] };
}

const PASSING: ReadonlySet<VerbWords> = new Set<VerbWords>([
  'prepare',
  'mix',
  'turn',
  'stir',
  'baste',
]);

function isPassing(verb: VerbWords, own: readonly ReadDuration[]): boolean {
  return PASSING.has(verb) && own.length === 0;
}

function seenIn(text: string, context: Context, boldly: boolean): Seen {
  const place = placeIn(text);
  if (place === 'slow-cooker') {
    context.slowCooker = true;
    // What was on a ring is in there now.
    if (context.hot?.place === 'hob') context.hot = undefined;
  }
  if (OVEN_OFF.test(text)) context.ovenOff = true;
  const cue = CONDITION.test(text) ? undefined : cueIn(text, context);
  const allLengths = spansIn(text);
  const set = LOWERED.exec(text);
  // "For the last ten minutes, raise the oven": so long it goes on, in another heat.
  const atTheLast = set !== null && AT_THE_LAST.test(text);
  const lengths = allLengths.filter((span) => atTheLast || !isMoment(text, span));
  const climbing = CLIMBS.exec(text);
  const all = degreesIn(text, context.fahrenheit);
  // "While the oven climbs to 250": that is not the heat of what is done meanwhile.
  const beside = climbing ?? FAT_CLIMBS.exec(text);
  const degrees = beside ? all.filter(({ from }) => from < beside.index) : all;
  const climbsTo = climbing ? all.find(({ from }) => from >= climbing.index) : undefined;
  const said = verbsIn(text, context.language);
  if (!OVEN_OFF.test(text) && degrees.some(isOven)) context.ovenOff = false;
  // "45 minutes before you cook": how long coals burn, and how long a joint stands.
  const ahead = lengths.length === 0 && beginsWith(text, cue, said, degrees);
  noteSoak(text, context);
  const lowered = set
    ? degrees.find(({ sense, to }) => sense === 'place' && to > set.index)
    : undefined;
  const bold = allLengths.filter((span) => !isWithin(text, span));
  const spans = ahead ? allLengths : boldly ? bold : lengths;
  return { text, place, said, allLengths, spans, degrees, cue, lowered, climbsTo };
}

/** The verbs of a clause as its surroundings make them; where it has none, what its heat or probe says. */
function hitsOf(seen: Seen, context: Context, boldly: boolean): VerbHit[] {
  const { text, place, spans, degrees, cue, lowered } = seen;
  if (BARE_OVEN.test(text) && spans.length === 0) return [{ verb: 'preheat', from: 0, to: 0 }];
  const isOn = lowered !== undefined && context.hot?.place === 'oven';
  const orders = kept(seen).filter(({ verb }) => !(isOn && verb === 'preheat'));
  const found = boldly ? beforeTurning(orders, seen, context) : orders;
  const hits = intoOven(
    goingHotter(told(text, found, cue, spans, degrees, context), lowered, context),
    seen,
    context,
  );
  if (hits.length > 0) return thenHeat(hits, seen, context);
  const inOven = place === undefined || place === 'oven';
  const verb =
    probedIn(place, degrees, context) ??
    (inOven ? bareHeat(text, spans, degrees, context) : undefined) ??
    laidIn(seen, context) ??
    (boldly && !CONDITION.test(text) ? bySurroundings(text, spans, context) : undefined);
  return verb ? [{ verb, from: 0, to: 0 }] : [];
}

/** "Halve the tomatoes, oil and salt, 140 °C for two hours": work, and then the oven. */
function thenHeat(hits: VerbHit[], { text, spans, degrees }: Seen, context: Context): VerbHit[] {
  const last = hits.at(-1);
  const set = degrees.find(isOven);
  const works = hits.every(({ verb }) => verb === 'prepare' || verb === 'mix');
  if (!last || !set || !works || context.hot || set.from < last.to) return hits;
  const verb = bareHeat(text, spans, degrees, context);
  const from = Math.min(set.from, spans.find(({ from: at }) => at > last.to)?.from ?? Infinity);
  return verb ? [...hits, { verb, from, to: from }] : hits;
}

/** "Skin side down in a pan, 10 minutes, flip for 3": the first side is what goes on before. */
function beforeTurning(
  found: readonly VerbHit[],
  { text, spans }: Seen,
  context: Context,
): readonly VerbHit[] {
  const [first] = found;
  const own = first ? spans.filter(({ to }) => to <= first.from) : [];
  if (first?.verb !== 'turn' || own.length === 0) return found;
  const verb = bySurroundings(text.slice(0, first.from), own, context);
  return verb ? [{ verb, from: 0, to: 0 }, ...found] : found;
}

/** "Sear two minutes a side and finish for 8 at 180": no ring is set to that. */
function intoOven(
  hits: VerbHit[],
  { cue, degrees, place }: Seen,
  { hot, hasMeat, oilC }: Context,
): VerbHit[] {
  const onRing = hot?.place === 'hob' && oilC === undefined && place !== 'hob';
  if (!cue?.goesOn || !onRing || !degrees.some(isOven)) return hits;
  return hits.map((hit) =>
    hit.verb === hot.verb ? { ...hit, verb: hasMeat ? 'roast' : 'bake' } : hit,
  );
}

const isOven = ({ sense, tempC }: Degree): boolean => sense === 'place' && tempC >= FINISHES_FROM_C;
/** A pan is not told in degrees; an oven that finishes is at least so hot. Our own line, no source. */
const FINISHES_FROM_C = 140;

/** "Oven 230". */
const BARE_OVEN =
  /^\s*(?:the )?(?:oven|horno)(?: on)?,?\s+(?:at |to |a )?\d{3}\s*[°º]?\s*C?(?:\s*[(/,]?\s*(?:fan|ventilador|con ventilador|gas(?: mark)?)\s*\d{0,3}\s*°?\s*C?\s*\)?|\s*[(/,]\s*\d{3}\s*°?\s*C?\s+fan\s*\)?){0,3}(?:\s+(?:from|at|by|desde las|a las) \d{1,2}[:.]\d{2})?\s*\.?$/i;

/** The steps of a clause, a verb after the other; what they leave behind is noted in the context. */
function actsOf(
  { text, spans, degrees, lowered }: Seen,
  hits: readonly VerbHit[],
  line: number,
  group: string | undefined,
  context: Context,
): ReadAct[] {
  const meanwhile = MEANWHILE.test(text) || context.aside === line;
  const dayBefore = DAY_BEFORE.test(text) || context.dayBefore;
  const acts: ReadAct[] = [];
  hits.forEach((hit, i) => {
    if (lowered && lowered.from < hit.from)
      context[OF_FAT.test(text) ? 'oilC' : 'ovenC'] = lowered.tempC;
    // "Roast 20 minutes, then lower the oven to 160" is not at 160 yet.
    const later = lowered && hit.to > hit.from && lowered.from > hit.from ? lowered : undefined;
    const share = {
      spans: shareOf(spans, hits, i),
      degrees: shareOf(degrees, hits, i).filter((one) => !later || one.from < later.from),
    };
    const made = actOf(text, hit, hits[i + 1], share, context);
    if (!made || (liesThere(made, acts.at(-1)) && share.spans.length === 0)) return;
    const act = {
      line,
      group,
      dayBefore,
      ...settleAct(text, made, dayBefore, context),
      meanwhile: meanwhile && acts.length === 0,
    };
    const before = acts.at(-1);
    const soaked = before && soakedSoLong(before, act);
    if (soaked) acts.splice(-1, 1, soaked);
    else acts.push(act, ...againOf(text, act, share, context));
    noteAct(soaked ?? act, context);
  });
  return acts;
}

/** "Marinate the ribs the day before and keep them in the fridge": that is where they lie. */
function liesThere({ verb }: MadeAct, before: ReadAct | undefined): boolean {
  return verb === 'chill' && (before?.verb === 'marinate' || before?.verb === 'brine');
}

/** "Marinate the ribs and leave them in the fridge overnight": so long they lie in it. */
function soakedSoLong(act: ReadAct, lies: ReadAct): ReadAct | undefined {
  if (!liesThere(lies, act) || act.likelyMin !== undefined || lies.likelyMin === undefined)
    return undefined;
  const { leastMin, likelyMin, mostMin } = lies;
  return { ...act, leastMin, likelyMin, mostMin, lit: [...act.lit, ...lies.lit] };
}

/** The same verb twice in a sentence, only one of them with a time, is one step. */
function merged(acts: readonly ReadAct[]): ReadAct[] {
  return acts.reduce<ReadAct[]>((all, act) => {
    const last = all.at(-1);
    const bare = (one: ReadAct) =>
      one.leastMin === undefined && one.mostMin === undefined && one.untilC === undefined;
    if (!last || last.verb !== act.verb || !(bare(last) || bare(act))) return [...all, act];
    const full = bare(last) ? act : last;
    return [
      ...all.slice(0, -1),
      { ...full, tempC: act.tempC ?? last.tempC, lit: [...last.lit, ...act.lit] },
    ];
  }, []);
}
