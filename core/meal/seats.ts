import type { Eaters } from './schema.ts';

/** One place at the table. */
export type Seat = Omit<Eaters, 'count'>;

/** The groups laid out as places, one a head, in order. */
export function seatsOf(eaters: readonly Eaters[]): Seat[] {
  return eaters.flatMap(({ count, ...seat }) => Array.from({ length: count }, () => seat));
}

/** Places as groups: neighbours who eat alike are one. Every place keeps its number. */
export function groupsOf(seats: readonly Seat[]): Eaters[] {
  const groups: Eaters[] = [];
  for (const seat of seats) {
    const last = groups.at(-1);
    if (last && alike(last, seat)) groups[groups.length - 1] = { ...last, count: last.count + 1 };
    else groups.push({ ...seat, count: 1 });
  }
  return groups;
}

function alike(a: Seat, b: Seat): boolean {
  const key = (seat: Seat) =>
    [seat.who, seat.portion, seat.frail ?? false, [...seat.avoids].sort().join()].join('|');
  return key(a) === key(b);
}
