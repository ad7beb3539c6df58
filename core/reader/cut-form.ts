import { CUTS, isMince, type Animal, type Cut } from '../pantry/index.ts';
import { plainWords } from './known-foods.ts';

/** A form a butcher or a cook cuts meat and fish into. */
interface CutForm {
  readonly words: RegExp;
  /** How thick it is where nobody says, mm. Common practice, no source. */
  readonly thicknessMm: number;
  /** What one of it weighs; left out, by its thickness and what it is cut from. Common practice, no source. */
  readonly eachG?: number;
}

const words = (any: string) => new RegExp(`(?<![a-zß-ɏ])(?:${any})(?![a-zß-ɏ])`, 'i');

/** The thinnest first: "thin strips of steak" are strips. */
const FORMS: readonly CutForm[] = [
  {
    words: words(
      '(?:very |wafer[- ]|paper[- ])?thinly sliced|(?:sliced|cut) (?:very |wafer |paper )?thin(?:ly)?|finely sliced|shaved|(?:in(?:to)?|very) thin slices|en (?:l[aá]minas|lonchas) (?:muy )?finas|fileteado fino|laminad[oa]',
    ),
    thicknessMm: 4,
    eachG: 20,
  },
  {
    words: words('strips?|stir-fry(?:ing)?|fajitas?|goujons?|tiras|tiritas|julienne|bastones'),
    thicknessMm: 10,
    eachG: 15,
  },
  {
    words: words(
      'escalopes?|escalopines|schnitzels?|scal(?:l)?oppin[ei]|milanesas?|paillards?|saltimbocca',
    ),
    thicknessMm: 6,
    eachG: 120,
  },
  {
    words: words(
      'minute steaks?|thin[- ](?:cut )?(?:steaks?|chops?|fillets?|slices?|rashers?)|fin[oa]s|delgad[oa]s',
    ),
    thicknessMm: 8,
    eachG: 120,
  },
  { words: words('medallions?|medallones|noisettes?'), thicknessMm: 25, eachG: 80 },
  { words: words('steaks?|filetes?|bistecs?|bifes?'), thicknessMm: 20, eachG: 180 },
  { words: words('slices?|sliced|lonchas?|rodajas?|tajadas?|ruedas?'), thicknessMm: 12 },
];
/** Of mince, and too small to be thick by itself. Common practice, no source. */
const PATTY = words('patt(?:y|ies)|burgers?|sliders?|hamburguesas?|hamburguesitas?');
const SMALL_PATTY_MM = 12;

const SMALL_PATTY_MOST_G = 70;

/** How thick a small patty is, where a text speaks of patties, mm; undefined for a ball, or for a large one. */
export function smallPattyMm(
  cut: Cut,
  eachG: number,
  texts: readonly string[],
): number | undefined {
  const small = isMince(cut) && eachG <= SMALL_PATTY_MOST_G;
  return small && texts.some((text) => PATTY.test(text)) ? SMALL_PATTY_MM : undefined;
}

/** Mince that is rolled or packed round something. */
const LUMP = words('balls?|meatballs?|bolas?|alb[oó]ndigas?');
/** Packed round an egg it is heated from one side. */
const ROUND_EGG = words(
  'scotch eggs?|around (?:the |each |an? )?eggs?|eggs? in (?:the )?(?:sausage ?meat|mince)',
);
/** Twice what lies on the egg, mm. Common practice, no source. */
const ROUND_EGG_MM = 24;
/** Mince weighs so much, g/ml; it is about as dense as water. Common practice, no source. */
const MINCE_G_PER_ML = 1.05;

/** How thick a lump of mince too large for a ball of its own is, mm; undefined for a patty. */
export function lumpMm(cut: Cut, eachG: number, texts: readonly string[]): number | undefined {
  if (isMince(cut) && texts.some((text) => ROUND_EGG.test(text))) return ROUND_EGG_MM;
  const large = isMince(cut) && eachG > SMALL_PATTY_MOST_G;
  if (!large || texts.some((text) => PATTY.test(text)) || !texts.some((text) => LUMP.test(text)))
    return undefined;
  return Math.round(10 * Math.cbrt(eachG / MINCE_G_PER_ML));
}

/** "Belly strips", "strip steak": what the cut is called. */
const NAME_OF_CUT =
  /(?<![a-zß-ɏ])(?:strip (?:steaks?|loin|roast)|belly[^,]*|panceta[^,]*|tenders?)(?![a-zß-ɏ])/gi;
