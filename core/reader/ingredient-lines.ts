import type { SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { TO_TASTE } from './ingredient-words.ts';
import { ingredientNamed } from './known-foods.ts';

/**
 * The ingredients of a line: mostly one. "1 tsp each cumin and paprika" are two, and so are
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

const EACH = /^(.*?\d.*?|an?\s+\S+)\s+each(?:\s+of)?:?\s+(.+)$/iu;
const LIST = /\s*,\s*(?:and\s+|y\s+)?|\s+(?:and|&|y)\s+/iu;
