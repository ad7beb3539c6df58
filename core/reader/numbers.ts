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
  'couple of': 2,
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

const UNITS = 'one|two|three|four|five|six|seven|eight|nine';
const TENS = 'twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety';
const TENS_ES = 'treinta|cuarenta|cincuenta|sesenta|setenta|ochenta|noventa';
const UNITS_ES = 'uno|una|un|dos|tres|cuatro|cinco|seis|siete|ocho|nueve';
const HUNDREDS_ES = 'cien|ciento|doscientos|trescientos|cuatrocientos';
const TENS_VALUES: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  setenta: 70,
  ochenta: 80,
  cien: 100,
  ciento: 100,
  doscientos: 200,
  trescientos: 300,
  cuatrocientos: 400,
};
/** "Thirty-five", "three hundred and seventy-five", "ciento ochenta", "treinta y dos". */
const COMPOUND = `(?:(?:${UNITS}|a) hundred(?:(?: and)? (?:(?:${TENS})(?:[- ](?:${UNITS}))?|${UNITS}|ten|fifteen))?|(?:${TENS})(?:[- ](?:${UNITS}))?|(?:${HUNDREDS_ES})(?: (?:${TENS_ES}|veinte|veinticinco|diez|quince)(?: y (?:${UNITS_ES}))?)?|(?:${TENS_ES}) y (?:${UNITS_ES}))`;

/** The value of a compound in words; undefined where a word of it is none. */
function compoundIn(words: string): number | undefined {
  let sum = 0;
  for (const word of words.split(/[\s-]+/)) {
    if (word === 'and' || word === 'y') continue;
    if (word === 'hundred') {
      sum *= 100;
      continue;
    }
    const value = TENS_VALUES[word] ?? WORDS[word];
    if (value === undefined) return undefined;
    sum += value;
  }
  return sum;
}

const BY_LENGTH = Object.keys(WORDS).sort((a, b) => b.length - a.length);

/** A number written with digits: "1 1/2", "½", "1½", "2.5", "2,5", "1,500". */
export const DIGITS =
  '(?:\\d+\\s+(?:and\\s+|y\\s+)?\\d+\\s*[/⁄]\\s*\\d+|(?<!\\d)\\d{1,2}\\s*[/⁄]\\s*\\d+|\\d+\\s*[¼-¾⅐-⅞]|[¼-¾⅐-⅞]|\\d{1,3}(?:[.,]\\d{3})+(?!\\d)|\\d+[.,]\\d+|\\d+)';

/** A number in digits or words. Words end at a letter's edge. */
const WORD_ENDS = '(?![a-zß-ɏ])(?!-(?!(?:minute|min|hour|hr|day|week|second)))';
export const NUMBER = `(?:${DIGITS}|(?<![a-zß-ɏ-])(?:${COMPOUND}|${BY_LENGTH.join('|')})${WORD_ENDS})`;

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
  const compound = /^\p{L}/u.test(plain) ? compoundIn(plain) : undefined;
  if (compound !== undefined) return compound;
  const digits = plain
    .replace(/(\d)\s+(?:and|y)\s+(?=\d)/, '$1 ')
    .replace(/[⁄]/g, '/')
    .replace(/\s*\/\s*/g, '/')
    .replace(/(\d)[.,](?=\d{3}(?:\D|$))/g, '$1')
    .replace(/(\d),(\d)/, '$1.$2');
  return numericQuantity(digits, { round: false });
}
