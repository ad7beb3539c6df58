import { namesFood, type Food } from '../meal/index.ts';
import { CUTS, isMince } from '../pantry/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { componentsBeside } from './components-beside.ts';
import { isListedSoak } from './soaked-in-list.ts';
import type { ReadRecipe } from './read.ts';

const IN_POT: ReadonlySet<Verb> = new Set(['simmer', 'boil', 'braise', 'steam']);
/** What meat is done with once it has come off its fire. */
export const OFF_FIRE: ReadonlySet<Verb> = new Set(['rest', 'hold', 'slice', 'shred']);
const OF_SAUCE: ReadonlySet<Verb> = new Set(['simmer', 'boil', 'reduce', 'fry', 'mix', 'stir']);
const TURNS: ReadonlySet<Verb> = new Set(['turn', 'stir', 'baste']);
const MADE_READY: ReadonlySet<Verb> = new Set(['prepare', 'cool']);
const FIRES: ReadonlySet<Verb> = new Set(['light', 'preheat']);

const FOR_SAUCE =
  /(?<![a-zß-ɏ])(?:(?:for|to make) (?:the |a )?(?:[a-zß-ɏ]+ )?(?:sauce|dressing|glaze|gravy|salsa|relish|slaw|dip|crumbs?|chutney|salad)|(?:sauce|dressing|glaze|gravy|salsa|relish) ingredients|para (?:la |el )?(?:salsa|aliño|glaseado|guarnici[oó]n|ensalada)|(?:sauce|gravy|dressing|salsa|slaw|salad|guarnici[oó]n)\s*:)/i;
const SAUCE_HEADING =
  /(?<![a-zß-ɏ])(?:sauce|dressing|glaze|gravy|salsa|relish|slaw|dip|aliño|glaseado)(?![a-zß-ɏ])/i;
const OF_BRINE =
  /(?<![a-zß-ɏ])(?:brine|cure|salt|sugar|water|salmuera|sal|az[uú]car|agua|spices|especias)(?![a-zß-ɏ])/i;
/** "Put it back", "return the meat": whatever there is. */
const ALL =
  /(?<![a-zß-ɏ])(?:(?:blend|mash|toss|combine|whizz|tritura|mezcla) (?:with|con)|it|them|meat|pieces|everything|joint|bird|(?:meat)?balls?|patties|burgers?|skewers?|fillets?|steaks?|chops?|legs|thighs|ribs|alb[oó]ndigas|hamburguesas|brochetas|filetes|chuletas|carne|piezas|todo|trozos|[a-zß-ɏ]{2,}(?:[aei]r|ndo|[ae])l[oa]s?|l[oa]s? [a-zß-ɏ]+[aei]mos)(?![a-zß-ɏ])/i;

/** "Brown the bacon, then the pieces": the meat of the dish, whatever was in hand. */
const PIECES =
  /(?<![a-zß-ɏ])(?:(?:the )?(?:meat|pieces|chunks|joints)|(?:la )?carne|(?:l[oa]s )?(?:trozos|presas|piezas|tajadas))(?![a-zß-ɏ])/i;
/** "Mix the filling", "layer it up": what lay apart is one thing. */
const GATHERS =
  /(?<![a-zß-ɏ])(?:(?:mix|make) (?:in )?the filling|fill and roll|roll up|layer|assemble|stuff (?:it|them|the)|rellen(?:a|e|ar|amos)|enroll(?:a|e|ar)|monta(?:r|mos)? (?:la|el|los|las))(?![a-zß-ɏ])/i;
/** "Stuff the turkey": with the mince of its recipe. */
const STUFFS = /(?<![a-zß-ɏ])(?:stuff|rellen(?:a|ar|amos)) (?:the |el |la |los |las )?[a-zß-ɏ]/i;

function isOfMince({ cut }: Food): boolean {
  const known = cut === undefined ? undefined : CUTS.get(cut);
  return known !== undefined && isMince(known);
}

/** "Layer the beans and the meats": what was done apart is one thing from now on. */
export function gathers(text: string): boolean {
  return EVERYTHING.test(text) || GATHERS.test(text);
}

const EVERYTHING =
  /(?<![a-zß-ɏ])(?:everything|all (?:of it|together)|the lot|todo|todo junto)(?![a-zß-ɏ])/i;

