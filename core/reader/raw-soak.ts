import type { ReadAct } from './context.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import type { ReadRecipe } from './read.ts';

/** A brine with anything to dissolve in; salt rubbed on is a dry one. */
export function isWet(
  group: string,
  all: readonly ReadIngredient[],
  { lines }: ReadRecipe,
): boolean {
  const said = lines.filter(({ part }) => part === 'method' || part === 'unread');
  return (
    /brine|salmuera/i.test(group) ||
    all.some(({ name }) => LIQUID.test(name)) ||
    said.some(({ text }) => DISSOLVED.test(text) || (IN_WATER.test(text) && !RINSED.test(text)))
  );
}

const LIQUID =
  /(?<![a-zß-ɏ])(?:water|cider|beer|ale|wine|stock|broth|milk|buttermilk|whey|juice|vinegar|tea|agua|sidra|cerveza|vino|caldo|leche|suero|zumo|jugo|vinagre|t[eé])(?![a-zß-ɏ])/i;
/** "50 g of salt to a litre of water", and no "rinse off the salt under cold water". */
const IN_WATER =
  /(?<![a-zß-ɏ])(?:salt|brine|sal)(?![a-zß-ɏ])[^.;]{0,60}(?<![a-zß-ɏ])(?:water|agua)(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:water|agua)(?![a-zß-ɏ])[^.;]{0,60}(?<![a-zß-ɏ])(?:salt|brine|sal)(?![a-zß-ɏ])/i;
const RINSED = /(?<![a-zß-ɏ])(?:rinse|wash|enjuag|lava)/i;
const DISSOLVED =
  /(?<![a-zß-ɏ])(?:dissolv|submerge|immerse|cover (?:it |them |the [a-zß-ɏ]+ )?with (?:the )?(?:brine|water)|in (?:the |a )?(?:brine|salted water)|disuelv|disolver|sumerg|en (?:la )?salmuera|cubr[a-zß-ɏ]* (?:de|con) agua)/i;

/** How it soaks before it is cooked; "eggs in the left-over liquid" lie in no marinade of raw meat. */
export function rawSoakOf(acts: readonly ReadAct[]): 'marinate' | 'brine' | undefined {
  const cooked = acts.findIndex(({ verb }) => COOKS.has(verb));
  const before = cooked === -1 ? acts : acts.slice(0, cooked);
  return before.map(({ verb }) => verb).find((verb) => verb === 'marinate' || verb === 'brine');
}

/** What no brine is made with. */
const COOKS: ReadonlySet<ReadAct['verb']> = new Set([
  'sear',
  'brown',
  'fry',
  'roast',
  'braise',
  'grill',
  'smoke',
]);
