import { CUT_NAMES } from './cut-names.ts';
import { CUTS, INGREDIENTS, type Animal, type Cut, type Ingredient } from '../pantry/index.ts';

/** What a name in a recipe stands for in the pantry: by its words, in English and Spanish. */

/** Names a recipe uses and the pantry does not, by whole words. Longest first wins. */
const CALLED: ReadonlyArray<readonly [string, string]> = [
  ['soy', 'soy-sauce'],
  ['salsa de soja', 'soy-sauce'],
  ['salsa de soya', 'soy-sauce'],
  ['extra virgin olive oil', 'olive-oil'],
  ['aceite de oliva', 'olive-oil'],
  ['vegetable oil', 'neutral-vegetable-oil'],
  ['sunflower oil', 'neutral-vegetable-oil'],
  ['canola oil', 'rapeseed-oil'],
  ['neutral oil', 'neutral-vegetable-oil'],
  ['aceite de girasol', 'neutral-vegetable-oil'],
  ['aceite', 'neutral-vegetable-oil'],
  ['oil', 'neutral-vegetable-oil'],
  ['sesame oil', 'sesame-oil-toasted'],
  ['garlic', 'garlic'],
  ['ajo', 'garlic'],
  ['ginger', 'ginger-grated'],
  ['jengibre', 'ginger-grated'],
  ['ground ginger', 'ginger-ground'],
  ['onion', 'onion-chopped'],
  ['cebolla', 'onion-chopped'],
  ['red onion', 'red-onion'],
  ['cebolla morada', 'red-onion'],
  ['spring onion', 'spring-onion'],
  ['scallion', 'spring-onion'],
  ['green onion', 'spring-onion'],
  ['salt', 'salt-fine-table'],
  ['sal', 'salt-fine-table'],
  ['sea salt', 'salt-fine-sea'],
  ['sal gruesa', 'salt-coarse-sea'],
  ['coarse salt', 'salt-coarse-sea'],
  ['curing salt', 'salt-curing'],
  ['pink curing salt', 'salt-curing'],
  ['cure 1', 'salt-curing'],
  ['sal de curado', 'salt-curing'],
  ['kosher salt', 'salt-coarse-flake'],
  ['black pepper', 'black-pepper-ground'],
  ['pepper', 'black-pepper-ground'],
  ['pimienta', 'black-pepper-ground'],
  ['pimienta negra', 'black-pepper-ground'],
  ['peppercorn', 'black-peppercorn'],
  ['sugar', 'granulated-sugar'],
  ['white sugar', 'granulated-sugar'],
  ['azúcar', 'granulated-sugar'],
  ['brown sugar', 'brown-sugar-packed'],
  ['azúcar moreno', 'brown-sugar-packed'],
  ['azúcar morena', 'brown-sugar-packed'],
  ['honey', 'honey'],
  ['miel', 'honey'],
  ['vinegar', 'white-vinegar'],
  ['vinagre', 'white-vinegar'],
  ['vinagre de vino', 'wine-vinegar'],
  ['red wine vinegar', 'wine-vinegar'],
  ['white wine vinegar', 'wine-vinegar'],
  ['apple cider vinegar', 'cider-vinegar'],
  ['vinagre de manzana', 'cider-vinegar'],
  ['vinagre de arroz', 'rice-vinegar'],
  ['wine', 'wine-dry'],
  ['red wine', 'wine-dry'],
  ['white wine', 'wine-dry'],
  ['vino tinto', 'wine-dry'],
  ['vino blanco', 'wine-dry'],
  ['vino', 'wine-dry'],
  ['sherry', 'sherry-dry'],
  ['water', 'water'],
  ['agua', 'water'],
  ['ice', 'ice'],
  ['hielo', 'ice'],
  ['stock', 'stock-ready-made'],
  ['broth', 'stock-ready-made'],
  ['caldo', 'stock-ready-made'],
  ['lemon juice', 'lemon-juice'],
  ['zumo de limón', 'lemon-juice'],
  ['jugo de limón', 'lemon-juice'],
  ['lime juice', 'lime-juice'],
  ['zumo de lima', 'lime-juice'],
  ['jugo de lima', 'lime-juice'],
  ['orange juice', 'orange-juice'],
  ['zumo de naranja', 'orange-juice'],
  ['jugo de naranja', 'orange-juice'],
  ['mustard', 'mustard-dijon-style'],
  ['dijon mustard', 'mustard-dijon-style'],
  ['wholegrain mustard', 'mustard-wholegrain'],
  ['mostaza', 'mustard-dijon-style'],
  ['butter', 'butter-unsalted'],
  ['mantequilla', 'butter-unsalted'],
  ['flour', 'all-purpose-flour-spooned'],
  ['plain flour', 'all-purpose-flour-spooned'],
  ['all-purpose flour', 'all-purpose-flour-spooned'],
  ['harina', 'all-purpose-flour-spooned'],
  ['bread flour', 'bread-flour'],
  ['harina de fuerza', 'bread-flour'],
  ['yeast', 'instant-yeast'],
  ['dried yeast', 'instant-yeast'],
  ['active dry yeast', 'active-dry-yeast'],
  ['active dried yeast', 'active-dry-yeast'],
  ['levadura', 'instant-yeast'],
  ['milk', 'whole-milk'],
  ['leche', 'whole-milk'],
  ['cream', 'cream-36'],
  ['double cream', 'cream-36'],
  ['nata', 'cream-36'],
  ['yoghurt', 'yoghurt-full-fat'],
  ['yogurt', 'yoghurt-full-fat'],
  ['yogur', 'yoghurt-full-fat'],
  ['buttermilk', 'buttermilk'],
  ['egg', 'egg-beaten'],
  ['huevo', 'egg-beaten'],
  ['paprika', 'paprika'],
  ['pimentón', 'paprika'],
  ['pimentón ahumado', 'smoked-paprika'],
  ['cumin', 'cumin-ground'],
  ['comino', 'cumin-ground'],
  ['coriander', 'coriander-ground'],
  ['cilantro', 'coriander-leaf'],
  ['oregano', 'oregano-dried'],
  ['orégano', 'oregano-dried'],
  ['thyme', 'thyme-sprig'],
  ['tomillo', 'thyme-sprig'],
  ['rosemary', 'rosemary-sprig'],
  ['romero', 'rosemary-sprig'],
  ['parsley', 'parsley-chopped'],
  ['perejil', 'parsley-chopped'],
  ['bay leaf', 'bay-leaf'],
  ['bay leaves', 'bay-leaf'],
  ['bay', 'bay-leaf'],
  ['laurel', 'bay-leaf'],
  ['cinnamon', 'cinnamon-ground'],
  ['canela', 'cinnamon-ground'],
  ['clove', 'clove-whole'],
  ['clavo', 'clove-whole'],
  ['nutmeg', 'nutmeg-ground'],
  ['nuez moscada', 'nutmeg-ground'],
  ['chilli', 'chilli-fresh'],
  ['chili', 'chilli-fresh'],
  ['chile', 'chilli-fresh'],
  ['guindilla', 'chilli-dried'],
  ['chilli flakes', 'chilli-flakes'],
  ['red pepper flakes', 'chilli-flakes'],
  ['chili powder', 'chilli-powder-blend'],
  ['tomato', 'tomato-fresh'],
  ['tomate', 'tomato-fresh'],
  ['tomato paste', 'tomato-paste'],
  ['tomato puree', 'tomato-paste'],
  ['canned tomatoes', 'canned-tomatoes-salted'],
  ['chopped tomatoes', 'canned-tomatoes-salted'],
  ['tomate triturado', 'tomato-passata'],
  ['carrot', 'carrot'],
  ['zanahoria', 'carrot'],
  ['celery', 'celery'],
  ['apio', 'celery'],
  ['cornflour', 'cornstarch'],
  ['maicena', 'cornstarch'],
  ['rice', 'white-rice-dry-long'],
  ['sea salt flake', 'salt-flaky-sea'],
  ['strong white flour', 'bread-flour'],
  ['strong flour', 'bread-flour'],
  ['harina de fuerza', 'bread-flour'],
  ['flaky salt', 'salt-flaky-sea'],
  ['flaky sea salt', 'salt-flaky-sea'],
  ['pineapple', 'pineapple-raw'],
  ['piña', 'pineapple-raw'],
  ['pear', 'pear-grated'],
  ['pera', 'pear-grated'],
  ['apple', 'apple-grated'],
  ['manzana', 'apple-grated'],
  ['sesame seed', 'sesame-seed'],
  ['coconut milk', 'coconut-milk'],
  ['leche de coco', 'coconut-milk'],
  ['dried oregano', 'oregano-dried'],
  ['dried thyme', 'thyme-dried'],
  ['garlic powder', 'garlic-powder'],
  ['onion powder', 'onion-powder'],
  ['mint', 'mint-leaf'],
  ['menta', 'mint-leaf'],
  ['basil', 'basil-leaf'],
  ['albahaca', 'basil-leaf'],
];

