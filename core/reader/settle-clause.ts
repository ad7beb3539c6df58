import type { PlaceKind } from '../places/index.ts';
import { HEATS, WET, type Context } from './context.ts';
import { DAY_BEFORE } from './day-before.ts';
import type { CueHit } from './cues.ts';
import type { Degree } from './degree.ts';
import { WHILE_HEATS } from './settle-left.ts';
import type { ReadDuration } from './span.ts';
import { placeIn, type VerbHit, type VerbWords } from './verbs.ts';

/** Whether what looks like a moment is how long a step lasts: coals lit 45 minutes before, an oven's first half hour. */
export function beginsWith(
  text: string,
  cue: CueHit | undefined,
  said: readonly VerbHit[],
  degrees: readonly Degree[],
): boolean {
  return (
    (cue !== undefined && AHEAD.has(cue.verb)) ||
    said.some(({ verb }) => AHEAD.has(verb)) ||
    (AFTER.test(text) && degrees.some(isOven))
  );
}

/** What is begun so long before something else. */
const AHEAD: ReadonlySet<VerbWords> = new Set<VerbWords>([
  'temper',
  'light',
  'preheat',
  'soak',
  'brine',
]);
/** Work whose own minutes are its own. */
const WORK: ReadonlySet<VerbWords> = new Set<VerbWords>(['mix', 'prepare']);

