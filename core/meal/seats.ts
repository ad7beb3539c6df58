import type { Eaters } from './schema.ts';

/** One place at the table. */
export type Seat = Omit<Eaters, 'count'>;

/** The groups laid out as places, one a head, in order. */
export function seatsOf(eaters: readonly Eaters[]): Seat[] {
  return eaters.flatMap(({ count, ...seat }) => Array.from({ length: count }, () => seat));
}

/** The groups with one more place; it joins the group that eats alike. */
export function withSeat(eaters: readonly Eaters[], seat: Seat): Eaters[] {
  const alike = eaters.findIndex((group) => sameSeat(group, seat));
  if (alike === -1) return [...eaters, { ...seat, count: 1 }];
  return eaters.map((group, i) => (i === alike ? { ...group, count: group.count + 1 } : group));
}

/** The groups without the place at this index of seatsOf. */
export function withoutSeat(eaters: readonly Eaters[], seat: number): Eaters[] {
  let left = seat;
  return eaters.flatMap((group) => {
    const here = left >= 0 && left < group.count;
    left -= group.count;
    if (!here) return [group];
    return group.count === 1 ? [] : [{ ...group, count: group.count - 1 }];
  });
}

function sameSeat(a: Seat, b: Seat): boolean {
  const key = (seat: Seat) => [seat.who, seat.portion, [...seat.avoids].sort().join()].join('|');
  return key(a) === key(b);
}
