import { MINUTES_PER_DAY, NIGHT_MIN } from '../figures/index.ts';
import type { MadeAct } from './act.ts';
import type { Context } from './context.ts';
import { isNight } from './night.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { spansIn } from './span.ts';
import { isNearlyTooLong } from './tempered.ts';
import { placeIn } from './verbs.ts';

/** What a step leaves open, from what its clause says besides: the night, and how often. */
export function settleAct(
  text: string,
  act: MadeAct,
  dayBefore: boolean,
  context: Context,
): MadeAct {
  const cold = COLD.has(act.verb);
  const lies = cold || (act.verb === 'soak' && !context.hot);
  if (dayBefore && lies && act.likelyMin === undefined) return { ...act, ...OVERNIGHT };
  // "Simmer the cure, chill completely": nothing lies in it yet.
  if (context.soakOnFire && act.verb === 'brine' && act.likelyMin === undefined)
    return { ...act, verb: 'chill' };
  // It is planned shorter than it says.
  if (isNearlyTooLong(act.verb, act.likelyMin)) return { ...act, guessed: true };
  const made = hotterThanWater(text, stirredIn(text, act, context), context);
  return inRounds(text, coldOvernight(text, ofFat(text, keptWarm(text, made)), context), context);
}

/** "Submerge the legs in the fat and cook in the oven": no dry roast; "stir the roux" fries it. */
function ofFat(text: string, act: MadeAct): MadeAct {
  const { verb, tempC = Infinity } = act;
  if (verb === 'stir' && act.likelyMin !== undefined && ROUX.test(text))
    return { ...act, verb: 'fry', place: 'hob' };
  if (verb === 'mix' && act.likelyMin !== undefined && OVER_FLAME.test(text))
    return { ...act, verb: 'fry', place: 'hob' };
  const dry = verb === 'roast' || verb === 'bake';
  if (verb === 'roast' && LID_ON.test(text) && LIQUID.test(text) && !SAYS_ROAST.test(text))
    return { ...act, verb: 'braise' };
  return dry && tempC <= UNDER_FAT_MOST_C && UNDER_FAT.test(text)
    ? { ...act, verb: 'braise' }
    : act;
}

/** "Stir in the garlic for a minute": it fries with what is in the pan. */
function stirredIn(text: string, act: MadeAct, { hot }: Context): MadeAct {
  const fries =
    act.verb === 'stir' && act.likelyMin !== undefined && /^\W*stir in(?![a-zß-ɏ])/i.test(text);
  return fries && hot?.place === 'hob' ? { ...act, verb: hot.verb, place: 'hob' } : act;
}

/** "Cuece en olla de hierro a 250 °C": no water is so hot; it is in the oven. */
function hotterThanWater(text: string, act: MadeAct, { dough, hasMeat }: Context): MadeAct {
  const wet = act.verb === 'simmer' || act.verb === 'boil';
  if (act.verb === 'boil' && (act.untilC ?? Infinity) < BOILS_FROM_C)
    return { ...act, verb: 'simmer' };
  // "Cook until the sugar reaches 118 °C": in its pan.
  if (!wet && BOILED_SUGAR.test(text) && act.place === 'oven' && !/oven|horno/i.test(text))
    return { ...act, verb: 'boil', place: 'hob' };
  if (!wet || (act.tempC ?? 0) < LEAST_OVEN_C || SUGAR.test(text)) return act;
  if (UNDER_PRESSURE.test(text)) return { ...act, verb: 'braise', place: 'hob', tempC: undefined };
  return { ...act, verb: dough || !hasMeat ? 'bake' : 'braise', place: 'oven' };
}

/** What is stirred up to 82 °C never boils. Our own line, no source. */
const BOILS_FROM_C = 95;
const BOILED_SUGAR =
  /(?<![a-zß-ɏ])(?:sugar|syrup|caramel|jam|az[uú]car|alm[ií]bar|caramelo|mermelada) (?:is at|hits|reads|reaches|llegue a|alcance|marque)(?![a-zß-ɏ])/i;
/** What is set to so much and is no sugar is an oven. Our own line, no source. */
const LEAST_OVEN_C = 130;
const UNDER_PRESSURE = /(?<![a-zß-ɏ])(?:pressure|presi[oó]n)(?![a-zß-ɏ])/i;
const SUGAR =
  /(?<![a-zß-ɏ])(?:sugar|syrup|caramel|jam|honey|toffee|fudge|oil|fat|lard|az[uú]car|alm[ií]bar|caramelo|mermelada|miel|aceite|manteca)(?![a-zß-ɏ])/i;

/** "Toss in butter, two minutes over a fierce heat". */
const OVER_FLAME =
  /(?<![a-zß-ɏ])over (?:a |the )?(?:[a-zß-ɏ]+ )?(?:heat|flame)(?![a-zß-ɏ])|(?<![a-zß-ɏ])a fuego (?:vivo|fuerte|alto)(?![a-zß-ɏ])/i;
/** "Add ale and stock, cover, 150C oven, 2 hr 30": no dry roast. */
const LID_ON = /(?<![a-zß-ɏ])(?:cover(?:ed)?|lid on|tapa(?:r|do|da)?)(?![a-zß-ɏ])/i;
const LIQUID =
  /(?<![a-zß-ɏ])(?:stock|broth|ale|beer|stout|cider|wine|water|sauce|liquid|caldo|cerveza|sidra|vino|agua|salsa)(?![a-zß-ɏ])/i;