/** Boned out of a whole fish. */
const FILLETS = words('fillets?|filetes?|filetead[oa]s?|lomos');
/** Of a fish as long as a hand. Common practice, no source. */
const FISH_FILLET: Pick<CutForm, 'thicknessMm' | 'eachG'> = { thicknessMm: 12, eachG: 90 };
const WHOLE_FISH: ReadonlySet<string> = new Set([
  'mackerel-whole',
  'trout-whole',
  'bream-whole',
  'fish-whole',
]);

/** What a bird or an animal by its bare name is sliced from. Common practice, no source. */
const SLICED_FROM: Readonly<Record<string, string>> = {
  'chicken-whole': 'chicken-breast',
  'turkey-whole': 'turkey-breast',
  'duck-whole': 'duck-breast',
  'lamb-leg-bone-in': 'lamb-leg-boneless',
};
const BARE_FROM: Readonly<Partial<Record<Animal, string>>> = {
  beef: 'beef-steak',
  pork: 'pork-loin-boneless',
  lamb: 'lamb-leg-boneless',
};
/** Words that say nothing of where an animal was cut. */
const NO_CUT = new Set(
  'beef veal ternera vaca buey anojo pork cerdo lamb cordero meat carne de del para for a la plancha thin fino fina thick cut rose tiernos tierno'.split(
    ' ',
  ),
);

/** How a line has a cut: how thick, and how much each weighs. */
export interface ReadForm {
  readonly thicknessMm: number;
  /** One of it, g; left out, as the cut is sold. */
  readonly eachG?: number | undefined;
}

/** The form a line names; undefined where it names none. */
function formIn(line: string): CutForm | undefined {
  const said = line.replace(NAME_OF_CUT, ' ');
  return FORMS.find((form) => form.words.test(said));
}

/** "Turkey escalopes" are of the breast, "pork fillets" of the loin: the cut a form is made of. */
export function cutOfForm(cut: Cut, name: string, line: string): Cut {
  const form = formIn(line);
  if (!form) return cut;
  const rest = plainWords(name.replace(form.words, ' ')).filter((word) => !NO_CUT.has(word));
  const id = SLICED_FROM[cut.id] ?? (rest.length === 0 ? BARE_FROM[cut.animal] : undefined);
  return (id === undefined ? undefined : CUTS.get(id)) ?? cut;
}

/**
 * How thick a cut is by the form its line names, and what each weighs; undefined where it names
 * none, or the cut is no thicker by itself.
 *
 * @param saidMm the thickness somebody wrote
 */
export function formOfLine(cut: Cut, line: string, saidMm?: number): ReadForm | undefined {
  const opened = saidMm === undefined ? openedMm(cut, line) : undefined;
  if (opened !== undefined) return { thicknessMm: opened };
  const isFillet = WHOLE_FISH.has(cut.id) && FILLETS.test(line);
  const form = isFillet ? FISH_FILLET : formIn(line);
  if (!form) return undefined;
  const thicknessMm = saidMm ?? form.thicknessMm;
  // A steak of what is sold as steaks is as such a one is.
  const isOwn = form.thicknessMm >= OWN_SHARE * cut.thicknessMm;
  if (saidMm === undefined && isOwn) return undefined;
  const slicedG = Math.min(MOST_SLICE_G, Math.max(LEAST_SLICE_G, thicknessMm * SLICE_G_PER_MM));
  return { thicknessMm, eachG: isOwn ? undefined : (form.eachG ?? Math.round(slicedG)) };
}

const BEATEN = words('pounded|beaten|bashed|flattened|aplastad[oa]s?|aplanad[oa]s?|golpead[oa]s?');
const LIKE_A_BOOK = words(
  'butterfl(?:y|ied)|opened (?:out|up|flat)|abiert[oa]s? (?:como|en) (?:un )?(?:libro|mariposa)',
);

/** A breast beaten out or opened like a book, a leg boned and laid flat: how thick then, mm. */
function openedMm({ id }: Cut, line: string): number | undefined {
  const [beaten, opened] = OPENED_MM[id] ?? [];
  return BEATEN.test(line) ? beaten : LIKE_A_BOOK.test(line) ? opened : undefined;
}

/** Beaten out, and opened like a book. Common practice, no source. */
const OPENED_MM: Readonly<Partial<Record<string, readonly [number | undefined, number]>>> = {
  'chicken-breast': [10, 15],
  'lamb-leg-boneless': [undefined, 50],
};

const OWN_SHARE = 0.7;
/** A slice one would put on a plate. Common practice, no source. */
const LEAST_SLICE_G = 60;
const MOST_SLICE_G = 350;
const SLICE_G_PER_MM = 8;
