import { findUnit, type SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { NUMBER } from './numbers.ts';

const AMOUNT = new RegExp(
  `(${NUMBER})\\s*(?:-|–)?\\s*([\\p{L}]+)\\.?\\s+(?:of |de )?([\\p{L}][\\p{L}'’ -]{2,40}?)(?=\\s*(?:[,.;:()]|$|\\s(?:and|with|in|into|over|y|con|en|for|to|until|plus|then)\\s))`,
  'giu',
);

/** Amounts inside the sentences of a recipe that has no list: "whisk 100 ml soy sauce with…". */
export function inlineIngredients(text: string, spoons: SpoonSystem): ReadIngredient[] {
  return [...text.matchAll(AMOUNT)].flatMap((match) => {
    const unit = findUnit(match[2] ?? '', spoons);
    const known = unit
      ? unit.dimension !== 'time'
      : /^(?:cloves?|dientes?|cucharad\w*|tazas?|sprigs?)$/iu.test(match[2] ?? '');
    const read = known ? readIngredientLine(match[0], spoons) : undefined;
    return read ? [read] : [];
  });
}
