import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import { WET, type Context } from './context.ts';
import {
  COATS_MEAT,
  COVERED,
  IN_PAN,
  LEFT_LOW,
  LID,
  LIES_IN_WATER,
  ON_FIRE,
  ON_RING,
  SETS,
  cold,
  putAs,
  waited,
  waits,
} from './settle-left.ts';
import type { VerbHit } from './verbs.ts';
/** Peppers sweat in a covered bowl, off the fire. */
const COVERED_BOWL =
  /(?<![a-zß-ɏ])(?:covered bowl|bag|bowl covered|bowl,? (?:and )?cover|bol tapado|bolsa)(?![a-zß-ɏ])/i;
/** Where meat loses its chill. */
const OUT_IN_ROOM =
  /at room temperature|temperatura ambiente|on (?:the|your) (?:counter|worktop|work surface|kitchen table)(?![^.;]*(?:cloth|towel|foil|cover))/i;
/** "Deja sudar fuera del fuego". */
const OFF_FIRE = /(?<![a-zß-ɏ])(?:off the (?:heat|fire)|fuera del fuego)(?![a-zß-ɏ])/i;
/** Peppers again: "déjalos sudar tapados". */
const SWEATS_COVERED = /sud(?:a|e|ar)(?![a-zß-ɏ])[^.;]{0,20}tapad/i;
/** "In a frying pan … cook it over a low heat": in Spanish a low heat alone is no simmer. */
const FRIES = /^(?:cocin|h[aá]z)/i;
/** "Bring to 82 °C and hold it there": in its pot. */
const BROUGHT_TO = /(?<![a-zß-ɏ])(?:bring|heat|warm|lleva|calienta)(?![a-zß-ɏ])[^.;]{0,40}\d\s*°/i;
/** "Cover and cook in the oven". */
const JUST_COVERED =
  /(?<![a-zß-ɏ])(?:cover|clap on (?:the|a) lid|put (?:on )?the lid(?: on)?|lid on|tap(?:a|e|ar|amos))(?![a-zß-ɏ])[^.;]{0,24}$/i;
const PART_COVERED = /(?<![a-zß-ɏ])(?:cover|lid|tap(?:a|e|ar|amos))(?![a-zß-ɏ])[^.;]{0,20}$/i;
/** "Cuece" says no more than that it cooks in something wet. */
const COOKS_WET = /^(?:cuec|cuez|coc)/i;
/** "Cocer a la plancha". */
const ON_BARS =
  /(?<![a-zß-ɏ])a la (?:plancha|parrilla|brasa)(?![a-zß-ɏ])|(?:sobre|en) (?:la parrilla|las brasas)(?![a-zß-ɏ])/i;
const IN_WATER = /agua|ebullici|herv|hirv/i;
/** "Salt the chops", and no water for pasta. */
const SALTS = /^(?:salt|sal[ae]?r?)(?![a-zß-ɏ])(?! the (?:water|pasta))/i;
/** Meat in salted water. */
const SALTED = /\bsalt|\bsal\b/i;
/** "Warm the cream", "reheat on the hob": in a pan, whatever cooks in the oven. */
const WARMS =
  /^(?:re-?heat[a-zß-ɏ]*[^.;]{0,30}\b(?:hob|stove|ring|pan|pot)\b|(?:gently )?(?:warm|heat|bring) (?:the |a |your )?(?:[a-zß-ɏ]+ )?(?:milk|cream|stock|broth|water|sauce|syrup|juice|wine|cider|soup|gravy)\b)/i;
/** "Reheat gently and glaze under the grill": on a ring, where nothing else is said of it. */
const WARMS_AGAIN = /^(?:re-?heat|warm (?:it |them )?through|(?:re)?calient|(?:re)?calentar)/i;
const DRY: ReadonlySet<Verb> = new Set(['grill', 'roast', 'bake', 'smoke']);
/** "Boil hard with the lid on". */
const HARD = /^boil(?:ing)? (?:very )?(?:hard|fast|rapidly|vigorously)(?![a-zß-ɏ])/i;
const GENTLE =
  /fuego (?:muy )?(?:lento|bajo|suave)|baja(?:r)? el fuego|tapad[oa]|(?<![a-zß-ɏ])tapa(?:r|mos)?(?![a-zß-ɏ])/i;