/** The steps of a clause as its surroundings make them: a weak verb gives way to what they speak of. */
export function told(
  text: string,
  found: readonly VerbHit[],
  cue: CueHit | undefined,
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  context: Context,
): VerbHit[] {
  const settled = found.map((hit, i) =>
    afterTurning(
      text,
      heldToCore(tossed(text, hit), degrees, context),
      found[i - 1],
      shareOf(spans, found, i),
      degrees,
      context,
    ),
  );
  // Where nothing goes on, no turning holds so long, and no other turning takes it over.
  const open = settled.some((hit) => hit === undefined);
  const hits = settled.flatMap((hit) =>
    hit === undefined || (open && TURNS.has(hit.verb)) ? [] : [hit],
  );
  const timed = hits.findIndex((_hit, i) => shareOf(spans, hits, i).some(isTimed));
  const owner =
    timed >= 0 ? timed : hits.findIndex((_hit, i) => shareOf(degrees, hits, i).some(isCore));
  // Nobody rests food in a hot oven, and what is only held has no core to come to.
  const cooksOn =
    cue?.verb === 'hold' && degrees.some(isCore) && hits.some(({ verb }) => verb === 'cook');
  // "Low oven, 95 °C, until the middle reads 52".
  const slowly = cue?.verb === 'hold' && degrees.some(isCore) && degrees.some(isOven);
  if (slowly && hits.length === 0 && context.hasMeat)
    return [{ verb: 'roast', from: cue.from, to: cue.to }];
  const inLid =
    cue?.verb === 'roast' &&
    COVERED.test(text) &&
    hits.some(({ verb }) => verb === 'cook' || verb === 'put');
  if (!cue || cooksOn || inLid || (cue.verb === 'rest' && degrees.some(isOven))) {
    const weak = !inLid && WAITS.has(hits[owner]?.verb ?? 'mix');
    const bare = weak ? bareHeat(text, spans, degrees, context) : undefined;
    return hits.map((one, i) => (bare && i === owner ? { ...one, verb: bare } : one));
  }
  // It is said in so many words.
  if (hits.some((one, i) => one.verb === cue.verb && shareOf(spans, hits, i).some(isTimed)))
    return hits;
  // What simmers in a hot oven is braised there.
  const inOven = degrees.some(isOven) || INTO_OVEN.test(text.slice(cue.from));
  const verb = cue.verb === 'simmer' && inOven ? 'braise' : cue.verb;
  const hit = { verb, from: cue.from, to: cue.to };
  const goesIn = cue.into && (cue.verb === 'brine' || HEATS.has(cue.verb));
  // "Rub with salt and leave in the fridge": it lies there, though nobody says how long.
  const lies = COLD.has(cue.verb) && cue.verb !== 'chill' && placeIn(text) === 'fridge';
  const heard =
    spans.some(isTimed) || degrees.length > 0 || goesIn || lies || BARE_CUES.has(cue.verb);
  if (hits.length === 0) return heard ? [hit] : [];
  // "Salt it the day before and leave it in the fridge": that is the whole of it.
  const idle = hits.every((one) => WORK.has(one.verb) || WAITS.has(one.verb) || COLD.has(one.verb));
  const onlyLies = DAY_BEFORE.test(text) || hits.every((one) => COLD.has(one.verb));
  if (cue.verb === 'brine' && idle && onlyLies && !spans.some(isTimed)) return [hit];
  // "Coals white, 8 minutes turning every 2": over them.
  if (cue.verb === 'light' && spans.some(({ sense }) => sense === 'every') && context.hasMeat)
    return [{ ...hit, verb: 'grill' }];
  // "Boil for two minutes and straight into iced water".
  const lastHit = hits.at(-1);
  if (cue.verb === 'cool' && lastHit && HEATS.has(lastHit.verb) && ICED.test(text.slice(cue.from)))
    return cue.from > lastHit.from ? [...hits, hit] : hits;
  // "Reheat for 30 minutes and glaze under the grill for 5": it is said of the last before it.
  const said = hits.findLastIndex(
    ({ from }, i) => from < cue.from && shareOf(spans, hits, i).some(isTimed),
  );
  // "Put it in its marinade the night before": as long as that.
  const ahead = cue.verb === 'marinate' && (DAY_BEFORE.test(text) || context.dayBefore);
  if (ahead && owner === -1 && hits.every(({ verb: one }) => WORK.has(one))) return [...hits, hit];
  const at = owner === -1 && (BARE_CUES.has(cue.verb) || ahead) ? 0 : Math.max(owner, said);
  const owns = hits[at];
  const long = spans.find((span) => isTimed(span) && (span.leastMin ?? 0) >= LIES_FROM_MIN);
  // "Sieve it, back in the pan for 5 minutes to thicken", "shape, second prove 50 minutes".
  const behind = spans.find((span) => isTimed(span) && owns && span.from > owns.from);
  if (owns && HANDWORK.has(owns.verb) && behind && LASTS.has(cue.verb) && !cue.goesOn)
    return [...hits, { ...hit, from: Math.min(behind.from, setBehind(degrees, owns)) }];
  // "Rinse, dry, a day in the fridge": the work, and then what it lies in.
  if (owns && HANDWORK.has(owns.verb) && COLD.has(cue.verb) && long) {
    return [...hits, { ...hit, from: long.from, to: long.to }];
  }
  // "Plunge into iced water for five minutes, then peel": first that, and then the work.
  const first = spans.find((span) => isTimed(span) && owns && span.from < owns.from);
  if (owns && WORK.has(owns.verb) && first && cue.from < owns.from && cue.verb === 'cool')
    return [hit, ...hits];
  // "In a water bath for two hours, then brown a minute a side": each has its own.
  const since = spans.some((span) => isTimed(span) && owns && span.from >= owns.from);
  if (owns && first && since && cue.from < owns.from && HEATS.has(cue.verb) && !cue.goesOn)
    return [hit, ...hits];
  // "Ten minutes' rest and it is ready to carve": the length is of the rest.
  const timedCue = spans.find((span) => isTimed(span) && owns && span.from < owns.from);
  const thenCut =
    owns && (QUICK.has(owns.verb) || (owns.verb === 'prepare' && cue.verb === 'rest'));
  if (owns && thenCut && timedCue && cue.from < owns.from)
    return [...hits, { ...hit, from: Math.min(cue.from, timedCue.from) }].sort(
      (a, b) => a.from - b.from,
    );
  if (!owns || WORK.has(owns.verb) || !cue.over.includes(owns.verb)) return [...hits];
  // "Bring to a simmer, cover and cook in the oven".
  if (cue.verb === 'simmer' && cue.from < owns.from && IN_OVEN.test(text.slice(owns.from)))
    return [...hits];
  // "Rinse under cold water and chill for two hours": the water is of the rinsing.
  const rinsed = hits.slice(0, at).some((one) => WORK.has(one.verb) && one.from < cue.from);
  if (cue.verb === 'cool' && cue.from < owns.from && rinsed) return [...hits];
  // "Fry the onion 10 minutes, add the meat and cook 8 more": as in the same breath before.
  const just = hits
    .slice(0, at)
    .findLast((one, i) => HEATS.has(one.verb) && shareOf(spans, hits, i).some(isTimed));
  const goesOn = cue.goesOn && just ? just.verb : verb;
  return hits.map((one, i) => (i === at ? { ...one, verb: goesOn } : one));
}

