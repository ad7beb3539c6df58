import { G_PER_LB, MINUTES_PER_HOUR, NIGHT_MIN } from '../figures/index.ts';
import { bareIn, inHours } from './bare-minutes.ts';
import { clockSpansIn } from './clock-span.ts';
import { inUnitBefore, inUnitLater } from './unit-before.ts';
import { exactly, middle, type Atom } from './length-atom.ts';
import { DIGITS, NUMBER, numberIn } from './numbers.ts';
import { remembered } from './remembered.ts';

/** A length of time in a text: what was said, and where. Minutes; absent where unsaid. */
export interface ReadDuration {
  readonly from: number;
  readonly to: number;
  readonly leastMin?: number | undefined;
  readonly likelyMin?: number | undefined;
  readonly mostMin?: number | undefined;
  /** How it is meant: how long, how often, for each pound or kilogram. */
  readonly sense: 'length' | 'every' | 'perKg';
  /** "3 minutes a side": it is for each of two. */
  readonly perSide: boolean;
  /** Without a unit: minutes, or hours where hours went before. */
  readonly bare?: boolean | undefined;
}

const KG_PER_LB = G_PER_LB / 1000;

const UNIT =
  "(?:minutes?|minut(?:it|ill)?os?|mins?(?![a-zß-ɏ])\\.?|m(?![a-zß-ɏ])|['′](?!['′])|hours?|hor(?:it)?as?|hrs?(?![a-zß-ɏ])\\.?|h(?![a-zß-ɏ])|days?|d[ií]as?|d(?![a-zß-ɏ'’])|nights|noches|weeks?|semanas?|fortnights?|quincenas?|seconds?(?! (?:time|rise|rising|prov|proof|side|batch|half|day|round))|segundos?|secs?(?![a-zß-ɏ])\\.?|s(?= ?(?:\\/|a|per|each) ?side))";
