import { NUMBER, numberIn } from './numbers.ts';

/** Millimetres in what recipes measure a thickness in; a finger is common practice, no source. */
const MM_PER: ReadonlyArray<readonly [RegExp, number]> = [
  [/^mm/i, 1],
  [/^c/i, 10],
  [/^(?:in|"|”|″|pulg)/i, 25.4],
  [/^(?:thumb|pulgar)/i, 22],
  [/^(?:fing|ded)/i, 18],
];
const UNIT = '(?:mm|cm|cent[ií]metros?|in(?:ch(?:es)?)?|["”″]|pulgadas?|fingers?|thumbs?|dedos?)';
const RANGE = `(?<low>${NUMBER})(?:\\s*(?:-|–|to|a|o|or)\\s*(?<high>${NUMBER}))?`;
const PIECE =
  '(?:steaks?|slices?|chops?|medallions?|rounds|cutlets?|escalopes?|rashers|strips|rodajas?|filetes?|medallones|lonchas|chuletas?|tajadas|tiras)';

/** "1.5 cm thick", "an inch thick", "de dos dedos de grosor". */
const THICK = new RegExp(
  `${RANGE}[\\s-]*(?<unit>${UNIT})[\\s-]*(?:thick(?:ness)?|in thickness|de (?:grosor|grueso|espesor|alto))(?! (?:layer|fat|rind|crust|skin))`,
  'i',
);
/** "3 cm medallions", "into 1 cm slices". */
const SIZED = new RegExp(`${RANGE}[\\s-]*(?<unit>${UNIT})[\\s-]+(?:thick[\\s-]+)?${PIECE}`, 'i');
/** "Rodajas de 3 cm". */
const SIZED_ES = new RegExp(
  `${PIECE} (?:[a-zß-ɏ]+ (?:de [a-zß-ɏ]+ )?){0,4}?de (?:unos )?${RANGE}[\\s-]*(?<unit>${UNIT})`,
  'i',
);
/** "Beat out to 4 mm", "to an even 1 cm". */
const FLATTENED = new RegExp(
  `(?:beat|pound|bash|bat|flatten|roll|press|aplan|aplast|golpe)[a-zß-ɏ]*[^.;]{0,40}?(?:to|until|hasta|a)[^.;\\d]{0,40}?${RANGE}[\\s-]*(?<unit>${UNIT})`,
  'i',
);
/** "2 entrecots de 300 g (3 cm)", "bavette 800 g, 3 cm". */
const BEHIND = new RegExp(
  `(?:\\(|,\\s+)(?:about |of |de |unos )*${RANGE}[\\s-]*(?<unit>mm|cm|in(?:ch(?:es)?)?)(?: each)?\\s*(?:\\)|[,.;]|$)`,
  'i',
);
/** A finger's breadth and the like, without a number: "finger-thick slices". */
const BY_HAND = /(?<unit>finger|thumb)[- ]thick/i;

/** Nobody cooks a thinner slice, or a thicker piece, mm. Our own line, no source. */
const LEAST_MM = 2;
const MOST_MM = 150;

/** "Smash them flat". Common practice, no source. */
const SMASHED =
  /(?<![a-zß-ɏ])(?:smash|press|squash|aplasta)[a-zß-ɏ]*(?![a-zß-ɏ])[^.;,]{0,30}(?<![a-zß-ɏ])(?:flat|thin|finas?|planas?)(?![a-zß-ɏ])|(?<![a-zß-ɏ])smash (?:burgers?|patt(?:y|ies))(?![a-zß-ɏ])/i;
const SMASHED_MM = 8;

/** How thick a text says a food is cut, or is beaten, mm; undefined where it says nothing. */
export function thicknessIn(text: string): number | undefined {
  const found = [THICK, SIZED, SIZED_ES, FLATTENED, BY_HAND, BEHIND]
    .map((pattern) => pattern.exec(text))
    .find((match) => match !== null);
  const { low = '1', high = low, unit = '' } = found?.groups ?? {};
  const each = MM_PER.find(([pattern]) => pattern.test(unit))?.[1];
  if (!found && SMASHED.test(text)) return SMASHED_MM;
  if (!found || each === undefined) return undefined;
  const mm = ((numberIn(low) + numberIn(high)) / 2) * each;
  return mm >= LEAST_MM && mm <= MOST_MM ? Math.round(mm * 10) / 10 : undefined;
}
