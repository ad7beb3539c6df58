import { findUnit, GRAMS_PER, ML_PER, type SpoonSystem } from '../quantity/index.ts';
import { cutOf } from './cut-of.ts';
import { cutNamed, ingredientNamed } from './known-foods.ts';
import {
  IN_WORDS,
  SPOKEN,
  UNIT_WORDS,
  PIECES,
  SIZES,
  HABITS,
  LEAD,
  JUICE,
  JUICE_ML,
  BRACKET,
  TO_TASTE,
} from './ingredient-words.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { isOnlyWeight, weightInName } from './weight-in-name.ts';

/** A line of an ingredient list, understood. */
export interface ReadIngredient {
  readonly line: string;
  readonly name: string;
  readonly grams?: number | undefined;
  readonly ml?: number | undefined;
  readonly count?: number | undefined;
  readonly unit?: string | undefined;
  /** The amount in the cook's own words, as far as the kitchen reads them: "3 tbsp". */
  readonly said?: string | undefined;
  /** How it is made ready: "finely chopped". */
  readonly preparation?: string | undefined;
  /** The mixture it belongs to. */
  readonly mixture?: string | undefined;
  /** Of the pantry, where it is known. */
  readonly ingredient?: string | undefined;
  readonly cut?: string | undefined;
  /** No amount was written: it is to taste, or was forgotten. */
  readonly unmeasured: boolean;
  /** The amount is a habit of speech ("a glug") and was guessed. */
  readonly guessed: boolean;
}

interface Amount {
  readonly value: number;
  readonly unit?: string | undefined;
  readonly rest: string;
  readonly guessed: boolean;
}

/** One line of an ingredient list. Undefined for a line that names nothing. */
export function readIngredientLine(
  line: string,
  spoons: SpoonSystem,
  mixture?: string,
): ReadIngredient | undefined {
  const tidied = line
    .replace(/^[\s*•·▢☐\-–—[\]]+(?=[\p{L}\p{N}½¼¾⅓⅔⅛])/u, '')
    .replace(/^(?:and|y)\s+(?=[a-zß-ɏ]|\p{N}|[½¼¾⅓⅔⅛])/iu, '')
    .replace(/\s+/g, ' ')
    .trim();
  const exact = IN_WORDS.find(([pattern]) => pattern.test(tidied));
  const written = exact ? tidied.replace(...exact) : tidied;
  const habit = SPOKEN.find(([pattern]) => pattern.test(written));
  const text = habit ? written.replace(...habit) : written;
  if (text === '' || !/\p{L}/u.test(text)) return undefined;
  const juice = JUICE.exec(text);
  if (juice) return ofJuice(line, juice, mixture);
  const brackets = [...text.matchAll(BRACKET)].map(([, inside = '']) => inside);
  const bare = text.replace(BRACKET, ' ').replace(/\s+/g, ' ').replace(/ ,/g, ',').trim();
  const amount = leading(bare, spoons) ?? trailing(bare, spoons);
  // "A knob of butter (about 20 g)": as weighed, not as spoken.
  const inBrackets = brackets.map((inside) => leading(inside, spoons)).find((one) => one?.unit);
  const { name: called, preparation } = nameOf(amount?.rest ?? bare);
  const inName = amount && !isPiece(amount.unit) ? undefined : weightInName(called);
  const name = inName?.name.replace(PRAISED, '') ?? called;
  if (name === '') return undefined;
  const read = settled(
    line,
    name,
    preparation,
    mixture,
    (habit || amount?.guessed ? inBrackets : undefined) ?? amount,
    inBrackets ??
      (inName && { value: inName.grams, unit: 'g', rest: name, guessed: false }) ??
      behind(preparation, spoons),
    // "Two 400 g tins": each weighs so much.
    EACH_ONE.test(text) || CONTAINER.test(amount?.unit ?? '') || inName !== undefined,
  );
  return habit && !inBrackets ? { ...read, guessed: true } : read;
}

const EACH_ONE = /\b(?:each|apiece|per piece|cada un[oa]|c\/u)\b/i;
const CONTAINER =
  /^(?:cans?|tins?|latas?|jars?|botes?|packets?|packs?|sobres?|bottles?|botellas?)$/i;

