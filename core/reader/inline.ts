import { findUnit, type SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { NUMBER } from './numbers.ts';

const AMOUNT = new RegExp(
  `(${NUMBER})\\s*(?:-|–)?\\s*([\\p{L}]+)\\.?\\s+(?:of |de )?([\\p{L}][\\p{L}'’ -]{2,40}?)(?=\\s*(?:[,.;:()]|$|\\s(?:and|with|in|into|over|y|con|en|for|to|until|plus|then)\\s))`,
  'giu',
);

/** "Leg of lamb, about 2.3 kg": a sentence that is a food and its weight. */
const WEIGHED = new RegExp(
  `^\\s*(?:an? |the |un |una |el |la )?(?<name>[\\p{L}][\\p{L}'’ -]{2,40}?),?\\s+(?<amount>(?:about |around |roughly |weighing |of |unos |de )*${NUMBER}\\s?(?:kg|kilos?|g|lbs?|pounds?))(?: or so)?\\s*[.,;:]?\\s*$`,
  'iu',
);

/** Amounts inside the sentences of a recipe that has no list: "whisk 100 ml soy sauce with…". */
export function inlineIngredients(text: string, spoons: SpoonSystem): ReadIngredient[] {
  const { name, amount } = WEIGHED.exec(text)?.groups ?? {};
  const whole = name && amount ? readIngredientLine(`${amount} ${name}`, spoons) : undefined;
  if (whole?.cut !== undefined) return [whole];
  return [...text.matchAll(AMOUNT)].flatMap((match) => {
    const unit = findUnit(match[2] ?? '', spoons);
    const known = unit
      ? unit.dimension !== 'time'
      : /^(?:cloves?|dientes?|cucharad\w*|tazas?|sprigs?)$/iu.test(match[2] ?? '');
    const read = known ? readIngredientLine(match[0], spoons) : undefined;
    return read ? [read] : [];
  });
}
