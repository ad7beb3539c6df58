import { wallClock, type WallClock } from './zone.ts';

/** How a cook wants a clock written. */
export type ClockStyle = '24h' | '12h';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const LONG_DAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** "19:00" or "7:00 pm". */
export function showClock(at: WallClock, style: ClockStyle): string {
  const minute = String(at.minute).padStart(2, '0');
  if (style === '24h') return `${String(at.hour).padStart(2, '0')}:${minute}`;
  return `${at.hour % 12 === 0 ? 12 : at.hour % 12}:${minute} ${at.hour < 12 ? 'am' : 'pm'}`;
}

/** "19:00" on the serving day, "Fri 17:00" on any other. */
export function showTime(
  epochMin: number,
  zone: string,
  style: ClockStyle,
  servingMin?: number,
): string {
  const at = wallClock(epochMin, zone);
  const clock = showClock(at, style);
  if (servingMin !== undefined && wallClock(servingMin, zone).date === at.date) return clock;
  return `${dayShort(at.weekday)} ${clock}`;
}

/** "Sat", for 1 Monday … 7 Sunday. */
export function dayShort(weekday: number): string {
  return DAYS[weekday - 1] ?? '';
}

/** "Saturday". */
export function dayLong(weekday: number): string {
  return LONG_DAYS[weekday - 1] ?? '';
}

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** "November", for 1 … 12. */
export function monthLong(month: number): string {
  return MONTHS[month - 1] ?? '';
}
