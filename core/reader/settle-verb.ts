import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import type { Context } from './context.ts';
import { leftAlone } from './left-alone.ts';
import { spansIn, type ReadDuration } from './span.ts';
import type { VerbHit } from './verbs.ts';

/** "Turn the heat to low, put on a lid and let it be"; "turn the oven off and leave them in there". */
const LEFT_LOW =
  /(?<!\p{L})(?:heat (?:right |way )?(?:down )?to (?:(?:its |the )?lowest|low|minimum)|low heat|(?:lower|reduce|turn down) the (?:heat|flame)(?![^.;,]{0,24}\d{3})|baj(?:a|e|ar|amos) (?:mucho )?el fuego|(?:put|clap|stick) (?:on )?(?:a|the) lid(?: on)?|fuego (?:bajo|lento|suave|m[ií]nimo))/iu;
export const OVEN_OFF =
  /(?<!\p{L})(?:(?:turn|switch) (?:the oven |it )?off|(?:turn off|kill|cut) the (?:heat|gas|flame)|with the (?:heat|oven) off|oven (?:is )?off|(?:turned|switched)-off oven|horno apagado|apaga(?:r|mos)? el horno)/iu;
/** "Turn off and leave it in the water": no fire is under it. */
export const HEAT_OFF =
  /(?:^|[,;.]\s*)(?:turn|switch) off(?! the oven)(?!\p{L})|(?<!\p{L})ap[aá]g(?:a|ue|ar|amos|al[oa])(?! el horno)(?!\p{L})/iu;
/** Peppers sweat in a covered bowl, off the fire. */
const COVERED_BOWL =
  /(?<!\p{L})(?:covered bowl|bag|bowl covered|bowl,? (?:and )?cover|bol tapado|bolsa)(?!\p{L})/iu;
/** Peppers again: "déjalos sudar tapados". */
const SWEATS_COVERED = /sud(?:a|e|ar)(?!\p{L})[^.;]{0,20}tapad/iu;
/** "Keep them cold". */
const COLD = /(?<!\p{L})(?:chilled|cold(?! (?:water|oven|pan))|en (?:el )?fr[ií]o)(?!\p{L})/iu;
/** "Let the juices thicken". */
const THICKENS = /(?<!\p{L})(?:thicken|reduce|espes|reduzca|evapor)/iu;
/** "Milk, let it absorb". */
const ABSORBS = /(?<!\p{L})(?:absorb|absorba|embeb)/iu;
/** "Once it boils, turn it right down and leave it". */
const BOILS_LOW = /boil[^.;]*(?:turn|turned|lower|reduce)[^.;]*(?:down|heat)/iu;
const IN_PAN = /(?<!\p{L})(?:pan|skillet|griddle|wok|sart[eé]n|plancha)(?!\p{L})/iu;
/** "In a frying pan … cook it over a low heat": in Spanish a low heat alone is no simmer. */
const FRIES = /^(?:cocin|h[aá]z)/iu;
const LID = /(?<!\p{L})(?:lid|cover|tapa)/iu;
/** A night, or hours. */
const isLong = ({ leastMin = 0 }: ReadDuration): boolean => leastMin >= LONG_MIN;
const LONG_MIN = 240;
/** "Leave it in its juices": off the fire. */
const IN_ITS_JUICES =
  /^\p{L}+ (?:it|them|the \p{L}+) in (?:its|their|the) (?:own )?juices?(?!\p{L})/iu;
/** "Deja que se haga": it cooks on. */
const COOKS_ON = /(?<!\p{L})que se (?:hagan?|cocinen?|asen?|doren?)(?!\p{L})/iu;
/** Left where it is. */
const STAYS_PUT = /^(?:leave|keep|hang)/iu;
const COVERED =
  /\b(?:lid on|covered|with (?:the|its|a) lid|cover\b[^.;,]{0,40}\blid\b|tightly covered|cover(?: it| them| the \p{L}+)?,? and (?:put|transfer|return|place|slide|move|slip|set))\b|tapad[oa]/iu;
/** "Cover and cook in the oven". */
const JUST_COVERED =
  /(?<!\p{L})(?:cover|clap on (?:the|a) lid|put (?:on )?the lid(?: on)?|lid on|tap(?:a|e|ar|amos))(?!\p{L})[^.;]{0,24}$/iu;