const MINUTES: ReadonlyArray<readonly [RegExp, number]> = [
  [/^(?:s)/i, 1 / 60],
  [/^(?:m|['′])/i, 1],
  [/^h/i, 60],
  [/^d/i, 1440],
  [/^n/i, 1440],
  [/^w/i, 10080],
  [/^[fq]/i, 2 * 10080],
];

function unitMinutes(word: string): number {
  if (/^semana/i.test(word)) return 10080;
  return MINUTES.find(([unit]) => unit.test(word))?.[1] ?? 1;
}

const DASH =
  '\\s*(?:-|–|—|to|or|a|o|,\\s*(?:at (?:the )?most|up to|no more than|m[aá]ximo|como (?:mucho|m[aá]ximo))|(?:and|y) (?:up to|hasta))\\s*';
const AND_HALF =
  '(?:\\s+(?:and (?:a|one)[- ]half|and (?:a |one )?quarter|and three[- ]quarters?|y medi[ao]|y cuarto|y tres cuartos))?';
const HALF =
  '(?:\\s+(?:and a half|y medi[ao]|and a quarter|y cuarto|and three[- ]quarters?|y tres cuartos))?';
/** "1 hour", "4-6 hours", "1 h 30", "two and a half hours", "an hour and a half", "hora y media". */
const ATOM = new RegExp(
  `(?:(?:(?:between|entre|minimum of|m[ií]nimo de)\\s+(?<from>${NUMBER})\\s+(?:and|y)\\s+(?:(?:a |un )?(?:maximum of|m[aá]ximo de)\\s+)?(?<till>${NUMBER})|(?<low>${NUMBER})(?<lowPlus>${AND_HALF})(?:${DASH}(?<high>${NUMBER})(?<plus>${AND_HALF}))?)` +
    `(?:-?ish)?(?:\\s*(?:more|further|additional|full|whole|good|short|final|last|minutos más))?\\s*[-]?\\s*(?:of an?\\s+|de\\s+(?=hora))?(?<unit>${UNIT})(?<half>${HALF})(?:,?\\s+(?:or|o)\\s+(?:up to\\s+|hasta\\s+)?(?<orMore>two|three|four|dos|tres|cuatro|\\d(?![\\d/]|[.,]\\d))(?<orHalf>${HALF})(?:(?!\\s*(?:${UNIT}|[a-zß-ɏ]))|(?=\\s+(?:per|a|each|por|on each) (?:side|face|lado|cara))))?` +
    `(?:\\s*(?:,|and|y|con)?\\s*(?<more>${NUMBER})\\s*(?<moreUnit>minutes?|minutos?|mins?\\.?|m(?![a-zß-ɏ])|(?<=h\\d{2})(?!\\d)|(?<=(?:h|hrs?|hours?|horas?) ?\\d{2})(?=\\s*(?:-|–|—|to|a)\\s)|(?<=(?:h|hr|hrs|hour|hours|hora|horas) ?\\d{2})(?=\\s+(?:at|in|en|a \\d|until|or|o|and|y|with|con|per|more|hasta)(?![a-zß-ɏ]))|(?<=min(?:ute)?s? ?[1-5][05])(?=\\s+(?:on|per|a|each|por)(?![a-zß-ɏ])|\\s*(?:[.,;)](?!\\d)|$))|(?<=hours? and (?:${NUMBER}))(?=\\s(?:for|until|till?|should|will|at|in)(?![a-zß-ɏ]))|(?=\\s*(?:[.,;()](?!\\d)|$))))?)` +
    '|(?<said>minuto y medio|half an hour|half[- ]hour|media hora|otra media(?! (?:hora|taza))|a quarter of an hour|quarter of an hour|a quarter[- ]hour|quarter[- ]hour|un cuarto de hora|cuarto de hora|a third of an hour|two thirds of an hour|three quarters of an hour|three-quarters of an hour|three[- ]quarters of an hour|tres cuartos de hora|hora y media|hora y cuarto|hora y tres cuartos)' +
    '|(?<hourly>hourly|(?<=(?:every|each|cada)\\s+)(?:half[- ]hour|half an hour|hour|hora|media hora|minute|minuto|(?:other|second) (?:day|hour)|day|d[ií]a)(?![a-zß-ɏ])|(?<=una vez al )d[ií]a(?![a-zß-ɏ])|(?<=(?:last|final|remaining|next|following|[uú]ltima|siguiente) )(?:hour|hora)(?![a-zß-ɏ])|(?<=^(?:roast|bake|smoke|grill|braise|simmer|as[ae]r?|horne[ae]r?|ahum[ae]r?)(?![a-zß-ɏ])[^\\d,;.]{0,60}(?:for the first|durante la primera) )(?:hour|hora)(?![a-zß-ɏ])|(?<=(?:turn|stir|flip|press|push|shak|skim|burp)[a-zß-ɏ]*\\s(?:it |them |the [a-zß-ɏ]+ )?(?:over |down )?)daily(?![a-zß-ɏ]))' +
    '|(?<night>(?:until|till?) (?:the )?(?:next|following) (?:day|morning)|(?:until|till?) (?:tomorrow|(?:the )?morning)|hasta (?:el d[ií]a siguiente|la mañana(?: siguiente)?|mañana)(?![a-zß-ɏ])|overnight|o/n(?![a-zß-ɏ])|the whole night|all night|through the night|for (?:the|a|one) night|toda la noche|durante la noche|de un d[ií]a para otro|de la noche a la mañana|una noche entera|una noche|la noche(?! anterior| antes))',
  'gi',
);

const SAID: Readonly<Record<string, number>> = {
  'half an hour': 30,
  'half hour': 30,
  'half-hour': 30,
  'a quarter hour': 15,
  'a quarter-hour': 15,
  'quarter hour': 15,
  'quarter-hour': 15,
  'media hora': 30,
  'a third of an hour': 20,
  'two thirds of an hour': 40,
  'otra media': 30,
  'a quarter of an hour': 15,
  'quarter of an hour': 15,
  'un cuarto de hora': 15,
  'cuarto de hora': 15,
  'three quarters of an hour': 45,
  'three-quarters of an hour': 45,
  'tres cuartos de hora': 45,
  'minuto y medio': 1.5,
  'hora y media': 90,
  'hora y cuarto': 75,
  'hora y tres cuartos': 105,
};

/** "6 a side", with no unit: minutes. */
const A_SIDE = new RegExp(
  `(${DIGITS}|(?<![a-zß-ɏ])(?:one|two|three|four|five|six|eight|ten)(?= on the (?:other|second)))(?:\\s*(?:-|–|to)\\s*(${DIGITS}))?(?=\\s+(?:(?:a|per|each|on each|por|por cada)\\s+(?:side|lado|cara)|on (?:the|its|each) (?:[a-zß-ɏ]+[- ]){0,2}side|on the (?:flesh|skin|other|second|fat|cut|bone)(?=[.,;]|$)|por (?:el |la )?(?:otr[oa]|segund[oa])(?: (?:lado|cara)|(?=[.,;]|$))|por (?:la |el )(?:piel|carne)(?=[.,;]|$)))`,
  'gi',
);

const IN_SECONDS = /\d\s?(?:seconds?|secs?|segundos?|segs?|s)(?![a-zß-ɏ])[^\d.;]*$/i;

function atomsIn(text: string): Atom[] {
  const sides = [...text.matchAll(A_SIDE)].map((match) => {
    const [whole, low = '', high = low] = match;
    // "90 seconds on one side and 60 on the other".
    const each = IN_SECONDS.test(text.slice(0, match.index)) ? 1 / 60 : 1;
    const [least, most] = [numberIn(low) * each, numberIn(high) * each];
    const at = { from: match.index, to: match.index + whole.length };
    return { ...at, least, likely: middle(least, most), most, night: false };
  });
  return [...sides, ...clockSpansIn(text), ...unitsIn(text)].sort((a, b) => a.from - b.from);
}

function unitsIn(text: string): Atom[] {
  return [...text.matchAll(ATOM)].flatMap((match): Atom[] => {
    const said = match.groups ?? {};
    const at = { from: match.index, to: match.index + match[0].length };
    if (said.hourly !== undefined) {
      return [{ ...at, ...exactly(everyMinOf(said.hourly)), night: false }];
    }
    if (isSaidAnew(text, at)) return [];
    if (said.night !== undefined) return [{ ...at, ...NIGHT_MIN, night: true }];
    const fixed = said.said === undefined ? undefined : SAID[said.said.toLowerCase()];
    if (fixed !== undefined) return [{ ...at, ...exactly(fixed), night: false }];
    const low = numberIn(said.from ?? said.low ?? '');
    const high = numberIn(said.till ?? said.high ?? said.from ?? said.low ?? '');
    if (!Number.isFinite(low) || !Number.isFinite(high)) return [];
    const each = unitMinutes(said.unit ?? 'min');
    // "Between an hour and ninety minutes".
    if (said.moreUnit && /(?:between|entre)\s+$/i.test(text.slice(0, match.index))) {
      const [least, most] = [low * each, numberIn(said.more ?? '')];
      return [{ ...at, least, likely: middle(least, most), most, night: false }];
    }
    // "1 h 30" is a time; "5 minutes, 2" is something else.
    const rest = said.moreUnit === undefined ? 0 : numberIn(said.more ?? '0');
    const seconds = each === 1 && said.moreUnit === '' && rest < 60;
    const behind = each >= 60 ? rest : seconds ? rest / 60 : 0;
    const behindUnit = halfOf(said.half) * each + (behind || 0);
    const lowExtra = halfOf(said.lowPlus) * each + behindUnit;
    const extra = said.high === undefined ? lowExtra : halfOf(said.plus) * each + behindUnit;
    const least = low * each + lowExtra;
    // "Two hours and a half, or three": the half is of the first alone.
    const orMore =
      said.orMore === undefined ? 0 : (numberIn(said.orMore) + halfOf(said.orHalf)) * each;
    const most = Math.max(least, high * each + extra, orMore);
    // "Oven 230 - 25 mins": a heat, and how long.
    if (said.high !== undefined && low > high && low >= HOT_C) {
      const from = match.index + match[0].indexOf(said.high, (said.low ?? '').length);
      return [{ ...at, from, ...exactly(high * each), night: false }];
    }
    return [{ ...at, least, likely: middle(least, most), most, night: false }];
  });
}

/** "The best part of a day, 8 to 10 hours": the number says it. */
function isSaidAnew(text: string, { from, to }: Pick<Atom, 'from' | 'to'>): boolean {
  return /part of\s+$/i.test(text.slice(0, from)) && /^,\s+(?:\p{L}+ )?\d/u.test(text.slice(to));
}

/** No length of time before a shorter one: an oven. Our own line, no source. */
const HOT_C = 100;

/** "and a half", "and a quarter". */
function everyMinOf(said: string): number {
  if (/^min/i.test(said)) return 1;
  if (/^(?:other|second)/i.test(said)) return 2 * everyMinOf(said.replace(/^\S+\s/, ''));
  if (/^da|^d[ií]a/i.test(said)) return 1440;
  return /half|media/i.test(said) ? 30 : 60;
}

function halfOf(words: string | undefined): number {
  if (words === undefined || words.trim() === '') return 0;
  if (/three|tres/.test(words)) return 0.75;
  return /quarter|cuarto/.test(words) ? 0.25 : 0.5;
}

/** "6 hours, 24 at most", "24 hrs is best, 4 at a pinch". */
const BOUND_BEHIND =
  /(?<=[,;(]\s*(?:but |or |and |y |o )?)(?<number>\d+)(?=\s+(?:(?<better>(?:hours? )?(?:if you (?:can|have (?:the )?time)|is (?:even )?better|for preference|si puedes|mejor a[uú]n))|(?<most>at (?:the )?(?:very )?(?:most|longest|outside)|max(?:imum)?(?![a-zß-ɏ])|tops|como (?:mucho|m[aá]ximo)|a lo sumo)|(?<least>at a pinch|at (?:the )?(?:very )?least|minimum|will do|is (?:enough|plenty|fine)|como m[ií]nimo)))/gi;

/** A bound that leaves its unit to the length before it. */
function boundsIn(text: string, spans: readonly ReadDuration[]): readonly ReadDuration[] {
  const bounds = [...text.matchAll(BOUND_BEHIND)];
  return spans.map((span) => {
    const low = NO_LESS.exec(text.slice(span.to));
    if (low?.[1] !== undefined && span.leastMin === undefined && span.mostMin !== undefined) {
      const least = Number(low[1]) * (span.mostMin % 60 === 0 ? 60 : 1);
      return { ...span, to: span.to + low[0].length, leastMin: least, likelyMin: least };
    }
    const high = UP_TO.exec(text.slice(span.to));
    if (high?.[1] !== undefined && span.mostMin === undefined && span.leastMin !== undefined) {
      const most = numberIn(high[1]) * (span.leastMin % 60 === 0 ? 60 : 1);
      if (most >= span.leastMin)
        return {
          ...span,
          to: span.to + high[0].length,
          likelyMin: BEST.test(high[0]) ? most : span.likelyMin,
          mostMin: most,
        };
    }
    const more = PERHAPS.exec(text.slice(span.to))?.groups;
    if (
      more?.number !== undefined &&
      span.leastMin !== undefined &&
      span.leastMin === span.mostMin
    ) {
      const each = span.leastMin % 60 === 0 ? 60 : 1;
      const most = (numberIn(more.number) + halfOf(more.half)) * each;
      if (most > span.leastMin)
        return { ...span, likelyMin: middle(span.leastMin, most), mostMin: most };
    }
    const bound = bounds.find(({ index }) => index >= span.to && index - span.to <= BOUND_NEAR);
    const likely = span.likelyMin;
    if (!bound || likely === undefined || span.sense !== 'length') return span;
    const minutes = Number(bound.groups?.number) * (likely % 60 === 0 ? 60 : 1);
    const to = bound.index + bound[0].length;
    const isMost = bound.groups?.most !== undefined || bound.groups?.better !== undefined;
    const fits = isMost ? minutes >= likely : minutes <= likely;
    if (!fits) return span;
    return !isMost
      ? { ...span, to, leastMin: minutes, mostMin: span.mostMin ?? likely }
      : { ...span, to, leastMin: span.leastMin ?? likely, mostMin: minutes };
  });
}

/** "Up to 24 hours but no less than 3". */
const NO_LESS =
  /^,?\s+(?:but |and |y )?(?:no(?:t)? less than|at least|a minimum of|al menos|como m[ií]nimo)\s+(\d+)(?=\s*(?:[.,;)]|$))/i;
/** "At least an hour, up to three". */
const UP_TO = new RegExp(
  `^,?\\s+(?:and |but |or |y |o )?(?:up to|at most|(?:a |un )?(?:maximum of|m[aá]ximo de)|(?:no|not) (?:more|longer) than|ideally|preferably|better(?: still)?|hasta|como mucho|idealmente|mejor)\\s+(${NUMBER})(?=\\s*(?:[.,;)]|$))`,
  'i',
);
/** "Three hours, perhaps three and a half". */
const PERHAPS = new RegExp(
  `^,?\\s+(?:(?:or |and )?(?:perhaps|maybe|possibly)|quiz[aá]s?|tal vez)\\s+(?<number>${NUMBER})(?<half>${HALF})(?=\\s*(?:[.,;)]|$))`,
  'i',
);
/** So many letters lie between a length and its bound, at the most. */
const BOUND_NEAR = 24;

const JOINS =
  /^ (?:in the (?:fridge|refrigerator)|en (?:la nevera|el frigo(?:r[ií]fico)?)),? (?:or|o) (?:up to |preferably |better |hasta |mejor )?$|^\s*(?:,\s*)?or on (?:low|high)(?: for)?\s*$|^\s*[,(]?\s*(?:(?:but |and |or |y |pero |and\/or |, )?(?:como m[aá]ximo |(?:no|not) (?:(?:more|longer) than|above|beyond|over) |at most |up to |(?:a |un )?(?:max(?:imum|\.)?|m[aá]ximo)(?: of| de)? |preferably |ideally |better |even |best |for |mejor |idealmente |preferiblemente |mejor a[uú]n )+|(?:-|–|—|to|until|or|hasta|o|a|and|y|and up to|y hasta)(?: (?:up to|even|preferably|ideally|better|better still|best|as long as|mejor|preferiblemente|hasta|incluso|toda))?\s*)+\s*[,(]?\s*$|^\s*\((?:anything|anywhere|somewhere|from|entre|de)(?: from| between)?\s*$/i;
const AT_MOST =
  /(?:up to|at most|no (?:more|longer) than|not (?:more|longer) than|maximum(?: of)?|max\.?|como m[aá]ximo|hasta|m[aá]ximo(?: de)?|no m[aá]s de|at the longest)\s*$/i;
const AT_LEAST =
  /(?:at least|minimum(?: of)?|min\.? of|no less than|al menos|por lo menos|como m[ií]nimo|m[ií]nimo(?: de)?|from|desde|un m[ií]nimo de|at the least)\s*(?:about\s*)?$/i;
const LEAST_BEHIND =
  /^\s*,?\s*(?:or (?:longer|more)|at (?:the )?least|minimum|o m[aá]s|como m[ií]nimo|al menos|and up)/i;
const MOST_BEHIND = /^\s*,?\s*(?:at (?:the )?most|maximum|max\b|como m[aá]ximo|a lo sumo|tops)/i;
const BEST = /(?:preferably|ideally|best|better|mejor|preferiblemente|idealmente|lo ideal)/i;
const EVERY =
  /(?<![a-zß-ɏ])(?:every|(?<!(?:bake|cook|fry|sear|grill|steam|boil|poach) )each|cada|once(?: every| an?)?|una vez (?:cada|por|al?|a la))\s*$/i;
const PER_SIDE =
  /^\s*(?:\/\s*|(?:on|for|per) each of (?:the |its |their )?(?:[a-zß-ɏ\d]+ )?|per|a|each|on each|on the first(?= (?:side|face)(?!,? (?:and|then) (?:\d|one|two|three)))|for each|on either|por|de cada|en cada|por cada|each on)?\s*(?:(?<=(?:per|a|each) )(?:cut|flat|flesh|skin|meaty)[- ])?(?:side|lado|face|cara)s?\b/i;
/** "Each side for 90 seconds". */
const SIDE_BEFORE =
  /(?<![a-zß-ɏ])(?:each|either|cada) (?:side|face|lado|cara)(?: for| about| durante)?\s*$/i;
/** "On both faces, 90 seconds each". */
const BOTH =
  /(?<![a-zß-ɏ])(?:both|the two|each of the) (?:[a-zß-ɏ]+ )?(?:sides|faces)(?![a-zß-ɏ])/i;
const PER_POUND =
  /^\s*(?:\/|per|a|to (?:the|a|each|every)|for (?:each|every)|an?|por cada|por|el|la|cada|al)\s*(?:(\d+)\s*(?:g|gr|gramos|grams?)|(half (?:a )?kilo|half-kilo|medio kilo|1\/2 kilo)|(pound|lb|libra|kilo(?:gram)?s?|kg))(?![a-zß-ɏ])/i;

/** "Two hours, a whole day if you can". */
const IF_YOU_CAN =
  /^\s*(?:if (?:you can|possible|you have|there['’]s)|is (?:even )?better|would be better|si (?:puedes?|es posible|hay tiempo))/i;

/** "A minute less than it says": of something nobody here knows. */
const COMPARES =
  /^\s*(?:is|would be) (?:even |still )?(?:better|best|ideal)(?![a-zß-ɏ])(?! (?:if|still if))(?!, \d+ (?:at|will))|^\s*(?:less|fewer|shorter|longer|more) than (?:it|the|they|what)(?![a-zß-ɏ])/i;

/** Every length of time in a text, in its order; ranges and their limits as one. */
export const spansIn = remembered(findSpans);

function findSpans(text: string): readonly ReadDuration[] {
  const units = atomsIn(text);
  const bare = bareIn(text, units.length > 0)
    .filter(({ from }) => !units.some((one) => from >= one.from && from < one.to))
    .map((one) => inHours(text, one, units));
  const said = [...units, ...bare].sort((a, b) => a.from - b.from);
  const again = said.length > 0 ? inUnitBefore(text, said) : [];
  const behind = again.filter(({ from }) => from > (said[0]?.to ?? 0));
  const atoms = [...said, ...inUnitLater(text, said), ...behind].sort((a, b) => a.from - b.from);
  const spans: ReadDuration[] = [];
  for (let i = 0; i < atoms.length; i++) {
    const first = atoms[i];
    if (!first) continue;
    const next = atoms[i + 1];
    const between = next ? text.slice(first.to, next.from) : '';
    const often = EVERY.test(text.slice(0, first.from));
    const better = next && /^\s*,\s*$/.test(between) && IF_YOU_CAN.test(text.slice(next.to));
    if (next && !often && (better || JOINS.test(between)) && next.most >= first.least) {
      spans.push(joined(text, first, next, between));
      i += 1;
      const third = atoms[i + 1];
      const gap = third ? text.slice(next.to, third.from) : '';
      // "4 hours to overnight, at most 2 days".
      if (third && JOINS.test(gap) && third.most >= next.least) {
        const last = spans[spans.length - 1];
        if (last) spans[spans.length - 1] = { ...last, to: third.to, mostMin: third.most };
        i += 1;
      }
      continue;
    }
    if (!COMPARES.test(text.slice(first.to))) spans.push(single(text, first));
  }
  return boundsIn(text, withoutSides(text, bothSides(text, spans)));
}

const A_NIGHT =
  /^(?:overnight|all night|the whole night|through the night|(?:until|till?) (?:the )?(?:(?:next|following) )?(?:morning|day)|until tomorrow|toda la noche|durante la noche|una noche(?: entera)?|hasta (?:el d[ií]a siguiente|mañana|la mañana(?: siguiente)?))$/i;
/** "Overnight in the fridge (10 to 14 hours)". */
const SO_LONG =
  /^(?:,?\s+(?:for |about )?|[^.;,\d]{0,30}(?:\(|,\s)(?:for |about |at least |unas )?)$/i;
const isOfNight = ({ leastMin = 0, sense }: ReadDuration): boolean =>
  sense === 'length' && leastMin >= 4 * MINUTES_PER_HOUR;

const ONE_SIDE =
  /^\s*(?:on|for|por) (?:the |el |la |un )?(?:(?:first|one|skin|flesh|cut|fat|presentation|primer|un)a? (?:side|lado|cara)|piel|carne|grasa)[^.;\d]{0,12}$/i;
const OTHER_SIDE =
  /^\s*(?:on|for|por) (?:the |el |la )?(?:second|other|otr[oa]|segund[oa])(?![a-zß-ɏ])/i;

/** "4 minutes on one side and 3 on the other": seven. */
function bothSides(text: string, spans: readonly ReadDuration[]): readonly ReadDuration[] {
  const isOther = (span: ReadDuration, before: ReadDuration | undefined) =>
    before !== undefined &&
    ONE_SIDE.test(text.slice(before.to, span.from)) &&
    OTHER_SIDE.test(text.slice(span.to));
  const sum = (a: number | undefined, b: number | undefined) =>
    a === undefined || b === undefined ? undefined : a + b;
  return spans.flatMap((span, i): ReadDuration[] => {
    if (isOther(span, spans[i - 1])) return [];
    const next = spans[i + 1];
    if (!next || !isOther(next, span)) return [span];
    return [
      {
        ...span,
        to: next.to,
        perSide: false,
        leastMin: sum(span.leastMin, next.leastMin),
        likelyMin: sum(span.likelyMin, next.likelyMin),
        mostMin: sum(span.mostMin, next.mostMin),
      },
    ];
  });
}

/** "12 minutes, 6 a side": the same once more. */
function withoutSides(text: string, spans: readonly ReadDuration[]): readonly ReadDuration[] {
  return spans.filter((span, i) => {
    const before = spans[i - 1];
    const next = spans[i + 1];
    // "Overnight for 12 hours": so long the night is.
    if (next && A_NIGHT.test(text.slice(span.from, span.to)) && isOfNight(next))
      if (SO_LONG.test(text.slice(span.to, next.from))) return false;
    const near = before && /^\s*[,(]\s*$/u.test(text.slice(before.to, span.from));
    return !(span.perSide && near && before.likelyMin === 2 * (span.likelyMin ?? NaN));
  });
}

function joined(text: string, a: Atom, b: Atom, between: string): ReadDuration {
  const best = b.night ? NIGHT_MIN.least : b.least;
  const likely = BEST.test(between) ? (b.night ? NIGHT_MIN.likely : best) : likelyBetween(a, b);
  return {
    ...about(text, a.from, b.to),
    from: a.from,
    to: b.to,
    leastMin: a.least,
    likelyMin: likely,
    mostMin: Math.max(b.most, a.least),
  };
}

/** Half-way where the two are near; where they are far apart, the night, or the geometric middle. */
function likelyBetween(a: Atom, b: Atom): number {
  if (b.night) return Math.max(a.least, NIGHT_MIN.least);
  if (b.most <= 2.5 * a.least) return middle(a.least, b.most);
  return Math.round(Math.sqrt(a.least * b.most));
}

function single(text: string, atom: Atom): ReadDuration {
  const { from, to, least, likely, most } = atom;
  const [before, behind] = [text.slice(0, from), text.slice(to)];
  const at = { ...about(text, from, to), ...(atom.bare && { bare: true }) };
  if (AT_MOST.test(before) || MOST_BEHIND.test(behind)) return { ...at, from, to, mostMin: most };
  if (least === most && (AT_LEAST.test(before) || LEAST_BEHIND.test(behind))) {
    return { ...at, from, to, leastMin: least, likelyMin: atom.night ? likely : least };
  }
  return { ...at, from, to, leastMin: least, likelyMin: likely, mostMin: most };
}

function about(text: string, from: number, to: number): Pick<ReadDuration, 'sense' | 'perSide'> {
  const [before, behind] = [text.slice(0, from), text.slice(to)];
  const often =
    EVERY.test(before) ||
    /(?<![a-zß-ɏ])(?:at intervals of|a intervalos de) (?:about |unos )?(?:an? |half )?$/i.test(
      before,
    ) ||
    /^(?:hourly|daily)/i.test(text.slice(from, to)) ||
    /^[- ]?\s*(?:intervals?|intervalos?)/i.test(behind);
  const sense = often ? 'every' : PER_POUND.test(behind) ? 'perKg' : 'length';
  const perSide =
    PER_SIDE.test(behind) ||
    SIDE_BEFORE.test(before) ||
    (/^\s*each(?![a-zß-ɏ])/i.test(behind) && BOTH.test(before));
  return { sense, perSide };
}

/** Minutes a kilogram, of a span that says "per pound" or "per kilo" behind itself. */
export function perKgFactor(text: string, span: ReadDuration): number {
  const [, grams, half, unit = ''] = PER_POUND.exec(text.slice(span.to)) ?? [];
  if (grams !== undefined) return 1000 / Number(grams);
  if (half !== undefined) return 2;
  return /^(?:pound|lb|libra)/i.test(unit) ? 1 / KG_PER_LB : 1;
}
