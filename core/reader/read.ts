import { CUTS, isMince, type Animal } from '../pantry/index.ts';
import { cutOf } from './cut-of.ts';
import type { SpoonSystem } from '../quantity/index.ts';
import { newContext, type ReadAct } from './context.ts';
import { noteListed, noteSoak } from './soaks.ts';
import { sentencesOf } from './sentences.ts';
import { readListedSoaks } from './soaked-in-list.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { readIngredientLines } from './ingredient-lines.ts';
import { inlineIngredients } from './inline.ts';
import { portionsIn } from './portions.ts';
import type { RawRecipe } from './raw-recipe.ts';
import { lineOf, type ReadLine } from './read-line.ts';
import { readMethodSentence } from './method-sentence.ts';
import { recipeTexts } from './several.ts';
import { rawRecipe, tidied } from './source.ts';
import { readEntry } from './timetable-entry.ts';
import { timetableOf, type TimetableLine } from './timetable.ts';
import { weightInName } from './weight-in-name.ts';
import { languageOf, placeIn, type Language } from './verbs.ts';

export interface ReadRecipe {
  readonly title?: string | undefined;
  readonly language: Language;
  /** Bare degrees in it are °F. */
  readonly fahrenheit: boolean;
  readonly portions?: number | undefined;
  readonly ingredients: readonly ReadIngredient[];
  readonly acts: readonly ReadAct[];
  readonly lines: readonly ReadLine[];
  /** Every line, or sentence of one, that was not understood. */
  readonly unread: readonly string[];
}

/**
 * Reads a recipe: plain text, Markdown, a saved page, or JSON-LD; in English or Spanish, metric
 * or US. What is not understood is kept beside, never dropped.
 *
 * @param rather sentences of the method to be read in their other way (`ReadLine.sentence`)
 * @throws RangeError when there is nothing to read
 */
export function readRecipe(
  input: string,
  spoons: SpoonSystem = 'us',
  rather: ReadonlySet<number> = new Set(),
): ReadRecipe {
  return toItsEnd(readingOne(input, spoons, rather));
}

/** Every recipe of a paste, in its order. @throws RangeError when there is nothing to read */
export function readRecipes(
  input: string,
  spoons: SpoonSystem = 'us',
  rather: ReadonlyMap<number, ReadonlySet<number>> = new Map(),
): ReadRecipe[] {
  return toItsEnd(reading(input, spoons, rather));
}

/**
 * `readRecipes` bit by bit, for a long paste: yields how much is read, 0 to 1, and may be left off
 * at any yield.
 *
 * @throws RangeError when there is nothing to read
 */
export function* reading(
  input: string,
  spoons: SpoonSystem = 'us',
  rather: ReadonlyMap<number, ReadonlySet<number>> = new Map(),
): Generator<number, ReadRecipe[]> {
  const texts = recipeTexts(input);
  const all = texts.reduce((sum, { length }) => sum + length, 0);
  const read: ReadRecipe[] = [];
  let before = 0;
  for (const [i, text] of texts.entries()) {
    const work = readingOne(text, spoons, rather.get(i) ?? new Set());
    for (let next = work.next(); ; next = work.next()) {
      if (next.done === true) {
        read.push(next.value);
        break;
      }
      yield (before + next.value * text.length) / all;
    }
    before += text.length;
    yield before / all;
  }
  return read;
}

function toItsEnd<T>(work: Generator<number, T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done === true) return value;
  }
}

function* readingOne(
  input: string,
  spoons: SpoonSystem,
  rather: ReadonlySet<number>,
): Generator<number, ReadRecipe> {
  const raw = rawRecipe(input);
  const whole =
    [...raw.ingredients, ...raw.method].map(({ text }) => text).join('\n') || raw.other.join('\n');
  const language = languageOf(whole);
  const fahrenheit = language === 'en' && !/°\s*C|℃|\d\s*C\b/.test(whole) && !isMetric(whole);
  const lines: ReadLine[] = [];
  if (raw.title !== undefined) lines.push(lineOf(raw.title, 'title'));
  if (raw.yieldText !== undefined) lines.push(lineOf(raw.yieldText, 'fact'));
  for (const text of raw.facts ?? []) lines.push(lineOf(text, 'fact'));
  const ingredients = readIngredients(raw, language, spoons, lines);
  const acts = yield* readMethod(raw, { ingredients, language, fahrenheit, whole, rather }, lines);
  const title = raw.title ?? titleOf(lines);
  for (const text of raw.other) lines.push(lineOf(text, 'unread'));
  return {
    title: title?.replace(SERVES, ''),
    language,
    fahrenheit,
    portions: portionsIn(raw.yieldText ?? SERVES.exec(title ?? '')?.[0] ?? ''),
    ingredients,
    acts,
    lines: inOrder(lines, tidied(input)),
    unread: lines.filter(({ part, lost }) => part === 'unread' || lost).map(({ text }) => text),
  };
}

