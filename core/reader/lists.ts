import { NUMBER } from './numbers.ts';
import { spansIn } from './span.ts';
import { verbsIn } from './verbs.ts';

/** What a list of ingredients is known by, and where one begins. */

export const BULLET = /^(?:[-*•·▢☐]\s+|(?:[-–=]>|[→»›])\s*)/u;
export const STEP_NUMBER =
  /^(?:(?:step|paso)\s*\d{1,2}\s+(?=[a-zß-ɏ])|(?:step|paso)?\s*\d{1,2}\s*(?:[.):|/]|\.?[-–ºª])\s+(?=[a-zß-ɏ\d¡¿]))/i;
export const STARTS_AMOUNT = new RegExp(
  `^(?!ten (?:la|el|las|los|en) |once |al? (?:la|el|las|los|fuego|baja)(?![a-zß-ɏ]))(?:(?:about|abt|around|roughly|approx\\.?|unos|unas|aprox\\.?)\\s+|~\\s*)?(?:${NUMBER})\\s*[a-zß-ɏ(/x×½¼¾-]`,
  'i',
);
export const LISTED =
  /^(?:salt|pepper|sal|pimienta|(?:a )?couple|few|(?:bottle|can) of|a (?:good |big |generous |little )?(?:pinch|handful|glug|splash|drizzle|dash|knob|dollop|few|couple|bunch)|(?:una?|unos|unas) (?:pizca|puñado|chorro|chorrito|poco|hojas|ramas|ramitas)|juice of|zest of|(?:el )?(?:zumo|jugo) de|freshly ground)\b/i;