/** "2 steaks, 250 g each", "1 chicken, 1.6 kg": a weight behind the name. */
function behind(preparation: string | undefined, spoons: SpoonSystem): Amount | undefined {
  const found = preparation === undefined ? undefined : leading(preparation, spoons);
  return found?.unit !== undefined && found.unit in GRAMS_PER ? found : undefined;
}

function settled(
  line: string,
  name: string,
  preparation: string | undefined,
  mixture: string | undefined,
  amount: Amount | undefined,
  other: Amount | undefined,
  isEach: boolean,
): ReadIngredient {
  const ingredient = ingredientNamed(name);
  const cut = cutOf(name, line, amount && isPiece(amount.unit) ? amount.unit : undefined);
  const measures = [amount, other].flatMap((one) => (one ? [weigh(one)] : []));
  const times =
    amount && other?.unit && isPiece(amount.unit) && isEach ? Math.max(1, amount.value) : 1;
  const direct = measures.find(({ grams }) => grams !== undefined)?.grams;
  const ml = measures.find((one) => one.ml !== undefined)?.ml;
  const isCount = amount !== undefined && isPiece(amount.unit);
  const grams =
    direct !== undefined
      ? direct * (measures[0]?.grams === undefined ? times : 1)
      : ml !== undefined && ingredient?.gPerMl !== undefined
        ? ml * ingredient.gPerMl
        : isCount
          ? countedG(amount, ingredient?.countG)
          : undefined;
  return {
    line,
    name,
    preparation,
    mixture,
    grams: tidy(grams),
    ml: tidy(ml),
    count: isCount ? amount.value : undefined,
    said: amount === undefined ? undefined : `${tidy(amount.value)} ${amount.unit ?? ''}`.trim(),
    unit: amount?.unit?.replace(/^(?:US legal|US|metric|imperial|AU|old UK) /, ''),
    ingredient: ingredient?.id,
    cut: cut?.id,
    unmeasured: amount === undefined,
    guessed: amount?.guessed ?? false,
  };
}

function countedG(
  amount: Amount,
  countG: Readonly<Record<string, number>> | undefined,
): number | undefined {
  if (!countG) return undefined;
  const unit = (amount.unit ?? '').replace(/s$/, '');
  if (/^(?:can|tin|lata|jar|bote|packet|pack|sobre|bottle|botella)$/.test(unit)) return undefined;
  const each = countG[unit] ?? countG[''] ?? Object.values(countG)[0];
  return each === undefined ? undefined : each * amount.value;
}

function isPiece(unit: string | undefined): boolean {
  return unit === undefined || !(unit in GRAMS_PER || unit in ML_PER);
}

function weigh({ value, unit }: Amount): { grams?: number; ml?: number } {
  if (unit === undefined) return {};
  const [g, ml] = [GRAMS_PER[unit], ML_PER[unit]];
  if (g !== undefined) return { grams: value * g };
  return ml === undefined ? {} : { ml: value * ml };
}

function tidy(value: number | undefined): number | undefined {
  return value === undefined ? undefined : Number(value.toPrecision(4));
}

function ofJuice(line: string, match: RegExpExecArray, mixture?: string): ReadIngredient {
  const [, part = '', number = '1', fruit = ''] = match;
  const count = numberIn(number);
  const word = fruit
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/e?s\b.*$/, '');
  const juicy = /juice|zumo|jugo/i.test(part);
  const each = JUICE_ML[word] ?? JUICE_ML[`${word}e`];
  const spanish = /zumo|jugo|ralladura/i.test(part);
  const name = (
    spanish ? `${part} de ${fruit.replace(/e?s$/, '')}` : `${fruit.replace(/s?[,.]?$/, '')} ${part}`
  ).toLowerCase();
  const known = ingredientNamed(juicy ? name : fruit);
  const ml = juicy && each !== undefined ? each * count : undefined;
  return {
    line,
    name,
    mixture,
    count,
    ml,
    grams: ml === undefined ? undefined : tidy(ml * (known?.gPerMl ?? 1)),
    ingredient: known?.id,
    unmeasured: false,
    guessed: ml !== undefined,
  };
}

