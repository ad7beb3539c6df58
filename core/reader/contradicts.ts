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
    /(?<![a-zß-ɏ])(?<!air[- ])(?:fry|fried|sizzle|saut[eé]|fr[ií]e(?:l[oa]s?)?|fre[ií]r(?:l[oa]s?)?|sofr[ií]e|rehoga|pocha)(?![a-zß-ɏ])(?! pan)/i,
    'fry',
    'brown',
    'sear',
  ),
  said(
    /(?<!(?:the|a|your|this|rib|pot|of|el|un) )(?<![a-zß-ɏ])(?:roast|asa(?:l[oa]s?)?|[aá]sal[oa]s?)(?![a-zß-ɏ])(?! (?:beef|chicken|pork|lamb|potato))/i,
    'roast',
    'bake',
    'grill',
    'braise',
    'fry',
    'sear',
  ),
  said(/(?<![a-zß-ɏ])(?:bake|hornea(?:l[oa]s?)?)(?![a-zß-ɏ])/i, 'bake', 'roast', 'braise'),
  said(
    /(?<![a-zß-ɏ])(?:embers|coals|brasas)(?![a-zß-ɏ])/i,
    'grill',
    'light',
    'preheat',
    'sear',
    'brown',
    'roast',
    'smoke',
    'rest',
  ),
  said(/(?<![a-zß-ɏ])ah[uú]ma(?:l[oa]s?)?(?![a-zß-ɏ])/i, 'smoke'),
  said(/(?<![a-zß-ɏ])(?:simmer|poach|escalfa)(?![a-zß-ɏ])/i, 'simmer', 'boil', 'braise', 'reduce'),
  said(/(?<![a-zß-ɏ])(?:braise|estofa|guisa)(?![a-zß-ɏ])/i, 'braise', 'simmer', 'roast', 'boil'),
  said(
    /(?<![a-zß-ɏ])(?:marinate|marina|macera)(?![a-zß-ɏ])/i,
    'marinate',
    'brine',
    'chill',
    'soak',
  ),
  said(/(?<![a-zß-ɏ])(?:light the|enciende)(?![a-zß-ɏ])/i, 'light', 'preheat'),
  said(/(?<![a-zß-ɏ])(?:knead|amasa)(?![a-zß-ɏ])/i, 'knead', 'mix', 'rise'),
  said(/(?<![a-zß-ɏ])(?:freeze|congela(?:l[oa]s?)?)(?![a-zß-ɏ])/i, 'chill', 'thaw'),
  said(/^\s*(?:the )?(?:oil|fat|aceite) (?:at|to|a) \d/i, 'fry', 'brown', 'sear', 'preheat'),
  said(
    /(?<![a-zß-ɏ])(?:on the (?:hob|stove)(?! top)|en los fogones)(?![a-zß-ɏ])/i,
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
    /(?<![a-zß-ɏ])(?:let (?:it|them|the [a-zß-ɏ]+) rest|deja(?:l[oa]s?)? reposar|soak|remoja|a remojo)(?![a-zß-ɏ])/i,
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
  /(?<![a-zß-ɏ])(?:(?:before|until|ready to|antes de|hasta|para) (?:you |it |they |the |el |la )?[a-zß-ɏ]+|(?:while|whilst|as|mientras) [^.;,]*)/gi;

const COLD: ReadonlySet<PlaceKind> = new Set(['fridge', 'freezer']);
/** Where it is neither cold nor hot. */
const OUT =
  /(?<![a-zß-ɏ])(?:on the counter|at room temp[a-zß-ɏ]*|temperatura ambiente)(?![a-zß-ɏ])/i;
/** What comes out of the cold, or goes back. */
const MOVES =
  /(?<![a-zß-ɏ])(?:from|out|off|before|then|return|back|again|until|fuera|antes|luego|hasta|saca[a-zß-ɏ]*)(?![a-zß-ɏ])/i;

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