/** "Coat the meat and let it sit in the fridge". */
const COATS_MEAT =
  /(?<!\p{L})(?:coat|rub|smear|slather|massage|toss|unta|frota) (?:the |el |la |los |las )?(?:\p{L}+ )?(?:meat|chicken|pork|lamb|beef|goat|ribs?|chops?|legs?|thighs?|wings?|carne|pollo|cerdo|cordero|costillas|muslos)(?!\p{L})/iu;
const PART_COVERED = /(?<!\p{L})(?:cover|lid|tap(?:a|e|ar|amos))(?!\p{L})[^.;]{0,20}$/iu;
/** "Cuece" says no more than that it cooks in something wet. */
const COOKS_WET = /^(?:cuec|cuez|coc)/iu;
const IN_WATER = /agua|ebullici|herv|hirv/iu;
const ONCE_MORE = /\banother\b|\botr[oa]s?\b/iu;
/** Meat in salted water. */
const SALTED = /\bsalt|\bsal\b/iu;
const ON_RING: ReadonlySet<Verb> = new Set(['sear', 'brown', 'fry']);
/** The tin or the fat alone. */
const TO_GET_HOT =
  /\bto (?:get|become|be) (?:really |very |good and )?hot\b|\bto (?:pre)?heat(?: up)?\b/iu;
/** "Warm the cream", "reheat on the hob": in a pan, whatever cooks in the oven. */
const WARMS =
  /^(?:re-?heat\p{L}*[^.;]{0,30}\b(?:hob|stove|ring|pan|pot)\b|(?:gently )?warm (?:the |a |your )?(?:\p{L}+ )?(?:milk|cream|stock|broth|water|sauce|syrup|juice|wine|cider|soup|gravy)\b)/iu;
/** "Reheat gently and glaze under the grill": on a ring, where nothing else is said of it. */
const WARMS_AGAIN = /^(?:re-?heat|warm (?:it |them )?through|(?:re)?calient|(?:re)?calentar)/iu;
const DRY: ReadonlySet<Verb> = new Set(['grill', 'roast', 'bake', 'smoke']);
const GENTLE =
  /fuego (?:muy )?(?:lento|bajo|suave)|baja(?:r)? el fuego|tapad[oa]|(?<!\p{L})tapa(?:r|mos)?(?!\p{L})/iu;

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
      if (/^(?:freez|congel)/iu.test(own)) return 'chill';
      if (context.soak && context.hasMeat && !context.soaked && PUT_UNDER.test(before))
        return context.soak;
      return SETS.test(before) || SETS.test(own) ? 'chill' : cold(context);
    case 'rest':
      if (named === 'fridge' && context.hasMeat && COATS_MEAT.test(before)) return 'marinate';
      if (context.hot && ON_RING.has(context.hot.verb) && ON_ITS_SIDE.test(own))
        return context.hot.verb;
      return waits(context, /at room temperature|temperatura ambiente/iu.test(own));
    case 'shred':
    case 'slice':
      // Before any fire it is only cut.
      return context.hot === undefined ? 'prepare' : hit.verb;
    case 'simmer':
      if (context.slowCooker && /^low/iu.test(own)) return 'braise';
      return FRIES.test(own) && IN_PAN.test(`${before}${own}`) && !LID.test(own) ? 'fry' : 'simmer';
    case 'boil':
      if (/^blanch/iu.test(own) && IN_FAT.test(own)) return 'fry';
      if (COOKS_WET.test(own) && named === 'oven') return context.hasMeat ? 'roast' : 'bake';
      // "Cuece 20 minutos", of a loaf and with the oven set: it bakes.
      if (COOKS_WET.test(own) && bakesNow(context) && !IN_WATER.test(`${before}${own}`))
        return 'bake';
      if (COOKS_WET.test(own) && context.hot !== undefined && !IN_WATER.test(`${before}${own}`))
        return 'simmer';
      return GENTLE.test(own) || GENTLE.test(before) ? 'simmer' : 'boil';
    case 'soak':
      if (
        UNDER.test(own) &&
        context.hot === undefined &&
        context.soak !== undefined &&
        context.hasMeat
      )
        return context.soak;
      return context.hasMeat &&
        context.hot === undefined &&
        named === 'fridge' &&
        SALTED.test(before)
        ? 'brine'
        : 'soak';
    case 'fry':
      if (oven && /^toast/iu.test(own)) return 'roast';
      if (context.hot?.place !== 'hob' && SWEATS_COVERED.test(own)) return 'rest';
      return COVERED_BOWL.test(own) ? 'rest' : 'fry';
    case 'prepare':
      if (DRIPS.test(own)) return 'rest';
      return context.hot !== undefined && /^(?:cut|cort)/iu.test(own) ? 'slice' : 'prepare';
    case 'cool':
      if (WARMS_UP.test(own) && context.hasMeat && context.hot === undefined) return 'temper';
      return named === 'fridge' && IN_FRIDGE.test(own) ? 'chill' : 'cool';
    case 'rise':
      return !context.dough && LIES_DAYS.test(own) ? 'ferment' : 'rise';
    case 'ferment':
      return context.dough ? 'rise' : 'ferment';
    case 'bake':
      return DRIES.test(own) && context.hasMeat ? 'roast' : 'bake';
    case 'baste':
      return context.hot === undefined || ON_RING.has(context.hot.verb) ? 'prepare' : 'baste';
    case 'roast':
      if (named === 'hob' && /^pan/iu.test(own)) return 'fry';
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

