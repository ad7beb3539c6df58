import { PLACES_TO_BE, type Context } from './context.ts';
import { LEAST_OVEN_C } from './settle-clause.ts';
import type { Seen } from './seen.ts';
import type { ReadDuration } from './span.ts';
import type { VerbWords } from './verbs.ts';

/** "Return the beef for ten minutes". */
const RETURNS = /(?<![a-zß-ɏ])(?:return|put [^.;,]{0,30}back|devuelv|vuelve a (?:poner|meter))/i;

/** "Lay the hake in, skin side up, 3 minutes": it cooks as what lay in the pan before. */
export function laidIn(
  { text, said, spans, degrees, place }: Seen,
  { hot }: Context,
): VerbWords | undefined {
  const only = said.length === 1 && said[0]?.verb === 'put' && degrees.length === 0;
  if (!only || place !== undefined || !hot || !spans.some(isLength)) return undefined;
  return hot.place === 'hob' || RETURNS.test(text) ? hot.verb : undefined;
}

/** "Then oven, 180, 20 min.", "get a pan really hot, 2 mins one side": what a place and a length stand for. */
export function withoutVerb({ text, place, spans, degrees }: Seen, pan: boolean, context: Context) {
  if (!spans.some(isLength)) return pan ? ('sear' as const) : undefined;
  const [set] = degrees;
  if (set?.sense === 'place' && set.tempC < LEAST_OVEN_C && BATH.test(text))
    return 'simmer' as const;
  if (IN_FOR.test(text) && context.ovenC !== undefined && context.hot?.place !== 'hob')
    return context.hasMeat ? ('roast' as const) : ('bake' as const);
  if (context.laid && context.ovenC !== undefined) return 'roast' as const;
  if (context.dough && context.hot === undefined && (COVERED_UP.test(text) || PUFFS.test(text)))
    return 'rise' as const;
  if (place !== undefined && PLACES_TO_BE.has(place)) return 'put' as const;
  if (pan) return 'sear' as const;
  const hotPan = place === 'hob' && HOT_PAN.test(text);
  return hotPan || (context.slowCooker && SETTING.test(text)) ? ('cook' as const) : undefined;
}

/** "57 °C / 90 min": in a bath. */
const BATH =
  /^\s*(?:(?:the )?(?:water )?bath(?: at)?:?,? )?\d{2}(?:[.,]\d)?\s*(?:°|º)?\s*C?\s*(?:\/|for |,)/i;
/** "In for 20 mins": into the oven that was set. */
const IN_FOR = /^\s*(?:back )?in(?: (?:it|they) goes?)? for\s/i;
/** "LOW 8–10 hrs". */
export const SETTING = /^\s*(?:on )?(?:low|high)\b/i;
/** "Cover with a damp cloth for an hour": a dough rises. */
const COVERED_UP = /^\s*(?:cover|tapa|cubre)/i;
/** "2-3 hours somewhere warm till puffed". */
const PUFFS =
  /(?<![a-zß-ɏ])(?:somewhere warm|warm (?:place|spot)|(?:till?|until) (?:it is |it has |well )?(?:puff[a-zß-ɏ]*|doubled|wobbly|risen)|hasta (?:que )?dobl[a-zß-ɏ]*)(?![a-zß-ɏ])/i;
const HOT_PAN = /\b(?:hot|side|caliente|lado)s?\b/i;
const isLength = ({ sense }: ReadDuration): boolean => sense === 'length';
