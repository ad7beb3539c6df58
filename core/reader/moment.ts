import type { ReadAct, ReadMoment } from './context.ts';
import type { ReadDuration } from './span.ts';

/** "30 minutes before serving", "after an hour": a moment, and no length. */
export function isMoment(text: string, { from, to }: ReadDuration): boolean {
  const rests =
    /(?:for|wait|esper[a-zß-ɏ]*|aguard[a-zß-ɏ]*|rest|stand|sit|settle|cool|repos[a-zß-ɏ]*|descans[a-zß-ɏ]*|durante|it|them)(?: for)?(?: about)?\s*$/i;
  if (rests.test(text.slice(0, from)) || INTERVALS.test(text.slice(to))) return false;
  // "Rest off the heat 10 minutes before serving": so long, and then it is served.
  if (RESTS_SO.test(text.slice(0, from)) && THEN_EATEN.test(text.slice(to))) return false;
  const before =
    /(?:^\s*(?:[a-zß-ɏ]+ ){1,2}last|after(?: about| the first)?|(?<![a-zß-ɏ])a los|(?:^|,)\s*a la|(?<![a-zß-ɏ])at(?: the)?|at the end of|for (?:the )?(?:first|last)|(?:in|during) the (?:first|last)|pasad[oa]s?|despu[eé]s de|al cabo de|los [uú]ltimos|durante los [uú]ltimos|a falta de|cuando (?:falten|queden)|in about)\s*$/i;
  const behind =
    /^\s*(?:before|prior|ahead|earlier|from the end|to go|remaining|into|antes|apart|old|in advance|later)\b/i;
  if (
    /(?:out of|from|de) (?:the |la |el )?(?:fridge|refrigerator|cold|nevera|frigor|refrig)|(?:^|[:;,]\s*)(?:take|get|bring) (?:it |them |(?:the )?[a-zß-ɏ]+ )?out\b|^\s*(?:s[aá]ca|retir[a-zß-ɏ]* de)/i.test(
      text,
    )
  )
    return false;
  if (RESTED.test(text.slice(to)) || AT_ANOTHER_HEAT.test(text.slice(0, from))) return false;
  if (AND_THE_LAST.test(text.slice(0, from)) && AT_HEAT.test(text.slice(to))) return false;
  return before.test(text.slice(0, from)) || behind.test(text.slice(to));
}

/** "At 15 minute intervals". */
const INTERVALS = /^[\s-]*interval/i;

/** "For the last ten minutes, …": the end of what goes on. */
export const AT_THE_LAST =
  /^\s*(?:(?:for|in|during|en|durante) )?(?:the |los |las )?(?:last|final|[uú]ltim[oa]s) /i;

/** "Raise to 230 °C for the last 15 minutes": a stage of its own, so long. */
const AT_ANOTHER_HEAT =
  /(?:to|at|a|hasta) \d{3}\s?(?:°|º|degrees|grados)?\s?[CF]?,?(?: (?:and|y) (?:cook|bake|roast|finish|brown|colou?r|crisp|blast|char|glaze|cuece|hornea|asa|termina|acaba|dora|tuesta|gratina|deja)(?: the [a-zß-ɏ]+| up| off)?(?: uncovered| covered| it| sin tapar)?)? (?:for|during|in|durante)?\s?(?:the|los) (?:last|final|[uú]ltimos)\s*$/i;

/** "2 h at 160 °C and the last 20 min at 220 °C". */
const AND_THE_LAST =
  /\d[^.;]*(?:,|(?<![a-zß-ɏ])(?:and|y))\s+(?:the last|the final|los [uú]ltimos)\s*$/i;
const AT_HEAT = /^\s*(?:at|a)\s+\d{3}/i;

/** "After 15 minutes' rest": so long it rests. */
const RESTED = /^(?:['’]s?|s['’])?\s+(?:of )?rest(?:ing)?(?![a-zß-ɏ])/i;

const RESTS_SO =
  /(?<![a-zß-ɏ])(?:rest|stand|sit|leave|relax|keep|store|chill|refrigerate|repos[a-zß-ɏ]*|descans[a-zß-ɏ]*|guard[a-zß-ɏ]*|conserv[a-zß-ɏ]*)(?![a-zß-ɏ])[^.;\d]{0,40}$/i;
const THEN_EATEN =
  /^\s*(?:before (?:serving|carving|slicing|cutting|eating|you (?:serve|carve|cut|slice|eat))|antes de (?:servir|cortar|trinchar|comer))/i;