/** What a word with several meanings stands for here. */
export function verbOf(
  hit: VerbHit,
  before: string,
  own: string,
  { named, oven }: { readonly named: PlaceKind | undefined; readonly oven: boolean },
  context: Context,
): Verb | undefined {
  switch (hit.verb) {
    case 'cook':
      if (named !== 'oven' && WARMS.test(own)) return 'simmer';
      if (named === undefined && !oven && WARMS_AGAIN.test(own)) return 'simmer';
      return inPot(
        cooks(own, before, named ?? (oven ? heated(context) : undefined), context),
        before,
        context,
      );
    case 'put':
      return putAs(hit, before, own, named, context);
    case 'wait':
      return waited(hit, before, own, named, context);
    case 'temper':
      // "Sácalo de la salmuera y déjalo en la nevera".
      if (IN_FRIDGE.test(own)) return cold(context);
      // What comes off its fire does not come out of the cold.
      if (context.hot !== undefined && !context.cooled && !OUT_OF_COLD.test(own)) return 'rest';
      return (context.dough && !context.hasMeat) || OF_DOUGH.test(own) ? 'rise' : 'temper';
    case 'chill':
      if (/^(?:freez|congel)/i.test(own)) return 'chill';
      if (context.soak && context.hasMeat && !context.soaked && PUT_UNDER.test(before))
        return context.soak;
      return SETS.test(before) || SETS.test(own) ? 'chill' : cold(context);
    case 'marinate':
      return OFF_FIRE.test(own) ? 'rest' : 'marinate';
    case 'rest':
      return rests(named, before, own, context);
    case 'shred':
    case 'slice':
      // Before any fire it is only cut.
      return context.hot === undefined ? 'prepare' : hit.verb;
    case 'simmer':
      if (context.slowCooker && /^low/i.test(own)) return 'braise';
      return FRIES.test(own) && IN_PAN.test(`${before}${own}`) && !LID.test(own) ? 'fry' : 'simmer';
    case 'boil':
      if (/^blanch/i.test(own) && IN_FAT.test(own)) return 'fry';
      if (COOKS_WET.test(own) && ON_BARS.test(own)) return 'grill';
      if (COOKS_WET.test(own) && named === 'oven') return context.hasMeat ? 'roast' : 'bake';
      // "Cuece 20 minutos", of a loaf and with the oven set: it bakes.
      if (COOKS_WET.test(own) && bakesNow(context) && !IN_WATER.test(`${before}${own}`))
        return 'bake';
      if (COOKS_WET.test(own) && context.hot !== undefined && !IN_WATER.test(`${before}${own}`))
        return 'simmer';
      if (HARD.test(own)) return 'boil';
      return GENTLE.test(own) || GENTLE.test(before) ? 'simmer' : 'boil';
    case 'soak':
      return soaked(own, before, named, context);
    case 'hold':
      return held(named, before, own, context);
    case 'fry':
      if (/^soften/i.test(own) && LIES_IN_WATER.test(own)) return 'soak';
      if ((oven || named === 'oven') && /^(?:toast|tuest|tost)/i.test(own)) return 'roast';
      if (named === 'grill' && /^(?:toast|tuest|tost)/i.test(own)) return 'grill';
      if (context.hot?.place !== 'hob' && SWEATS_COVERED.test(own)) return 'rest';
      if (OFF_FIRE.test(own)) return 'rest';
      return COVERED_BOWL.test(own) || COVERED_BOWL.test(before) ? 'rest' : 'fry';
    case 'prepare':
      if (DRIPS.test(own)) return 'rest';
      // "The night before: salt the pork": it lies in it till then.
      if (context.dayBefore && context.hasMeat && !context.hot && SALTS.test(own)) return 'brine';
      return context.hot !== undefined && /^(?:cut|cort)/i.test(own) ? 'slice' : 'prepare';
    case 'cool':
      return cooled(own, named, context);
    case 'rise':
      return !context.dough && LIES_DAYS.test(own) ? 'ferment' : 'rise';
    case 'ferment':
      return context.dough ? 'rise' : 'ferment';
    case 'bake':
      return DRIES.test(own) && context.hasMeat ? 'roast' : 'bake';
    case 'baste':
      return context.hot === undefined || ON_RING.has(context.hot.verb) ? 'prepare' : 'baste';
    case 'roast':
      if (named === 'hob' && /^pan/i.test(own)) return 'fry';
      return (
        (named === undefined && context.ovenC === undefined && context.fireC !== undefined
          ? ON_FIRE[context.place ?? 'board']
          : undefined) ?? (named === 'grill' ? 'grill' : 'roast')
      );
    case 'brown':
      // "Brown it in the oven".
      return oven && (named ?? context.hot?.place) === 'oven'
        ? context.hasMeat
          ? 'roast'
          : 'bake'
        : 'brown';
    default:
      return hit.verb;
  }
}