/** A first sentence of a few words in which nothing is done is what the dish is called. */
function titleOf(lines: ReadLine[]): string | undefined {
  const at = lines.findIndex(({ part }) => part === 'method' || part === 'unread');
  const line = lines[at];
  const said = line?.text ?? '';
  if (!line || line.acts.length > 0 || said.split(/\s+/).length > 7 || /\d/u.test(said))
    return undefined;
  lines[at] = { ...line, part: 'title' };
  return line.text.replace(/[.:]$/, '');
}

/** The lines as they stand on the page; what a page hides in data comes as it was read. */
function inOrder(lines: readonly ReadLine[], input: string): ReadLine[] {
  if (/^\s*[{[<]/.test(input)) return [...lines];
  const at = lines.map(({ text }) => input.indexOf(text));
  const order = lines.map((_line, i) => i).sort((a, b) => (at[a] ?? 0) - (at[b] ?? 0) || a - b);
  return order.flatMap((i) => lines[i] ?? []);
}

/** "… – serves 4", behind a title. */
const SERVES = /\s*[-–—,(]\s*(?:serves|makes|for|para)\s+\d+\)?\s*$/i;

function readIngredients(
  raw: RawRecipe,
  language: Language,
  spoons: SpoonSystem,
  lines: ReadLine[],
): ReadIngredient[] {
  // Spanish spoons and cups are metric.
  const system = language === 'es' && spoons === 'us' ? 'metric' : spoons;
  const found: ReadIngredient[] = [];
  for (const { text, group } of raw.ingredients) {
    const read = readIngredientLines(text, system, group);
    const [first] = read;
    if (!first) {
      lines.push(lineOf(text, 'unread'));
      continue;
    }
    lines.push(
      lineOf(text, 'ingredient', {
        ingredient: found.length,
        guessed: first.guessed,
        lit: [[0, text.length]],
      }),
    );
    found.push(...read);
  }
  if (found.length > 0) return withCutOf(raw.title ?? '', found);
  const told = raw.method
    .flatMap(({ text }) => sentencesOf(text))
    .flatMap((sentence) => inlineIngredients(sentence, system));
  // "Rib of beef. Bring the 3 kg rib to room temperature".
  const cut = cutOf(raw.title ?? '', raw.title ?? '');
  const at = told.some((one) => one.cut !== undefined)
    ? -1
    : told.findIndex(({ name, grams = 0 }) => A_PIECE.test(name) && grams >= LEAST_PIECE_G);
  return told.map((one, i) => (cut && i === at ? { ...one, cut: cut.id } : one));
}

/** What a piece is called once the title has said of what. */
const A_PIECE =
  /^(?:rib|joint|leg|shoulder|loin|breast|bird|piece|roast|fillet|belly|neck|crown|pieza|pierna|paletilla)s?(?![a-zß-ɏ])/i;

/**
 * "Sunday rib of beef", of "a 3 kg joint": where no ingredient is a cut, the first one that nobody
 * knows and that is counted or weighed like a piece of meat is what the title names.
 */
function withCutOf(title: string, found: readonly ReadIngredient[]): ReadIngredient[] {
  const cut = cutOf(title, title);
  const isIt = (one: ReadIngredient) =>
    one.ingredient === undefined &&
    !one.unmeasured &&
    (one.grams ?? (one.count === undefined ? 0 : Infinity)) >= LEAST_PIECE_G;
  const at = found.some((one) => one.cut !== undefined) ? -1 : found.findIndex(isIt);
  return found.map((one, i) => (cut && i === at ? { ...one, cut: cut.id, guessed: true } : one));
}

/** Less is seldom what a dish is called after. Our own line, no source. */
const LEAST_PIECE_G = 200;

/** What a method is read with. */
interface MethodOf {
  readonly ingredients: readonly ReadIngredient[];
  readonly language: Language;
  readonly fahrenheit: boolean;
  readonly whole: string;
  readonly rather: ReadonlySet<number>;
}

function* readMethod(
  raw: RawRecipe,
  { ingredients, language, fahrenheit, whole, rather }: MethodOf,
  lines: ReadLine[],
): Generator<number, ReadAct[]> {
  const context = newContext({
    language,
    fahrenheit,
    dough: isDough(ingredients, whole),
    hasMeat:
      ingredients.some(({ cut }) => cut !== undefined) || MEAT.test(`${raw.title ?? ''}\n${whole}`),
    redMeat: ingredients.some(({ cut }) => RED.has(CUTS.get(cut ?? '')?.animal ?? 'none')),
    minced: isOfMince(ingredients),
    weightG: heaviestG(ingredients) ?? weightInName(raw.title ?? '')?.grams,
  });
  noteSoak(raw.title ?? '', context);
  const titled = placeIn(raw.title ?? '');
  if (titled === 'slow-cooker') context.slowCooker = true;
  if (titled === 'grill' || titled === 'smoker') context.place = titled;
  const acts: ReadAct[] = [];
  const told = raw.method.map(({ text }) => text);
  readListedSoaks(ingredients, told, context, acts, lines);
  const timetable = timetableOf(raw.method, language);
  const sentences = raw.method.flatMap(
    ({ text, group, dayBefore = false }, line): TimedSentence[] => {
      const entry = timetable?.[line];
      if (entry && entry.asRead !== text)
        return [{ sentence: entry.asRead, group, dayBefore, line, entry }];
      return sentencesOf(text).map((sentence, i) => ({
        sentence,
        group,
        dayBefore,
        line,
        entry: i === 0 ? entry : undefined,
      }));
    },
  );
  noteListed(
    raw.ingredients.map(({ group }) => group),
    context,
  );
  const lastSoak = sentences.findLastIndex(
    ({ sentence }) =>
      SOAKS.test(sentence) ||
      (context.soak === 'brine' && /submerge|immerse|sumerg/i.test(sentence)),
  );
  let turnedAt: { readonly line: number; readonly act: number } | undefined;
  for (const [i, one] of sentences.entries()) {
    const [was, before] = [context.turned, acts.length];
    context.soakAhead = i < lastSoak;
    const listed = raw.ingredients.length === 0 && inlineIngredients(one.sentence, 'us').length > 0;
    const sentence = { ...one, at: i, rather: rather.has(i), listed };
    if (one.entry) readEntry(one.entry, sentence, context, acts, lines);
    else readMethodSentence(sentence, context, acts, lines);
    if (context.turned && !was && !one.entry) turnedAt = { line: lines.length - 1, act: before };
    if (i % AT_ONCE === AT_ONCE - 1) yield (i + 1) / sentences.length;
  }
  // An oven was set to something else, and no step was in it then: that heat is nobody's.
  const last = turnedAt && lines[turnedAt.line];
  const used = acts.slice(turnedAt?.act).some(({ tempC }) => tempC === context.ovenC);
  if (turnedAt && last && context.turned && !used) lines[turnedAt.line] = { ...last, lost: true };
  return acts;
}

/** A sentence of the method, and the line of a timetable it stands for. */
interface TimedSentence {
  readonly sentence: string;
  readonly group?: string | undefined;
  readonly dayBefore: boolean;
  readonly line: number;
  readonly entry?: TimetableLine | undefined;
}

/** Sentences between two looks at whether to go on. */
const AT_ONCE = 20;

const RED: ReadonlySet<Animal> = new Set(['beef', 'lamb', 'game']);
const SOAKS = /marinat|marinar|\bbrine\b|salmuera|adobo/i;
const MEAT =
  /\b(?:meat|chicken|pork|beef|lamb|goat|kid|steak|ribs?|brisket|turkey|duck|goose|veal|mutton|venison|rabbit|gammon|ham|hock|bacon|belly|shanks?|chops?|sausages?|fish|salmon|trout|cod|hake|prawns?|carne|pollo|cerdo|ternera|cordero|pescado|pavo|pato|conejo|costillas?|jam[oó]n|merluza|bacalao|lomo|chuck|shin|neck|loin|racks?(?= of)|cheeks?|rump|sirloin|oxtail|mince|drumsticks|thighs|wings|solomillo|paleta|paletilla|pierna|codillo|carrilleras?|pechugas?|muslos|alitas|at[uú]n|salm[oó]n|trucha|dorada|lubina)\b/i;

function isDough(ingredients: readonly ReadIngredient[], whole: string): boolean {
  return (
    ingredients.some(({ name }) =>
      /yeast|levadura|sourdough culture|\b(?:starter|levain)$|masa madre/i.test(name),
    ) ||
    /\b(?:dough|masa|banneton|autolyse)\b/i.test(whole) ||
    (ingredients.some(({ name }) => BREAD_FLOUR.test(name)) && RAISED.test(whole))
  );
}

/** A flour for bread, and what is done with one. */
const BREAD_FLOUR = /(?<![a-zß-ɏ])(?:strong|bread|harina de (?:fuerza|trigo|pan))(?![a-zß-ɏ])/i;
const RAISED =
  /(?<![a-zß-ɏ])(?:knead|prov(?:e|ing)|proof|ferment|amas(?:a|e|ar|amos)|lev(?:a|ar|ado)|fermentaci[oó]n)(?![a-zß-ɏ])/i;

/** All the meat in it is minced. */
function isOfMince(ingredients: readonly ReadIngredient[]): boolean {
  const meat = ingredients.flatMap(({ cut }) => {
    const known = CUTS.get(cut ?? '');
    return known && known.animal !== 'none' ? [known] : [];
  });
  return meat.length > 0 && meat.every(isMince);
}

function heaviestG(ingredients: readonly ReadIngredient[]): number | undefined {
  const weights = ingredients.flatMap(({ cut, grams, name }) =>
    grams !== undefined && (cut !== undefined || MEAT.test(name)) ? [grams] : [],
  );
  return weights.length > 0 ? Math.max(...weights) : undefined;
}

/** Grams and litres, and nothing by the pound or the cup: degrees are then those of the rest of the world. */
function isMetric(text: string): boolean {
  const metric = text.match(/\d\s?(?:g|kg|ml|litres?|l)(?![\p{L}\d])/gu)?.length ?? 0;
  return (
    metric > 0 && !/(?<!\p{L})(?:lbs?|pounds?|oz|ounces?|cups?|quarts?|F)(?!\p{L})/u.test(text)
  );
}
