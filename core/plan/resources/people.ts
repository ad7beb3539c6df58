import { placeNamed, type Workplace } from '../../places/index.ts';
import type { Kitchen, Place } from '../../meal/index.ts';
import { blocksOf, stretchesOf, type Block } from '../../time/index.ts';

/** Someone with two hands: the cook first, then the helpers. */
export interface Person {
  /** Left out for the cook. */
  readonly name?: string | undefined;
  /** Where they may be left to work; left out, everywhere. */
  readonly at?: readonly Workplace[] | undefined;
  /** When they are not to be had, in order of time and apart. */
  readonly closed: readonly Block[];
}

/** Who there is between two moments, and when not. */
export function peopleOf(kitchen: Kitchen, zone: string, fromMin: number, toMin: number): Person[] {
  const cook: Person = { closed: joined(blocksOf(kitchen.hours, zone, fromMin, toMin)) };
  const helpers = (kitchen.helpers ?? []).map((helper): Person => {
    const there = joined(stretchesOf(helper, zone, fromMin, toMin));
    const edges = [-1e9, ...there.flatMap((s) => [s.startMin, s.endMin]), 1e9];
    const closed = edges.flatMap((startMin, i): Block[] =>
      i % 2 === 0 ? [{ kind: 'away', startMin, endMin: edges[i + 1] ?? 1e9 }] : [],
    );
    return { name: helper.name, at: helper.at, closed };
  });
  return [cook, ...helpers];
}

/** Stretches in order, those that touch made one. */
function joined<S extends { startMin: number; endMin: number }>(stretches: readonly S[]): S[] {
  const out: S[] = [];
  for (const next of [...stretches].sort((a, b) => a.startMin - b.startMin)) {
    const last = out.at(-1);
    if (!last || next.startMin >= last.endMin) out.push(next);
    else if (next.endMin > last.endMin) {
      // Two reasons at once: the later part keeps its own.
      out.push({ ...next, startMin: last.endMin });
    }
  }
  return out;
}

/** Which kind of work a place is. */
export function workplaceOf(place: Place): Workplace {
  return placeNamed(place.kind).workplace;
}

export function mayWorkAt(person: Person, workplace: Workplace): boolean {
  return !person.at || person.at.includes(workplace);
}

/** Every step asks it of the same people. */
const KNOWN = new WeakMap<readonly Person[], Map<Workplace, readonly Block[]>>();

/** When nobody is there who may work at a place: the cook's own hours less the helpers'. */
export function closedAt(people: readonly Person[], workplace: Workplace): readonly Block[] {
  const known = KNOWN.get(people) ?? new Map<Workplace, readonly Block[]>();
  const closed = known.get(workplace) ?? closedTo(people, workplace);
  KNOWN.set(people, known.set(workplace, closed));
  return closed;
}

function closedTo(people: readonly Person[], workplace: Workplace): readonly Block[] {
  const able = people.filter((person) => mayWorkAt(person, workplace));
  return able.slice(1).reduce<readonly Block[]>(
    (closed, person) =>
      closed.flatMap((block) =>
        person.closed.flatMap((other): Block[] => {
          const startMin = Math.max(block.startMin, other.startMin);
          const endMin = Math.min(block.endMin, other.endMin);
          return startMin < endMin ? [{ ...block, startMin, endMin }] : [];
        }),
      ),
    able[0]?.closed ?? [],
  );
}