/** "Press the tofu under a weight": in no brine. */
const PRESSES = /^(?:press|prens)/i;

function rests(named: PlaceKind | undefined, before: string, own: string, context: Context): Verb {
  if (named === 'fridge' && context.hasMeat && COATS_MEAT.test(before)) return 'marinate';
  const { hot, last } = context;
  if (hot && ON_RING.has(hot.verb) && ON_ITS_SIDE.test(own)) return hot.verb;
  if (PRESSES.test(own)) return 'rest';
  // What was just kneaded soaks in nothing.
  return last === 'knead' && !context.dough && named === undefined
    ? 'rest'
    : waits(context, OUT_IN_ROOM.test(own));
}

/** Out of the cold, where it loses its chill; else off its fire. */
function cooled(own: string, named: PlaceKind | undefined, { hot, hasMeat }: Context): Verb {
  if (hot === undefined && WARMS_UP.test(own)) {
    if (OF_DOUGH.test(own)) return 'rise';
    if (hasMeat) return 'temper';
  }
  return named === 'fridge' && IN_FRIDGE.test(own) ? 'chill' : 'cool';
}

/** In water, off the fire, or in what was made to lie in. */
function soaked(
  own: string,
  before: string,
  named: PlaceKind | undefined,
  { hot, soak, hasMeat }: Context,
): Verb {
  if (OFF_FIRE.test(own)) return 'rest';
  const isRaw = hot === undefined && hasMeat;
  if (isRaw && UNDER.test(own) && soak !== undefined) return soak;
  return isRaw && named === 'fridge' && SALTED.test(before) ? 'brine' : 'soak';
}

/** Kept as it is: in the cold, in its pot, or warm. */
const THERE =
  /^(?:hold|keep|mant[eé]n[a-zß-ɏ]*) (?:it |them |the [a-zß-ɏ]+ )?(?:there|at that|ah[ií])(?![a-zß-ɏ])/i;

function held(named: PlaceKind | undefined, before: string, own: string, context: Context): Verb {
  if (named === 'fridge') return cold(context);
  // "Heat to 80 °C. Hold it there for ten minutes": in its pot.
  const inItsPot = WET.has(context.hot?.verb ?? 'hold') && THERE.test(own);
  return named === undefined && (BROUGHT_TO.test(before) || inItsPot) ? 'simmer' : 'hold';
}

/** A pot that was turned down, or a pan that something was poured into, simmers. */
function inPot(verb: Verb, before: string, context: Context): Verb {
  const down = verb === 'boil' && (context.low || LEFT_LOW.test(before));
  return down || (verb === 'fry' && context.wet) ? 'simmer' : verb;
}

/** Dried meat is roasted, very slowly. */
const DRIES = /^(?:dry|dehydr|sec|deshidr)/i;
/** "Templar la carne a temperatura ambiente": out of the cold. */
const WARMS_UP = /^templ[a-zß-ɏ]*[^.;]*(?:temperatura ambiente|fuera (?:de la nevera|del fr))/i;
/** "Skin side down into a cold frying pan", after a smoker: no sauce. */
const SKIN_DOWN =
  /(?<![a-zß-ɏ])(?:(?:skin|fat|cut|flesh)[- ]side|(?:skin|fat) down|frying pan|skillet|sart[eé]n)(?![a-zß-ɏ])/i;
/** "Deja reposar la masa a temperatura ambiente". */
const OF_DOUGH = /(?<![a-zß-ɏ])(?:dough|masa)(?![a-zß-ɏ])/i;
/** "Deja fermentar 4 días": no dough. */
const LIES_DAYS = /ferment[^.;]*\d\s*(?:d[ií]as|days|semanas|weeks)/i;
/** "Blanch in oil at 140". */
const IN_FAT = /(?<![a-zß-ɏ])in (?:the |hot )?(?:oil|fat|dripping|lard)(?![a-zß-ɏ])/i;
/** A dough, and an oven that is hot for it. */
function bakesNow({ dough, ovenC, hot }: Context): boolean {
  return dough && ovenC !== undefined && (hot === undefined || hot.place === 'oven');
}