/** What "put it in" and "leave it there" stand for. */
function putAs(
  hit: VerbHit,
  before: string,
  own: string,
  named: PlaceKind | undefined,
  context: Context,
): Verb | undefined {
  // "Leave in the pan until the next morning": nothing fries so long.
  if (STAYS_PUT.test(own) && named === 'hob' && spansIn(own).some(isLong)) return 'rest';
  if (context.hot === undefined && !COLD_PLACES.has(named ?? '') && WHILE_HEATS.test(own))
    return context.soak ?? 'rest';
  if (context.hot !== undefined && STAYS_PUT.test(own) && IN_ITS_JUICES.test(own)) return 'rest';
  if (stays(hit, before, own, context)) return context.hot?.verb;
  if (context.hot !== undefined && ONCE_MORE.test(own)) return context.hot.verb;
  if (OVEN_OFF.test(`${before}${own}`) || HEAT_OFF.test(before)) return 'rest';
  if (context.ovenOff && IN_THERE.test(own)) return 'rest';
  const cooking = TAKEN_OUT.test(before) ? undefined : leftAlone(own, context);
  if (cooking) return cooking;
  if (BOILS_LOW.test(before)) return 'simmer';
  if (named === 'fridge') return SETS.test(`${before}${own}`) ? 'chill' : cold(context);
  if (named === 'oven' && TO_GET_HOT.test(own)) return 'preheat';
  if (named === undefined && GOES_IN.test(own) && awaits(context))
    return context.hasMeat ? 'roast' : 'bake';
  if (named === 'oven' && context.hasMeat && COVERED.test(`${before}${own}`)) return 'braise';
  if (named === 'oven') return context.hot?.verb === 'roast' || context.hasMeat ? 'roast' : 'bake';
  if (named === 'grill') return 'grill';
  if (named === 'smoker') return 'smoke';
  if (named === 'freezer') return 'chill';
  if (named === 'hob' && IN_PAN.test(own) && !LID.test(own)) return 'fry';
  if (COLD.test(own)) return cold(context);
  if (STAYS_PUT.test(own) && named === undefined && liesInPan(context)) return 'fry';
  if (STAYS_PUT.test(own) && named === undefined && LEFT_LOW.test(before)) return 'simmer';
  if (crusts(own, context)) return context.hot?.verb;
  return named === 'counter' || STAYS_PUT.test(own)
    ? waits(context, named === 'counter' && context.soaked)
    : undefined;
}

/** A pot that was turned down, or a pan that something was poured into, simmers. */
function inPot(verb: Verb, before: string, context: Context): Verb {
  const down = verb === 'boil' && (context.low || LEFT_LOW.test(before));
  return down || (verb === 'fry' && context.wet) ? 'simmer' : verb;
}

