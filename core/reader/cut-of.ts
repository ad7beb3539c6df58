import { CUTS, isMince, isReady, type Animal, type Cut } from '../pantry/index.ts';
import { cutOfForm } from './cut-form.ts';
import { cutAmong, cutNamed } from './known-foods.ts';

/** Cooked in its tin or its jar; "as you can", "to fit your tin" are none. */
const TINNED =
  /(?<![a-zß-ɏ])(?:tinned|canned|(?:(?:\d+|an?|one|two|three|small|large|big|half)(?: ?(?:g|ml|oz))?[- ])(?:(?:small|large|big) )?(?:tins?|cans?|jars?)|latas?|en conserva|botes? de|(?:tuna|at[uú]n)[^.;]* (?:drained|flaked|escurrid[oa]s?|desmenuzad[oa]s?))(?![a-zß-ɏ])/i;
/** Raw all through. */
const MINCED =
  /(?<![a-zß-ɏ])(?:minced?|ground|sausages?|burgers?|patt(?:y|ies)|meatballs?|koftas?|salchichas?|picad[oa]s?|molid[oa]s?|hamburguesas?|alb[oó]ndigas?)(?![a-zß-ɏ])/i;
/** "Pork shoulder, coarsely minced", and no "with ground cumin". */
const THEN_MINCED =
  /,\s*(?:(?:very|coarsely|finely|roughly|freshly|twice|bien|muy) )*(?:minced|ground|picad[oa]s?|molid[oa]s?)(?=\s*(?:[.,;)(]|$))/i;
const MINCE_OF: Readonly<Partial<Record<Animal, string>>> = {
  beef: 'beef-mince',
  game: 'beef-mince',
  pork: 'pork-mince',
  lamb: 'lamb-mince',
  poultry: 'chicken-mince',
};
/** An animal by its own word; of several, the one that wants the most heat first. */
const ANIMALS: ReadonlyArray<readonly [RegExp, Animal]> = [
  [/(?<![a-zß-ɏ])(?:chicken|turkey|duck|goose|poultry|pollo|pavo|pato)s?(?![a-zß-ɏ])/i, 'poultry'],
  [/(?<![a-zß-ɏ])(?:pork|gammon|cerdo|ib[eé]ric[oa]s?)(?![a-zß-ɏ])/i, 'pork'],
  [/(?<![a-zß-ɏ])(?:lamb|mutton|hogget|goat|kid|merguez|cordero|cabrito)(?![a-zß-ɏ])/i, 'lamb'],
  [/(?<![a-zß-ɏ])(?:venison|boar|deer|rabbit|ciervo|venado|jabal[ií]|conejo)(?![a-zß-ɏ])/i, 'game'],
  [
    /(?<![a-zß-ɏ])(?:fish|salmon|tuna|cod|haddock|trout|pescado|salm[oó]n|at[uú]n)(?![a-zß-ɏ])/i,
    'fish',
  ],
  [/(?<![a-zß-ɏ])(?:beef|veal|ox|bullock|ternera|vaca|buey|añojo)(?![a-zß-ɏ])/i, 'beef'],
];
/** Cooked before, and no raw meat; "asado de tira" and what is half cooked are none. */
const COOKED =
  /(?<![a-zß-ɏ]|(?:part|partly|half|par|slow|not)[- ])(?:cooked|left-?over|roasted|poached|cocid[oa]s?|(?<=(?:pollo|pavo) )asado|sobras|restos)(?![a-zß-ɏ])/i;
const COOKED_OF: Readonly<Partial<Record<Animal, string>>> = {
  beef: 'cooked-beef',
  pork: 'cooked-pork',
  lamb: 'cooked-lamb',
  poultry: 'cooked-poultry',
  fish: 'cooked-fish',
  // Cold prawns are kept as cold fish is.
  shellfish: 'cooked-fish',
};
/** A bird in its joints. */
const JOINTED =
  /(?<![a-zß-ɏ])(?:jointed|cut up|cut in(?:to)? (?:[a-zß-ɏ]+ |\d+ )?(?:pieces|joints|portions)|in (?:[a-zß-ɏ]+ |\d+ )(?:pieces|joints)|troce?ad[oa]|despiezad[oa]|en (?:trozos|piezas|presas|octavos|cuartos))(?![a-zß-ɏ])/i;
const BONELESS =
  /(?<![a-zß-ɏ])(?:boned|boneless|off the bone|bone out|deshuesad[oa]s?|sin hueso)(?![a-zß-ɏ])/i;
const ON_BONE =
  /(?<![a-zß-ɏ])(?:bone[- ]in|on the bone|with (?:the )?bone|skin[- ]on|con (?:el )?hueso|con piel)(?![a-zß-ɏ])/i;
const PEELED = /(?<![a-zß-ɏ])(?:peeled|shelled|pelad[oa]s?)(?![a-zß-ɏ])/i;

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
  const found =
    (piece === undefined ? undefined : cutNamed(`${piece} of ${name}`)) ?? cutNamed(name);
  if (!found) return undefined;
  const ready = COOKED.test(name) ? CUTS.get(COOKED_OF[found.animal] ?? '') : undefined;
  if (ready && !isReady(found)) return ready;
  const animal = ANIMALS.find(([words]) => words.test(name))?.[1];
  const isOther = animal !== undefined && animal !== found.animal;
  if (isMince(found) ? isOther : MINCED.test(name) || THEN_MINCED.test(line)) {
    const mince = CUTS.get(MINCE_OF[animal ?? found.animal] ?? '');
    if (mince) return mince;
  }
  // "Goose steaks" are no beef.
  const own = isOther && found.animal === 'beef' ? (cutAmong(name, animal) ?? found) : found;
  return asTold(cutOfForm(own, name, `${piece ?? ''} ${line}`), line);
}

/** The same cut as the line has it: with its bone, its shell, or without. */
function asTold(cut: Cut, line: string): Cut {
  if (cut.id === 'chicken-whole' && JOINTED.test(line))
    return CUTS.get('chicken-thigh-bone-in') ?? cut;
  const other = (from: string, to: string) =>
    cut.id.endsWith(from) ? CUTS.get(`${cut.id.slice(0, -from.length)}${to}`) : undefined;
  if (BONELESS.test(line)) return other('-bone-in', '-boneless') ?? cut;
  if (ON_BONE.test(line)) return other('-boneless', '-bone-in') ?? cut;
  if (PEELED.test(line)) return other('-shell-on', '-peeled') ?? cut;
  return cut;
}
