import type { SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { TO_TASTE } from './ingredient-words.ts';
import { ingredientNamed } from './known-foods.ts';
import { NUMBER } from './numbers.ts';

/**
 * The ingredients of a line: mostly one. "10 g salt, 7 g yeast" are two; "1 tsp each cumin and paprika" are two, and so are
 * "salt and pepper", "bay leaf, thyme" where no amount is written.
 */
export function readIngredientLines(
  line: string,
  spoons: SpoonSystem,
  mixture?: string,
): ReadIngredient[] {
  const each = EACH.exec(line);
  if (each) {
    const [, amount = '', names = ''] = each;
    const parts = names.split(LIST).filter((part) => part.trim() !== '');
    if (parts.length > 1)
      return parts.flatMap((part) => {
        const one = readIngredientLine(`${amount} ${part}`, spoons, mixture);
        return one ? [{ ...one, line }] : [];
      });
  }
  const several = severalIn(line, spoons, mixture);
  if (several) return several;
  const read = readIngredientLine(line, spoons, mixture);
  if (!read) return [];
  if (!read.unmeasured || read.cut !== undefined) return [read];
  const parts = line
    .replace(TO_TASTE, '')
    .split(LIST)
    .map((part) => part.trim());
  const known = parts.map((part) =>
    part.split(/\s+/).length <= 4 && ingredientNamed(part)
      ? readIngredientLine(part, spoons, mixture)
      : undefined,
  );
  const all = known.flatMap((one) => (one ? [{ ...one, line }] : []));
  return parts.length > 1 && all.length === parts.length ? all : [read];
}

/**
 * "10 g salt, 7 g yeast", "1 cup milk and 2 tbsp sugar", "2 carrots, 1 onion, peppercorns": one each.
 * Undefined where what follows the first amount is no food the kitchen knows.
 */
function severalIn(
  line: string,
  spoons: SpoonSystem,
  mixture: string | undefined,
): ReadIngredient[] | undefined {
  const readAll = (parts: readonly string[]) =>
    parts.flatMap((part) => readIngredientLine(part, spoons, mixture) ?? []);
  for (const at of [ITEM_OR_AND, ITEM]) {
    const parts = partsOf(line, at);
    const items = readAll(parts);
    const isList = at === ITEM ? items.slice(1).some(isKnown) : items.every(isKnown);
    if (parts.length < 2 || items.length < parts.length || !isList) continue;
    return items.flatMap((one) => withNamedBehind(one, readAll)).map((one) => ({ ...one, line }));
  }
  return undefined;
}

function isKnown({ ingredient, cut }: ReadIngredient): boolean {
  return ingredient !== undefined || cut !== undefined;
}

/** "1 onion, peppercorns", of a line of several: what is named behind is no way to cut an onion. */
function withNamedBehind(
  one: ReadIngredient,
  readAll: (parts: readonly string[]) => ReadIngredient[],
): ReadIngredient[] {
  const behind = one.preparation?.split(LIST).map((part) => part.trim()) ?? [];
  const named = behind.filter((part) => part.split(/\s+/).length <= 2 && ingredientNamed(part));
  if (named.length === 0 || named.length < behind.length) return [one];
  return [{ ...one, preparation: undefined }, ...readAll(named)];
}

/** A line cut where another amount begins, outside of its brackets. */
function partsOf(line: string, at: RegExp): string[] {
  const isOpen = (text: string) => text.split('(').length > text.split(')').length;
  return line.split(at).reduce<string[]>((parts, part) => {
    const last = parts.at(-1);
    if (last !== undefined && isOpen(last)) parts[parts.length - 1] = `${last}, ${part}`;
    else parts.push(part);
    return parts;
  }, []);
}

/** An amount with a name behind, that is no size or weight of what stands before. */
const AMOUNT_OF = `(?=${NUMBER}\\s*[a-zß-ɏ])(?!${NUMBER}\\s*(?:g|kg|ml|l|oz|lbs?|cm|mm|in|inch(?:es)?)?\\s*(?:each|apiece|per|of (?:them|which|it)|thick|long|wide|cubes?|pieces|slices|dice|chunks|cada|de grosor|trozos|dados)(?![a-zß-ɏ]))`;
const ITEM = new RegExp(`\\s*(?:,|;|\\s\\+)\\s*(?:and\\s+|y\\s+)?${AMOUNT_OF}`, 'i');
const ITEM_OR_AND = new RegExp(
  `\\s*(?:,|;|\\s\\+)\\s*(?:and\\s+|y\\s+)?${AMOUNT_OF}|\\s+(?:and|plus|y|m[aá]s)\\s+${AMOUNT_OF}`,
  'i',
);
const EACH = /^(.*?\d.*?|an?\s+\S+)\s+each(?:\s+of)?:?\s+(.+)$/i;
const LIST = /\s*,\s*(?:and\s+|y\s+)?|\s+(?:and|&|y)\s+/i;