/** What "leave it" and "let it" stand for. */
function waited(
  hit: VerbHit,
  before: string,
  own: string,
  named: PlaceKind | undefined,
  context: Context,
): Verb | undefined {
  if (context.ovenOff && IN_THERE.test(own)) return 'rest';
  const cooking = TAKEN_OUT.test(before) ? undefined : leftAlone(own, context);
  if (cooking) return cooking;
  if (named === 'fridge' && context.hasMeat && COATS_MEAT.test(before)) return 'marinate';
  if (context.hot === undefined && context.place === 'grill' && CRUSTS.test(own)) return 'grill';
  if (context.hot === undefined && LIES_IN_WATER.test(own)) return 'soak';
  // "Leave it 30 minutes while the coals get going": over no fire yet.
  if (context.hot === undefined && WHILE_HEATS.test(own))
    return context.hasMeat && OUT_THERE.test(own) ? 'temper' : (context.soak ?? 'rest');
  if (named === 'oven' && !context.ovenOff && !OVEN_OFF.test(`${before}${own}`) && !context.dough)
    return context.hasMeat ? 'roast' : 'bake';
  if (HEAT_OFF.test(before)) return 'rest';
  if (stays(hit, before, own, context)) return context.hot?.verb;
  if (liesInPan(context)) return 'fry';
  if (crusts(own, context)) return context.hot?.verb;
  if (COLD.test(own)) return cold(context);
  if (OVEN_OFF.test(before)) return 'rest';
  if (BOILS_LOW.test(before) || LEFT_LOW.test(before)) return 'simmer';
  if (COOKS_ON.test(own)) return context.hot?.verb ?? 'simmer';
  if (THICKENS.test(own)) return 'reduce';
  if (ABSORBS.test(own) && context.hot?.place === 'hob') return 'simmer';
  if (context.hot !== undefined && ONCE_MORE.test(own)) return context.hot.verb;
  return waits(context, named === 'counter' && context.soaked);
}

/** Dried meat is roasted, very slowly. */
const DRIES = /^(?:dry|dehydr|sec|deshidr)/iu;
/** "Templar la carne a temperatura ambiente": out of the cold. */
const WARMS_UP = /^templ\p{L}*[^.;]*temperatura ambiente/iu;
/** "Skin side down into a cold frying pan", after a smoker: no sauce. */
const SKIN_DOWN =
  /(?<!\p{L})(?:(?:skin|fat|cut|flesh)[- ]side|(?:skin|fat) down|frying pan|skillet|sart[eé]n)(?!\p{L})/iu;
/** "Deja reposar la masa a temperatura ambiente". */
const OF_DOUGH = /(?<!\p{L})(?:dough|masa)(?!\p{L})/iu;
/** "Deja fermentar 4 días": no dough. */
const LIES_DAYS = /ferment[^.;]*\d\s*(?:d[ií]as|days|semanas|weeks)/iu;
/** "Blanch in oil at 140". */
const IN_FAT = /(?<!\p{L})in (?:the |hot )?(?:oil|fat|dripping|lard)(?!\p{L})/iu;
/** "Let the ribs sweat on the counter while the smoker comes up": out of the cold, whatever is on them. */
const OUT_THERE =
  /(?<!\p{L})(?:on the (?:counter|side|worktop|board|table)|at room temp|out of the fridge)/iu;
const COLD_PLACES: ReadonlySet<string> = new Set(['fridge', 'freezer']);
export const WHILE_HEATS =
  /(?<!\p{L})(?:while|as|until|mientras|hasta que) (?:the|your|el|la|las) (?:coals?|charcoal|fire|grill|oven|smoker|barbecue|bbq|kettle|carb[oó]n|brasas?|fuego|horno|parrilla)(?!\p{L})/iu;

/** A dough, and an oven that is hot for it. */
function bakesNow({ dough, ovenC, hot }: Context): boolean {
  return dough && ovenC !== undefined && (hot === undefined || hot.place === 'oven');
}

/** "Drop the heat to 150. Leave it for four hours": it goes on in there. */
function stays({ to, from }: VerbHit, before: string, own: string, context: Context): boolean {
  if (context.ovenOff || TAKEN_OUT.test(before)) return false;
  const leaves = /^(?:leave|keep|let|dej)/iu.test(own.slice(0, to - from));
  return context.turned && leaves && context.hot !== undefined && !OVEN_OFF.test(before);
}

