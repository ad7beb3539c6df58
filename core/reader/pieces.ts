import type { ReadIngredient } from './ingredient-line.ts';
import { isMince, type Cut } from '../pantry/index.ts';
import { formOfLine, type ReadForm } from './cut-form.ts';
import { plainWords } from './known-foods.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { thicknessIn } from './thickness.ts';

const CM_PER: Readonly<Record<string, number>> = { mm: 0.1, cm: 1, in: 2.54 };
const SIZED = new RegExp(
  `(${NUMBER})[\\s-]*(mm|cm|in(?:ch(?:es)?)?)[\\s-]+(?:pieces|chunks|cubes|dice|lengths|cubos|dados|trozos)`,
  'i',
);
const SIZED_ES = new RegExp(
  `(?:dados|cubos|tacos|trozos|daditos) de (?:unos )?(${NUMBER})\\s*(mm|cm)`,
  'i',
);
const COUNTED = new RegExp(
  `(?:cut|chop|divide|roll|shape|form|make|split|corta[a-zß-ɏ]*|troce[a-zß-ɏ]*|divid[a-zß-ɏ]*|haz|hacer|forma[a-zß-ɏ]*)[^.;]{0,40}?(?:(?:into|in|en|round|around|onto) )?(?<![\\d.,])(${NUMBER}) (?:(?:large|big|even|equal|thick|small|little|walnut-sized|buenos|buenas) )*(?:pieces|chunks|parts|portions|balls|meatballs|patties|burgers|koftas?|kofte|rissoles|croquettes|nuggets|fish ?cakes|faggots|sausages|rounds|medallions|steaks|slices|skewers|brochetas|trozos|piezas|partes|bolas|bolitas|alb[oó]ndigas|hamburguesas)`,
  'i',
);
/** "500 g beef mince, in 8 balls". */
const IN_PIECES = new RegExp(
  `,\\s*(?:in|into|en) (${NUMBER}) (?:[a-zß-ɏ]+ )?(?:pieces|chunks|parts|portions|balls|patties|joints|trozos|piezas|partes|bolas)`,
  'i',
);
const DICED =
  /(?<![a-zß-ɏ])(?:diced|cubed|in(?:to)? (?:very )?(?:large|big|small|good|generous|chunky) (?:pieces|chunks|cubes)|(?:in(?:to)? )?bite[- ]sized? (?:pieces|chunks|bits)|in (?:bite-size(?:d)? )?(?:cubes|chunks|dice)|into (?:bite-size(?:d)? )?(?:cubes|chunks|dice)|for stewing|stewing|en (?:dados|tacos|cubos)|troce?ad[oa]s?)(?![a-zß-ɏ])/i;
/** A cube of three centimetres and a little. Common practice, no source. */
const DICE_G = 35;

/**
 * In how many pieces a recipe has a food cooked, by its list or by what is done before it meets a
 * fire; undefined where it says nothing.
 */
export function piecesSaid(
  { line, preparation = '' }: ReadIngredient,
  { id }: Cut,
  weightG: number,
  before: readonly string[],
): number | undefined {
  const texts = [`${line} ${preparation}`, ...before];
  for (const text of texts) {
    const counted = (COUNTED.exec(text) ?? IN_PIECES.exec(text))?.[1];
    if (counted !== undefined && numberIn(counted) >= 2) return Math.round(numberIn(counted));
    const sized = SIZED.exec(text) ?? SIZED_ES.exec(text);
    const each = sized ? (numberIn(sized[1] ?? '') * cmPer(sized[2] ?? 'cm')) ** 3 : NaN;
    const grams = Number.isFinite(each) ? each : isDiced(text, id) ? DICE_G : undefined;
    if (grams !== undefined) return Math.max(1, Math.round(weightG / Math.max(1, grams)));
  }
  return undefined;
}

