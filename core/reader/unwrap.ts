import { isAtClock } from './at-clock.ts';
import { NUMBER } from './numbers.ts';

/** A line that a page broke is about as long as the longest. Our own lines, no source. */
const LEAST_LONG = 28;
const FULL_SHARE = 0.72;
const WIDEST = 110;
const NOTES_SHARE = 0.6;
const ENDS = /[.!?:;)”"]\s*$/u;
/** A word that nothing ends on. */
const DANGLES =
  /(?:,|(?<![a-zß-ɏ])(?:the|an?|of|for|at|to|and|or|in|on|with|about|until|from|into|then|minutes? per|de|la|el|los|las|un|una|con|en|y|o|a|al|durante|hasta|unos))$/i;
const NEW_LINE = /^\s*(?:[-*•·▢☐#>]|\d{1,2}\s*[.):]\s)/u;
const BEGINS_SMALL = /^\s*\p{Ll}/u;
const AMOUNT = new RegExp(`^\\s*(?:${NUMBER})\\s*[a-zß-ɏ(/x×½¼¾-]`, 'i');
/** "brine: 3 l water": a line of its own. */
const LEADS = /^\s*[\p{L} '’-]{2,24}:\s/u;
const HYPHEN = /(\p{Ll})[-‐]$/u;
/** What keeps its hyphen: "slow-cooked", "half-way". */
const KEEPS =
  /(?<![a-zß-ɏ])(?:slow|half|skin|fat|bone|deep|stir|pan|pot|oven|low|medium|well|pre|non|self|long|short|semi|bite|two|three|four|five|six|ten|twenty|thirty|forty|fifty)-$/i;

/** A photographed or printed page with its broken lines joined, and its hyphenated words whole. */
export function unwrapped(text: string): string {
  const lines = text.split('\n');
  const widths = lines.map((line) => line.trim().length);
  const width = widths.reduce((most, one) => Math.max(most, one), 0);
  // Lines as long as that are whole: only words are broken in it.
  const begun = lines.filter((line) => line.trim() !== '');
  const isBroken = (line = '') => HYPHEN.test(line.trim()) || DANGLES.test(line.trim());
  const small = begun.filter(
    (line, i) => BEGINS_SMALL.test(line) && !isBroken(begun[i - 1]),
  ).length;
  // Notes without capitals begin every line so.
  const isPrint = width <= WIDEST && small <= begun.length * NOTES_SHARE;
  const joined: string[] = [];
  for (const [i, line] of lines.entries()) {
    const before = joined.at(-1);
    const full = isPrint && (widths[i - 1] ?? 0) >= Math.max(LEAST_LONG, width * FULL_SHARE);
    if (before === undefined || !continues(before, line, full)) {
      joined.push(line);
      continue;
    }
    const hyphen = HYPHEN.test(before) && BEGINS_SMALL.test(line);
    const bare = hyphen && !KEEPS.test(before) ? before.slice(0, -1) : before;
    joined[joined.length - 1] = hyphen
      ? `${bare}${line.trimStart()}`
      : `${bare.trimEnd()} ${line.trimStart()}`;
  }
  return joined.join('\n');
}

function continues(before: string, line: string, full: boolean): boolean {
  const last = before.trim();
  if (last === '' || line.trim() === '' || NEW_LINE.test(line)) return false;
  if (isAtClock(line.trim())) return false;
  if (HYPHEN.test(last) && BEGINS_SMALL.test(line)) return true;
  if (!full || ENDS.test(last)) return false;
  if (DANGLES.test(last)) return true;
  return BEGINS_SMALL.test(line) && !AMOUNT.test(line) && !LEADS.test(line);
}
