import type { Food } from '../meal/index.ts';
import type { Verb } from '../terms/index.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import type { ReadRecipe } from './read.ts';
import { foodsOfActs } from './step-foods.ts';

/** What is boiled and eaten for itself, and its cut; what comes cooked in a tin is none. */
const STAPLES: ReadonlyArray<readonly [RegExp, string]> = [
  [
    /^(?:[a-zß-ɏ]+ ){0,2}(?:rice|arroz)(?! (?:vinegar|wine|flour|noodles?|paper|syrup|bran|milk|crackers?|cakes?))(?![a-zß-ɏ])/i,
    'rice-dry',
  ],
  [/(?<![a-zß-ɏ])(?:red|split red) lentils|lentejas rojas|masoor dal/i, 'lentils-red-dry'],
  [/(?<![a-zß-ɏ])(?:lentils?|lentejas)(?![a-zß-ɏ])/i, 'lentils-green-dry'],
  [/(?<![a-zß-ɏ])split peas|guisantes secos/i, 'split-peas-dry'],
  [/(?<![a-zß-ɏ])(?:dried|dry) chickpeas|garbanzos(?! cocidos)/i, 'chickpeas-dry'],
  [/(?<![a-zß-ɏ])pearl barley|cebada perlada/i, 'pearl-barley-dry'],
  [/(?<![a-zß-ɏ])quinoa(?![a-zß-ɏ])/i, 'quinoa-dry'],
  [
    /(?<![a-zß-ɏ])(?:pasta|penne|fusilli|rigatoni|macaroni|macarrones|farfalle|conchiglie)(?![a-zß-ɏ])/i,
    'pasta-thick-dry',
  ],
  [
    /(?<![a-zß-ɏ])(?:spaghetti|linguine|tagliatelle|espaguetis|fideos)(?![a-zß-ɏ])/i,
    'pasta-thin-dry',
  ],
  // What is simmered from them is a stock.
  [
    /(?<![a-zß-ɏ])(?:bones|carcass(?:es)?|huesos|carcasas?)(?! (?:in|on|marrow))(?![a-zß-ɏ])/i,
    'soup-starter',
  ],
];
/** Cooked already, or no staple. */
const COOKED =
  /(?<![a-zß-ɏ])(?:cooked|tin(?:ned)?s?|canned|cans?|jars?|pouch(?:es)?|sprouted|flour|water|fresh|cocid[oa]s?|lata|bote|harina)(?![a-zß-ɏ])/i;
/** Less is a thickening. Common practice, no source. */
const LEAST_G = 50;

/** A staple of a recipe: the line it stands in, and its cut. */
export interface Staple {
  readonly line: ReadIngredient;
  readonly cut: string;
}

/** Rice, pulses or pasta, to be watched over where it is all the dish has. */
export function stapleOf(ingredients: readonly ReadIngredient[]): Staple | undefined {
  for (const line of ingredients) {
    const { name, grams = 0 } = line;
    if (grams < LEAST_G || COOKED.test(line.line)) continue;
    const cut = STAPLES.find(([words]) => words.test(name))?.[1];
    if (cut !== undefined) return { line, cut };
  }
  return undefined;
}

const BOILS: ReadonlySet<Verb> = new Set(['boil', 'simmer', 'steam']);

/**
 * Rice that is boiled by itself beside what a dish is of: watched over like any food.
 *
 * @param foods what the dish is of
 */
export function riceBeside(recipe: ReadRecipe, foods: readonly Food[]): Staple | undefined {
  const rice = stapleOf(recipe.ingredients.filter(({ name }) => RICE.test(name)));
  if (!rice || foods.length === 0) return undefined;
  const of = foodsOfActs(recipe, foods);
  const isBoiled = recipe.acts.some(
    ({ verb, text }, i) => BOILS.has(verb) && of[i]?.length === 0 && RICE.test(text),
  );
  return isBoiled ? rice : undefined;
}

const RICE = /(?<![a-zß-ɏ])(?:rice|arroz)(?![a-zß-ɏ])/i;

/** The food a staple is. */
export function foodOfStaple(
  { line: { name, grams = LEAST_G }, cut }: Staple,
  portions: number | undefined,
  fresh: (wish: string) => string,
): Food {
  const share: Food['share'] =
    portions === undefined
      ? { kind: 'fixed', weightG: Math.round(grams) }
      : { kind: 'weight', rawG: Math.round(grams / portions) };
  return { id: fresh(name), name, cut, share };
}