/** "Turn, 15 minutes": nobody turns so long; it goes on as it was. */
function afterTurning(
  text: string,
  hit: VerbHit,
  before: VerbHit | undefined,
  own: readonly ReadDuration[],
  degrees: readonly Degree[],
  { hot, hasMeat }: Context,
): VerbHit | undefined {
  const cooks = before && (HEATS.has(before.verb) || before.verb === 'cook');
  const was = cooks ? before.verb : hot?.verb;
  // No pot is as hot as an oven.
  const inOven = was !== undefined && WET.has(was) && degrees.some(isOven);
  const goesOn = inOven ? (hasMeat ? 'roast' : 'bake') : was;
  const long = own.some(
    ({ sense, mostMin = 0, to }) =>
      sense === 'length' && (mostMin > LONGEST_TURN_MIN || MORE.test(text.slice(to))),
  );
  if (!long || !TURNS.has(hit.verb)) return hit;
  // "Stir in the yoghurt and coat the meat: an hour in the fridge".
  if (hit.verb === 'stir' && !hot && placeIn(text) === 'fridge') return { ...hit, verb: 'chill' };
  if (goesOn) return { ...hit, verb: goesOn };
  // A risotto is stirred as long as it cooks.
  return hit.verb === 'stir' ? hit : undefined;
}

/** "Hold at 80 until the centre reaches 63": it cooks on, as it did. */
function heldToCore(hit: VerbHit, degrees: readonly Degree[], { hot }: Context): VerbHit {
  const cooks = hit.verb === 'hold' && hot !== undefined && degrees.some(isCore);
  return cooks ? { ...hit, verb: hot.verb } : hit;
}

/** "Toss, another 4": turned over in the pan. */
function tossed(text: string, hit: VerbHit): VerbHit {
  return hit.verb === 'mix' && TOSSES.test(text.slice(hit.from)) ? { ...hit, verb: 'stir' } : hit;
}

/** "Flip, one minute more": of what cooks, and not how long one turns. */
const MORE = /^\s*(?:more|longer|m[aá]s)(?![a-zß-ɏ])/i;
const TOSSES = /^toss,? (?:and )?(?:another|again|for another)/i;
const TURNS: ReadonlySet<VerbWords> = new Set<VerbWords>(['turn', 'stir', 'baste']);
/** Nobody turns or stirs longer. Our own line, no source. */
const LONGEST_TURN_MIN = 1.5;

/** "Raise the heat to 180 and leave it": it goes on as it was, in another heat. */
export function goingHotter(
  hits: readonly VerbHit[],
  set: Degree | undefined,
  { hot }: Context,
): VerbHit[] {
  return hits.map((hit) =>
    set && hot && hit.from > set.from && WAITS.has(hit.verb) ? { ...hit, verb: hot.verb } : hit,
  );
}

const ICED = /^(?:straight )?in(?:to)? [^.;,]{0,20}ice/i;

/** What is done by hand, and over when the hands stop. */
const HANDWORK: ReadonlySet<VerbWords> = new Set<VerbWords>(['mix', 'prepare', 'shape']);
/** What goes on by itself. */
const LASTS: ReadonlySet<VerbWords> = new Set<VerbWords>([...HEATS, 'rise', 'rest', 'hold']);
const QUICK: ReadonlySet<VerbWords> = new Set<VerbWords>(['slice', 'shred', 'serve']);
const COLD: ReadonlySet<VerbWords> = new Set<VerbWords>(['chill', 'brine', 'marinate']);
/** Nobody works so long on a food. */
const LIES_FROM_MIN = 15;
const WAITS: ReadonlySet<VerbWords> = new Set<VerbWords>(['put', 'wait', 'rest']);
/** "After half an hour at 220, …": that half hour is a step of its own. */
const AFTER = /^\s*(?:after|tras|pasad[oa]s?|al cabo de|despu[eé]s de)(?![a-zß-ɏ])/i;
const IN_OVEN =
  /^[^.;,]{0,24}(?<![a-zß-ɏ])(?:in(?:side|to)? (?:the |a |an )?(?:[a-zß-ɏ]+ )?oven|en el horno)(?![a-zß-ɏ])/i;
/** "Cook, covered, in a 130° oven": braised. */
const COVERED =
  /(?<![a-zß-ɏ])(?:covered|cover(?: it| them| the [a-zß-ɏ]+)?(?: tightly| again)?(?=,? (?:and|then) )|tapa(?:r|mos)?(?= y )|lid on|cover(?: it| them)?(?: tightly)? with (?:a|the|its) lid|tapad[oa]s?)(?![a-zß-ɏ])/i;
