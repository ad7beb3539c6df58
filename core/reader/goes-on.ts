import type { Verb } from '../terms/index.ts';
import { minutesOf, type Share } from './act.ts';
import {
  goesOnAs,
  HEATS,
  PLACES_TO_BE,
  WET,
  WET_MOST_C,
  type Context,
  type ReadAct,
} from './context.ts';
import type { Degree } from './degree.ts';
import type { PlaceKind } from '../places/index.ts';
import type { ReadDuration } from './span.ts';
import { isNight } from './night.ts';
import { HEAT_OFF, OVEN_OFF } from './settle-left.ts';
import { placeIn } from './verbs.ts';

/** How long, be it by weight. */
const isLength = ({ sense }: ReadDuration): boolean => sense !== 'every';
/** "20 minutes at 200, then at 160 for an hour": the same again, longer or cooler. */
export function againOf(text: string, act: ReadAct, share: Share, context: Context): ReadAct[] {
  const lengths = share.spans.filter(({ sense }) => sense === 'length');
  if (!HEATS.has(act.verb)) return [];
  let { tempC } = act;
  return lengths.flatMap((span, i): ReadAct[] => {
    const before = lengths[i - 1];
    if (!before) return [];
    const next = lengths[i + 1]?.from ?? text.length;
    const between = text.slice(before.to, span.from);
    const own = text.slice(span.to, next);
    // "3 minutes on the hob, 6 in the oven" are two fires.
    const [here, there] = [placeIn(between), placeIn(own)];
    if (here !== undefined && there !== undefined && here !== there) return [];
    const isStage = STAGE.test(between) && STAGE_HOW.test(own) && lasts(span, tempC);
    if (!THEN.test(between) && !isStage) return [];
    // "20 min at 220 then 25 at 180": the heat before the "then" is the first one's.
    const then = THEN.exec(between);
    const turnsAt = then ? before.to + then.index : span.from;
    const set = share.degrees
      .filter(({ sense }) => sense === 'place')
      .find(({ from }) => from > turnsAt && from < next);
    tempC = set?.tempC ?? tempC;
    if (act.place === 'oven') context.ovenC = tempC;
    // A heat that is told with it and went elsewhere leaves its length to another reading.
    const owns = set ? [span, set] : /\d{2,3} ?[°º]/u.test(own) ? [] : [span];
    const lit = owns.map(({ from, to }) => [from, to] as const);
    return [{ ...act, ...minutesOf(text, span, context), tempC, lit }];
  });
}

/** Nobody roasts so long in so hot an oven. Our own line, no source. */
function lasts({ mostMin = 0 }: ReadDuration, tempC = 0): boolean {
  return tempC < HOT_OVEN_C || mostMin <= LONGEST_HOT_MIN;
}

const HOT_OVEN_C = 180;
const LONGEST_HOT_MIN = 240;

const THEN = /(?:then|luego|despu[eé]s|followed by)/i;
/** "3 hours in smoke, 2 wrapped in foil and the last hour without": each a stage of the same fire. */
const STAGE =
  /(?:,|(?<![a-zß-ɏ])(?:and|y))\s+(?:(?:finally|por [uú]ltimo|for|the|a|la|las|los|another|otr[oa]s?)\s+)*(?:last\s+|final\s+|[uú]ltim[oa]s?\s+)?$/i;
const STAGE_HOW =
  /^\s*(?:more\s+|m[aá]s\s+)?(?:(?:in|en|with|con|at|a(?! fuego)) |un?wrapped|wrapped|covered|uncovered|without|sin |envuelt|desenvuelt|tapad|destapad|open|bare|lid|directo|indirecto|direct|indirect|skin|fat|bone|piel)/i;

/** "Then a minute a side in a hot pan": out of the oven, and seared. */
export function isPan(
  text: string,
  place: PlaceKind | undefined,
  spans: readonly ReadDuration[],
  { hot, place: before }: Context,
): boolean {
  const sides = spans.some(({ perSide }) => perSide);
  const there = place ?? before;
  const outOfWater = hot !== undefined && WET.has(hot.verb) && PAN.test(text);
  return sides && (hot?.place !== 'hob' || outOfWater) && (there === 'hob' || PAN.test(text));
}

const PAN = /(?<![a-zß-ɏ])(?:pan|cast[- ]iron|skillet|griddle|sart[eé]n|plancha)(?![a-zß-ɏ])/i;

const WHEN = /^\s*(?:when|once|cuando|en cuanto)(?![a-zß-ɏ])/i;

/** What is left of a length after so many minutes; at least one. */
function lessBy(
  { leastMin, likelyMin, mostMin }: Partial<ReadAct>,
  minutes: number,
): Pick<ReadAct, 'leastMin' | 'likelyMin' | 'mostMin'> {
  const less = (value: number | undefined) =>
    value === undefined ? undefined : Math.max(1, value - minutes);
  return { leastMin: less(leastMin), likelyMin: less(likelyMin), mostMin: less(mostMin) };
}

