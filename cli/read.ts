import { readRecipes, recipeJson, showMinutes, type RecipeJson } from '@zemrin/core';
import { InputError, readWith, type Outcome } from './io.ts';

/** `read RECIPE`: a text, a saved page or JSON-LD as a dish, and what of it was not understood. */
export function readCommand(file: string): Outcome {
  const recipes = readWith(file, (text) => readOrSay(file, text));
  const [first, ...others] = recipes.map(recipeJson);
  const json = first && (others.length > 0 ? { ...first, others } : first);
  // One dish needs no heading.
  const text = recipes
    .map((one) => `${others.length > 0 ? `${one.title ?? ''}\n` : ''}${printed(recipeJson(one))}`)
    .join('\n\n');
  return { json, text, exit: 0 };
}

function printed(json: RecipeJson): string {
  const times = (least?: number, most?: number) => {
    const said = [least, most].filter((one) => one !== undefined).map((one) => showMinutes(one));
    return [...new Set(said)].join(' to ');
  };
  return [
    ...json.ingredients.map(({ name, grams, ml, count, unit, mixture }) => {
      const amount =
        grams !== undefined
          ? `${Math.round(grams)} g`
          : ml !== undefined
            ? `${ml} ml`
            : `${count ?? ''} ${unit ?? ''}`.trim();
      return `  ${name}: ${amount || 'to taste'}${mixture === undefined ? '' : ` (${mixture})`}`;
    }),
    ...json.outline.map(({ verb, leastMin, likelyMin, mostMin, tempC, untilC, place }, i) =>
      [
        `${i + 1}. ${verb}`,
        times(leastMin ?? likelyMin, mostMin),
        tempC === undefined ? '' : `at ${Math.round(tempC)} °C`,
        untilC === undefined ? '' : `until ${Math.round(untilC)} °C inside`,
        place ?? '',
      ]
        .filter((part) => part !== '')
        .join(', '),
    ),
    ...json.unread.map((line) => `? ${line}`),
  ].join('\n');
}

function readOrSay(file: string, text: string): ReturnType<typeof readRecipes> {
  try {
    return readRecipes(text);
  } catch (error) {
    if (error instanceof RangeError) {
      throw new InputError(file, 'holds no text', 'Put a recipe in it: its ingredients and steps.');
    }
    throw error;
  }
}