/**
 * The foods of each step of a recipe, where its words tell: none for a brine on the boil and for a
 * sauce beside; those it names where a dish has several. Undefined where nothing tells.
 */
export function foodsOfActs(
  {
    acts,
    ingredients,
    lines,
    language,
  }: Pick<ReadRecipe, 'acts' | 'ingredients' | 'lines' | 'language'>,
  foods: readonly Food[],
): ReadonlyArray<readonly string[] | undefined> {
  const found: (readonly string[] | undefined)[] = [];
  if (foods.length === 0) return acts.map(() => undefined);
  const others = ingredients
    .filter(({ cut }) => cut === undefined)
    .flatMap(({ name, preparation = '' }) => [
      ...(language === 'es' ? firstWord(name) : lastWord(name)),
      // "Bacon, in lardons": what they are called from then on.
      ...(INTO.test(preparation) ? lastWord(preparation) : []),
    ]);
  const joined = joinedBefore(lines, foods);
  const components = componentsBeside(acts, foods, ingredients);
  let rested = false;
  let cooked = false;
  /** What is in the pot, while it is on. */
  let pot: readonly string[] | undefined;
  /** What was worked on last; undefined where nothing has told. */
  let inHand: readonly string[] | undefined;
  /** Something has been done to a food already. */
  let inPlay = false;
  /** What something has been done to. */
  const used = new Set<string>();
  /** The line in which a sauce of its own is made. */
  let sauceLine: number | undefined;
  acts.forEach((act, i) => {
    const before = acts[i - 1];
    const sameLine = before?.line === act.line && !gathers(act.text) ? found[i - 1] : undefined;
    const object = withoutVerb(act);
    const named = foods.filter((food) => namesFood({}, food, object)).map(({ id }) => id);
    const works = named.length > 0 ? named : undefined;
    const joins = joined.get(i);
    if (components.has(i) || isListedSoak(act)) found.push([]);
    else if (FIRES.has(act.verb)) found.push(undefined);
    // "Layer the beans, sausages and duck": with what was in hand before.
    // "Lift out the chicken. Fry the lardons": them, and no chicken.
    else if (joins && !works && PAN_WORK.has(act.verb) && isOfOthers(act, others, inPlay))
      found.push([]);
    else if (joins && !works)
      found.push(foods.length > 1 ? [...new Set([...(inHand ?? []), ...joins])] : undefined);
    else if (!works && isBeside(act, sauceLine, acts.slice(i + 1), rested)) found.push([]);
    else if (!works && isOfOthers(act, others, inPlay)) found.push([]);
    // What was begun with the rice goes on with it.
    else if (!works && !inPlay && sameLine?.length === 0 && goesWithIt(act)) found.push([]);
    else if (foods.length === 1) found.push(undefined);
    else if (!works && EVERYTHING.test(act.text)) found.push(foods.map(({ id }) => id));
    else if (!works && WORKED_INTO_ONE.has(act.verb) && MADE_ONE.test(act.text) && used.size > 1)
      found.push([...used]);
    else if (!works && PIECES.test(act.text) && inHand && inHand.length < foods.length)
      found.push(foods.map(({ id }) => id));
    else {
      const stuffing = works && STUFFS.test(act.text) ? foods.filter(isOfMince) : [];
      const put =
        works && inHand && isAddedTo(act)
          ? [...new Set([...inHand, ...works])]
          : works && [...new Set([...works, ...stuffing.map(({ id }) => id)])];
      // "Brown the meatballs", behind a sauce in the same paragraph.
      const goesOnWith = sameLine?.length === 0 && ALL.test(act.text) ? inHand : sameLine;
      found.push(inPot(act, put ?? (longInPot(act) ? inHand : undefined) ?? goesOnWith, pot));
    }
    if (!works && isOfSauce(act)) sauceLine = act.line;
    const isOn = found[i]?.length !== 0 && !FIRES.has(act.verb);
    if (isOn && FIRE_VERBS.has(act.verb)) cooked = true;
    if (isOn && cooked && OFF_FIRE.has(act.verb)) rested = true;
    if (isOn && IN_POT.has(act.verb)) pot = found[i];
    else if (isOn && !TURNS.has(act.verb)) pot = undefined;
    if (isOn) [inPlay, inHand] = [true, found[i] ?? inHand];
    for (const id of (isOn && found[i]) || []) used.add(id);
  });
  return found;
}

