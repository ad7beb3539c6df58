import type { Context } from './context.ts';
import type { ReadSentence, Seen } from './seen.ts';

/** "If it is tough…", "Keeps three days…": no step of this evening. */
export const CONDITION =
  /^\s*(?:if|unless|should(?! (?:read|reach|register|hit|show|be (?:at )?\d))|(?:(?:it|they|this|these|leftovers|the [a-zß-ɏ]+) )?(?:will )?keeps?(?: for| in| well|\s+(?:\d|[a-zß-ɏ]+ days))|will keep|stores?|holds?(?= (?:well )?(?:for )?(?:up to )?(?:\d+|two|three|four|five|an?) (?:days?|weeks?|months?|wks?))|leftovers|si|se conserva|aguanta)\b/i;

/** "If it is still tough, another half hour": a branch of what cooks; anything else is no step of this evening. */
export function onCondition(
  { text, spans, allLengths, degrees }: Seen,
  { hot }: Context,
): ReadSentence {
  const numbers = allLengths.length + degrees.length;
  const more = spans.find(({ sense }) => sense === 'length');
  const minutes = more && (more.likelyMin ?? more.leastMin ?? more.mostMin);
  if (!hot || !more || minutes === undefined) return { acts: [], understood: false, left: numbers };
  const what = text
    .replace(/^[^,:]*[,:]\s*|^[^,:]*?(?=(?:cook|give|simmer|roast|bake)\s)/u, '')
    .replace(/[.\s]+$/u, '');
  return {
    acts: [],
    adds: { otherwise: { what, minutes: Math.max(1, Math.round(minutes)) } },
    lit: [[more.from, more.to]],
    understood: true,
    left: numbers - 1,
  };
}

/** Not done by then. */
export const NOT_DONE =
  /^\s*(?:if|si)(?![a-zß-ɏ])[^,:]*(?:tough|hard|not (?:yet|done|tender|soft|cooked|quite)|isn['’]t|aren['’]t|needs?|still|resist|raw|pink|dur[oa]s?|no est[aá]n?|todav[ií]a|a[uú]n|cruda?)/i;
