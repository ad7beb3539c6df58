import type { RunEvent } from './event.ts';

/** Events in the one order every device folds them in. */
export function inOrder(events: readonly RunEvent[]): RunEvent[] {
  return events.toSorted(
    (a, b) =>
      a.count - b.count || (a.by < b.by ? -1 : a.by > b.by ? 1 : 0) || (a.id < b.id ? -1 : 1),
  );
}

/** Both sets of events, each event once. @returns the first itself where nothing is new */
export function merged(
  mine: readonly RunEvent[],
  theirs: readonly RunEvent[],
): readonly RunEvent[] {
  const known = new Set(mine.map((one) => one.id));
  const fresh = theirs.filter((one) => !known.has(one.id));
  return fresh.length === 0 ? mine : inOrder([...mine, ...fresh]);
}
