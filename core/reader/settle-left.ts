import type { PlaceKind } from '../places/index.ts';
import type { Verb } from '../terms/index.ts';
import type { Context } from './context.ts';
import { leftAlone } from './left-alone.ts';
import { spansIn, type ReadDuration } from './span.ts';
import type { VerbHit } from './verbs.ts';

/** "Turn the heat to low, put on a lid and let it be"; "turn the oven off and leave them in there". */
export const LEFT_LOW =
  /(?<![a-zß-ɏ])(?:heat (?:right |way )?(?:down )?to (?:(?:its |the )?lowest|low|minimum)|low heat|(?:lower|reduce|turn down) the (?:heat|flame)(?![^.;,]{0,24}\d{3})|baj(?:a|e|ar|amos) (?:mucho )?el fuego|(?:put|clap|stick) (?:on )?(?:a|the) lid(?: on)?|fuego (?:bajo|lento|suave|m[ií]nimo))/i;
export const OVEN_OFF =
  /(?<![a-zß-ɏ])(?:(?:turn|switch) (?:the oven |it )?off|(?:turn off|kill|cut) the (?:heat|gas|flame)|(?:with|and) the (?:heat|oven|gas|flame) off|oven (?:is )?off|(?:turned|switched)-off oven|horno apagado|apaga(?:r|mos)? el horno)/i;
/** "Turn off and leave it in the water": no fire is under it. */
export const HEAT_OFF =
  /(?:^|[,;.]\s*)(?:turn|switch) off(?! the oven)(?![a-zß-ɏ])|(?<![a-zß-ɏ])ap[aá]g(?:a|ue|ar|amos|al[oa])(?! el horno)(?![a-zß-ɏ])/i;
/** "Keep them cold". */
const COLD = /(?<![a-zß-ɏ])(?:chilled|cold(?! (?:water|oven|pan))|en (?:el )?fr[ií]o)(?![a-zß-ɏ])/i;
/** "Let the juices thicken". */
const THICKENS = /(?<![a-zß-ɏ])(?:thicken|reduce|espes|reduzca|evapor)/i;
/** "Milk, let it absorb". */
const ABSORBS = /(?<![a-zß-ɏ])(?:absorb|absorba|embeb)/i;
/** "Once it boils, turn it right down and leave it". */
const BOILS_LOW = /boil[^.;]*(?:turn|turned|lower|reduce)[^.;]*(?:down|heat)/i;
export const IN_PAN = /(?<![a-zß-ɏ])(?:pan|skillet|griddle|wok|sart[eé]n|plancha)(?![a-zß-ɏ])/i;
export const LID = /(?<![a-zß-ɏ])(?:lid|cover|tapa)/i;
/** A night, or hours. */
const isLong = ({ leastMin = 0 }: ReadDuration): boolean => leastMin >= LONG_MIN;
const LONG_MIN = 240;
/** "Leave it in its juices": off the fire. */
const IN_ITS_JUICES =
  /^[a-zß-ɏ]+ (?:it|them|the [a-zß-ɏ]+) in (?:its|their|the) (?:own )?juices?(?![a-zß-ɏ])/i;
/** "Let them caramelise slowly": in their pan. */
const SOFTENS_SLOWLY =
  /^let (?:it|them|the [a-zß-ɏ]+) (?:[a-zß-ɏ]+ly )?(?:caramel|soften|colou?r|brown|wilt|sweat)/i;
/** "Deja que se haga": it cooks on. */
const COOKS_ON = /(?<![a-zß-ɏ])que se (?:hagan?|cocinen?|asen?|doren?)(?![a-zß-ɏ])/i;
/** Left where it is. */
const STAYS_PUT = /^(?:leave|keep|hang)/i;
export const COVERED =
  /\b(?:lid on|covered|with (?:the|its|a) lid|cover\b[^.;,]{0,40}\blid\b|tightly covered|cover(?: it| them| the [a-zß-ɏ]+)?,? and (?:put|transfer|return|place|slide|move|slip|set))\b|tapad[oa]/i;
