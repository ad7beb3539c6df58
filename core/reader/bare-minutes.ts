import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { middle, type Atom } from './length-atom.ts';
import { NUMBER, numberIn } from './numbers.ts';

/** "Another five", "for 15.", "five more", "every six": minutes, where nothing else is said behind. */
const BARE_MINUTES = new RegExp(
  `(?:(?<=(?:another|further|every|each|for another|again for|(?:give|gave) (?:it|them)|(?<!the )rest(?: it| them)?|(?:^|, |and |then |let |let it |let them )(?:stand|sit)|resting(?: it| them)?|(?:^|then |and |, )(?:sweat|chill|cool|simmer|braise|bake|roast|fry|grill|steam|knead|blanch|poach|prove|proof)|(?:flip|turn)(?: it| them)?(?: over)? for|rehogar?|sofre[ií]r?|cocer|release|repos[ae]r?|enfriar|otr[oa]s|cada|lid (?:on|off)(?: for)?|(?:^|, )(?:un)?covered(?: for)?|(?:des)?tapad[oa]s?|espera|aguarda|wait|(?:cool|enfriar|rest|reposar) (?:in|on|en|sobre) (?:its|the|a|su|el|la|una?) [a-zß-ɏ]+)\\s+)(${NUMBER}(?:\\s*(?:[-–]|to|a)\\s*\\d{1,2})?)|(?<=(?:for|durante)\\s+)(${NUMBER})|(${NUMBER})(?=\\s+(?:more|longer|m[aá]s)\\s*(?:until|till?|hasta|[.,;)]|$|(?:at|a) \\d{2,3}|(?:out of|off|without|sin|fuera)(?![a-zß-ɏ]))))(?=\\s*(?:more|longer|m[aá]s|or so)?\\s*(?:[.,;:)]|$|(?:(?:at|a) |@ ?)\\d{2,3}|(?:out of|off|without|until|till?|hasta|sin|fuera)(?![a-zß-ɏ])|(?:before|con|with|y|and then|and (?:shred|slice|serve|carve|pull|cut|(?:pour|turn|stir|bast|drain|chang)[a-zß-ɏ]*)|covered|uncovered|(?:des)?tapad[oa]s?|on (?:the|a)|with (?:the|a|its) lid)(?![a-zß-ɏ])))`,
  'gi',
);
/** Fewer are persons. */
const LEAST_BARE_MIN = 5;

/** "At 190 °C for 2", "por el otro lado 4". */
const BARE_SURELY =
  /(?<=\d{2,3}\s?(?:°|º)?\s?[CF]?,? (?:for|durante) |(?:descanso|reposo) de |a fuego (?:muy )?(?:lento|suave|bajo|medio|fuerte|vivo) |(?:the |el |la )?(?:other side|second side|otro lado|otra cara),? )(\d{1,2})(?:\s*(?:[-–]|to|or|a|o)\s*(\d{1,2}))?(?=\s*(?:[.;)]|,(?!\d)|$))/gi;