/** "After an hour", "for the last ten minutes", "10 minutes into it": a moment of what goes on. */
export function isWithin(text: string, { from, to }: ReadDuration): boolean {
  if (RESTED.test(text.slice(to)) || AT_ANOTHER_HEAT.test(text.slice(0, from))) return false;
  if (INTERVALS.test(text.slice(to))) return false;
  return AT_A_MOMENT.test(text.slice(0, from)) || INTO_IT.test(text.slice(to));
}

const INTO_IT =
  /^\s*(?:into|from the end|to go|remaining|in advance|later|old|apart|before (?:the end|serving|it))/i;

/** What a moment adds, and where it stands. */
interface ReadMomentHere {
  readonly adds: Partial<ReadAct>;
  readonly at: readonly [from: number, to: number];
}

/** Counted from the end of what goes on. */
const FROM_END = /(?<![a-zß-ɏ])(?:last|final|[uú]ltimos|a falta de|cuando (?:falten|queden))\s*$/i;
const TO_THE_END = /^\s*(?:(?:from|before) the end|to go|remaining|left)(?![a-zß-ɏ])/i;
/** Where what is done stands: behind "after an hour, …", or before "… for the last 45 minutes". */
const ONCE_AGAIN = /^\s*(?:and|y) (?:again|otra vez)(?![a-zß-ɏ]).*$/is;
const NO_WORDS = /^[\s,:]+|[\s,:.]+$/gu;

/**
 * What a moment of a sentence adds to what cooks: a thing done so long after it began; or, where
 * nothing said how long that takes, "after half an hour" does.
 */
export function momentOf(
  text: string,
  spans: readonly ReadDuration[],
  hot: ReadAct | undefined,
): ReadMomentHere | undefined {
  const span = spans.find((one) => one.sense === 'length' && isWithin(text, one));
  const minutes = span && (span.likelyMin ?? span.leastMin ?? span.mostMin);
  if (!span || minutes === undefined || !hot) return undefined;
  const [before, behind] = [text.slice(0, span.from), text.slice(span.to)];
  const lasts = hot.likelyMin ?? hot.leastMin ?? hot.mostMin;
  const ofEnd = FROM_END.test(before) || TO_THE_END.test(behind);
  if (lasts === undefined) {
    const adds = { leastMin: minutes, likelyMin: minutes, mostMin: minutes };
    return ofEnd ? undefined : { adds, at: [span.from, span.to] };
  }
  const afterMin = Math.round(ofEnd ? lasts - minutes : minutes);
  const what = (
    behind.replace(TO_THE_END, '').replace(ONCE_AGAIN, '').replace(NO_WORDS, '') ||
    before.replace(AT_A_MOMENT, '')
  ).trim();
  return afterMin > 0 && afterMin < lasts && what !== ''
    ? {
        adds: { moments: [{ afterMin, what: what.charAt(0).toUpperCase() + what.slice(1) }] },
        at: [span.from, span.to],
      }
    : undefined;
}

/**
 * "Roast for 40 minutes, basting after 20": a moment of the step of its own clause, and where it
 * stands; undefined where it is none, or not of that step.
 */
export function momentOfOwn(
  text: string,
  span: ReadDuration,
  { likelyMin = 0 }: ReadAct,
): { readonly moment: ReadMoment; readonly at: readonly [from: number, to: number] } | undefined {
  const afterMin = span.likelyMin ?? 0;
  if (span.sense !== 'length' || !AFTER.test(text.slice(0, span.from))) return undefined;
  const before = text.slice(0, span.from);
  const what = before
    .slice(before.lastIndexOf(',') + 1)
    .replace(AT_A_MOMENT, '')
    .trim();
  if (!before.includes(',') || what === '' || afterMin <= 0 || afterMin >= likelyMin)
    return undefined;
  const moment = { afterMin, what: what.charAt(0).toUpperCase() + what.slice(1) };
  return { moment, at: [span.from, span.to] };
}

const AFTER = /(?<![a-zß-ɏ])(?:after|at(?: the)?|tras|a l[oa]s)\s*$/i;

const AT_A_MOMENT =
  /(?:^\s*(?:[a-zß-ɏ]+ ){1,2}last|after(?: about| the first)?|(?<![a-zß-ɏ])a l[oa]s|(?:^|,)\s*a la|(?<![a-zß-ɏ])at(?: the)?|tras|at the end of|for (?:the )?(?:last|final)|(?:in|during) the (?:first|last|final)|pasad[oa]s?|despu[eé]s de|al cabo de|(?:durante )?los [uú]ltimos|a falta de|cuando (?:falten|queden))\s*$/i;
