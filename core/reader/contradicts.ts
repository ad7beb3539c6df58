import type { PlaceKind } from '../places/index.ts';
import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { placeIn } from './verbs.ts';

interface Said {
  readonly words: RegExp;
  /** What a sentence with such a word may come to. */
  readonly fits: ReadonlySet<Verb>;
}

const said = (words: RegExp, ...fits: Verb[]): Said => ({ words, fits: new Set(fits) });

/** Orders that leave little doubt, and the steps they may stand for. */
const ORDERS: readonly Said[] = [
  said(
    /(?<!\p{L})(?<!air[- ])(?:fry|fried|sizzle|saut[eé]|fr[ií]e(?:l[oa]s?)?|fre[ií]r(?:l[oa]s?)?|sofr[ií]e|rehoga|pocha)(?!\p{L})(?! pan)/iu,
    'fry',
    'brown',
    'sear',
  ),
  said(
    /(?<!(?:the|a|your|this|rib|pot|of|el|un) )(?<!\p{L})(?:roast|asa(?:l[oa]s?)?|[aá]sal[oa]s?)(?!\p{L})(?! (?:beef|chicken|pork|lamb|potato))/iu,
    'roast',
    'bake',
    'grill',
    'braise',
    'fry',
    'sear',
  ),
  said(/(?<!\p{L})(?:bake|hornea(?:l[oa]s?)?)(?!\p{L})/iu, 'bake', 'roast', 'braise'),
  said(
    /(?<!\p{L})(?:embers|coals|brasas)(?!\p{L})/iu,
    'grill',
    'light',
    'preheat',
    'sear',
    'brown',
    'roast',
    'smoke',
    'rest',
  ),
  said(/(?<!\p{L})ah[uú]ma(?:l[oa]s?)?(?!\p{L})/iu, 'smoke'),
  said(/(?<!\p{L})(?:simmer|poach|escalfa)(?!\p{L})/iu, 'simmer', 'boil', 'braise', 'reduce'),
  said(/(?<!\p{L})(?:braise|estofa|guisa)(?!\p{L})/iu, 'braise', 'simmer', 'roast', 'boil'),
  said(/(?<!\p{L})(?:marinate|marina|macera)(?!\p{L})/iu, 'marinate', 'brine', 'chill', 'soak'),
  said(/(?<!\p{L})(?:light the|enciende)(?!\p{L})/iu, 'light', 'preheat'),
  said(/(?<!\p{L})(?:knead|amasa)(?!\p{L})/iu, 'knead', 'mix', 'rise'),
  said(/(?<!\p{L})(?:freeze|congela(?:l[oa]s?)?)(?!\p{L})/iu, 'chill', 'thaw'),
  said(/^\s*(?:the )?(?:oil|fat|aceite) (?:at|to|a) \d/iu, 'fry', 'brown', 'sear', 'preheat'),
  said(
    /(?<!\p{L})(?:on the (?:hob|stove)(?! top)|en los fogones)(?!\p{L})/iu,
    ...([
      'simmer',
      'boil',
      'braise',
      'reduce',
      'steam',
      'fry',
      'brown',
      'sear',
      'glaze',
      'rest',
      'cool',
      'hold',
      'preheat',
      'mix',
      'stir',
    ] as const),
  ),
  said(
    /(?<!\p{L})(?:let (?:it|them|the \p{L}+) rest|deja(?:l[oa]s?)? reposar|soak|remoja|a remojo)(?!\p{L})/iu,
    ...([
      'rest',
      'rise',
      'hold',
      'cool',
      'chill',
      'temper',
      'soak',
      'brine',
      'marinate',
      'ferment',
      'prepare',
    ] as const),
  ),
];

/** What is told of another moment: "before roasting", "while the smoker comes up". */
const OF_ANOTHER_MOMENT =
  /(?<!\p{L})(?:(?:before|until|ready to|antes de|hasta|para) (?:you |it |they |the |el |la )?\p{L}+|(?:while|whilst|as|mientras) [^.;,]*)/giu;

const COLD: ReadonlySet<PlaceKind> = new Set(['fridge', 'freezer']);
/** Where it is neither cold nor hot. */
const OUT = /(?<!\p{L})(?:on the counter|at room temp\p{L}*|temperatura ambiente)(?!\p{L})/iu;
/** What comes out of the cold, or goes back. */
const MOVES =
  /(?<!\p{L})(?:from|out|off|before|then|return|back|again|until|fuera|antes|luego|hasta|saca\p{L}*)(?!\p{L})/iu;

/**
 * Whether a sentence says in so many words what none of its steps is: an order, the cold, the
 * counter. It was misunderstood then, however well its numbers fit.
 */
export function contradicts(text: string, acts: readonly ReadAct[]): boolean {
  const lasting = acts.filter(
    ({ likelyMin, mostMin, tempC, untilC }) =>
      (likelyMin ?? mostMin ?? tempC ?? untilC) !== undefined,
  );
  if (lasting.length === 0) return false;
  const now = text.replace(OF_ANOTHER_MOMENT, ' ');
  const verbs = acts.map(({ verb }) => verb);
  if (ORDERS.some(({ words, fits }) => words.test(now) && !verbs.some((verb) => fits.has(verb))))
    return true;
  if (MOVES.test(text) || lasting.length > 1) return false;
  const [only] = lasting;
  const isCold = only?.place !== undefined && COLD.has(only.place);
  return isCold ? OUT.test(now) && !COLD.has(placeIn(now) ?? 'board') : false;
}
