import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { exactly, type Atom } from './length-atom.ts';
import { numberIn } from './numbers.ts';

const HOUR =
  '(?:1[0-2]|\\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|una|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|once|doce)';
const CLOCK = (name: string) =>
  `(?<${name}>noon|midday|midnight|mediod[ií]a|medianoche|(?:[01]?\\d|2[0-3])[:.][0-5]\\d|${HOUR})(?:\\s?(?<${name}Half>am|pm|a\\.m\\.|p\\.m\\.|o['’]clock(?: in the (?:morning|afternoon|evening))?|in the (?:morning|afternoon|evening)|at night|de la (?:mañana|tarde|noche)))?`;

/** "From noon until six", "from 2 pm to 5 pm"; a bare "from 2 to 3" may be of anything. */
const FROM_TO = new RegExp(
  `(?<![a-zß-ɏ])from ${CLOCK('from')} (?:(?<until>until|till?)|to) ${CLOCK('till')}(?![\\da-zß-ɏ%°]|[.,:]\\d|\\s?(?:min(?:ute)?s?|m|h|hours?|hrs?|days?|cm|mm|g|kg|°|º|degrees|in(?:ch)?)(?![a-zß-ɏ]))`,
  'gi',
);
const DE_A = new RegExp(
  `(?<![a-zß-ɏ])(?:de|desde) (?:el |las? )${CLOCK('from')} (?:a|hasta) (?:el |las? )${CLOCK('till')}(?![\\da-zß-ɏ]|[.,:]\\d)`,
  'gi',
);

const NAMED: ReadonlyArray<readonly [RegExp, number]> = [
  [/^(?:noon|midday|mediod)/i, 12],
  [/^(?:midnight|medianoche)/i, 0],
];
const HALF_DAY_H = 12;
const DAY_H = 24;
const LATE = /^(?:pm|p\.m\.|.*(?:afternoon|evening|tarde))$/i;
const AT_NIGHT = /(?:night|noche)$/i;
/** "Two at night" is after midnight, "ten at night" before it. Our own line, no source. */
const NIGHT_FROM_H = 6;

interface Hour {
  /** Since midnight. */
  readonly at: number;
  /** It is known which half of the day is meant. */
  readonly sure: boolean;
}

/** Undefined for no clock. */
function hourOf(said: string, half = ''): Hour | undefined {
  const named = NAMED.find(([pattern]) => pattern.test(said))?.[1];
  if (named !== undefined) return { at: named, sure: true };
  const [hour, minute = '0'] = /^\d/u.test(said) ? said.split(/[:.]/u) : [said];
  const at = numberIn(hour ?? '') + Number(minute) / MINUTES_PER_HOUR;
  if (!(at >= 0 && at <= DAY_H)) return undefined;
  const sure = at > HALF_DAY_H || (half !== '' && !/clock$/i.test(half));
  if (at > HALF_DAY_H || !sure) return { at, sure };
  const early = at % HALF_DAY_H;
  const late = LATE.test(half) || (AT_NIGHT.test(half) && early >= NIGHT_FROM_H);
  return { at: late ? early + HALF_DAY_H : early, sure };
}

/**
 * Lengths told by two clocks. Where nothing says which half of the day is meant, it is the next time
 * the later clock comes round.
 */
export function clockSpansIn(text: string): Atom[] {
  return [FROM_TO, DE_A].flatMap((one) =>
    [...text.matchAll(one)].flatMap((match): Atom[] => {
      const { from = '', till = '', fromHalf, tillHalf, until } = match.groups ?? {};
      const [begins, ends] = [hourOf(from, fromHalf), hourOf(till, tillHalf)];
      if (!begins || !ends) return [];
      const isClock = until !== undefined || one === DE_A || begins.sure || ends.sure;
      if (!isClock && !/[:.]/u.test(from + till)) return [];
      // "From 8:00 to 22:00": whoever says 22 counts to 24.
      const to24 = Math.max(begins.at, ends.at) > HALF_DAY_H && !fromHalf && !tillHalf;
      const round = to24 || (begins.sure && ends.sure) ? DAY_H : HALF_DAY_H;
      const hours = (((ends.at - begins.at) % round) + round) % round || round;
      return [
        {
          from: match.index,
          to: match.index + match[0].length,
          ...exactly(Math.round(hours * MINUTES_PER_HOUR)),
          night: false,
        },
      ];
    }),
  );
}