function leading(text: string, spoons: SpoonSystem): Amount | undefined {
  for (const [habit, unit, value] of HABITS) {
    const match = habit.exec(text);
    if (match) return { value, unit, rest: text.slice(match[0].length).trim(), guessed: true };
  }
  const match = LEAD.exec(text);
  if (!match) return undefined;
  const [whole, low = '', high] = match;
  const value = high === undefined ? numberIn(low) : (numberIn(low) + numberIn(high)) / 2;
  if (!Number.isFinite(value)) return undefined;
  const rest = text
    .slice(whole.length)
    .replace(/^\s*-\s*/, '')
    .trim();
  // "2 x 400 g tins", "half an onion".
  const each = /^(?:x|×)\s*(?=\d)/i.exec(rest)
    ? leading(rest.replace(/^(?:x|×)\s*/i, ''), spoons)
    : undefined;
  if (each) return { ...each, value: value * each.value };
  const plus = new RegExp(
    `^([a-zß-ɏ.]+)\\s+(?:plus|\\+|más)\\s+(${NUMBER}\\s*[a-zß-ɏ.]+\\s.*)$`,
    'i',
  ).exec(rest);
  const more = plus ? leading(plus[2] ?? '', spoons) : undefined;
  const first = plus ? unitOf(plus[1] ?? '', spoons) : undefined;
  if (first && more?.unit) return added({ value, unit: first }, more);
  return withUnit(value, rest.replace(/^(?:an?|of an?)\s+/i, ''), spoons);
}

/** "½ cup plus 2 tbsp": one amount, in millilitres or grams. */
function added(first: { value: number; unit: string }, more: Amount): Amount {
  const [a, b] = [weigh({ ...first, rest: '', guessed: false }), weigh(more)];
  if (a.ml !== undefined && b.ml !== undefined) return { ...more, value: a.ml + b.ml, unit: 'ml' };
  if (a.grams !== undefined && b.grams !== undefined)
    return { ...more, value: a.grams + b.grams, unit: 'g' };
  return { ...more, value: first.value, unit: first.unit };
}

/** What follows the number: a unit, a piece, or the name itself. */
function withUnit(value: number, rest: string, spoons: SpoonSystem): Amount {
  const of = (text: string) => text.replace(/^(?:of|de(?: la| los| las)?|del)\s+/i, '').trim();
  // "500 g / 1 lb", "1 lb 4 oz".
  const second = new RegExp(
    `^([a-zß-ɏ.]+)\\s*(?:/|\\+|plus|más|and)?\\s*(${NUMBER})\\s*([a-zß-ɏ.]+)\\s+(.*)$`,
    'i',
  ).exec(rest);
  const firstUnit = unitOf(rest.split(/[\s/]/)[0] ?? '', spoons);
  if (second && firstUnit && unitOf(second[3] ?? '', spoons)) {
    const other = unitOf(second[3] ?? '', spoons) ?? '';
    const adds = firstUnit === 'lb' && other === 'oz' && !/^[\p{L}.]+\s*\//u.test(rest);
    const grams = adds
      ? value * (GRAMS_PER.lb ?? 0) + numberIn(second[2] ?? '') * (GRAMS_PER.oz ?? 0)
      : undefined;
    if (grams !== undefined)
      return { value: grams, unit: 'g', rest: of(second[4] ?? ''), guessed: false };
    if (/^[\p{L}.]+\s*\//u.test(rest)) {
      const behind = (second[4] ?? '').replace(
        new RegExp(`^${NUMBER}\\s*(?:oz|ounces?)\\s+`, 'i'),
        '',
      );
      return { value, unit: firstUnit, rest: of(behind), guessed: false };
    }
  }
  const words = rest.split(/\s+/);
  const start = words[0] !== undefined && SIZES.test(words[0]) && words.length > 2 ? 1 : 0;
  for (const length of [2, 1]) {
    const unit = unitOf(words.slice(start, start + length).join(' '), spoons);
    if (unit)
      return { value, unit, rest: of(words.slice(start + length).join(' ')), guessed: false };
  }
  const first = words[0] ?? '';
  if (PIECES.test(first) && words.length > 1 && !isOnlyWeight(words.slice(1).join(' '))) {
    const piece = first.toLowerCase();
    const size = SIZES.test(piece);
    return {
      value,
      unit: size ? undefined : piece,
      rest: of(words.slice(1).join(' ')),
      guessed: false,
    };
  }
  return { value, rest: of(rest), guessed: false };
}

