import { MINUTES_PER_DAY } from '../figures/index.ts';
import { spansIn } from './span.ts';

/** "It keeps for two weeks in the fridge", "store in a jar for up to a month". */
const KEEPS =
  /(?<![a-zß-ɏ])(?:keeps?|kept|stores?|lasts?|gu[aá]rda[a-zß-ɏ]*|cons[eé]rva[a-zß-ɏ]*|aguantan?|duran?)(?![a-zß-ɏ])[^.;]{0,60}$/i;
const MONTHS =
  /(?<![a-zß-ɏ])(?:keeps?|stores?|lasts?|gu[aá]rda[a-zß-ɏ]*|cons[eé]rva[a-zß-ɏ]*|aguantan?|duran?)(?![a-zß-ɏ])[^.;]{0,60}?(?<count>\d+|an?|one|two|three|six|un|dos|tres|seis)\s+(?<unit>months?|mes(?:es)?|years?|años?)(?![a-zß-ɏ])/i;
const COUNTS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  un: 1,
  two: 2,
  dos: 2,
  three: 3,
  tres: 3,
  six: 6,
  seis: 6,
};
const DAYS_PER_MONTH = 30;
const FROZEN = /(?<![a-zß-ɏ])(?:freez|frozen|congel)/i;
const MOST_DAYS = 365;

/** How many days a text says that something keeps; undefined where it says nothing. */
export function keptDays(text: string): number | undefined {
  if (FROZEN.test(text)) return undefined;
  const { count, unit } = MONTHS.exec(text)?.groups ?? {};
  if (count !== undefined) {
    const days = /^(?:y|a)/i.test(unit ?? '') ? MOST_DAYS : DAYS_PER_MONTH;
    return Math.min(MOST_DAYS, (COUNTS[count.toLowerCase()] ?? Number(count)) * days);
  }
  const span = spansIn(text).find(({ from }) => KEEPS.test(text.slice(0, from)));
  const minutes = span?.mostMin ?? span?.likelyMin;
  if (minutes === undefined || minutes < MINUTES_PER_DAY) return undefined;
  return Math.min(MOST_DAYS, Math.round(minutes / MINUTES_PER_DAY));
}
