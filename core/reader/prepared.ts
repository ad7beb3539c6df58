import { isHollow } from '../heat/index.ts';
import type { Cut, Prepared } from '../pantry/index.ts';

const BIRD = String.raw`(?:bird|chicken|turkey|duck|goose|capon|guinea ?fowl|poussin)s?`;
const BIRD_ES = String.raw`(?:pollo|pavo|pato|capón|ganso|pintada|ave|picantón)`;
const word = (...any: readonly string[]) =>
  new RegExp(String.raw`(?<![a-zß-ɏ])(?:${any.join('|')})(?![a-zß-ɏ])`, 'i');

const FLATTENED = word(
  'spatch-?cock(?:ed|ing)?',
  'butterfl(?:y|ied)',
  `flatten(?:ed)? (?:it|them|(?:the|each) ${BIRD}|out)`,
  `(?:split|open)(?:ed)? (?:it|them|(?:the|each) ${BIRD}) (?:out |up )?(?:down|along|by|at|through) (?:the |its |their )?back`,
  'flattened',
  String.raw`(?:take|taking|cut|cutting|snip|remove|removing)(?: out)?(?: along| down| away)?(?: either side of| both sides of)?(?: the| its)? (?:back ?bone|spine)`,
  '(?:back ?bone|spine) (?:removed|cut out|taken out)',
  'press(?:ed)? (?:it )?(?:down )?(?:until )?flat',
  'en mariposa',
  '(?:abiert[oa]s?|[áa]br[ea][a-zß-ɏ]*|abrir[a-zß-ɏ]*) (?:(?:el|los) [a-zß-ɏ]+ )?(?:por|en) (?:la espalda|libro|mariposa)',
  'aplastad[oa]s?',
  'apl[aá]na[a-zß-ɏ]*|apl[aá]sta(?:r|lo|los)?',
  '(?:quita|quitar|quitando|retira|retirar|retirando|corta|cortar|sin) (?:le )?(?:el|la) (?:espinazo|espina dorsal)',
);
/** Something is put inside it. */
const STUFFS = word(
  'stuff(?:ed)?',
  `(?:fill|pack)(?:ed|ing)? (?:it|the ${BIRD})`,
  `(?:in|into|inside) (?:the |its |each )?(?:main |body |neck )?(?:cavity|cavities|${BIRD})`,
  'fill(?:ed|ing)? (?:the |its |each )?(?:main |body |neck )?(?:cavity|cavities)',
  'rell[eé]na[a-zß-ɏ]*',
  `rellen[oa]s? (?:de|con)`,
  `(?:dentro del|en el) ${BIRD_ES}`,
);
/** What is warmed through with the bird it is in: not a lemon, which lets the air in. */
const FILLS = word(
  'stuffing|forcemeat|mixture|bread(?:crumbs?)?|crumbs|rice|couscous|bulgur|sausage ?meat|sausages?|mince|minced|ground (?:pork|beef|veal)|chestnuts?|potatoes|grains?|quinoa|kasha|oats|oatmeal',
  '(?:el|del|su) relleno|farsa|mezcla|arroz|cuscús|carne(?: picada)?|salchichas?|castañas|patatas|pan rallado|miga de pan',
);
/** Bought so, made so by another recipe, or with what everybody knows. */
const COMES_STUFFED = word(
  `stuffed (?:whole |boned |boneless )?${BIRD}`,
  `stuff (?:the|each) ${BIRD}(?! with)`,
  `rell[eé]na(?:r|mos)? (?:el|la|cada) ${BIRD_ES}(?! (?:de|con))`,
  `${BIRD_ES} (?:entero )?rellen[oa](?! (?:de|con))`,
);
/** Under its skin, or in a dish of its own, no stuffing is inside. */
const ELSEWHERE =
  /(?<![a-zß-ɏ])(?:under the skin|beneath the skin|bajo la piel|(?:stuffing|relleno)[^.;]{0,40} (?:separately|alongside|beside|in a (?:separate |buttered |greased |baking |small )*(?:dish|tin|tray)|aparte)|not (?:be )?stuff[a-zß-ɏ]*|don['’]t stuff|unstuffed|instead of stuffing|sin rellenar)(?![a-zß-ɏ])/i;

/**
 * How a bird is made ready for the fire, by its line or by what is done to it first; undefined for
 * one as it comes, and for what is no whole bird.
 */
export function preparedSaid(cut: Cut, texts: readonly string[]): Prepared | undefined {
  if (!isHollow(cut)) return undefined;
  if (texts.some((text) => FLATTENED.test(text))) return 'flattened';
  const isStuffed = (text: string) =>
    (COMES_STUFFED.test(text) || (STUFFS.test(text) && FILLS.test(text))) && !ELSEWHERE.test(text);
  return texts.some(isStuffed) ? 'stuffed' : undefined;
}
