import { animalNamed, CUTS, isMince, type Animal, type Cut } from '../pantry/index.ts';
import { cutAmong, cutNamed } from './known-foods.ts';

/** Cooked in its tin or its jar. */
const TINNED =
  /(?<!\p{L})(?:tins?|tinned|cans?|canned|jars?|latas?|en conserva|botes? de)(?!\p{L})/iu;
/** Raw all through. */
const MINCED =
  /(?<!\p{L})(?:minced?|ground|burgers?|patt(?:y|ies)|meatballs?|koftas?|picad[oa]s?|molid[oa]s?|hamburguesas?|alb[oó]ndigas?)(?!\p{L})/iu;
/** "Pork shoulder, coarsely minced", and no "with ground cumin". */
const THEN_MINCED =
  /,\s*(?:(?:very|coarsely|finely|roughly|freshly|twice|bien|muy) )*(?:minced|ground|picad[oa]s?|molid[oa]s?)(?=\s*(?:[.,;)(]|$))/iu;
const MINCE_OF: Readonly<Partial<Record<Animal, string>>> = {
  beef: 'beef-mince',
  game: 'beef-mince',
  pork: 'pork-mince',
  lamb: 'lamb-mince',
  poultry: 'chicken-mince',
};
const BEEF = /(?<!\p{L})(?:beef|veal|ox|bullock|ternera|vaca|buey|añojo)(?!\p{L})/iu;
const BONELESS =
  /(?<!\p{L})(?:boned|boneless|off the bone|bone out|deshuesad[oa]s?|sin hueso)(?!\p{L})/iu;
const ON_BONE =
  /(?<!\p{L})(?:bone[- ]in|on the bone|with (?:the )?bone|skin[- ]on|con (?:el )?hueso|con piel)(?!\p{L})/iu;
const PEELED = /(?<!\p{L})(?:peeled|shelled|pelad[oa]s?)(?!\p{L})/iu;

/**
 * The cut an ingredient of a recipe is, by its name and by what else its line says: mince, whatever
 * it was made of; with its bone or without; of the animal it names. Undefined where it is none.
 *
 * @param name as the recipe calls it, in its own words
 * @param line the whole of it
 * @param piece what it is counted in: "racks"
 */
export function cutOf(name: string, line: string, piece?: string): Cut | undefined {
  if (TINNED.test(line)) return undefined;
  // "2 racks of lamb": the rack is told before it.
  const found = (piece === undefined ? undefined : cutNamed(`${piece} ${name}`)) ?? cutNamed(name);
  if (!found) return undefined;
  const animal = animalNamed(name)?.animal;
  if ((MINCED.test(name) || THEN_MINCED.test(line)) && !isMince(found)) {
    const mince = CUTS.get(MINCE_OF[animal ?? found.animal] ?? '');
    if (mince) return mince;
  }
  // "Goose steaks" are no beef; and a steak of something unheard of is not beef for that.
  const isOther = found.animal === 'beef' && animal !== undefined && !BEEF.test(name);
  const own = isOther ? (cutAmong(name, animal) ?? found) : found;
  return asTold(own, line);
}

/** The same cut as the line has it: with its bone, its shell, or without. */
function asTold(cut: Cut, line: string): Cut {
  const other = (from: string, to: string) =>
    cut.id.endsWith(from) ? CUTS.get(`${cut.id.slice(0, -from.length)}${to}`) : undefined;
  if (BONELESS.test(line)) return other('-bone-in', '-boneless') ?? cut;
  if (ON_BONE.test(line)) return other('-boneless', '-bone-in') ?? cut;
  if (PEELED.test(line)) return other('-shell-on', '-peeled') ?? cut;
  return cut;
}
