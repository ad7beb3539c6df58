import { readRecipe, recipeJson, showMinutes } from '@zemrin/core';
import { InputError, readWith, type Outcome } from './io.ts';

/** `read RECIPE`: a text, a saved page or JSON-LD as a dish, and what of it was not understood. */
export function readCommand(file: string): Outcome {
  const json = recipeJson(readWith(file, (text) => readOrSay(file, text)));
  const times = (least?: number, most?: number) => {
    const said = [least, most].filter((one) => one !== undefined).map((one) => showMinutes(one));
    return [...new Set(said)].join(' to ');
  };
  const text = [
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
  return { json, text, exit: 0 };
}

function readOrSay(file: string, text: string): ReturnType<typeof readRecipe> {
  try {
    return readRecipe(text);
  } catch (error) {
    if (error instanceof RangeError) {
      throw new InputError(file, 'holds no text', 'Put a recipe in it: its ingredients and steps.');
    }
    throw error;
  }
}
