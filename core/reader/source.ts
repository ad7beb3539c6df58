import { parseDocument } from 'htmlparser2';
import { all, attribute, rawText, tag, textOf, type Node } from './html.ts';
import { recipeOfJsonLd, recipesIn } from './json-ld.ts';
import { uncolumned } from './columns.ts';
import { unwrapped } from './unwrap.ts';
import type { RawLine, RawRecipe } from './raw-recipe.ts';
import { sectionsOf } from './sections.ts';

/** @throws RangeError when there is nothing to read */
export function rawRecipe(input: string): RawRecipe {
  const text = tidied(input);
  if (text.trim() === '') throw new RangeError('There is nothing to read: paste a recipe first.');
  if (/^\s*[{[]/.test(text)) {
    const found = fromJson(text);
    if (found) return found;
  }
  if (/<(?:!doctype html|html|head|body|script|div|article|ul|ol|p|h[1-6])\b/i.test(text))
    return nestingOf(text) > DEEPEST ? sectionsOf(text.replace(TAG, '\n')) : fromHtml(text);
  return sectionsOf(text);
}

/** One kind of line end, and no runs of spaces: they say nothing, and take long to search. */
export function tidied(input: string): string {
  const text = input.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const inLines = text.length > LONGEST_PRINT ? text : unwrapped(uncolumned(text));
  return inLines.replace(/[^\S\n]{2,}/g, ' ');
}

/** Nobody photographs more; markup has lines of its own. */
const LONGEST_PRINT = 200_000;

const TAG = /<[^<>]*>/g;
/** Pages people save are nested less deeply; one that is more is read as its bare words. */
const DEEPEST = 300;

function nestingOf(html: string): number {
  let [depth, deepest] = [0, 0];
  for (const [one] of html.matchAll(TAG)) {
    if (one.startsWith('</')) depth--;
    else if (!one.endsWith('/>') && !VOID.test(one)) depth++;
    if (depth > deepest) deepest = depth;
  }
  return deepest;
}

const VOID = /^<(?:!|area|base|br|col|embed|hr|img|input|link|meta|source|track|wbr)/i;

function fromJson(text: string): RawRecipe | undefined {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return undefined;
  }
  const [recipe] = recipesIn(data);
  if (recipe) return recipeOfJsonLd(recipe);
  // JSON that is no recipe is kept, word for word.
  return {
    ingredients: [],
    method: [],
    other: text.split('\n').filter((line) => line.trim() !== ''),
  };
}

/** A saved page: its embedded recipe, else its marked-up properties, else its plain text. */
function fromHtml(html: string): RawRecipe {
  const { children } = parseDocument(html);
  const scripts = all(
    children,
    (node) => tag(node) === 'script' && /ld\+json/i.test(attribute(node, 'type')),
  );
  for (const script of scripts) {
    const found = fromJson(rawText(script));
    if (found && found.ingredients.length + found.method.length > 0) return found;
  }
  const marked = fromProperties(children);
  if (marked) return marked;
  return sectionsOf(textOf(children));
}

function fromProperties(nodes: readonly Node[]): RawRecipe | undefined {
  const scope = all(nodes, (node) => /schema\.org\/Recipe/i.test(attribute(node, 'itemtype')))[0];
  if (!scope) return undefined;
  const of = (...names: string[]) =>
    all([scope], (node) => names.includes(attribute(node, 'itemprop')))
      .map((node) => attribute(node, 'content') || textOf([node]).trim())
      .filter((one) => one !== '');
  const lines = (texts: string[]): RawLine[] =>
    texts
      .flatMap((text) => text.split('\n'))
      .flatMap((text) => (text.trim() === '' ? [] : [{ text: text.trim() }]));
  return {
    title: of('name')[0]?.split('\n')[0],
    yieldText: of('recipeYield', 'yield')[0],
    ingredients: lines(of('recipeIngredient', 'ingredients')),
    method: lines(of('recipeInstructions', 'instructions')),
    other: [],
  };
}