/** What a piece of mince weighs where nobody says into how many it is shaped: by what it is called. */
export function mincePiecesIn(
  cut: Cut,
  weightG: number,
  texts: readonly string[],
): number | undefined {
  if (!isMince(cut) || texts.some((text) => LOAF.test(text))) return undefined;
  const each = MINCE_PIECES.find(([words]) => texts.some((text) => words.test(text)))?.[1];
  return Math.max(1, Math.round(weightG / (each ?? MINCE_PIECE_G)));
}

/** Common practice, no source. */
const MINCE_PIECES: ReadonlyArray<readonly [RegExp, number]> = [
  [
    /(?<![a-zß-ɏ])(?:(?:meat)?balls?|walnut|alb[oó]ndigas?|bolas?|bolitas?|koftas?)(?![a-zß-ɏ])/i,
    35,
  ],
  [/(?<![a-zß-ɏ])(?:burgers?|patt(?:y|ies)|hamburguesas?)(?![a-zß-ɏ])/i, 150],
];
/** Crumbled, in layers, in leaves: nobody cooks a lump. */
const MINCE_PIECE_G = 100;

/** "Conejo troceado" is in its joints. */
function isDiced(text: string, cut: string): boolean {
  return DICED.test(JOINTED.has(cut) ? text.replace(/troce?ad[oa]s?/gi, '') : text);
}

const JOINTED: ReadonlySet<string> = new Set([
  'chicken-thigh-bone-in',
  'rabbit-jointed',
  'hare-jointed',
]);

function cmPer(unit: string): number {
  return CM_PER[unit.slice(0, 2).toLowerCase()] ?? 1;
}

/**
 * How thick a food is and what each piece of it weighs, by its list or by what is done before it
 * meets a fire; empty where nothing says.
 */
export function shapeSaid(
  { line, preparation = '' }: ReadIngredient,
  cut: Cut,
  before: readonly string[],
): Partial<ReadForm> {
  const texts = [`${line} ${preparation}`, ...before];
  const saidMm = texts.map(thicknessIn).find((mm) => mm !== undefined);
  const form = texts.map((text) => formOfLine(cut, text, saidMm)).find((one) => one !== undefined);
  return form ?? (saidMm === undefined ? {} : { thicknessMm: saidMm });
}

/** "2 chicken breasts, halved horizontally": two thin ones of each. */
export function isHalvedFlat(texts: readonly string[]): boolean {
  return texts.some((text) => HALVED_FLAT.test(text));
}

const HALVED_FLAT =
  /(?<![a-zß-ɏ])(?:halved?|split|cut in half|slice[d]? in half|sliced?) (?:them |it |each |the [a-zß-ɏ]+ )?(?:horizontally|through the (?:middle|side))|abiert[oa]s? (?:en|por) (?:la mitad|dos)|en dos filetes finos/i;

/** Packed into a tin, or shaped like what comes out of one. */
const LOAF =
  /(?<![a-zß-ɏ])(?:meat ?loa(?:f|ves)|loaf|terrine|p[âa]t[ée]|pastel de carne|pan de carne|molde(?: de plum ?cake)?)(?![a-zß-ɏ])/i;

/** Whether mince is cooked in one piece, by its dish or by what is done to it. */
export function isLoaf(cut: Cut, title: string, before: readonly string[]): boolean {
  return isMince(cut) && (LOAF.test(title) || before.some((text) => LOAF.test(text)));
}

/** "Cut the carrots into chunks": whether a sentence names other foods, and not this one. */
export function speaksOfOthers(text: string, name: string, others: readonly string[]): boolean {
  const said = new Set(plainWords(text));
  const isSaid = (food: string) =>
    plainWords(food).some((word) => word.length > 2 && !PLAIN.has(word) && said.has(word));
  if (isSaid(name) || ANY_MEAT.test(text)) return false;
  return others.some(isSaid);
}

/** Words of many names, by which no food is known. */
const PLAIN = new Set(
  'large small medium fresh dried ground whole white black red green piece fillet fresco grande blanco rojo verde del las los con para the and'.split(
    ' ',
  ),
);
const ANY_MEAT = /(?<![a-zß-ɏ])(?:meat|joint|bird|fish|carne|pieza|pescado)(?![a-zß-ɏ])/i;
