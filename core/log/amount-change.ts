import { pantryOf, type Ingredient } from '../pantry/index.ts';
import { findUnit, middle, parseQuantity, printQuantity } from '../quantity/index.ts';
import type { Command, Dish, Meal } from '../meal/index.ts';
import type { Change } from './proposal.ts';
import type { Amount, Taste, Way } from './remarks.ts';

/** Without a figure of the cook's: so much less, or more, of what was too much or too little. Our own. */
const SHARE: Readonly<Record<Way, number>> = { less: 0.75, more: 1.3 };
/** Further from what it was, and something else was meant. */
const TIMES: readonly [number, number] = [0.1, 5];

/** A line of a mixture, where it stands and what it is. */
interface Found {
  readonly mixture: string;
  readonly line: number;
  readonly amount: string;
  readonly ingredient: Ingredient;
  readonly name: string;
}

/** An amount that was said to be better: "three spoons of chilli: too strong, two". */
export function amountChange(
  meal: Meal,
  dish: Dish,
  words: string,
  { from, to }: { readonly from?: number | undefined; readonly to: Amount },
): Change | undefined {
  const [found] = namedIn(meal, dish, words);
  if (!found) return undefined;
  const was = parseQuantity(found.amount, meal.kitchen.spoons);
  // What was taken for this batch counts, where it was said; the recipe's own amount follows it.
  const base = from ?? comparable(was, to, meal) ?? middle(was);
  const times = to.value / base;
  const [least, most] = TIMES;
  return times >= least && times <= most ? scaled(meal, dish, [found], times) : undefined;
}

/** More or less of a taste, or of what is named: by about a quarter. */
export function tasteChange(
  meal: Meal,
  dish: Dish,
  words: string,
  { taste, way }: { readonly taste: Taste | undefined; readonly way: Way },
): Change | undefined {
  const named = namedIn(meal, dish, words);
  const lines = named.length > 0 ? named.slice(0, 1) : taste ? tasting(meal, dish, taste) : [];
  return lines.length > 0 ? scaled(meal, dish, lines, SHARE[way]) : undefined;
}

/** The recipe's amount in the unit that was said, where both are of one kind. */
function comparable(
  was: ReturnType<typeof parseQuantity>,
  { unit }: Amount,
  meal: Meal,
): number | undefined {
  if (unit === '') return undefined;
  const found = findUnit(unit.replace(/^spoons?$/, 'tbsp'), meal.kitchen.spoons);
  return found?.unit === was.unit ? middle(was) : undefined;
}

function linesOf(meal: Meal, dish: Dish): Found[] {
  const { ingredients } = pantryOf(meal.pantry);
  return dish.mixtures.flatMap(({ id, lines }) =>
    lines.flatMap((line, i): Found[] => {
      const ingredient = ingredients.get(line.ingredient);
      if (!ingredient || line.part !== undefined) return [];
      const name = line.name ?? ingredient.name;
      return [{ mixture: id, line: i, amount: line.amount, ingredient, name }];
    }),
  );
}

/** The lines a note names, the most plainly named first. */
function namedIn(meal: Meal, dish: Dish, words: string): Found[] {
  const said = wordsOf(words);
  return linesOf(meal, dish)
    .map((found) => {
      const own = wordsOf(`${found.name} ${found.ingredient.name}`);
      return { found, hits: [...own].filter((word) => said.has(word)).length };
    })
    .filter(({ hits }) => hits > 0)
    .sort((a, b) => b.hits - a.hits)
    .map(({ found }) => found);
}

/** Words that name a thing; singular, and none that many things share. */
function wordsOf(text: string): Set<string> {
  const all = text.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  return new Set(all.map((word) => singular(word)).filter((word) => !COMMON.has(word)));
}

const singular = (word: string) =>
  word
    .replace(/ies$/, 'y')
    .replace(/(oes|ses|shes|ches)$/, (end) => end.slice(0, -2))
    .replace(/([^s])s$/, '$1')
    .replace(/^chili$|^chile$/, 'chilli');

const COMMON = new Set(
  'too the and was were with for more less much not next time use take only enough strong weak hot mild fresh dried ground whole powder leaf seed sauce ready made full fat fine coarse dense black white red green dry sweet table sea gram spoon tbsp tsp teaspoon tablespoon cup'.split(
    ' ',
  ),
);

const HOT =
  /chil|cayenne|chipotle|jalape|habanero|harissa|gochu|sriracha|hot-sauce|pepper-flake|ancho|piri/;
const SUGARY_G = 40;
const SALTY_PCT = 10;

/** The lines a taste comes from. */
function tasting(meal: Meal, dish: Dish, taste: Taste): Found[] {
  const is: Readonly<Record<Taste, (one: Ingredient) => boolean>> = {
    salt: ({ crystal, saltPct }) => crystal || saltPct >= SALTY_PCT,
    heat: ({ id }) => HOT.test(id),
    sweet: ({ sugarsGPer100g }) => sugarsGPer100g >= SUGARY_G,
    acid: ({ acid }) => acid !== undefined && acid.pct > 1,
  };
  const found = linesOf(meal, dish).filter(({ ingredient }) => is[taste](ingredient));
  // Where there is plain salt, that is what is changed.
  const plain = found.filter(({ ingredient }) => ingredient.crystal);
  return taste === 'salt' && plain.length > 0 ? plain : found;
}

function scaled(
  meal: Meal,
  dish: Dish,
  lines: readonly Found[],
  times: number,
): Change | undefined {
  const { spoons } = meal.kitchen;
  const written = lines.map((found) => {
    const was = parseQuantity(found.amount, spoons);
    const low = rounded(was.low * times);
    const high = rounded(was.high * times);
    return { ...found, to: printQuantity({ ...was, low, high }, spoons) };
  });
  const changed = written.filter(({ amount, to }) => amount !== to);
  const [first] = changed;
  if (!first) return undefined;
  return {
    change: {
      key: changed.length === 1 ? 'proposal.amount' : 'proposal.amounts',
      values: {
        name: changed.map(({ name }) => name).join(', '),
        from: first.amount,
        to: first.to,
        percent: Math.round(times * 100),
      },
    },
    commands: changed.map(({ mixture, line, to }): Command => ({
      do: 'setLine',
      dish: dish.id,
      mixture,
      line,
      change: { amount: to },
    })),
  };
}

/** To what one can take: two figures that count. */
function rounded(value: number): number {
  const step = value >= 100 ? 5 : value >= 20 ? 1 : value >= 5 ? 0.5 : 0.25;
  return Math.max(step / 2, Math.round(value / step) * step);
}
