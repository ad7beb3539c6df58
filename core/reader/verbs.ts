import { PLACE_NAMES, type PlaceKind } from '../places/index.ts';
import { MINOR, NOTED_BEHIND, PAST, VERB_ROWS, type VerbWords } from './verb-words.ts';

export type { VerbWords } from './verb-words.ts';

const ENGLISH = VERB_ROWS.map(({ verb, english }) => ({
  verb,
  pattern: new RegExp(`(?:${english}${noted(verb)})(?![a-zß-ɏ])`, 'yu'),
}));

/** "Simmered for two hours": as notes have it, where a length or a heat follows in the same breath. */
function noted(verb: VerbWords): string {
  const past = PAST.get(verb);
  return past === undefined ? '' : `|(?:${past})(?=${NOTED_BEHIND}[^.;,]{0,40}\\d)`;
}

/** With what a Spanish order carries behind it: "fríelas", "déjalo". */
const SPANISH = VERB_ROWS.map(({ verb, spanish }) => ({
  verb,
  pattern: new RegExp(
    `(?:${spanish.replaceAll('(?![a-zß-ɏ])', '')})(?:l[oa]s?|les?)?(?![a-zß-ɏ])`,
    'yu',
  ),
}));

/** In small letters, which are much quicker to search than either; as long as it was. */
function lowered(sentence: string): string {
  const small = sentence.toLowerCase();
  return small.length === sentence.length ? small : sentence;
}

/** "Cuécelas" is "cuece" with what is cooked, "mezclá" is "mezcla"; the accent is only there for it. As long as it was. */
function withoutEnclitic(sentence: string): string {
  return sentence.replace(/\p{L}+/gu, (word) =>
    /[áéíóú].*(?:l[oa]s?|les?)$|[a-zß-ɏ]{2}[áéí]$/i.test(word)
      ? word
          .normalize('NFD')
          .replace(/\u0301/gu, '')
          .normalize('NFC')
      : word,
  );
}

/** A verb where it stands. */
export interface VerbHit {
  readonly verb: VerbWords;
  readonly from: number;
  readonly to: number;
}

export type Language = 'en' | 'es';

/**
 * An English word is an order only where an order can stand: first, or after a comma, an "and", a
 * "then"; not after "the" or "of".
 */