/** "Stand the chops on their fat for two minutes": in the pan still. */
const ON_ITS_SIDE =
  /^(?:stand|sit|prop|hold)s? [^.;,]{0,24}(?:on|onto) (?:its|their|the) (?:fat(?:ty)?|edges?|sides?|skin)(?![a-zß-ɏ])/i;

/** "Bring a pan of water to the boil and cook the pasta". */
const WATER_BOILS =
  /(?<![a-zß-ɏ])(?:water|agua)(?![a-zß-ɏ])[^.;]{0,24} (?:to (?:a|the) (?:rolling |full )?boil|a hervir)(?![a-zß-ɏ])/i;

const IN_FRIDGE =
  /(?<![a-zß-ɏ])(?:in|en) (?:the |la |el )?(?:fridge|refrigerator|nevera|frigo(?:r[ií]fico)?|refrigerador)(?![a-zß-ɏ])/i;
/** "Drain on paper for 2 minutes". */
const DRIPS = /^(?:drain|escurr)[^.;]{0,40}(?:\d+ ?(?:m|h)|(?:half )?an hour|media hora|una hora)/i;

/** "Submerge the brisket and refrigerate for a week". */
const PUT_UNDER = /(?<![a-zß-ɏ])(?:submerge|immerse|sumerge|sumergir)(?![a-zß-ɏ])/i;
/** "Submerge the turkey": in what was made for it. */
const UNDER = /^(?:submerge|immerse|sumer)/i;

/** "Melt the butter, stir in the flour and cook for 2 minutes". */
const MELTED =
  /(?<![a-zß-ɏ])(?:melt|heat|warm|add|derrit[a-zß-ɏ]*|calient[a-zß-ɏ]*|calentar|a[ñn]ad[a-zß-ɏ]+) [^.;]{0,30}(?:butter|oil|fat|ghee|lard|mantequilla|aceite|manteca)(?![a-zß-ɏ])/i;

const OUT_OF_COLD =
  /(?<![a-zß-ɏ])(?:fridge|refrigerator|cold|nevera|frigo(?:r[ií]fico)?)(?![a-zß-ɏ])/i;

/** What was set and nothing lies in yet: the oven, unless something else was named since. */
function notYetUsed({ ovenC, place }: Context): PlaceKind | undefined {
  const atNoFire =
    place === undefined || place === 'counter' || place === 'board' || place === 'fridge';
  return ovenC !== undefined && atNoFire ? 'oven' : place;
}

/** What a heat was set of, where nothing says. */
function heated({ place, hot }: Context): PlaceKind {
  const known = hot?.place ?? place;
  return known === 'grill' || known === 'smoker' ? known : 'oven';
}

/** What happens to food in a pan, and in no pot. */
const DRY_COOKED =
  /(?<![a-zß-ɏ])(?:turn(?:ing|ed)|flip(?:ping|ped)|golden|undisturbed|brown(?:s|ed)?|colou?rs|(?:over|on) (?:a )?(?:very )?(?:high|fierce) (?:heat|flame)|crisp[a-zß-ɏ]*|render[a-zß-ɏ]*|colou?red|(?:skin|cut|fat|flesh)[- ]side|side down|(?:a|each|(?:the )?(?:first|one|other|second)) side|in (?:the |a little |some |plenty of )?(?:hot )?(?:butter|oil|ghee|dripping|lard)|en (?:el |un poco de )?(?:aceite|mantequilla|manteca)|dorad[a-zß-ɏ]*|crujiente|por (?:cada )?lado|vuelta)(?![a-zß-ɏ])/i;

/** "Raise the heat and cook until browned". */
const HOTTER = /(?<![a-zß-ɏ])(?:rais|increas|turn up|sub(?:e|ir|imos) (?:el )?fuego)/i;

const WET_WORDS =
  /(?<![a-zß-ɏ])(?:covered|lid|stock|broth|water|sauce|liquid|caldo|agua|salsa|tapad[oa]s?)(?![a-zß-ɏ])/i;