/** Each name of a cut, with its id. */
const CUT_CALLED: ReadonlyArray<readonly [string, string]> = Object.entries(CUT_NAMES).flatMap(
  ([id, names]) => names.split('|').map((name) => [name, id] as const),
);

/** Lower case, without accents, each word in the singular. */
export function plainWords(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9-]+/g, ' ')
    .trim()
    .split(/\s+/)
    .filter((word) => word !== '')
    .map(singular);
}

function singular(word: string): string {
  if (/(?:ss|us|is)$/.test(word) || word.length < 4) return word;
  if (/oes$/.test(word)) return word.slice(0, -2);
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/ves$/.test(word)) return `${word.slice(0, -3)}f`;
  return word.replace(/s$/, '');
}

interface Entry<T> {
  readonly words: readonly string[];
  readonly means: T;
}

function entriesOf<T extends { readonly name: string }>(
  called: ReadonlyArray<readonly [string, string]>,
  all: ReadonlyMap<string, T>,
  byName = all,
): Entry<T>[] {
  const named = called.flatMap(([name, id]) => {
    const means = all.get(id);
    return means ? [{ words: plainWords(name), means }] : [];
  });
  const own = [...byName.values()].map((means) => ({ words: plainWords(means.name), means }));
  return [...named, ...own].sort((a, b) => b.words.length - a.words.length);
}

