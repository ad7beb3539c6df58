import ICAL from 'ical.js';
import { addDays, epochMinOf, isZone, localOf, wallClock, type Hours } from '../../time/index.ts';

/** One busy stretch of a calendar, with the hours the kitchen would keep free of work. */
export interface Busy {
  readonly what: string;
  readonly startMin: number;
  readonly endMin: number;
  readonly allDay: boolean;
}

/** A calendar that cannot be read, and what to do. */
export class CalendarError extends Error {
  constructor(wrong: string) {
    super(`This is no calendar file: ${wrong}. Export it again as .ics from your calendar.`);
    this.name = 'CalendarError';
  }
}

/** No calendar of anyone's has so many. */
const MOST = 2000;

/**
 * The busy stretches of an iCalendar file within a time: events that repeat, their exceptions,
 * zones, whole days. What is marked as free, or cancelled, is not busy.
 *
 * @throws CalendarError for what is no calendar
 */
export function busyOf(text: string, zone: string, fromMin: number, toMin: number): Busy[] {
  const root = parsed(text);
  for (const one of root.getAllSubcomponents('vtimezone')) {
    ICAL.TimezoneService.register(new ICAL.Timezone(one));
  }
  const components = root.getAllSubcomponents('vevent');
  const exceptions = components.filter((one) => one.hasProperty('recurrence-id'));
  const found: Busy[] = [];
  for (const component of components) {
    if (component.hasProperty('recurrence-id')) continue;
    const event = new ICAL.Event(component);
    for (const exception of exceptions) {
      if (exception.getFirstPropertyValue('uid') === event.uid) event.relateException(exception);
    }
    found.push(...occurrencesOf(event, zone, fromMin, toMin));
  }
  return found.sort((a, b) => a.startMin - b.startMin);
}

function parsed(text: string): ICAL.Component {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as unknown[]);
    if (root.name !== 'vcalendar') throw new Error(`it begins with ${root.name}`);
    return root;
  } catch (error) {
    throw new CalendarError(error instanceof Error ? error.message : 'it cannot be parsed');
  }
}

function isFree(component: ICAL.Component): boolean {
  const value = (name: string) => String(component.getFirstPropertyValue(name) ?? '').toUpperCase();
  return value('transp') === 'TRANSPARENT' || value('status') === 'CANCELLED';
}

function occurrencesOf(event: ICAL.Event, zone: string, fromMin: number, toMin: number): Busy[] {
  if (!event.startDate) return [];
  if (!event.isRecurring()) {
    const one = busyAt(event, event.startDate, event.endDate, zone);
    return one && one.endMin > fromMin && one.startMin < toMin && !isFree(event.component)
      ? [one]
      : [];
  }
  const found: Busy[] = [];
  const iterator = event.iterator();
  for (let n = 0; n < MOST; n++) {
    const next = iterator.next() as ICAL.Time | undefined;
    if (!next) break;
    const { item, startDate, endDate } = event.getOccurrenceDetails(next);
    const one = busyAt(item, startDate, endDate, zone);
    if (!one) continue;
    if (minuteOf(next, zone) >= toMin) break;
    if (one.endMin > fromMin && one.startMin < toMin && !isFree(item.component)) found.push(one);
  }
  return found;
}

function busyAt(
  event: ICAL.Event,
  start: ICAL.Time,
  end: ICAL.Time,
  zone: string,
): Busy | undefined {
  const [startMin, endMin] = [minuteOf(start, zone), minuteOf(end, zone)];
  if (endMin <= startMin) return undefined;
  return { what: event.summary ?? '', startMin, endMin, allDay: start.isDate };
}

/** A moment of the calendar. A zone it names without describing is taken by its name. */
function minuteOf(time: ICAL.Time, zone: string): number {
  const local = `${time.year}-${two(time.month)}-${two(time.day)}T${two(time.hour)}:${two(time.minute)}`;
  if (time.isDate) return epochMinOf(`${local.slice(0, 10)}T00:00`, zone);
  const tzid: string = time.zone?.tzid ?? 'floating';
  if (tzid === 'UTC' || tzid === 'Z') return Math.floor(time.toUnixTime() / 60);
  if (tzid !== 'floating' && isZone(tzid)) return epochMinOf(local, tzid);
  if (tzid !== 'floating') return Math.floor(time.toUnixTime() / 60);
  // It keeps the name of a zone it does not know, though its types do not say so.
  const named = (time as unknown as { timezone?: string }).timezone;
  return epochMinOf(local, named !== undefined && isZone(named) ? named : zone);
}

function two(value: number): string {
  return String(value).padStart(2, '0');
}

/** A busy stretch as away-hours of a kitchen, a piece for each day it touches. */
export function hoursOfBusy({ what, startMin, endMin }: Busy, zone: string): Hours[] {
  const found: Hours[] = [];
  let at = startMin;
  while (at < endMin && found.length < 60) {
    const { date, weekday } = wallClock(at, zone);
    const midnight = epochMinOf(`${nextDate(date)}T00:00`, zone);
    const till = Math.min(endMin, midnight);
    const clock = (min: number) => localOf(min, zone).slice(11, 16);
    found.push({
      kind: 'away',
      from: clock(at),
      to: till === midnight ? '00:00' : clock(till),
      days: [weekday],
      on: date,
      ...(what !== '' && { what }),
    });
    at = till;
  }
  return found;
}

function nextDate(date: string): string {
  return addDays(`${date}T00:00`, 1).slice(0, 10);
}