function unitOf(word: string, spoons: SpoonSystem): string | undefined {
  const bare = word.replace(/,$/, '');
  if (bare === '') return undefined;
  const spelt = UNIT_WORDS.find(([pattern]) => pattern.test(bare))?.[1];
  const found = findUnit(spelt ?? bare, spoons);
  return found && found.dimension !== 'time' ? found.unit : undefined;
}

/** "Salt: 10 g", "Pork shoulder – 2 kg", "Olive oil 30 ml". */
function trailing(text: string, spoons: SpoonSystem): Amount | undefined {
  const match = new RegExp(
    `^(.+?)\\s*(?:[:–—-]|\\.{2,}|,|\\s)\\s*(${NUMBER})\\s*([a-zß-ɏ.]+)?\\s*$`,
    'i',
  ).exec(text);
  const [, name = '', number = '', word] = match ?? [];
  if (!match) return undefined;
  const unit = word === undefined ? undefined : unitOf(word, spoons);
  const isDigits = /\d|[¼-¾]/.test(number);
  if (!isDigits || (word !== undefined && unit === undefined && !PIECES.test(word)))
    return undefined;
  return { value: numberIn(number), unit: unit ?? word?.toLowerCase(), rest: name, guessed: false };
}

/** "2 fat duck breasts", "a nice chicken": no more than praise. */
const PRAISED =
  /^(?:nice|lovely|decent|good-sized|plump|meaty|big|fat(?= (?:duck|chicken|goose|pork|lamb|beef|scallop|prawn|chop|leek|salmon|cod)))\s+(?=[a-zß-ɏ]{3,})/i;

/** The name, and what is done to it: after the first comma, or a word that says so. */
function nameOf(text: string): { name: string; preparation?: string | undefined } {
  const clean = text
    .replace(TO_TASTE, '')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^(?:some|unos|unas|algo de)\s+/i, '')
    .replace(PRAISED, '')
    .replace(
      /^(?:cans?|tins?|jars?|packets?|packs?|cartons?|latas?|botes?)\s+(?:of\s+|de\s+)?(?=[a-zß-ɏ])/i,
      '',
    );
  const [head = '', ...tail] = clean.split(/\s*[,;]\s+|\s+[–—-]\s+/);
  // "freshly ground black pepper", "finely chopped parsley": what is done first is kept in the name.
  const split =
    /^(.*?)\s+((?:muy |bien )?(?:picad|pelad|cortad|rallad|machacad|troced|molid)[oa]s?\b.*|(?:finely |roughly |thinly |coarsely )?(?:quartered|smashed|chopped|minced|diced|sliced|crushed|grated|halved|peeled|cubed)|cut into .*|at room temperature.*|plus (?:more|extra).*)$/i.exec(
      head,
    );
  // "carne picada de cerdo", "pan rallado": known only as a whole.
  const called =
    split?.[2] !== undefined && /^(?:muy |bien )?(?:picad|rallad|molid)/i.test(split[2]);
  if (called && isKnownWhole(head, split[1] ?? ''))
    return { name: head, preparation: tail.length > 0 ? tail.join(', ') : undefined };
  const name = (split?.[1] ?? head).replace(/[.,:;*]+$/, '').trim();
  const preparation = [split?.[2], ...tail]
    .filter((part) => part !== undefined && part !== '')
    .join(', ');
  return { name, preparation: preparation === '' ? undefined : preparation };
}

/** Whether more is known of the whole than of what stands before the participle. */
function isKnownWhole(whole: string, head: string): boolean {
  const [all, part] = [
    cutNamed(whole) ?? ingredientNamed(whole),
    cutNamed(head) ?? ingredientNamed(head),
  ];
  return all !== undefined && all.id !== part?.id;
}