const WORKED_INTO_ONE: ReadonlySet<Verb> = new Set(['mix', 'shape', 'prepare', 'stir']);
/** "Flake, mix and form 8 cakes": of all there is by then. */
const MADE_ONE =
  /(?<![a-zß-ɏ])(?:flake|combine|together|(?:form|shape|make|roll)(?: (?:it|them))?(?: into)? (?:\d+ |[a-zß-ɏ]+ )?(?:cakes|fishcakes|patties|balls|croquettes|rissoles|burgers)|desmenuz[a-zß-ɏ]*|forma(?:r|mos)? (?:las )?(?:croquetas|bolas|hamburguesas|alb[oó]ndigas))(?![a-zß-ɏ])/i;

const INTO = /^(?:cut |cortad[oa]s? )?(?:in|into|en) (?!\d)/i;

/** What is said besides the verb: "roast the potatoes" names no rib roast. */
function withoutVerb({ text, lit: [verb] }: ReadAct): string {
  return verb ? `${text.slice(0, verb[0])} ${text.slice(verb[1])}` : text;
}

/** "Put the meats and the bones in the pot; when it boils, skim": no step by itself, and the meat is in. */
const MEATS = /(?<![a-zß-ɏ])(?:meats?|carnes?)(?![a-zß-ɏ])/i;

/** The acts right before which a sentence without any put foods in, and which. */
function joinedBefore(
  lines: ReadRecipe['lines'],
  foods: readonly Food[],
): ReadonlyMap<number, ReadonlySet<string>> {
  const found = new Map<number, ReadonlySet<string>>();
  let put = new Set<string>();
  for (const { part, text, acts } of lines) {
    if (part !== 'method' && part !== 'unread') continue;
    const [first] = acts;
    if (first !== undefined && put.size > 0) found.set(first, put);
    const all = MEATS.test(text) || EVERYTHING.test(text) || MADE_ONE.test(text);
    const named = foods.filter((food) => all || namesFood({}, food, text));
    put = new Set(first === undefined ? [...put, ...named.map(({ id }) => id)] : []);
  }
  return found;
}

/** "Toast the chillies": another ingredient by itself, in a pan, or before any food is touched. */
function isOfOthers(
  { verb, text, meanwhile, untilC }: ReadAct,
  others: readonly string[],
  inPlay: boolean,
): boolean {
  // "Cover with cider and simmer to 68 °C inside": no cider has an inside.
  if (IN_POT.has(verb) && untilC !== undefined) return false;
  const small = text.toLowerCase();
  const first = Math.min(...others.map((name) => small.indexOf(name)).filter((at) => at >= 0));
  if (first === Infinity) return false;
  // "Steam in the cider": in that, and whatever it is.
  if (FIRE_VERBS.has(verb) && COOKED_IN.test(small.slice(0, first))) return false;
  // "Toast the chillies and soak them": them.
  const pronoun = !inPlay && MADE_READY_WITH.has(verb) && first < (PRONOUN.exec(text)?.index ?? -1);
  if (ALL.test(text) && !pronoun) return false;
  // "Meanwhile steam the broccoli": whatever it is, the meat is elsewhere.
  if (inPlay && (meanwhile || (verb === 'steam' && isSteamed(small, others)))) return true;
  return inPlay ? PAN_WORK.has(verb) : !LIES.has(verb);
}

const COOKED_IN =
  /(?:^|\s)(?:in|over|en|sobre)\s+(?:the |some |a (?:little |splash of )?|el |la |un poco de )?(?:\p{L}+ )?$/u;

/** "Steam the broccoli", and no "scatter with ginger and steam". */
function isSteamed(small: string, others: readonly string[]): boolean {
  const behind = /(?<!\p{L})steam\p{L}* ([^.;,\d]{0,30})/u.exec(small)?.[1] ?? '';
  return others.some((name) => behind.includes(name));
}

