import { randomBytes } from 'node:crypto';
import type { RunEvent } from '@zemrin/core';

/** A run as it is shared: its document without what happened, and what happened in the order it came. */
interface SharedRun {
  /** Of this buffer and no other: a place in one that was forgotten means nothing here. */
  readonly key: string;
  readonly document: unknown;
  readonly title: string;
  readonly events: RunEvent[];
  readonly known: Set<string>;
  /** Who listens, and what tells them that it is over. */
  readonly hearers: Map<Hearer, () => void>;
}

/** Hears an event and its place in the buffer, from which hearing can go on later. */
type Hearer = (place: string, event: RunEvent) => void;

/** What a page that follows is offered first. */
export interface SharedRunLine {
  readonly id: string;
  readonly title: string;
  readonly events: number;
}

const MOST_RUNS = 4;
const MOST_EVENTS = 20_000;

/** What did not go: there is no such run, it is full, or its sharing was ended. */
export type Refused = 'unknown' | 'full' | 'ended';

/**
 * The buffer between the devices that cook one meal. It keeps events in the order they came, each
 * once, and tells whoever listens; it knows nothing of what they mean, and forgets all when the
 * server ends.
 */
export class Relay {
  private readonly runs = new Map<string, SharedRun>();
  /** Ended where they are cooked: a device that follows does not put them there again. */
  private readonly ended = new Set<string>();

  /**
   * Shares a run; one that is shared already keeps what happened.
   *
   * @param again whether one whose sharing was ended may be shared once more
   */
  share(id: string, title: string, document: unknown, again = true): Refused | undefined {
    if (again) this.ended.delete(id);
    else if (this.ended.has(id)) return 'ended';
    const here = this.runs.get(id);
    if (!here && this.runs.size >= MOST_RUNS) return 'full';
    const key = randomBytes(4).toString('hex');
    const buffer = here ?? { key, events: [], known: new Set(), hearers: new Map() };
    this.runs.set(id, { ...buffer, document, title });
    return undefined;
  }

  /** Shares it no more, forgets it, and tells whoever listens. */
  end(id: string): void {
    const run = this.runs.get(id);
    if (!run) return;
    this.runs.delete(id);
    this.ended.add(id);
    for (const over of run.hearers.values()) over();
  }

  shared(): SharedRunLine[] {
    return [...this.runs].map(([id, { title, events }]) => ({ id, title, events: events.length }));
  }

  documentOf(id: string): unknown {
    return this.runs.get(id)?.document;
  }

  /** Adds what is new of these. @returns how many were, or why none could be */
  add(id: string, events: readonly RunEvent[]): number | Refused {
    const run = this.runs.get(id);
    if (!run) return 'unknown';
    const fresh = events.filter((event) => !run.known.has(event.id));
    if (run.events.length + fresh.length > MOST_EVENTS) return 'full';
    let added = 0;
    for (const event of fresh) {
      if (run.known.has(event.id)) continue;
      run.known.add(event.id);
      const place = run.events.push(event);
      added++;
      for (const hear of run.hearers.keys()) hear(`${run.key}-${place}`, event);
    }
    return added;
  }

  /**
   * Hears every event of a run after a place, those that are there at once; undefined where there is
   * no such run.
   *
   * @param after the last place heard; of another buffer or none, all of it
   * @param over called once when its sharing is ended
   * @returns what stops it
   */
  hear(
    id: string,
    after: string,
    heard: Hearer,
    over: () => void = () => undefined,
  ): (() => void) | undefined {
    const run = this.runs.get(id);
    if (!run) return undefined;
    const [key, place] = after.split('-');
    const from = key === run.key ? Number(place) || 0 : 0;
    run.events.slice(from).forEach((event, i) => heard(`${run.key}-${from + i + 1}`, event));
    run.hearers.set(heard, over);
    return () => run.hearers.delete(heard);
  }
}