/** "15 minutes, 3 without the foil". */
const BARE_BEHIND =
  /(?<=^|[,;]\s|(?:and|then|y|luego)\s|(?:^|y |and )(?:otr[oa]s|another)\s)(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?(?=\s+(?:(?:a|at) \d{2,3}(?!\d)|(?:(?:more|m[aá]s) )?(?:(?:de |of )?(?:reposo|descanso|rest(?:ing)?)(?![a-zß-ɏ])|off the (?:heat|fire|hob)|fuera del fuego|gently|slowly|very gently|hard(?= |[.,;]|$)|without|uncovered|covered|sin (?:tapa|papel|vapor)|destapad|tapad|a fuego)|(?:over|on)(?: an?)? (?:low|high|gentle)))/gi;

/** Numbers that leave their unit out and are minutes by what stands around them. @param timed minutes were said in it before */
export function bareIn(text: string, timed: boolean): Atom[] {
  const behind = [...text.matchAll(BARE_BEHIND), ...text.matchAll(BARE_SURELY)].map(
    ({ index, 0: said, 1: low = '', 2: high = low }) => {
      const [least, most] = [Number(low), Number(high)];
      return {
        from: index,
        to: index + said.length,
        least,
        likely: middle(least, most),
        most,
        night: false,
      };
    },
  );
  return [...behind, ...bareMinutesIn(text, timed)];
}

const LIES_FOR =
  /(?<![a-zß-ɏ])(?:tent|rest|leave|stand|hold|iced?(?: water| bath)?)(?![a-zß-ɏ])[^.;,\d]{0,30}\sfor\s+$/i;
/** "Fry for three minutes, add the sauce and bubble for one." */
const COOKS_FOR =
  /(?<![a-zß-ɏ])(?:bubble|boil|fry|simmer|cook|stir|toast|steam|sear|grill)(?: it| them)? for\s+$/i;

/** @param timed minutes were said in it before */
function bareMinutesIn(text: string, timed: boolean): Atom[] {
  return [...text.matchAll(BARE_MINUTES)].flatMap((match): Atom[] => {
    const before = text.slice(0, match.index);
    // "Tent it for ten", and "a pie for ten".
    const persons = /(?:for|durante)\s+$/i.test(before) && !/^\d{1,2}$/.test(match[0]);
    const cooksFor = timed && COOKS_FOR.test(before);
    if (persons && !LIES_FOR.test(before) && !ON_LOW.test(before) && !cooksFor) return [];
    const [low = '', high = low] = match[0].split(/\s*(?:[-–]|(?<=\d)\s(?:to|a)\s)\s*/);
    const [minutes, most] = [numberIn(low), numberIn(high)];
    const again =
      timed ||
      LIES_FOR.test(before) ||
      /(?:another|further|every|each|again for|(?:give|gave) (?:it|them)|rest(?: it| them)?|stand|sit|resting(?: it| them)?|release|sweat|chill|cool|enfriar|simmer|braise|bake|roast|fry|grill|steam|knead|blanch|poach|prove|proof|repos[ae]r?|otr[oa]s|cada|lid (?:on|off)(?: for)?|covered(?: for)?|tapad[oa]s?|espera|aguarda|wait|(?:cool|enfriar|rest|reposar) (?:in|on|en|sobre) (?:its|the|a|su|el|la|una?) [a-zß-ɏ]+)\s+$/i.test(
        before,
      );
    const behind = text.slice(match.index + match[0].length);
    const more =
      /^\s+(?:more|longer|m[aá]s)/i.test(behind) &&
      /(?:give|turn|flip|cook|fry|grill|dale|vuelta|\s(?:at|a) \d{2,3})/i.test(text);
    const forMore =
      (/(?:^|\s)for\s+$/i.test(before) && /^\s+(?:more|m[aá]s)/i.test(behind)) || cooksFor;
    if (!(minutes >= (more || forMore ? 1 : again ? 2 : LEAST_BARE_MIN) && minutes <= 90))
      return [];
    const at = { from: match.index, to: match.index + match[0].length };
    return [
      { ...at, least: minutes, likely: middle(minutes, most), most, night: false, bare: true },
    ];
  });
}

/** "12 to 18 hours, … a further 8", "high for 1 hour and on low for 5": hours again. */
export function inHours(text: string, one: Atom, before: readonly Atom[]): Atom {
  const last = before.findLast(({ to }) => to <= one.from);
  const fromMin = ON_LOW.test(text.slice(0, one.from)) ? MINUTES_PER_HOUR : LONG_MIN;
  const setting = last === undefined && ON_LOW.test(text.slice(0, one.from)) && one.most >= FEWEST;
  const hours = OF_HOURS.test(text.slice(0, one.from)) && one.most <= FEW;
  const long = setting || hours || (last !== undefined && last.least >= fromMin && one.most <= FEW);
  const { least, likely, most } = one;
  return long ? { ...one, least: least * 60, likely: likely * 60, most: most * 60 } : one;
}

/** "Otras 12": minutes would be "otros". */
const OF_HOURS = /(?<![a-zß-ɏ])otras\s+$/i;
/** A slow cooker's setting. */
const ON_LOW = /(?<![a-zß-ɏ])on (?:the )?low(?: setting)?,? (?:for )?$/i;
/** What lies for hours. */
const LONG_MIN = 360;
const FEW = 12;
const FEWEST = 4;