const MADE_READY_WITH: ReadonlySet<Verb> = new Set(['fry', 'soak', 'mix']);
const PRONOUN = /(?<![a-zß-ɏ])(?:it|them|[a-zß-ɏ]{2,}(?:[aeé]|[aei]r)l[oa]s?)(?![a-zß-ɏ])/i;
const PAN_WORK: ReadonlySet<Verb> = new Set(['fry', 'mix', 'stir', 'reduce']);
/** In these, what is named is put on the food. */
const LIES: ReadonlySet<Verb> = new Set(['marinate', 'brine', 'chill', 'prepare', 'temper']);

/** "Simmer the trotters, strain and reduce": of what was begun in the same breath. */
function goesWithIt({ verb, text }: ReadAct): boolean {
  return !LIES.has(verb) || (verb === 'prepare' && STRAINS.test(text));
}

const STRAINS =
  /(?<![a-zß-ɏ])(?:strain|drain|skim|sieve|cuela|colar|escurr[a-zß-ɏ]*|espuma[a-zß-ɏ]*)(?![a-zß-ɏ])/i;

/** "Chiles guajillo" are chiles: in Spanish the first word, in the singular. */
function firstWord(name: string): string[] {
  const word = /\p{L}{3,}/u.exec(name.toLowerCase())?.[0].replace(/(?:e?s)$/u, '');
  return word !== undefined && word.length >= 3 ? [word, ...lastWord(name)] : lastWord(name);
}

/** The word an ingredient goes by: "stewing onions" are onions; in the singular. */
function lastWord(name: string): string[] {
  const words = name.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  const word = words.at(-1)?.replace(/(?:e?s)$/u, '');
  return word !== undefined && word.length >= 3 ? [word] : [];
}

/** Whether a step is of a sauce of its own, by its words or its heading. */
export function isOfSauce({ text, group = '' }: ReadAct): boolean {
  return FOR_SAUCE.test(text) || SAUCE_HEADING.test(group);
}

/** "Add the mushrooms and braise for an hour": with what is in there. */
function isAddedTo({ verb, text }: ReadAct): boolean {
  return IN_POT.has(verb) && ADDED.test(text);
}

const ADDED =
  /(?<![a-zß-ɏ])(?:add|tip in|stir in|throw in|stir through|return|layer|on top|a[ñn]ad[a-zß-ɏ]*|agreg[a-zß-ɏ]*|incorpor[a-zß-ɏ]*|ech[ae][a-zß-ɏ]*)(?![a-zß-ɏ])/i;

/** "Stir in the flour, add the wine and simmer for an hour": no sauce is cooked so long by itself. */
function longInPot({ verb, likelyMin = 0, meanwhile }: ReadAct): boolean {
  return IN_POT.has(verb) && likelyMin >= LONG_IN_POT_MIN && !meanwhile;
}

/** Our own line, no source. */
const LONG_IN_POT_MIN = 40;

/** What joins a pot is in it with what was there. */
function inPot(
  act: ReadAct,
  works: readonly string[] | undefined,
  pot: readonly string[] | undefined,
): readonly string[] | undefined {
  return IN_POT.has(act.verb) && works && pot ? [...new Set([...pot, ...works])] : works;
}

/** A brine on the boil, a sauce of its own, or what is made while the meat rests. */
function isBeside(
  act: ReadAct,
  sauceLine: number | undefined,
  later: readonly ReadAct[],
  rested: boolean,
): boolean {
  const { verb, text } = act;
  const chills = verb === 'chill' && act.likelyMin === undefined;
  const wet = IN_POT.has(verb) || verb === 'cool' || chills;
  if (wet && OF_BRINE.test(text) && later.some((one) => one.verb === 'brine')) return true;
  // "For the sauce warm the milk, take off the heat and leave to infuse": that, and no meat.
  if (sauceLine === act.line && INFUSES.test(text)) return true;
  if (!OF_SAUCE.has(verb) && !MADE_READY.has(verb)) return false;
  if (isOfSauce(act)) return true;
  if (sauceLine === act.line) return true;
  return rested && OF_SAUCE.has(verb) && !ALL.test(text);
}

const INFUSES = /(?<![a-zß-ɏ])(?:infus[a-zß-ɏ]*|steep[a-zß-ɏ]*)(?![a-zß-ɏ])/i;