/** "Noodles in boiling water, 4 min". */
const IN_WATER =
  /(?<![a-zß-ɏ])(?:in (?:[a-zß-ɏ]+ )?(?:boiling|salted) water|en agua (?:hirviendo|con sal))(?![a-zß-ɏ])/i;
/** "40 minutes with the lid ajar", of what was fried before: there is water on it by now. */
const LID_OVER =
  /(?<![a-zß-ɏ])(?:with (?:the|a|its) lid|lid (?:on|ajar|half)|con (?:la )?tapa|tapa (?:puesta|entreabierta)|a medio tapar)(?![a-zß-ɏ])/i;
/** "Cover, 160 °C, 2 hours", of what was browned. */
const COVERS = /^\s*(?:cover|lid on|tapa(?:r|mos)?)(?![a-zß-ɏ])/i;
const inLiquid = (text: string) => (IN_WATER.test(text) ? ('boil' as const) : undefined);
const HEATS_FAT =
  /(?<![a-zß-ɏ])(?:heat|calient[a-zß-ɏ]*|calentar) (?:the |el |la )?(?:[a-zß-ɏ]+ )?(?:oil|fat|butter|ghee|lard|aceite|manteca)(?![a-zß-ɏ])/i;
const ON_RING: ReadonlySet<string> = new Set(['fry', 'sear', 'brown']);
/** What a dry thing is told in degrees for is an oven. Our own line, no source. */
const LEAST_DRY_OVEN_C = 120;
const IN_FAT = /(?<![a-zß-ɏ])(?:oil|fat|lard|dripping|aceite|manteca|pan|sart[eé]n)(?![a-zß-ɏ])/i;

/** Out of the oven, in a pan. */
const IN_PAN =
  /(?<![a-zß-ɏ])(?:(?:cut|skin|flesh|fat)[- ]side|(?:side|skin|flesh) down|(?:^|[:,.] )pan(?=,| (?:cold|hot|skin)(?![a-zß-ɏ]))|(?:^\s*)pan (?:cold|hot)(?![a-zß-ɏ])|in the (?:[a-zß-ɏ]+ )?fat|skillet|frying pan|sart[eé]n)(?![a-zß-ɏ])/i;
/** "Put in a covered bowl for ten minutes". */
const IN_BOWL =
  /^\s*(?:put|place|tip|drop)?(?: it| them| the [a-zß-ɏ]+)? ?in(?:to)? (?:a|the) (?:covered |plastic |paper )?(?:bowl|bag)(?![a-zß-ɏ])/i;
const RESTS = /(?<!the )\brest(?:s|ing)?\b(?! of)|\breposa/i;
/** Off its fire, unless a heat is told with it. */
const ON_RACK =
  /\bon (?:a |the )?(?:wire |cooling )?rack\b(?! (?:in|over|above))|(?<![a-zß-ɏ])(?:on|onto|to) (?:a |the )(?:carving |chopping |warm(?:ed)? )?(?:board|plate)(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:at room temp|a temperatura ambiente)/i;

/** How it goes on: "onions in, 10 minutes", where meat was browned, are fried. */
function onRing(text: string, context: Context, hot: ReadAct): Verb {
  const browned = hot.verb === 'sear' || hot.verb === 'brown';
  return browned && VEGETABLES.test(text) ? 'fry' : (goesOnAs(context) ?? hot.verb);
}

const VEGETABLES =
  /^\s*(?:the |la |el |las |los |\d+ |two |three )?(?:[a-zß-ɏ]+ )?(?:onions?|shallots?|leeks?|carrots?|celery|peppers?|mushrooms?|garlic|veg(?:etables)?|cebollas?|puerros?|zanahorias?|pimientos?|setas|champi[ñn]ones|verduras?)(?![a-zß-ɏ])/i;

/** "Move to the cooler side": over the same fire, and a stage of its own. */
export function isAnotherSide(text: string): boolean {
  return OTHER_SIDE.test(text);
}

const OTHER_SIDE =
  /(?<![a-zß-ɏ])(?:to|onto|over|on|al?) (?:the |la |lado )?(?:cool|cooler|indirect|hot|hotter|direct|other|zona|parte|lado)(?: (?:side|part|zone|end|half|indirecta?|fr[ií]a|caliente|directa?))/i;

/** "A last 20 minutes on the hob": out of the oven. */
const ON_A_RING =
  /(?<![a-zß-ɏ])(?:on(?:to)?|over) (?:the |a )?(?:[a-zß-ɏ]+ )?(?:hob|stove|stovetop|ring|burner)(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:en el fuego|en la hornilla|al fuego)(?![a-zß-ɏ])/i;

/** "Raise to 200 and give it 20 minutes": what an oven was set to since it went in. */
function turnedTo({ place }: ReadAct, { turned, ovenC }: Context): number | undefined {
  return turned && place === 'oven' ? ovenC : undefined;
}

