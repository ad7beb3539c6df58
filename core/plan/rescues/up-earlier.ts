import { addDays, epochMinOf, showClock, startOfDay, wallClock } from '../../time/index.ts';
import type { Kitchen, Meal } from '../../meal/index.ts';
import type { Plan } from '../planned.ts';
import type { RescueCandidate } from './candidate.ts';

/** So much earlier one gets up, minutes. Our own steps, no source. */
const EARLIER_MIN = [30, 60, 90, 120, 180] as const;
/** Nobody is asked to get up sooner after midnight. Our own line, no source. */
const EARLIEST_MIN = 240;
/** And one more for each half hour: about what another hour at the table asks of everybody. */
const PRICE = 5;

type Hours = Kitchen['hours'][number];

/**
 * Getting up earlier on the day of the table, the latest first; nothing where nobody sleeps into it.
 * That one night has a sleep of its own; the week stays as it is, for this meal and the next.
 */
export function upEarlier(meal: Meal, made: Plan): RescueCandidate[] {
  const { zone, servingMin } = made;
  const { weekday, date } = wallClock(servingMin, zone);
  const { hours } = meal.kitchen;
  const usual = hours.find((one) => startOn(one, weekday) !== undefined);
  if (!usual) return [];
  const begins = startOn(usual, weekday) ?? weekday;
  const on = begins === weekday ? date : addDays(`${date}T12:00`, -1).slice(0, date.length);
  const own = hours.find((one) => one.kind === 'asleep' && one.on === on);
  const sleep = own ?? usual;
  const wakes = epochMinOf(`${date}T${sleep.to}`, zone);
  const earliest = startOfDay(servingMin, zone) + EARLIEST_MIN;
  return EARLIER_MIN.filter((earlier) => wakes - earlier >= earliest).map((earlier) => {
    const at = wakes - earlier;
    const to = showClock(wallClock(at, zone), '24h');
    const short: Hours = { ...sleep, to, days: [begins], on };
    return {
      price: PRICE + earlier / 30,
      text: { key: 'rescue.upEarlier', values: { at: { at } } },
      servingMin,
      changes: [{ do: 'setHours', hours: [...hours.filter((one) => one !== own), short] }],
    };
  });
}

/** The weekday on which a sleep begins that ends on this one; undefined where it does not. */
function startOn({ kind, from, to, days, on }: Hours, weekday: number): number | undefined {
  if (kind !== 'asleep' || on !== undefined) return undefined;
  const before = weekday === 1 ? 7 : weekday - 1;
  const begins = to < from ? before : weekday;
  return days.includes(begins) && to < NOON ? begins : undefined;
}

const NOON = '12:00';
