import { numericQuantity } from 'numeric-quantity';

/** Numbers as a text has them: digits, fractions, words; in English and Spanish. */

const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  eighteen: 18,
  twenty: 20,
  'twenty-five': 25,
  thirty: 30,
  'thirty-five': 35,
  forty: 40,
  'forty-five': 45,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  another: 1,
  otra: 1,
  otro: 1,
  half: 0.5,
  'half a': 0.5,
  'a half': 0.5,
  'a quarter': 0.25,
  quarter: 0.25,
  'a couple of': 2,
  'a couple': 2,
  'a few': 3,
  'a dozen': 12,
  un: 1,
  una: 1,
  uno: 1,
  dos: 2,
  tres: 3,
  cuatro: 4,
  cinco: 5,
  seis: 6,
  siete: 7,
  ocho: 8,
  nueve: 9,
  diez: 10,
  once: 11,
  doce: 12,
  quince: 15,
  dieciocho: 18,
  veinte: 20,
  veinticinco: 25,
  treinta: 30,
  'treinta y cinco': 35,
  cuarenta: 40,
  'cuarenta y cinco': 45,
  cincuenta: 50,
  sesenta: 60,
  noventa: 90,
  media: 0.5,
  medio: 0.5,
  'un par de': 2,
  'unos pocos': 3,
  'unas pocas': 3,
};

const BY_LENGTH = Object.keys(WORDS).sort((a, b) => b.length - a.length);

/** A number written with digits: "1 1/2", "½", "1½", "2.5", "2,5", "1,500". */
export const DIGITS =
  '(?:\\d+\\s+(?:and\\s+|y\\s+)?\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[¼-¾⅐-⅞]|[¼-¾⅐-⅞]|\\d{1,3}(?:[.,]\\d{3})+(?!\\d)|\\d+[.,]\\d+|\\d+)';

/** A number in digits or words. Words end at a letter's edge. */
export const NUMBER = `(?:${DIGITS}|(?<![\\p{L}-])(?:${BY_LENGTH.join('|')})(?![\\p{L}-]))`;

/**
 * The value of a number in a text. A comma or a dot before three digits parts thousands: nobody
 * measures a thousandth of a spoon.
 *
 * @returns NaN for what is no number
 */
export function numberIn(text: string): number {
  const plain = text.trim().toLowerCase();
  const word = WORDS[plain];
  if (word !== undefined) return word;
  const digits = plain
    .replace(/(\d)\s+(?:and|y)\s+(?=\d)/, '$1 ')
    .replace(/[⁄]/g, '/')
    .replace(/\s*\/\s*/g, '/')
    .replace(/(\d)[.,](?=\d{3}(?:\D|$))/g, '$1')
    .replace(/(\d),(\d)/, '$1.$2');
  return numericQuantity(digits, { round: false });
}