/** "Out, foil over, leave it be". */
const TAKEN_OUT =
  /(?:^\s*|[,;]\s*)(?:fuera|out) (?:del? |of (?:the )?)(?:horno|fuego|oven|grill|smoker)(?=\s*[,:])|(?:^\s*|[,;]\s*)(?:(?:take|lift|get|pull|whip) (?:it|them|the \p{L}+) )?(?:out|off)(?= ?[,.]| and )|(?<!\p{L})foil over(?!\p{L})|(?:^|[,;]\s*)(?:remove|s[aá]ca(?:l[oa]s?)?|retira(?:l[oa]s?)?)(?!\p{L})[^.;]{0,24}$/iu;

/** "Let the coating set in the fridge": nothing soaks. */
const SETS =
  /(?<!\p{L})(?:to set|coating set|let [^.;,]{0,24} set|firm up|to firm|cuaj\p{L}*)(?!\p{L})/iu;

/** "Stand the chops on their fat for two minutes": in the pan still. */
const ON_ITS_SIDE =
  /^(?:stand|sit|prop|hold)s? [^.;,]{0,24}(?:on|onto) (?:its|their|the) (?:fat(?:ty)?|edges?|sides?|skin)(?!\p{L})/iu;

/** "Bring a pan of water to the boil and cook the pasta". */
const WATER_BOILS =
  /(?<!\p{L})(?:water|agua)(?!\p{L})[^.;]{0,24} (?:to (?:a|the) (?:rolling |full )?boil|a hervir)(?!\p{L})/iu;

/** "Leave them undisturbed, so a crust forms": on the ring still. */
function crusts(own: string, { hot }: Context): boolean {
  return hot !== undefined && ON_RING.has(hot.verb) && CRUSTS.test(own);
}

const CRUSTS =
  /(?<!\p{L})(?:undisturbed|crusts?|crisp|without (?:moving|stirring|touching)|sin (?:mover|remover|tocar)|costra)(?!\p{L})/iu;

/** "Skin side down into a cold pan. Leave it for ten minutes". */
function liesInPan({ hot, place, hasMeat, aside }: Context): boolean {
  return hot === undefined && aside === undefined && hasMeat && place === 'hob';
}

const IN_FRIDGE =
  /(?<!\p{L})(?:in|en) (?:the |la |el )?(?:fridge|refrigerator|nevera|frigor[ií]fico|refrigerador)(?!\p{L})/iu;
/** "Leave it in there till cold": in an oven that is off. */
const IN_THERE = /(?<!\p{L})(?:in (?:there|it|the oven)|inside|dentro|en el horno)(?!\p{L})/iu;
/** "Leave them for two hours in water with vinegar". */
const LIES_IN_WATER =
  /(?<!\p{L})(?:in|en) (?:(?:cold|clean|fresh|salted|plenty of) )*(?:water|agua)(?!\p{L})(?! (?:hirv|caliente|ba[ñn]))/iu;

/** "Drain on paper for 2 minutes". */
const DRIPS =
  /^(?:drain|escurr)[^.;]{0,40}(?:\d+ ?(?:m|h)|(?:half )?an hour|media hora|una hora)/iu;

/** "Submerge the brisket and refrigerate for a week". */
const PUT_UNDER = /(?<!\p{L})(?:submerge|immerse|sumerge|sumergir)(?!\p{L})/iu;
/** "Submerge the turkey": in what was made for it. */
const UNDER = /^(?:submerge|immerse|sumer)/iu;

/** "Melt the butter, stir in the flour and cook for 2 minutes". */
const MELTED =
  /(?<!\p{L})(?:melt|heat|warm|add|derrit\p{L}*|calient\p{L}*|calentar|a[ñn]ad\p{L}+) [^.;]{0,30}(?:butter|oil|fat|ghee|lard|mantequilla|aceite|manteca)(?!\p{L})/iu;

const OUT_OF_COLD = /(?<!\p{L})(?:fridge|refrigerator|cold|nevera|frigor[ií]fico)(?!\p{L})/iu;

/** What is left alone over a fire that was lit. */
const ON_FIRE: Partial<Record<PlaceKind, Verb>> = { smoker: 'smoke', grill: 'grill' };

/** In the fridge: a marinade, a brine, or only to be cold. */
function cold({ soak, soaked, hot, dough, hasMeat, minced, mixed }: Context): Verb {
  if (hot !== undefined || !hasMeat || dough || soaked || (minced && soak === undefined))
    return 'chill';
  return soak ?? (mixed ? 'marinate' : 'chill');
}

