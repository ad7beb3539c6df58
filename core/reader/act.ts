import { G_PER_LB } from '../figures/index.ts';
import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import { WET_MOST_C, HEATS, IN_OVEN, type Context, type ReadAct } from './context.ts';
import type { Degree } from './degree.ts';
import { donenessIn } from './doneness.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { placeOf } from './settle-place.ts';
import { LEAST_OVEN_C } from './settle-clause.ts';
import { verbOf } from './settle-verb.ts';
import { perKgFactor, type ReadDuration } from './span.ts';
import { placeIn, type VerbWords, type VerbHit } from './verbs.ts';

const UNTIL = /(?:until|till?|hasta que|hasta)\s+([^.;,(]{3,80})/i;

/** Nobody whisks or chops longer; what lasts longer is of something else. Our own line, no source. */
const LONGEST_BY_HAND_MIN = 15;

const TENDING: ReadonlySet<VerbWords> = new Set<VerbWords>(['baste', 'turn', 'stir']);

const QUICK: ReadonlySet<VerbWords> = new Set<VerbWords>([
  'mix',
  'prepare',
  'serve',
  'slice',
  'shred',
  'shape',
]);

/** "Keep warm over the lowest heat". */
const OVER_HEAT =
  /(?:over|on|a) (?:the |a |an? very )?(?:low(?:est)?|gentl[a-zß-ɏ]*|minimum|barest|fuego) ?(?:heat|flame|ring|lento|bajo|suave|m[ií]nimo)|(?<![a-zß-ɏ])on (?:a |the |its )?(?:back |low |small )?(?:ring|burner|hob)(?![a-zß-ɏ])/i;
const IN_OVEN_WORDS =
  /(?<![a-zß-ɏ])(?:in(?:side|to)? (?:the |a |an )?[^.;,]{0,20}oven|en el horno)/i;
const GOES_TO = /(?:to|until|till?|hasta|a)\s*(?:about\s*|unos\s*)?$/i;
/** What all batches come to. */
const IN_ALL = /^\s*,?\s*(?:in all|in total|altogether|all told|en total|en todo)/i;

/** In a pan, whatever oil was hot before. */
const SOFTENS = /^(?:sweat|soften|saut|stir|poch|rehog|sofr)/i;

/** What is no fire, and is at a heat all the same. */
const SET_TO: ReadonlySet<Verb> = new Set(['rise', 'ferment', 'light']);

/** Where "rare" is said of meat. */
const DRY_FIRE: ReadonlySet<Verb> = new Set(['sear', 'grill', 'roast', 'bake', 'smoke', 'fry']);

export interface Share {
  readonly spans: readonly ReadDuration[];
  readonly degrees: readonly Degree[];
}

/** A step of a clause, before it is known where in the text it stands. */
export type MadeAct = Omit<ReadAct, 'line' | 'group' | 'meanwhile' | 'dayBefore'>;

/** The step a verb stands for, with what of its sentence belongs to it. */
export function actOf(
  text: string,
  hit: VerbHit,
  next: VerbHit | undefined,
  share: Share,
  context: Context,
): MadeAct | undefined {
  const own = text.slice(hit.from, next?.from ?? text.length);
  const before = text.slice(0, hit.from);
  const named = placeIn(own) ?? (next ? undefined : placeIn(before));
  const oven = share.degrees.some(({ sense, tempC }) => sense === 'place' && tempC >= LEAST_OVEN_C);
  const verb = verbOf(hit, before, own, { named, oven }, context);
  if (verb === undefined) return undefined;
  // "Rest 30 min, oven back up to 230": it does not rest in there.
  const beside = verb === 'rest' && named === 'oven' && !IN_OVEN_WORDS.test(own);
  const set = share.degrees.find(
    ({ sense, from }) => sense === 'place' && from < (next?.from ?? Infinity),
  );
  const frozen = verb === 'chill' && (/^(?:freez|congel)/i.test(own) || (set?.tempC ?? 0) < 0);
  const where = frozen
    ? 'freezer'
    : verb === 'light'
      ? (placeIn(text) ?? named)
      : beside
        ? undefined
        : verb === 'hold' && OVER_HEAT.test(own)
          ? (named ?? 'hob')
          : named;
  const place = verb === 'thaw' && IS_WARM.test(own) ? 'counter' : placeOf(verb, where, context);
  const lengths = share.spans.filter(({ sense }) => sense === 'length' || sense === 'perKg');
  const said =
    lengths.find(({ to }) => IN_ALL.test(text.slice(to))) ??
    lengths.find((one) => !isInBrackets(text, one)) ??
    lengths[0];
  const mixes =
    (verb === 'mix' || verb === 'prepare') && (said?.mostMin ?? Infinity) <= LONGEST_BY_HAND_MIN;
  const none = (QUICK.has(verb) && !mixes) || (TENDING.has(verb) && said?.sense === 'perKg');
  const length = none ? undefined : said;
  const every = share.spans.find(({ sense }) => sense === 'every');
  const cores = share.degrees.filter(({ sense }) => sense === 'core');
  // "Wrap at 74 and smoke on to 94".
  const core = cores.find(({ from }) => GOES_TO.test(text.slice(0, from))) ?? cores[0];
  const isSet =
    frozen || HEATS.has(verb) || verb === 'preheat' || verb === 'hold' || SET_TO.has(verb);
  const tempC = isSet
    ? (set?.tempC ??
      (verb === 'hold' ? core?.tempC : undefined) ??
      (verb === 'simmer' && hit.verb === 'hold' ? context.hot?.tempC : undefined) ??
      (HEATS.has(verb) && !(verb === 'fry' && SOFTENS.test(own))
        ? inherited(verb, place, context)
        : undefined))
    : undefined;
  if (set && place === 'oven' && isSet) context.ovenC = set.tempC;
  if (set && (place === 'smoker' || place === 'grill') && isSet) context.fireC = set.tempC;
  // "15 minutes per 500 g for medium rare": the minutes say it.
  const byWeight = length?.sense === 'perKg';
  const called =
    core === undefined && !byWeight && context.redMeat && DRY_FIRE.has(verb)
      ? donenessIn(own)
      : undefined;
  const until = UNTIL.exec(own)?.[1]?.trim();
  const until2 = /room temperature|temperatura ambiente/i.test(until ?? '') ? undefined : until;
  return {
    verb,
    text,
    ...(length ? minutesOf(text, length, context) : {}),
    ...(!length && verb === 'rest' && bareRest(own)),
    tempC,
    untilC: HEATS.has(verb) ? (core?.tempC ?? called) : undefined,
    until: core ? undefined : until2,
    tendEveryMin: every?.likelyMin,
    tendWhat: every ? tendingIn(own) : undefined,
    place: liesCold(verb, text, length, context) ? 'fridge' : standsIn(verb, place, tempC),
    slowCooker: place === 'slow-cooker' || (context.slowCooker && verb === 'braise') || undefined,
    lit: [
      [hit.from, hit.to],
      ...[
        length,
        every,
        isSet ? set : undefined,
        HEATS.has(verb) || verb === 'hold' ? core : undefined,
      ].flatMap((one) => (one ? [[one.from, one.to] as const] : [])),
    ],
    guessed:
      called !== undefined || hit.verb === 'cook' || hit.verb === 'put' || hit.verb === 'wait',
  };
}

/** "The (parboiled, 8 mins) potatoes for 50 mins": of what was done before, in brackets. */
function isInBrackets(text: string, { from }: ReadDuration): boolean {
  return text.lastIndexOf('(', from) > text.lastIndexOf(')', from);
}

/** Meat that soaks for hours is in the cold; pulses and skewers are not. */
function liesCold(
  verb: Verb,
  text: string,
  length: ReadDuration | undefined,
  { hasMeat }: Context,
): boolean {
  const long = (length?.likelyMin ?? length?.leastMin ?? 0) >= SOAKS_COLD_MIN;
  return verb === 'soak' && hasMeat && long && !SOAKS_WARM.test(text) && !IS_WARM.test(text);
}

/** It is said to stand out. */
const IS_WARM =
  /(?<![a-zß-ɏ])(?:room temp|(?:on|at) the (?:counter|side|worktop|table|sink)|in the sink|temperatura ambiente|fuera de la nevera|out of the fridge)/i;
/** Two hours out of the fridge are the most. */
const SOAKS_COLD_MIN = 120;
const SOAKS_WARM =
  /(?<![a-zß-ɏ])(?:skewers?|sticks?|chips|planks?|beans?|chickpeas?|lentils?|peas|mushrooms?|fruit|raisins|prunes|rice|barley|brochetas|palillos|astillas|garbanzos|alubias|jud[ií]as|lentejas|setas|arroz|legumbres|pasas)(?![a-zß-ɏ])/i;

/** A slow cooker stands on the counter; what braises hotter than water boils is in the oven. */
function standsIn(
  verb: Verb,
  place: PlaceKind | undefined,
  tempC: number | undefined,
): PlaceKind | undefined {
  if (place === 'slow-cooker') return 'counter';
  return verb === 'braise' && place === 'hob' && (tempC ?? 0) > WET_MOST_C ? 'oven' : place;
}

export function tendingIn(text: string): ReadAct['tendWhat'] {
  if (/turn|flip|vuelta|volte|gir[aá]nd/i.test(text)) return 'turn';
  if (/bast|brush|roci|reg[aá]nd|pint[aá]nd|mop/i.test(text)) return 'baste';
  return 'stir';
}

/** An oven stays as hot as it was last set, and so does a fire. */
function inherited(verb: Verb, place: PlaceKind | undefined, context: Context): number | undefined {
  if (place === 'oven' && IN_OVEN.has(verb)) return context.ovenC;
  if (place === 'smoker' || place === 'grill') return context.fireC;
  if ((verb === 'fry' || verb === 'braise') && place === 'hob') return context.oilC;
  return undefined;
}

export function minutesOf(
  text: string,
  span: ReadDuration,
  context: Context,
): Pick<ReadAct, 'leastMin' | 'likelyMin' | 'mostMin'> {
  const weightG = weightIn(text, span) ?? context.weightG ?? NaN;
  const weight = span.sense === 'perKg' ? (perKgFactor(text, span) * weightG) / 1000 : 1;
  const more = span.sense === 'perKg' ? moreBehind(text, span) : 0;
  const isMore = AGAIN_SO.test(text.slice(0, span.from)) && placeIn(text) === 'fridge';
  const cold = isMore ? context.lay : undefined;
  const few = (span.mostMin ?? 0) < FEWEST_MIN || cold !== undefined;
  const inHours = span.bare && few && (cold ?? context.hot?.likelyMin ?? 0) >= LONG_MIN;
  const times = weight * timesOf(text, span) * (inHours ? 60 : 1);
  const by = (value: number | undefined) =>
    value === undefined || Number.isNaN(times)
      ? undefined
      : Math.max(value > 0 ? 1 : 0, Math.round(value * times + more));
  return { leastMin: by(span.leastMin), likelyMin: by(span.likelyMin), mostMin: by(span.mostMin) };
}

/** "… and in the fridge for another 24". */
const AGAIN_SO = /(?<![a-zß-ɏ])(?:another|a further|otr[oa]s)\s+$/i;
/** Fewer minutes than so many are no stage of hours. Our own line, no source. */
const FEWEST_MIN = 5;

/** "Three hours …, then wrapped for 2 more": hours again. Our own line, no source. */
const LONG_MIN = 120;

/** How often a length is gone through: on each side, and with each batch. */
function timesOf(text: string, span: ReadDuration): number {
  const behind = text.slice(span.to);
  if (
    /^\s*(?:each|every) time/i.test(behind) &&
    /(?<![a-zß-ɏ])(?:twice|dos veces)(?![a-zß-ɏ])/i.test(text)
  )
    return 2;
  const sides = span.perSide ? (numberOf(SIDES, text) ?? 2) : 1;
  const isEach = EACH_BATCH.test(behind) || BATCHES_OF.test(text.slice(0, span.from));
  const each = !span.perSide && OF_EACH.test(behind) ? numberOf(SIDES, text) : undefined;
  return sides * (each ?? 1) * (isEach ? (numberOf(BATCHES, text) ?? 1) : 1);
}

const SIDES = new RegExp(`(${NUMBER}) (?:sides|lados|caras)(?![a-zß-ɏ])`, 'i');
const BATCHES = new RegExp(
  `(${NUMBER})(?:\\s*(?:or|to|o|a|-|–)\\s*${NUMBER})? (?:batches|lots|rounds|goes|loads|tandas|veces|turnos|lotes)(?![a-zß-ɏ])`,
  'i',
);
const EACH_BATCH =
  /^\s*,?\s*(?:each|apiece|(?:a|per|for each|every) (?:go|batch|lot|round|load)|cada (?:una?|tanda|lote|vez)|por (?:tanda|lote))/i;
/** "All four sides, 2 minutes each". */
const OF_EACH = /^\s*(?:each|apiece|(?:por|para|en)? ?cada una?(?![a-zß-ɏ]))/i;
/** "In two batches of 3 minutes". */
const BATCHES_OF =
  /(?<![a-zß-ɏ])(?:batches|lots|rounds|goes|loads|tandas|turnos|lotes) (?:of|de) $/i;

function numberOf(pattern: RegExp, text: string): number | undefined {
  const found = pattern.exec(text)?.[1];
  const value = found === undefined ? NaN : numberIn(found);
  return Number.isFinite(value) ? value : undefined;
}

/** "… plus 20 minutes over". */
const MORE_BEHIND = new RegExp(
  `(?<![a-zß-ɏ])(?:plus|and|m[aá]s|y)\\s+(?:an? (?:extra|further) )?(${NUMBER})\\s*(?:minutes?|mins?\\.?|minutos?|over(?![a-zß-ɏ])|extra(?![a-zß-ɏ])|on top|(?=[.,;)]|$))`,
  'i',
);

function moreBehind(text: string, span: ReadDuration): number {
  return numberOf(MORE_BEHIND, text.slice(span.to)) ?? 0;
}

/** "For a 3 kg goose": another weight than the list's. */
const WEIGHT = new RegExp(`(${NUMBER})[\\s-]*(kg|kilos?|lbs?|pounds?|libras?)(?![a-zß-ɏ])`, 'gi');

const NEAR_LETTERS = 14;

function weightIn(text: string, { to, sense }: ReadDuration): number | undefined {
  if (sense !== 'perKg') return undefined;
  for (const { 1: amount = '', 2: unit = '', index } of text.matchAll(WEIGHT)) {
    // "25 min/lb" says for each, not how much.
    if (index >= to && index - to < NEAR_LETTERS) continue;
    return numberIn(amount) * (/^(?:lb|pound|libra)/i.test(unit) ? G_PER_LB : 1000);
  }
  return undefined;
}

/** "Rest 5.": minutes, of course. */
function bareRest(own: string): Pick<ReadAct, 'leastMin' | 'likelyMin' | 'mostMin'> | undefined {
  const found =
    /^(?:rest|reposar?)\s+(?:for\s+)?(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?\s*(?:[.,;]|$|(?:on|in|under|warm|covered|loosely|tapad[oa]s?|cubiert[oa]s?|en|fuera)(?![a-zß-ɏ]))/i.exec(
      own,
    );
  if (!found) return undefined;
  const [least, most] = [Number(found[1]), Number(found[2] ?? found[1])];
  return { leastMin: least, likelyMin: Math.round((least + most) / 2), mostMin: most };
}
