import { Temporal } from 'temporal-polyfill';

/**
 * Local wall-clock time and its zone, at the edges of the planner. Inside, time is whole minutes
 * since 1970-01-01T00:00Z ("epoch minutes"), which know nothing of zones or daylight saving.
 */

/** "2026-11-28T19:00" in an IANA zone → epoch minutes. In a skipped hour, the time just after. */
export function epochMinOf(local: string, zone: string): number {
  return toMin(Temporal.PlainDateTime.from(local).toZonedDateTime(zone));
}

/** Epoch minutes → "2026-11-28T19:00" in the zone. */
export function localOf(epochMin: number, zone: string): string {
  return zoned(epochMin, zone).toPlainDateTime().toString({ smallestUnit: 'minute' });
}

/** Epoch minutes → "2026-11-28T19:00:00+01:00", as other programs want it. */
export function isoOf(epochMin: number, zone: string): string {
  return zoned(epochMin, zone).toString({ timeZoneName: 'never', smallestUnit: 'second' });
}

/**
 * An ISO instant ("…Z" or with offset), or a local time taken in `zone`, → epoch minutes.
 * @throws RangeError when it is neither
 */
export function epochMinOfIso(text: string, zone: string): number {
  const hasOffset = /(?:Z|[+-]\d{2}:?\d{2})(?:\[.*\])?$/i.test(text);
  if (!hasOffset) return epochMinOf(text, zone);
  return Math.floor(Temporal.Instant.from(text).epochMilliseconds / 60_000);
}

/** Whether the zone is one this machine knows. */
export function isZone(zone: string): boolean {
  try {
    Temporal.PlainDateTime.from('2026-01-01T00:00').toZonedDateTime(zone);
    return true;
  } catch {
    return false;
  }
}

/** Whether the text is a real local date and time, "2026-11-28T19:00". */
export function isLocal(local: string): boolean {
  try {
    return (
      /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(local) && Temporal.PlainDateTime.from(local) !== null
    );
  } catch {
    return false;
  }
}

/** The calendar date, weekday (1 Monday … 7 Sunday) and clock of a moment. */
export interface WallClock {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly weekday: number;
  readonly hour: number;
  readonly minute: number;
  /** "2026-11-28", to tell days apart. */
  readonly date: string;
}

export function wallClock(epochMin: number, zone: string): WallClock {
  const at = zoned(epochMin, zone);
  return {
    year: at.year,
    month: at.month,
    day: at.day,
    weekday: at.dayOfWeek,
    hour: at.hour,
    minute: at.minute,
    date: at.toPlainDate().toString(),
  };
}

/** The first moment of the day that lies `days` after the day of `epochMin`. */
export function startOfDay(epochMin: number, zone: string, days = 0): number {
  return toMin(zoned(epochMin, zone).add({ days }).startOfDay());
}

/** Every calendar day from that of `fromMin` to that of `toMin`, with its weekday (1 Monday). */
export function daysOf(
  fromMin: number,
  toMin: number,
  zone: string,
): { date: string; weekday: number }[] {
  const last = zoned(toMin, zone).toPlainDate();
  const days: { date: string; weekday: number }[] = [];
  let day = zoned(fromMin, zone).toPlainDate();
  while (Temporal.PlainDate.compare(day, last) <= 0) {
    days.push({ date: day.toString(), weekday: day.dayOfWeek });
    day = day.add({ days: 1 });
  }
  return days;
}

/** Moves a local time by whole days, keeping the clock: "+7 days" over a change of daylight saving. */
export function addDays(local: string, days: number): string {
  return Temporal.PlainDateTime.from(local).add({ days }).toString({ smallestUnit: 'minute' });
}

/**
 * The next `weekday` (1 Monday … 7 Sunday) at `time` ("19:00") that is at least `leadDays` whole
 * days after the day of `nowMin`.
 */
export function nextWeekday(
  weekday: number,
  time: string,
  leadDays: number,
  nowMin: number,
  zone: string,
): string {
  const from = zoned(nowMin, zone).toPlainDate().add({ days: leadDays });
  const date = from.add({ days: (weekday - from.dayOfWeek + 7) % 7 });
  return date.toPlainDateTime(Temporal.PlainTime.from(time)).toString({ smallestUnit: 'minute' });
}

function zoned(epochMin: number, zone: string): Temporal.ZonedDateTime {
  return Temporal.Instant.fromEpochMilliseconds(epochMin * 60_000).toZonedDateTimeISO(zone);
}

function toMin(at: Temporal.ZonedDateTime): number {
  return Math.floor(at.epochMilliseconds / 60_000);
}
