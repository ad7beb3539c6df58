import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { exactly, middle, type Atom } from './length-atom.ts';
import { NUMBER, numberIn } from './numbers.ts';

/** "then 10–15": minutes again, when minutes were said before. */
const AGAIN =
  /(?:(?<=(?:shak|turn|stir|bast|flip|rotat|spritz|mop|vuelta)[a-zß-ɏ]*[^.;,\d]{0,24} )(?:at|a l[oa]s)|then|another|(?<![a-zß-ɏ])give (?:it|them)|after|tras|up to|no (?:longer|more) than|not (?:(?:longer|more) than|above|beyond|over)|at most|max(?:imum|\.)?|better|ideally|preferably|luego|despu[eé]s|hasta|mejor|idealmente|no m[aá]s de|m[aá]ximo)\s+(?!\d+\s*°)(\d+)(?:\s*[-–—]\s*(\d+))?(?=\s*(?:[.,;)]|$|or (?:it|they)(?![a-zß-ɏ])))/gi;

/** "An hour at room temperature and two in the fridge". */
const HOURS_MORE =
  /(?<=(?:hours?|horas?)(?![a-zß-ɏ])[^.;\d]{0,40} (?:and|y|then|luego) (?:another |otr[oa]s )?)(?:two|three|four|six|eight|dos|tres|cuatro|seis|ocho|\d{1,2})(?= (?:in|en) (?:the |la |el )?(?:fridge|refrigerator|cold|oven|nevera|frigor[ií]fico|horno))/gi;

/** "Five hours bare, two in paper, one more bare": hours, each a stage. */
const HOURS_EACH = new RegExp(
  `(?<=(?:hours?|horas?|\\dh)(?![a-zß-ɏ])[^.;]{0,40}(?:,|,? and|,? then| y) )(${NUMBER})(?= (?:more )?(?:wrapped|unwrapped|bare|covered|uncovered|in (?:foil|paper|the foil|butcher)|envuelt|desenvuelt|sin envolver|en papel))`,
  'gi',
);

/** "Glaze the onions 15 minutes and fry the mushrooms 6." */
const ELLIPSIS =
  /(?<=(?:min[a-zß-ɏ]*|mins?)[^.;\d]{0,40}(?:,|\sand|\sy)\s+[a-zß-ɏ]+ (?:the |los |las |el |la )[a-zß-ɏ]+ )(\d{1,2})(?=\s*(?:[.;)]|$))/gi;

/** "Beat for 5 minutes, rest 30 in the cold." */
const RESTS_SO =
  /(?<=(?:min[a-zß-ɏ]*|mins?)[^.;\d]{0,40}(?:,|\sand|\sy|\sthen)\s+(?:[a-zß-ɏ]+ )?(?:repos[a-zß-ɏ]*|dej(?:a|ar|amos)|rest|leave|chill|stand|cool|enfr[a-zß-ɏ]*)\s)(\d{1,3})(?=\s+(?:en|in|on|at|a)\s+(?!\d))/gi;

/** "At least 6 and at most 24 hours": of the unit that comes later. */
const UNIT_LATER =
  /(?<=(?:at least|min(?:imum)?|no less than|como m[ií]nimo|al menos|m[ií]nimo(?: de)?) )(\d{1,2})(?=,? (?:and |but |y |pero )?(?:at most|at the most|no(?:t)? more than|up to|como m[aá]ximo|m[aá]ximo(?: de)?|no m[aá]s de) \d)/gi;

/** "Turning it down after the first 20", "uncovered for the last ten": a moment of what lasts. */
const PART_OF = new RegExp(
  `(?<=(?:after|for|in|during) (?:the )?(?:first|last|final) )(${NUMBER})(?=\\s*(?:[.,;)]|$|or (?:it|they)(?![a-zß-ɏ])))`,
  'gi',
);
/** Fewer are turns, or hours of nobody knows what. Our own line, no source. */
const LEAST_PART_MIN = 5;
const AFTER = /^(?:after|tras)(?![a-zß-ɏ])/i;

/** Numbers without a unit that are lengths by what was said before: of its unit, or a moment of it. */
export function inUnitBefore(text: string, before: readonly Atom[]): Atom[] {
  const parts = [...text.matchAll(PART_OF)].flatMap(({ index: from, 0: said }) => {
    const to = from + said.length;
    const each = partOf(numberIn(said), from, before);
    // "For the first two", of nobody knows what.
    if (each === 1 && numberIn(said) < LEAST_PART_MIN && !/\d/.test(said)) return [];
    return {
      from,
      to,
      ...exactly(numberIn(said) * each),
      night: false,
    };
  });
  const hours = [HOURS_MORE, HOURS_EACH]
    .flatMap((one) => [...text.matchAll(one)])
    .map(({ index: from, 0: said }) => {
      const to = from + said.length;
      return { from, to, ...exactly(numberIn(said) * MINUTES_PER_HOUR), night: false };
    });
  const again = [AGAIN, ELLIPSIS, RESTS_SO]
    .flatMap((one) => [...text.matchAll(one)])
    .map((match) => {
      const [whole, low = '', high = low] = match;
      const last = before.findLast(({ to }) => to <= match.index);
      // As long as what was said before: 24 after "2 hours" is hours.
      const inHours = last !== undefined && last.least % 60 === 0 && last.least >= 60;
      const each = AFTER.test(whole)
        ? partOf(numberIn(low), match.index, before)
        : inHours
          ? MINUTES_PER_HOUR
          : 1;
      const [least, most] = [numberIn(low) * each, numberIn(high) * each];
      const from = match.index + whole.search(/\d/);
      const to = match.index + whole.length;
      return { from, to, least, likely: middle(least, most), most, night: false };
    });
  return [...hours, ...parts, ...again];
}

/** A moment lies within what was said to last: hours only where so many of them have room in it. */
function partOf(number: number, at: number, before: readonly Atom[]): number {
  const last = before.findLast(({ to }) => to <= at)?.least ?? 0;
  const inHours = last % MINUTES_PER_HOUR === 0 && number * MINUTES_PER_HOUR < last;
  return inHours ? MINUTES_PER_HOUR : 1;
}

/** Numbers that leave their unit to the length behind them: "at least 6 and at most 24 hours". */
export function inUnitLater(text: string, all: readonly Atom[]): Atom[] {
  return [...text.matchAll(UNIT_LATER)].flatMap(({ index: from, 0: said }) => {
    const next = all.find((one) => one.from > from);
    const number = next && numberIn(/\d+/.exec(text.slice(next.from, next.to))?.[0] ?? '');
    const each = next && number ? next.least / number : NaN;
    const to = from + said.length;
    return each > 0 ? [{ from, to, ...exactly(numberIn(said) * each), night: false }] : [];
  });
}
