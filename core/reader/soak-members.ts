import type { ReadIngredient } from './ingredient-line.ts';
import { rawSoakOf } from './raw-soak.ts';
import type { ReadRecipe } from './read.ts';

/**
 * Of a list without headings, what the method names only after the food has been put into its brine
 * or marinade: "rub the salt into the pork … pour the cider around it". None where all would go.
 */
export function goesInLater(
  { acts, lines }: ReadRecipe,
  listed: readonly ReadIngredient[],
): readonly ReadIngredient[] {
  const soak = rawSoakOf(acts);
  const at = acts.findIndex(({ verb }) => verb === soak);
  const told = lines.filter(({ part }) => part === 'method' || part === 'unread');
  const lies = told.findIndex((line) => line.acts.includes(at));
  if (lies === -1) return [];
  const text = (part: typeof told) => part.map((line) => line.text.toLowerCase()).join(' ');
  const [before, after] = [text(told.slice(0, lies + 1)), text(told.slice(lies + 1))];
  if (EVERYTHING.test(before)) return [];
  const later = listed.filter(({ name, preparation = '' }) => {
    // "Smoked bacon, in lardons": by what it is made into as well.
    const words = `${name} ${preparation}`;
    return !names(before, words) && names(after, words);
  });
  return later.length === listed.length ? [] : later;
}

const EVERYTHING =
  /(?<![a-zß-ɏ])(?:everything|all (?:of )?(?:the |its )?(?:other |remaining |marinade )?ingredients|(?:the )?rest of the|the remaining|tod[oa]s? (?:los|lo|las|el|la)|(?:el )?resto)(?![a-zß-ɏ])/i;

/** Whether a text speaks of an ingredient by any word that is its own. */
function names(text: string, name: string): boolean {
  const words = name.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  return words
    .filter((word) => !COMMON.has(word))
    .some((word) => new RegExp(`(?<![a-zß-ɏ])${stem(word)}`, 'u').test(text));
}

const stem = (word: string) => word.replace(/(?:oes|es|s)$/u, '');

/** Words that many ingredients share, and that tell none. */
const COMMON: ReadonlySet<string> = new Set(
  'fresh dried ground whole large small medium sea dry red white black green extra virgin plain strong light dark hot cold unsalted smoked baby ripe free range good quality chopped sliced for the and with seeds leaves powder juice zest fresco fresca seco seca molido molida grande pequeño rojo roja blanco blanca negro negra verde virgen para con los las del'.split(
    ' ',
  ),
);
