import { standing, type Run } from '../run/index.ts';
import { dayLong, monthLong, wallClock } from '../time/index.ts';

/** The day a supper was served, or begun where it never was: "Saturday 14 November 2026". */
export function dayOfRun({ events, meal, startedMin }: Run): string {
  const served = standing(events).findLast(({ did }) => did === 'served');
  const at = Math.floor(served?.atMin ?? startedMin);
  const { weekday, day, month, year } = wallClock(at, meal.serving.zone);
  return `${dayLong(weekday)} ${day} ${monthLong(month)} ${year}`;
}
