import type { Context } from './context.ts';
import type { PlaceKind } from '../places/index.ts';
import type { ReadDuration } from './span.ts';
import { placeIn, type VerbWords } from './verbs.ts';

const near = (words: string) => new RegExp(`(?<![a-zß-ɏ])(?:${words})(?![a-zß-ɏ])`, 'i');

/** What a clause without a verb speaks of, and what is done there. The most telling first. */
const SURROUNDINGS: ReadonlyArray<readonly [RegExp, VerbWords]> = [
  [near('steam(?:er|ing)?|al vapor|vaporera'), 'steam'],
  [near('from (?:the )?boil(?:ing)?|from when it boils|desde que (?:hierva|rompa)'), 'boil'],
  [near('(?:in)?direct(?: (?:heat|side|zone))?'), 'grill'],
  [near('hot (?:oil|fat)|deep[- ]fat|aceite (?:muy )?caliente'), 'fry'],
  [
    near(
      'a ladle(?:ful)? at a time|add(?:ing)? (?:the |more |hot )?(?:stock|broth)|(?:low|gentle|lowest|gentlest|slow) (?:heat|flame|ring|setting)|hervor (?:suave|lento)|fuego (?:lento|bajo|suave|m[ií]nimo)|bare(?:ly)? [a-zß-ɏ]+|lid on|on the (?:stove|hob|stovetop|ring|burner)|with (?:the|a|its) lid|(?:in|with) (?:the |its )?(?:stock|broth|sauce|gravy|liquid|milk|wine|coconut milk)|en (?:el |su )?(?:caldo|salsa|jugo|leche|vino)',
    ),
    'simmer',
  ],
  [
    near(
      'in (?:[a-zß-ɏ]+ )?(?:boiling|salted|simmering) water|en agua (?:hirviendo|con sal)|rolling boil|hervor',
    ),
    'boil',
  ],
  [
    near(
      '(?:pan|skillet|wok|griddle|sart[eé]n|plancha|cast[- ]iron)|(?:fierce|high|hot|strong|medium|medium-high|moderate|brisk|full) (?:heat|flame)|fuego (?:muy )?(?:vivo|fuerte|alto|medio)|butter|in (?:the |its |their |that )?(?:same )?(?:oil|fat|drippings?)|mantequilla',
    ),
    'fry',
  ],
  [near('coals|embers|bars|barbecue|bbq|brasas?|ascuas|parrilla|barbacoa'), 'grill'],
];

/** "Skin side down, 6 minutes". */
const SIDES = near(
  '(?:skin|flesh|fat|cut|presentation|bone|fatty)[- ]side|skin down|con la piel (?:hacia )?abajo|por el lado',
);
/** "Turn the steaks every minute". */
const TURNED_OFTEN =
  /(?<![a-zß-ɏ])(?:turn|flip)(?![a-zß-ɏ])[^.;,\d]{0,24} every (?:half )?(?:minute|30 sec[a-zß-ɏ]*)(?![a-zß-ɏ])/i;
/** "Stir every 5 minutes for half an hour". */
const STIRRED_OFTEN = /^\s*(?:stir|remuev[a-zß-ɏ]*)(?![a-zß-ɏ])[^.;,\d]{0,24}(?:every|cada) /i;
const DRY: ReadonlySet<VerbWords> = new Set<VerbWords>(['fry', 'grill', 'sear', 'brown']);

/** A short clause that only turns the food, or goes on. */
const GOES_ON =
  /(?<![a-zß-ɏ])(?:turn(?:ed|ing)?|flip(?:ped)?|other side|second side|more|longer|further|again|then|uncovered|covered|without|lid (?:on|off)|undisturbed|vuelta|otro lado|m[aá]s|otr[oa]s?|luego|despu[eé]s|tapad[oa]|destapad[oa]|sin tapa)(?![a-zß-ɏ])/i;
/** What a page says of the dish as a whole. */
const OF_THE_DISH =
  /(?<![a-zß-ɏ])(?:prep(?:aration)?(?: time)?|total|ready in|takes|serves|makes|keeps?|kept|store[sd]?|yield|time|cooking time|listo en|tiempo|raciones|se conserva|dura)(?![a-zß-ɏ])/i;
/** As long as anybody leaves a food to it, minutes. Our own line, no source. */
export const LONGEST_MIN: Partial<Record<VerbWords, number>> = {
  fry: 60,
  sear: 20,
  boil: 180,
  grill: 240,
};
const MOST_WORDS = 9;
/** "Lid on 20". */
const LID_ONLY =
  /^\s*(?:lid on|(?:with )?(?:the|a|its) lid on|covered)[^a-zß-ɏ]*(?:min[a-zß-ɏ]*)?\W*$/i;

const LIT: Partial<Record<PlaceKind, VerbWords>> = { grill: 'grill', smoker: 'smoke' };

/** What a length of time without a verb stands for, by what is around it; undefined where nothing says. */
export function bySurroundings(
  text: string,
  spans: readonly ReadDuration[],
  context: Context,
): VerbWords | undefined {
  const length = spans.find(({ sense }) => sense === 'length');
  if (!length || OF_THE_DISH.test(text)) return undefined;
  const place = placeIn(text);
  if (place === 'oven' || place === 'smoker' || place === 'grill') return 'put';
  if (STIRRED_OFTEN.test(text)) return context.hot?.verb ?? 'simmer';
  const sides = SIDES.test(text) || (context.hasMeat && TURNED_OFTEN.test(text));
  if (sides) return context.hot && DRY.has(context.hot.verb) ? context.hot.verb : 'sear';
  // A lid on what is in the oven: it stays there.
  const inTheOven = context.hot?.place === 'oven' && LID_ONLY.test(text);
  const found = inTheOven ? undefined : SURROUNDINGS.find(([words]) => words.test(text))?.[1];
  const goesOn = GOES_ON.test(text) || text.trim().split(/\s+/).length <= MOST_WORDS;
  // The oven was said before: "an hour and three quarters should do it".
  const inOven = context.ovenC === undefined ? undefined : context.hasMeat ? 'roast' : 'bake';
  const inPan = context.place === 'hob' ? 'fry' : undefined;
  // Coals were lit, and nothing lies over them yet.
  const onFire = context.hasMeat ? LIT[context.place ?? 'board'] : undefined;
  const usual = context.hot ? undefined : (inOven ?? onFire);
  const verb = found ?? (goesOn ? (context.hot?.verb ?? inOven ?? onFire ?? inPan) : usual);
  const likelyMin = length.likelyMin ?? length.leastMin ?? length.mostMin ?? 0;
  return verb !== undefined && likelyMin > (LONGEST_MIN[verb] ?? Infinity) ? undefined : verb;
}
