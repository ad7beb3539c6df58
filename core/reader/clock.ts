import { MINUTES_PER_DAY, MINUTES_PER_HOUR } from '../figures/index.ts';

/** When a line of a timetable is. */
export interface Clock {
  /** Since the first line's midnight. */
  readonly atMin: number;
  readonly day: number | undefined;
}

const HALF_DAY_MIN = MINUTES_PER_DAY / 2;
const DAYS: readonly RegExp[] = [
  /^(?:sun|domingo)/i,
  /^(?:mon|lunes)/i,
  /^(?:tue|martes)/i,
  /^(?:wed|mi[eé]rcoles)/i,
  /^(?:thu|jueves)/i,
  /^(?:fri|viernes)/i,
  /^(?:sat|s[aá]bado)/i,
];
const TIME = /(\d{1,2})(?:[.:h](\d{2}))?\s*(am|pm)?/i;

/**
 * The clock a line stands behind, "Sat 7.30pm", after the one above it: none is before that.
 *
 * @returns undefined where it says no time
 */
export function clockAfter(said: string, before: Clock | undefined): Clock | undefined {
  const match = TIME.exec(said);
  if (!match) return undefined;
  const [, hour = '0', minute = '0', half] = match;
  const named = DAYS.findIndex((pattern) => pattern.test(said.trim()));
  const day = named === -1 ? before?.day : named;
  const late = half?.toLowerCase() === 'pm';
  const at =
    (Number(hour) % (half ? 12 : 24)) * MINUTES_PER_HOUR +
    Number(minute) +
    (late ? HALF_DAY_MIN : 0);
  if (!before) return { atMin: at, day };
  const step = half || Number(hour) > 12 ? MINUTES_PER_DAY : HALF_DAY_MIN;
  const days = Math.floor(before.atMin / MINUTES_PER_DAY) + daysOn(before.day, day);
  let atMin = days * MINUTES_PER_DAY + at;
  while (atMin < before.atMin) atMin += step;
  return { atMin, day };
}

function daysOn(from: number | undefined, to: number | undefined): number {
  return from === undefined || to === undefined ? 0 : (to - from + DAYS.length) % DAYS.length;
}
