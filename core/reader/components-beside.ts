import { namesFood, type Food } from '../meal/index.ts';
import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import type { ReadIngredient } from './ingredient-line.ts';

/**
 * "Dough: mix, knead for 10 minutes …", "Beans: simmer for 90 minutes", of a dish of meat: the acts
 * in which another part of the dish is made, by their index, and which part. No meat is in them, and
 * none waits for them. None where the dish has no food but that part.
 */
export function componentsBeside(
  acts: readonly ReadAct[],
  foods: readonly Food[],
  ingredients: readonly ReadIngredient[],
): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  if (foods.length === 0) return found;
  for (const i of ofDough(acts)) found.set(i, 'dough');
  for (const line of new Set(acts.map((act) => act.line))) {
    const own = acts.flatMap((act, i) => (act.line === line ? [{ act, i }] : []));
    const label = labelOf(own[0]?.act.text ?? '');
    if (label === undefined || !isComponent(label, foods, ingredients)) continue;
    const meets = own.findIndex(({ act }) => foods.some((food) => namesFood({}, food, act.text)));
    for (const { i } of meets === -1 ? own : own.slice(0, meets)) found.set(i, label);
  }
  return found;
}

const LABEL =
  /^\s*(?:for (?:the )?|para (?:el |la |los |las )?|the )?([a-zß-ɏ][a-zß-ɏ ]{2,28}):\s/i;

function labelOf(text: string): string | undefined {
  return LABEL.exec(text)?.[1]?.toLowerCase().trim();
}

function isComponent(
  label: string,
  foods: readonly Food[],
  ingredients: readonly ReadIngredient[],
): boolean {
  if (PART.test(label) || foods.some((food) => namesFood({}, food, label))) return false;
  // Whole words: "on the day" is no onion, and "to finish" no tomato.
  const words = wordsOf(label);
  const listed = ingredients.some(
    ({ cut, name }) => cut === undefined && wordsOf(name).some((word) => words.includes(word)),
  );
  return listed || SIDE.test(label);
}

function wordsOf(text: string): string[] {
  const words = text.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
  return words.map((word) => word.replace(/e?s$/u, ''));
}

/** What goes on or into the food, or is made of its juices: no part of its own. */
const PART =
  /(?<![a-zß-ɏ])(?:marinad|brine|cure|rub|glaze|paste|spice|stuff|fill|coat|batter|crumb|topping|pastry|crust|sauce|gravy|jus|stock|dressing|salmuera|adobo|relleno|salsa|caldo|glaseado)/i;
const SIDE =
  /(?<![a-zß-ɏ])(?:rice|potato(?:es)?|mash|fondant|noodles|pasta|eggs?|beans|lentils|chickpeas|barley|polenta|couscous|vegetables|veg|carrots|salad|slaw|relish|pickles?|dough|flatbreads?|buns|tortillas|dumplings|yorkshires?|yorkies|arroz|patatas|pur[eé]|huevos|garbanzos|lentejas|verduras|ensalada|masa|fideos)(?![a-zß-ɏ])/i;

/** What is done to a dough, and never to meat. */
const OF_DOUGH: ReadonlySet<Verb> = new Set(['knead', 'rise', 'ferment']);
/** And what goes before it, or on with it, in the same breath. */
const BEGINS: ReadonlySet<Verb> = new Set(['mix', 'stir', 'knead', 'rise', 'ferment']);
const GOES_ON: ReadonlySet<Verb> = new Set([
  'mix',
  'knead',
  'rise',
  'ferment',
  'shape',
  'rest',
  'chill',
  'prepare',
]);

function ofDough(acts: readonly ReadAct[]): ReadonlySet<number> {
  const found = new Set<number>();
  const lines = new Set(acts.filter(({ verb }) => OF_DOUGH.has(verb)).map(({ line }) => line));
  for (const line of lines) {
    const own = acts.flatMap((act, i) => (act.line === line ? [{ ...act, i }] : []));
    const from = own.findIndex(({ verb }) => BEGINS.has(verb));
    const kneads = own.findIndex(({ verb }) => OF_DOUGH.has(verb));
    // Something else is done first: the line is of both.
    if (own.slice(0, kneads).some(({ verb }) => !GOES_ON.has(verb) && !BEGINS.has(verb))) continue;
    const shapes = own.slice(0, from).every(({ verb }) => verb === 'shape' || verb === 'prepare');
    const behind = own.slice(shapes && found.size > 0 ? 0 : from);
    const ends = behind.findIndex(({ verb }) => !GOES_ON.has(verb) && !BEGINS.has(verb));
    for (const { i } of ends === -1 ? behind : behind.slice(0, ends)) found.add(i);
  }
  return found;
}
