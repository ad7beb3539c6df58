import { findUnit, type SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { NUMBER } from './numbers.ts';

const AMOUNT = new RegExp(
  `(${NUMBER})\\s*(?:-|–)?\\s*([a-zß-ɏ]+)\\.?\\s+(?:of |de )?([a-zß-ɏ][a-zß-ɏ'’ -]{2,40}?)(?=\\s*(?:[,.;:()]|$|\\s(?:and|with|in|into|over|y|con|en|at|for|to|until|plus|then)\\s))`,
  'gi',
);

/** "Leg of lamb, about 2.3 kg": a sentence that is a food and its weight. */
const WEIGHED = new RegExp(
  `^\\s*(?:an? |the |un |una |el |la )?(?<name>[a-zß-ɏ][a-zß-ɏ'’ -]{2,40}?),?\\s+(?<amount>(?:about |around |roughly |weighing |of |unos |de )*${NUMBER}\\s?(?:kg|kilos?|g|lbs?|pounds?))(?: or so)?\\s*[.,;:]?\\s*$`,
  'i',
);

/** "4 chicken thighs (about 600 g)", "six lamb shanks": pieces of meat that are counted. */
const COUNTED = new RegExp(
  `(?<![a-zß-ɏ\\d.,/-])(?<!(?:at|to|a|@|oven|gas|mark)\\s)(${NUMBER})\\s+((?:[a-zß-ɏ'’-]{2,20}\\s?){1,4})(\\([^()]{1,30}\\))?`,
  'gi',
);

/** Nobody counts more pieces of meat in a sentence. Our own line, no source. */
const MOST_COUNTED = 40;

function countedCuts(text: string, spoons: SpoonSystem): ReadIngredient[] {
  return [...text.matchAll(COUNTED)].flatMap(([, count = '', words = '', weight = '']) => {
    const [first = ''] = words.split(/\s/u);
    if (findUnit(first, spoons)) return [];
    const named =
      words.split(/\s+(?:and|with|in|into|over|at|for|to|until|y|con|en|a)\s/i)[0] ?? '';
    const read = readIngredientLine(`${count} ${named.trim()} ${weight}`.trim(), spoons);
    const pieces = read?.cut === undefined ? undefined : read.count;
    return read && pieces !== undefined && pieces <= MOST_COUNTED ? [read] : [];
  });
}

/** Amounts inside the sentences of a recipe that has no list: "whisk 100 ml soy sauce with…". */
export function inlineIngredients(text: string, spoons: SpoonSystem): ReadIngredient[] {
  const { name, amount } = WEIGHED.exec(text)?.groups ?? {};
  const whole = name && amount ? readIngredientLine(`${amount} ${name}`, spoons) : undefined;
  if (whole?.cut !== undefined) return [whole];
  const weighed = [...text.matchAll(AMOUNT)].flatMap((match) => {
    const unit = findUnit(match[2] ?? '', spoons);
    const known = unit
      ? unit.dimension !== 'time'
      : /^(?:cloves?|dientes?|cucharad\w*|tazas?|sprigs?)$/i.test(match[2] ?? '');
    const read = known ? readIngredientLine(match[0], spoons) : undefined;
    return read ? [read] : [];
  });
  const isNew = ({ cut }: ReadIngredient) => weighed.every((one) => one.cut !== cut);
  return [...countedCuts(text, spoons).filter(isNew), ...weighed];
}
