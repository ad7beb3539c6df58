import { findUnit } from '../quantity/index.ts';

/** "1.20 down to 170": a line of a timetable. */
export const AT_CLOCK =
  /^(?:(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)(?:day)?,? |(?:lunes|martes|mi[eé]rcoles|jueves|viernes|s[aá]bado|domingo),? )?(?:(?:at|a las) )?(?:(?:[01]?\d|2[0-3])[.:h][0-5]\d(?:\s*(?:am|pm|h))?|(?:1[0-2]|\d)\s?[ap]m)(?![\da-zß-ɏ])\s*[:–—-]?\s+/i;
/** So many lines make a timetable: two are a beginning and an end. */
export const LEAST_TIMED = 3;

/** Whether a line begins with a clock; "1.50 kg of pork" is an amount. */
export function isAtClock(line: string): boolean {
  const behind = AT_CLOCK.exec(line)?.[0];
  return (
    behind !== undefined &&
    findUnit(line.slice(behind.length).split(/\s/)[0] ?? '', 'us') === undefined
  );
}