/** "Cook the sugar to 118 °C": in its pan. */
const SUGAR =
  /^(?:cook|heat|cocina|cuece) (?:the |el |la )?(?:[a-zß-ɏ]+ )?(?:sugar|syrup|caramel|jam|marmalade|az[uú]car|alm[ií]bar|caramelo|mermelada)(?![a-zß-ɏ])/i;
/** "Once the oil is at 175". */
const OIL_AT = /(?<![a-zß-ɏ])(?:oil|fat|lard|aceite|manteca)(?![a-zß-ɏ])[^.;]{0,30}\d{3}/i;

/** "Lower the heat, add the vegetables": in the fat that something was browned in. */
function softens(before: string, own: string, { hot, wet }: Context): boolean {
  const dry = !wet && !WET_WORDS.test(`${before}${own}`);
  return hot !== undefined && ON_RING.has(hot.verb) && dry && SOFTENED.test(`${before}${own}`);
}

const SOFTENED =
  /(?<![a-zß-ɏ])(?:veg(?:etables)?|onions?|shallots?|leeks?|carrots?|celery|peppers?|mushrooms?|verduras?|cebollas?|puerros?|pimientos?|setas)(?![a-zß-ɏ])/i;

/** "Cook in a hot pan", whatever stewed before. */
const IN_A_HOT_PAN =
  /(?<![a-zß-ɏ])(?:in|on) (?:a|the) (?:very )?(?:hot|dry|non-?stick|frying) (?:frying )?(?:pan|skillet|griddle|wok)(?![a-zß-ɏ])|(?<![a-zß-ɏ])en (?:una |la )?sart[eé]n (?:muy )?caliente(?![a-zß-ɏ])/i;
/** "Pour it over the yolks, return to the pan and cook to 83 °C". */
const CUSTARD = /(?<![a-zß-ɏ])(?:yolks|custard|milk|yemas|natillas|leche)(?![a-zß-ɏ])[^.;]{0,50}$/i;

/** What must not be moved lies in a hot pan. */
const UNMOVED =
  /(?<![a-zß-ɏ])(?:without (?:moving|touching|disturbing)|undisturbed|sin (?:mover|tocar))(?![a-zß-ɏ])/i;

function cooks(own: string, before: string, named: PlaceKind | undefined, context: Context): Verb {
  if (SUGAR.test(own) || WATER_BOILS.test(before)) return 'boil';
  if (named !== 'oven' && CUSTARD.test(before)) return 'simmer';
  if (named !== 'oven' && IN_A_HOT_PAN.test(own)) return 'fry';
  if (named === undefined && UNMOVED.test(own)) return 'fry';
  if (OIL_AT.test(before) || (named === undefined && MELTED.test(before))) return 'fry';
  const place =
    named ?? (context.slowCooker ? 'slow-cooker' : context.hot ? undefined : notYetUsed(context));
  if (place === 'slow-cooker') return 'braise';
  if (place === 'oven' && context.hasMeat && (COVERED.test(own) || JUST_COVERED.test(before)))
    return 'braise';
  if (place === 'oven') return context.hasMeat ? 'roast' : 'bake';
  if (place === 'grill') return 'grill';
  if (place === 'smoker') return 'smoke';
  if (JUST_COVERED.test(before) && PART_COVERED.test(before)) return 'simmer';
  if (/heat to low|low heat|(?:reduce|lower|turn down) the heat|baja el fuego/i.test(before))
    return softens(before, own, context) ? 'fry' : 'simmer';
  const hotter = HOTTER.test(before) && context.hot?.place === 'hob';
  if (
    DRY_COOKED.test(own) &&
    !WET_WORDS.test(own) &&
    (context.hot === undefined || place === 'hob' || hotter)
  )
    return 'fry';
  if (
    /low (?:heat|flame)|gentle (?:heat|flame)|\bon low\b|gently|fuego (?:lento|bajo)|(?<!un)covered|lid on|(?<!des)tapad|suavemente/i.test(
      own,
    )
  ) {
    return 'simmer';
  }
  const last = context.hot?.verb;
  // Off the grill and onto a ring: a sauce.
  const onRing = (place ?? context.place) === 'hob';
  if (onRing && last !== undefined && DRY.has(last))
    return SKIN_DOWN.test(`${before}${own}`) ? 'fry' : 'simmer';
  if (last === 'sear' || last === 'brown' || last === 'fry' || last === undefined)
    return place === 'hob' || last ? 'fry' : 'simmer';
  return last;
}
