import { HEATS, WET, type Context, type ReadAct } from './context.ts';
import type { VerbWords } from './verbs.ts';

/** What is done to a food that cooks by something else. */
const FINISHES: ReadonlySet<VerbWords> = new Set<VerbWords>(['glaze', 'reduce']);

/** Cold through again. Our own line, no source. */
const CHILLED_MIN = 240;

/** What is beaten or tossed, and nothing soaks in. */
const NO_MARINADE =
  /(?<![a-zß-ɏ])(?:whip|work|meatballs?|flour|harina|cream|egg whites?|yolks|batter|dressing|salad|slaw|nata|claras|yemas|ensalada)(?![a-zß-ɏ])/i;

/** What later sentences lean on. */
export function noteAct(act: ReadAct, context: Context): void {
  context.last = act.verb;
  if (act.likelyMin !== undefined || HEATS.has(act.verb)) context.turned = false;
  // So hot is the fat, and nothing else on a ring is told in degrees.
  if (act.verb === 'fry' && act.place === 'hob' && act.tempC !== undefined)
    context.oilC = act.tempC;
  // What is rolled into balls is no marinade.
  if (act.verb === 'mix' || act.verb === 'shape')
    context.mixed = act.verb === 'mix' && !NO_MARINADE.test(act.text);
  if (act.verb === 'chill' && (act.likelyMin ?? 0) >= CHILLED_MIN) context.cooled = true;
  else if (HEATS.has(act.verb)) context.cooled = false;
  const isSoak = act.verb === 'marinate' || act.verb === 'brine';
  if (isSoak && act.likelyMin !== undefined) context.soaked = true;
  if (act.place === 'fridge') context.lay = act.likelyMin;
  context.aside = act.meanwhile ? act.line : undefined;
  const cooks = HEATS.has(act.verb) && !FINISHES.has(act.verb);
  const ofSoak = WET.has(act.verb) && !context.soaked && OF_SOAK.test(act.text);
  context.soakOnFire = ofSoak;
  if (cooks && !ofSoak && !(context.soakAhead && WET.has(act.verb))) context.hot = act;
  // Another fire is lit: what boiled is done.
  if (act.verb === 'light' && context.hot?.place === 'hob') context.hot = undefined;
  if (act.place === 'hob' && STEWS.has(act.verb)) context.pot = act;
  context.ovenReady =
    !HEATS.has(act.verb) && (context.ovenReady || (act.verb === 'preheat' && act.place === 'oven'));
  if (HEATS.has(act.verb)) [context.low, context.wet, context.laid] = [false, false, false];
  if (act.place && act.verb !== 'prepare' && act.verb !== 'mix') context.place = act.place;
}

/** "Simmer the cure for 5 minutes": no food is on a fire. */
const OF_SOAK =
  /(?<![a-zß-ɏ])(?:(?:the|la|el) (?:brine|cure|marinade|pickling liquid|salmuera|marinada|adobo)|brine ingredients)(?![a-zß-ɏ])/i;

const STEWS: ReadonlySet<VerbWords> = new Set<VerbWords>(['simmer', 'braise', 'boil']);

/** What a clause does to the pot that is on: turned down, or filled, or fed from another pan. */
export function notePot(text: string, context: Context): void {
  const { hot, ovenC, hasMeat, pot } = context;
  if (hot && pot && DRY_PAN.has(hot.verb) && INTO_POT.test(text)) context.hot = pot;
  context.laid ||= hot === undefined && ovenC !== undefined && hasMeat && LAYS.test(text);
  if (hot?.place !== 'hob') return;
  context.low ||= hot.verb === 'boil' && TURNS_DOWN.test(text);
  context.wet ||= DRY_PAN.has(hot.verb) && POURS.test(text);
}

/** "Put that in along with the chicken", "back into the pot": no pan. */
const INTO_POT =
  /(?<![a-zß-ɏ])(?:put|add|tip|scrape|stir|drop|goes?) (?:that|it|them|those|everything|the lot|all of it) (?:back )?in(?![a-zß-ɏ])(?!to? (?:the |a )?(?:[a-zß-ɏ]+ )?(?:pan|skillet|bowl|oven))|(?<![a-zß-ɏ])(?:back )?(?:in|into|to) the (?:pot|stew|soup|casserole|gumbo|chil[il]i|curry|broth)(?![a-zß-ɏ])/i;
const LAYS =
  /^\s*(?:put|place|lay|sit|set|stand|pon|ponga|coloca|mete|introduce)(?![a-zß-ɏ])(?![^.;]{0,60}(?:fridge|freezer|nevera|bowl|bol))|(?<![a-zß-ɏ])in(?:to)? (?:a|the) (?:roasting |baking |oven )?(?:tray|tin)(?![a-zß-ɏ])/i;
const TURNS_DOWN =
  /(?<![a-zß-ɏ])(?:(?:drop|reduce|lower|turn|bring|knock)(?: it| the heat)?(?: right| back)*(?: down)? to (?:a |the )?(?:bare |gentle |slow )?(?:simmer|low|minimum)|(?:turn|lower|reduce) (?:it |the (?:heat|flame) )?(?:right )?(?:down|low)|(?:heat|flame) (?:right |way )?(?:down )?to (?:its |the )?lowest|lower the (?:heat|flame)|^\s*(?:on )?low(?= for| heat)|baja(?:r|mos)? (?:el fuego|al m[ií]nimo))(?![a-zß-ɏ])/i;
const DRY_PAN: ReadonlySet<VerbWords> = new Set<VerbWords>(['fry', 'sear', 'brown']);
/** As much as makes a pot of it: no splash. */
const POURS =
  /^\s*(?:the )?(?:liquid|stock|broth|water|wine|beer|cider)(?: (?:goes|go))? in(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:(?:add|pour|tip|ladle|stir)(?: in| on| over)?|cover with|top up with|moj[a-zß-ɏ]+|cubr[a-zß-ɏ]+|vi[eé]rt[a-zß-ɏ]+|a[ñn]ad[a-zß-ɏ]+|agreg[a-zß-ɏ]+|ech[a-zß-ɏ]+|riega|regar) (?!(?:a )?(?:splash|drop|little|chorrito|poco))[^.;]{0,30}(?<![a-zß-ɏ])(?:stock|broth|water|coconut milk|milk|(?:chopped|tinned|canned|crushed) tomatoes|passata|caldo|agua|fumet|leche(?: de coco)?|tomate (?:triturado|frito))(?![a-zß-ɏ])/i;
