import type { ReadDuration } from './span.ts';

/** "30 minutes before serving", "after an hour": a moment, and no length. */
export function isMoment(text: string, { from, to }: ReadDuration): boolean {
  const rests =
    /(?:for|rest|stand|sit|cool|repos\p{L}*|descans\p{L}*|durante|it|them)(?: for)?(?: about)?\s*$/iu;
  if (rests.test(text.slice(0, from))) return false;
  const before =
    /(?:after(?: about)?|at the end of|for the (?:first|last)|(?:in|during) the (?:first|last)|pasad[oa]s?|despu[eé]s de|al cabo de|los [uú]ltimos|durante los [uú]ltimos|in about)\s*$/iu;
  const behind =
    /^\s*(?:before|prior|ahead|earlier|from the end|into|antes|apart|old|in advance|later)\b/iu;
  if (
    /(?:out of|from|de) (?:the |la |el )?(?:fridge|refrigerator|cold|nevera|frigor|refrig)|(?:^|[:;,]\s*)(?:take|get|bring) (?:it |them |(?:the )?\p{L}+ )?out\b|^\s*s[aá]ca/iu.test(
      text,
    )
  )
    return false;
  return before.test(text.slice(0, from)) || behind.test(text.slice(to));
}