const SAYS_ROAST = /(?<![a-zß-ɏ])(?:roast|asa|asar|hornea)/i;
const ROUX = /(?<![a-zß-ɏ])roux(?![a-zß-ɏ])/i;
const UNDER_FAT =
  /(?<![a-zß-ɏ])(?:submerge[a-zß-ɏ]*|(?:in|under|covered? (?:[a-zß-ɏ]+ ){0,2}with) (?:the |melted |its |their |duck |goose |pork |olive )*(?:fat|lard|oil)|sumerg[a-zß-ɏ]*|cubiert[oa]s? (?:en|de|por|con) (?:la |el )?(?:grasa|manteca|aceite))(?![a-zß-ɏ])/i;
/** Fat that cooks gently is at most so hot. Common practice, no source. */
const UNDER_FAT_MOST_C = 140;

/** "Keep it in a 70 °C oven": nothing cooks there. */
function keptWarm(text: string, act: MadeAct): MadeAct {
  const { verb, tempC = Infinity, untilC, mostMin = 0 } = act;
  const inOven = verb === 'roast' || verb === 'bake';
  // For hours on end it cooks there, however gently.
  const cooks = !inOven || untilC !== undefined || mostMin > KEPT_WARM_MOST_MIN;
  if (cooks || tempC > KEPT_WARM_MOST_C || !KEPT.test(text)) return act;
  return { ...act, verb: 'hold' };
}

const KEPT =
  /(?<![a-zß-ɏ])(?:keep|keeps|kept|leave|hold|wait|mant[eé]n[a-zß-ɏ]*|conserv[a-zß-ɏ]*|guard[a-zß-ɏ]*)(?![a-zß-ɏ])/i;
/** An oven that keeps warm and does not cook. Our own line, no source. */
const KEPT_WARM_MOST_C = 85;
const KEPT_WARM_MOST_MIN = 180;

const COLD: ReadonlySet<string> = new Set(['chill', 'marinate', 'brine']);
/** From the evening to the morning. Common practice, no source. */
const OVERNIGHT = {
  leastMin: NIGHT_MIN.least,
  likelyMin: NIGHT_MIN.likely,
  mostMin: NIGHT_MIN.most,
  guessed: true,
};

/** "Leave overnight", "let it dry another 4 hours": in the cold, though nobody says so. */
function coldOvernight(text: string, act: MadeAct, { hot, dough, hasMeat }: Context): MadeAct {
  const said = placeIn(text);
  if (said !== undefined && said !== 'fridge') return act;
  const lies =
    act.verb === 'cool' ||
    (act.verb === 'rest' && (act.place === 'board' || act.place === undefined));
  if (!lies || (dough && !hasMeat) || LEFT_OUT.test(text)) return act;
  const raw = act.verb === 'rest' && hot === undefined && hasMeat && !dough && !OUTSIDE.test(text);
  const { tempC, likelyMin = 0 } = act;
  const isHours = tempC === undefined && likelyMin > OUT_MOST_MIN && likelyMin <= MINUTES_PER_DAY;
  const isFor = raw ? isHours : hot !== undefined && isNight(act);
  if (!isFor) return act;
  return { ...act, verb: 'chill', place: 'fridge', guessed: true };
}

/** "Leave out overnight". */
const LEFT_OUT =
  /(?<![a-zß-ɏ])(?:leave|left|keep|stand|sit|let|dej[a-zß-ɏ]*)(?![a-zß-ɏ])[^.;,]{0,24}(?<![a-zß-ɏ])(?:out(?! of)|fuera)(?![a-zß-ɏ])/i;
/** "At room temperature", "out on the side". */
const OUTSIDE =
  /(?<![a-zß-ɏ])(?:room|out|outside|side|hang|cool place|somewhere|larder|cellar|\d\s?°\s?C?|ambiente|fuera|encimera|cuelga|despensa|bodega)(?![a-zß-ɏ])/i;
/** Raw meat is left out no longer, where nobody says so. Our own line, no source. */
const OUT_MOST_MIN = 120;

const TIMES = new RegExp(`(?<count>${NUMBER})\\s+(?:more\\s+)?(?:times|folds|veces)`, 'i');
/** Nobody does it more often than that. Our own line, no source. */
const MOST_ROUNDS = 12;

/** "Three times at 15 minute intervals": three quarters of an hour; undefined where none is said. */
export function roundsMin(text: string, everyMin: number | undefined): number | undefined {
  const count = TIMES.exec(text)?.groups?.count;
  if (everyMin === undefined || count === undefined) return undefined;
  const rounds = numberIn(count);
  return rounds >= 1 && rounds <= MOST_ROUNDS ? Math.round(rounds * everyMin) : undefined;
}

/** It is folded in rounds, and rises between them. */
function inRounds(text: string, act: MadeAct, { dough }: Context): MadeAct {
  const worked = dough && (act.verb === 'mix' || act.verb === 'knead');
  const { likelyMin, tendEveryMin } = act;
  if (likelyMin !== undefined) {
    return worked && tendEveryMin && likelyMin > tendEveryMin ? { ...act, ...RISES } : act;
  }
  const all = dough ? spansIn(text).find(({ sense }) => sense === 'length') : undefined;
  const minutes = roundsMin(text, tendEveryMin) ?? (tendEveryMin && all?.likelyMin);
  if (minutes === undefined) return act;
  return { ...act, ...(worked && RISES), leastMin: minutes, likelyMin: minutes, mostMin: minutes };
}

/** What a dough does while nobody has it in hand. */
export const RISES = { verb: 'rise', place: 'counter' } as const;