const ORDER_BEFORE =
  /(?:^|[,;:(.–—-]\s*(?:and |or |then |but |now )?|(?:^|\s)(?:and|then|or|to|before (?:eating|serving|cooking|grilling|roasting|dinner|supper),?|&|must|should|can|will|you|i|we|please|now|next|finally|just|gently|slowly|carefully|lightly|thoroughly|briefly|quickly|well|thinly|finely|also|first|always|while (?:that|this|it|they|the [a-zß-ɏ]+)(?:['’]s|['’]re| is| are)? [a-zß-ɏ]+|immediately|generously|completely|(?<!of )(?:on )?the (?:next |same |following )?(?:day|morning)|that (?:morning|evening|night)|next (?:day|morning)|(?:in|on|into|to) (?:an? |the |another )?[^,.;]{0,24}(?:bowl|pan|saucepan|pot|skillet|dish|blender|processor|jar|bag)|once cooked|when ready|(?:and )?let(?: it| them)?|it|them|(?:once|when|as soon as) the (?:oil|fat|oven|water|grill|pan|[a-zß-ɏ]+) (?:is|are|reads?|hits|reaches)(?: at| to)? \d{2,3}\s?°?\s?[CF]?|take it out|take them out|meanwhile|at the same time|thoroughly|loosely)\s+)$/i;
const LY = /(?<![a-zß-ɏ])(?!apply|only|family|jelly|chilly)[a-zß-ɏ]{3,}ly\s+$/i;

/** The verbs of a sentence, in its order, none inside another. */
export function verbsIn(sentence: string, language: Language): readonly VerbHit[] {
  const key = `${language} ${sentence}`;
  const known = KNOWN.get(key) ?? findVerbs(sentence, language);
  if (KNOWN.size > MOST_KNOWN) KNOWN.clear();
  KNOWN.set(key, known);
  return known;
}

/** A sentence is asked about several times while a page is sorted and read. */
const KNOWN = new Map<string, readonly VerbHit[]>();
const MOST_KNOWN = 400;

/** Where a word begins: an English one not behind a hyphen either. */
const ENGLISH_START =
  /(?<![\p{L}-])\p{L}|(?<=(?<![\p{L}-])(?!pot-)\p{L}{2,9}-)(?=(?:roast|bake|braise|poach|marinate|cure|smoke|steam|grill|simmer|fry|toast|confit)(?!\p{L}))\p{L}/gu;
const SPANISH_START = /(?<!\p{L})\p{L}/gu;

/** Where a pattern fits from the beginning of a word: looked for there, and nowhere else. */
function matchesAt(
  pattern: RegExp,
  text: string,
  starts: readonly number[],
): Array<{ readonly from: number; readonly to: number }> {
  const found: Array<{ readonly from: number; readonly to: number }> = [];
  let end = 0;
  for (const from of starts) {
    if (from < end) continue;
    pattern.lastIndex = from;
    const match = pattern.exec(text);
    if (!match) continue;
    end = from + match[0].length;
    found.push({ from, to: end });
  }
  return found;
}

function findVerbs(sentence: string, language: Language): readonly VerbHit[] {
  const rows = language === 'en' ? ENGLISH : SPANISH;
  const spoken = lowered(language === 'es' ? withoutEnclitic(sentence) : sentence);
  const starts = [...spoken.matchAll(language === 'en' ? ENGLISH_START : SPANISH_START)].map(
    ({ index }) => index,
  );
  const hits = rows
    .flatMap(({ verb, pattern }) =>
      matchesAt(pattern, spoken, starts).map(({ from, to }) => ({
        verb,
        // "Slow-roast" begins where it begins.
        from: from - compoundBefore(spoken.slice(0, from)),
        to,
      })),
    )
    .filter(({ from, to }) =>
      language === 'es' ? isSpanishOrder(sentence, from, to) : isOrder(sentence, from),
    )
    .sort((a, b) => a.from - b.from || b.to - a.to);
  return hits.reduce<VerbHit[]>((kept, hit) => {
    const last = kept.at(-1);
    // "Sofríe a fuego lento": how it is fried, and no step of its own.
    const only = last && /^a fuego lento$/i.test(sentence.slice(hit.from, hit.to));
    const between = last ? sentence.slice(last.to, hit.from) : '';
    const close =
      last && (!/[.;,]/.test(between) || !/[.;\d]|(?:minuto|hora)s?(?![a-zß-ɏ])/i.test(between));
    return last && (hit.from < last.to || (only && close)) ? kept : [...kept, hit];
  }, []);
}

/** "Before you grill": when, and no order. */
const NOT_YET =
  /(?:before|until|till?|if|when|once|after|as) (?:you|we|i)(?:['’](?:re|ll|m))?(?: (?:want|need|plan|intend|mean|are going|start|begin)(?: to)?)?\s+$/i;

/** "Until the skin starts to bubble": what one sees, and no order. */
const BEGINS_TO = /(?<![a-zß-ɏ])(?:starts?|begins?|is about|are about|needs?) to\s+$/i;

/** "Slow-roast", "deep fry". */
const COMPOUND =
  /(?<![a-zß-ɏ-])(?:[a-zß-ɏ]{2,9}-|(?:deep|shallow|pan|stir|dry|flash|slow|pot|spit|hot|cold|hard|soft|part|par|blind|quick|blast) )$/i;

/** "In the same pan fry the bacon": no "pan-fry". */
const IN_PAN = /(?<![a-zß-ɏ])in (?:an? |the |another |your )(?:[a-zß-ɏ]+ ){0,2}pan $/i;

/** How many letters of a verb stand in front of its own word. */
function compoundBefore(before: string): number {
  return IN_PAN.test(before) ? 0 : (COMPOUND.exec(before)?.[0].length ?? 0);
}

/** "Do not let it boil". */
const NEVER =
  /(?:not|don['’]t|never|without) (?:let(?:ting)?|allow(?:ing)?) (?:it|them|the [a-zß-ɏ]+)(?: to| ever)?\s+$/i;

function isOrder(sentence: string, from: number): boolean {
  // "Slow-roast": where the whole word stands.
  const before = sentence.slice(0, from - compoundBefore(sentence.slice(0, from)));
  if (NOT_YET.test(before) || BEGINS_TO.test(before) || NEVER.test(before)) return false;
  return (
    ORDER_BEFORE.test(before) ||
    (LY.test(before) && isOrder(sentence, from - (LY.exec(before)?.[0].length ?? 0)))
  );
}

const SPANISH_NOUN = /(?:^|\s)(?:la|el|una?|las|los|del?|esta|al|su|con|en|por|cada)\s+$/i;

function isSpanishOrder(sentence: string, from: number, to: number): boolean {
  const word = sentence.slice(from, to);
  // "Hasta que se puedan cortar": what one sees.
  if (/(?:pued|pod)[a-zß-ɏ]*\s+$/i.test(sentence.slice(0, from))) return false;
  // "No más, porque el limón cuece el pescado": why, and no order.
  if (
    /(?<![a-zß-ɏ])(?:porque|ya que|puesto que)(?![a-zß-ɏ])[^.;,]*$/i.test(sentence.slice(0, from))
  )
    return false;
  // "Que repose 10 minutos" is an order; "hasta que hierva" is none.
  if (
    !/(?:^\s*|[,;] |(?<![a-zß-ɏ])y )que (?:se )?$/i.test(sentence.slice(0, from)) &&
    /(?:cuando|hasta que|en cuanto|que|que se|si|hasta|antes de|para|sin|no|nunca|jam[aá]s)\s+$/i.test(
      sentence.slice(0, from),
    )
  )
    return false;
  // "Las horneamos": no noun ends so.
  const isOurs = /(?:[aei]mos)$/i.test(word);
  return /\s/.test(word) || isOurs || !SPANISH_NOUN.test(sentence.slice(0, from));
}

/** Whether a sentence says anything a cook does, though no step of its own. */
export function saysSomething(sentence: string): boolean {
  return [...sentence.matchAll(MINOR)].some(
    ({ index, 0: word }) =>
      isOrder(sentence, index) ||
      (languageOf(sentence) === 'es' && isSpanishOrder(sentence, index, index + word.length)),
  );
}

/** Whether its first word is something a cook does, though no step of its own: "Season the pork …". */
export function beginsDoing(line: string): boolean {
  return [...line.matchAll(MINOR)].some(({ index }) => index === 0);
}

/** The place a piece of text names; the last where there are several. */
export function placeIn(text: string): PlaceKind | undefined {
  const plain = text.replace(OR_IN_MICROWAVE, '');
  const said = /before/i.test(plain) ? plain.replace(LATER, '') : plain;
  return PLACE_NAMES.find(([, pattern]) => pattern.test(said))?.[0];
}

/** "(or 8 minutes in the microwave)": another way to do it. */
const OR_IN_MICROWAVE = /\([^()]*(?:microwave|microondas)[^()]*\)/gi;
/** "Before it goes in the oven": not there yet. */
const LATER =
  /(?<![a-zß-ɏ])before (?:it|they|the [a-zß-ɏ]+|you) (?:goe?s?|is|are|put|cook)(?![a-zß-ɏ])[^.;,]{0,16} (?:in|into|on|onto|over|under) (?:the )?[a-zß-ɏ]+/i;

const SPANISH_WORDS =
  /(?<![a-zß-ɏ])(?:el|la|los|las|de|del|con|para|por|una?|y|al|en|hasta|que|d[ií]as?|minutos?|horas?|grados|fuego|horno|cucharadas?|sal)(?![a-zß-ɏ])/gi;
const ENGLISH_WORDS =
  /(?<![a-zß-ɏ])(?:the|of|with|for|and|to|in|an|until|minutes|hours|heat|oven|salt|cup|into)(?![a-zß-ɏ])/gi;

/** Which of the two languages a text is in. */
export function languageOf(text: string): Language {
  const count = (pattern: RegExp) => text.match(pattern)?.length ?? 0;
  return count(SPANISH_WORDS) > count(ENGLISH_WORDS) ? 'es' : 'en';
}