/** "Let stand": a rest after the fire, a dough rising, or meat coming out of the cold. */
function waits(
  { hot, dough, hasMeat, minced, soak, soaked, mixed, aside, fireC, place }: Context,
  atRoom = false,
): Verb {
  if (hot !== undefined || aside !== undefined) return 'rest';
  if (dough) return 'rise';
  if (atRoom && hasMeat) return 'temper';
  if (!hasMeat || soaked) return 'rest';
  const lit = fireC === undefined ? undefined : ON_FIRE[place ?? 'board'];
  if (lit) return lit;
  return soak ?? (mixed && !minced ? 'marinate' : 'rest');
}

/** "Mételo 20 minutos": into the oven that is hot. */
const GOES_IN = /^(?:m[eé]t(?:el|al|ed)[oa]s?|intro(?:d[uú]cel|duzcal)[oa]s?)(?!\p{L})/iu;

/** An oven is hot, and nothing lies in it. */
function awaits({ hot, ovenC, ovenOff }: Context): boolean {
  return hot === undefined && ovenC !== undefined && !ovenOff;
}

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
  /(?<!\p{L})(?:turn(?:ing|ed)|flip(?:ping|ped)|golden|undisturbed|brown(?:ed)?|crisp\p{L}*|render\p{L}*|colou?red|(?:skin|cut|fat|flesh)[- ]side|side down|(?:a|each|(?:the )?(?:first|one|other|second)) side|in (?:the |a little |some |plenty of )?(?:hot )?(?:butter|oil|ghee|dripping|lard)|en (?:el |un poco de )?(?:aceite|mantequilla|manteca)|dorad\p{L}*|crujiente|por (?:cada )?lado|vuelta)(?!\p{L})/iu;

/** "Raise the heat and cook until browned". */
const HOTTER = /(?<!\p{L})(?:rais|increas|turn up|sub(?:e|ir|imos) (?:el )?fuego)/iu;

const WET_WORDS =
  /(?<!\p{L})(?:covered|lid|stock|broth|water|sauce|liquid|caldo|agua|salsa|tapad[oa]s?)(?!\p{L})/iu;

/** "Cook the sugar to 118 °C": in its pan. */
const SUGAR =
  /^(?:cook|heat|cocina|cuece) (?:the |el |la )?(?:\p{L}+ )?(?:sugar|syrup|caramel|jam|marmalade|az[uú]car|alm[ií]bar|caramelo|mermelada)(?!\p{L})/iu;
/** "Once the oil is at 175". */
const OIL_AT = /(?<!\p{L})(?:oil|fat|lard|aceite|manteca)(?!\p{L})[^.;]{0,30}\d{3}/iu;

/** "Lower the heat, add the vegetables": in the fat that something was browned in. */
function softens(before: string, own: string, { hot, wet }: Context): boolean {
  const dry = !wet && !WET_WORDS.test(`${before}${own}`);
  return hot !== undefined && ON_RING.has(hot.verb) && dry && SOFTENED.test(`${before}${own}`);
}

const SOFTENED =
  /(?<!\p{L})(?:veg(?:etables)?|onions?|shallots?|leeks?|carrots?|celery|peppers?|mushrooms?|verduras?|cebollas?|puerros?|pimientos?|setas)(?!\p{L})/iu;

function cooks(own: string, before: string, named: PlaceKind | undefined, context: Context): Verb {
  if (SUGAR.test(own) || WATER_BOILS.test(before)) return 'boil';
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
  if (/heat to low|low heat|(?:reduce|lower|turn down) the heat|baja el fuego/iu.test(before))
    return softens(before, own, context) ? 'fry' : 'simmer';
  const hotter = HOTTER.test(before) && context.hot?.place === 'hob';
  if (
    DRY_COOKED.test(own) &&
    !WET_WORDS.test(own) &&
    (context.hot === undefined || place === 'hob' || hotter)
  )
    return 'fry';
  if (
    /low (?:heat|flame)|gentle (?:heat|flame)|\bon low\b|gently|fuego (?:lento|bajo)|(?<!un)covered|lid on|(?<!des)tapad|suavemente/iu.test(
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