/** "Put the lid on and transfer to the oven". */
const INTO_OVEN =
  /(?<![a-zß-ɏ])(?:in|into|to) (?:the |a |an )?(?:[a-zß-ɏ]+ )?(?<!dutch )oven(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:al|en el) horno(?![a-zß-ɏ])/i;
const isOven = ({ sense, tempC }: Degree): boolean => sense === 'place' && tempC >= LEAST_OVEN_C;
const isCore = ({ sense }: Degree): boolean => sense === 'core';
const isTimed = ({ sense }: ReadDuration): boolean => sense !== 'every';
/** Steps that say nothing of how long they take. */
const BARE_CUES: ReadonlySet<VerbWords> = new Set<VerbWords>(['light', 'hold', 'cool']);

/** A heat and a length, and nothing else: it goes on as it went, or begins in the oven; sides mean a pan. */
export function bareHeat(
  text: string,
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  context: Context,
): VerbWords | undefined {
  if (!spans.some(isTimed) || context.hot || WHILE_HEATS.test(text)) return undefined;
  const named = placeIn(text);
  if ((named === 'smoker' || named === 'grill') && context.hasMeat) return FIRE_VERB[named];
  if (SUGAR_TO.test(text)) return 'boil';
  if (IN_FAT.test(text) && degrees.some(({ tempC }) => tempC <= HOTTEST_FAT_C)) return 'fry';
  // "5 minutes a side", where coals were spoken of and no heat.
  const overFire = context.place === 'grill' && spans.some(({ perSide }) => perSide);
  if ((context.fireC !== undefined && context.place !== 'oven') || overFire)
    if (context.hasMeat) return FIRE_VERB[context.place ?? 'grill'] ?? 'grill';
  const perKilo = context.ovenC !== undefined && spans.some(({ sense }) => sense === 'perKg');
  if (perKilo || degrees.some(isOven)) return context.hasMeat ? 'roast' : 'bake';
  return spans.some(({ perSide }) => perSide) && context.hasMeat ? 'sear' : undefined;
}

/** "Off the smoker at 95 internal": the fire that is named brings it there, where nothing did before. */
export function probedIn(
  named: PlaceKind | undefined,
  degrees: readonly Degree[],
  { hot, ovenC, hasMeat }: Context,
): VerbWords | undefined {
  // An oven that was set and not yet filled.
  const place = named ?? (ovenC !== undefined && hasMeat ? 'oven' : undefined);
  if (hot || place === undefined || !degrees.some(({ sense }) => sense === 'core'))
    return undefined;
  return FIRE_VERB[place];
}

/** "Bring the sugar to 170": in its pan. */
const SUGAR_TO =
  /(?<![a-zß-ɏ])(?:bring|heat|take|cook|lleva|calienta) (?:the |el |la )?(?:[a-zß-ɏ]+ )?(?:sugar|syrup|caramel|jam|marmalade|az[uú]car|alm[ií]bar|mermelada)(?![a-zß-ɏ])/i;
/** "In 180°C fat". */
const IN_FAT =
  /^(?:the )?(?:oil|fat|lard|dripping|aceite|manteca)(?: hot)?,?(?: at| to| a)? (?=\d{3})|(?<![a-zß-ɏ])(?:in|into|en) [^.;,]{0,14}(?<![a-zß-ɏ])(?:fryer|fat|oil|lard|dripping|aceite|manteca)(?![a-zß-ɏ])/i;
/** Fat smokes and burns above. Common practice, no source. */
const HOTTEST_FAT_C = 200;

const FIRE_VERB: Readonly<Partial<Record<PlaceKind, VerbWords>>> = {
  smoker: 'smoke',
  grill: 'grill',
  oven: 'roast',
};

/** What is set to so much is no pan and no pot. Our own line, no source. */
export const LEAST_OVEN_C = 90;

/** Where an oven is told after a verb: "…, oven 120 °C, 6 h" has its heat before its length. */
function setBehind(degrees: readonly Degree[], { to }: VerbHit): number {
  return degrees.find((one) => isOven(one) && one.from > to)?.from ?? Infinity;
}

/** What of a sentence belongs to a verb: what is behind it, and before the first what is before. */
export function shareOf<T extends { readonly from: number }>(
  all: readonly T[],
  hits: readonly VerbHit[],
  i: number,
): T[] {
  const [from, to] = [i === 0 ? -1 : (hits[i]?.from ?? 0), hits[i + 1]?.from ?? Infinity];
  return all.filter((one) => one.from >= from && one.from < to);
}
