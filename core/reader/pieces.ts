import type { ReadAct } from './context.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { NUMBER, numberIn } from './numbers.ts';

const CM_PER: Readonly<Record<string, number>> = { mm: 0.1, cm: 1, in: 2.54 };
const SIZED = new RegExp(
  `(${NUMBER})[\\s-]*(mm|cm|in(?:ch(?:es)?)?)[\\s-]+(?:pieces|chunks|cubes|dice|lengths|cubos|dados|trozos)`,
  'iu',
);
const COUNTED = new RegExp(
  `(?:cut|chop|divide|corta\\p{L}*|troce\\p{L}*)[^.;]{0,40}?(?:into|in|en) (${NUMBER}) (?:large |big |even |equal |thick |buenos )?(?:pieces|chunks|parts|portions|trozos|piezas|partes)`,
  'iu',
);
const DICED =
  /(?<!\p{L})(?:diced|cubed|in (?:bite-size(?:d)? )?(?:cubes|chunks|dice)|into (?:bite-size(?:d)? )?(?:cubes|chunks|dice)|for stewing|stewing|en (?:dados|tacos|cubos)|troce?ad[oa]s?)(?!\p{L})/iu;
/** A cube of three centimetres and a little. Common practice, no source. */
const DICE_G = 35;

/**
 * In how many pieces a recipe has a food cooked, by its list or by what is done before it meets a
 * fire; undefined where it says nothing.
 */
export function piecesSaid(
  { line, preparation = '' }: ReadIngredient,
  weightG: number,
  before: readonly ReadAct[],
): number | undefined {
  const texts = [`${line} ${preparation}`, ...before.map(({ text }) => text)];
  for (const text of texts) {
    const counted = COUNTED.exec(text)?.[1];
    if (counted !== undefined && numberIn(counted) >= 2) return Math.round(numberIn(counted));
    const sized = SIZED.exec(text);
    const each = sized ? (numberIn(sized[1] ?? '') * cmPer(sized[2] ?? 'cm')) ** 3 : NaN;
    const grams = Number.isFinite(each) ? each : DICED.test(text) ? DICE_G : undefined;
    if (grams !== undefined) return Math.max(1, Math.round(weightG / Math.max(1, grams)));
  }
  return undefined;
}

function cmPer(unit: string): number {
  return CM_PER[unit.slice(0, 2).toLowerCase()] ?? 1;
}