/** "Coat the meat and let it sit in the fridge". */
export const COATS_MEAT =
  /(?<![a-zß-ɏ])(?:coat|rub|smear|slather|massage|toss|unta|frota) (?:the |el |la |los |las )?(?:[a-zß-ɏ]+ )?(?:meat|chicken|pork|lamb|beef|goat|ribs?|chops?|legs?|thighs?|wings?|carne|pollo|cerdo|cordero|costillas|muslos)(?![a-zß-ɏ])/i;
const ONCE_MORE = /\banother\b|\botr[oa]s?\b/i;
export const ON_RING: ReadonlySet<Verb> = new Set(['sear', 'brown', 'fry']);
/** The tin or the fat alone. */
const TO_GET_HOT =
  /\bto (?:get|become|be) (?:really |very |good and )?hot\b|\bto (?:pre)?heat(?: up)?\b/i;
/** What "put it in" and "leave it there" stand for. */
export function putAs(
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
  if (OVEN_OFF.test(`${before}${own}`) || HEAT_OFF.test(before)) return 'rest';
  if (KEEPS_GOING.test(own) && awaits(context)) return context.hasMeat ? 'roast' : 'bake';
  if (HOTTER.test(before)) return context.hot?.verb ?? 'simmer';
  if (stays(hit, before, own, context)) return context.hot?.verb;
  if (context.hot !== undefined && ONCE_MORE.test(own)) return context.hot.verb;
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

/** "Turn up the heat and leave it 5 minutes": it cooks on. */
const HOTTER =
  /(?<![a-zß-ɏ])(?:(?:raise|increase|turn up) the (?:heat|flame)|sub(?:e|ir|imos) (?:un poco )?el fuego)(?![a-zß-ɏ])[^.;\d]{0,24}$/i;

/** What "leave it" and "let it" stand for. */
export function waited(
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
  if (HOTTER.test(before)) return context.hot?.verb ?? 'simmer';
  if (stays(hit, before, own, context)) return context.hot?.verb;
  if (liesInPan(context)) return 'fry';
  if (crusts(own, context)) return context.hot?.verb;
  if (COLD.test(own)) return cold(context);
  if (OVEN_OFF.test(before)) return 'rest';
  if (BOILS_LOW.test(before) || LEFT_LOW.test(before)) return 'simmer';
  if (SOFTENS_SLOWLY.test(own) && context.hot?.place === 'hob') return 'fry';
  if (COOKS_ON.test(own)) return context.hot?.verb ?? 'simmer';
  if (THICKENS.test(own)) return 'reduce';
  if (ABSORBS.test(own) && context.hot?.place === 'hob') return 'simmer';
  if (context.hot !== undefined && ONCE_MORE.test(own)) return context.hot.verb;
  return waits(context, named === 'counter' && context.soaked);
}

/** "Let the ribs sweat on the counter while the smoker comes up": out of the cold, whatever is on them. */
const OUT_THERE =
  /(?<![a-zß-ɏ])(?:on the (?:counter|side|worktop|board|table)|at room temp|out of the fridge)/i;
const COLD_PLACES: ReadonlySet<string> = new Set(['fridge', 'freezer']);
export const WHILE_HEATS =
  /(?<![a-zß-ɏ])(?:while|as|until|mientras|hasta que) (?:the|your|el|la|las) (?:coals?|charcoal|fire|grill|oven|smoker|barbecue|bbq|kettle|carb[oó]n|brasas?|fuego|horno|parrilla)(?![a-zß-ɏ])/i;

/** "Drop the heat to 150. Leave it for four hours": it goes on in there. */
function stays({ to, from }: VerbHit, before: string, own: string, context: Context): boolean {
  if (context.ovenOff || TAKEN_OUT.test(before)) return false;
  const leaves = /^(?:leave|keep|let|dej)/i.test(own.slice(0, to - from));
  return context.turned && leaves && context.hot !== undefined && !OVEN_OFF.test(before);
}

/** "Out, foil over, leave it be". */
const TAKEN_OUT =
  /(?:^\s*|[,;]\s*)(?:fuera|out) (?:del? |of (?:the )?)(?:horno|fuego|oven|grill|smoker)(?=\s*[,:])|(?:^\s*|[,;]\s*)(?:(?:take|lift|get|pull|whip) (?:it|them|the [a-zß-ɏ]+) )?(?:out|off)(?= ?[,.]| and )|(?<![a-zß-ɏ])foil over(?![a-zß-ɏ])|(?:^|[,;]\s*)(?:remove|s[aá]ca(?:l[oa]s?)?|retira(?:l[oa]s?)?)(?![a-zß-ɏ])[^.;]{0,24}$/i;

/** "Let the coating set in the fridge": nothing soaks. */
export const SETS =
  /(?<![a-zß-ɏ])(?:to set|coating set|let [^.;,]{0,24} set|firm up|to firm|cuaj[a-zß-ɏ]*)(?![a-zß-ɏ])/i;

/** "Leave them undisturbed, so a crust forms": on the ring, or in the oven, still. */
function crusts(own: string, { hot, ovenOff }: Context): boolean {
  if (hot === undefined || !CRUSTS.test(own)) return false;
  return ON_RING.has(hot.verb) || (hot.place === 'oven' && !ovenOff);
}

const CRUSTS =
  /(?<![a-zß-ɏ])(?:undisturbed|(?<!in (?:its|the|their) (?:salt |own )?)crusts?|crisp|without (?:moving|stirring|touching)|sin (?:mover|remover|tocar)|(?<!en (?:su|la) )costra)(?![a-zß-ɏ])/i;

/** "Skin side down into a cold pan. Leave it for ten minutes". */
function liesInPan({ hot, place, hasMeat, aside }: Context): boolean {
  return hot === undefined && aside === undefined && hasMeat && place === 'hob';
}

/** "Leave it in there till cold": in an oven that is off. */
const IN_THERE = /(?<![a-zß-ɏ])(?:in (?:there|it|the oven)|inside|dentro|en el horno)(?![a-zß-ɏ])/i;
/** "Leave them for two hours in water with vinegar". */
export const LIES_IN_WATER =
  /(?<![a-zß-ɏ])(?:in|en) (?:(?:cold|clean|fresh|salted|plenty of) )*(?:water|agua)(?![a-zß-ɏ])(?! (?:hirv|caliente|ba[ñn]))/i;

/** What is left alone over a fire that was lit. */
export const ON_FIRE: Partial<Record<PlaceKind, Verb>> = { smoker: 'smoke', grill: 'grill' };

/** In the fridge: a marinade, a brine, or only to be cold. */
export function cold({ soak, soaked, hot, dough, hasMeat, minced, mixed }: Context): Verb {
  if (hot !== undefined || !hasMeat || dough || soaked || (minced && soak === undefined))
    return 'chill';
  return soak ?? (mixed ? 'marinate' : 'chill');
}

/** "Let stand": a rest after the fire, a dough rising, or meat coming out of the cold. */
export function waits(
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

/** "Drop the temperature to 160 °C and keep going for 90 minutes". */
const KEEPS_GOING = /^keep (?:going|at it|on)(?![a-zß-ɏ])/i;
/** "Mételo 20 minutos": into the oven that is hot. */
const GOES_IN =
  /^(?:m[eé]t(?:el|al|ed)[oa]s?|met(?:e|er)(?= (?:el|la|los|las) )|intro(?:d[uú]cel|duzcal)[oa]s?)(?![a-zß-ɏ])/i;

/** An oven is hot, and nothing lies in it. */
function awaits({ hot, ovenC, ovenOff }: Context): boolean {
  return hot === undefined && ovenC !== undefined && !ovenOff;
}
