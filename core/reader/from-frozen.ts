import type { ReadAct } from './context.ts';
import type { ReadRecipe } from './read.ts';

/** As it is bought; "thawed" and "frozen before" are not. */
const FROZEN = /(?<![a-zß-ɏ])(?:frozen|congelad[oa]s?|from (?:the )?freezer)(?![a-zß-ɏ])/i;
const THAWED =
  /(?<![a-zß-ɏ])(?:thawed|defrosted|descongelad[oa]s?|previously|(?:can be|or) frozen)(?![a-zß-ɏ])/i;

/** So long before its first step food is still in the freezer, minutes. Our own line, no source. */
const LIES_MIN = 90;

/** A recipe whose meat is frozen and is never told to thaw: it comes out of the freezer for its first step. */
export function withFrozen(recipe: ReadRecipe): ReadRecipe {
  const { acts, ingredients } = recipe;
  const frozen = ingredients.find(
    ({ cut, line }) => cut !== undefined && FROZEN.test(line) && !THAWED.test(line),
  );
  const cares = acts.some(({ verb, place }) => verb === 'thaw' || place === 'freezer');
  if (!frozen || cares) return recipe;
  const lies: ReadAct = {
    verb: 'chill',
    text: `Keep the ${frozen.name} in the freezer`,
    line: -1,
    leastMin: LIES_MIN,
    likelyMin: LIES_MIN,
    mostMin: LIES_MIN,
    place: 'freezer',
    meanwhile: false,
    dayBefore: false,
    lit: [],
    guessed: true,
  };
  const moved = recipe.lines.map((line) => ({ ...line, acts: line.acts.map((i) => i + 1) }));
  return { ...recipe, acts: [lies, ...acts], lines: moved };
}