const FOUND_INGREDIENTS = entriesOf(CALLED, INGREDIENTS);
/** Vegetables and grains with minutes of their own are part of a mixture, unless called a food above. */
const ON_THEIR_OWN = new Map(
  [...CUTS].filter(
    ([, { animal, boilMin, steamMin }]) => animal !== 'none' || !(boilMin ?? steamMin),
  ),
);
const FOUND_CUTS = entriesOf(CUT_CALLED, CUTS, ON_THEIR_OWN);

/** The entry all of whose words are in the name, in any order; the one with most words. */
function best<T>(entries: readonly Entry<T>[], name: string): Entry<T> | undefined {
  const words = plainWords(name);
  return entries.find((entry) => entry.words.every((word) => words.includes(word)));
}

/** The ingredient of the pantry a recipe means; undefined when none is named. */
export function ingredientNamed(name: string): Ingredient | undefined {
  return best(FOUND_INGREDIENTS, name)?.means;
}

/** Made of it, or for it. */
const NOT_THE_MEAT =
  /(?:(?:nut|vegetable|veggie|veg|vegan|vegetarian|plant[- ]based|mushroom|bean|lentil|chickpea|soya?)s? (?:burgers?|patt(?:y|ies)|mince|sausages?|steaks?|kebabs?|meatballs?|chops?)|vegetales|vegan[oa]s?|oyster mushrooms?|(?:setas?|hongos?) (?:de )?ostras?|stock|broth|caldo|fumet|bouillon|consomm[eé]|(?:smoked|cured|dried|cooked|blood|liver)[^,]*sausage|sausage rolls?|(?:quail|duck|goose)(?:'s)? eggs?|huevos? de (?:codorniz|pato)|bacon|skin(?!-on| on|less)|gravy|seasoning|\bfat\b|rub\b|dripping|sauce|salsa|paste|powder|extract|\bbuns?\b|\bbread\b|flakes|tuna (?:mayo|salad|in (?:brine|(?:spring )?water))|at[uú]n (?:al natural|claro|en (?:escabeche|conserva))|dried (?:shrimp|prawns?|fish|cod)|smoked (?:salmon|trout|mackerel|eel)|(?:salm[oó]n|trucha) ahumad[oa]|\boil\b|aceite|\bbones\b|huesos? de|chorizo|salami|prosciutto|jam[oó]n serrano|jam[oó]n york|lardon|crackling)/i;

/** The cut of one animal a recipe means, as far as its words go. */
export function cutAmong(name: string, animal: Animal): Cut | undefined {
  return best(
    FOUND_CUTS.filter(({ means }) => means.animal === animal),
    name,
  )?.means;
}

/** The cut a recipe means; undefined where it names none, or only a stock of it. */
export function cutNamed(name: string): Cut | undefined {
  return NOT_THE_MEAT.test(name) ? undefined : best(FOUND_CUTS, name)?.means;
}