/** "4 hours in the leftover liquid": over no fire. */
const LIES_IN =
  /(?<![a-zß-ɏ])(?:in|en) (?:the|its|their|that|this|el|la|su) (?:[a-zß-ɏ]+ ){0,2}(?:marinade|brine|pickle|liquid|liquor|escabeche|salmuera|marinada|adobo)(?![a-zß-ɏ])/i;
/** What boils so long says so. Our own line, no source. */
const SOAKS_FROM_MIN = 120;

function soaksIn(
  text: string,
  line: number,
  group: string | undefined,
  length: ReadDuration,
  context: Context,
): ReadAct {
  return {
    verb: 'marinate',
    text,
    line,
    group,
    ...minutesOf(text, length, context),
    place: 'fridge',
    meanwhile: false,
    dayBefore: false,
    lit: [[length.from, length.to]],
    guessed: true,
  };
}

/** "Back on till 95, about 3 h", "cooler 2 h": what goes on, when the step before has said its own. */
export function goingOn(
  text: string,
  line: number,
  group: string | undefined,
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  context: Context,
): ReadAct | undefined {
  const { hot } = context;
  const length = spans.find(isLength);
  const core = degrees.find(({ sense }) => sense === 'core');
  const set = degrees.find(({ sense }) => sense === 'place');
  const every = spans.find(({ sense }) => sense === 'every');
  if (!hot || (!length && !core)) return undefined;
  // "Better from one day to the next", "heat the oil for 2 minutes": neither is of what cooks.
  if ((length && isNight(length)) || HEATS_FAT.test(text)) return undefined;
  if (length && hot && LIES_IN.test(text) && (length.leastMin ?? 0) >= SOAKS_FROM_MIN)
    return soaksIn(text, line, group, length, context);
  const place = placeIn(text);
  const off = OVEN_OFF.test(text) || HEAT_OFF.test(text);
  const rests =
    place === 'box' ||
    off ||
    RESTS.test(text) ||
    (!set && (ON_RACK.test(text) || IN_BOWL.test(text)));
  const ontoRing = place === 'hob' && hot.place !== 'hob' && ON_A_RING.test(text);
  const elsewhere = place !== undefined && place !== hot.place && PLACES_TO_BE.has(place);
  // "Parboil; then 200C, 45 min": no pot is so hot, and a pan is told in degrees for its fat only.
  const inPot =
    WET.has(hot.verb) ||
    (ON_RING.has(hot.verb) && hot.tempC === undefined && context.oilC === undefined);
  const leastC = WET.has(hot.verb) ? WET_MOST_C : LEAST_DRY_OVEN_C;
  const anew = context.cooled && set !== undefined && set.tempC >= LEAST_DRY_OVEN_C;
  // "Oven at 180. 30 minutes": in there, whatever was fried before.
  const intoReady = context.ovenReady && place === undefined && hot.place !== 'oven';
  const tooHot =
    anew || intoReady || (inPot && set !== undefined && set.tempC > leastC && !IN_FAT.test(text));
  const turnedDown = context.low && hot.verb === 'boil';
  const timed = tooHot || turnedDown || hot.likelyMin !== undefined || hot.mostMin !== undefined;
  const isNew = isAnotherSide(text) || (length ? timed : hot.untilC !== undefined);
  const dry = hot.place === 'hob' || hot.place === 'grill';
  const inPan = (WET.has(hot.verb) || !dry) && IN_PAN.test(text);
  if (elsewhere || inPan || !(isNew || rests)) return undefined;
  const intoOven = !rests && tooHot;
  const inLid = ON_RING.has(hot.verb) && LID_OVER.test(text);
  const inOven = context.hasMeat ? (COVERS.test(text) ? 'braise' : 'roast') : 'bake';
  const lasts = length ? minutesOf(text, length, context) : {};
  // "When the bark is dark (around 5 hours)": since it began, not again.
  const since = WHEN.test(text) && lasts.likelyMin !== undefined ? (hot.likelyMin ?? 0) : 0;
  const act: ReadAct = {
    verb: rests
      ? 'rest'
      : intoOven
        ? inOven
        : ontoRing && hot.verb === 'braise'
          ? 'simmer'
          : (inLiquid(text) ?? (inLid ? 'simmer' : onRing(text, context, hot))),
    text,
    line,
    group,
    ...(since > 0 ? lessBy(lasts, since) : lasts),
    tempC:
      rests || ontoRing
        ? undefined
        : (set?.tempC ??
          (intoReady ? context.ovenC : undefined) ??
          turnedTo(hot, context) ??
          hot.tempC),
    untilC: core?.tempC,
    place:
      place === 'box' ? 'box' : rests ? 'board' : intoOven ? 'oven' : ontoRing ? 'hob' : hot.place,
    meanwhile: false,
    dayBefore: false,
    tendEveryMin: every?.likelyMin,
    lit: [length, every, core, set].flatMap((one) => (one ? [[one.from, one.to] as const] : [])),
    guessed: true,
  };
  if (!rests) context.hot = act;
  return act;
}
