import type { RawLine, RawRecipe } from './raw-recipe.ts';
import { plainText } from './html.ts';

type Data = Readonly<Record<string, unknown>>;

function isData(value: unknown): value is Data {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function list(value: unknown): unknown[] {
  return value === undefined || value === null ? [] : Array.isArray(value) ? value : [value];
}

function isA(data: Data, type: string): boolean {
  return list(data['@type'] ?? data.type).some(
    (one) => typeof one === 'string' && one.replace(/^.*[/#:]/, '') === type,
  );
}

/** Every schema.org Recipe anywhere in a JSON-LD document. */
export function recipesIn(value: unknown, depth = 0): Data[] {
  if (depth > 8) return [];
  if (Array.isArray(value)) return value.flatMap((one) => recipesIn(one, depth + 1));
  if (!isData(value)) return [];
  if (isA(value, 'Recipe')) return [value];
  return Object.values(value).flatMap((one) => recipesIn(one, depth + 1));
}

/** The lines of a schema.org Recipe. Markup in its strings is text, and never run. */
export function recipeOfJsonLd(recipe: Data): RawRecipe {
  const text = (value: unknown): string | undefined => {
    const [first] = list(value);
    if (typeof first === 'string') return plainText(first);
    if (typeof first === 'number') return String(first);
    if (isData(first)) return text(first.text ?? first.name ?? first.value);
    return undefined;
  };
  return {
    title: text(recipe.name),
    yieldText: text(recipe.recipeYield ?? recipe.yield),
    ingredients: list(recipe.recipeIngredient ?? recipe.ingredients ?? recipe.supply).flatMap(
      (one) => linesOf(text(one)),
    ),
    method: list(recipe.recipeInstructions ?? recipe.step).flatMap((one) => methodOf(one)),
    other: [],
  };
}

function linesOf(text: string | undefined, group?: string): RawLine[] {
  return (text ?? '')
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => ({ text: line, group }));
}

/** A string, a step, or a section of steps. */
function methodOf(value: unknown, group?: string): RawLine[] {
  if (typeof value === 'string') return linesOf(plainText(value), group);
  if (!isData(value)) return [];
  const steps = list(value.itemListElement ?? value.steps);
  const name = typeof value.name === 'string' ? plainText(value.name) : undefined;
  if (steps.length > 0) return steps.flatMap((step) => methodOf(step, name ?? group));
  const own = typeof value.text === 'string' ? plainText(value.text) : (name ?? '');
  return linesOf(own, group);
}