/** "Duck fat 2 kg", "lamb rack x2 (600 g each)". */
export const ENDS_AMOUNT =
  /^[a-zß-ɏ '’-]{3,40}(?:,|\s*[–—-])?\s+(?:\d+(?:[.,/]\d+)?\s*(?:g|kg|ml|cl|l|oz|lbs?|cups?|tbsp|tsp|pts?|pints?|cloves?|bunch(?:es)?)|x\s?\d+)(?:\s*\([^)]{1,30}\)|,\s(?:\d{1,2}%\s)?[a-zß-ɏ -]{3,30})?$/i;

/** Without the marks of Markdown; the words stay. */
export function bare(raw: string): string {
  return raw
    .trim()
    .replace(/^#{1,6}\s+/, '')
    .replace(/^>\s*/, '')
    .replace(/\*\*([^*]+)\*\*/g, '$1')
    .replace(/__([^_]+)__/g, '$1')
    .replace(/(^|\s)[*_]([^*_]+)[*_](?=\s|$|[.,;:])/g, '$1$2')
    .replace(/\[([^[\]]{1,200})\]\([^()]{0,2000}\)/g, '$1')
    .replace(BULLET, '')
    .replace(/^\[[ x]\]\s*/i, '')
    .trim();
}

/** Lines that begin with 1, 2, 3 … and then with a capital: the steps of a method, numbered without a sign. */
export function numberedLines(lines: readonly string[]): ReadonlySet<number> {
  const found: number[] = [];
  lines.forEach((raw, at) => {
    const [, number] = NUMBERED.exec(bare(raw)) ?? [];
    if (number !== undefined && Number(number) === found.length + 1) found.push(at);
  });
  return new Set(found.length >= LEAST_LISTED ? found : []);
}

const NUMBERED = /^(\d{1,2})\s+\p{Lu}\p{Ll}+\s+(?:\S+\s+){2,}/u;

/** Where a list of what goes in begins: the first of so many lines close together that begin with an amount. */
export function listAt(lines: readonly string[]): number {
  const said = lines.flatMap((raw, at) => (bare(raw) === '' ? [] : [{ line: bare(raw), at }]));
  const first = said.findIndex(
    (_one, i) =>
      said.slice(i, i + LEAST_LISTED).every(({ line }) => isAmount(line)) &&
      i + LEAST_LISTED <= said.length,
  );
  const inOne = said.findIndex(({ line }) => piped(line).length > 0);
  const found = [first, inOne].filter((i) => i !== -1);
  return found.length === 0 ? -1 : (said[Math.min(...found)]?.at ?? -1);
}

export function isAmount(line: string): boolean {
  return STARTS_AMOUNT.test(line) && !STEP_NUMBER.test(line) && line.split(/\s+/).length <= 12;
}

/** "Gammon joint, 2 kg | 1 onion | 6 peppercorns": ingredients in one line; empty for any other. */
export function piped(line: string): string[] {
  if (!line.includes('|')) return [];
  const items = line.split(/\s*\|\s*/).filter((one) => one !== '');
  const isOne = (one: string) =>
    STARTS_AMOUNT.test(one) || ENDS_AMOUNT.test(one) || LISTED.test(one);
  return items.length >= LEAST_LISTED && items.every(isOne) ? items : [];
}

/**
 * "1 red cabbage, shredded; 2 apples; 50 g butter": by semicolons; empty where not all are amounts,
 * or, in what is called a list, not most.
 */
function bySemicolons(line: string, isTold: boolean): string[] {
  const items = line
    .replace(/[.]$/, '')
    .split(/\s*;\s*/)
    .filter((one) => one !== '');
  const isOne = (one: string) =>
    STARTS_AMOUNT.test(one) || ENDS_AMOUNT.test(one) || LISTED.test(one);
  const amounts = items.filter(isOne).length;
  const isList = amounts === items.length || (isTold && amounts > items.length / 2);
  return items.length >= LEAST_LISTED && isList ? items : [];
}

export const LISTS =
  /^(?:ingredients?:|ingredientes:|(?:serves|for|para) \d+(?:\s*[-–]\s*\d+)?(?: (?:people|personas|raciones))?:|you(?:['’]ll| will)? need|you want|i use|necesitas|hacen falta)[: ]\s*/i;
/** "For the steak: 1 flank steak, …", "brine: 3 l water, …". */
export const LED = /^[a-zß-ɏ '’-]{2,28}:\s+(?=(?:\d|an?\s))/i;
/** Commas between things, not within brackets; and before an "and" that leads to another amount. */
const BETWEEN = /,\s+(?![^(]*\))|\s+·\s+|\s+(?=(?:and|y)\s+(?:some|an?|\d|½|¼|un)\b)/i;
/** "Marinade: 100 ml soy, 2 tbsp honey": a list, however short. */
const OF_MIXTURE =
  /^(?:for the |the |para (?:el |la ))?(?:[a-zß-ɏ]+ )?(?:marinade|brine|cure|rub|paste|glaze|sauce|dressing|gravy|batter|dough|filling|topping|base|crust|pastry|slaw|salad|relish|syrup|custard|stuffing|crumble|meatballs?|marinada|adobo|salmuera|salsa|glaseado|aliño|masa|relleno|cobertura|ensalada)s?:\s+(?=\d|an?\s)/i;
/** How large a thing is, and no thing. */
const ONLY_SIZE = new RegExp(
  `^(?:about|around|roughly|unos|unas|de unos)?\\s*(?:${NUMBER})\\s*-?(?:(?:mm|cm|in(?:ch(?:es)?)?|dedos?|fingers?)[- ]+(?:thick|long|de (?:grosor|grueso|largo))|(?:kg|kilos?|g|gramos|grams|lbs?|oz)(?: each| cada un[oa]| in (?:total|all|weight)| en total)?)$`,
  'i',
);
const AND = /^(?:and|y)\s+/i;
const LEAST_LISTED = 3;

/** A sentence that lists what goes in: "You need 4 chops, 2 tbsp sugar and some thyme." Empty for any other. */
export function listOf(line: string): string[] {
  const isTold = LISTS.test(line);
  const parted = bySemicolons(line.replace(LISTS, '').replace(LED, ''), isTold);
  if (parted.length > 0) return parted;
  if (/[.;!]\s+\p{L}/u.test(line)) return [];
  const items = line
    .replace(LISTS, '')
    .replace(LED, '')
    .replace(/[.]$/, '')
    .split(BETWEEN)
    .map((item) => item.trim())
    .filter((item) => item !== '')
    .reduce<string[]>((all, item) => {
      // "2 chops, 5 cm thick, 500 g each": one thing.
      const last = all.at(-1);
      return last !== undefined && ONLY_SIZE.test(item)
        ? [...all.slice(0, -1), `${last}, ${item}`]
        : [...all, item];
    }, []);
  // "On the grill, 5 minutes a side, 10 of rest": what is done.
  if (!isTold && items.some((item) => spansIn(item.replace(AND, ''))[0]?.from === 0)) return [];
  const amounts = items
    .map((item) => item.replace(AND, ''))
    .filter((item) => STARTS_AMOUNT.test(item) || LISTED.test(item)).length;
  const short = amounts === items.length && LED.test(line) && spansIn(line).length === 0;
  const all = short ? 2 : LEAST_LISTED;
  const least = OF_MIXTURE.test(line) ? 1 : all;
  const isList =
    amounts >= least &&
    amounts >= items.length * (isTold ? 0.5 : OF_MIXTURE.test(line) ? 0.4 : 0.8);
  const orders = !OF_MIXTURE.test(line) && verbsIn(line.replace(LISTS, ''), 'en')[0]?.from === 0;
  return isList && !orders ? items : [];
}
