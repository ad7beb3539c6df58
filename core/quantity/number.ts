import { numericQuantity } from 'numeric-quantity';

/** A number as cooks write it: "2", "1 1/2", "½", "1½", "1,5", "2.25". */
export const NUMBER_PATTERN =
  '(?:\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[¼-¾⅐-⅞]|[¼-¾⅐-⅞]|\\d+[.,]\\d+|\\d+)';

const WHOLE_NUMBER = new RegExp(`^${NUMBER_PATTERN}$`);

/** Why a number could not be read: "unclear" numbers have two meanings and are never guessed. */
export type NumberProblem = 'not-a-number' | 'unclear';

/**
 * Reads one number token. A comma is a decimal comma, except that "1,500" (three digits behind
 * one comma) could be either and is refused as unclear.
 */
export function readNumber(token: string): number | NumberProblem {
  const text = token.trim();
  if (!WHOLE_NUMBER.test(text)) return 'not-a-number';
  if (/^[1-9]\d{0,2},\d{3}$/.test(text)) return 'unclear';
  const value = numericQuantity(text.replace(',', '.').replace('⁄', '/'), { round: false });
  return Number.isFinite(value) ? value : 'not-a-number';
}

const VULGAR: ReadonlyArray<readonly [number, string]> = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];

/** Writes a number so that readNumber gives exactly it back, as a vulgar fraction where it is one. */
export function writeNumber(value: number): string {
  const whole = Math.floor(value);
  for (const [part, sign] of VULGAR) {
    if (whole + part === value) return whole === 0 ? sign : `${whole}${sign}`;
  }
  return writeDecimal(value);
}

/** The shortest decimal that reads back to the same double, never in exponent form. */
export function writeDecimal(value: number): string {
  const shortest = String(value);
  return shortest.includes('e') ? value.toFixed(20).replace(/\.?0+$/, '') : shortest;
}
