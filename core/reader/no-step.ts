import type { ReadSentence } from './seen.ts';

/**
 * What a clause is taken for that is nothing to do this evening: a story, what may also be done,
 * what comes by itself, plates. Undefined where it may be a step.
 *
 * @param numbers how many numbers it holds, all of which are then not understood
 * @param lengths how many of them are lengths of time
 */
export function noStep(text: string, numbers: number, lengths: number): ReadSentence | undefined {
  if (WARM_PLATES.test(text)) return { acts: [], understood: numbers === 0, left: numbers };
  if (STORY.test(text) || MAY_BE.test(text) || (OTHERWISE.test(text) && numbers > 0))
    return { acts: [], understood: false, left: numbers };
  if (FINE_FOR.test(text)) return { acts: [], understood: false, left: numbers };
  if (READY_IN.test(text)) return { acts: [], understood: numbers === 0, left: numbers };
  if (STORED.test(text)) return { acts: [], understood: false, left: numbers };
  if (EATEN.test(text) && numbers > 0) return { acts: [], understood: false, left: numbers };
  if (TO_SERVE.test(text)) return { acts: [], understood: true, left: 0 };
  if (LEAVES_BE.test(text) && lengths > 0) return { acts: [], understood: false, left: numbers };
  if (FORETELLS.test(text) && lengths === 0) return { acts: [], understood: true, left: 0 };
  return undefined;
}

/** "Can be chilled at this point for a day": may be, and need not. */
const MAY_BE =
  /^\s*\(?(?:(?:it|this|they|the [a-zß-ɏ]+) )?(?:can|may) (?:also |now |happily )?(?:wait|keep|be (?:chilled|made|kept|frozen|stored|prepared|left|held|refrigerated))(?![a-zß-ɏ])|^\s*\(?(?:se )?puede[n]? (?:hacer|guardar|congelar|conservar|preparar|dejar)|^\s*(?:(?:it|this|they) (?:is|are|tastes?) )?(?:even )?better (?:still )?(?:(?:the )?(?:next|following) day|tomorrow)|^\s*(?:est[aá]n? )?(?:a[uú]n |incluso )?mejor(?:es)? (?:a[uú]n )?(?:de un d[ií]a para (?:el )?otro|al d[ií]a siguiente)/i;
/** "Or keep for up to a week in the fridge": what is left of it, some other day. */
const STORED =
  /^\s*(?:any(?:thing)? left(?:[- ]?overs?)?(?: over)?|(?:the )?left[- ]?overs?|lo que (?:sobre|quede)|las sobras)(?![a-zß-ɏ])[^.;]{0,40}(?:days?|weeks?|months?|d[ií]as?|semanas?|mes(?:es)?)(?![a-zß-ɏ])|(?:^\s*|,\s*)(?:or (?:keep|store|freeze)|o (?:guarda|conserva|congela))(?![a-zß-ɏ])[^.;]{0,30}(?:up to|for|at most|hasta|unos|m[aá]ximo)\s+(?:an? |[a-zß-ɏ]+ |\d+(?:\s?[-–]\s?\d+)? )(?:weeks?|months?|semanas?|mes(?:es)?)(?![a-zß-ɏ])/i;
/** "Fine for three weeks in the fridge": how long it keeps. */
const FINE_FOR =
  /^\s*(?:and |but )?(?:(?:it|they|this)(?:['’]s| is| are|['’]re)? )?(?:fine|good|happy|safe|ok) (?:for|up to)(?![a-zß-ɏ])[^.;]{0,20}(?:days?|weeks?|months?)(?![a-zß-ɏ])|^\s*(?:y )?aguantan?(?![a-zß-ɏ])/i;
/** "Ready in an hour, better after a day": when it may be eaten. */
const READY_IN =
  /^\s*(?:(?:they|it)(?:['’](?:re|s)| are| is)? )?(?:ready (?:to eat )?(?:in|after)|(?:better|best) after)(?![a-zß-ɏ])|^\s*(?:listos?|listas?) en(?![a-zß-ɏ])/i;
/** "Se come templada, a la media hora": how it is eaten. */
const EATEN =
  /^\s*(?:(?:use|eat|consume)(?: (?:it|them|up|all))* (?:within|in|inside|before)(?![a-zß-ɏ])|finish (?:it |them )?within(?![a-zß-ɏ])|(?:consum|tom|com)[a-zß-ɏ]* (?:en|antes de)(?= (?:\d|un))|se (?:come|sirve|toma)n?|(?:best )?eaten|it is best eaten)(?![a-zß-ɏ])/i;
/** A heading within a line: "To serve: 200 °C oven, 20 minutes". */
const TO_SERVE = /^\s*(?:to (?:serve|finish|reheat)|para (?:servir|terminar|acabar))\s*$/i;
/** "Don't open the door before 20 minutes". */
const LEAVES_BE =
  /^\s*(?:do not|don['’]t|never|no|nunca) (?:open|touch|move|lift|peek|disturb|turn|flip|stir|abr[ai]s?|abrir|toques|tocar|muevas|mover|remuevas|remover|destapes|destapar)(?![a-zß-ɏ])/i;
/** "It will climb to 75 while it rests": what comes by itself. */
const FORETELLS =
  /^\s*(?:it|they|the temperature|la temperatura)(?:['’]ll| will| should)? (?:climb|rise|carry|creep|coast|go (?:on )?up|come up|subir[aá])(?![a-zß-ɏ])[^.;]*\d/i;
/** "Or in a pressure cooker, 50 minutes": another way, and no more of this one. */
const OTHERWISE =
  /^\s*(?:or|o)\s(?!(?:until|till?|so|hasta)(?![a-zß-ɏ]))|^\s*\((?:in|en|with|con)\s[^()]*(?:pressure|slow[- ]cooker|olla (?:expr[eé]s|r[aá]pida|lenta|a presi[oó]n))[^()]*\)/i;
/** No food. */
const WARM_PLATES =
  /(?:^|[,;]\s*)\s*(?:and |then |meanwhile,? )?(?:warm|heat|calienta)(?![a-zß-ɏ]) (?:the |your |some |los |unos )?(?:serving |dinner |soup )?(?:plates|dishes|bowls|platters?|platos)(?![a-zß-ɏ])[^.;]*\.?$/i;
/** What somebody once did is no step. */
const STORY =
  /(?<![a-zß-ɏ])(?:used to|when (?:i|we) (?:was|were)|i remember|years ago|my (?:uncle|aunt|gran[a-zß-ɏ]*|mother|father|mum|mom|dad) (?:always|never|would|used)|sol[ií]a|cuando (?:era|éramos)|recuerdo|mi (?:abuel[oa]|madre|padre|t[ií][oa]) (?:siempre|nunca|sol[ií]a|(?:[a-zß-ɏ]+ )?[a-zß-ɏ]+(?:aba|[ií]a)n?))(?![a-zß-ɏ])/i;
